import type { ReactElement } from 'react';
import type { Schemas } from '../../api/client';
import { asDay } from '../../parts/time';
import { Bars, Scattered } from './charts';
import type { Cell } from './figuresTable';

type Shown = Schemas['PicturesView'];

/** A picture: what it is called and says, its figures as a table, and how it is drawn. */
export type Picture = {
  name: string;
  says: string;
  head: string[];
  rows: Cell[][];
  draw: () => ReactElement;
};

const hours = (minutes: number) => Math.round(minutes / 6) / 10;

/** What is told is off by, by the handbook and now. */
function off({ paces }: Shown): string {
  const share = (error: number | null) => `${Math.round(100 * (error ?? 0))} %`;
  const told = paces
    .filter((one) => one.handbookError !== null)
    .map((one) => `${one.station} ${share(one.handbookError)} and ${share(one.learnedError)}`);
  return told.length === 0 ? '' : ` The handbook and what is told now are off by: ${told.join(', ')}.`;
}

/** What is left of the price, and what it cost: one bar for each kind, the best first. */
function margin(pictures: Shown, by: 'object' | 'face' | 'film', names: (by: string, of: string) => string): Picture {
  const of = pictures.margins
    .filter((one) => one.by === by)
    .map((one) => ({
      ...one,
      name: names(by, one.of),
      spent: one.cost.minor / 100,
      kept: Math.max(0, one.left.minor) / 100,
    }));
  return {
    name: `What is left, by ${BY[by]}`,
    says: 'Orders that are made, of the last 90 days: hatched what they cost, black what is left of the price without its tax.',
    head: [BY[by] ?? by, 'Orders', 'Price', 'Cost', 'Left', 'Left, %'],
    rows: of.map((one) => [one.name, one.orders, one.price.text, one.cost.text, one.left.text, one.share]),
    draw: () => (
      <Bars
        rows={of.slice(0, 8).map(({ name, spent, kept }) => ({ name, values: [spent, kept] }))}
        fills={['hatch', 'ink']}
      />
    ),
  };
}

const BY = { object: 'kind of object', face: 'face', film: 'film' };

/** All pictures, in their order. */
export function allPictures(pictures: Shown, names: (by: string, of: string) => string): Picture[] {
  const load = pictures.load.map((one) => ({
    day: asDay(one.date),
    planned: hours(one.planned),
    free: hours(Math.max(0, one.open - one.planned)),
    open: hours(one.open),
  }));
  const delivered = pictures.delivered.map((one) => ({
    ...one,
    name: one.days < 0 ? `${-one.days} late` : `${one.days}`,
  }));
  const film = Object.values(
    pictures.film.reduce<Record<string, { week: string; used: number; back: number }>>((weeks, one) => {
      const week = weeks[one.week] ?? { week: asDay(one.week), used: 0, back: 0 };
      weeks[one.week] = { ...week, used: week.used + one.off - one.back, back: week.back + one.back };
      return weeks;
    }, {}),
  );
  const recuts = pictures.recuts.map((one) => ({ ...one, text: one.cost.text, cost: one.cost.minor / 100 }));
  return [
    {
      name: 'Load of the days to come',
      says: 'Hours of hands that are planned, of those there are.',
      head: ['Day', 'Planned, h', 'There are, h'],
      rows: load.map((one) => [one.day, one.planned, one.open]),
      draw: () => (
        <Bars
          rows={load.map(({ day, planned, free }) => ({ name: day, values: [planned, free] }))}
          fills={['ink', 'hatch']}
        />
      ),
    },
    {
      name: 'Film by the week',
      says: 'm² cut up, and m² that came back onto the shelf as offcuts.',
      head: ['Week from', 'Film', 'Off the shelf, m²', 'Back on it, m²'],
      rows: pictures.film.map((one) => [asDay(one.week), one.film, one.off, one.back]),
      draw: () => (
        <Bars
          rows={film.map(({ week, used, back }) => ({ name: week, values: [used, back] }))}
          fills={['ink', 'hatch']}
        />
      ),
    },
    {
      name: 'Cut again, and what it cost',
      says: 'Film and minutes lost with pieces that were spoiled in the last 90 days, the dearest reason first; the line is their share so far, of a hundred.',
      head: ['Reason', 'Pieces', 'Cost', 'So far, %'],
      rows: recuts.map((one) => [one.reason, one.count, one.text, one.soFar]),
      draw: () => (
        <Bars
          rows={recuts.map(({ reason, cost }) => ({ name: reason, values: [cost] }))}
          fills={['ink']}
          share={recuts.map(({ soFar }) => soFar)}
        />
      ),
    },
    {
      name: 'Promised against delivered',
      says: 'Orders by how many days before they were used they were handed over.',
      head: ['Days before', 'Orders'],
      rows: delivered.map((one) => [one.name, one.count]),
      draw: () => <Bars rows={delivered.map(({ name, count }) => ({ name, values: [count] }))} fills={['ink']} whole />,
    },
    {
      name: 'Told against real minutes',
      says: `Each piece of work that was timed: across what the handbook tells, up what it took. On the line both are one.${off(pictures)}`,
      head: ['Station', 'Told, min', 'Took, min'],
      rows: pictures.minutes.map((one) => [one.station, one.told, one.took]),
      draw: () => <Scattered points={pictures.minutes} />,
    },
    ...(['object', 'face', 'film'] as const).map((by) => margin(pictures, by, names)),
    {
      name: 'What the shelf is worth',
      says: 'Film by what it was bought for, and since when the oldest of it lies there.',
      head: ['Film', 'm²', 'Worth', 'Since'],
      rows: pictures.shelf.map((one) => [one.film, one.area, one.worth.text, one.since ? asDay(one.since) : '']),
      draw: () => (
        <Bars
          rows={pictures.shelf.slice(0, 10).map((one) => ({ name: one.film, values: [one.worth.minor / 100] }))}
          fills={['ink']}
        />
      ),
    },
  ];
}

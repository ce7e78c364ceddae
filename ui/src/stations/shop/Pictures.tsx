import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import {
  Bar,
  BarChart,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  XAxis,
  YAxis,
} from 'recharts';
import { api, ask, type Schemas } from '../../api/client';
import { RECORD } from '../../api/keys';
import { me } from '../../api/queries';
import { labelOf, useVocabulary } from '../../api/vocabulary';
import { Ready, Scroll } from '../../parts/basics';
import { asDay } from '../../parts/time';

type Shown = Schemas['PicturesView'];
type Cell = string | number;

/** Asked again as long as something of the answer is still being reckoned: each answer says so of itself. */
const untilReckoned = ({ state }: { state: { data?: { reckoning: number } | undefined } }) =>
  (state.data?.reckoning ?? 0) > 0 ? 3000 : false;

/**
 * Pictures of the shop, in the manner of its drawings: ink, hairlines and hatching, each with its figures as a table and a
 * file.
 */
export function Pictures() {
  const query = useQuery({
    queryKey: [RECORD, 'pictures'],
    queryFn: () => ask(api.GET('/api/pictures')),
    refetchInterval: untilReckoned,
  });
  const words = useVocabulary();
  const names = (by: string, of: string) =>
    ({
      face: words.faces.find((face) => face.slug === of)?.name,
      object: words.kinds.find((kind) => kind.kind === of)?.label,
      film: labelOf(words.grades, of),
    })[by] ?? of;
  return (
    <Ready query={query} what="the pictures">
      {(pictures) => (
        <Scroll label="Pictures" className="h-full bg-paper px-8 py-5">
          <h2 className="title mb-3">Pictures of the shop</h2>
          <p role="status" className="mb-3 text-ink2">
            {pictures.reckoning > 0 && `What ${pictures.reckoning} orders cost is still being reckoned.`}
          </p>
          <div className="grid grid-cols-2 gap-x-10 gap-y-8 max-lg:grid-cols-1">
            {all(pictures, names).map((one) => (
              <Picture key={one.name} {...one} />
            ))}
          </div>
          <PriceTest />
        </Scroll>
      )}
    </Ready>
  );
}

type One = {
  name: string;
  says: string;
  head: string[];
  rows: Cell[][];
  draw: () => ReactElement;
};

const INK = 'var(--color-ink)';
const hours = (minutes: number) => Math.round(minutes / 6) / 10;
const axis = { stroke: INK, tick: { fill: 'var(--color-ink2)', fontSize: 12 }, tickLine: false } as const;

/** What is told is off by, by the handbook and now. */
function off({ paces }: Shown): string {
  const share = (error: number | null) => `${Math.round(100 * (error ?? 0))} %`;
  const told = paces
    .filter((one) => one.handbookError !== null)
    .map((one) => `${one.station} ${share(one.handbookError)} and ${share(one.learnedError)}`);
  return told.length === 0 ? '' : ` The handbook and what is told now are off by: ${told.join(', ')}.`;
}

/** What is left of the price, and what it cost: one bar for each kind, the best first. */
function margin(pictures: Shown, by: 'object' | 'face' | 'film', names: (by: string, of: string) => string): One {
  const of = pictures.margins
    .filter((one) => one.by === by)
    .map((one) => ({
      ...one,
      name: names(by, one.of),
      spent: one.cost.minor / 100,
      kept: Math.max(0, one.left.minor) / 100,
      share: one.price.minor > 0 ? Math.round((100 * one.left.minor) / one.price.minor) : 0,
    }));
  return {
    name: `What is left, by ${BY[by]}`,
    says: 'Orders that are made, of the last 90 days: hatched what they cost, black what is left of the price without its tax.',
    head: [BY[by] ?? by, 'Orders', 'Price', 'Cost', 'Left', 'Left, %'],
    rows: of.map((one) => [one.name, one.orders, one.price.text, one.cost.text, one.left.text, one.share]),
    draw: () => (
      <Bars data={of.slice(0, 8)} x="name">
        <Bar
          maxBarSize={72}
          dataKey="spent"
          stackId="a"
          fill="url(#bars)"
          stroke={INK}
          strokeWidth={0.8}
          isAnimationActive={false}
        />
        <Bar maxBarSize={72} dataKey="kept" stackId="a" fill={INK} isAnimationActive={false} />
      </Bars>
    ),
  };
}

const BY = { object: 'kind of object', face: 'face', film: 'film' };

function all(pictures: Shown, names: (by: string, of: string) => string): One[] {
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
  const lost = pictures.recuts.reduce((sum, one) => sum + one.cost.minor, 0);
  let soFar = 0;
  const recuts = pictures.recuts.map((one) => {
    soFar += one.cost.minor;
    return {
      reason: one.reason,
      count: one.count,
      text: one.cost.text,
      cost: one.cost.minor / 100,
      soFar: lost > 0 ? Math.round((100 * soFar) / lost) : 0,
    };
  });
  const told = Math.ceil(Math.max(1, ...pictures.minutes.map((one) => one.told)));
  const took = Math.ceil(Math.max(told, ...pictures.minutes.map((one) => one.took)));
  return [
    {
      name: 'Load of the days to come',
      says: 'Hours of hands that are planned, of those there are.',
      head: ['Day', 'Planned, h', 'There are, h'],
      rows: load.map((one) => [one.day, one.planned, one.open]),
      draw: () => (
        <Bars data={load} x="day">
          <Bar maxBarSize={72} dataKey="planned" stackId="a" fill={INK} isAnimationActive={false} />
          <Bar
            maxBarSize={72}
            dataKey="free"
            stackId="a"
            fill="url(#bars)"
            stroke={INK}
            strokeWidth={0.8}
            isAnimationActive={false}
          />
        </Bars>
      ),
    },
    {
      name: 'Film by the week',
      says: 'm² cut up, and m² that came back onto the shelf as offcuts.',
      head: ['Week from', 'Film', 'Off the shelf, m²', 'Back on it, m²'],
      rows: pictures.film.map((one) => [asDay(one.week), one.film, one.off, one.back]),
      draw: () => (
        <Bars data={film} x="week">
          <Bar maxBarSize={72} dataKey="used" stackId="a" fill={INK} isAnimationActive={false} />
          <Bar
            maxBarSize={72}
            dataKey="back"
            stackId="a"
            fill="url(#bars)"
            stroke={INK}
            strokeWidth={0.8}
            isAnimationActive={false}
          />
        </Bars>
      ),
    },
    {
      name: 'Cut again, and what it cost',
      says: 'Film and minutes lost with pieces that were spoiled in the last 90 days, the dearest reason first; the line is their share so far, of a hundred.',
      head: ['Reason', 'Pieces', 'Cost', 'So far, %'],
      rows: recuts.map((one) => [one.reason, one.count, one.text, one.soFar]),
      draw: () => (
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            accessibilityLayer={false}
            data={recuts}
            margin={{ top: 8, right: -12, bottom: 4, left: -12 }}
            barCategoryGap="30%"
          >
            <CartesianGrid stroke="var(--color-rule)" strokeWidth={0.6} vertical={false} />
            <XAxis dataKey="reason" {...axis} interval="preserveStartEnd" />
            <YAxis yAxisId="cost" {...axis} />
            <YAxis yAxisId="share" orientation="right" domain={[0, 100]} {...axis} />
            <Bar yAxisId="cost" dataKey="cost" fill={INK} isAnimationActive={false} maxBarSize={64} />
            <Line yAxisId="share" dataKey="soFar" stroke={INK} dot={{ fill: 'none', r: 3 }} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      ),
    },
    {
      name: 'Promised against delivered',
      says: 'Orders by how many days before they were used they were handed over.',
      head: ['Days before', 'Orders'],
      rows: delivered.map((one) => [one.name, one.count]),
      draw: () => (
        <Bars data={delivered} x="name" whole>
          <Bar maxBarSize={72} dataKey="count" fill={INK} isAnimationActive={false} />
        </Bars>
      ),
    },
    {
      name: 'Told against real minutes',
      says: `Each piece of work that was timed: across what the handbook tells, up what it took. On the line both are one.${off(pictures)}`,
      head: ['Station', 'Told, min', 'Took, min'],
      rows: pictures.minutes.map((one) => [one.station, one.told, one.took]),
      draw: () => (
        <ResponsiveContainer width="100%" height="100%">
          <ScatterChart accessibilityLayer={false} margin={{ top: 8, right: 12, bottom: 4, left: -12 }}>
            <CartesianGrid stroke="var(--color-rule)" strokeWidth={0.6} vertical={false} />
            <XAxis type="number" dataKey="told" domain={[0, told]} {...axis} />
            <YAxis type="number" dataKey="took" domain={[0, took]} {...axis} />
            <ReferenceLine
              segment={[
                { x: 0, y: 0 },
                { x: told, y: told },
              ]}
              stroke={INK}
              strokeDasharray="12 4 3 4"
            />
            <Scatter data={pictures.minutes} fill="none" stroke={INK} isAnimationActive={false} />
          </ScatterChart>
        </ResponsiveContainer>
      ),
    },
    ...(['object', 'face', 'film'] as const).map((by) => margin(pictures, by, names)),
    {
      name: 'What the shelf is worth',
      says: 'Film by what it was bought for, and since when the oldest of it lies there.',
      head: ['Film', 'm²', 'Worth', 'Since'],
      rows: pictures.shelf.map((one) => [one.film, one.area, one.worth.text, one.since ? asDay(one.since) : '']),
      draw: () => (
        <Bars
          data={pictures.shelf.slice(0, 10).map((one) => ({ film: one.film, worth: one.worth.minor / 100 }))}
          x="film"
        >
          <Bar maxBarSize={72} dataKey="worth" fill={INK} isAnimationActive={false} />
        </Bars>
      ),
    },
  ];
}

function Bars({
  data,
  x,
  whole = false,
  children,
}: {
  data: object[];
  x: string;
  whole?: boolean;
  children: React.ReactNode;
}) {
  return (
    <ResponsiveContainer width="100%" height="100%">
      <BarChart
        accessibilityLayer={false}
        data={data}
        margin={{ top: 8, right: 4, bottom: 4, left: -12 }}
        barCategoryGap="30%"
      >
        <defs>
          <pattern id="bars" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V5" stroke={INK} strokeWidth="1" />
          </pattern>
        </defs>
        <CartesianGrid stroke="var(--color-rule)" strokeWidth={0.6} vertical={false} />
        <XAxis dataKey={x} {...axis} interval="preserveStartEnd" />
        <YAxis allowDecimals={!whole} {...axis} />
        {children}
      </BarChart>
    </ResponsiveContainer>
  );
}

function Picture({ name, says, head, rows, draw }: One) {
  return (
    <section aria-label={name} className="min-w-0">
      <h3 className="text-lg font-semibold">{name}</h3>
      <p className="text-note text-ink2">{says}</p>
      {rows.length === 0 ? (
        <p className="mt-4">Nothing of it has happened yet.</p>
      ) : (
        <>
          <div className="mt-2 h-52" aria-hidden="true">
            {draw()}
          </div>
          <details className="mt-1">
            <summary className="cursor-pointer text-note underline">The figures</summary>
            <Table head={head} rows={rows} />
          </details>
          <Csv name={name} head={head} rows={rows} />
        </>
      )}
    </section>
  );
}

/** A number, or an amount of money. */
const isFigure = (cell: Cell) => typeof cell === 'number' || /^-?\D?[\d.,]+$/.test(cell);

function Table({ head, rows }: { head: string[]; rows: Cell[][] }) {
  return (
    <table className="mt-1 w-full text-note">
      <thead>
        <tr className="border-b border-ink text-left">
          {head.map((one, at) => (
            <th
              key={one}
              scope="col"
              className={`py-1 pr-3 font-semibold ${rows.every((row) => isFigure(row[at] ?? '')) ? 'text-right' : ''}`}
            >
              {one}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, nth) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows may be alike; their place tells them apart
          <tr key={nth} className="border-b border-rule">
            {row.map((cell, at) => (
              <td key={head[at]} className={`py-0.5 pr-3 ${isFigure(cell) ? 'text-right' : ''}`}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Csv({ name, head, rows }: { name: string; head: string[]; rows: Cell[][] }) {
  return (
    <a
      className="text-note underline"
      download={`${name.toLowerCase().replaceAll(/[^a-z]+/g, '-')}.csv`}
      href={csv(head, rows)}
    >
      As CSV
    </a>
  );
}

const WAYS = ['letters', 'area', 'minutes'] as const;

/** What if it were charged by the height of letters, by area, by minutes? For the owner. */
function PriceTest() {
  const isOwner = useQuery(me).data?.role === 'owner';
  const { data } = useQuery({
    queryKey: [RECORD, 'price-test'],
    queryFn: () => ask(api.GET('/api/price-test')),
    refetchInterval: untilReckoned,
    enabled: isOwner,
  });
  if (!data) {
    return null;
  }
  const head = ['Order', 'Customer', 'Paid', 'By letter height', 'By area', 'By minutes', 'Would have paid more'];
  const rows = data.orders.map((one): Cell[] => {
    const more = WAYS.filter((way) => one[way].minor > one.paid.minor * 1.1);
    return [
      one.tag,
      one.who,
      one.paid.text,
      one.letters.text,
      one.area.text,
      one.minutes.text,
      more.map(called).join(', '),
    ];
  });
  const name = 'What if it were charged another way?';
  return (
    <section aria-label={name} className="mt-10 max-w-5xl">
      <h3 className="text-lg font-semibold">{name}</h3>
      <p className="text-note text-ink2">
        The orders of the last {data.days} days, {data.total.text} without tax, at the rate that would have brought the
        same in all
        {data.letters && `: ${data.letters.text} for 10 mm of each letter’s height`}
        {data.area && `, ${data.area.text} for 100 cm²`}
        {data.minutes && `, ${data.minutes.text} a minute`}. More is told from a tenth on.
      </p>
      {rows.length === 0 ? (
        <p className="mt-4">{data.reckoning > 0 ? 'What they cost is being reckoned.' : 'No order was agreed yet.'}</p>
      ) : (
        <>
          <Table head={head} rows={rows} />
          <Csv name={name} head={head} rows={rows} />
        </>
      )}
    </section>
  );
}

const called = (way: (typeof WAYS)[number]) => ({ letters: 'by letters', area: 'by area', minutes: 'by minutes' })[way];

/** What a spreadsheet opens; what could be taken for a formula is quoted. */
function csv(head: string[], rows: Cell[][]): string {
  const cell = (value: Cell) => {
    const text = String(value);
    return `"${(typeof value === 'string' && /^[=+@-]/.test(text) ? `'${text}` : text).replaceAll('"', '""')}"`;
  };
  const lines = [head, ...rows].map((row) => row.map(cell).join(','));
  return `data:text/csv;charset=utf-8,${encodeURIComponent(lines.join('\r\n'))}`;
}

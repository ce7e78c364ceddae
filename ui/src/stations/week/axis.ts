import type { Schemas } from '../../api/client';

export type Entry = Schemas['WeekEntryView'];
export type Day = Schemas['WeekDayView'];

/** The shop's own clock, whatever that of this device says: the day and the minutes of a moment as the server wrote it. */
export const dayOf = (iso: string) => iso.slice(0, 10);
export const minuteOf = (iso: string) => Number(iso.slice(11, 13)) * 60 + Number(iso.slice(14, 16));
/** A moment of the shop's clock, by the offset of another. */
export const moment = (date: string, minute: number, like: string) =>
  `${date}T${two(Math.floor(minute / 60))}:${two(minute % 60)}:00${like.slice(19)}`;
export const clock = (minute: number) => `${Math.floor(minute / 60)}:${two(minute % 60)}`;

const two = (figure: number) => String(figure).padStart(2, '0');

/** Days side by side, each from when the shop first opens to when it last closes. */
export class Axis {
  readonly opens: number;
  readonly closes: number;

  constructor(
    readonly days: Day[],
    readonly width: number,
  ) {
    const all = days.flatMap((day) => day.open);
    this.opens = Math.min(...all.map((one) => one.from), 24 * 60);
    this.closes = Math.max(...all.map((one) => one.to), this.opens + 60);
  }

  get dayWidth() {
    return this.width / Math.max(1, this.days.length);
  }

  /** Where a moment lies; what is outside of the hours lies at their edge. */
  x(iso: string): number {
    const nth = this.days.findIndex((day) => day.date >= dayOf(iso));
    if (nth < 0) {
      return this.width;
    }
    // Between two days that are shown: at the beginning of the later one.
    const minute = this.days[nth]?.date === dayOf(iso) ? minuteOf(iso) : this.opens;
    return this.at(nth, minute);
  }

  at(nth: number, minute: number): number {
    const share = (Math.min(Math.max(minute, this.opens), this.closes) - this.opens) / (this.closes - this.opens);
    return (nth + share) * this.dayWidth;
  }

  /** The moment at a place, to five minutes, so that so many minutes fit into the hours from there on. */
  moment(x: number, minutes: number, like: string): string | null {
    const nth = Math.min(this.days.length - 1, Math.max(0, Math.floor(x / this.dayWidth)));
    const day = this.days[nth];
    if (!day) {
      return null;
    }
    const share = x / this.dayWidth - nth;
    const wanted = 5 * Math.round((this.opens + share * (this.closes - this.opens)) / 5);
    const fits = day.open
      .filter((one) => one.to - one.from >= minutes)
      .map((one) => Math.min(Math.max(wanted, one.from), one.to - minutes))
      .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted));
    return fits[0] === undefined ? null : moment(day.date, Math.ceil(fits[0]), like);
  }
}

/** Steps of one order that one hand does without a gap: one bar. */
export type Run = { entries: Entry[]; docket: number; hand: number; from: string; to: string; pinned: boolean };

export function runs(entries: Entry[]): Run[] {
  const all: Run[] = [];
  const sorted = [...entries].sort((a, b) => a.hand - b.hand || a.from.localeCompare(b.from));
  for (const entry of sorted) {
    const last = all.at(-1);
    if (last && last.docket === entry.docket && last.hand === entry.hand && last.to === entry.from) {
      last.entries.push(entry);
      last.to = entry.to;
      last.pinned = last.pinned || entry.pinned;
    } else {
      all.push({
        entries: [entry],
        docket: entry.docket,
        hand: entry.hand,
        from: entry.from,
        to: entry.to,
        pinned: entry.pinned,
      });
    }
  }
  return all;
}

/** A moment so many minutes after another, both as the server writes them. */
export const after = (iso: string, minutes: number) => moment(dayOf(iso), minuteOf(iso) + minutes, iso);

/** Stretches that lie over each other, each in a lane of its own: the first that is free. */
export function lanes<T>(all: T[], from: (one: T) => number, to: (one: T) => number): number[] {
  const ends: number[] = [];
  return all.map((one) => {
    const free = ends.findIndex((end) => end <= from(one));
    const lane = free < 0 ? ends.length : free;
    ends[lane] = to(one);
    return lane;
  });
}

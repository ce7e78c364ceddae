import type { Schemas } from '../../api/client';
import type { Entry, Run } from './axis';

export type Week = Schemas['WeekView'];

export type Put = { entry: Entry; hand: number; from: string };

export type Moved = { run: Run; hand: number; from: string };

export const NAMES = 92;

export const HEAD = 44;

export const HAND = 92;

export const MACHINE = 46;

export const LANE = 15;

export const minutesOf = (entry: { from: string; to: string }) =>
  (Date.parse(entry.to) - Date.parse(entry.from)) / 60_000;

export const day = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

export const dayName = (date: string) => day.format(new Date(`${date}T12:00:00Z`)).replace(',', '');

export const nameOf = (run: Run) => `${run.docket}-${run.entries[0]?.key}`;

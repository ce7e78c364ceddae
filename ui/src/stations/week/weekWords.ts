import type { Schemas } from '../../api/client';
import type { Entry } from './axis';

export type WeekPlan = Schemas['WeekView'];

export const nameOf = (entry: Entry) => `${entry.docket}-${entry.key}`;

export const long = (minutes: number) =>
  minutes < 120
    ? `${minutes} min`
    : minutes < 2880
      ? `${Math.round(minutes / 60)} h`
      : `${Math.round(minutes / 1440)} days`;

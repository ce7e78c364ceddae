import type { Schemas } from '../../api/client';
import type { Entry } from './axis';

export type WeekPlan = Schemas['WeekView'];

export const nameOf = (entry: Entry) => `${entry.docket}-${entry.key}`;

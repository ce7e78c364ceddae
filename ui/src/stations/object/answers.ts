import type { Answers } from '../../api/client';

/** The answers that belong to an object: what the library keeps of it. */
export const OF_OBJECT = [
  'surface',
  'width',
  'height',
  'corner',
  'material',
  'side',
  'lip',
  'allowance',
  'colour',
  'photo',
  'paintedOn',
  'innerWidth',
  'innerHeight',
  'sides',
  'circumference',
  'diameter',
  'upper',
  'lower',
  'slant',
  'wideEnd',
  'seen',
  'panes',
  'readFrom',
  'outline',
  'keepOuts',
] as const satisfies (keyof Answers)[];

export type Change = (part: Partial<Answers>) => void;
export type Wrong = (field: string) => string | undefined;

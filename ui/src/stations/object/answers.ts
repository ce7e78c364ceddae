import type { Answers, Schemas, Sent } from '../../api/client';

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

/** What is sent of a form: of the surface that is chosen what is asked of it, and of no other. */
export function sent(form: Answers, surfaces: Schemas['TypedSurface'][]): Sent {
  const own = surfaces.find((one) => one.surface === form.surface) ?? { surface: form.surface };
  const measures = new Set(surfaces.flatMap((one) => Object.keys(one)));
  return Object.fromEntries(Object.entries(form).filter(([field]) => field in own || !measures.has(field))) as Sent;
}

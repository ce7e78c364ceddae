import type { Schemas } from '../../api/client';

export type Step = Schemas['StepView'];

/** Whose steps follow: a film’s, or those of the thing as a whole. */
export const whose = (step: Step) => step.film || 'The whole';

export const NONE: Schemas['StepFilmsView'] = { films: [], from: { x: 0, y: 0 } };

export const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

import type { Schemas } from '../../api/client';

export type Worker = Schemas['WorkerView'];

export const ROLES = [
  { value: 'bench', label: 'Works at the bench' },
  { value: 'owner', label: 'Owner: sees figures, people and this page' },
];

/** What hands are put down for in the plan of the week. */
export const HANDS = [
  ['size', 'Size'],
  ['cut', 'Cut'],
  ['weed', 'Weed'],
  ['apply', 'Apply'],
  ['send', 'Send'],
] as const;

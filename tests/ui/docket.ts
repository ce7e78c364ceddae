import type { Docket, Setting } from '../../ui/src/api/client';

export const USUAL = { arrangement: 'line', tracking: '', align: 'middle' } as unknown as Setting;

/** As much of a docket as drawing it takes. */
export const docketWith = (more: Record<string, unknown> = {}) =>
  ({
    number: 412,
    version: 3,
    words: ['Marigold', 'Seed'],
    roster: [],
    film: { id: 7 },
    design: { face: 'bebas', setting: { tracking: '20' }, art: null, capHeight: { mm: 24 }, left: null, top: null },
    ...more,
  }) as unknown as Docket;

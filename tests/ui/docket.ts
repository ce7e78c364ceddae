import type { Docket, Item, Setting } from '../../ui/src/api/client';

export const USUAL = { arrangement: 'line', tracking: '', align: 'middle' } as unknown as Setting;

/** As much of an order as drawing it takes: of its one item by what is named, of the docket by `number` and `version`. */
export const docketWith = ({ number = 412, version = 3, ...item }: Record<string, unknown> = {}) =>
  ({
    number,
    version,
    items: [
      {
        nth: 1,
        words: ['Marigold', 'Seed'],
        roster: [],
        film: { id: 7 },
        elements: [],
        design: { face: 'bebas', setting: { tracking: '20' }, art: null, capHeight: { mm: 24 }, left: null, top: null },
        ...item,
      },
    ],
  }) as unknown as Docket;

export const itemOf = (docket: Docket) => docket.items[0] as Item;

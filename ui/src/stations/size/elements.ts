import { useState } from 'react';
import type { Element, Fit } from '../../api/client';

/** The number of the words among the elements. */
export const WORDS = -1;

/** What is in hand of a decal, and what was picked to be arranged; the first picked is what the others follow. */
export type Hand = {
  /** Which element is in hand; the words where none is. */
  nth: number | null;
  picked: number[];
  take: (nth: number | null) => void;
  /** Picks it along with what is picked already, or leaves it. */
  pick: (nth: number) => void;
};

export function useHand(): Hand {
  const [state, setState] = useState<{ nth: number | null; picked: number[] }>({ nth: null, picked: [] });
  return {
    ...state,
    take: (nth) => setState({ nth, picked: [] }),
    pick: (nth) =>
      setState(({ nth: held, picked }) => {
        const before = picked.length === 0 && (held ?? WORDS) !== nth ? [held ?? WORDS] : picked;
        return {
          nth: held,
          picked: before.includes(nth) ? before.filter((one) => one !== nth) : [...before, nth],
        };
      }),
  };
}

const mm = (length: number) => `${length.toFixed(3)}mm`;

/** Those that go along with one that is moved, itself among them. */
export function along(elements: Element[], nth: number | null): number[] {
  const name = nth === null ? '' : (elements[nth]?.together ?? '');
  return nth === null
    ? []
    : elements.flatMap((one, other) => (other === nth || (name !== '' && one.together === name) ? [other] : []));
}

/** One moved by so many millimetres, and with it what goes along. */
export function moved(
  elements: Element[],
  laid: Fit['film']['elements'],
  nth: number,
  dx: number,
  dy: number,
): Element[] {
  const moving = along(elements, nth);
  return elements.map((one, other) => {
    const at = moving.includes(other) ? laid.find((each) => each.nth === other) : undefined;
    return at ? { ...one, left: mm(at.left.mm + dx), top: mm(at.top.mm + dy) } : one;
  });
}

/** A copy beside it, a quarter of its width apart. */
export function doubled(elements: Element[], laid: Fit['film']['elements'], nth: number): Element[] {
  const one = elements[nth];
  const at = laid.find((each) => each.nth === nth);
  return one
    ? [
        ...elements,
        {
          ...one,
          together: '',
          left: at ? mm(at.left.mm + 1.25 * at.size.width.mm) : '',
          top: at ? mm(at.top.mm) : '',
        },
      ]
    : elements;
}

/** Further up where `by` is 1, further down where it is -1; over or under the words at the end of its row. */
export function reordered(elements: Element[], nth: number, by: 1 | -1): { elements: Element[]; nth: number } {
  const one = elements[nth];
  const under = by === 1 ? '' : 'yes';
  const others = elements.flatMap((other, place) => (other.under === one?.under ? [place] : []));
  const next = others[others.indexOf(nth) + by];
  if (next === undefined) {
    return { elements: elements.map((other, place) => (place === nth ? { ...other, under } : other)), nth };
  }
  const swapped = [...elements];
  [swapped[nth], swapped[next]] = [swapped[next] as Element, swapped[nth] as Element];
  return { elements: swapped, nth: next };
}

/** A name nothing shares yet, for what is to be moved together. */
export const newName = (elements: Element[]) =>
  String(1 + Math.max(0, ...elements.map((one) => Number.parseInt(one.together, 10) || 0)));

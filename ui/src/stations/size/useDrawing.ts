import { useCallback, useEffect, useRef, useState } from 'react';
import type { Docket, Element, Item, Setting } from '../../api/client';
import { knownOf } from '../../parts/known';

/** What is decided at Size: lengths as typed, empty for the rule's own answer. */
export type Drawing = {
  words: string;
  roster: string;
  face: string;
  capHeight: string;
  left: string;
  top: string;
  setting: Setting;
  /** Another film than the order's own, by its number on the shelf; empty for its own. */
  film: string;
  /** A drawing that was brought, in the place of the words. */
  art: { id: number; layers: { colour: string; film: string; out: string }[] } | null;
  /** What stands in the place of words as long as there are none. */
  motif: Element | null;
  /** What lies on the object beside the words, from bottom to top. */
  elements: Element[];
};

/** A part of the drawing as it is to be, or how it follows from the one there is: an answer may come late. */
export type Change = (part: Partial<Drawing> | ((now: Drawing) => Partial<Drawing>)) => void;

const MOST_STEPS = 100;

export const drawingOf = (item: Item, usual: Setting): Drawing => ({
  words: item.words.join('\n'),
  roster: item.roster.map((lines) => lines.join(' | ')).join('\n'),
  setting: { ...usual, ...item.design.setting },
  film: item.film ? String(item.film.id) : '',
  art: item.design.art
    ? {
        id: item.design.art.id ?? 0,
        layers: (item.design.art.layers ?? []).map((layer) => ({
          colour: layer.colour ?? '',
          film: layer.film ?? '',
          out: layer.out ?? '',
        })),
      }
    : null,
  motif: (item.design.motif as Element | undefined) ?? null,
  elements: item.elements as Element[],
  face: item.design.face,
  capHeight: item.design.capHeight ? `${item.design.capHeight.mm}mm` : '',
  left: item.design.left ? `${item.design.left.mm}mm` : '',
  top: item.design.top ? `${item.design.top.mm}mm` : '',
});

/** What was drawn but has not reached the docket yet: it outlives a closed page and a server that is away. */
const unkept = (number: number, item: number) => `yelbo.size.${number}.${item}`;

function lastDrawn(docket: Docket, item: Item, usual: Setting): Drawing {
  try {
    const left = JSON.parse(localStorage.getItem(unkept(docket.number, item.nth)) ?? 'null');
    const kept = drawingOf(item, usual);
    return left?.version === docket.version
      ? {
          ...kept,
          ...knownOf(kept, left.drawing),
          setting: { ...kept.setting, ...knownOf(usual, left.drawing.setting ?? {}) },
        }
      : kept;
  } catch {
    return drawingOf(item, usual);
  }
}

/** A drawing with undo and redo. Typing in one field is one step. */
export function useDrawing(docket: Docket, item: Item, usual: Setting) {
  const [state, setState] = useState(() => ({
    now: lastDrawn(docket, item, usual),
    before: [] as Drawing[],
    after: [] as Drawing[],
    last: '',
  }));

  const change: Change = useCallback((wanted) => {
    setState((old) => {
      const part = typeof wanted === 'function' ? wanted(old.now) : wanted;
      const what = Object.keys(part).join();
      const typing = what === old.last && (what === 'words' || what === 'capHeight' || what === 'roster');
      return {
        now: { ...old.now, ...part },
        before: typing ? old.before : [...old.before, old.now].slice(-MOST_STEPS),
        after: [],
        last: what,
      };
    });
  }, []);

  const undo = useCallback(() => {
    setState((old) => {
      const now = old.before.at(-1);
      return now ? { now, before: old.before.slice(0, -1), after: [old.now, ...old.after], last: '' } : old;
    });
  }, []);

  const redo = useCallback(() => {
    setState((old) => {
      const [now, ...after] = old.after;
      return now ? { now, before: [...old.before, old.now], after, last: '' } : old;
    });
  }, []);

  const first = useRef(state.now);
  useEffect(() => {
    if (state.now !== first.current) {
      localStorage.setItem(
        unkept(docket.number, item.nth),
        JSON.stringify({ version: docket.version, drawing: state.now }),
      );
    }
  }, [state.now, docket.number, item.nth, docket.version]);

  const written = useCallback(
    () => localStorage.removeItem(unkept(docket.number, item.nth)),
    [docket.number, item.nth],
  );

  return {
    written,
    drawing: state.now,
    change,
    undo,
    redo,
    canUndo: state.before.length > 0,
    canRedo: state.after.length > 0,
  };
}

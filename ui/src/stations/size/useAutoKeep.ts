import { useEffect, useRef } from 'react';
import type { Docket, Item, Setting } from '../../api/client';
import { useEdit } from '../../api/queries';
import { useSettled } from '../../parts/time';
import { type Drawing, drawingOf } from './useDrawing';

/**
 * Keeps the drawing on the docket a moment after the last change, or when another docket is opened before that. What
 * somebody else has drawn meanwhile is taken over where nothing of one's own waits to be kept.
 */
export function useAutoKeep(
  docket: Docket,
  item: Item,
  drawing: Drawing,
  usual: Setting,
  busy: boolean,
  keep: () => void,
  take: (theirs: Drawing) => void,
) {
  const edit = useEdit(docket);
  const now = JSON.stringify(drawing);
  const settled = useSettled(now, 900);
  const latest = useRef({ now, keep, take, edit, usual });
  latest.current = { now, keep, take, edit, usual };
  const kept = useRef(JSON.stringify(drawingOf(item, usual)));
  const based = useRef(false);
  if (!based.current) {
    based.current = true;
    edit.begin(docket);
  }
  // Before the next: what is only just sent is still one's own.
  useEffect(() => {
    if (!busy && latest.current.edit.isConflicting(docket) && latest.current.now === kept.current) {
      const theirs = drawingOf(item, latest.current.usual);
      kept.current = JSON.stringify(theirs);
      latest.current.edit.begin(docket);
      latest.current.take(theirs);
    }
  }, [docket, item, busy]);
  useEffect(() => {
    if (!busy && settled !== kept.current) {
      kept.current = settled;
      latest.current.keep();
    }
  }, [settled, busy]);
  useEffect(
    () => () => {
      if (latest.current.now !== kept.current) {
        latest.current.keep();
      }
    },
    [],
  );
}

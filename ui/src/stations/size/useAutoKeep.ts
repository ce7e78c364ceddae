import { useEffect, useRef } from 'react';
import type { Docket } from '../../api/client';
import { baseOn, isOvertaken } from '../../api/queries';
import { useSettled } from '../../parts/time';
import { type Drawing, drawingOf } from './useDrawing';

/**
 * Keeps the drawing on the docket a moment after the last change, or when another docket is opened before that. What
 * somebody else has drawn meanwhile is taken over where nothing of one's own waits to be kept.
 */
export function useAutoKeep(
  docket: Docket,
  drawing: Drawing,
  busy: boolean,
  keep: () => void,
  take: (theirs: Drawing) => void,
) {
  const now = JSON.stringify(drawing);
  const settled = useSettled(now, 900);
  const latest = useRef({ now, keep, take });
  latest.current = { now, keep, take };
  const kept = useRef(JSON.stringify(drawingOf(docket)));
  const based = useRef(false);
  if (!based.current) {
    based.current = true;
    baseOn(docket);
  }
  // Before the next: what is only just sent is still one's own.
  useEffect(() => {
    if (!busy && isOvertaken(docket) && latest.current.now === kept.current) {
      const theirs = drawingOf(docket);
      kept.current = JSON.stringify(theirs);
      baseOn(docket);
      latest.current.take(theirs);
    }
  }, [docket, busy]);
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

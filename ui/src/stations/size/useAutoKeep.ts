import { useEffect, useRef } from 'react';
import type { Docket } from '../../api/client';
import { useSettled } from '../../parts/time';
import { type Drawing, drawingOf } from './useDrawing';

/** Keeps the drawing on the docket a moment after the last change, or when another docket is opened before that. */
export function useAutoKeep(docket: Docket, drawing: Drawing, busy: boolean, keep: () => void) {
  const now = JSON.stringify(drawing);
  const settled = useSettled(now, 900);
  const latest = useRef({ now, keep });
  latest.current = { now, keep };
  const kept = useRef(JSON.stringify(drawingOf(docket)));
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

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { api, ask, type On, Problem } from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { useSettled } from '../../parts/time';
import type { Units } from '../../parts/units';
import type { Drawing } from './useDrawing';

/** What the core says of a drawing, or of a set where it is one: how it fits, and what will go wrong. */
export function useFitting(on: On, drawing: Drawing, units: Units) {
  const isSet = drawing.roster.trim() !== '';
  const { roster: _, ...single } = drawing;
  const now = { ...on, ...single, units };
  const nowSet = { ...on, ...drawing, left: '', top: '', units };
  const settled = useSettled(now, 120);
  const settledSet = useSettled(nowSet, 350);
  const fit = useQuery({
    queryKey: [CALCULATED, 'fit', settled],
    queryFn: ({ signal }) => ask(api.POST('/api/fit', { body: settled, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: !isSet,
  });
  const check = useQuery({
    queryKey: [CALCULATED, 'check', settled],
    queryFn: ({ signal }) => ask(api.POST('/api/check', { body: settled, signal })),
    enabled: !isSet && fit.isSuccess && !fit.isPlaceholderData,
    retry: false,
  });
  const set = useQuery({
    queryKey: [CALCULATED, 'set', settledSet],
    queryFn: ({ signal }) => ask(api.POST('/api/set', { body: settledSet, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: isSet,
  });
  const setCheck = useQuery({
    queryKey: [CALCULATED, 'check', settledSet],
    queryFn: ({ signal }) => ask(api.POST('/api/set/check', { body: settledSet, signal })),
    enabled: isSet && set.isSuccess && !set.isPlaceholderData,
    retry: false,
  });
  const error = isSet ? set.error : fit.error;
  const problem = error instanceof Problem ? error : null;
  const says = problem?.fields ?? {};
  // A wrong figure leaves the last good drawing on the board; the sentence stands at its field.
  const good = useRef(fit.data);
  good.current = fit.data ?? good.current;
  const drawn = isSet ? undefined : good.current;

  return {
    isSet,
    /** Of a set: those of its first decal. */
    words: isSet ? (set.data?.members[0]?.lines.join('\n') ?? '') : drawing.words,
    /** What cures are tried on. */
    settled: isSet ? settledSet : settled,
    set: { data: isSet ? set.data : undefined, isFetching: isSet && set.isFetching },
    check: (isSet ? setCheck : check).data,
    problem,
    says,
    drawn,
    isReady: (isSet ? set : fit).data !== undefined,
    /** What is told is of what is chosen now, not of what was chosen a moment ago. */
    isCurrent:
      !(isSet ? set : fit).isFetching &&
      !(isSet ? set : fit).isPlaceholderData &&
      JSON.stringify(isSet ? settledSet : settled) === JSON.stringify(isSet ? nowSet : now),
  };
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { api, ask, type Problem, type Schemas } from '../../api/client';
import { nestingKey } from '../../api/keys';
import { useSettled } from '../../parts/time';

export type Nesting = Schemas['NestingView'];
export type Plan = Schemas['PlanView'];
export type Wanted = {
  film: number;
  pieces: { id: number; version: number }[];
  split: number[];
  boxes: 'none' | 'piece' | 'order';
  stock: number | null;
};

/** ms to wait for the next tick in a list before laying out anew. */
const PAUSE = 350;
/** ms between two looks while it is being worked on. */
const LOOK = 400;

/** Plans for what is wanted: begun when it changes, looked at while they are worked on, given up when others are wanted. What nobody looks at any more is given up by the worker itself. */
export function useNesting(wanted: Wanted) {
  const key = JSON.stringify(wanted);
  const settled = useSettled(key, PAUSE);
  const body = JSON.parse(settled) as Wanted;
  const last = useRef<number | null>(null);
  const begun = useQuery({
    queryKey: ['begun', settled],
    queryFn: async ({ signal }) => {
      const { id } = await ask(api.POST('/api/nestings', { body, signal }));
      if (last.current !== null && last.current !== id) {
        giveUp(last.current);
      }
      last.current = id;
      return id;
    },
    enabled: wanted.pieces.length > 0 && body.pieces.length > 0,
    placeholderData: keepPreviousData,
    // Asked once for each choice: looking back at the page must not go on with what somebody stopped.
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const id = begun.data ?? null;
  const nesting = useQuery({
    queryKey: nestingKey(id),
    queryFn: () => ask(api.GET('/api/nestings/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== null,
    refetchInterval: (query) => (query.state.data?.working ? LOOK : false),
  });
  const shapes = useQuery({
    queryKey: [...nestingKey(id), 'shapes'],
    queryFn: () => ask(api.GET('/api/nestings/{id}/shapes', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== null,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return {
    nesting: wanted.pieces.length > 0 ? nesting.data : undefined,
    shapes: shapes.data?.shapes,
    problem: wanted.pieces.length > 0 ? ((begun.error ?? nesting.error) as Problem | null) : null,
    stale: settled !== key || begun.isPlaceholderData,
  };
}

function giveUp(id: number) {
  api.POST('/api/nestings/{id}/cancel', { params: { path: { id } } }).catch(() => undefined);
}

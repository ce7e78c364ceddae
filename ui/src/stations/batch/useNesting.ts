import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, ask, type Problem, type Schemas } from '../../api/client';
import { nestingKey } from '../../api/keys';

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

/** Plans for what is wanted: asked for when it changes, looked at while they are worked on, given up when others are wanted. What nobody looks at any more is given up by the worker itself. */
export function useNesting(wanted: Wanted) {
  const key = JSON.stringify(wanted);
  const [asked, setAsked] = useState<{ key: string; id: number } | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const last = useRef<number | null>(null);
  useEffect(() => {
    const body = JSON.parse(key) as Wanted;
    if (body.pieces.length === 0) {
      return;
    }
    let gone = false;
    const timer = setTimeout(() => {
      ask(api.POST('/api/nestings', { body }))
        .then((nesting) => {
          if (gone) {
            return;
          }
          if (last.current !== null && last.current !== nesting.id) {
            giveUp(last.current);
          }
          last.current = nesting.id;
          setProblem(null);
          setAsked({ key, id: nesting.id });
        })
        .catch((fault: Problem) => !gone && setProblem(fault));
    }, PAUSE);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [key]);
  const id = asked?.id ?? null;
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
    problem: wanted.pieces.length > 0 ? (problem ?? (nesting.error as Problem | null)) : null,
    stale: asked?.key !== key,
  };
}

function giveUp(id: number) {
  api.POST('/api/nestings/{id}/cancel', { params: { path: { id } } }).catch(() => undefined);
}

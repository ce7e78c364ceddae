import { keepPreviousData, type QueryClient, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { type Answers, api, ask, carry, type Docket, type Problem } from './client';

/** How often what others do shows up, in ms. */
const FRESH = 4000;

export const me = queryOptions({
  queryKey: ['me'],
  queryFn: async () => {
    const answer = await ask(api.GET('/api/me'));
    carry(answer.csrf);
    return answer;
  },
  staleTime: 60_000,
});

export const line = queryOptions({
  queryKey: ['line'],
  queryFn: () => ask(api.GET('/api/line')),
  refetchInterval: FRESH,
});

export const dockets = (station: string) =>
  queryOptions({
    queryKey: ['dockets', station],
    queryFn: () => ask(api.GET('/api/dockets', { params: { query: { station } } })),
    refetchInterval: FRESH,
  });

export const found = (what: string) =>
  queryOptions({
    queryKey: ['find', what],
    queryFn: () => ask(api.GET('/api/dockets', { params: { query: { find: what } } })),
    enabled: what.trim() !== '',
    placeholderData: keepPreviousData,
  });

export const docket = (number: number) =>
  queryOptions({
    queryKey: ['docket', number],
    queryFn: () => ask(api.GET('/api/dockets/{number}', { params: { path: { number } } })),
  });

export const pieces = (station: string) =>
  queryOptions({
    queryKey: ['pieces', station],
    queryFn: () => ask(api.GET('/api/pieces', { params: { query: { station } } })),
    refetchInterval: FRESH,
  });

export const waitingForFilm = queryOptions({
  queryKey: ['pieces', 'batch'],
  queryFn: () => ask(api.GET('/api/batches/waiting')),
  refetchInterval: FRESH,
});

export const stock = queryOptions({ queryKey: ['stock'], queryFn: () => ask(api.GET('/api/stock')) });
export const batches = queryOptions({
  queryKey: ['batches'],
  queryFn: () => ask(api.GET('/api/batches')),
  refetchInterval: FRESH,
});

export const rests = queryOptions({
  queryKey: ['rests'],
  queryFn: () => ask(api.GET('/api/rests')),
  refetchInterval: FRESH,
});

export const kinds = queryOptions({
  queryKey: ['kinds'],
  queryFn: () => ask(api.GET('/api/kinds')),
  staleTime: 60_000,
});

export const objects = (find: string) =>
  queryOptions({
    queryKey: ['objects', find],
    queryFn: () => ask(api.GET('/api/objects', { params: { query: { find } } })),
    placeholderData: keepPreviousData,
  });

export const answersTo = (answers: Answers) =>
  queryOptions({
    queryKey: ['answers', answers],
    queryFn: () => ask(api.POST('/api/answers', { body: answers })),
    placeholderData: keepPreviousData,
    gcTime: 30_000,
  });

/** After a change everything shown is asked for again: it is cheap, and never wrong. */
export function refresh(client: QueryClient): Promise<void> {
  return client.invalidateQueries({
    predicate: (query) =>
      !['me', 'fit', 'check', 'samples', 'answers', 'set', 'cases', 'kinds', 'cures', 'nesting'].includes(
        String(query.queryKey[0]),
      ),
  });
}

/** A change; whoever comes second is shown the fresh state at once. */
export function useChange<In, Out>(
  change: (input: In) => Promise<Out>,
  done?: (output: Out) => void,
  /** Changes that share a name run one after the other, each when what the last one did is known. */
  queue?: string,
) {
  const client = useQueryClient();
  return useMutation<Out, Problem, In>({
    mutationFn: change,
    ...(queue && { scope: { id: queue } }),
    onSuccess: async (output) => {
      await refresh(client);
      done?.(output);
    },
    onError: async (problem) => {
      if (problem.status === 409) {
        await refresh(client);
      }
      if (problem.status === 401) {
        await client.invalidateQueries({ queryKey: ['me'] });
      }
    },
  });
}

/** A change of one docket, after those already on their way, on the version the last of them left. */
export function useDocketChange<In, Out>(
  drawn: Docket,
  change: (version: number, input: In) => Promise<Out>,
  done?: (output: Out) => void,
) {
  const client = useQueryClient();
  const { queryKey } = docket(drawn.number);
  // What the change before left stands in the cache a moment before it is drawn.
  const latest = () => client.getQueryData<Docket>(queryKey)?.version ?? drawn.version;
  return useChange((input: In) => change(latest(), input), done, `docket-${drawn.number}`);
}

import { keepPreviousData, type QueryClient, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Docket, Problem, type Schemas, type Sent } from './client';
import { CALCULATED, RECORD } from './keys';

// What is asked for while somebody types is called off when the next letter makes it old (`signal`).

/** How often what others do shows up, in ms. */
const FRESH = 4000;
/** How often it is looked how far something has come, in ms. */
const UNDER_WAY = 500;

export const me = queryOptions({
  queryKey: ['me'],
  queryFn: () => ask(api.GET('/api/me')),
  staleTime: 60_000,
});

export const line = queryOptions({
  queryKey: [RECORD, 'line'],
  queryFn: () => ask(api.GET('/api/line')),
  refetchInterval: FRESH,
});

/** Dockets asked for at once; what comes after them is asked for when it is scrolled to. */
export const PAGE = 60;

export const dockets = (station: Schemas['Station'], page = 0) =>
  queryOptions({
    queryKey: [RECORD, 'dockets', station, page],
    queryFn: () => ask(api.GET('/api/dockets', { params: { query: { station, from: page * PAGE, most: PAGE } } })),
    refetchInterval: FRESH,
  });

export const found = (what: string) =>
  queryOptions({
    queryKey: [RECORD, 'find', what],
    queryFn: ({ signal }) => ask(api.GET('/api/dockets', { params: { query: { find: what } }, signal })),
    enabled: what.trim() !== '',
    placeholderData: keepPreviousData,
  });

export const docket = (number: number) =>
  queryOptions({
    queryKey: [RECORD, 'docket', number],
    queryFn: () => ask(api.GET('/api/dockets/{number}', { params: { path: { number } } })),
  });

/** How far what was asked for with a key has come; asked for again and again while it is under way. */
export const underWay = (key: string | null) =>
  queryOptions({
    queryKey: ['under-way', key],
    queryFn: ({ signal }) => ask(api.GET('/api/under-way/{key}', { params: { path: { key: key ?? '' } }, signal })),
    enabled: key !== null,
    refetchInterval: UNDER_WAY,
    gcTime: 0,
  });

/** So many of the pieces at a station, due soonest first. */
export const pieces = (station: Schemas['Station'], most: number, withOne: number | null) =>
  queryOptions({
    queryKey: [RECORD, 'pieces', station, most, withOne],
    queryFn: () => ask(api.GET('/api/pieces', { params: { query: { station, most, with: withOne ?? undefined } } })),
    refetchInterval: FRESH,
    placeholderData: keepPreviousData,
  });

/** So many of the things at a station, due soonest first. */
export const things = (station: Schemas['Station'], most: number, withOne: number | null) =>
  queryOptions({
    queryKey: [RECORD, 'things', station, most, withOne],
    queryFn: () => ask(api.GET('/api/things', { params: { query: { station, most, with: withOne ?? undefined } } })),
    refetchInterval: FRESH,
    placeholderData: keepPreviousData,
  });

/** What waits for film, with the pieces of one film: of the one due soonest where none is named. */
export const waitingForFilm = (film: number | null) =>
  queryOptions({
    queryKey: [RECORD, 'pieces', 'batch', film],
    queryFn: () => ask(api.GET('/api/batches/waiting', { params: { query: film === null ? {} : { film } } })),
    refetchInterval: FRESH,
    placeholderData: keepPreviousData,
  });

/** The plan of the week; another is on its way while it says so. */
export const week = queryOptions({
  queryKey: [RECORD, 'week'],
  queryFn: () => ask(api.GET('/api/week')),
  refetchInterval: (query) => (query.state.data?.redoing ? 1500 : FRESH),
});

/** What somebody has to know before the day begins. */
export const morning = queryOptions({
  queryKey: [RECORD, 'morning'],
  queryFn: () => ask(api.GET('/api/morning')),
  refetchInterval: FRESH,
});

/** When the shop works, and who is away. */
export const hours = queryOptions({
  queryKey: [RECORD, 'hours'],
  queryFn: () => ask(api.GET('/api/hours')),
});

/** Everything that dries or rests. */
export const drying = queryOptions({
  queryKey: [RECORD, 'drying'],
  queryFn: () => ask(api.GET('/api/drying')),
  refetchInterval: FRESH,
});

/** The shelf, and something more by its number that may be used up. */
export const stockAnd = (also: string) =>
  queryOptions({
    queryKey: [RECORD, 'stock', also],
    queryFn: () => ask(api.GET('/api/stock', { params: { query: also ? { also } : {} } })),
    placeholderData: keepPreviousData,
  });
export const stock = stockAnd('');
export const batches = queryOptions({
  queryKey: [RECORD, 'batches'],
  queryFn: () => ask(api.GET('/api/batches')),
  refetchInterval: FRESH,
});

export const batch = (id: number) =>
  queryOptions({
    queryKey: [RECORD, 'batches', id],
    queryFn: () => ask(api.GET('/api/batches/{id}', { params: { path: { id } } })),
    refetchInterval: FRESH,
  });

export const remnants = queryOptions({
  queryKey: [RECORD, 'remnants'],
  queryFn: () => ask(api.GET('/api/remnants')),
  refetchInterval: FRESH,
});

export const objects = (find: string) =>
  queryOptions({
    queryKey: [RECORD, 'objects', find],
    queryFn: ({ signal }) => ask(api.GET('/api/objects', { params: { query: { find } }, signal })),
    placeholderData: keepPreviousData,
  });

export const designs = (find: string) =>
  queryOptions({
    queryKey: [RECORD, 'designs', find],
    queryFn: ({ signal }) => ask(api.GET('/api/designs', { params: { query: { find } }, signal })),
    placeholderData: keepPreviousData,
  });

/** What can be said to answers so far, with those of the other items of the order where there are any. */
export const answersTo = (answers: Sent & { others?: Sent[] }) =>
  queryOptions({
    queryKey: [CALCULATED, 'answers', answers],
    queryFn: ({ signal }) => ask(api.POST('/api/answers', { body: answers, signal })),
    placeholderData: keepPreviousData,
    gcTime: 30_000,
  });

/** After a change everything on record is asked for again: it is cheap, and never wrong. */
export function refresh(client: QueryClient): Promise<void> {
  return client.invalidateQueries({ queryKey: [RECORD] });
}

/** After a change of the shop's figures all that was calculated is, again. */
export function recalculate(client: QueryClient): Promise<void> {
  return client.invalidateQueries({ queryKey: [CALCULATED] });
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

/** The version of a docket that what is being edited here began with, or that the last change from here left. */
const editKey = (number: number) => ['edited', number] as const;

/** What is edited on this page, and what the docket has become meanwhile. */
export function useEdit(drawn: Docket | null) {
  const client = useQueryClient();
  const number = drawn?.number ?? 0;
  return {
    /** What is edited from now on began with this docket. */
    begin: (docket: Docket) => client.setQueryData(editKey(docket.number), docket.version),
    /** The version it began with; none where nothing is edited. */
    version: () => client.getQueryData<number>(editKey(number)),
    /** Has somebody else changed it since? */
    isConflicting: (docket: Docket) =>
      docket.version > (client.getQueryData<number>(editKey(docket.number)) ?? docket.version),
  };
}

/**
 * A change of one docket, after those already on their way, on the version the last of them left. Where it is edited
 * on the page, what somebody else did meanwhile is not written over unseen, even if the docket was read anew since.
 */
export function useDocketChange<In, Out extends { number: number; version: number }>(
  drawn: Docket | null,
  change: (version: number, input: In) => Promise<Out>,
  done?: (output: Out) => void,
  /** Edited on this page, and saved by itself or when somebody says so. */
  edited?: 'by itself' | 'when told',
) {
  const client = useQueryClient();
  const edit = useEdit(drawn);
  const number = drawn?.number ?? 0;
  const { queryKey } = docket(number);
  // What the change before left stands in the cache a moment before it is drawn.
  const seen = () => client.getQueryData<Docket>(queryKey)?.version ?? drawn?.version ?? 0;
  const send = async (input: In) => {
    try {
      const output = await change((edited ? edit.version() : undefined) ?? seen(), input);
      client.setQueryData(editKey(output.number), output.version);
      return output;
    } catch (fault) {
      if (edited === 'when told' && fault instanceof Problem && fault.status === 409) {
        // It is said now; when it is told again it is meant.
        await client.refetchQueries({ queryKey });
        client.setQueryData(editKey(number), seen());
      }
      throw fault;
    }
  };
  return useChange(send, done, drawn ? `docket-${number}` : undefined);
}

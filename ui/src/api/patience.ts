import { type QueryClient, queryOptions } from '@tanstack/react-query';
import type { Middleware } from 'openapi-fetch';
import { KEY, newKey } from './key';
import { Turns } from './turn';

/** Answers of what stands before the records, or of records that cannot be reached. */
const AWAY = new Set([502, 503, 504]);
/** How long a change is repeated until it is given up, and how often, in ms. */
const PATIENCE = 20_000;
const AGAIN = 1000;

/** Since when Yelbo has not answered; null while it does. */
export const away = queryOptions<string | null>({
  queryKey: ['away'],
  queryFn: () => null,
  initialData: null,
  staleTime: Number.POSITIVE_INFINITY,
});

/**
 * Notices when Yelbo is away and when it is back. A change that got no answer may have been kept all the same: it is
 * asked for again, with a key that tells the server that it is the same one.
 */
export function withPatience(client: QueryClient): Middleware {
  const noteAway = () => client.setQueryData(away.queryKey, (since) => since ?? new Date().toISOString());
  const noteBack = () => {
    if (client.getQueryData(away.queryKey)) {
      client.setQueryData(away.queryKey, null);
      void client.invalidateQueries();
    }
  };
  const note = (response: Response) => (AWAY.has(response.status) ? noteAway() : noteBack());
  const turns = new Turns();
  const asked = async (request: Request): Promise<Response> => {
    const until = Date.now() + PATIENCE;
    for (;;) {
      try {
        const response = await turns.send(request.clone(), (mine) => fetch(mine));
        note(response);
        if (!AWAY.has(response.status) || Date.now() > until) {
          return response;
        }
      } catch (fault) {
        if (request.signal.aborted) {
          throw fault;
        }
        noteAway();
        if (Date.now() > until) {
          throw fault;
        }
      }
      await new Promise((wake) => setTimeout(wake, AGAIN));
    }
  };
  return {
    onRequest({ request }) {
      if (request.method === 'GET') {
        return undefined;
      }
      // Whoever wants to hear how far it has come has given it a key of their own.
      if (!request.headers.has(KEY)) {
        request.headers.set(KEY, newKey());
      }
      return asked(request);
    },
    onResponse({ response }) {
      note(response);
    },
    onError({ request }) {
      if (!request.signal.aborted) {
        noteAway();
      }
    },
  };
}

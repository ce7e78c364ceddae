import { QueryClient } from '@tanstack/react-query';
import { api, Problem, type Schemas, withMemory, withToken } from './client';
import { withPatience } from './patience';
import { me } from './queries';

/** What a page knows of the server: its answers, and with every change the token of whoever is signed in. */
export function startSession(): QueryClient {
  const client = new QueryClient({
    defaultOptions: {
      // Whether there is a network is found out by asking: a server on the same machine needs none.
      mutations: { networkMode: 'always' },
      queries: {
        networkMode: 'always',
        staleTime: 1000,
        retry: (times, fault) => !(fault instanceof Problem && fault.status >= 400 && fault.status < 500) && times < 3,
      },
    },
  });
  api.use(withToken(() => client.getQueryData<Schemas['MeView']>(me.queryKey)?.csrf ?? ''));
  api.use(withMemory());
  // Signed out from elsewhere: the page goes to the door.
  api.use({
    onResponse({ response }) {
      if (response.status === 401 && client.getQueryData<Schemas['MeView']>(me.queryKey)?.signedIn) {
        void client.invalidateQueries({ queryKey: me.queryKey });
      }
    },
  });
  // The last: it asks by itself, and asks again.
  api.use(withPatience(client));
  return client;
}

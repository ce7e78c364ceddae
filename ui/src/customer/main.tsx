import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Problem } from '../api/client';
import { UnitsProvider } from '../parts/units';
import { Given } from './Given';
import '../styles.css';

setNonce(document.querySelector<HTMLMetaElement>('meta[name=nonce]')?.content ?? '');

const client = new QueryClient({
  defaultOptions: {
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      retry: (times, fault) => !(fault instanceof Problem && fault.status > 0) && times < 3,
    },
  },
});

const root = document.getElementById('yelbo');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <UnitsProvider>
          <Given token={window.location.pathname.split('/')[2] ?? ''} />
        </UnitsProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}

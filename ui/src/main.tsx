import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Problem } from './api/client';
import { me } from './api/queries';
import { Frame } from './frame/Frame';
import { SignIn } from './frame/SignIn';
import { Loading, Nothing, Trouble } from './parts/basics';
import { UnitsProvider } from './parts/units';
import { ApplyStation } from './stations/apply/ApplyStation';
import { Ask } from './stations/ask/Ask';
import { BatchStation } from './stations/batch/BatchStation';
import { CutStation } from './stations/cut/CutStation';
import { ProofStation } from './stations/proof/ProofStation';
import { SendStation } from './stations/send/SendStation';
import { Book } from './stations/shop/Book';
import { Figures } from './stations/shop/Figures';
import { Machines } from './stations/shop/Machines';
import { Objects } from './stations/shop/Objects';
import { Post } from './stations/shop/Post';
import { Week } from './stations/shop/Week';
import { Size } from './stations/size/Size';
import { Stock } from './stations/stock/Stock';
import { WeedStation } from './stations/weed/WeedStation';
import './styles.css';

// The dialogs' own style sheet is let in by the page's nonce.
setNonce(document.querySelector<HTMLMetaElement>('meta[name=nonce]')?.content ?? '');

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

function Door() {
  const { data, error } = useQuery(me);
  if (data === undefined) {
    return error ? (
      <div className="p-10">
        <Trouble says={error.message} />
      </div>
    ) : (
      <Loading what="the shop" />
    );
  }
  return data.signedIn ? <Frame who={data} /> : <SignIn shop={data.shop} />;
}

const router = createBrowserRouter([
  {
    path: '/',
    element: <Door />,
    children: [
      { index: true, element: <Navigate to="/ask" replace /> },
      { path: 'ask/:number?', element: <Ask /> },
      { path: 'size/:number?', element: <Size /> },
      { path: 'proof/:number?', element: <ProofStation /> },
      { path: 'batch', element: <BatchStation /> },
      { path: 'cut', element: <CutStation /> },
      { path: 'weed', element: <WeedStation /> },
      { path: 'apply', element: <ApplyStation /> },
      { path: 'send', element: <SendStation /> },
      { path: 'stock', element: <Stock /> },
      { path: 'objects', element: <Objects /> },
      { path: 'week', element: <Week /> },
      { path: 'book', element: <Book /> },
      { path: 'post', element: <Post /> },
      { path: 'machines', element: <Machines /> },
      { path: 'figures', element: <Figures /> },
      { path: '*', element: <Nothing title="There is no such place">The line above leads everywhere.</Nothing> },
    ],
  },
]);

const root = document.getElementById('yelbo');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <UnitsProvider>
          <RouterProvider router={router} />
        </UnitsProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}

import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Outlet, RouterProvider, redirect } from 'react-router';
import { me } from './api/queries';
import { startSession } from './api/session';
import { vocabulary } from './api/vocabulary';
import { Fault } from './frame/Fault';
import { SignIn } from './frame/SignIn';
import { Loading, Nothing, Trouble } from './parts/basics';
import { UnitsProvider } from './parts/units';
import './styles.css';

const client = startSession();

/** Signed in, the shop; else the door. */
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
  return data.signedIn ? <Outlet /> : <SignIn shop={data.shop} needsOwner={data.needsOwner} />;
}

/** Asked for beside the scripts, so that the first thing drawn is the page itself. */
async function firstAnswers() {
  await client.prefetchQuery(me);
  if (client.getQueryData(me.queryKey)?.signedIn) {
    await client.prefetchQuery(vocabulary);
  }
  return null;
}

/** A page is fetched when it is entered. */
const page = <Name extends string>(
  path: string | undefined,
  load: () => Promise<Record<Name, React.ComponentType>>,
  name: Name,
) => ({
  path,
  lazy: async () => ({ Component: (await load())[name] }),
});

const router = createBrowserRouter([
  {
    path: '/',
    element: <Door />,
    errorElement: <Fault />,
    HydrateFallback: () => <Loading what="the shop" />,
    children: [
      {
        ...page(undefined, () => import('./frame/Shop'), 'Shop'),
        loader: firstAnswers,
        shouldRevalidate: () => false,
        children: [
          {
            errorElement: <Fault />,
            children: [
              { index: true, loader: () => redirect('/morning') },
              page('morning', () => import('./stations/week/Morning'), 'Morning'),
              page('ask/:number?', () => import('./stations/ask/Ask'), 'Ask'),
              page('size/:number?/:item?', () => import('./stations/size/Size'), 'Size'),
              page('proof/:number?', () => import('./stations/proof/ProofStation'), 'ProofStation'),
              page('batch', () => import('./stations/batch/BatchStation'), 'BatchStation'),
              page('cut', () => import('./stations/cut/CutStation'), 'CutStation'),
              page('weed', () => import('./stations/weed/WeedStation'), 'WeedStation'),
              page('apply', () => import('./stations/apply/ApplyStation'), 'ApplyStation'),
              page('send', () => import('./stations/send/SendStation'), 'SendStation'),
              page('stock', () => import('./stations/stock/Stock'), 'Stock'),
              page('objects', () => import('./stations/shop/Objects'), 'Objects'),
              page('drying', () => import('./stations/shop/Drying'), 'Drying'),
              page('week', () => import('./stations/week/Week'), 'Week'),
              page('pictures', () => import('./stations/shop/Pictures'), 'Pictures'),
              page('book', () => import('./stations/shop/Book'), 'Book'),
              page('post', () => import('./stations/shop/Post'), 'Post'),
              page('machines', () => import('./stations/shop/Machines'), 'Machines'),
              page('figures', () => import('./stations/shop/Figures'), 'Figures'),
              page('people', () => import('./stations/shop/People'), 'People'),
              {
                path: '*',
                element: <Nothing title="There is no such place">The line above leads everywhere.</Nothing>,
              },
            ],
          },
        ],
      },
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

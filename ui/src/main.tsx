import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { type ReactNode, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Outlet, Route, Routes } from 'react-router';
import { me } from './api/queries';
import { startSession } from './api/session';
import { vocabulary } from './api/vocabulary';
import { Guarded } from './frame/Fault';
import { Fetched, PAGES, shop } from './frame/pages';
import { SignIn } from './frame/SignIn';
import { Loading, Nothing, Trouble } from './parts/basics';
import { UnitsProvider } from './parts/units';
import './styles.css';

const client = startSession();
const starting = <Loading what="the shop" />;

/** Signed in, the shop; else the door. */
function Door() {
  const { data, error } = useQuery(me);
  if (data === undefined) {
    return error ? (
      <div className="p-10">
        <Trouble says={error.message} />
      </div>
    ) : (
      starting
    );
  }
  return data.signedIn ? <Outlet /> : <SignIn shop={data.shop} needsOwner={data.needsOwner} />;
}

const guarded = (
  <Guarded>
    <Outlet />
  </Guarded>
);

/** What may break is held twice: within the frame, so that the line stays, and round all of it. */
const places = (
  <Guarded>
    <Routes>
      <Route element={<Door />}>
        <Route element={<Fetched page={shop} />}>
          <Route element={guarded}>
            <Route index element={<Navigate to="/morning" replace />} />
            {Object.entries(PAGES).map(([word, page]) => (
              <Route key={word} path={word + page.more} element={<Fetched key={word} page={page} />} />
            ))}
            <Route
              path="*"
              element={<Nothing title="There is no such place">The line above leads everywhere.</Nothing>}
            />
          </Route>
        </Route>
      </Route>
    </Routes>
  </Guarded>
);

/** Asked for beside the scripts, so that the first thing drawn is the page itself. */
async function firstAnswers() {
  await client.prefetchQuery(me);
  if (client.getQueryData(me.queryKey)?.signedIn) {
    await client.prefetchQuery(vocabulary);
  }
}

/** Draws the page once it and what it begins with are there; what cannot be fetched is told by the page. */
async function start(draw: (what: ReactNode) => void) {
  draw(starting);
  const first = PAGES[window.location.pathname.split('/')[1] || 'morning'];
  await Promise.allSettled([firstAnswers(), shop.fetch(), first?.fetch()]);
  draw(
    <BrowserRouter>
      <Suspense fallback={starting}>{places}</Suspense>
    </BrowserRouter>,
  );
}

const root = document.getElementById('yelbo');
if (root) {
  const inPage = createRoot(root);
  void start((what) =>
    inPage.render(
      <StrictMode>
        <QueryClientProvider client={client}>
          <UnitsProvider>{what}</UnitsProvider>
        </QueryClientProvider>
      </StrictMode>,
    ),
  );
}

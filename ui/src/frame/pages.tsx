import { type ComponentType, lazy, useState } from 'react';

/** A page whose script is fetched when it is entered. */
interface FetchedPage {
  /** Fetches its script; drawn afterwards, the page is there at once. */
  fetch: () => Promise<{ default: ComponentType }>;
  fetched: () => ComponentType | undefined;
  Later: ComponentType;
  /** What may follow its word in the address. */
  more: string;
}

const page = <Name extends string>(
  load: () => Promise<Record<Name, ComponentType>>,
  name: Name,
  more = '',
): FetchedPage => {
  let there: ComponentType | undefined;
  const fetch = async () => {
    there ??= (await load())[name];
    return { default: there };
  };
  return { fetch, fetched: () => there, Later: lazy(fetch), more };
};

/** What is there already is not waited for, not even for a moment: docs/decisions/61. */
export function Fetched({ page }: { page: FetchedPage }) {
  const [Shown] = useState(() => page.fetched() ?? page.Later);
  return <Shown />;
}

/** What stands round the pages, for whoever is signed in. */
export const shop = page(() => import('./Shop'), 'Shop');

/** The pages, by the first word of their address. */
export const PAGES: Record<string, FetchedPage> = {
  morning: page(() => import('../stations/week/Morning'), 'Morning'),
  ask: page(() => import('../stations/ask/Ask'), 'Ask', '/:number?'),
  size: page(() => import('../stations/size/Size'), 'Size', '/:number?/:item?'),
  proof: page(() => import('../stations/proof/ProofStation'), 'ProofStation', '/:number?'),
  batch: page(() => import('../stations/batch/BatchStation'), 'BatchStation'),
  cut: page(() => import('../stations/cut/CutStation'), 'CutStation'),
  weed: page(() => import('../stations/weed/WeedStation'), 'WeedStation'),
  apply: page(() => import('../stations/apply/ApplyStation'), 'ApplyStation'),
  send: page(() => import('../stations/send/SendStation'), 'SendStation'),
  stock: page(() => import('../stations/stock/Stock'), 'Stock'),
  objects: page(() => import('../stations/shop/Objects'), 'Objects'),
  drying: page(() => import('../stations/shop/Drying'), 'Drying'),
  week: page(() => import('../stations/week/Week'), 'Week'),
  pictures: page(() => import('../stations/shop/Pictures'), 'Pictures'),
  book: page(() => import('../stations/shop/Book'), 'Book'),
  post: page(() => import('../stations/shop/Post'), 'Post'),
  machines: page(() => import('../stations/shop/Machines'), 'Machines'),
  figures: page(() => import('../stations/shop/Figures'), 'Figures'),
  people: page(() => import('../stations/shop/People'), 'People'),
};

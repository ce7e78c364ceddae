import { connect } from 'node:net';
import AxeBuilder from '@axe-core/playwright';
import { type BrowserContext, test as base, expect, type Page, type PlaywrightTestOptions } from '@playwright/test';
import { SHOPS, type Shop } from './shops';

export const SIGN_INS = { ines: 'lantern-towpath', tomas: 'kettle-and-rope' };
export type Who = keyof typeof SIGN_INS;
/** Starts a test signed out. */
export const NOBODY = 'nobody';

export async function signIn(page: Page, who: string, password: string): Promise<void> {
  await page.getByLabel('Name').fill(who);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: /Sign in/ }).click();
}

/** Where a worker's session in a shop is kept from the set-up on. */
export const session = (shop: Shop, who: Who): string => `test-results/${who}-${new URL(shop.url).port}.json`;

type Given = { who: Who | typeof NOBODY; as: (who: Who) => Promise<Page> };

/**
 * Each of the runner's workers has a shop of its own, so that tests side by side share no cutter, no figures and no process.
 */
export const bare = base.extend<Given & Pick<PlaywrightTestOptions, 'baseURL' | 'storageState'>, { shop: Shop }>({
  shop: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner reads what a fixture needs from this pattern.
    async ({}, use, worker) => {
      const shop = SHOPS[worker.parallelIndex];
      if (!shop) {
        throw new Error('More workers than shops.');
      }
      await use(shop);
    },
    { scope: 'worker' },
  ],
  who: ['ines', { option: true }],
  baseURL: async ({ shop }, use) => use(shop.url),
  storageState: async ({ shop, who }, use) => use(who === NOBODY ? { cookies: [], origins: [] } : session(shop, who)),
  as: async ({ browser, shop }, use) => {
    const opened: BrowserContext[] = [];
    await use(async (who) => {
      const context = await browser.newContext({ storageState: session(shop, who) });
      opened.push(context);
      return context.newPage();
    });
    await Promise.all(opened.map((context) => context.close()));
  },
});

/** A page whose console stays clean: no script fault, nothing the security policy had to block. */
export const test = bare.extend({
  page: async ({ page }, use) => {
    const faults: string[] = [];
    page.on('pageerror', (fault) => faults.push(String(fault)));
    page.on('console', (message) => {
      if (message.type() === 'error' && !message.text().includes('Failed to load resource')) {
        faults.push(message.text());
      }
    });
    await use(page);
    expect(faults).toEqual([]);
  },
});

export { expect };

/** Until the page has what it shows: nothing is still being asked for the first time. */
export async function settled(page: Page): Promise<void> {
  await page.locator('#work[aria-busy=false]').waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.waitForFunction(() => {
    const calm = window as { calmSince?: number };
    const busy = document.querySelector('#work')?.getAttribute('aria-busy') !== 'false';
    calm.calmSince = busy ? undefined : (calm.calmSince ?? performance.now());
    return calm.calmSince !== undefined && performance.now() - calm.calmSince > 150;
  });
}

/** The yes of somebody who stands in the shop. */
export async function sayYes(page: Page, button: string | RegExp = /^Approve/): Promise<void> {
  await page.getByRole('radio', { name: 'Here' }).click();
  await page.getByRole('button', { name: button }).click();
}

/** How many of the stand-in cutter's seconds pass in one of ours from now on: slow where its cut is to be caught in the middle. */
export const QUICK = 200;
export const SLOW = 12;
export const pace = (shop: Shop, seconds: number): Promise<void> =>
  new Promise((resolve, reject) => {
    const cutter = connect(Number(shop.env.YELBO_CUTTER_PORT), '127.0.0.1');
    cutter.on('error', reject).on('close', () => resolve());
    cutter.on('data', () => cutter.end()).write(`${JSON.stringify(['pace', seconds])}\n`);
  });

/** A day so many days from now, as a date field takes it. */
export const inDays = (days: number): string => new Date(Date.now() + days * 864e5).toISOString().slice(0, 10);

/** What a page's session has to say with each change; it stays until it signs in anew. */
const TOKENS = new WeakMap<Page, string>();

async function token(page: Page, anew = false): Promise<string> {
  const known = TOKENS.get(page);
  if (known && !anew) {
    return known;
  }
  const { csrf } = await (await page.request.get('/api/me')).json();
  TOKENS.set(page, csrf);
  return csrf;
}

/** Calls the API with the page's own session and token. */
export async function api<T = Record<string, unknown>>(
  page: Page,
  method: string,
  path: string,
  body?: unknown,
): Promise<T> {
  const asked = async (anew = false) =>
    page.request.fetch(path, {
      method,
      headers: { 'X-Yelbo-Token': await token(page, anew), 'Content-Type': 'application/json' },
      data: body === undefined ? undefined : JSON.stringify(body),
    });
  let response = await asked();
  if (response.status() === 403) {
    response = await asked(true);
  }
  // What the page has still worked out for it comes first.
  for (let times = 0; response.status() === 429 && times < 50; times += 1) {
    await page.waitForTimeout(200);
    response = await asked();
  }
  const answer = await response.json();
  if (!response.ok()) {
    throw new Error(`${method} ${path}: ${response.status()} ${JSON.stringify(answer)}`);
  }
  return answer as T;
}

const AXE_TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Axe finds nothing on what the page shows; what it passes is not listed, which is most of its work. */
export async function axeFindsNothing(page: Page, at = page.url()): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ runOnly: { type: 'tag', values: AXE_TAGS }, resultTypes: ['violations'] })
    .analyze();
  const said = violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html.slice(0, 140)).join(' | ')}`);
  expect(said, at).toEqual([]);
}

/** Whom it is from: somebody the shop knows, and which of that name. */
export async function known(page: Page, name: string): Promise<void> {
  await page.getByLabel('Who', { exact: true }).fill(name);
  await page
    .getByRole('radio', { name: new RegExp(`^The ${name} known here`) })
    .first()
    .check();
}

type Docket = { number: number; version: number; tag: string; pieces: { id: number; version: number; tag: string }[] };

/** An order brought to Proof, or on to Batch, by the API: the setting for a test, not its subject. */
export async function order(
  page: Page,
  words: string,
  to: 'size' | 'proof' | 'batch',
  more: Record<string, string> = {},
): Promise<Docket> {
  const stock = await api<{ films: { id: number; name: string }[] }>(page, 'GET', '/api/stock');
  const { filmName = 'Cast, cream', ...rest } = more;
  const film = stock.films.find((one) => one.name === filmName);
  let docket = await api<Docket>(page, 'POST', '/api/dockets', {
    take: true,
    answers: {
      customer: 'Osric Tamblyn',
      contact: '0700 900 181',
      words,
      object: 'Coal hod',
      surface: 'rectangle',
      width: '180mm',
      height: '90mm',
      useOf: 'outdoor',
      film: String(film?.id),
      quantity: '1',
      neededOn: inDays(9),
      appliedBy: 'customer',
      ...rest,
      // Another number is another of that name.
      ...(rest.contact && !rest.customer ? { known: 'new' } : {}),
    },
  });
  if (to !== 'size') {
    const body = { version: docket.version, words, face: 'bebas', proof: true };
    docket = await api<Docket>(page, 'PUT', `/api/dockets/${docket.number}/design`, body);
  }
  if (to === 'batch') {
    const body = { version: docket.version, proof: 1, by: 'Osric Tamblyn' };
    docket = await api<Docket>(page, 'POST', `/api/dockets/${docket.number}/approve`, body);
  }
  return docket;
}

type Plan = { id: number; version: number; kind: string; state: string };

/** Lays pieces out on a film's stock and releases the plan of least film: a batch of their own. */
export async function batch(
  page: Page,
  film: number | undefined,
  pieces: { id: number; version: number }[],
): Promise<{ id: number; version: number; stock: { id: number } }> {
  const begun = await api<{ id: number }>(page, 'POST', '/api/nestings', {
    film,
    pieces: pieces.map(({ id, version }) => ({ id, version })),
  });
  let plan: Plan | undefined;
  await expect
    .poll(
      async () => {
        const { plans } = await api<{ plans: Plan[] }>(page, 'GET', `/api/nestings/${begun.id}`);
        plan = plans.find((one) => one.kind === 'least-film');
        return plan?.state;
      },
      { timeout: 40_000 },
    )
    .toBe('done');
  type Batches = { batches: { id: number }[] };
  const { batches } = await api<Batches>(page, 'POST', `/api/plans/${plan?.id}/release`, { version: plan?.version });
  return api(page, 'GET', `/api/batches/${batches[0]?.id}`);
}

/** Puts a docket's pieces in a batch of their own. */
export async function release(
  page: Page,
  docket: Docket,
  filmName = 'Cast, cream',
): Promise<{ id: number; version: number }> {
  const stock = await api<{ films: { id: number; name: string }[] }>(page, 'GET', '/api/stock');
  return batch(page, stock.films.find((one) => one.name === filmName)?.id, docket.pieces);
}

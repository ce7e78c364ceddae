import { test as base, expect, type Page } from '@playwright/test';

export const SIGN_INS = { ines: 'lantern-towpath', tomas: 'kettle-and-rope' };
export const AS_TOMAS = 'test-results/tomas.json';

export async function signIn(page: Page, who: string, password: string): Promise<void> {
  await page.getByLabel('Name').fill(who);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: /Sign in/ }).click();
}

/** A page whose console stays clean: no script fault, nothing the security policy had to block. */
export const test = base.extend({
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

/** A day so many days from now, as a date field takes it. */
export const inDays = (days: number): string => new Date(Date.now() + days * 864e5).toISOString().slice(0, 10);

/** Calls the API with the page's own session and token. */
export async function api<T = Record<string, unknown>>(
  page: Page,
  method: string,
  path: string,
  body?: unknown,
): Promise<T> {
  const me = await (await page.request.get('/api/me')).json();
  const response = await page.request.fetch(path, {
    method,
    headers: { 'X-Yelbo-Token': me.csrf, 'Content-Type': 'application/json' },
    data: body === undefined ? undefined : JSON.stringify(body),
  });
  const answer = await response.json();
  if (!response.ok()) {
    throw new Error(`${method} ${path}: ${response.status()} ${JSON.stringify(answer)}`);
  }
  return answer as T;
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

/** Puts a docket's pieces in a batch of their own. */
export async function release(
  page: Page,
  docket: Docket,
  filmName = 'Cast, cream',
): Promise<{ id: number; version: number }> {
  const stock = await api<{ films: { id: number; name: string }[] }>(page, 'GET', '/api/stock');
  const film = stock.films.find((one) => one.name === filmName);
  return api(page, 'POST', '/api/batches', {
    film: film?.id,
    pieces: docket.pieces.map((piece) => ({ id: piece.id, version: piece.version })),
  });
}

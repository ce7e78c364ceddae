import type { Page } from '@playwright/test';
import { api, expect, test } from './shop';
import { ask, type Docket, deliver, film, png, read } from './whole';

const bring = (page: Page) => page.getByLabel('A drawing, or a picture of flat colours').first();
const ready = (page: Page) => expect(page.getByRole('button', { name: /Make the proof/ })).toBeEnabled();

/** The proof of the order that is at Size is made, said yes to, and all of it made. */
async function make(page: Page, number: number): Promise<Docket> {
  await ready(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page).toHaveURL('/batch');
  return deliver(page, number);
}

const svg = (name: string, paths: [string, string][]) => ({
  name,
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40">${paths
      .map(([fill, d]) => `<path fill="${fill}" d="${d}"/>`)
      .join('')}</svg>`,
  ),
});

const DRAWINGS = [
  svg('boat.svg', [
    ['#a02020', 'M6 26h46l-8 10H14z'],
    ['#204080', 'M26 4h4v20h-4z M32 6l14 18H32z'],
  ]),
  svg('bell.svg', [['#b08020', 'M18 30h24l-4-6V14l-4-6h-8l-4 6v10z']]),
  svg('leaf.svg', [['#206040', 'M8 34C8 12 26 6 50 6 50 26 36 36 8 34z']]),
  svg('wheel.svg', [['#404040', 'M30 4a16 16 0 1 0 .1 0z M30 12a8 8 0 1 1 -.1 0z']]),
];

test('six drawer fronts, four drawings in six films: one order', async ({ page }) => {
  test.setTimeout(300_000);
  const names = ['plum', 'slate', 'rust', 'fern', 'sand', 'ink'] as const;
  const films: { id: number; name: string }[] = [];
  for (const [nth, name] of names.entries()) {
    films.push(await film(page, 'permanent', name, `#${(0x402030 + nth * 0x181c10).toString(16)}`));
  }
  const front = { object: 'Drawer front', width: '180mm', height: '90mm', useOf: 'indoor' };
  const words = ['Boats', 'Bells', 'Leaves', 'Wheels', 'Rope', 'Twine'];
  const [first, ...others] = words.map((each, nth) => ({ ...front, words: each, film: String(films[nth]?.id) }));
  const docket = await ask(
    page,
    first as Record<string, string>,
    others.map((one) => ({ ...one, quantity: '1', appliedBy: 'customer' })),
  );
  for (const [nth, drawing] of DRAWINGS.entries()) {
    await page.goto(`/size/${docket.number}/${nth + 1}`);
    await bring(page).setInputFiles(drawing);
    await expect(page.getByRole('heading', { name: 'Their own drawing' })).toBeVisible();
    await page.getByLabel('Height over all').fill('60mm');
    // A second colour in a film of its own.
    if (nth === 0) {
      await page.getByLabel(/^Colour #204080/).selectOption({ label: films[4]?.name ?? '' });
    }
    await page.waitForResponse((response) => response.url().endsWith('/design') && response.ok());
  }
  await page.goto(`/size/${docket.number}/6`);
  const done = await make(page, docket.number);
  expect([done.state, done.pieces.length]).toEqual(['done', 7]);
  expect(new Set(done.pieces.map((piece) => piece.film.name)).size).toBe(6);
});

test('a band of cut-out words round an oval badge on a flask', async ({ page }) => {
  test.setTimeout(240_000);
  const moss = await film(page, 'permanent', 'kelp', '#33503a');
  const docket = await ask(page, {
    words: 'MILL\nHILL',
    object: 'Flask',
    surface: 'ring',
    width: '86mm',
    height: '80mm',
    innerWidth: '60mm',
    innerHeight: '54mm',
    allowance: 'close',
    useOf: 'indoor',
    film: String(moss.id),
  });
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('button', { name: /^Krona/ }).click();
  await page.getByRole('tab', { name: 'Setting' }).click();
  await page.getByLabel('Arrangement').selectOption({ label: 'Cut out of a solid' });
  await page.getByLabel('Solid').selectOption({ label: 'Band, a ring or an oval' });
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await ready(page);
  // Letters of some 0.7 of a band of 13 mm, and one piece of film that holds its words.
  const letters = Number.parseFloat(
    (await page
      .getByText(/^\d+(\.\d)? mm$/)
      .first()
      .textContent()) ?? '0',
  );
  expect(letters).toBeGreaterThan(5);
  const done = await make(page, docket.number);
  expect([done.state, done.pieces.length]).toEqual(['done', 1]);
});

test('eight notice panes of lattice in cling, to the edge', async ({ page }) => {
  test.setTimeout(300_000);
  const cling = await film(page, 'cling', 'smoke', '#8f9a9c');
  const docket = await ask(page, {
    words: 'Closed',
    object: 'Notice pane',
    surface: 'panes',
    panes: '8',
    width: '180mm',
    height: '140mm',
    material: 'glass',
    useOf: 'indoor',
    allowance: 'edge',
    film: String(cling.id),
  });
  await page.goto(`/size/${docket.number}`);
  await page.getByLabel('Letter height').fill('26mm');
  await page.getByRole('tab', { name: 'Beside' }).click();
  const beside = page.getByRole('tabpanel', { name: 'Beside' });
  await beside.getByRole('button', { name: 'Pattern' }).click();
  await beside.getByLabel('Pattern').selectOption({ label: 'Lattice' });
  await beside.getByLabel('From middle to middle').fill('30mm');
  await beside.getByLabel('Across one').fill('5mm');
  await expect(beside.getByRole('button', { name: /lattice/i })).toBeVisible();
  const done = await make(page, docket.number);
  expect([done.state, done.pieces.length]).toEqual(['done', 8]);
});

test('a printed sticker with its cut line: printed, dried, coated, cut', async ({ page }) => {
  test.setTimeout(240_000);
  const printable = await film(page, 'printable', 'gloss', '#ffffff');
  // Drying is waited for elsewhere; here it takes no time.
  for (const name of ['print-dries', 'print-coats']) {
    const { rules } = await api<{ rules: { rule: string; version: number }[] }>(page, 'GET', '/api/rules');
    const version = rules.find((one) => one.rule === name)?.version ?? 0;
    await api(page, 'PUT', `/api/rules/${name}`, { value: '0', version });
  }
  const docket = await ask(page, {
    words: 'Kestrel',
    object: 'Lunch box',
    width: '200mm',
    height: '140mm',
    useOf: 'indoor',
    film: String(printable.id),
  });
  await page.goto(`/size/${docket.number}`);
  await bring(page).setInputFiles({
    name: 'kestrel.png',
    mimeType: 'image/png',
    buffer: png(400, 300, (x, y) =>
      Math.hypot(x - 200, y - 150) < 110 ? ((x & 255) << 16) | (0x60 << 8) | (y & 255) : 0xffffff,
    ),
  });
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'Printed' }).click();
  await dialog.getByRole('button', { name: 'Print it' }).click();
  await expect(dialog.getByText(/Write a length|How high|length/).first()).toBeVisible();
  await dialog.getByLabel('How high is what is on it').fill('70mm');
  await dialog.getByLabel('The cut lies outside by').fill('3mm');
  await dialog.getByRole('button', { name: 'Print it' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Their picture, printed' })).toBeVisible();
  await page.getByRole('button', { name: /Its true size/ }).click();
  await expect(page.getByText(/× 7[56](\.\d)? mm/).first()).toBeVisible();
  await expect(page.locator('svg image')).toBeVisible();
  await ready(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await expect(page.locator('svg image').first()).toBeVisible();
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page).toHaveURL('/batch');
  await page.getByRole('button', { name: /Printable, gloss/ }).click();
  await page.getByRole('button', { name: /Release to the cutter/ }).click();
  await expect(page).toHaveURL('/cut');
  await page.getByRole('button', { name: /Printable, gloss/ }).click();
  await expect(page.getByRole('heading', { name: 'Printed first' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: /The print, true to size/ }).click();
  expect((await download).suggestedFilename()).toMatch(/^batch-\d+-print\.pdf$/);
  await page.getByLabel(/The test cut weeds clean/).check();
  await page.getByRole('button', { name: 'Start cutting' }).click();
  await page.getByRole('button', { name: 'Cut it' }).click();
  await expect(page.getByRole('dialog').getByText('Print it first')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'It is printed at 100 %' }).click();
  await expect(page.getByText(/0 of 0 clear coats/)).toBeVisible();
  await page.getByRole('button', { name: 'Start cutting' }).click();
  await page.getByRole('button', { name: 'Cut it' }).click();
  await expect
    .poll(async () => (await read(page, docket.number)).pieces[0]?.state, { timeout: 60_000 })
    .toBe('weeding');
  const done = await deliver(page, docket.number);
  expect(done.state).toBe('done');
});

import type { Page } from '@playwright/test';
import { api, expect, order, test } from './shop';
import { film } from './whole';

/** The name of a film of the test's own, and what of it there is. */
const filmOf = async (page: Page, colour: string, stock: [string, string, string, string][]): Promise<string> =>
  (await film(page, colour, { stock })).name;

/** How long plans are thought about from now on; nothing elsewhere, where what is tried is not the looking. */
const thinks = (page: Page, seconds: string) => api(page, 'PUT', '/api/rules/think', { value: seconds });

const done = async (page: Page) =>
  expect(page.getByRole('button', { name: /Release to the cutter/ })).toBeEnabled({ timeout: 30_000 });

test('plans are compared, a piece is dragged, pinned and undone, and the plan is released sheet by sheet', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const name = await filmOf(page, 'slate', [
    ['offcut', '210mm', '80mm', '1'],
    ['sheet', '300mm', '600mm', '3'],
  ]);
  await order(page, 'Wharfinger', 'batch', { filmName: name, quantity: '3' });
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await done(page);
  for (const plan of ['Least film', 'Least weeding', 'Due first']) {
    await page.getByRole('button', { name: plan }).click();
    await expect(page.getByRole('button', { name: plan })).toHaveAttribute('aria-pressed', 'true');
  }
  await expect(page.getByRole('cell', { name: '3 of 3' })).toHaveCount(3);
  await page.getByRole('button', { name: 'Least film' }).click();
  await expect(page.getByRole('tab')).toHaveCount(2);
  await page.getByRole('tab', { name: /sheet/ }).click();

  const piece = page.locator('svg g[role=button]').first();
  const before = await piece.getAttribute('transform');
  const box = await piece.boundingBox();
  const at = { x: (box?.x ?? 0) + (box?.width ?? 0) / 2, y: (box?.y ?? 0) + (box?.height ?? 0) / 2 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x + 160, at.y, { steps: 5 });
  await page.mouse.up();
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(piece).toHaveAttribute('transform', before ?? '');

  await piece.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(piece).toHaveAttribute('transform', before ?? '');
  const shape = piece.locator('path');
  const lying = (await shape.getAttribute('transform')) ?? '';
  await piece.focus();
  await page.keyboard.press('r');
  await expect(shape).not.toHaveAttribute('transform', lying);
  await page.keyboard.press('Control+z');
  await expect(shape).toHaveAttribute('transform', lying);
  await piece.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Pin', exact: true })).toBeEnabled();
  await page.keyboard.press('p');
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveCount(1);
  const pinned = await page.locator('svg g[role=button][aria-label$="pinned"]').getAttribute('transform');
  await thinks(page, '1');
  await page.getByRole('button', { name: 'Around the pinned' }).click();
  await expect(page.getByRole('progressbar', { name: 'Laying out' })).toBeVisible();
  await thinks(page, '0');
  await done(page);
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveAttribute('transform', pinned ?? '');
  await page.reload();
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await page.getByRole('tab', { name: /sheet/ }).click();
  await expect(page.locator('svg g[role=button][aria-label$="pinned"]')).toHaveAttribute('transform', pinned ?? '');

  await page.getByRole('button', { name: /Release to the cutter/ }).click();
  await expect(page).toHaveURL('/cut');
  await page
    .getByRole('button', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.getByText('released with')).toBeVisible();
  const map = await page.getByRole('link', { name: 'Map' }).getAttribute('href');
  const paper = await page.request.get(map ?? '');
  expect(paper.headers()['content-type']).toBe('application/pdf');
  expect((await paper.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('where a piece may not lie it is said what it comes too near to', async ({ page }) => {
  const name = await filmOf(page, 'moss', [['sheet', '230mm', '80mm', '1']]);
  await order(page, 'Wharfinger', 'batch', { filmName: name });
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await done(page);
  const piece = page.locator('svg g[role=button]').first();
  await piece.focus();
  for (let times = 0; times < 8; times++) {
    await page.keyboard.press('Shift+ArrowDown');
    await page.waitForTimeout(150);
  }
  await expect(page.getByRole('alert')).toContainText(/hang over the edge|too near/);
  await page.getByRole('tab').click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('pieces can be left out, and what does not go on the stock chosen is named with the reason', async ({ page }) => {
  const name = await filmOf(page, 'chalk', [
    ['offcut', '230mm', '64mm', '1'],
    ['sheet', '300mm', '600mm', '2'],
  ]);
  const docket = await order(page, 'Wharfinger', 'batch', { filmName: name, quantity: '3' });
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await expect(page.getByRole('cell', { name: '3 of 3' }).first()).toBeVisible({ timeout: 30_000 });
  await page.getByRole('checkbox', { name: new RegExp(`${docket.tag}/3`) }).uncheck();
  await expect(page.getByRole('cell', { name: '2 of 2' }).first()).toBeVisible({ timeout: 30_000 });
  const offcut = page.getByLabel('Cut from').getByRole('option', { name: /^only N-/, includeHidden: true });
  await page.getByLabel('Cut from').selectOption((await offcut.getAttribute('value')) ?? '');
  await expect(page.getByRole('cell', { name: '1 of 2' }).first()).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('Stays for the next batch')).toBeVisible();
  await expect(page.getByText('The stock given is full.')).toBeVisible();
});

test('laying out can be stopped, and the best so far is taken', async ({ page }) => {
  const name = await filmOf(page, 'rust', [['sheet', '300mm', '600mm', '3']]);
  await order(page, 'Teal', 'batch', { filmName: name, quantity: '30' });
  await thinks(page, '20');
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  const stop = page.getByRole('button', { name: 'Stop' });
  await expect(page.getByRole('progressbar', { name: 'Laying out' })).toBeVisible();
  await expect(page.getByText('Looking for a better one …')).toBeVisible({ timeout: 20_000 });
  await thinks(page, '0');
  await stop.click();
  await done(page);
  await expect(page.getByRole('cell', { name: '30 of 30' }).first()).toBeVisible();
  const asked: string[] = [];
  page.on('request', (request) => asked.push(`${request.method()} ${new URL(request.url()).pathname}`));
  await page.evaluate(() => window.dispatchEvent(new Event('visibilitychange')));
  await expect.poll(() => asked.length, { message: 'looking back at the page asks anew' }).toBeGreaterThan(0);
  await page.waitForLoadState('networkidle');
  expect(asked).not.toContain('POST /api/nestings');
});

test('two at the same offcut: the second is told who has it', async ({ page, as }) => {
  test.setTimeout(90_000);
  const name = await filmOf(page, 'teal', [['offcut', '230mm', '80mm', '1']]);
  await order(page, 'Lapwing', 'batch', { filmName: name });
  await order(page, 'Bittern', 'batch', { filmName: name });
  const other = await as('tomas');
  for (const [who, word] of [
    [page, 'Lapwing'],
    [other, 'Bittern'],
  ] as const) {
    await who.goto('/batch');
    await who.getByRole('button', { name: new RegExp(name) }).click();
    await who.getByRole('button', { name: 'None', exact: true }).click();
    await who.getByRole('checkbox', { name: new RegExp(word) }).check();
    await expect(who.getByRole('cell', { name: '1 of 1' }).first()).toBeVisible({ timeout: 30_000 });
    await done(who);
  }
  await other.getByRole('button', { name: /Release to the cutter/ }).click();
  await expect(other).toHaveURL('/cut');
  await page.getByRole('button', { name: /Release to the cutter/ }).click();
  await expect(page.getByRole('alert')).toContainText(/N-\d+ was taken by Tomas for batch \d+/);
});

test('a decal longer than the machine is laid out in panels', async ({ page }) => {
  const name = await filmOf(page, 'plum', [['sheet', '300mm', '600mm', '4']]);
  await order(page, 'MOORINGS HERE', 'batch', { filmName: name, width: '1400mm', height: '120mm' });
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await done(page);
  await expect(page.locator('svg g[role=button][aria-label*="part 1"]')).toHaveCount(1);
  expect(await page.getByText('Stays for the next batch').count()).toBe(0);
});

test('weed boxes are planned for, and a sign with much empty film can be cut in parts', async ({ page }) => {
  test.setTimeout(90_000);
  const name = await filmOf(page, 'heather', [['sheet', '300mm', '600mm', '4']]);
  await order(page, 'Fender', 'batch', { filmName: name, quantity: '4' });
  await page.goto('/batch');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await done(page);
  const line = page.getByText(/% kept/);
  await expect(line).not.toContainText('weed box');
  await page.getByText('Each piece', { exact: true }).click();
  await done(page);
  await expect(line).toContainText('4 weed boxes');
  await page.getByText('Each order', { exact: true }).click();
  await done(page);
  await expect(line).toContainText('1 weed box.');

  await page.getByRole('button', { name: /Permanent, navy/ }).click();
  const parts = page.getByRole('checkbox', { name: /Rope and Twine in 2 parts/ });
  await parts.check();
  await done(page);
  let laid = 0;
  for (const sheet of await page.getByRole('tab').all()) {
    await sheet.click();
    laid += await page.locator('svg g[role=button][aria-label*="Rope and Twine"]').count();
  }
  expect(laid).toBe(2);
  await parts.uncheck();
});

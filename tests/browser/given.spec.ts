import { execFileSync } from 'node:child_process';
import AxeBuilder from '@axe-core/playwright';
import { devices, type Page } from '@playwright/test';
import { api, expect, order, test } from './shop';

const { defaultBrowserType: _, ...PHONE } = devices['Pixel 7'];

/** A link to a docket's newest proof, as the shop hands it out. */
async function link(page: Page, docket: { number: number }): Promise<string> {
  const given = await api<{ url: string }>(page, 'POST', `/api/dockets/${docket.number}/links`, { to: '' });
  return new URL(given.url).pathname;
}

test('a proof goes out by post and comes back with a change request, pinned, from a phone', async ({
  page,
  browser,
}) => {
  const docket = await order(page, 'Mallow', 'proof', { contact: 'osric@tamblyn.example' });
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /Send the proof, or copy a link/ }).click();
  const dialog = page.getByRole('dialog', { name: 'A link for the customer' });
  await dialog.getByLabel('Send it to').fill('nowhere');
  await dialog.getByRole('button', { name: 'Send it' }).click();
  await expect(dialog.getByText(/An address looks like/)).toBeVisible();
  await dialog.getByLabel('Send it to').fill('osric@tamblyn.example');
  await dialog.getByRole('button', { name: 'Send it' }).click();
  const url = await page.getByRole('dialog', { name: 'Here is the link' }).getByText(/\/p\//).textContent();
  await page.getByRole('button', { name: /Done/ }).click();
  await page.goto('/post');
  const letter = page.getByRole('listitem').filter({ hasText: docket.tag });
  await expect(letter.getByText(url ?? '-')).toBeVisible({ timeout: 20_000 });

  const phone = await browser.newContext({ ...PHONE, baseURL: new URL(page.url()).origin });
  const theirs = await phone.newPage();
  const asked: string[] = [];
  theirs.on('request', (request) => asked.push(new URL(request.url()).origin));
  await theirs.goto(new URL(url ?? '').pathname);
  await expect(theirs.getByRole('heading', { name: new RegExp(`Your proof ${docket.tag}`) })).toBeVisible();
  await expect(theirs.getByText('capital M')).toBeVisible();
  expect(await theirs.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  const axe = await new AxeBuilder({ page: theirs }).setLegacyMode().analyze();
  expect(axe.violations.map((violation) => `${violation.id}: ${violation.nodes[0]?.html}`)).toEqual([]);
  await theirs.getByRole('img', { name: /Proof 1: Mallow/ }).click({ position: { x: 120, y: 90 } });
  await theirs.getByLabel('Your name').fill('Osric Tamblyn');
  await theirs.getByLabel(/what should differ/).fill('A little higher, please');
  await theirs.getByRole('button', { name: 'Ask for the change' }).click();
  await expect(theirs.getByText('Sent to the shop.', { exact: false })).toBeVisible();
  expect([...new Set(asked)]).toEqual([new URL(page.url()).origin]);

  await page.goto(`/proof/${docket.number}`);
  await expect(page.getByText('“A little higher, please”')).toBeVisible();
  await expect(page.getByRole('img', { name: /Proof 1: Mallow/ }).getByText('A', { exact: true })).toBeVisible();
  await expect(page.getByText(/opened /)).toBeVisible();
  await phone.close();
});

test('approved by link it goes on to Batch; said again nothing changes; it is locked, and opened again with a reason', async ({
  page,
}) => {
  const docket = await order(page, 'Comfrey', 'proof');
  const path = await link(page, docket);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(path);
  await page.getByRole('button', { name: /Yes, make it exactly like this/ }).click();
  await expect(page.getByText('Please write your name', { exact: false })).toBeVisible();
  await page.getByLabel('Your name').fill('Osric Tamblyn');
  await page.getByRole('button', { name: /Yes, make it exactly like this/ }).click();
  await expect(page.getByText(/Approved by Osric Tamblyn/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Yes, make it/ })).toHaveCount(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/size/${docket.number}?docket=${docket.number}`);
  const drawer = page.getByRole('dialog', { name: 'Comfrey' });
  await expect(drawer.getByText('approved by link by Osric Tamblyn', { exact: false })).toBeVisible();
  await drawer.getByRole('button', { name: /Open it again/ }).click();
  const why = page.getByRole('dialog', { name: /Open .* again\?/ });
  await why.getByLabel('Why').fill('another size');
  await why.getByRole('button', { name: 'Open it again' }).click();
  await expect(drawer.getByText('Opened again after its approval: another size')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page.getByText('proof 2 of 2')).toBeVisible();
  await page.getByRole('button', { name: 'Beside' }).click();
  await expect(page.getByRole('img', { name: /^Proof \d: Comfrey/ })).toHaveCount(2);
  await page.goto(path);
  await expect(page.getByText(/There is a newer proof of this order/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Yes, make it/ })).toHaveCount(0);
});

test('wrong, expired and withdrawn links say so and show nothing', async ({ page, shop }) => {
  const docket = await order(page, 'Yarrow', 'proof');
  const path = await link(page, docket);
  await page.goto(`${path.slice(0, -3)}aaa`);
  await expect(page.getByText(/leads nowhere/)).toBeVisible();
  // The day it expires, come early.
  const late = await link(page, docket);
  const early = 'UPDATE proof_link SET expires_at = made_at ORDER BY id DESC LIMIT 1';
  execFileSync('./yelbo', ['console', 'dbal:run-sql', early], { env: { ...process.env, ...shop.env } });
  await page.goto(late);
  await expect(page.getByText(/This link has expired/)).toBeVisible();
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByText('withdrawn')).toBeVisible();
  await page.goto(path);
  await expect(page.getByRole('heading', { name: 'This proof cannot be shown' })).toBeVisible();
  await expect(page.getByText(/has withdrawn this link/)).toBeVisible();
  await expect(page.getByText('Yarrow')).toHaveCount(0);
});

test('a proof is read out large, by a key, and comes on paper', async ({ page }) => {
  const docket = await order(page, 'Plot 9', 'proof');
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /Large/ }).waitFor();
  await page.keyboard.press('r');
  const dialog = page.getByRole('dialog', { name: 'Read it out' });
  await expect(dialog.getByText('capital P')).toBeVisible();
  await expect(dialog.getByText('space')).toBeVisible();
  await expect(dialog.getByText('nine')).toBeVisible();
  await page.keyboard.press('Escape');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: /PDF to scale/ }).click();
  expect((await download).suggestedFilename()).toBe(`${docket.tag.toLowerCase()}-proof-1.pdf`);
});

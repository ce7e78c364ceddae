import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { api, axeFindsNothing, expect, inDays, known, settled, test } from './shop';
import { deliver, film, read } from './whole';

type Charged = {
  quote: { total: { minor: number; text: string } };
  agreed: { text: string } | null;
  invoice: { number: number; total: { text: string } } | null;
  cost: { cost: { minor: number }; left: { minor: number }; lines: { what: string; measured: boolean }[] } | null;
};

const charged = (page: Page, number: number) => api<Charged>(page, 'GET', `/api/dockets/${number}/quote`);

/** What a page lets somebody keep, as it begins. */
async function kept(page: Page, link: string | RegExp): Promise<string> {
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: link }).click();
  return (await readFile(await (await download).path())).subarray(0, 5).toString();
}

test('a quote is told at Ask, said on the proof and to the customer, agreed, charged, paid, and held against its cost', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000);
  const mustard = await film(page, 'mustard', { swatch: '#c69a1b' });
  await page.goto('/ask/new');
  await known(page, 'Perpetua Lyle');
  await page.getByLabel('What words').fill('Tansy');
  await page.getByLabel('On what').fill('Seed tin lid');
  await page.getByLabel('Width').fill('120mm');
  await page.getByLabel('Height').fill('60mm');
  await page.getByLabel('Film', { exact: true }).selectOption(String(mustard.id));
  await page.getByLabel('How many').fill('3');
  await page.getByLabel('Used on').fill(inDays(14));
  await page.getByRole('radio', { name: 'The customer' }).click();
  const price = page.getByRole('region', { name: 'What it costs' });
  await expect(price).toContainText('3 pieces');
  const collected = await price.textContent();
  await page.getByLabel('How it comes to them').selectOption('posted');
  await expect(price).toContainText('Delivery');
  await expect(price).not.toHaveText(collected ?? '');
  const told = /€\d+\.\d\d/.exec((await price.textContent()) ?? '')?.[0] ?? '';
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+$/);
  const number = Number(page.url().split('/').pop());
  await settled(page);
  const make = page.getByRole('button', { name: /Make the proof/ });
  await expect(make).toBeEnabled();
  await make.click();
  await expect(page).toHaveURL(/\/proof\/\d+$/);
  // A figure told twice is one: at Ask, on the proof, on the customer's page.
  const docket = await read(page, number);
  expect((await charged(page, number)).quote.total.text).toBe(told);
  const label = page.getByLabel('For all of it');
  await expect(label).toHaveValue(told.slice(1));
  expect(await kept(page, 'The quote as PDF')).toBe('%PDF-');
  await label.fill('19.50');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect.poll(async () => (await read(page, number)).proofs.length).toBe(2);

  const { url } = await api<{ url: string }>(page, 'POST', `/api/dockets/${number}/links`, { to: '' });
  const guest = await (await browser.newContext()).newPage();
  await guest.goto(new URL(url).pathname);
  const cost = guest.getByRole('region', { name: 'What it costs' });
  await expect(cost).toContainText('3 × Tansy, on Seed tin lid');
  await expect(cost).toContainText('€19.50');
  await expect(cost).toContainText('It holds until');
  expect(await kept(guest, 'The quote as PDF')).toBe('%PDF-');
  await axeFindsNothing(guest);
  await guest.getByLabel('Your name').fill('Perpetua Lyle');
  await guest.getByRole('button', { name: /Yes, make it exactly like this/ }).click();
  await expect(guest.getByText(/Approved by Perpetua Lyle/)).toBeVisible();
  await guest.context().close();

  await deliver(page, number);
  await page.goto(`/book?docket=${number}`);
  const drawer = page.getByRole('dialog', { name: 'Tansy' });
  await drawer.getByRole('button', { name: 'Write the invoice, €19.50' }).click();
  await expect(drawer.getByRole('link', { name: /Invoice R-\d+, €19.50/ })).toBeVisible();
  await drawer.getByRole('button', { name: 'Card' }).click();
  await expect(drawer.getByRole('link', { name: /Receipt P-\d+, paid by card/ })).toBeVisible();
  await drawer.getByText(/What it really cost/).click();
  await expect(drawer.getByRole('row', { name: /Weeding/ })).toBeVisible();
  await axeFindsNothing(page);
  expect(await kept(page, /Receipt/)).toBe('%PDF-');
  const { cost: real } = await charged(page, number);
  expect((real?.cost.minor ?? 0) + (real?.left.minor ?? 0)).toBe(1950);
  expect(real?.lines.find((line) => line.what.startsWith('Permanent'))?.measured).toBe(true);

  await page.goto('/pictures');
  const margin = page.getByRole('region', { name: 'What is left, by film' });
  await margin.getByText('The figures').click();
  await expect(margin.getByRole('row', { name: /^Permanent/ })).toBeVisible();
  const test3 = page.getByRole('region', { name: 'What if it were charged another way?' });
  await expect(test3.getByRole('row', { name: new RegExp(docket.tag) })).toContainText('€19.50');
  await axeFindsNothing(page);
});

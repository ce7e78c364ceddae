import { api, expect, order, sayYes, test } from './shop';

test('an order is changed after the yes: what that sets back is said first, then a new proof and a new yes', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const docket = await order(page, 'Sandpiper', 'batch');
  await page.goto(`/book?docket=${docket.number}`);
  await page.getByRole('link', { name: 'Change what was asked' }).click();
  await expect(page.getByRole('heading', { name: `Change ${docket.tag}` })).toBeVisible();
  const change = page.getByRole('button', { name: /Change the order/ });
  const dialog = page.getByRole('dialog', { name: `Change ${docket.tag}?` });

  // What is said once sets nothing back.
  await page.getByLabel('Reached at').fill('0700 900 555');
  await change.click();
  await expect(dialog.getByText('reached at: 0700 900 181 → 0700 900 555')).toBeVisible();
  await expect(dialog.getByText('Nothing: no new proof')).toBeVisible();
  await dialog.getByRole('button', { name: 'Change it' }).click();
  await expect(page).toHaveURL('/batch');

  // Other words do; what is wrong stands at its field and nothing typed is lost.
  await page.goto(`/ask/${docket.number}`);
  await page.getByLabel('What words').fill('Sandpipers');
  await page.getByLabel('Width').fill('wide');
  await change.click();
  await expect(page.getByText(/Write a length|length/).first()).toBeVisible();
  await expect(page.getByLabel('What words')).toHaveValue('Sandpipers');
  await page.getByLabel('Width').fill('180mm');
  await change.click();
  await expect(dialog.getByText('the words: Sandpiper → Sandpipers')).toBeVisible();
  await expect(dialog.getByText(/yes is taken back: a new proof/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Change it' }).click();
  await expect(page).toHaveURL(`/size/${docket.number}`);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await sayYes(page);
  await expect(page).toHaveURL('/batch');
  type Now = { state: string; pieces: { label: string }[]; log: { says: string }[] };
  const now = await api<Now>(page, 'GET', `/api/dockets/${docket.number}`);
  expect([now.state, now.pieces.map((piece) => piece.label)]).toEqual(['making', ['Sandpipers']]);
  expect(now.log.map((line) => line.says)).toContain('Order changed: the words: Sandpiper → Sandpipers');
});

test('two customers of one name: the order asks which, and keeps what it was told', async ({ page }) => {
  await order(page, 'Dotterel', 'size', { customer: 'Jory Nance', contact: '0700 900 482' });
  await page.goto('/ask/new');
  await page.getByLabel('Who', { exact: true }).fill('Jory Nance');
  await page.getByLabel('Reached at').fill('0700 900 139');
  await page.getByLabel('What words').fill('Whimbrel');
  await page.getByLabel('On what').fill('Seed tin');
  await page.getByLabel('Width').fill('90mm');
  await page.getByLabel('Height').fill('60mm');
  await page.getByLabel('Film').selectOption({ label: 'Cast, cream' });
  await page.getByLabel('Used on').fill(new Date(Date.now() + 9 * 864e5).toISOString().slice(0, 10));
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page.getByText(/already somebody called Jory Nance, number ending 482/).first()).toBeVisible();
  await page.getByRole('radio', { name: 'Another Jory Nance' }).check();
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+/);
  const { customers } = await api<{ customers: { toldBy: string }[] }>(page, 'GET', '/api/customers?find=jory nance');
  expect(customers.map((one) => one.toldBy)).toEqual(['number ending 482', 'number ending 139']);
});

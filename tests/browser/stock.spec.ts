import { api, expect, test } from './shop';

test('film comes in, is counted and scrapped with a reason, and its label finds it', async ({ page }) => {
  await page.goto('/stock');
  await page.getByRole('button', { name: 'New film' }).click();
  const film = page.getByRole('dialog', { name: 'A new film' });
  await film.getByRole('button', { name: 'Keep it' }).click();
  await expect(film.getByText('Which colour is it?')).toBeVisible();
  await film.getByLabel('Colour', { exact: true }).fill('kingfisher');
  await film.getByLabel('Price of a m²').fill('11.40');
  await film.getByLabel('Low under, m²').fill('0.5');
  await film.getByRole('button', { name: 'Keep it' }).click();
  await expect(film).toBeHidden();
  const row = page.getByRole('region', { name: 'Permanent, kingfisher' });
  await expect(row.getByText('None left.')).toBeVisible();
  await expect(row.getByText('low')).toBeVisible();

  await page.getByRole('button', { name: 'Receive film' }).click();
  const receive = page.getByRole('dialog', { name: 'Film that came in' });
  await receive.getByLabel('Film', { exact: true }).selectOption({ label: 'Permanent, kingfisher' });
  await receive.getByLabel('Width').fill('wide');
  await receive.getByRole('button', { name: 'Onto the shelf' }).click();
  await expect(receive.getByText('“wide” is not a length', { exact: false })).toBeVisible();
  await expect(receive.getByText('Which bin does it go into?')).toBeVisible();
  await receive.getByLabel('Width').fill('300mm');
  await receive.getByLabel('How many').fill('4');
  await receive.getByLabel('Bin').fill('K1');
  await receive.getByLabel('Lot').fill('L77');
  await receive.getByRole('button', { name: 'Onto the shelf' }).click();
  await expect(receive).toBeHidden();
  await expect(row.getByText('0.72 m²')).toBeVisible();
  await expect(row.getByText('low')).toBeHidden();

  const number = (await row.getByText(/^S-\d+$/).textContent()) ?? '';
  await page.getByLabel('Number, scanned or typed').fill(number.toLowerCase().replace('-', ''));
  await page.keyboard.press('Enter');
  const chosen = page.getByRole('complementary', { name: 'What is chosen' });
  await expect(chosen.getByRole('heading', { name: number })).toBeVisible();
  await expect(chosen.getByText('L77')).toBeVisible();
  await page.getByLabel('Number, scanned or typed').fill('N-9999');
  await page.keyboard.press('Enter');
  await expect(page.getByText('There is no N-9999 on the shelf.')).toBeVisible();

  await page.goto('/week');
  await page.getByRole('heading', { name: /Week/ }).first().waitFor();
  await page.keyboard.press('/');
  await page.getByLabel('Looking for').fill(number.toLowerCase());
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(`/stock?of=${number}`);
  await expect(chosen.getByRole('heading', { name: number })).toBeVisible();

  await chosen.getByRole('button', { name: 'Count' }).click();
  const count = page.getByRole('dialog', { name: `Count ${number}` });
  await count.getByLabel('How many').fill('3');
  await count.getByRole('button', { name: 'Write it down' }).click();
  await expect(count.getByText('Why is it not what the shelf says?', { exact: false })).toBeVisible();
  await count.getByRole('button', { name: 'miscounted' }).click();
  await count.getByRole('button', { name: 'Write it down' }).click();
  await expect(count).toBeHidden();
  await expect(chosen.getByText('counted · miscounted')).toBeVisible();
  await expect(chosen.getByText('−1', { exact: false })).toBeVisible();

  await chosen.getByRole('button', { name: 'Scrap' }).click();
  const scrap = page.getByRole('dialog', { name: `Scrap of ${number}` });
  await scrap.getByLabel('How many').fill('1');
  await scrap.getByRole('button', { name: 'creased' }).click();
  await scrap.getByRole('button', { name: 'Scrap it' }).click();
  await expect(scrap).toBeHidden();
  await expect(row.getByText('2 sheets')).toBeVisible();

  const label = await page.request.get((await chosen.getByRole('link', { name: 'Label' }).getAttribute('href')) ?? '');
  expect((await label.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('tape is used and a low one stands out', async ({ page }) => {
  await page.goto('/stock');
  await page.getByRole('button', { name: 'Tape or blank' }).click();
  const keep = page.getByRole('dialog', { name: 'Tape or blank' });
  await keep.getByLabel('Which kind').fill('Paper, high tack');
  await keep.getByLabel('Metres', { exact: true }).fill('12');
  await keep.getByLabel('Low under, metres').fill('5');
  await keep.getByLabel('Bin').fill('rack');
  await keep.getByRole('button', { name: 'Keep it' }).click();
  await expect(keep).toBeHidden();
  await page.getByRole('button', { name: /Paper, high tack/ }).click();
  const chosen = page.getByRole('complementary', { name: 'What is chosen' });
  await chosen.getByRole('button', { name: 'Used' }).click();
  const used = page.getByRole('dialog', { name: /^Used/ });
  await used.getByLabel('Metres').fill('40');
  await used.getByRole('button', { name: 'Off the shelf' }).click();
  await expect(used.getByText('There is not so much of it.', { exact: false })).toBeVisible();
  await used.getByLabel('Metres').fill('8.5');
  await used.getByRole('button', { name: 'Off the shelf' }).click();
  await expect(used).toBeHidden();
  await expect(page.getByRole('button', { name: /Paper, high tack.*low/ })).toBeVisible();
});

test('what a cut left is put away with one touch', async ({ page }) => {
  await page.goto('/stock');
  const left = page.getByRole('region', { name: 'Left from cuts' });
  await expect(left).toBeVisible();
  const before = await left.getByRole('listitem').count();
  expect(before).toBeGreaterThan(0);
  await left
    .getByRole('button', { name: /Shelve it/ })
    .first()
    .click();
  await expect(left.getByRole('listitem')).toHaveCount(before - 1);
});

test('the machine in use decides what fits, and its settings stand in the cut file’s name', async ({ page }) => {
  await page.goto('/machines');
  await page.getByRole('button', { name: /Board 305 × 305/ }).click();
  await page.getByLabel('Force, g').fill('heavy');
  await page.getByRole('button', { name: 'Keep these settings' }).click();
  await expect(page.getByText('Force goes from 5 to 1000 g.')).toBeVisible();
  await page.getByLabel('Force, g').fill('95');
  const kept = page.waitForResponse((answer) => answer.request().method() === 'PUT');
  await page.getByRole('button', { name: 'Keep these settings' }).click();
  await kept;
  await expect(page.getByText('Force goes from', { exact: false })).toBeHidden();
  await page.getByRole('button', { name: 'Use this one' }).click();
  await expect(page.getByText('In use', { exact: true })).toBeVisible();
  type Batches = { batches: { id: number }[] };
  const { batches } = await api<Batches>(page, 'GET', '/api/batches');
  const file = await page.request.get(`/api/batches/${batches[0]?.id}/sheet.svg`);
  expect(file.headers()['content-disposition']).toContain('board-305-305-f95');
  expect(await file.text()).toContain('force 95 g');
  await page.getByRole('button', { name: /Board 305 × 610/ }).click();
  await page.getByRole('button', { name: 'Use this one' }).click();
  await expect(page.getByText('In use', { exact: true })).toBeVisible();
});

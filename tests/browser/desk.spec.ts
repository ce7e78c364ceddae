import { api, expect, order, release, settled, test } from './shop';

test('both systems stand on every figure, the chosen one first, and the choice stays', async ({ page }) => {
  const docket = await order(page, 'Plover', 'proof');
  await page.goto(`/proof/${docket.number}`);
  const left = page.getByText('from left').locator('..');
  await expect(left).toHaveText(/mm · .* in$/);
  await page.getByRole('button', { name: 'in', exact: true }).click();
  await expect(left).toHaveText(/in · .* mm$/);
  await page.reload();
  await expect(left).toHaveText(/in · .* mm$/);
  await expect(page.getByText(/7 1\/16 × 3 9\/16 in/).first()).toBeVisible();
});

test('a tick on the line opens its docket', async ({ page }) => {
  await page.goto('/ask');
  const tick = page.locator('[title*="Halcyon"]').first();
  await expect(tick).toHaveAttribute('title', /Y-\d{4} Halcyon · Tideway Rowing Club · .* · late/);
  await tick.click();
  const drawer = page.getByRole('dialog', { name: 'Halcyon' });
  await expect(drawer.getByText('Order taken: Halcyon', { exact: false })).toBeVisible();
  await drawer.getByRole('button', { name: /Make the proof, at Size/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+$/);
});

test('a piece in a batch is spoiled from its docket and leaves the sheet', async ({ page }) => {
  const docket = await order(page, 'Wigeon', 'batch');
  const batch = await release(page, docket);
  await page.goto(`/cut?docket=${docket.number}`);
  await page.getByRole('button', { name: `${docket.tag}/1 is spoiled, cut it again` }).click();
  await page.getByRole('button', { name: 'scratched' }).click();
  await page
    .getByRole('dialog', { name: /spoiled\?/ })
    .getByRole('button', { name: 'Cut it again' })
    .click();
  const drawer = page.getByRole('dialog', { name: 'Wigeon' });
  await expect(drawer.getByText(`${docket.tag}/1 spoiled: scratched`)).toBeVisible();
  await expect(drawer.getByText('waiting, recut 1')).toBeVisible();
  const left = await api<{ places: unknown[]; version: number }>(page, 'GET', `/api/batches/${batch.id}`);
  expect(left.places).toHaveLength(0);
  await api(page, 'POST', `/api/batches/${batch.id}/dissolve`, { version: left.version });
});

test('cancelling asks why and takes the docket off the line', async ({ page }) => {
  const docket = await order(page, 'Dunlin', 'size');
  await page.goto(`/size/${docket.number}?docket=${docket.number}`);
  await page.getByRole('button', { name: 'Cancel the order' }).click();
  const ask = page.getByRole('dialog', { name: `Cancel ${docket.tag}?` });
  await ask.getByRole('button', { name: /Cancel the order/ }).click();
  await expect(ask.getByText('Why is it cancelled?', { exact: false })).toBeVisible();
  await ask.getByLabel('Why').fill('sold the boat');
  await ask.getByRole('button', { name: /Cancel the order/ }).click();
  await expect(page.getByRole('dialog', { name: 'Dunlin' }).getByText('Cancel the order: sold the boat')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText(`${docket.tag} is not at Size`)).toBeVisible();
  await expect(page.getByText('It is cancelled.')).toBeVisible();
});

test('stock, week and book show what is there', async ({ page }) => {
  await page.goto('/stock');
  await expect(page.getByRole('heading', { name: 'Permanent, navy' })).toBeVisible();
  await expect(page.getByText('150 × 128 mm')).toBeVisible();
  await page.goto('/week');
  await page.getByRole('radio', { name: 'List' }).click();
  await page
    .getByRole('row', { name: /Library/ })
    .getByRole('link')
    .first()
    .click();
  await expect(page.getByRole('dialog', { name: 'Library' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.goto('/book');
  const rows = page.getByRole('row');
  await expect(rows.nth(1)).toBeVisible();
  const before = await rows.count();
  await page.getByRole('button', { name: 'Older' }).click();
  await expect.poll(() => rows.count()).toBeGreaterThan(before);
});

test('the book is searched by words, a docket, who and when', async ({ page }) => {
  const docket = await order(page, 'Quillwort', 'size');
  await page.goto('/book');
  const rows = page.getByRole('row');
  await expect(rows.nth(1)).toBeVisible();
  await page.getByLabel('Words, or a docket').fill('quillw');
  await expect.poll(() => rows.count()).toBeLessThan(12);
  await expect(rows.filter({ hasText: docket.tag }).first()).toBeVisible();
  for (const row of (await rows.allTextContents()).slice(1)) {
    expect(row.toLowerCase()).toContain('quillwort');
  }
  await page.getByLabel('Words, or a docket').fill(docket.tag);
  await expect
    .poll(async () =>
      (await rows.allTextContents())
        .slice(1)
        .map((row) => row.includes(docket.tag))
        .join(),
    )
    .toMatch(/^true(,true)*$/);
  await page.getByLabel('Words, or a docket').fill('');
  await page.getByLabel('Kind').selectOption('approved');
  await expect
    .poll(async () =>
      (await rows.allTextContents())
        .slice(1)
        .map((row) => /pproved|yes/.test(row))
        .join(),
    )
    .toMatch(/^true(,true)*$/);
  await page.getByLabel('Kind').selectOption('');
  await page.getByLabel('To', { exact: true }).fill('2020-01-01');
  await expect(page.getByText('Nothing like that is in the book')).toBeVisible();
});

test('finding says when there is nothing by that name', async ({ page }) => {
  await page.goto('/stock');
  await page.getByRole('heading', { name: 'Permanent, navy' }).waitFor();
  await page.keyboard.press('/');
  await page.getByLabel('Looking for').fill('Nobody at all');
  await expect(page.getByText('Nothing by that name or number.')).toBeVisible();
  await page.getByLabel('Looking for').fill('solvay');
  await expect(page.getByRole('dialog').getByRole('button', { name: /Lapwing/ })).toBeVisible();
});

test('a server that is away is said across the page, and what was done is done when it is back', async ({
  page,
  context,
}) => {
  await page.goto('/ask/new');
  await page.getByLabel('What words').fill('Ruff');
  await page.getByLabel('Who', { exact: true }).fill('Marek Solvay');
  await context.setOffline(true);
  await page.getByRole('button', { name: /Keep it for later/ }).click();
  await expect(page.getByRole('status').getByText(/Yelbo has not answered since .*\d:\d\d/)).toBeVisible();
  await expect(page.getByLabel('What words')).toHaveValue('Ruff');
  await context.setOffline(false);
  await expect(page.getByRole('heading', { name: /Order Y-\d{4}/ })).toBeVisible();
  await expect(page.getByText(/has not answered/)).toHaveCount(0);
});

test('an answer that is lost on the way is asked for again, and what was done is done once', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('What words').fill('Phalarope');
  await page.getByLabel('Who', { exact: true }).fill('Marek Solvay');
  await page.route(
    '**/api/dockets',
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await page.getByRole('button', { name: /Keep it for later/ }).click();
  await expect(page.getByRole('heading', { name: /Order Y-\d{4}/ })).toBeVisible();
  const { dockets } = await api<{ dockets: unknown[] }>(page, 'GET', '/api/dockets?find=Phalarope');
  expect(dockets).toHaveLength(1);
});

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

  test('every target at the bench is large enough for a thumb', async ({ page }) => {
    for (const station of ['cut', 'weed', 'apply', 'send']) {
      await page.goto(`/${station}`);
      await settled(page);
      const small = await page.locator('main').evaluate((main) =>
        [...main.querySelectorAll('button, a, select, input, label')]
          .filter((one) => !(one instanceof HTMLInputElement && one.closest('label')))
          .filter((one) => !(one instanceof HTMLLabelElement && one.htmlFor))
          .map((one) => ({ says: one.textContent ?? '', box: one.getBoundingClientRect() }))
          .filter(({ box }) => box.height > 0 && (box.height < 47.5 || box.width < 47.5))
          .map(({ says, box }) => `${says} ${Math.round(box.width)}×${Math.round(box.height)}`),
      );
      expect(small, station).toEqual([]);
    }
  });
});

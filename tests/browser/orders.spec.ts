import type { Page } from '@playwright/test';
import { api, expect, sayYes, test } from './shop';
import { ask, deliver, film, png, read } from './whole';

/** The row of an element at Size, and its figures. */
const beside = (page: Page) => page.getByRole('tabpanel', { name: 'Beside' });
const sized = (page: Page) => expect(page.getByRole('button', { name: /Make the proof/ })).toBeEnabled();

test('a tool chest: an initial, a name over it and dots of three sizes in three films between two latches', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const [teal, brick] = [
    await film(page, 'teal', { swatch: '#1f6f6c' }),
    await film(page, 'brick', { swatch: '#9c3b2a' }),
  ];
  const docket = await ask(page, {
    words: 'Heron',
    object: 'Tool chest',
    width: '420mm',
    height: '200mm',
    useOf: 'indoor',
    film: String(teal.id),
    keepOuts: [
      { what: 'hinge', x: '40mm', y: '100mm', width: '30mm', height: '50mm' },
      { what: 'hinge', x: '380mm', y: '100mm', width: '30mm', height: '50mm' },
    ],
  });
  await page.goto(`/size/${docket.number}`);
  await page.getByLabel('Letter height').fill('36mm');
  await page.getByRole('tab', { name: 'Beside' }).click();
  await beside(page).getByRole('button', { name: 'Words' }).click();
  await beside(page).getByLabel('What words').fill('H');
  await beside(page).getByLabel('Letter height').fill('140mm');
  await beside(page).getByLabel('Film', { exact: true }).selectOption({ label: brick.name });
  await expect(page.getByText(/which is of another film/).first()).toBeVisible();
  // Under the name on purpose: the stop is gone.
  await beside(page).getByRole('button', { name: 'Further down' }).click();
  await expect(page.getByText(/which is of another film/)).toHaveCount(0);
  for (const [size, left] of [
    ['12mm', '100mm'],
    ['9mm', '84mm'],
    ['6mm', '72mm'],
  ] as const) {
    await beside(page).getByRole('button', { name: 'Shape' }).click();
    await beside(page).getByLabel('Shape').selectOption({ label: 'Disc' });
    await beside(page).getByLabel('Width').fill(size);
    await beside(page).getByLabel('From left edge').fill(left);
    await beside(page).getByLabel('From left edge').press('Enter');
    await expect(beside(page).getByLabel('From left edge')).toHaveValue(left.replace('mm', ' mm'));
  }
  await beside(page).getByLabel(/^Film/).selectOption({ label: 'Permanent, white' });
  await expect(page.getByRole('listitem').filter({ hasText: 'disc' })).toHaveCount(3);
  await sized(page);
  // By keys: the one in hand moves by a tick.
  const left = beside(page).getByLabel('From left edge');
  await page.getByRole('application').focus();
  await page.keyboard.press('ArrowLeft');
  await expect(left).toHaveValue('71 mm');
  // Another of the same, and a pattern to the edge between them all.
  await beside(page).getByRole('button', { name: 'Double' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'disc' })).toHaveCount(4);
  await beside(page).getByLabel('From right edge').fill('100mm');
  await beside(page).getByLabel('From right edge').press('Enter');
  await expect(beside(page).getByLabel('From right edge')).toHaveValue('100 mm');
  await beside(page).getByRole('button', { name: 'Pattern' }).click();
  await beside(page).getByLabel('Pattern').selectOption({ label: 'Lattice' });
  await beside(page).getByLabel('From middle to middle').fill('30mm');
  await beside(page).getByLabel('Across one').fill('5mm');
  await expect(beside(page).getByRole('button', { name: /lattice/i })).toBeVisible();
  await sized(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  expect(new Set((await read(page, docket.number)).proofs[0]?.pages[0]?.art.films.map((one) => one.name)).size).toBe(3);
});

test('a name on each of eight enamel cups, each its own size and film, one order and one yes', async ({ page }) => {
  test.setTimeout(240_000);
  const sage = await film(page, 'sage', { swatch: '#6f8f6a' });
  const docket = await ask(page, {
    words: 'Ada',
    object: 'Enamel cup',
    surface: 'cylinder',
    circumference: '258mm',
    height: '80mm',
    material: 'smooth',
    useOf: 'washed',
    film: String(sage.id),
  });
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('button', { name: /^Anton/ }).click();
  await expect(page.getByRole('button', { name: /^Anton/ })).toHaveAttribute('aria-pressed', 'true');
  await page.waitForResponse((response) => response.url().endsWith('/design') && response.ok());
  await page.getByRole('button', { name: /Same again/ }).click();
  const list = ['Barnaby; navy', 'Cass', 'Delphine; oxide red', 'Ebba', 'Finlo; black', 'Gwenifer', 'Hal; teal grey'];
  await page.getByLabel(/An item a line/).fill(list.join('\n'));
  await page.getByRole('button', { name: 'Add it to this order' }).click();
  await expect(page.getByText('Line 7: there is no film “teal grey” on the shelf.')).toBeVisible();
  await page.getByLabel(/An item a line/).fill(list.join('\n').replace('teal grey', 'white'));
  await page.getByRole('button', { name: 'Add it to this order' }).click();
  await expect(page.getByRole('navigation', { name: 'Items of this order' }).getByRole('link')).toHaveCount(8);
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await expect(page.getByRole('dialog')).toBeHidden();
  // A key that is pressed while the dialog still gives the focus back goes nowhere.
  await expect(async () => {
    if (page.url().endsWith(`/${docket.number}/8`)) {
      await page.keyboard.press(',');
    }
    await expect(page).toHaveURL(`/size/${docket.number}/7`, { timeout: 3000 });
  }).toPass();
  await page.getByRole('button', { name: 'Make the proof of 8 items' }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await expect(page.getByRole('navigation', { name: 'Pages of the proof' }).getByRole('button')).toHaveCount(8);
  const sizes = new Set<string>();
  for (let nth = 0; nth < 8; nth += 1) {
    sizes.add((await page.locator('.figure').first().textContent()) ?? '');
    await page.keyboard.press('.');
  }
  expect(sizes.size).toBeGreaterThan(4);
  await sayYes(page, 'Approve all 8 items');
  await expect(page).toHaveURL('/batch');
  const { pieces } = await read(page, docket.number);
  expect([pieces.length, new Set(pieces.map((piece) => piece.film.name)).size]).toEqual([8, 5]);
});

test('a logo from a PNG goes onto a wheelie bin; a photograph is refused with a sentence', async ({ page }) => {
  test.setTimeout(180_000);
  const moss = await film(page, 'moss', { swatch: '#4d5f38' });
  const docket = await ask(page, {
    words: 'Bin mark',
    object: 'Wheelie bin',
    width: '400mm',
    height: '300mm',
    useOf: 'outdoor',
    film: String(moss.id),
  });
  await page.goto(`/size/${docket.number}`);
  const bring = page.getByLabel('A drawing, or a picture of flat colours');
  const ring = (x: number, y: number) => Math.abs(Math.hypot(x - 200, y - 150) - 110) < 18;
  const leaf = (x: number, y: number) => Math.hypot((x - 200) / 1.6, y - 150) < 40;
  await bring.setInputFiles({
    name: 'photo.png',
    mimeType: 'image/png',
    buffer: png(300, 200, (x, y) => ((x & 255) << 16) | ((y & 255) << 8) | ((x + y) & 255)),
  });
  await expect(page.getByRole('dialog').getByText(/looks like a photograph/)).toBeVisible();
  await page.keyboard.press('Escape');
  await bring.setInputFiles({
    name: 'mark.png',
    mimeType: 'image/png',
    buffer: png(400, 300, (x, y) => (ring(x, y) ? 0x2f3d20 : leaf(x, y) ? 0xc58a1a : 0xffffff)),
  });
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('img', { name: 'The outlines, 2 colours' })).toBeVisible();
  await dialog.getByLabel(/^Colours/).fill('1');
  await expect(dialog.getByRole('img', { name: 'The outlines, 1 colours' })).toBeVisible();
  await dialog.getByLabel(/^Colours/).fill('0');
  await expect(dialog.getByRole('img', { name: 'The outlines, 2 colours' })).toBeVisible();
  await dialog.getByRole('button', { name: /Take these outlines/ }).click();
  await expect(dialog).toBeHidden();
  await page.getByLabel('Height over all').fill('150mm');
  await expect(page.getByText(/× 150 mm/).first()).toBeVisible();
  await sized(page);
});

test('a printed sticker with its cut line: printed, dried, coated, cut', async ({ page }) => {
  test.setTimeout(240_000);
  const printable = await film(page, 'gloss', { grade: 'printable', swatch: '#ffffff' });
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
  await page
    .getByLabel('A drawing, or a picture of flat colours')
    .first()
    .setInputFiles({
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
  await sized(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await expect(page.locator('svg image').first()).toBeVisible();
  await sayYes(page);
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

import type { Page } from '@playwright/test';
import { expect, inDays, settled, test } from './shop';
import { ask, deliver, film, png, read } from './whole';

/** The row of an element at Size, and its figures. */
const beside = (page: Page) => page.getByRole('tabpanel', { name: 'Beside' });
const sized = (page: Page) => expect(page.getByRole('button', { name: /Make the proof/ })).toBeEnabled();

test('a notice board: a square, a disc and two words in patterned film with a rim, one order from Ask to delivered', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const tartan = await film(page, 'patterned', 'lock tartan', '#5d3030');
  const white = await film(page, 'permanent', 'chalk', '#f4f2ea');
  await page.goto('/ask/new');
  await page.getByLabel('Who', { exact: true }).fill('Bellwether Brass');
  await page.getByLabel('What words').fill('Band\nNotices');
  await page.getByLabel('On what').fill('Notice board');
  await page.getByLabel('Width').fill('600mm');
  await page.getByLabel('Height').fill('300mm');
  await page.getByRole('radio', { name: 'black', exact: true }).click();
  await page.getByRole('radio', { name: 'Indoors' }).click();
  await page.getByLabel('Film', { exact: true }).selectOption({ label: tartan.name });
  await page.getByLabel('Used on').fill(inDays(12));
  await page.getByRole('radio', { name: 'The customer' }).click();
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+$/);
  const number = Number(page.url().split('/').at(-1));
  // Patterned film on a dark board: the rim is proposed, and taken.
  await expect(page.getByText(/contrast of|read poorly/).first()).toBeVisible();
  await page.getByLabel('Letter height').fill('60mm');
  await page.getByRole('tab', { name: 'Layers' }).click();
  await page.getByLabel('Rim', { exact: true }).fill('3mm');
  await page.getByLabel('of', { exact: true }).first().selectOption({ label: white.name });
  await page.getByRole('tab', { name: 'Beside' }).click();
  await beside(page).getByRole('button', { name: 'Shape' }).click();
  await beside(page).getByLabel('Width').fill('60mm');
  await beside(page).getByLabel('Film', { exact: true }).selectOption({ label: white.name });
  await beside(page).getByLabel('From left edge').fill('30mm');
  await beside(page).getByLabel('From left edge').press('Enter');
  await beside(page).getByRole('button', { name: 'Double' }).click();
  await beside(page).getByLabel('Shape').selectOption({ label: 'Disc' });
  await beside(page).getByLabel('From right edge').fill('30mm');
  await beside(page).getByLabel('From right edge').press('Enter');
  await expect(beside(page).getByLabel('From right edge')).toHaveValue('30 mm');
  await expect(beside(page).getByRole('button', { name: /disc 60 × 60 mm/ })).toBeVisible();
  await sized(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  await settled(page);
  expect((await read(page, number)).proofs[0]?.pages[0]?.films.map((one) => one.name)).toEqual([
    tartan.name,
    white.name,
  ]);
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page).toHaveURL('/batch');
  const done = await deliver(page, number);
  expect([done.state, done.pieces.length]).toEqual(['done', 2]);
});

test('a tool chest: an initial, a name over it and dots of three sizes in three films between two latches', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const [teal, brick] = [
    await film(page, 'permanent', 'teal', '#1f6f6c'),
    await film(page, 'permanent', 'brick', '#9c3b2a'),
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
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page).toHaveURL('/batch');
  const approved = await read(page, docket.number);
  expect(new Set(approved.pieces.map((piece) => piece.film.name)).size).toBe(3);
  // Nothing of it is packed before all of it is weeded: the order below does both for all pieces in turn.
  expect((await deliver(page, docket.number)).state).toBe('done');
});

test('a name on each of eight enamel cups, each its own size and film, one order and one yes', async ({ page }) => {
  test.setTimeout(240_000);
  const sage = await film(page, 'permanent', 'sage', '#6f8f6a');
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
  await page.getByRole('button', { name: 'Approve all 8 items' }).click();
  await expect(page).toHaveURL('/batch');
  const done = await deliver(page, docket.number);
  expect([done.state, done.pieces.length]).toEqual(['done', 8]);
  expect(new Set(done.pieces.map((piece) => piece.film.name)).size).toBe(5);
});

test('a logo from a PNG goes onto a wheelie bin; a photograph is refused with a sentence', async ({ page }) => {
  test.setTimeout(180_000);
  const moss = await film(page, 'permanent', 'moss', '#4d5f38');
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
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page).toHaveURL('/batch');
  expect((await deliver(page, docket.number)).state).toBe('done');
});

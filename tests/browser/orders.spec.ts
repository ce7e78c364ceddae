import { deflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { api, batch, expect, inDays, settled, test } from './shop';

type Piece = {
  id: number;
  version: number;
  tag: string;
  item: number;
  state: string;
  film: { id: number; name: string };
};
type Docket = {
  number: number;
  version: number;
  tag: string;
  state: string;
  pieces: Piece[];
  items: { nth: number; label: string }[];
  proofs: { pages: { films: { name: string }[] }[] }[];
};

const read = (page: Page, number: number) => api<Docket>(page, 'GET', `/api/dockets/${number}`);

/** Film there is enough of, whatever else the tests cut from it. */
async function film(page: Page, grade: string, colour: string, swatch: string): Promise<{ id: number; name: string }> {
  type Films = { films: { id: number; name: string }[] };
  await api(page, 'POST', '/api/stock/films', { grade, colour, swatch, price: '9.80' });
  const { films } = await api<Films>(page, 'GET', '/api/stock');
  const found = films.find((one) => one.name.toLowerCase() === `${grade}, ${colour}`.toLowerCase());
  if (!found) {
    throw new Error(`No ${grade}, ${colour} among ${films.map((one) => one.name)}`);
  }
  const sheets = { kind: 'sheet', width: '300mm', height: '600mm', count: '8', bin: 'T' };
  await api(page, 'POST', '/api/stock/receive', { film: found.id, ...sheets });
  return found;
}

async function ask(page: Page, answers: Record<string, unknown>, others: unknown[] = []): Promise<Docket> {
  const once = { customer: 'Bellwether Brass', neededOn: inDays(12), appliedBy: 'customer', quantity: '1' };
  return api<Docket>(page, 'POST', '/api/dockets', { take: true, answers: { ...once, ...answers }, others });
}

/** From the yes to the hand-over, the way a worker takes, by the API: what comes before is what these tests are about. */
async function deliver(page: Page, number: number): Promise<Docket> {
  const move = async (piece: Piece, what: string) => {
    const { version } = (await read(page, number)).pieces.find((one) => one.id === piece.id) ?? piece;
    await api(page, 'POST', `/api/pieces/${piece.id}/moves`, { move: what, version, detail: '' });
  };
  const { pieces } = await read(page, number);
  for (const of of new Set(pieces.map((piece) => piece.film.id))) {
    let waiting = pieces.filter((piece) => piece.film.id === of);
    while (waiting.length > 0) {
      const sheet = await batch(page, of, waiting);
      await api(page, 'POST', `/api/batches/${sheet.id}/cut`, { version: sheet.version, stock: sheet.stock.id });
      await expect
        .poll(async () => (await api<{ state: string }>(page, 'GET', `/api/batches/${sheet.id}`)).state, {
          timeout: 60_000,
        })
        .toBe('cut');
      const now = (await read(page, number)).pieces;
      waiting = waiting.flatMap((piece) => now.filter((one) => one.id === piece.id && one.state === 'waiting'));
    }
  }
  // What of a release lies on other sheets is cut too.
  for (;;) {
    const { batches } = await api<{ batches: { id: number }[] }>(page, 'GET', '/api/batches');
    const mine = [];
    for (const { id } of batches) {
      const open = await api<{ version: number; stock: { id: number }; places: { tag: string }[] }>(
        page,
        'GET',
        `/api/batches/${id}`,
      );
      if (open.places.some((place) => pieces.some((piece) => place.tag.startsWith(piece.tag)))) {
        mine.push({ id, ...open });
      }
    }
    if (mine.length === 0) {
      break;
    }
    for (const { id, version, stock } of mine) {
      await api(page, 'POST', `/api/batches/${id}/cut`, { version, stock: stock.id });
      await expect
        .poll(async () => (await api<{ state: string }>(page, 'GET', `/api/batches/${id}`)).state, { timeout: 60_000 })
        .toBe('cut');
    }
  }
  for (const piece of pieces) {
    type Weeding = { piece: Piece; insides: { nth: number }[] };
    const weeding = await api<Weeding>(page, 'GET', `/api/pieces/${piece.id}/weeding`);
    const numbers = weeding.insides.map((part) => part.nth);
    await api(page, 'PUT', `/api/pieces/${piece.id}/out`, { version: weeding.piece.version, numbers });
    await move(piece, 'weeded');
  }
  for (const piece of pieces) {
    const steps = await api<{ piece: Piece; steps: { nth: number }[] }>(page, 'GET', `/api/pieces/${piece.id}/steps`);
    const numbers = steps.steps.map((step) => step.nth);
    await api(page, 'PUT', `/api/pieces/${piece.id}/steps`, { version: steps.piece.version, numbers });
    await move(piece, 'packed');
  }
  for (const piece of pieces) {
    await move(piece, 'hand-over');
  }
  return read(page, number);
}

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
  await page.keyboard.press(',');
  await expect(page).toHaveURL(`/size/${docket.number}/7`);
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

/** A PNG of plain colours: what a small program would save. */
function png(width: number, height: number, colour: (x: number, y: number) => number): Buffer {
  const rows = Buffer.alloc(height * (1 + 3 * width));
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      rows.writeUIntBE(colour(x, y), y * (1 + 3 * width) + 1 + 3 * x, 3);
    }
  }
  const crcs = Array.from({ length: 256 }, (_, n) => {
    let c = n;
    for (let k = 0; k < 8; k += 1) {
      c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
    }
    return c >>> 0;
  });
  const chunk = (kind: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(kind), data]);
    let crc = 0xffffffff;
    for (const byte of body) {
      crc = (crcs[(crc ^ byte) & 255] ?? 0) ^ (crc >>> 8);
    }
    const out = Buffer.alloc(8);
    out.writeUInt32BE(data.length, 0);
    out.writeUInt32BE((crc ^ 0xffffffff) >>> 0, 4);
    return Buffer.concat([out.subarray(0, 4), body, out.subarray(4)]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

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

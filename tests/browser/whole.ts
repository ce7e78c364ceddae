import { deflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { api, batch, expect, inDays, test } from './shop';

export type Piece = {
  id: number;
  version: number;
  tag: string;
  item: number;
  state: string;
  film: { id: number; name: string };
};
/** An object with every film on it. */
export type Thing = { id: number; version: number; tag: string };
export type Docket = {
  number: number;
  version: number;
  tag: string;
  state: string;
  pieces: Piece[];
  things: Thing[];
  items: { nth: number; label: string }[];
  proofs: { pages: { art: { films: { name: string }[] } }[] }[];
};

export const read = (page: Page, number: number) => api<Docket>(page, 'GET', `/api/dockets/${number}`);

/** Enough for any order a test makes. */
const ENOUGH: [string, string, string, string][] = [['sheet', '300mm', '600mm', '8']];

/**
 * A film of this test's own, which no other cuts from; a second try of it has one of its own again.
 * What of it there is: kind, width, height and how many.
 */
export async function film(
  page: Page,
  colour: string,
  { grade = 'permanent', swatch = '#345678', stock = ENOUGH } = {},
): Promise<{ id: number; name: string }> {
  type Films = { films: { id: number; name: string }[] };
  const own = `${colour} ${test.info().testId.slice(-3)}${test.info().retry || ''}`;
  await api(page, 'POST', '/api/stock/films', { grade, colour: own, swatch, price: '9.80' });
  const { films } = await api<Films>(page, 'GET', '/api/stock');
  const found = films.find((one) => one.name.endsWith(`, ${own}`));
  if (!found) {
    throw new Error(`No ${own} among ${films.map((one) => one.name)}`);
  }
  for (const [kind, width, height, count] of stock) {
    await api(page, 'POST', '/api/stock/receive', { film: found.id, kind, width, height, count, bin: 'T' });
  }
  return found;
}

export async function ask(page: Page, answers: Record<string, unknown>, others: unknown[] = []): Promise<Docket> {
  const once = {
    customer: 'Bellwether Brass',
    contact: 'band room',
    neededOn: inDays(12),
    appliedBy: 'customer',
    quantity: '1',
  };
  return api<Docket>(page, 'POST', '/api/dockets', { take: true, answers: { ...once, ...answers }, others });
}

/** What is printed on a sheet before it is cut, with its coats. */
async function print(page: Page, id: number): Promise<void> {
  type Sheet = { version: number; printing: { next: string } | null };
  for (;;) {
    const { version, printing } = await api<Sheet>(page, 'GET', `/api/batches/${id}`);
    if (!printing || printing.next === 'ready') {
      return;
    }
    await api(page, 'POST', `/api/batches/${id}/${printing.next === 'print' ? 'printed' : 'coated'}`, { version });
  }
}

async function move(page: Page, number: number, piece: Piece, what: string): Promise<void> {
  const { version } = (await read(page, number)).pieces.find((one) => one.id === piece.id) ?? piece;
  await api(page, 'POST', `/api/pieces/${piece.id}/moves`, { move: what, version, detail: '' });
}

async function moveThing(page: Page, number: number, thing: Thing, what: string): Promise<void> {
  const { version } = (await read(page, number)).things.find((one) => one.id === thing.id) ?? thing;
  await api(page, 'POST', `/api/things/${thing.id}/moves`, { move: what, version });
}

/** From the yes to the hand-over, the way a worker takes, by the API: what comes before is what these tests are about. */
export async function deliver(page: Page, number: number): Promise<Docket> {
  const { things } = await weed(page, number);
  for (const thing of things) {
    const at = `/api/things/${thing.id}/steps`;
    const plan = await api<{ thing: Thing; steps: { name: string }[] }>(page, 'GET', at);
    await api(page, 'PUT', at, { version: plan.thing.version, done: plan.steps.map((step) => step.name) });
    await moveThing(page, number, thing, 'packed');
  }
  for (const thing of things) {
    await moveThing(page, number, thing, 'hand-over');
  }
  return read(page, number);
}

/** From the yes to the tape: cut and weeded, by the API. */
export async function weed(page: Page, number: number): Promise<Docket> {
  const { pieces } = await read(page, number);
  for (const of of new Set(pieces.map((piece) => piece.film.id))) {
    let waiting = pieces.filter((piece) => piece.film.id === of && piece.state === 'waiting');
    while (waiting.length > 0) {
      const sheet = await batch(page, of, waiting);
      await print(page, sheet.id);
      sheet.version = (await api<{ version: number }>(page, 'GET', `/api/batches/${sheet.id}`)).version;
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
  for (const piece of (await read(page, number)).pieces.filter((one) => one.state === 'weeding')) {
    type Weeding = { piece: Piece; insides: { nth: number }[] };
    const weeding = await api<Weeding>(page, 'GET', `/api/pieces/${piece.id}/weeding`);
    const numbers = weeding.insides.map((part) => part.nth);
    await api(page, 'PUT', `/api/pieces/${piece.id}/out`, { version: weeding.piece.version, numbers });
    await move(page, number, piece, 'weeded');
  }
  return read(page, number);
}

/** A PNG of plain colours: what a small program would save. */
export function png(width: number, height: number, colour: (x: number, y: number) => number): Buffer {
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

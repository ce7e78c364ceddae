import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { photo } from './photo';
import { api, batch, expect, inDays, known, order, sayYes, test } from './shop';

test('a tapered object from Ask to Size: measured, kept clear, bent along its arc, seen from the front', async ({
  page,
}) => {
  await page.goto('/ask/new');
  await known(page, 'Osric Tamblyn');
  await page.getByLabel('What words').fill('Ploughboy');
  await page.getByLabel('On what').fill('Old coal hod');
  await page.getByLabel('Its shape').selectOption('taper');
  await page.getByLabel('Round the top').fill('628mm');
  await page.getByLabel('Round the bottom').fill('942mm');
  await page.getByLabel('Slant height').fill('25 cm');
  await expect(page.getByText(/The bottom is wider than the top/)).toBeVisible();
  await page.getByLabel('Round the top').fill('942mm');
  await page.getByLabel('Round the bottom').fill('628mm');
  await page.getByLabel('Seen from front').fill('120');
  await page.getByRole('button', { name: /Add a seam/ }).click();
  await page.getByLabel('From left to its middle').fill('9 m');
  await expect(page.getByText(/beside the object/)).toBeVisible();
  await page.getByLabel('From left to its middle').fill('4mm');
  await page.getByRole('radio', { name: 'Outdoors' }).click();
  await page.getByLabel('Film').selectOption({ label: 'Permanent, ochre' });
  await page.getByLabel('Used on').fill(inDays(9));
  await expect(page.getByText(/Letters up to/)).toBeVisible();
  await page.getByRole('button', { name: /Take the order/ }).click();

  await expect(page).toHaveURL(/\/size\/\d+/);
  await expect(page.getByRole('img', { name: 'The object as it is seen from the front' })).toBeVisible();
  await expect(page.getByText(/the art is bent along the arc/)).toBeVisible();
  await expect(page.getByText(/droop [\d.]+ mm, bent/)).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(/\/proof\/\d+/);
});

test('one of the shop’s own objects fills in its measures', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('On what').fill('Mu');
  await expect(page.locator('datalist option[value="Mug"]')).toHaveCount(1);
  await page.getByLabel('On what').fill('Mug');
  await expect(page.getByLabel('Circumference')).toHaveValue('258mm');
  await expect(page.getByLabel('Its shape')).toHaveValue('cylinder');
  await expect(page.getByRole('button', { name: /Take away: Lip/ })).toBeVisible();
});

test('a proof of four hundred names tells how far it has come, is stopped, and made; another counter goes on', async ({
  page,
  as,
}) => {
  test.setTimeout(150_000);
  const syllables = ['Ma', 'ri', 'gold', 'Kes', 'trel', 'Wren', 'Os', 'ric', 'Tam', 'blyn'];
  const name = (nth: number) =>
    `${syllables[nth % 10]}${syllables[Math.floor(nth / 10) % 10]} ${syllables[Math.floor(nth / 100) % 10]}`;
  const roster = Array.from({ length: 400 }, (_, nth) => name(nth)).join('\n');
  const docket = await order(page, '', 'size', { roster, height: '60mm', object: 'Peg label' });
  await page.goto(`/size/${docket.number}`);
  const make = page.getByRole('button', { name: 'Make the proof of 400' });
  await make.click({ timeout: 40_000 });
  const bar = page.getByRole('progressbar', { name: 'Making the proof' });
  await expect(page.getByText(/^(Names set|Outlines written): [1-9][0-9]* of 400$/)).toBeVisible({ timeout: 40_000 });
  await expect(bar).not.toHaveAttribute('aria-valuenow', '0');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(bar).toBeHidden();
  await expect(make).toBeEnabled();
  const at = `/api/dockets/${docket.number}`;
  expect(await api(page, 'GET', at)).toMatchObject({ state: 'sizing', proofs: [] });

  await make.click();
  await expect(bar).toBeVisible();
  const other = await as('tomas');
  const began = Date.now();
  await order(other, 'Sluice', 'proof');
  await other.goto('/proof');
  await expect(other.getByText('Sluice').first()).toBeVisible();
  console.log(`another counter takes and proofs an order beside it in ${Date.now() - began} ms`);
  await expect(page).toHaveURL(new RegExp(`/proof/${docket.number}$`), { timeout: 60_000 });
  expect(await api(page, 'GET', at)).toMatchObject({ state: 'proofing' });
});

test('a roster: looked at before it is taken, one letter height, who holds the others back', async ({ page }) => {
  await page.goto('/ask/new');
  await known(page, 'Wharf End Primary');
  await page.getByRole('button', { name: /A list of names/ }).click();
  const csv = Buffer.from(
    'Nr;Name;Class\n1;Ada;4b\n2;Zo\xeb;4b\n3;Mary-Anne Penhallow;4a\n4;Ada;4a\n5;Hal;4a\n',
    'latin1',
  );
  await page.getByLabel('CSV or text file').setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: csv });
  await expect(page.getByText(/Read as Latin-1/i)).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Semicolon' })).toBeChecked();
  await expect(page.getByRole('columnheader', { name: 'Name' })).toBeVisible();
  await expect(page.getByRole('cell', { name: 'Zoë' })).toBeVisible();
  await page.getByRole('button', { name: /Take 5 names/ }).click();
  await page.getByLabel('On what').fill('Small lunch box');
  await page.getByLabel('Width').fill('120mm');
  await page.getByLabel('Height').fill('70mm');
  await page.getByLabel('Film').selectOption({ label: 'Permanent, black' });
  await page.getByLabel('Used on').fill(inDays(11));
  await page.getByRole('button', { name: /Take the order/ }).click();

  await expect(page).toHaveURL(/\/size\/\d+/);
  await expect(page.getByText('decides the letter height')).toBeVisible();
  await expect(page.getByRole('heading', { name: /holds the others back/ })).toBeVisible();
  await expect(page.getByText('“Ada” stands twice.')).toBeVisible();
  await page.getByRole('button', { name: /drop line 4/ }).click();
  await expect(page.getByRole('img', { name: /on its object/ })).toHaveCount(4);
  await page.getByRole('button', { name: /in two lines/ }).click();
  await expect(page.getByText('Mary-Anne / Penhallow').first()).toBeVisible();
  await page.getByRole('button', { name: /Make the proof of 4/ }).click();
  await expect(page).toHaveURL(/\/proof\/\d+/);
  await expect(page.getByRole('img', { name: 'Zoë on its object' })).toBeVisible();
  await expect(page.getByText('4 names, 1 of each')).toBeVisible();
  await sayYes(page);
  await expect(page).toHaveURL(/\/batch/);
});

test('an odd shape out of a photo, its corners put right by hand', async ({ page }) => {
  await page.goto('/ask/new');
  await known(page, 'Perpetua Lyle');
  await page.getByLabel('What words').fill('Teal');
  await page.getByLabel('On what').fill('Carved duck');
  await page.getByLabel('Its shape').selectOption('outline');
  await page.getByRole('button', { name: /From a photo or SVG/ }).click();
  const file = page.getByLabel('Photo or SVG');
  await file.setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('this is a letter') });
  await expect(page.getByText(/not a JPEG, PNG or WebP/)).toBeVisible();
  await file.setInputFiles({ name: 'cropped.png', mimeType: 'image/png', buffer: await photo(page, 'cropped') });
  await expect(page.getByText(/runs out of the photo/)).toBeVisible();
  await file.setInputFiles({ name: 'chequered.png', mimeType: 'image/png', buffer: await photo(page, 'chequered') });
  await expect(page.getByText(/ground round the object is not plain/)).toBeVisible();
  await file.setInputFiles({ name: 'duck.png', mimeType: 'image/png', buffer: await photo(page, 'plain') });
  const corner = page.getByLabel('Corner 1', { exact: true });
  await expect(corner).toBeVisible();
  const before = Number(await corner.getAttribute('x'));
  await corner.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => Number(await corner.getAttribute('x'))).toBeCloseTo(before - 1, 3);
  await page.getByRole('slider').fill('60');
  await expect(page.getByText('60', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /Take this outline/ }).click();
  await page.getByLabel('True width').fill('300mm');
  await expect(page.getByText(/Letters up to/)).toBeVisible();
  await page.getByLabel('Film').selectOption({ label: 'Permanent, ochre' });
  await page.getByLabel('Used on').fill(inDays(9));
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+/);
  await expect(page.getByText(/Carved duck, 300 × \d/)).toBeVisible();
});

test('how the words are set: arrangement, frame, case, and back again', async ({ page }) => {
  const docket = await order(page, 'Lockside\nPlots', 'size', { surface: 'ellipse', width: '120mm', height: '120mm' });
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('tab', { name: 'Setting' }).click();
  await page.getByLabel('Arrangement').selectOption('ring');
  await expect(page.getByLabel('Radius of the circle')).toBeVisible();
  await page.getByLabel('Radius of the circle').fill('90mm');
  await expect(page.getByRole('tabpanel').getByText(/has no room for these words/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Make the proof/ })).toBeDisabled();
  await page.getByLabel('Radius of the circle').fill('');
  await page.getByLabel('Frame').selectOption('double-ring');
  await page.getByLabel('Condense').fill('5');
  await expect(page.getByText(/Condensed by 5 %/)).toBeVisible();
  await page.getByLabel('Condense').fill('12');
  await expect(page.getByText(/8 % at most/)).toBeVisible();
  await page.getByLabel('Condense').fill('');
  // The sentence goes, and what is under it moves up.
  await expect(page.getByText(/8 % at most/)).toHaveCount(0);
  await page.getByRole('button', { name: 'PLOTS', exact: true }).click();
  await expect(page.getByLabel('Words')).toHaveValue('Lockside\nPLOTS');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Words')).toHaveValue('Lockside\nPlots');
  await expect(page.getByText('checking …')).toHaveCount(0);
  await page.waitForTimeout(1200);
  await page.reload();
  await page.getByRole('tab', { name: 'Setting' }).click();
  await expect(page.getByLabel('Arrangement')).toHaveValue('ring');
  await expect(page.getByLabel('Frame')).toHaveValue('double-ring');
});

test('layers of other films keep register up to the pieces', async ({ page }) => {
  const docket = await order(page, 'Heron', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('tab', { name: 'Layers' }).click();
  await page.getByRole('button', { name: /Take the usual rim/ }).click();
  await page.getByLabel('of', { exact: true }).first().selectOption({ label: 'Permanent, navy' });
  await page.getByLabel('Rim below').fill('1mm');
  await page.getByLabel('of', { exact: true }).last().selectOption({ label: 'Permanent, black' });
  await expect(page.getByText(/lowest layer has to reach further/)).toBeVisible();
  await page.getByLabel('Rim below').fill('6mm');
  await expect(page.getByRole('button', { name: /Make the proof/ })).toBeEnabled();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(/\/proof\/\d+/);
  await expect(page.getByText('Permanent, navy', { exact: true })).toBeVisible();
  await sayYes(page);
  await expect(page).toHaveURL(/\/batch/);
});

test('places are typed from any edge; the view zooms by keys and to true size', async ({ page }) => {
  const docket = await order(page, 'Teal', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByLabel('Letter height').fill('20mm');
  await page.getByRole('tab', { name: 'Place' }).click();
  await page.getByLabel('From right edge').fill('1 1/4"');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('From right edge')).toHaveValue('31.8 mm');
  await page.getByLabel('Below the middle').fill('-10');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Below the middle')).toHaveValue('-10 mm');
  await page.getByLabel('From top edge').fill('high');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/“high” is not a length/)).toBeVisible();

  const board = page.getByRole('application');
  const guide = page.locator('svg[role=img] path[stroke-width="1.6"]').first();
  const wide = async () => (await guide.boundingBox())?.width ?? 0;
  await board.focus();
  const whole = await wide();
  await page.keyboard.press('+');
  await expect.poll(wide).toBeCloseTo(whole * 1.25, -1);
  await page.keyboard.press('0');
  await expect.poll(wide).toBeCloseTo(whole, -1);
  await page.getByRole('button', { name: '1:1' }).click();
  await page.getByRole('slider').fill('4');
  await page.getByRole('button', { name: /The card fits/ }).click();
  // The object is 180 mm wide; its outline is measured with its line, 1.6 units wide.
  await expect.poll(wide).toBeCloseTo((180 + 1.6) * 4, -1);
});

test('the library of objects: measured, found, changed; orders keep what they were measured by', async ({ page }) => {
  const docket = await order(page, 'Swift', 'size');
  await page.goto('/objects');
  await page.getByRole('button', { name: /Measure a new one/ }).click();
  await page.getByLabel('What it is called').fill('Oil drum lid');
  await page.getByLabel('Its shape').selectOption('ring');
  await page.getByLabel('Outer width').fill('580mm');
  await page.getByLabel('Outer height').fill('580mm');
  await page.getByLabel('Badge width').fill('600mm');
  await page.getByLabel('Badge height').fill('60mm');
  await expect(page.getByText(/inner ring has to be smaller/)).toBeVisible();
  await page.getByLabel('Badge width').fill('60mm');
  await page.getByRole('button', { name: /Add it/ }).click();
  await expect(page.getByRole('heading', { name: 'Oil drum lid' })).toBeVisible();
  await page.getByLabel('Find an object').fill('oil');
  await expect(page.getByRole('button', { name: /Oil drum lid/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Mug/ })).toHaveCount(0);
  await page.getByLabel('Outer width').fill('590mm');
  await page.getByRole('button', { name: /Keep the measures/ }).click();
  await expect(page.getByText(/590 × 580 mm/)).toBeVisible();
  await page.getByRole('button', { name: /Take it from the list/ }).click();
  await expect(page.getByText('None by that name.')).toBeVisible();
  await page.goto(`/size/${docket.number}`);
  await expect(page.getByText(/Coal hod, 180 × 90 mm/)).toBeVisible();
});

test('the sampler is live, ranked, and says why not', async ({ page }) => {
  const docket = await order(page, 'Ada', 'size', { width: '60mm', height: '24mm' });
  await page.goto(`/size/${docket.number}`);
  await expect(page.getByText(/of 27 can be cut in this film/)).toBeVisible();
  const samples = page.getByRole('list', { name: 'Faces' }).getByRole('button');
  await expect(samples.last()).toContainText(/too thin|get lost|cannot be weeded/);
  await expect(samples.first()).toContainText(/cut/);
  await page.getByLabel('Words').fill('Bartholomew');
  await expect(page.getByText(/of 27 can be cut/)).toBeVisible();
  await page.getByLabel('Style').selectOption('stencil');
  await expect(samples).toHaveCount(1);
  await samples.first().click();
  await expect(samples.first()).toHaveAttribute('aria-pressed', 'true');
});

test('what somebody else draws meanwhile is taken over, and never written over unseen', async ({ page, as }) => {
  const docket = await order(page, 'Fulmar', 'size');
  const path = `/api/dockets/${docket.number}`;
  await page.goto(`/size/${docket.number}`);
  const words = page.getByLabel('Words');
  await expect(words).toHaveValue('Fulmar');
  const other = await as('tomas');
  const seen = async () => api<{ version: number; items: { words: string[] }[] }>(other, 'GET', path);
  // Tomas draws, and this page comes back to the front and reads the docket anew.
  const theirs = async (text: string) => {
    const { version } = await seen();
    await api(other, 'PUT', `${path}/design`, { version, words: text, face: 'bebas', proof: false });
    const read = page.waitForResponse((response) => response.url().endsWith(path));
    // What was read within a second is not read again.
    await page.waitForTimeout(1100);
    await page.evaluate(() => window.dispatchEvent(new Event('visibilitychange')));
    await read;
  };

  await theirs('Fulmar two');
  await expect(words).toHaveValue('Fulmar two');

  let isThere = false;
  const meanwhile = theirs('Fulmar three').then(() => {
    isThere = true;
  });
  while (!isThere) {
    await words.press('End');
    await words.pressSequentially('!');
    await page.waitForTimeout(100);
  }
  await meanwhile;
  const typed = await words.inputValue();
  await expect(page.getByRole('alert')).toContainText(/changed meanwhile by Tomas \(Drawing changed\)/);
  await expect(words).toHaveValue(typed);
  expect((await seen()).items[0]?.words).toEqual(['Fulmar three']);
  await page.getByRole('button', { name: 'Take theirs' }).click();
  await expect(words).toHaveValue('Fulmar three');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await words.fill('Fulmar four');
  await expect.poll(async () => (await seen()).items[0]?.words).toEqual(['Fulmar four']);

  const { version } = await seen();
  await api(other, 'PUT', `${path}/design`, { version, words: 'Fulmar five', face: 'bebas', proof: false });
  await words.fill('Fulmar six');
  await expect(page.getByRole('alert')).toContainText(/changed meanwhile by Tomas/);
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect.poll(async () => (await seen()).items[0]?.words).toEqual(['Fulmar six']);
});

test('a size is told once: on Ask, Size, Proof, Batch, Cut, Weed, Apply, the paper and in the book', async ({
  page,
}) => {
  await page.goto('/ask/new');
  await known(page, 'Perpetua Lyle');
  await page.getByLabel('What words').fill('Bittern 7');
  await page.getByLabel('On what').fill('Biscuit tin lid');
  await page.getByLabel('Its shape').selectOption({ label: 'Disc or oval' });
  await page.getByLabel('Width', { exact: true }).fill('173mm');
  await page.getByLabel('Height', { exact: true }).fill('121mm');
  await page.getByLabel('Film', { exact: true }).selectOption({ label: 'Cast, cream' });
  await page.getByLabel('Used on').fill(inDays(12));
  const told = page.getByText(/over all, in a plain face/);
  await expect(told).toBeVisible();
  const size = /[\d.]+ × [\d.]+ mm/.exec((await told.textContent()) ?? '')?.[0] ?? 'none';
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+$/);
  const number = Number(page.url().split('/').at(-1));
  const says = async (where: string) => {
    await page.goto(where);
    await expect(page.getByRole('main').getByText(size).first(), where).toBeVisible();
  };

  await expect(page.getByText(size).first()).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  await says(`/proof/${number}`);
  type Docket = { version: number; proofs: { nth: number }[]; pieces: { id: number; version: number }[] };
  let docket = await api<Docket>(page, 'GET', `/api/dockets/${number}`);
  const paper = await page.request.get(`/api/dockets/${number}/proofs/1.pdf`);
  writeFileSync('test-results/told-once.pdf', await paper.body());
  expect(execFileSync('pdftotext', ['-layout', 'test-results/told-once.pdf', '-']).toString()).toContain(size);
  docket = await api<Docket>(page, 'POST', `/api/dockets/${number}/approve`, {
    version: docket.version,
    proof: 1,
    by: 'Perpetua',
  });

  const stock = await api<{ films: { id: number; name: string }[] }>(page, 'GET', '/api/stock');
  const cream = stock.films.find((film) => film.name === 'Cast, cream');
  await page.goto('/batch');
  await page.getByRole('button', { name: /Cast, cream/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Bittern 7' }).getByText(size)).toBeVisible();
  const cut = await batch(page, cream?.id, docket.pieces);
  await page.goto('/cut');
  await page.getByRole('button', { name: new RegExp(`Batch ${cut.id}\\b`) }).click();
  await expect(page.getByText(new RegExp(`Y-0*${number}/1, ${size}`))).toBeVisible();
  await api(page, 'POST', `/api/batches/${cut.id}/cut`, { version: cut.version, stock: cut.stock.id });
  const id = docket.pieces[0]?.id;
  type State = { pieces: { state: string; version: number }[] };
  const piece = async () => (await api<State>(page, 'GET', `/api/dockets/${number}`)).pieces[0];
  await expect.poll(async () => (await piece())?.state, { timeout: 60_000 }).toBe('weeding');
  await page.goto('/weed');
  await page.getByRole('button', { name: new RegExp(`Bittern 7.*Y-0*${number}/1`) }).click();
  await expect(page.getByText(`Cast, cream, ${size}`)).toBeVisible();
  const { insides } = await api<{ insides: unknown[] }>(page, 'GET', `/api/pieces/${id}/weeding`);
  const out = { version: (await piece())?.version, numbers: insides.map((_, nth) => nth) };
  await api(page, 'PUT', `/api/pieces/${id}/out`, out);
  await api(page, 'POST', `/api/pieces/${id}/moves`, { move: 'weeded', version: (await piece())?.version });
  await page.goto('/apply');
  await page.getByRole('button', { name: new RegExp(`Bittern 7.*Y-0*${number}/1`) }).click();
  await expect(page.getByText(`${size} over all`)).toBeVisible();
  await page.goto('/book');
  await expect(page.getByText(`Proof 1 made, ${size}`).first()).toBeVisible();
});

test('two distances typed one after the other both hold, and the proof is of the newer drawing', async ({ page }) => {
  const docket = await order(page, 'Bluebell', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('tab', { name: 'Place' }).click();
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  await expect(field('From left edge')).toBeVisible();
  await field('Height over all').fill('20mm');
  await page.keyboard.press('Enter');
  await expect(field('Height over all')).toHaveValue(/^20 mm/);
  // Slowly answered, so that the second is typed before the first is there.
  await page.route('**/api/place', async (route) => {
    await new Promise((done) => setTimeout(done, 700));
    await route.continue();
  });
  await field('From left edge').fill('12mm');
  await page.keyboard.press('Enter');
  await field('From top edge').fill('15mm');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  type Made = { proofs: { pages: { art: { left: { mm: number }; top: { mm: number } } }[] }[] };
  const made = await api<Made>(page, 'GET', `/api/dockets/${docket.number}`);
  const proof = made.proofs[0]?.pages[0];
  expect([Math.round(proof?.art.left.mm ?? 0), Math.round(proof?.art.top.mm ?? 0)]).toEqual([12, 15]);
});

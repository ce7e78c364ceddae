import { api, batch, expect, inDays, order, pace, QUICK, release, SLOW, sayYes, test } from './shop';

test('Ask says what is wrong at its field, live, and loses nothing', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('Who', { exact: true }).fill('Marek Solvay');
  await page.getByLabel('What words').fill('Curlew');
  await page.getByLabel('Width').fill('about a foot');
  await expect(page.getByText(/“about a foot” is not a length/)).toBeVisible();
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page.getByText('What does it go on?', { exact: false })).toBeVisible();
  await expect(page.getByText('By when is it used?', { exact: false })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('What words')).toHaveValue('Curlew');
  await expect(page.getByLabel('Width')).toHaveValue('about a foot');
  await page.getByLabel('Width').fill('1\' 1/2"');
  await page.getByLabel('Height').fill('9 cm');
  await expect(page.getByText(/Letters up to/)).toBeVisible();
  await page.getByLabel('Used on').fill(inDays(2));
  await expect(page.getByText(/Too late for/)).toBeVisible();
  await page.getByRole('button', { name: /Keep it for later/ }).click();
  await expect(page.getByRole('heading', { name: /Order Y-\d{4}/ })).toBeVisible();
  await expect(page.getByLabel('Width')).toHaveValue('1\' 1/2"');
});

test('a known customer completes with the way to reach them', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('Who', { exact: true }).fill('Bellw');
  await expect(page.locator('datalist option[value="Bellwether Brass"]')).toHaveCount(1);
  await page.getByLabel('Who', { exact: true }).fill('Bellwether Brass');
  // A name alone is not a person: it is asked which, and only then completed.
  await expect(page.getByRole('radio', { name: 'Another Bellwether Brass' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Reached at' })).toHaveValue('');
  await page.getByRole('radio', { name: 'The Bellwether Brass known here, reached at band room' }).check();
  await expect(page.getByRole('textbox', { name: 'Reached at' })).toHaveValue('band room');
});

test('Size moves by ticks, undoes, and shows the core’s own figures', async ({ page }) => {
  const docket = await order(page, 'Damson', 'size');
  await page.goto(`/size/${docket.number}`);
  const figures = page.getByText(/clearance/);
  await expect(figures).toBeVisible();
  const left = async () => Number((await page.getByText(/^-?[\d.]+, -?[\d.]+ mm$/).textContent())?.split(',')[0]);
  const before = await left();
  const board = page.getByRole('application');
  await board.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(left).toBeCloseTo(before + 1, 1);
  await page.keyboard.press('Shift+ArrowLeft');
  await expect.poll(left).toBeCloseTo(before - 9, 1);
  await page.keyboard.press('Control+z');
  await expect.poll(left).toBeCloseTo(before + 1, 1);
  await page.keyboard.press('c');
  await expect.poll(left).toBeCloseTo(before, 1);

  await page.getByLabel('Letter height').fill('tall');
  await expect(page.getByText(/“tall” is not a length/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Make the proof/ })).toBeDisabled();
  await page.getByLabel('Letter height').fill('1 1/4');
  await expect(page.getByText('31.8 mm', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'in', exact: true }).click();
  await expect(page.getByText('31.8 mm', { exact: true })).toBeVisible();
  await expect(page.getByText('1 1/4 in', { exact: true }).last()).toBeVisible();

  await page.getByRole('button', { name: /Great Vibes/ }).click();
  await page.getByLabel('Letter height').fill('20mm');
  await expect(page.getByRole('heading', { name: /snags/ })).toBeVisible();
  await page.getByRole('button', { name: /Oswald/ }).click();
  await page.getByLabel('Letter height').fill('8mm');
  await expect(page.getByRole('heading', { name: /snag/ })).toBeVisible();
  await page
    .getByRole('button', { name: /Letters .* high/ })
    .first()
    .click();
  await expect(page.getByLabel('Letter height')).not.toHaveValue('8mm');
  await page.getByRole('button', { name: 'mm', exact: true }).click();

  await page.reload();
  await expect(page.getByRole('button', { name: /Oswald/ })).toHaveAttribute('aria-pressed', 'true');
});

test('a drag moves the decal', async ({ page }) => {
  const docket = await order(page, 'Teal', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByLabel('Letter height').fill('20mm');
  await expect(page.getByText('20 mm', { exact: true })).toBeVisible();
  const board = await page.getByRole('application').boundingBox();
  const middle = { x: (board?.x ?? 0) + (board?.width ?? 0) / 2 - 20, y: (board?.y ?? 0) + (board?.height ?? 0) / 2 };
  const spot = page.getByText(/^-?[\d.]+, -?[\d.]+ mm$/);
  const before = await spot.textContent();
  await page.mouse.move(middle.x, middle.y);
  await page.mouse.down();
  await page.mouse.move(middle.x - 60, middle.y, { steps: 4 });
  await page.mouse.up();
  await expect(spot).not.toHaveText(before ?? '');
});

test('a proof can be changed, and only the newest is approved', async ({ page }) => {
  const docket = await order(page, 'Sorrel', 'proof');
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: 'Change it' }).click();
  await expect(page).toHaveURL(`/size/${docket.number}`);
  await page.getByLabel('Words').fill('Sorrell');
  await expect(page.getByRole('img', { name: /Sorrell on Coal hod/ })).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page.getByText('proof 2 of 2')).toBeVisible();
  await page.getByRole('button', { name: /Proof 1,/ }).click();
  await expect(page.getByRole('button', { name: /older proof cannot be approved/ })).toBeDisabled();
  await page.getByRole('button', { name: /Proof 2,/ }).click();
  await sayYes(page);
  await expect(page).toHaveURL('/batch');
});

test('the cutter refuses the wrong film, pauses, jams, and the batch comes back', async ({ page, shop }) => {
  test.setTimeout(90_000);
  await pace(shop, SLOW);
  const docket = await order(page, 'Mooring 12', 'batch', {
    filmName: 'Removable, bottle green',
    useOf: 'indoor',
    // Enough to cut that the knife is still at it when Pause is pressed.
    quantity: '4',
  });
  const batch = await release(page, docket, 'Removable, bottle green');
  await page.goto('/cut');
  await page.getByRole('button', { name: new RegExp(`Batch ${batch.id}\\b`) }).click();
  await expect(page.getByRole('button', { name: /First the test cut/ })).toBeDisabled();
  await page.getByLabel(/test cut weeds clean/).check();
  await page.getByRole('button', { name: /Start cutting/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Cut it/ })
    .click();
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('paused')).toBeVisible();
  await expect(page.locator('[data-knife]')).toBeVisible();
  await page.getByRole('button', { name: 'Make it jam' }).click();
  await pace(shop, QUICK);
  await expect(page.getByRole('alert').getByText(/jammed under the rollers. It had cut \d+ %/)).toBeVisible();
  await page.getByLabel(/test cut weeds clean/).check();
  await page.getByRole('button', { name: /Start cutting/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Cut it/ })
    .click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.goto('/weed');
  await expect(page.getByRole('button', { name: new RegExp(`Mooring 12 ${docket.tag}/1`) })).toBeVisible({
    timeout: 40_000,
  });
});

test('a spoiled piece goes back to Batch with its reason and is recut', async ({ page }) => {
  test.setTimeout(90_000);
  await page.goto('/weed');
  await page
    .getByRole('button', { name: /Ploughboy/ })
    .first()
    .click();
  const heading = await page.getByText(/^Piece Y-/).textContent();
  const tag = heading?.match(/Y-\d+\/\d+/)?.[0] ?? '';
  await page.getByRole('button', { name: /Spoiled/ }).click();
  await page.getByRole('button', { name: 'Cut it again' }).click();
  await expect(page.getByText('What went wrong? A few words', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'a letter tore' }).click();
  await page.getByRole('button', { name: 'Cut it again' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.goto('/batch');
  await page.getByRole('button', { name: /Permanent, navy/ }).click();
  const piece = page.getByRole('listitem').filter({ hasText: tag });
  await expect(piece.getByText('Recut: a letter tore')).toBeVisible();
  await expect(page.getByRole('button', { name: /Permanent, navy/ })).toContainText('1 recut');

  type Waiting = { id: number; version: number; tag: string; film: { id: number } };
  type Films = { films: { id: number; name: string }[] };
  const navy = (await api<Films>(page, 'GET', '/api/stock')).films.find((one) => one.name === 'Permanent, navy');
  const { pieces } = await api<{ pieces: Waiting[] }>(page, 'GET', `/api/batches/waiting?film=${navy?.id}`);
  const again = pieces.find((one) => one.tag === tag);
  const recut = await batch(page, again?.film.id, again ? [again] : []);
  await api(page, 'POST', `/api/batches/${recut.id}/cut`, { version: recut.version, stock: recut.stock.id });
  await page.goto('/weed');
  await page.getByRole('button', { name: new RegExp(`Ploughboy ${tag}`) }).click({ timeout: 40_000 });
  await expect(page.getByText('recut: a letter tore')).toBeVisible();
});

test('weeding counts to zero and remembers the taps', async ({ page }) => {
  await page.goto('/weed');
  await page.getByRole('button', { name: /Library/ }).click();
  await expect(page.getByRole('button', { name: /All out/ })).toBeDisabled();
  await page.getByRole('button', { name: 'Inside piece 1, still in' }).click();
  await expect(page.getByRole('button', { name: 'Inside piece 1, out' })).toHaveAttribute('aria-pressed', 'true');
  await page.waitForTimeout(600);
  await page.reload();
  await page.getByRole('button', { name: /Library/ }).click();
  await expect(page.getByRole('button', { name: 'Inside piece 1, out' })).toBeVisible();
  await page.getByRole('button', { name: 'Inside piece 1, out' }).click();
  await page.getByRole('button', { name: 'Inside piece 1, still in' }).waitFor();
});

test('the wait runs as a clock and cannot be cut short', async ({ page }) => {
  await page.goto('/apply');
  await page
    .getByRole('button', { name: /Shackles/ })
    .first()
    .click();
  await expect(page.getByRole('timer')).toHaveText(/^\d+ h \d\d min$/);
  await expect(page.getByRole('button', { name: /Rested: ready to send/ })).toBeDisabled();
});

test('posted pieces carry their tracking number until they are delivered', async ({ page }) => {
  await page.goto('/send');
  await page.getByRole('button', { name: /Marrow/ }).click();
  await page.getByLabel('Tracking number').fill('TW-7731');
  await page.getByRole('button', { name: 'Posted' }).click();
  const away = page.getByRole('navigation', { name: 'On its way' });
  await away.getByRole('button', { name: /Marrow/ }).click();
  await expect(away.getByText('TW-7731')).toBeVisible();
  await page.getByRole('button', { name: /^Delivered/ }).click();
  await expect(page.getByRole('button', { name: /Marrow/ })).toBeHidden();
});

test('a cut file can be downloaded and holds as many outlines as the piece', async ({ page }) => {
  const docket = await order(page, 'BO', 'batch');
  const batch = await release(page, docket);
  const svg = await (await page.request.get(`/api/batches/${batch.id}/sheet.svg`)).text();
  expect(svg.match(/<path /g)).toHaveLength(5);
  // The browser draws it: outlines as long as the plan says, where the sheet is.
  const drawn = await page.evaluate((file) => {
    const sheet = new DOMParser().parseFromString(file, 'image/svg+xml').documentElement;
    document.body.append(sheet);
    const paths = [...sheet.querySelectorAll('path')];
    const long = paths.reduce((sum, path) => sum + path.getTotalLength(), 0);
    const boxes = paths.map((path) => path.getBBox());
    sheet.remove();
    return {
      metres: long / 1000,
      right: Math.max(...boxes.map((box) => box.x + box.width)),
      bottom: Math.max(...boxes.map((box) => box.y + box.height)),
    };
  }, svg);
  const planned = await api<{ metres: number; length: { mm: number }; size: { width: { mm: number } } }>(
    page,
    'GET',
    `/api/batches/${batch.id}`,
  );
  expect(drawn.metres).toBeCloseTo(planned.metres, 1);
  expect(drawn.bottom).toBeCloseTo(planned.length.mm, 1);
  expect(drawn.right).toBeLessThan(planned.size.width.mm);
  await api(page, 'POST', `/api/batches/${batch.id}/dissolve`, { version: batch.version });
});

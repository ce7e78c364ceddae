import { execFileSync } from 'node:child_process';
import { devices, type Page } from '@playwright/test';
import { api, axeFindsNothing, expect, inDays, known, order, test } from './shop';
import { film, png } from './whole';

const { defaultBrowserType: _, ...PHONE } = devices['Pixel 7'];

/** A link to a docket's newest proof, as the shop hands it out. */
async function link(page: Page, docket: { number: number }): Promise<string> {
  const given = await api<{ url: string }>(page, 'POST', `/api/dockets/${docket.number}/links`, { to: '' });
  return new URL(given.url).pathname;
}

test('a proof goes out by post and comes back with a change request, pinned, from a phone', async ({
  page,
  browser,
}) => {
  const docket = await order(page, 'Mallow', 'proof', { contact: 'osric@tamblyn.example' });
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /Send the proof, or copy a link/ }).click();
  const dialog = page.getByRole('dialog', { name: 'A link for the customer' });
  await dialog.getByLabel('Send it to').fill('nowhere');
  await dialog.getByRole('button', { name: 'Send it' }).click();
  await expect(dialog.getByText(/An address looks like/)).toBeVisible();
  await dialog.getByLabel('Send it to').fill('osric@tamblyn.example');
  await dialog.getByRole('button', { name: 'Send it' }).click();
  const url = await page.getByRole('dialog', { name: 'Here is the link' }).getByText(/\/p\//).textContent();
  await page.getByRole('button', { name: /Done/ }).click();
  await page.goto('/post');
  const letter = page.getByRole('listitem').filter({ hasText: docket.tag });
  await expect(letter.getByText(url ?? '-')).toBeVisible({ timeout: 20_000 });

  const phone = await browser.newContext({ ...PHONE, baseURL: new URL(page.url()).origin });
  const theirs = await phone.newPage();
  const asked: string[] = [];
  theirs.on('request', (request) => asked.push(new URL(request.url()).origin));
  await theirs.goto(new URL(url ?? '').pathname);
  await expect(theirs.getByRole('heading', { name: new RegExp(`Your proof ${docket.tag}`) })).toBeVisible();
  await expect(theirs.getByText('capital M')).toBeVisible();
  expect(await theirs.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await axeFindsNothing(theirs);
  await theirs.getByRole('img', { name: /Proof 1: Mallow/ }).click({ position: { x: 120, y: 90 } });
  await theirs.getByLabel('Your name').fill('Osric Tamblyn');
  await theirs.getByLabel(/what should differ/).fill('A little higher, please');
  await theirs.getByRole('button', { name: 'Ask for the change' }).click();
  await expect(theirs.getByText('Sent to the shop.', { exact: false })).toBeVisible();
  expect([...new Set(asked)]).toEqual([new URL(page.url()).origin]);

  await page.goto(`/proof/${docket.number}`);
  await expect(page.getByText('“A little higher, please”')).toBeVisible();
  await expect(page.getByRole('img', { name: /Proof 1: Mallow/ }).getByText('A', { exact: true })).toBeVisible();
  await expect(page.getByText(/opened /)).toBeVisible();
  await phone.close();
});

test('approved by link it goes on to Batch; said again nothing changes; it is locked, and opened again with a reason', async ({
  page,
}) => {
  const docket = await order(page, 'Comfrey', 'proof');
  const path = await link(page, docket);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(path);
  await page.getByRole('button', { name: /Yes, make it exactly like this/ }).click();
  await expect(page.getByText('Please write your name', { exact: false })).toBeVisible();
  await page.getByLabel('Your name').fill('Osric Tamblyn');
  await page.getByRole('button', { name: /Yes, make it exactly like this/ }).click();
  await expect(page.getByText(/Approved by Osric Tamblyn/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Yes, make it/ })).toHaveCount(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/size/${docket.number}?docket=${docket.number}`);
  const drawer = page.getByRole('dialog', { name: 'Comfrey' });
  await expect(drawer.getByText('approved by link by Osric Tamblyn', { exact: false })).toBeVisible();
  await drawer.getByRole('button', { name: /Open it again/ }).click();
  const why = page.getByRole('dialog', { name: /Open .* again\?/ });
  await why.getByLabel('Why').fill('another size');
  await why.getByRole('button', { name: 'Open it again' }).click();
  await expect(drawer.getByText('Opened again after its approval: another size')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page.getByText('proof 2 of 2')).toBeVisible();
  await page.getByRole('button', { name: 'Beside' }).click();
  await expect(page.getByRole('img', { name: /^Proof \d: Comfrey/ })).toHaveCount(2);
  await page.goto(path);
  await expect(page.getByText(/There is a newer proof of this order/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Yes, make it/ })).toHaveCount(0);
});

test('wrong, expired and withdrawn links say so and show nothing', async ({ page, shop }) => {
  const docket = await order(page, 'Yarrow', 'proof');
  const path = await link(page, docket);
  await page.goto(`${path.slice(0, -3)}aaa`);
  await expect(page.getByText(/leads nowhere/)).toBeVisible();
  // The day it expires, come early.
  const late = await link(page, docket);
  const early = 'UPDATE proof_link SET expires_at = made_at ORDER BY id DESC LIMIT 1';
  execFileSync('./yelbo', ['console', 'dbal:run-sql', early], { env: { ...process.env, ...shop.env } });
  await page.goto(late);
  await expect(page.getByText(/This link has expired/)).toBeVisible();
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByText('withdrawn')).toBeVisible();
  await page.goto(path);
  await expect(page.getByRole('heading', { name: 'This proof cannot be shown' })).toBeVisible();
  await expect(page.getByText(/has withdrawn this link/)).toBeVisible();
  await expect(page.getByText('Yarrow')).toHaveCount(0);
});

test('a proof is read out large, by a key, and comes on paper', async ({ page }) => {
  const docket = await order(page, 'Plot 9', 'proof');
  await page.goto(`/proof/${docket.number}`);
  await page.getByRole('button', { name: /Large/ }).waitFor();
  await page.keyboard.press('r');
  const dialog = page.getByRole('dialog', { name: 'Read it out' });
  await expect(dialog.getByText('capital P')).toBeVisible();
  await expect(dialog.getByText('space')).toBeVisible();
  await expect(dialog.getByText('nine')).toBeVisible();
  await page.keyboard.press('Escape');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: /PDF to scale/ }).click();
  expect((await download).suggestedFilename()).toBe(`${docket.tag.toLowerCase()}-proof-1.pdf`);
});

test('a photo is laid on a cup: it is drawn on it at Ask and Size, on the proof, and for the customer', async ({
  page,
  browser,
}) => {
  // A cup on a pale table, a band of rust round a teal wall, darker towards its sides.
  const cup = png(480, 360, (x, y) => {
    const across = (x - 240) / 150;
    if (Math.abs(across) > 1 || y < 40 || y > 320) {
      return 0xe9e4da;
    }
    const shade = 0.55 + 0.45 * Math.sqrt(1 - across * across);
    const [r, g, b] = y > 260 && y < 290 ? [0xa0, 0x50, 0x30] : [0x1e, 0x6a, 0x70];
    return (Math.round(r * shade) << 16) | (Math.round(g * shade) << 8) | Math.round(b * shade);
  });
  const chalk = await film(page, 'chalk', { swatch: '#f4f1e6' });
  await page.goto('/ask/new');
  await known(page, 'Osric Tamblyn');
  await page.getByLabel('What words', { exact: true }).fill('Mallow');
  await page.getByLabel('On what', { exact: true }).fill('Enamel cup');
  await page.getByLabel('Its shape').selectOption({ label: 'Cylinder' });
  await page.getByRole('button', { name: 'From a photo …' }).click();
  const dialog = page.getByRole('dialog', { name: 'The object as it looks' });
  await dialog.getByLabel('Photo').setInputFiles({ name: 'cup.png', mimeType: 'image/png', buffer: cup });
  const corner = (nth: number) => dialog.getByLabel(`Corner ${nth}`);
  // Not measured yet: it says so, and the photo stays.
  await dialog.getByRole('button', { name: /Lay it on/ }).click();
  await expect(dialog.getByText(/Measure it/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel(/^Circumference/).fill('258mm');
  await page.getByLabel(/^Height/).fill('95mm');
  await page.getByRole('button', { name: 'From a photo …' }).click();
  await dialog.getByLabel('Photo').setInputFiles({ name: 'cup.png', mimeType: 'image/png', buffer: cup });
  const box = (await dialog.getByRole('img', { name: /corners/ }).boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const scale = Math.min(box.width / 480, box.height / 360);
  for (const [nth, [x, y]] of [
    [90, 40],
    [390, 40],
    [390, 320],
    [90, 320],
  ].entries()) {
    await corner(nth + 1).hover();
    await page.mouse.down();
    await page.mouse.move(
      box.x + (box.width - 480 * scale) / 2 + (x ?? 0) * scale,
      box.y + (box.height - 360 * scale) / 2 + (y ?? 0) * scale,
    );
    await page.mouse.up();
  }
  await corner(1).press('ArrowRight');
  const laid = page.waitForResponse((answer) => answer.url().endsWith('/lay'));
  await dialog.getByRole('button', { name: /Lay it on/ }).click();
  const { photo, colour } = await (await laid).json();
  // Not the band's, nor the table's: the wall's own colour.
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16)) as [number, number, number];
  expect(g).toBeGreaterThan(r + 30);
  expect(b).toBeGreaterThan(r + 30);
  await expect(page.locator(`image[href$="${photo}"]`)).toBeVisible();
  await page.getByLabel('Used on').fill(inDays(12));
  const begun = page.waitForResponse(
    (answer) => answer.url().endsWith('/api/dockets') && answer.request().method() === 'POST',
  );
  await page.getByLabel('Film').selectOption(String(chalk.id));
  await page.getByRole('button', { name: /Take the order/ }).click();
  const { number } = await (await begun).json();
  await expect(page).toHaveURL(new RegExp(`/size/${number}`));
  await expect(page.locator(`image[href$="${photo}"]`).first()).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  await expect(page.locator(`image[href$="${photo}"]`).first()).toBeVisible();
  const path = await link(page, { number });
  const nobody = { storageState: { cookies: [], origins: [] }, baseURL: new URL(page.url()).origin };
  const theirs = await (await browser.newContext(nobody)).newPage();
  await theirs.goto(path);
  await expect(theirs.locator(`image[href$="${photo}"]`).first()).toBeVisible();
  const token = path.split('/').pop();
  const seen = await theirs.request.get(`/api/given/${token}/photo/${photo}`);
  expect(seen.headers()['content-type']).toBe('image/jpeg');
  // What their proof does not show is closed to them, and so is the shop's own door to it.
  expect((await theirs.request.get(`/api/given/${token}/photo/${'0'.repeat(32)}`)).status()).toBe(404);
  expect((await theirs.request.get(`/api/laid/${photo}`)).status()).toBe(401);
  const pdf = await theirs.request.get(`/api/given/${token}/proof.pdf`);
  const text = execFileSync('pdfimages', ['-list', '-'], { input: await pdf.body() }).toString();
  expect(text).toContain('jpeg');
  await theirs.context().close();
});

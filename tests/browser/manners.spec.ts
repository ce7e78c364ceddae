import type { Page } from '@playwright/test';
import { axeFindsNothing, bare, expect, NOBODY, order, settled, test } from './shop';

/** Words that stick out of what holds them, or lie over other words. */
async function crowded(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const said: string[] = [];
    if (document.documentElement.scrollWidth > window.innerWidth) {
      said.push('the page scrolls sideways');
    }
    const seen = (node: Node, box: DOMRect) => {
      const on = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
      return on !== null && (on.contains(node) || node.parentElement?.contains(on));
    };
    const lines: { of: Element; box: DOMRect; words: string }[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const of = node.parentElement;
      const words = node.textContent?.trim() ?? '';
      if (!of || words === '' || of.closest('svg, .sr-only, script, style')) {
        continue;
      }
      const style = getComputedStyle(of);
      if (style.overflow === 'visible' && style.display !== 'inline' && of.scrollWidth > of.clientWidth + 1) {
        said.push(`“${words}” sticks out`);
      }
      const range = document.createRange();
      range.selectNodeContents(node);
      for (const box of range.getClientRects()) {
        if (box.width > 2 && seen(node, box)) {
          lines.push({ of, box, words });
        }
      }
    }
    for (const [nth, one] of lines.entries()) {
      for (const other of lines.slice(0, nth)) {
        const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
        const down = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
        if (one.of !== other.of && across > 2 && down > 6) {
          said.push(`“${one.words}” lies over “${other.words}”`);
        }
      }
    }
    return said;
  });
}

const VIEWS = [
  'ask',
  'ask/new',
  'size',
  'proof',
  'batch',
  'cut',
  'weed',
  'apply',
  'send',
  'stock',
  'machines',
  'objects',
  'morning',
  'week',
  'drying',
  'book',
  'pictures',
  'figures',
  'people',
  'nowhere',
];

test('axe finds nothing at any view, and on a narrow screen its words have room', async ({ page }) => {
  test.setTimeout(180_000);
  for (const view of VIEWS) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`/${view}`);
    await settled(page);
    await axeFindsNothing(page, view);
    await page.setViewportSize({ width: 1024, height: 768 });
    for (const units of ['in', 'mm']) {
      await expect.poll(() => crowded(page), view).toEqual([]);
      await page.getByRole('button', { name: units, exact: true }).click();
      await expect(page.getByRole('button', { name: units, exact: true })).toHaveAttribute('aria-pressed', 'true');
    }
  }
});

test('axe finds nothing on an open drawing, an open proof, the drawer and the dialogs', async ({ page }) => {
  const size = await order(page, 'Yarrow', 'size');
  await page.goto(`/size/${size.number}`);
  await page.getByRole('button', { name: /Great Vibes/ }).click();
  await page.getByLabel('Letter height').fill('15mm');
  await expect(page.getByRole('heading', { name: /snags/ })).toBeVisible();
  await axeFindsNothing(page);
  await page.getByRole('tab', { name: 'Beside' }).click();
  await page.getByRole('button', { name: 'Shape', exact: true }).click();
  await expect(page.getByLabel('From left edge')).toBeVisible();
  await axeFindsNothing(page);
  await page.setViewportSize({ width: 1024, height: 768 });
  await expect.poll(() => crowded(page)).toEqual([]);
  await page.getByRole('application').focus();
  await page.keyboard.press('w');
  const wall = page.getByRole('dialog', { name: /Every face on/ });
  await expect(wall.getByRole('button', { name: /Oswald/ })).toBeVisible();
  await page.waitForTimeout(300);
  await axeFindsNothing(page);
  await expect.poll(() => crowded(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('application').focus();
  await page.keyboard.press('l');
  const designs = page.getByRole('dialog', { name: /designs/ });
  await expect(designs.getByText('Notice with a dotted border')).toBeVisible();
  await page.waitForTimeout(300);
  await axeFindsNothing(page);
  await page.keyboard.press('Escape');
  await page.goto(`/size/${size.number}/add`);
  await expect(page.getByRole('heading', { name: /Another item for/ })).toBeVisible();
  await axeFindsNothing(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  const proof = await order(page, 'Yarrow', 'proof');
  await page.goto(`/proof/${proof.number}`);
  await page.getByText('Read it out').waitFor();
  await axeFindsNothing(page);
  await page.goto(`/weed?docket=${proof.number}`);
  await page.getByRole('dialog', { name: 'Yarrow' }).getByText('What happened').waitFor();
  await page.waitForTimeout(300);
  await axeFindsNothing(page);
  await page.getByRole('button', { name: 'Cancel the order' }).click();
  await page.getByRole('dialog', { name: /Cancel/ }).waitFor();
  await axeFindsNothing(page);
});

test.describe('at the door', () => {
  test.use({ who: NOBODY });
  test('axe finds nothing', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('Password').waitFor();
    await axeFindsNothing(page);
  });
});

test('keys lead everywhere', async ({ page }) => {
  await page.goto('/ask');
  await page.getByRole('heading', { name: /Begun/ }).waitFor();
  for (const [key, path] of [
    ['2', '/size'],
    ['5', '/cut'],
    ['8', '/send'],
    ['1', '/ask'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(path);
  }
  await expect(page.getByRole('link', { name: /Size.*[1-9]\d* waiting/ })).toBeVisible();
  await page.keyboard.press('2');
  await page.getByRole('heading', { name: 'To be sized' }).waitFor();
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/\/size\/\d+$/);
  const first = page.url();
  await page.keyboard.press(']');
  await expect(page).not.toHaveURL(first);
  await page.keyboard.press('[');
  await expect(page).toHaveURL(first);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page).toHaveURL(first);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('6');
  await expect(page).toHaveURL('/weed');
  await page.getByRole('heading', { name: 'To be weeded' }).waitFor();
  await page.keyboard.press(']');
  await expect(page.getByRole('dialog').getByText('What happened')).toBeVisible();
});

test('typing a letter in a field is typing, not a shortcut', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('What words').fill('');
  await page.getByLabel('What words').pressSequentially('n/12?');
  await expect(page.getByLabel('What words')).toHaveValue('n/12?');
  await expect(page).toHaveURL('/ask/new');
});

test('the frame fits without scrolling, on the desk and on a tablet', async ({ page }) => {
  // At Batch it waits until all plans are thought to the end.
  test.setTimeout(90_000);
  for (const [width, height, views] of [
    [1280, 800, ['ask/new', 'size', 'batch', 'cut', 'weed', 'apply', 'send']],
    [1024, 768, ['cut', 'weed', 'apply', 'send']],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const view of views) {
      await page.goto(`/${view}`);
      await settled(page);
      const over = await page.evaluate(() => [
        document.documentElement.scrollWidth - innerWidth,
        document.documentElement.scrollHeight - innerHeight,
      ]);
      expect(over, `${view} at ${width}`).toEqual([0, 0]);
    }
  }
});

test('the page asks nobody but its own server', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL ?? '') && !request.url().startsWith('data:')) {
      strangers.push(request.url());
    }
  });
  const response = await page.goto('/size');
  await settled(page);
  expect(strangers).toEqual([]);
  const policy = response?.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toContain('unsafe');
});

bare('a page that breaks says so in a sentence, keeps what was typed and opens again', async ({ page }) => {
  await page.goto('/ask/new');
  await page.getByLabel('What words').fill('Lapwing');
  await settled(page);
  await page.route('**/api/batches', (route) => route.fulfill({ json: { batches: [{ id: 1 }] } }));
  await page.keyboard.press('Escape');
  await page.getByRole('navigation', { name: 'The line' }).getByRole('link', { name: /Cut/ }).click();
  await expect(page.getByRole('alert').getByText('This page broke')).toBeVisible();
  await expect(page.getByText(/TypeError|undefined|\.tsx?/)).toHaveCount(0);
  await expect(page.getByRole('navigation', { name: 'The line' })).toBeVisible();
  await page.unroute('**/api/batches');
  await page.getByRole('button', { name: /Open it again/ }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto('/ask/new');
  await expect(page.getByLabel('What words')).toHaveValue('Lapwing');
});

test('every face at a glance: twelve and more on the object, tried by arrows, taken by Enter', async ({ page }) => {
  const docket = await order(page, 'Kestrel', 'size');
  await page.goto(`/size/${docket.number}`);
  await expect(page.getByText(/can be cut in this film/)).toBeVisible();
  await page.getByRole('application').focus();
  await page.keyboard.press('w');
  const wall = page.getByRole('dialog', { name: 'Every face on Coal hod' });
  await wall.getByRole('radio', { name: 'All' }).click();
  const faces = wall.getByRole('button').filter({ hasText: 'mm' });
  await expect.poll(() => faces.count()).toBeGreaterThan(20);
  const seen = await faces.evaluateAll(
    (cells) => cells.filter((cell) => cell.getBoundingClientRect().bottom < window.innerHeight).length,
  );
  expect(seen, 'at a glance').toBeGreaterThanOrEqual(12);
  await faces.first().focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowLeft');
  const taken = (await page.locator(':focus b').textContent()) ?? '';
  await page.keyboard.press('Enter');
  await expect(wall).toBeHidden();
  await expect(page.getByRole('button', { name: new RegExp(`^${taken}`) })).toHaveAttribute('aria-pressed', 'true');
});

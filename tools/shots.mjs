// Takes the pictures in docs/screenshots from a running demo shop: node tools/shots.mjs [folder] [name…]
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';

const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const base = process.env.YELBO_URL ?? `http://127.0.0.1:${process.env.YELBO_PORT ?? 8412}`;
const wide = { width: 1280, height: 800 };
const tablet = { width: 1024, height: 768 };

const browser = await chromium.launch(chromiumOptions);
const page = await (await browser.newContext({ viewport: wide })).newPage();
page.on('console', (message) => message.type() === 'error' && console.error(message.text()));
page.on('pageerror', (fault) => console.error(fault));
await page.goto(base);
await page.getByLabel('Name').fill('ines');
await page.getByLabel('Password').fill('lantern-towpath');
await page.getByRole('button', { name: /Sign in/ }).click();
await page.getByRole('navigation', { name: 'The line' }).waitFor();

const open = async (station) => {
  await page.goto(`${base}/${station}`);
  await page.waitForLoadState('networkidle');
};
const first = (station) => async () => {
  await open(station);
  await page.keyboard.press(']');
  await page.waitForTimeout(1800);
};
const views = {
  ask: async () => {
    await open('ask/new');
    await page.getByLabel('Who', { exact: true }).fill('Perpetua Lyle');
    await page.getByLabel('What words').fill('Marigold\nSeed');
    await page.getByLabel('On what').fill('Seed tin');
    await page.getByRole('radio', { name: 'Round or oval' }).click();
    await page.getByLabel('Width').fill('96mm');
    await page.getByLabel('Height').fill('3 3/4');
    await page.getByLabel('Film').selectOption({ label: 'Permanent, ochre' });
    await page.getByLabel('Used on').fill(new Date(Date.now() + 3 * 864e5).toISOString().slice(0, 10));
    await page.waitForTimeout(1500);
  },
  size: first('size'),
  proof: first('proof'),
  batch: () => open('batch'),
  cut: () => open('cut'),
  weed: () => open('weed'),
  apply: () => open('apply'),
  send: () => open('send'),
  docket: async () => {
    await open('batch');
    await page.keyboard.press(']');
    await page.waitForTimeout(1200);
  },
  stock: () => open('stock'),
  week: () => open('week'),
  book: () => open('book'),
  figures: () => open('figures'),
  'weed-tablet': async () => {
    await page.setViewportSize(tablet);
    await open('weed');
  },
  'apply-tablet': () => open('apply'),
  'cut-tablet': () => open('cut'),
  'send-tablet': () => open('send'),
};
for (const [name, go] of Object.entries(views)) {
  if (only.length > 0 && !only.includes(name)) {
    continue;
  }
  await page.setViewportSize(name.endsWith('-tablet') ? tablet : wide);
  await go();
  await page.waitForTimeout(500);
  await page.screenshot({ path: `${folder}/${name}.png` });
  console.log(name);
}
await browser.close();

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
  await page.locator('#work[aria-busy=false]').waitFor();
  await page.waitForTimeout(600);
};
const sized = (label) => async () => {
  await open('size');
  await page
    .getByRole('link', { name: new RegExp(`^${label}`) })
    .first()
    .click();
  await page.waitForTimeout(5000);
};
/** Navy pieces laid out, on one sheet only or on what serves first. */
const laid = async (sheet) => {
  await open('batch');
  await page.getByRole('button', { name: /Permanent, navy/ }).click();
  if (sheet) {
    const known = page.getByLabel('Cut from').getByRole('option', { name: new RegExp(sheet), includeHidden: true });
    await page.getByLabel('Cut from').selectOption((await known.getAttribute('value')) ?? '');
  }
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: /Release to the cutter/ }).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(8000);
};
const views = {
  ask: async () => {
    await open('ask/new');
    await page.getByLabel('Who', { exact: true }).fill('Perpetua Lyle');
    await page.getByLabel('What words').fill('Marigold\nSeed');
    await page.getByLabel('On what').fill('Seed tin');
    await page.getByLabel('Its shape').selectOption('ellipse');
    await page.getByLabel('Width').fill('96mm');
    await page.getByLabel('Height').fill('3 3/4');
    await page.getByLabel('Film').selectOption({ label: 'Permanent, ochre' });
    await page.getByLabel('Used on').fill(new Date(Date.now() + 3 * 864e5).toISOString().slice(0, 10));
    await page.waitForTimeout(1500);
  },
  size: sized('Sweet Peas'),
  'size-beside': async () => {
    await sized('Heron')();
    await page.getByRole('tab', { name: 'Beside' }).click();
    await page.getByRole('button', { name: /“H”/ }).click();
    await page.waitForTimeout(1500);
  },
  'size-set': sized('30 names: Ada …'),
  objects: async () => {
    await open('objects');
    await page.getByRole('button', { name: /Water can/ }).click();
    await page.waitForTimeout(1500);
  },
  proof: async () => {
    await open('proof');
    await page.getByRole('link', { name: /^Greylag/ }).click();
    await page.waitForTimeout(1800);
  },
  given: async () => {
    const { csrf } = await (await page.request.get(`${base}/api/me`)).json();
    const { dockets } = await (await page.request.get(`${base}/api/dockets?station=proof`)).json();
    const { number } = dockets.find((one) => one.label === 'Greylag');
    const made = await page.request.post(`${base}/api/dockets/${number}/links`, {
      headers: { 'X-Yelbo-Token': csrf },
      data: { to: '' },
    });
    await page.setViewportSize({ width: 412, height: 915 });
    await page.goto(base + new URL((await made.json()).url).pathname);
    await page.waitForTimeout(1500);
  },
  batch: () => laid('S-001'),
  cut: () => open('cut'),
  weed: () => open('weed'),
  apply: async () => {
    await open('apply');
    for (let nth = 0; nth < 4; nth += 1) {
      await page.getByRole('button', { name: /^Done: / }).click();
      await page.waitForTimeout(900);
    }
  },
  send: () => open('send'),
  docket: async () => {
    await open('batch');
    await page.keyboard.press(']');
    await page.waitForTimeout(1200);
  },
  stock: () => open('stock?of=N-019'),
  machines: () => open('machines'),
  morning: () => open('morning'),
  week: () => open('week'),
  drying: () => open('drying'),
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

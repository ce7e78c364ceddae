import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { api, expect, sayYes, test } from './shop';
import { ask, type Docket, film, weed } from './whole';

/** What a program that reads PDF says of one that is downloaded. */
async function printed(page: Page, link: string): Promise<{ pages: number; text: string; name: string }> {
  const [paper] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: link, exact: true }).click(),
  ]);
  const file = await paper.path();
  const pages = /Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file]).toString())?.[1];
  return {
    pages: Number(pages),
    text: execFileSync('pdftotext', ['-layout', file, '-']).toString(),
    name: paper.suggestedFilename(),
  };
}

/** An order of several items in one film, proofed, said yes to, cut and weeded. */
async function weeded(page: Page, colour: string, items: Record<string, unknown>[]): Promise<Docket> {
  const own = await film(page, colour, { swatch: '#4a3560' });
  const [first, ...others] = items.map((item) => ({
    appliedBy: 'shop',
    quantity: '1',
    useOf: 'indoor',
    film: String(own.id),
    ...item,
  }));
  const docket = await ask(page, first as Record<string, unknown>, others);
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${docket.number}`);
  await sayYes(page);
  await expect(page).toHaveURL('/batch');
  return weed(page, docket.number);
}

const step = (page: Page, name: string | RegExp) => page.getByRole('heading', { level: 3, name });
const all = (page: Page) => page.getByRole('region', { name: 'All steps' });

test('a plan of work for each: a cup’s level line, a long panel’s guide, what is given away with its steps', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const docket = await weeded(page, 'heather', [
    { words: 'Ada', object: 'Cup', surface: 'cylinder', circumference: '258mm', height: '95mm', material: 'smooth' },
    { words: 'Kestrel', object: 'Cabin side', width: '620mm', height: '240mm', material: 'smooth' },
    { words: 'Beans', object: 'Seed tin', width: '120mm', height: '60mm', appliedBy: 'customer', material: 'smooth' },
  ]);
  await page.goto('/apply');
  const open = (label: string) => page.getByRole('button', { name: new RegExp(`^${label} ${docket.tag}`) }).click();

  await open('Ada');
  await expect(step(page, 'Burnish the film')).toBeVisible();
  await expect(page.getByText(/Laid ready: .*blocks, chalk pen|Laid ready: .*blocks/)).toBeVisible();
  for (let nth = 0; nth < 6; nth += 1) {
    await page.getByRole('button', { name: /^Done: / }).click();
    await expect(page.getByText(new RegExp(`Step ${nth + 2} of`))).toBeVisible();
  }
  await expect(step(page, 'Mark a level line')).toBeVisible();
  await expect(page.getByText(/mm · .* in above the table: \d/)).toBeVisible();
  // A key counts once what was done before is kept.
  await expect(page.getByRole('button', { name: /^Done: / })).toBeEnabled();
  await page.keyboard.press('Backspace');
  await expect(step(page, 'Clean and dry the object')).toBeVisible();
  await expect(page.getByText(/Alcohol is flammable/)).toBeVisible();
  await expect(all(page).getByText('Tape a hinge')).toBeHidden();

  await open('Kestrel');
  await expect(all(page).getByText('Tape a hinge')).toBeVisible();
  const guide = await printed(page, 'Guide 1:1, A4');
  expect(guide.pages).toBe(4);
  expect(guide.text).toContain('page 4 of 4');
  expect(guide.name).toMatch(/-guide\.pdf$/);
  // Large and on something hard: it can go on wet, one key away from where the liner is peeled, and dry again.
  await expect(all(page).getByText('Wet it a little')).toBeHidden();
  const title = page.getByRole('heading', { level: 3 });
  while ((await title.textContent()) !== 'Peel the liner') {
    const before = await title.textContent();
    await page.getByRole('button', { name: /^Done: / }).click();
    await expect(title).not.toHaveText(before ?? '');
  }
  await expect(page.getByText(/its tape comes off 30 min later/)).toBeVisible();
  await page.keyboard.press('o');
  await expect(title).toHaveText('Wet it a little');
  await expect(all(page).getByText('dries 30 min')).toBeVisible();
  // A key counts once what was chosen before is kept.
  await expect(async () => {
    await page.keyboard.press('o');
    await expect(title).toHaveText('Peel the liner', { timeout: 2000 });
  }).toPass();
  await expect(async () => {
    await page.keyboard.press('o');
    await expect(title).toHaveText('Wet it a little', { timeout: 2000 });
  }).toPass();
  await page.getByRole('button', { name: /^Done: wet/ }).click();
  await page.getByRole('button', { name: /^Done: peel the liner/ }).click();
  await page.getByRole('button', { name: /^Done: rub it down/ }).click();
  await expect(page.getByText('It dries')).toBeVisible();

  await open('Beans');
  await expect(all(page).getByText('Peel the liner')).toBeHidden();
  const steps = await printed(page, 'Steps');
  expect(steps.text).toMatch(/Clean and dry the object[\s\S]*Peel the liner[\s\S]*Let it rest/);
  expect((await printed(page, 'Care card')).text).toContain('Wait 72 h');
});

test('drawer fronts with a brushed finish: coats dry on the shelf, one wait is cut short for a reason', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const docket = await weeded(page, 'bracken', [
    {
      words: 'Pegs',
      object: 'Drawer front',
      width: '180mm',
      height: '60mm',
      material: 'smooth',
      quantity: '3',
      finish: 'brushed',
    },
  ]);
  await page.goto('/apply');
  await page.getByRole('button', { name: new RegExp(`^Pegs ${docket.tag}/1`) }).click();
  await expect(page.getByRole('checkbox', { name: /other 2 alike/ })).toBeChecked();
  const many = await all(page).getByRole('listitem').count();
  for (let nth = 1; nth <= many - 2; nth += 1) {
    await expect(page.getByText(`Step ${nth} of ${many}`)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Done: / })).toBeEnabled();
    await page.keyboard.press('Enter');
  }
  await expect(step(page, 'Brush a light coat, 1 of 2')).toBeVisible();

  // All three are coated in one go, from the shelf.
  await page.goto('/drying');
  const coat = page.getByRole('region', { name: 'Brush a light coat, 1 of 2' });
  await expect(coat.getByRole('link', { name: new RegExp(`${docket.tag}/3`) })).toBeVisible();
  await coat.getByRole('button', { name: /Done to all/ }).click();
  const row = page.getByRole('link', { name: new RegExp(`${docket.tag}/2.*min.*then: brush a light coat, 2 of 2`) });
  await expect(row).toBeVisible();

  await page.goto('/apply');
  await page.getByRole('button', { name: new RegExp(`^Pegs ${docket.tag}/1`) }).click();
  await expect(page.getByRole('timer')).toHaveText(/^(19|20) min$/);
  await expect(page.getByRole('button', { name: /^Done: / })).toBeDisabled();
  await page.getByRole('button', { name: /Go on now/ }).click();
  const why = page.getByRole('dialog', { name: 'Go on before it is dry?' });
  await why.getByLabel('Why it is not waited for').fill('warmed with the dryer');
  await why.getByRole('button', { name: /^Go on/ }).click();
  await expect(page.getByText(`All ${many} steps done`)).toBeVisible();
  await page.getByRole('button', { name: /applied: start the wait/ }).click();
  await expect(
    page.getByRole('navigation', { name: 'Resting on their object' }).getByText(`${docket.tag}/3`),
  ).toBeVisible();
  await page.goto('/book');
  await expect(page.getByText(`${docket.tag}/1: a wait was cut short: warmed with the dryer`)).toBeVisible();
});

test('three films on one object are one thing: readied each, cleaned once, coated twice in all, cut again one by one', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const colours = ['sloe', 'rosehip', 'oatmeal'];
  const films = [];
  for (const colour of colours) {
    films.push(await film(page, colour, { swatch: '#6a3550' }));
  }
  const docket = await ask(page, {
    words: 'Heron',
    object: 'Tool chest lid',
    width: '400mm',
    height: '200mm',
    material: 'smooth',
    finish: 'brushed',
    appliedBy: 'shop',
    film: String(films[0]?.id),
  });
  const star = { kind: 'shape', what: 'star', high: '25mm', top: '12mm' };
  await api(page, 'PUT', `/api/dockets/${docket.number}/design`, {
    version: docket.version,
    words: 'Heron',
    face: 'oswald',
    capHeight: '40mm',
    elements: [
      { ...star, left: '20mm', film: String(films[1]?.id) },
      { ...star, left: '350mm', film: String(films[2]?.id) },
    ],
    proof: true,
  });
  await page.goto(`/proof/${docket.number}`);
  await sayYes(page);
  await expect(page).toHaveURL('/batch');
  await weed(page, docket.number);

  // The drawer names the step that is due, and leads to the very thing.
  await page.goto(`/book?docket=${docket.number}`);
  await page.getByRole('button', { name: new RegExp(`Burnish the film: ${docket.tag}/1`) }).click();
  await expect(page).toHaveURL(/apply\?thing=\d+/);
  const list = page.getByRole('navigation', { name: 'To apply or pack' });
  await expect(list.getByRole('button', { name: new RegExp(docket.tag) })).toHaveCount(1);
  await expect(page.getByText(/, 3 films, applied here/)).toBeVisible();
  const plan = all(page).getByRole('listitem');
  await expect(plan.filter({ hasText: 'Clean and dry the object' })).toHaveCount(1);
  await expect(plan.filter({ hasText: 'Lay the tape' })).toHaveCount(3);
  await expect(plan.filter({ hasText: 'Brush a light coat' })).toHaveCount(2);
  // Step by step is walked above; here all of it is ticked until it is to be coated.
  const title = page.getByRole('heading', { level: 3 });
  type Plan = { thing: { id: number; version: number }; steps: { name: string; done: boolean }[] };
  const at = `/api/things/${new URL(page.url()).searchParams.get('thing')}/steps`;
  const tick = async (until: string, reason = '') => {
    const { thing, steps } = await api<Plan>(page, 'GET', at);
    const names = steps.map((one) => one.name);
    const done = names.slice(0, names.indexOf(until) + 1);
    await api(page, 'PUT', at, { version: thing.version, done, reason });
    await page.reload();
  };
  await tick('look-over');
  await expect(title).toHaveText('Brush a light coat, 1 of 2');

  // One film is spoiled: it is cut again, the rest waits, and the whole is not coated before it is on.
  await page.getByRole('button', { name: new RegExp(`${docket.tag}/1 is spoiled`) }).click();
  const dialog = page.getByRole('dialog', { name: /spoiled\?/ });
  await dialog.getByRole('checkbox', { name: /rosehip/i }).check();
  await dialog.getByRole('button', { name: 'went on crooked' }).click();
  await dialog.getByRole('button', { name: 'Cut it again' }).click();
  await expect(dialog).toBeHidden();
  await expect(list.getByText(new RegExp(`waits for ${docket.tag}/1`))).toBeVisible();
  await expect(page.getByText('Nothing goes on before all of it is weeded.')).toBeVisible();
  await weed(page, docket.number);
  await page.reload();
  await expect(title).toHaveText('Burnish the film');
  await expect(page.getByText(/^Step \d+ of .* rosehip/)).toBeVisible();
  await tick('coat-2', 'warmed');
  await expect(page.getByText(/^All \d+ steps done$/)).toBeVisible();
  await page.getByRole('button', { name: /applied: start the wait/ }).click();
  const resting = page.getByRole('navigation', { name: 'Resting on their object' });
  await expect(resting.getByRole('button', { name: new RegExp(`${docket.tag}/1`) })).toHaveCount(1);
});

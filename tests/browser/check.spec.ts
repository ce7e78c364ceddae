import type { Locator, Page } from '@playwright/test';
import { api, expect, known, order, test } from './shop';

const LANTERN = `<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="80mm" viewBox="0 0 60 80">
<path fill="#26384d" fill-rule="evenodd" d="M5 5H55V75H5ZM15 15V65H45V15Z"/><circle cx="30" cy="40" r="10" fill="#d9a322"/>
<path d="M30 5V-6" stroke="#26384d" stroke-width="0.6"/><circle cx="30" cy="-8" r="3" fill="#26384d"/><text>since spring</text></svg>`;

test('a snag is found where it is, cured with one click, and undone', async ({ page }) => {
  const docket = await order(page, 'Sedgewarbler', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByRole('button', { name: /^Great Vibes/ }).click();
  await expect(page.getByText(/strokes are too thin/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /One snag|Two snags/ })).toBeVisible();
  const cure = page.getByRole('button', { name: /Thicken by .* mm on each side/ });
  await expect(cure).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page.getByRole('alert').getByText(/No proof yet/)).toBeVisible();
  await cure.click();
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('tab', { name: 'Mend' }).click();
  await expect(page.getByLabel('Thicken by')).toHaveValue(/mm$/);
  await expect(page.getByRole('row', { name: /^before/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/strokes are too thin/)).toBeVisible();
  await expect(page.getByLabel('Thicken by')).toHaveValue('');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(/\/proof\//);
  await expect(page.getByText(/Thickened by .* mm on each side/)).toBeVisible();
});

test('the owner lets a stop pass with a reason, which stands on the docket and on the proof', async ({ page }) => {
  const docket = await order(page, 'Bulrush', 'size');
  const why = await choosesTooThin(page, docket.number);
  await why.getByRole('button', { name: 'Let it pass' }).click();
  await expect(why.getByText(/A few words/)).toBeVisible();
  await why.getByLabel('Why it may pass').fill('for one day on the quay');
  await why.getByRole('button', { name: 'Let it pass' }).click();
  await expect(page.getByText('Let pass by Ines: for one day on the quay').first()).toBeVisible();
  await page.goto(`/size/${docket.number}?docket=${docket.number}`);
  await expect(page.getByRole('dialog').getByText('Let pass by Ines: for one day on the quay').first()).toBeVisible();
});

test('a reason given while the drawing is still being kept comes after it', async ({ page }) => {
  const docket = await order(page, 'Reedling', 'size');
  let asked = () => {};
  let kept = () => {};
  const untilAsked = new Promise<void>((resolve) => {
    asked = resolve;
  });
  const untilKept = new Promise<void>((resolve) => {
    kept = resolve;
  });
  await page.route('**/design', async (route) => {
    await untilAsked;
    await route.fulfill({ response: await route.fetch() });
    kept();
  });
  await page.route('**/waiver', async (route) => {
    await untilKept;
    await route.continue();
  });
  const keeping = page.waitForRequest('**/design');
  const why = await choosesTooThin(page, docket.number);
  await why.getByLabel('Why it may pass').fill('only for the opening');
  await keeping;
  await why.getByRole('button', { name: 'Let it pass' }).click();
  asked();
  await expect(page.getByText('Let pass by Ines: only for the opening').first()).toBeVisible();
});

/** A face too thin to be cut: what would have to be let pass, and the dialog that asks why. */
async function choosesTooThin(page: Page, docket: number): Promise<Locator> {
  await page.goto(`/size/${docket}`);
  await page.getByRole('button', { name: /^Great Vibes/ }).click();
  await page
    .getByRole('button', { name: /Let it pass/ })
    .first()
    .click({ timeout: 20_000 });
  return page.getByRole('dialog', { name: 'Let this stop pass?' });
}

test('another spelling than was asked for is said while it is typed', async ({ page }) => {
  const docket = await order(page, 'Halcyon', 'size');
  await page.goto(`/size/${docket.number}`);
  await page.getByLabel('Words').fill('Halcion');
  await expect(page.getByText(/One letter differs: “Halcyon” was asked for, “Halcion” is drawn/)).toBeVisible();
  await page.getByLabel('Words').fill('Halcyon');
  await expect(page.getByText(/One letter differs/)).toHaveCount(0);
});

test('film advice comes in order with its reasons, and what cannot work is refused with what would', async ({
  page,
}) => {
  await page.goto('/ask/new');
  await known(page, 'Perpetua Lyle');
  await page.getByLabel('What words').fill('Open');
  await page.getByLabel('On what').fill('Front door');
  await page.getByLabel('Width').fill('300mm');
  await page.getByLabel('Height').fill('120mm');
  await page.getByLabel('Made of').selectOption('tinted-glass');
  await page.getByRole('radio', { name: /Inside, read from outside/ }).click();
  const advice = page.getByRole('list', { name: 'What suits this surface and use' });
  await expect(advice.getByText('does not work').first()).toBeVisible();
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page.getByText(/pulling it off can take the tint/).first()).toBeVisible();
  await page.getByLabel('Made of').selectOption('glass');
  await expect(advice.getByText('does not work')).toHaveCount(0);
  await advice.getByRole('button', { name: 'Take Permanent, navy' }).click();
  await page.getByRole('radio', { name: 'Washed' }).click();
  await page.getByRole('radio', { name: 'In a dishwasher' }).click();
  await expect(page.getByText(/No film stands the dishwasher/).first()).toBeVisible();
});

test('a drawing is brought, reported, put into films, simplified and proofed', async ({ page }) => {
  const docket = await order(page, 'Lantern', 'size');
  await page.goto(`/size/${docket.number}`);
  const bring = (name: string, text: string) =>
    page
      .getByLabel('A drawing, or a picture of flat colours')
      .setInputFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) });
  await bring('bad.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>');
  await expect(page.getByRole('alert').getByText(/holds a script/)).toBeVisible();
  await bring('lantern.svg', LANTERN);
  await expect(page.getByText('lantern.svg')).toBeVisible();
  await expect(page.getByText(/live text \(since spring\)/)).toBeVisible();
  await expect(page.getByText(/line with a width: turned into its outline/)).toBeVisible();
  await page.getByRole('button', { name: /Its true size/ }).click();
  await expect(page.getByLabel('Height over all')).toHaveValue('86mm');
  await expect(page.getByText(/reaches beyond the safe area/)).toBeVisible();
  await page.getByLabel('Height over all').fill('');
  await page.getByLabel(/Colour #d9a322/).selectOption({ label: 'Permanent, ochre' });
  await expect(page.getByText(/stroke is .* wide/)).toBeVisible();
  await page.getByRole('tab', { name: 'Mend' }).click();
  await page.getByLabel('Thicken by').fill('0.5mm');
  await page.getByLabel('Fewer corners').fill('0.05mm');
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible({ timeout: 20_000 });
  await page.getByLabel('Round corners').fill('9mm');
  await expect(page.getByText('Smooth goes from 0 to 3 mm.').first()).toBeVisible();
  await page.getByLabel('Round corners').fill('');
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(/\/proof\//);
  await expect(page.getByText('Permanent, ochre', { exact: true })).toBeVisible();
  await expect(page.getByText('lantern.svg')).toBeVisible();
  await expect(page.getByText('Read it out, letter by letter')).toHaveCount(0);
  const svg = await (await page.request.get(`/api/dockets/${docket.number}/proofs/1.svg`)).text();
  expect(svg.match(/<path/g)).toHaveLength(2);
  const fresh = await api<{ proofs: { pages: { art: { parts: { layers: unknown[] }[] } }[] }[] }>(
    page,
    'GET',
    `/api/dockets/${docket.number}`,
  );
  expect(fresh.proofs[0]?.pages[0]?.art.parts[0]?.layers).toHaveLength(2);
});

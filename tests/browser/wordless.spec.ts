import { api, axeFindsNothing, expect, inDays, test } from './shop';
import { film } from './whole';

test('window film with a pattern and no words, asked for, framed and proofed; then a drawing, simplified in steps', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const frost = await film(page, 'frost');
  await page.goto('/ask/new');
  await page.getByLabel('Who', { exact: true }).fill(`Wharf Baths ${test.info().testId.slice(-3)}`);
  await page.getByRole('button', { name: /No words/ }).click();
  const motif = page.getByLabel('In the place of words');
  await motif.selectOption('lattice');
  await page.getByLabel('On what').fill('Bath window');
  await page.getByLabel('Width', { exact: true }).fill('500mm');
  await page.getByLabel('Height', { exact: true }).fill('300mm');
  await page.getByRole('radio', { name: 'Indoors' }).check({ force: true });
  await page.getByLabel('Film', { exact: true }).selectOption(String(frost.id));
  await page.getByLabel('Used on').fill(inDays(9));
  await expect(page.getByText(/^Lattice of/)).toBeVisible();
  await axeFindsNothing(page);
  await page.getByRole('button', { name: /Take the order/ }).click();
  await expect(page).toHaveURL(/\/size\/\d+$/);
  const number = Number(page.url().split('/').at(-1));
  await page.getByLabel('Frame round it').fill('14mm');
  await page.getByLabel('From middle to middle').fill('60mm');
  await page.getByLabel('Across one').fill('nine');
  await expect(page.getByLabel('Across one')).toHaveAccessibleDescription(/is not a length/);
  await page.getByLabel('Across one').fill('9mm');
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await axeFindsNothing(page);
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  await expect(page.getByText('Lattice').first()).toBeVisible();

  // What is too fine to cut is made simpler, all steps seen before they are taken.
  await page.getByRole('button', { name: 'Change it' }).click();
  await expect(page).toHaveURL(`/size/${number}`);
  const dots = [20, 30, 40].map((x) => `<circle cx="${x}" cy="68" r="0.12"/>`).join('');
  await page.getByLabel('A drawing, or a picture of flat colours').setInputFiles({
    name: 'fine.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="80mm" viewBox="0 0 120 80"><path d="M5 5H115V55H5Z"/>${dots}</svg>`,
    ),
  });
  await page.getByRole('button', { name: /Simplify it in steps/ }).click();
  const steps = page.getByRole('list', { name: 'Steps that make it simpler' });
  await expect(steps.getByRole('listitem').first()).toBeVisible();
  await page.getByRole('button', { name: /^Take th/ }).click();
  await expect(page.getByRole('heading', { name: 'No snags' })).toBeVisible();
  await page.getByRole('button', { name: /Make the proof/ }).click();
  await expect(page).toHaveURL(`/proof/${number}`);
  type Made = { proofs: { pages: { notes: { remarks: string[] } }[] }[] };
  const made = await api<Made>(page, 'GET', `/api/dockets/${number}`);
  expect(made.proofs.at(-1)?.pages[0]?.notes.remarks.join(' ')).toContain(
    'Your drawing was changed so that it can be cut',
  );
});

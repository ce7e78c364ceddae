import { expect, inDays, test } from './shop';

/** Hands stay on the keys from the first question to the hand-over. */
test('one order by keyboard from Ask to delivered', async ({ page }) => {
  test.setTimeout(120_000);
  const press = (key: string) => page.keyboard.press(key);
  const type = (text: string) => page.keyboard.type(text);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'First', exact: true })).toBeVisible();

  await press('n');
  await expect(page.getByLabel('Who', { exact: true })).toBeFocused();
  await type('Perpetua Lyle');
  // Somebody of that name is known: which of them is said by one key.
  await expect(page.getByRole('radio', { name: /^The Perpetua Lyle known here/ })).toBeVisible();
  await press('Tab');
  await press('Tab');
  await press('Space');
  await press('Tab');
  await type('Marigold');
  for (const _field of ['a list of names', 'no words', 'on what']) {
    await press('Tab');
  }
  await type('Biscuit tin');
  for (const _field of ['shape', 'material', 'colour', 'another colour', 'photo', 'width']) {
    await press('Tab');
  }
  await type('7 1/2');
  await press('Tab');
  await type('90mm');
  for (const _field of ['corner', 'room to the edge', 'keep-outs', 'used where', 'film']) {
    await press('Tab');
  }
  await type('Frosted');
  await press('Tab');
  await press('Tab');
  await page.getByRole('radio', { name: 'The shop' }).focus();
  await page.keyboard.press('ArrowRight', { delay: 80 });
  await expect(page.getByRole('radio', { name: 'The customer' })).toBeChecked();
  await expect(page.getByText(/Letters up to/)).toBeVisible();
  await page.getByLabel('Used on').fill(inDays(9));
  await page.getByLabel('Note').focus();
  await press('Enter');

  await expect(page).toHaveURL(/\/size\/\d+$/);
  await expect(page.getByText(/^From left, from top$/)).toBeVisible();
  const number = Number(page.url().split('/').at(-1));
  const tag = `Y-${String(number).padStart(4, '0')}`;
  await press('Enter');

  await expect(page).toHaveURL(`/proof/${number}`);
  await expect(page.getByText('Read it out, letter by letter')).toBeVisible();
  // Enter alone says no yes in the customer's name: how it was said is chosen first.
  await press('Enter');
  await expect(page.getByText('How did they say it? Choose one.')).toBeVisible();
  await page.getByLabel('Who says yes').focus();
  await press('Tab');
  await press('Space');
  await expect(page.getByRole('radio', { name: 'Here' })).toBeChecked();
  await press('Tab');
  await press('Tab');
  await press('Enter');

  await expect(page).toHaveURL('/batch');
  await page.getByRole('button', { name: /Frosted, clear frost/ }).focus();
  await press('Enter');
  await expect(page.getByRole('group', { name: /with 1 pieces in place/ })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('button', { name: /Release to the cutter/ })).toBeEnabled({ timeout: 30_000 });
  await press('Enter');

  await expect(page).toHaveURL('/cut');
  await page.getByRole('button', { name: /Frosted, clear frost/ }).focus();
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Frosted, clear frost' })).toBeVisible();
  await page.getByLabel(/test cut weeds clean/).focus();
  await press('Space');
  await expect(page.getByRole('button', { name: /Start cutting/ })).toBeEnabled();
  await page.getByRole('button', { name: /Frosted, clear frost/ }).focus();
  await press('Enter');
  await expect(page.getByRole('dialog', { name: /Cut batch/ })).toBeVisible();
  await press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();

  await press('6');
  await expect(page).toHaveURL('/weed');
  const listed = page.getByRole('button', { name: new RegExp(`Marigold ${tag}/1`) });
  await expect(listed).toBeVisible({ timeout: 40_000 });
  await listed.focus();
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Marigold' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Inside piece/ }).first()).toBeVisible();
  for (const spot of await page.getByRole('button', { name: /Inside piece/ }).all()) {
    await spot.focus();
    await press('Space');
    await expect(spot).toHaveAttribute('aria-pressed', 'true');
  }
  const out = page.getByRole('button', { name: /All out/ });
  await expect(out).toBeEnabled();
  await out.focus();
  await press('Enter');
  await expect(listed).toBeHidden();

  await press('7');
  await expect(page).toHaveURL('/apply');
  await page.getByRole('button', { name: new RegExp(`Marigold ${tag}/1`) }).focus();
  await press('Enter');
  await expect(page.getByRole('heading', { name: /Marigold on Biscuit tin/ })).toBeVisible();
  for (const step of [
    'Burnish the film',
    'Lay the tape',
    'Burnish both sides',
    'Trim the tape',
    'Mark the middle',
    'Leave it on its liner',
    'Add a test scrap',
    'Pack flat',
    'Add the care card',
  ]) {
    await expect(page.getByRole('heading', { name: step, exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Done: / })).toBeEnabled();
    await press('Enter');
  }
  await expect(page.getByText('All 9 steps done')).toBeVisible();
  await press('Enter');

  await press('8');
  await expect(page).toHaveURL('/send');
  await page.getByRole('button', { name: new RegExp(`Marigold ${tag}/1`) }).focus();
  await press('Enter');
  await expect(page.getByRole('heading', { name: /Marigold for Perpetua Lyle/ })).toBeVisible();
  await press('Enter');
  await expect(page.getByRole('button', { name: new RegExp(`${tag}/1`) })).toBeHidden();

  await press('/');
  await expect(page.getByRole('dialog', { name: 'Find' })).toBeVisible();
  await type(tag);
  await expect(page.getByRole('dialog').getByRole('button', { name: new RegExp(`${tag} Marigold`) })).toBeVisible();
  await press('Enter');
  const drawer = page.getByRole('dialog', { name: 'Marigold' });
  await expect(drawer.getByText('All delivered')).toBeVisible();
  await expect(drawer.getByText(`Docket ${tag} · done`)).toBeVisible();
});

import { expect, NOBODY, order, SIGN_INS, sayYes, signIn, test } from './shop';

test('two at the same proof: the second gets a sentence and the fresh view', async ({ page, as }) => {
  const docket = await order(page, 'Bramble', 'proof');
  await page.goto(`/proof/${docket.number}`);
  const other = await as('tomas');
  await other.goto(`/proof/${docket.number}`);
  await expect(other.getByText('Read it out')).toBeVisible();
  await other.getByLabel('Who says yes').fill('Osric T.');
  await other.getByRole('radio', { name: 'Here' }).click();
  // The other has not looked again when it answers.
  let looks = () => {};
  const held = new Promise<void>((done) => {
    looks = done;
  });
  await other.route(`**/api/dockets/${docket.number}`, async (route) => {
    await held;
    await route.continue();
  });
  await sayYes(page);
  await expect(page).toHaveURL('/batch');
  const answer = other.waitForResponse((response) => response.url().includes('/approve'));
  await other.getByRole('button', { name: /^Approve/ }).click();
  const response = await answer;
  looks();
  expect(response.status()).toBe(409);
  expect((await response.json()).detail).toContain(`${docket.tag} was changed meanwhile by Ines`);
  await expect(other.getByText('is not waiting for a yes')).toBeVisible();
});

test('orders taken at the same moment get numbers of their own', async ({ page }) => {
  const taken = await Promise.all(Array.from({ length: 6 }, (_, nth) => order(page, `Bittern ${nth}`, 'size')));
  expect(new Set(taken.map((docket) => docket.number)).size).toBe(6);
});

test('two at the same drawing: the second is told and keeps what was typed', async ({ page, as }) => {
  const docket = await order(page, 'Fennel', 'size');
  await page.goto(`/size/${docket.number}`);
  const other = await as('tomas');
  await other.goto(`/size/${docket.number}`);
  await expect(other.getByLabel('Words')).toHaveValue('Fennel');
  await page.getByLabel('Words').fill('Fennel Bank');
  await page.waitForResponse((response) => response.url().endsWith('/design') && response.ok());
  await other.getByLabel('Words').fill('Fennel Bay');
  await expect(other.getByRole('alert').getByText(/was changed meanwhile by Ines/)).toBeVisible();
  await expect(other.getByLabel('Words')).toHaveValue('Fennel Bay');
});

test.describe('as a bench worker', () => {
  test.use({ who: 'tomas' });

  test('the owner’s page is refused with a sentence', async ({ page }) => {
    await page.goto('/weed');
    await expect(page.getByRole('link', { name: 'Figures' })).toHaveCount(0);
    await page.goto('/figures');
    await expect(page.getByText('Only the owner may see this.')).toBeVisible();
    expect((await page.request.get('/api/rules')).status()).toBe(403);
  });
});

test('the owner sets a figure, wrong ones are refused at their field', async ({ page }) => {
  await page.goto('/figures');
  const field = page.getByLabel('Tape beyond the art');
  await field.fill('lots');
  await field.press('Enter');
  await expect(page.getByText('Write a figure, like 3 or 1.5.')).toBeVisible();
  await field.fill('9');
  await field.press('Enter');
  await expect(page.getByText('Write a figure')).toBeHidden();
  await page.goto('/book');
  await expect(page.getByText('Tape beyond the art: 8 → 9 mm')).toBeVisible();
  await page.goto('/figures');
  await page
    .getByRole('navigation', { name: 'Figures' })
    .getByRole('link', { name: /^Tape.*1 set by the shop/ })
    .click();
  await expect(field).toBeInViewport();
  await page.getByRole('button', { name: 'Back to the standard, 8 mm' }).click();
  await expect(field).toHaveValue('8');
});

test.describe('at the door', () => {
  test.use({ who: NOBODY });

  test('a wrong password is a sentence, the right one leads where one wanted to go', async ({ page }) => {
    await page.goto('/weed');
    await signIn(page, 'ines', 'wrong');
    await expect(page.getByText('Name and password do not go together.', { exact: false })).toBeVisible();
    await expect(page.getByLabel('Name')).toHaveValue('ines');
    await signIn(page, 'ines', SIGN_INS.ines);
    await expect(page.getByRole('heading', { name: 'To be weeded' })).toBeVisible();
    await page.getByRole('button', { name: /sign out/ }).click();
    await expect(page.getByLabel('Password')).toBeVisible();
    expect((await page.request.get('/api/line')).status()).toBe(401);
  });

  test('guessing passwords is slowed down, then refused for a while', async ({ page }) => {
    const me = await (await page.request.get('/api/me')).json();
    const began = Date.now();
    const tries = await Promise.all(
      Array.from({ length: 40 }, (_, nth) =>
        page.request.post('/api/sign-in', {
          headers: { 'X-Yelbo-Token': me.csrf },
          data: { signIn: 'ines', password: `guess-${nth}` },
        }),
      ),
    );
    const slowed = tries.filter((answer) => answer.status() === 429);
    expect(slowed.length).toBeGreaterThan(10);
    expect((await slowed[0]?.json())?.detail).toContain('Too many sign-ins');
    expect(Date.now() - began).toBeGreaterThan(200);
    expect(tries.some((answer) => answer.ok())).toBe(false);
  });

  test('a change without the session’s token is refused', async ({ page }) => {
    await page.goto('/');
    await signIn(page, 'ines', SIGN_INS.ines);
    await page.getByRole('navigation', { name: 'The line' }).waitFor();
    const answer = await page.request.post('/api/sign-out');
    expect(answer.status()).toBe(403);
  });
});

test('the owner adds somebody, sees who is signed in, and ends it; a password of one’s own', async ({
  page,
  browser,
  shop,
}) => {
  await page.goto('/people');
  await page.getByRole('button', { name: 'Add somebody' }).click();
  const dialog = page.getByRole('dialog', { name: 'Somebody new' });
  await dialog.getByLabel('Name', { exact: true }).fill('Wim');
  await dialog.getByLabel('Signs in as').fill('wim');
  await dialog.getByLabel(/Password/).fill('password1234');
  await dialog.getByRole('button', { name: /Add them/ }).click();
  await expect(dialog.getByText('one of the passwords that are tried first', { exact: false })).toBeVisible();
  await dialog.getByLabel(/Password/).fill('heron-under-the-lock');
  await dialog.getByRole('button', { name: /Add them/ }).click();
  await expect(page.getByText('signs in as wim')).toBeVisible();

  const context = await browser.newContext({ baseURL: shop.url, storageState: { cookies: [], origins: [] } });
  const wim = await context.newPage();
  await wim.goto('/weed');
  await signIn(wim, 'wim', 'heron-under-the-lock');
  await wim.getByRole('button', { name: 'Wim', exact: true }).click();
  await wim.getByLabel('The one you have').fill('heron-under-the-lock');
  await wim.getByLabel(/The new one/).fill('towpath-oak-lantern');
  await wim.getByRole('button', { name: /Set it/ }).click();
  await expect(wim.getByRole('dialog')).toBeHidden();

  await page.reload();
  const there = page.getByRole('row').filter({ hasText: 'Wim' }).getByRole('button', { name: 'Sign out' });
  await there.click();
  await expect(there).toHaveCount(0);
  await expect(wim.getByLabel('Password')).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'signs in as wim' })
    .getByRole('button', { name: 'Change' })
    .click();
  await page.getByLabel(/Shut out/).check();
  await page.getByRole('button', { name: /Change it/ }).click();
  await expect(page.getByText('signs in as wim · shut out')).toBeVisible();
  await signIn(wim, 'wim', 'towpath-oak-lantern');
  await expect(wim.getByText('You may not sign in here any more.', { exact: false })).toBeVisible();
  await expect(page.getByText('Wim (wim): bench, shut out')).toBeVisible();
  await context.close();
});

test('one thing is worked out at a time for each who is signed in', async ({ page }) => {
  const me = await (await page.request.get('/api/me')).json();
  const words = ['Wharfinger', 'Bartholomew', 'Hollyhock', 'Towpath'];
  const asked = await Promise.all(
    words.map((word) =>
      page.request.post('/api/answers', {
        headers: { 'X-Yelbo-Token': me.csrf },
        data: { words: word, object: 'Sign', surface: 'outline', outline: star(word.length * 90), width: '300mm' },
      }),
    ),
  );
  const statuses = asked.map((answer) => answer.status());
  expect(statuses).toContain(200);
  expect(statuses).toContain(429);
  for (const refused of asked.filter((answer) => answer.status() === 429)) {
    expect(refused.headers()['content-type']).toContain('application/problem+json');
    expect((await refused.json()).detail).toContain('still being worked out');
  }
});

/** A ragged round sign of so many corners, as path data in mm. */
function star(corners: number): string {
  const points = Array.from({ length: corners }, (_, at) => {
    const far = at % 2 === 0 ? 100 : 98;
    const turn = (2 * Math.PI * at) / corners;
    return `${(100 + far * Math.cos(turn)).toFixed(2)} ${(100 + far * Math.sin(turn)).toFixed(2)}`;
  });
  return `M${points.join('L')}Z`;
}

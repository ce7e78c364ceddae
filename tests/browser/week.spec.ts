import type { Page } from '@playwright/test';
import { api, axeFindsNothing, expect, inDays, test } from './shop';

type Week = {
  now: string | null;
  redoing: boolean;
  entries: { docket: number; key: string; from: string; pinned: boolean; hand: number }[];
  hands: { id: number; name: string }[];
};

/** The plan as the background found it, once it is of now. */
async function planned(page: Page): Promise<Week> {
  let week: Week | undefined;
  await expect
    .poll(
      async () => {
        week = await api<Week>(page, 'GET', '/api/week');
        return week.now !== null && !week.redoing;
      },
      { timeout: 60_000 },
    )
    .toBe(true);
  return week as Week;
}

test('a bar is put elsewhere by keys and by dragging, stays there, and is let go again', async ({ page }) => {
  test.setTimeout(180_000);
  await planned(page);
  await page.goto('/week');
  const board = page.getByRole('group', { name: 'The plan, days across and hands down' });
  await expect(board).toBeVisible();
  await axeFindsNothing(page);

  // The widest bar: it is sure to be seen and held.
  const bars = board.getByRole('button');
  const widths = await bars.evaluateAll((all) => all.map((one) => one.getBoundingClientRect().width));
  const bar = bars.nth(widths.indexOf(Math.max(...widths)));
  const name = (await bar.getAttribute('aria-label')) ?? '';
  const tag = (name.split(',')[0] ?? '').replace(' ', '-');
  await bar.focus();
  await expect(page.getByRole('region', { name: `Order ${tag}` })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  const put = page.waitForResponse((answer) => answer.url().endsWith('/api/week/pins') && answer.ok());
  await page.keyboard.press('Enter');
  await put;
  const number = Number(tag.slice(2));
  await expect
    .poll(async () => (await planned(page)).entries.filter((one) => one.docket === number && one.pinned).length, {
      timeout: 60_000,
    })
    .toBeGreaterThan(0);
  const before = (await planned(page)).entries.find((one) => one.docket === number && one.pinned);
  // Something else happens in the shop; what was put there stays.
  await api(page, 'POST', '/api/days-off', { who: null, first: inDays(40), last: inDays(40), why: 'stocktaking' });
  const after = (await planned(page)).entries.find((one) => one.docket === number && one.key === before?.key);
  expect([after?.from, after?.hand]).toEqual([before?.from, before?.hand]);

  const moved = board.getByRole('button', { name: new RegExp(`^${tag.replace('-', ' ')},.*put there`) }).first();
  await expect(moved).toBeVisible({ timeout: 30_000 });
  // The plan is made anew meanwhile: a bar that moves just when it is taken hold of is taken hold of again.
  await expect(async () => {
    const box = (await moved.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    const again = page.waitForResponse((answer) => answer.url().endsWith('/api/week/pins') && answer.ok(), {
      timeout: 5000,
    });
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 150, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    await again;
  }).toPass({ timeout: 90_000 });
  await page.getByRole('button', { name: 'Let the plan move it' }).click();
  await expect(page.getByRole('button', { name: 'Let the plan move it' })).toBeHidden();
});

test('a promise moves when the queue does; hours are set, and what is wrong with them says so at its place', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await planned(page);
  const asked = {
    customer: 'Osric Tamblyn',
    contact: '0700 900 181',
    words: 'Mallow',
    object: 'Sign',
    width: '300mm',
    height: '100mm',
    film: '1',
    neededOn: inDays(30),
  };
  type Answered = { promised: { readyAt: string; chain: string; inTime: boolean; yesBy: string } };
  const ready = async () => (await api<Answered>(page, 'POST', '/api/answers', asked)).promised;
  const before = await ready();
  expect(before.chain).toMatch(/^Sized .*, your yes .*; ready /);
  expect(before.inTime).toBe(true);
  await page.goto('/week');
  await page.getByRole('button', { name: 'Hours …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Hours and days off' });
  const late = dialog.getByLabel('Saturday, to');
  await late.fill('seven');
  await dialog.getByRole('button', { name: /Keep the hours/ }).click();
  await expect(dialog.getByText('A time of the day, like 17:30.')).toBeVisible();
  await expect(late).toHaveValue('seven');
  await late.fill('13:00');
  const [first, last] = [inDays(1), inDays(9)];
  await dialog.getByLabel('From', { exact: true }).fill(first);
  await dialog.getByLabel('To', { exact: true }).fill(last);
  await dialog.getByLabel('Why', { exact: true }).fill('Regatta');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(dialog.getByText(/The shop, .*: Regatta/)).toBeVisible();
  await axeFindsNothing(page);
  await planned(page);
  const after = await ready();
  expect(Date.parse(after.readyAt)).toBeGreaterThan(Date.parse(before.readyAt) + 5 * 86_400_000);
  await dialog
    .getByRole('paragraph')
    .filter({ hasText: 'Regatta' })
    .getByRole('button', { name: 'Take it back' })
    .click();
  await expect(dialog.getByText(/Regatta/)).toBeHidden();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Calendars …' }).click();
  const calendars = page.getByRole('dialog', { name: 'The week in your own calendar' });
  await calendars.getByRole('button', { name: 'Make a link' }).first().click();
  const url = await calendars.getByText(/\.ics$/).textContent();
  const path = new URL(url ?? '').pathname;
  const feed = await page.request.get(path);
  expect(feed.headers()['content-type']).toContain('text/calendar');
  expect(await feed.text()).toContain('BEGIN:VCALENDAR');
  await calendars.getByRole('button', { name: 'Withdraw it' }).first().click();
  await expect(calendars.getByText(/\.ics$/)).toBeHidden();
  expect((await page.request.get(path)).status()).toBe(404);
});

test('an order that would be late is saved by a proposal, and goes like the others again', async ({ page }) => {
  test.setTimeout(180_000);
  type Hours = { hours: { day: number; from: string; to: string }[] };
  type Late = { docket: number; options: { kind: string; says: string }[] };
  const { hours: weekly } = await api<Hours>(page, 'GET', '/api/hours');
  // Two hours a day: hands are short, and some orders have to wait for others.
  const short = [1, 2, 3, 4, 5].map((day) => ({ day, from: '9:00', to: '11:00' }));
  await api(page, 'PUT', '/api/hours', { hours: short });
  try {
    const before = (await planned(page)) as Week & {
      late: Late[];
      orders: { docket: number; late: number; tag: string }[];
    };
    const late = before.late.find((one) => one.options.some((option) => option.kind === 'first'));
    const tag = before.orders.find((one) => one.docket === late?.docket)?.tag ?? 'none';
    await page.goto('/week');
    const row = page
      .getByRole('region', { name: 'Late by the plan' })
      .getByRole('listitem')
      .filter({
        has: page.getByRole('link', { name: tag, exact: true }),
      });
    const offer = row.getByText(/Before the others: in time/).locator('..');
    await offer.getByRole('button', { name: 'Take it' }).click();
    await expect
      .poll(
        async () => {
          const now = (await planned(page)) as typeof before;
          return now.orders.find((one) => one.docket === late?.docket)?.late;
        },
        { timeout: 60_000 },
      )
      .toBe(0);
    await expect(row).toBeHidden({ timeout: 30_000 });
    const board = page.getByRole('group', { name: 'The plan, days across and hands down' });
    await board
      .getByRole('button', { name: new RegExp(`^${tag.replace('-', ' ')},`) })
      .first()
      .focus();
    const chosen = page.getByRole('region', { name: `Order ${tag}` });
    await chosen.getByRole('button', { name: 'No longer before others' }).click();
    await expect(chosen.getByRole('button', { name: 'No longer before others' })).toBeHidden();
  } finally {
    await api(page, 'PUT', '/api/hours', { hours: weekly.map(({ day, from, to }) => ({ day, from, to })) });
  }
  expect((await api<Hours>(page, 'GET', '/api/hours')).hours.map(({ day, from, to }) => [day, from, to])).toEqual(
    weekly.map(({ day, from, to }) => [day, from, to]),
  );
});

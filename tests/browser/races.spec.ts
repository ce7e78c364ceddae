import { api, batch, expect, inDays, order, SIGN_INS, test } from './shop';

type Ids = { id: number; version: number };
type Told = { status: number; says: Record<string, unknown> };

/**
 * Every move that two people can make at once, made by two at once: one makes it, the other is told so in a sentence. They ask
 * with sessions of their own, so that neither waits for the other.
 */
test('two at once: one makes the move, the other is told', async ({ page, as }) => {
  test.setTimeout(180_000);
  const other = await as('ines');
  await other.context().clearCookies();
  await api(other, 'POST', '/api/sign-in', { signIn: 'ines', password: SIGN_INS.ines });
  const hands = [page, other];
  const tokens = await Promise.all(hands.map(async (hand) => (await (await hand.request.get('/api/me')).json()).csrf));
  /** The same asked by both; what they were told. */
  const both = (method: string, path: string, ...bodies: unknown[]): Promise<Told[]> =>
    Promise.all(
      hands.map(async (hand, nth) => {
        const answer = await hand.request.fetch(path, {
          method,
          headers: { 'X-Yelbo-Token': tokens[nth], 'Content-Type': 'application/json' },
          data: JSON.stringify(bodies[nth] ?? bodies[0]),
        });
        return { status: answer.status(), says: await answer.json() };
      }),
    );
  /** One of the two is done, the other is refused with a sentence. */
  const once = async (what: string, method: string, path: string, ...bodies: unknown[]): Promise<Told['says']> => {
    const told = await both(method, path, ...bodies);
    const done = told.filter((one) => one.status < 300);
    const refused = told.filter((one) => one.status >= 300);
    const short = JSON.stringify(told).slice(0, 400);
    expect(done.length, `${what}: ${short}`).toBe(1);
    expect([409, 422], `${what}: ${JSON.stringify(refused)}`).toContain(refused[0]?.status);
    expect(String(refused[0]?.says.detail).length).toBeGreaterThan(10);
    return done[0]?.says ?? {};
  };
  /** Both may be done, none may break. */
  const whole = async (what: string, method: string, path: string, ...bodies: unknown[]): Promise<Told[]> => {
    const told = await both(method, path, ...bodies);
    expect(
      told.filter((one) => one.status >= 500),
      `${what}: ${JSON.stringify(told)}`,
    ).toEqual([]);
    return told;
  };

  // Orders.
  const taken = await whole('begin', 'POST', '/api/dockets', {
    take: false,
    answers: { customer: 'Wren', words: 'Two' },
  });
  expect(new Set(taken.map((one) => one.says.number)).size).toBe(2);
  const begun = taken[0]?.says as { number: number; version: number; items: { answers: object }[] };
  await once('answers', 'PUT', `/api/dockets/${begun.number}/answers`, {
    version: begun.version,
    answers: { ...begun.items[0]?.answers, words: 'One' },
    take: false,
  });
  const sized = await order(page, 'Sluice', 'size');
  const design = { version: sized.version, words: 'Sluice', face: 'bebas', proof: true };
  const proofed = (await once('design', 'PUT', `/api/dockets/${sized.number}/design`, design)) as typeof sized;
  const path = `/api/dockets/${sized.number}`;
  const priced = (await once('price', 'PUT', `${path}/price`, { version: proofed.version, price: '12.50' })) as Ids;
  await whole('link', 'POST', `${path}/links`, { to: '' });
  const yes = { version: priced.version, proof: 2, by: 'Osric Tamblyn' };
  const approved = (await once('approve', 'POST', `${path}/approve`, yes)) as typeof sized;
  expect(approved.pieces.length).toBe(1);
  // Money: an order has one invoice and one receipt whoever asks; those of two orders get numbers that run on.
  const numbers = (told: Told[]) => told.map((one) => Number(one.says.number));
  const [bill, again] = numbers(await whole('invoice', 'POST', `${path}/invoice`, {}));
  expect(again).toBe(bill);
  const paid = numbers(
    await whole('paid', 'POST', `/api/invoices/${bill}/receipt`, { paidBy: 'cash' }, { paidBy: 'card' }),
  );
  expect(paid[0]).toBe(paid[1]);
  const two = [await order(page, 'Rush', 'batch'), await order(page, 'Reed', 'batch')];
  const bills = await Promise.all(
    hands.map(async (hand, nth) => {
      const headers = { 'X-Yelbo-Token': tokens[nth], 'Content-Type': 'application/json' };
      const answer = await hand.request.post(`/api/dockets/${two[nth]?.number}/invoice`, { headers, data: '{}' });
      return Number((await answer.json()).number);
    }),
  );
  expect(bills.toSorted((a, b) => a - b)).toEqual([Number(bill) + 1, Number(bill) + 2]);
  const changed = await order(page, 'Osier', 'proof');
  await once('approve and change', 'POST', `/api/dockets/${changed.number}/moves`, {
    version: changed.version,
    move: 'change',
    detail: '',
  });
  const dropped = await order(page, 'Withy', 'size');
  const cancel = { version: dropped.version, move: 'cancel', detail: 'sold' };
  await once('cancel', 'POST', `/api/dockets/${dropped.number}/moves`, cancel);

  // Film, plans and the cutter.
  const stock = await api<{ films: (Ids & { name: string; colour: string; grade: string })[]; items: Ids[] }>(
    page,
    'GET',
    '/api/stock',
  );
  const film = stock.films.find((one) => one.name === 'Cast, cream');
  const nesting = (
    await whole('plans', 'POST', '/api/nestings', {
      film: film?.id,
      pieces: approved.pieces.map(({ id, version }) => ({ id, version })),
    })
  ).find((one) => one.status < 300)?.says as Ids;
  type Plans = { plans: (Ids & { kind: string; state: string; sheets: { places: unknown[] }[] })[] };
  let plan: Plans['plans'][number] | undefined;
  await expect
    .poll(async () => {
      const { plans } = await api<Plans>(page, 'GET', `/api/nestings/${nesting.id}`);
      plan = plans.find((one) => one.kind === 'least-film');
      return plans.every((one) => one.state === 'done');
    })
    .toBe(true);
  await once('pin', 'POST', `/api/plans/${plan?.id}/pin`, { version: plan?.version, sheet: 0, nth: 0, pinned: true });
  plan = (await api<Plans>(page, 'GET', `/api/nestings/${nesting.id}`)).plans.find((one) => one.kind === 'least-film');
  const released = (await once('release', 'POST', `/api/plans/${plan?.id}/release`, { version: plan?.version })) as {
    batches: Ids[];
  };
  const sheet = released.batches[0];
  await once('dissolve', 'POST', `/api/batches/${sheet?.id}/dissolve`, { version: sheet?.version });
  const docket = await api<typeof sized>(page, 'GET', path);
  const cut = await batch(page, film?.id, docket.pieces);
  const start = { version: cut.version, stock: cut.stock.id };
  const started = await whole('cut', 'POST', `/api/batches/${cut.id}/cut`, start);
  expect(started.filter((one) => one.status === 200).length).toBeLessThanOrEqual(1);
  if (started.every((one) => one.status !== 200)) {
    // One had the machine, the other the records: neither began, and whoever asks again does.
    const again = await api<Ids & { stock: Ids }>(page, 'GET', `/api/batches/${cut.id}`);
    await api(page, 'POST', `/api/batches/${cut.id}/cut`, { version: again.version, stock: again.stock.id });
  }
  let piece: (Ids & { state: string }) | undefined;
  const look = async () => {
    piece = (await api<{ pieces: (Ids & { state: string })[] }>(page, 'GET', path)).pieces[0];
    return piece?.state;
  };
  await expect.poll(look, { timeout: 60_000 }).toBe('weeding');
  const { remnants } = await api<{ remnants: (Ids & { batch: number })[] }>(page, 'GET', '/api/remnants');
  const rest = remnants.find((one) => one.batch === cut.id);
  await once('rest', 'POST', `/api/batches/${cut.id}/remnant`, { version: rest?.version, how: 'scrap' });

  // The bench and the way out.
  const at = () => `/api/pieces/${piece?.id}`;
  const { insides } = await api<{ insides: { nth: number }[] }>(page, 'GET', `${at()}/weeding`);
  const all = insides.map((_, nth) => nth);
  await whole('count', 'PUT', `${at()}/out`, { version: piece?.version, numbers: all });
  await look();
  await once('weeded', 'POST', `${at()}/moves`, { move: 'weeded', version: piece?.version });
  await look();
  const { pieces: weeded } = await api<{ pieces: { thing: number }[] }>(page, 'GET', path);
  const thing = `/api/things/${weeded[0]?.thing}`;
  const work = async () => {
    type Plan = { thing: { version: number }; steps: { name: string }[] };
    return api<Plan>(page, 'GET', `${thing}/steps`);
  };
  await whole('steps', 'PUT', `${thing}/steps`, { version: (await work()).thing.version, done: ['burnish'] });
  const { steps, thing: read } = await work();
  await api(page, 'PUT', `${thing}/steps`, { version: read.version, done: steps.map((step) => step.name) });
  await once('packed', 'POST', `${thing}/moves`, { move: 'packed', version: (await work()).thing.version });
  const { version } = (await work()).thing;
  await once(
    'handed over, or spoiled',
    'POST',
    `${thing}/moves`,
    { move: 'hand-over', version },
    { move: 'spoil', version, detail: 'scratched' },
  );

  // The shelf.
  const receipt = { film: film?.id, kind: 'sheet', width: '200mm', height: '300mm', count: '2', bin: 'Q' };
  await whole('receive', 'POST', '/api/stock/receive', receipt);
  type Items = { items: (Ids & { bin: string })[] };
  const item = (await api<Items>(page, 'GET', '/api/stock')).items.find((one) => one.bin === 'Q');
  const three = { version: item?.version, amount: '3', reason: 'miscounted' };
  const counted = (await once('count', 'POST', `/api/stock/items/${item?.id}/count`, three)) as Items;
  const now = counted.items.find((one) => one.id === item?.id);
  const scrap = { version: now?.version, amount: '1', reason: 'creased' };
  await once('scrap', 'POST', `/api/stock/items/${item?.id}/scrap`, scrap);
  const described = { grade: film?.grade, colour: film?.colour, maker: `M ${Date.now()}`, version: film?.version };
  await once('film', 'PUT', `/api/stock/films/${film?.id}`, described, { ...described, maker: `N ${Date.now()}` });
  const tape = { kind: 'tape', name: `tape ${Date.now()}`, width: '300mm', amount: '30m', bin: 'T' };
  await whole('supply', 'POST', '/api/stock/supplies', tape);
  type Supplies = { supplies: (Ids & { name: string })[] };
  const supply = (await api<Supplies>(page, 'GET', '/api/stock')).supplies.find((one) => one.name === tape.name);
  const counting = { version: supply?.version, amount: '29m', reason: 'measured' };
  await once('supply counted', 'POST', `/api/stock/supplies/${supply?.id}/counted`, counting);
  // What is used is taken off whatever there is: both may be.
  await whole('supply used', 'POST', `/api/stock/supplies/${supply?.id}/used`, { version: 1, amount: '1m' });
  const left = (await api<{ supplies: (Ids & { name: string; amount: number })[] }>(page, 'GET', '/api/stock'))
    .supplies;
  expect([27, 28]).toContain(left.find((one) => one.id === supply?.id)?.amount);

  // The shop's figures, machines, objects and people.
  const { rules } = await api<{ rules: { name: string; version: number; value: number }[] }>(page, 'GET', '/api/rules');
  const rule = rules.find((one) => one.name === 'coat-dry') ?? rules[0];
  const figure = { value: String(rule?.value), version: rule?.version };
  await whole('rule', 'PUT', `/api/rules/${rule?.name}`, figure);
  const { machines } = await api<{ machines: (Ids & { inUse: boolean })[] }>(page, 'GET', '/api/machines');
  const machine = machines.find((one) => one.inUse);
  await whole('machine', 'POST', `/api/machines/${machine?.id}/use`, { version: machine?.version });
  const tin = { customer: '', object: `Tin ${Date.now()}`, surface: 'rectangle', width: '90mm', height: '60mm' };
  // Of the same name there may be one only.
  const tins = await whole('object', 'POST', '/api/objects', { answers: tin });
  const measured = tins.find((one) => one.status < 300)?.says as Ids;
  const wider = { answers: { ...tin, width: '95mm' }, version: measured.version };
  await once('object changed', 'PUT', `/api/objects/${measured.id}`, wider);
  const fresh = (
    await api<{ objects: (Ids & { name: string })[] }>(
      page,
      'GET',
      `/api/objects?find=${encodeURIComponent(tin.object)}`,
    )
  ).objects.find((one) => one.id === measured.id);
  await whole('object dropped', 'POST', `/api/objects/${measured.id}/drop`, { version: fresh?.version });
  const { people } = await api<{ people: (Ids & { signIn: string; name: string; role: string })[] }>(
    page,
    'GET',
    '/api/people',
  );
  const tomas = people.find((one) => one.signIn === 'tomas');
  const renamed = { version: tomas?.version, name: 'Tomas', role: 'bench', disabled: false };
  await whole('worker', 'PUT', `/api/people/${tomas?.id}`, renamed, { ...renamed, name: 'Tomas B' });
  const called = (await api<{ people: Ids[] }>(page, 'GET', '/api/people')).people.find((one) => one.id === tomas?.id);
  await api(page, 'PUT', `/api/people/${tomas?.id}`, { ...renamed, version: called?.version });
  await order(page, 'Still open', 'size', { neededOn: inDays(30) });
});

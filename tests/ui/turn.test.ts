import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { Turns, WORKED_OUT } from '../../ui/src/api/turn';

/** A server that answers when it is told to. */
function server() {
  const begun: string[] = [];
  const answers: ((status: number) => void)[] = [];
  return {
    begun,
    send: (request: Request) =>
      new Promise<Response>((resolve) => {
        begun.push(new URL(request.url).pathname);
        answers.push((status) => resolve(new Response('', { status })));
      }),
    answer: async (status = 200) => {
      await new Promise((wake) => setTimeout(wake, 0));
      answers.shift()?.(status);
      await new Promise((wake) => setTimeout(wake, 0));
    },
  };
}

const asked = (path: string, init: RequestInit = { method: 'POST' }) => new Request(`http://shop.test${path}`, init);

test('the page and the server speak of the same addresses', () => {
  const config = readFileSync('config/server/nginx.conf', 'utf8');
  // Files may be larger, and stand by themselves.
  const here = [...config.matchAll(/location ~ \^\/api\/\((\S+)\)\$ \{[^}]*limit_conn counter/g)].map(([, of]) => of);

  expect(here).toHaveLength(2);
  expect(`^/api/(${here.join('|')})$`).toBe(WORKED_OUT.source.replaceAll('\\/', '/'));
});

test('one thing is worked out at a time, what lies beside the drawing last', async () => {
  const { begun, send, answer } = server();
  const turns = new Turns();
  for (const path of ['/api/fit', '/api/samples', '/api/cures', '/api/check']) {
    void turns.send(asked(path), send);
  }
  await answer();
  await answer();
  await answer();

  expect(begun).toEqual(['/api/fit', '/api/check', '/api/samples', '/api/cures']);
});

test('what only reads or changes records waits for nothing', async () => {
  const { begun, send } = server();
  const turns = new Turns();
  void turns.send(asked('/api/fit'), send);
  void turns.send(asked('/api/dockets'), send);
  void turns.send(asked('/api/photos/7', { method: 'GET' }), send);
  await Promise.resolve();

  expect(begun.sort()).toEqual(['/api/dockets', '/api/fit', '/api/photos/7']);
});

test('what was called off gives its place up', async () => {
  const { begun, send, answer } = server();
  const turns = new Turns();
  const off = new AbortController();
  void turns.send(asked('/api/fit'), send);
  const given = turns.send(asked('/api/check', { method: 'POST', signal: off.signal }), send);
  void turns.send(asked('/api/place'), send);
  off.abort();
  await expect(given).rejects.toThrow();
  await answer();

  expect(begun).toEqual(['/api/fit', '/api/place']);
});

test('while another page of the same person has its turn it is asked again', async () => {
  const { begun, send, answer } = server();
  const done = new Turns().send(asked('/api/fit'), send);
  await answer(429);
  await new Promise((wake) => setTimeout(wake, 300));
  await answer(200);

  expect((await done).status).toBe(200);
  expect(begun).toHaveLength(2);
});

test('what lies beside the drawing makes room for what is waited for, and has its turn after it', async () => {
  const { begun, send, answer } = server();
  const keys: (string | null)[] = [];
  const turns = new Turns();
  const noting = (request: Request) => {
    keys.push(request.headers.get('X-Yelbo-Key'));
    return send(request);
  };
  const cures = turns.send(asked('/api/cures', { method: 'POST', headers: { 'X-Yelbo-Key': 'one' } }), noting);
  await Promise.resolve();
  await Promise.resolve();
  const fit = turns.send(asked('/api/fit'), noting);
  await answer(409);
  await answer(204);
  await answer(200);
  await answer(200);

  expect(begun).toEqual(['/api/cures', '/api/given-up', '/api/fit', '/api/cures']);
  expect([(await fit).status, (await cures).status]).toEqual([200, 200]);
  expect(keys[3]).not.toBe('one');
});

test('what was called off while it is worked out is given up by its key', async () => {
  const given: unknown[] = [];
  const off = new AbortController();
  const send = async (request: Request): Promise<Response> => {
    if (request.url.endsWith('/given-up')) {
      given.push(await request.json(), request.headers.get('X-Yelbo-Token'));
      return new Response(null, { status: 204 });
    }
    return new Promise((_, fail) => request.signal.addEventListener('abort', () => fail(request.signal.reason)));
  };
  const headers = { 'X-Yelbo-Key': 'two', 'X-Yelbo-Token': 'mine' };
  const samples = new Turns().send(asked('/api/samples', { method: 'POST', headers, signal: off.signal }), send);
  await Promise.resolve();
  off.abort();
  await expect(samples).rejects.toThrow();
  await new Promise((wake) => setTimeout(wake, 0));

  expect(given).toEqual([{ key: 'two' }, 'mine']);
});

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Docket } from '../../ui/src/api/client';
import { useAutoKeep } from '../../ui/src/stations/size/useAutoKeep';
import { type Drawing, drawingOf } from '../../ui/src/stations/size/useDrawing';
import { docketWith, itemOf, USUAL } from './docket';

const keep = vi.fn();
const take = vi.fn();
let client: QueryClient;

beforeEach(() => {
  vi.useFakeTimers();
  keep.mockClear();
  take.mockClear();
  client = new QueryClient();
});
afterEach(() => vi.useRealTimers());

type Shown = { docket: Docket; drawing: Drawing; busy: boolean };

function shown(docket = docketWith()) {
  const begun: Shown = { docket, drawing: drawingOf(itemOf(docket), USUAL), busy: false };
  const hook = renderHook(
    (now: Shown) => useAutoKeep(now.docket, itemOf(now.docket), now.drawing, USUAL, now.busy, keep, take),
    {
      initialProps: begun,
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
      ),
    },
  );
  let now = begun;
  return {
    /** The page as it is after a change of some of it. */
    with: (part: Partial<Shown>) => {
      now = { ...now, ...part };
      hook.rerender(now);
    },
    draws: (part: Partial<Drawing>) => {
      now = { ...now, drawing: { ...now.drawing, ...part } };
      hook.rerender(now);
    },
    close: hook.unmount,
  };
}

const pass = (ms: number) => act(() => vi.advanceTimersByTime(ms));

test('nothing is kept where nothing was drawn', () => {
  const page = shown();
  pass(5000);
  page.close();
  expect(keep).not.toHaveBeenCalled();
});

test('it is kept once, a moment after the last of several changes', () => {
  const page = shown();
  page.draws({ words: 'M' });
  pass(500);
  page.draws({ words: 'Ma' });
  pass(500);
  expect(keep).not.toHaveBeenCalled();
  pass(500);
  expect(keep).toHaveBeenCalledTimes(1);
  pass(5000);
  page.close();
  expect(keep).toHaveBeenCalledTimes(1);
});

test('while a change is on its way the next waits, and is not forgotten', () => {
  const page = shown();
  page.draws({ words: 'M' });
  page.with({ busy: true });
  pass(3000);
  expect(keep).not.toHaveBeenCalled();
  page.with({ busy: false });
  expect(keep).toHaveBeenCalledTimes(1);
});

test('a page that is left before the moment is over keeps it still', () => {
  const page = shown();
  page.draws({ words: 'M' });
  page.close();
  expect(keep).toHaveBeenCalledTimes(1);
});

test('what somebody else drew is taken over where nothing of one’s own waits', () => {
  const page = shown();
  page.with({ docket: docketWith({ version: 4, words: ['Bittern'] }) });
  expect(take).toHaveBeenCalledTimes(1);
  expect(take.mock.calls[0]?.[0]).toMatchObject({ words: 'Bittern' });
  pass(5000);
  expect(keep).not.toHaveBeenCalled();
});

test('what is one’s own is not written over by it', () => {
  const page = shown();
  page.draws({ words: 'M' });
  page.with({ docket: docketWith({ version: 4, words: ['Bittern'] }) });
  expect(take).not.toHaveBeenCalled();
  pass(1000);
  expect(keep).toHaveBeenCalledTimes(1);
});

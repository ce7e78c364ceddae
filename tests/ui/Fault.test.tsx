import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, expect, test, vi } from 'vitest';
import { Guarded } from '../../ui/src/frame/Fault';

const client = new QueryClient();
let broken = true;

function Page() {
  if (broken || client.getQueryData(['record', 'batches'])) {
    throw new TypeError('undefined is not a drawing at Size.tsx:31');
  }
  return <p>All is well.</p>;
}

afterEach(() => vi.restoreAllMocks());

test('a page that breaks shows a sentence and a way back, never a stack', async () => {
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  localStorage.setItem('yelbo.size.412', '{"version":3,"drawing":{"words":"Marigold"}}');
  client.setQueryData(['record', 'batches'], 'something nobody foresaw');
  client.setQueryData(['edited', 412], 3);
  const { container } = render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={['/size']}>
        <Guarded>
          <Routes>
            <Route path="/size" element={<Page />} />
          </Routes>
        </Guarded>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  expect((await screen.findByRole('alert')).textContent).toMatch(/\w+ .*\./);
  expect(container.textContent).not.toMatch(/undefined|\.tsx|TypeError/);
  broken = false;
  fireEvent.click(screen.getByRole('button', { name: /Open it again/ }));
  expect(await screen.findByText('All is well.')).toBeTruthy();
  expect(localStorage.getItem('yelbo.size.412')).toContain('Marigold');
  expect(client.getQueryData(['edited', 412])).toBe(3);
});

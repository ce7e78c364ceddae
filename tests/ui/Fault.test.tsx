import { render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, expect, test, vi } from 'vitest';
import { Fault } from '../../ui/src/frame/Fault';

function Broken(): never {
  throw new TypeError('undefined is not a drawing at Size.tsx:31');
}

afterEach(() => vi.restoreAllMocks());

test('a page that breaks shows a sentence and a way back, never a stack', async () => {
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  localStorage.setItem('yelbo.size.412', '{"version":3,"drawing":{"words":"Marigold"}}');
  const router = createMemoryRouter([{ path: '/size', Component: Broken, ErrorBoundary: Fault }], {
    initialEntries: ['/size'],
  });
  const { container } = render(<RouterProvider router={router} />);
  expect((await screen.findByRole('alert')).textContent).toMatch(/\w+ .*\./);
  expect(screen.getAllByRole('button').length + screen.queryAllByRole('link').length).toBeGreaterThan(0);
  expect(container.textContent).not.toMatch(/undefined|\.tsx|TypeError/);
  expect(localStorage.getItem('yelbo.size.412')).toContain('Marigold');
});

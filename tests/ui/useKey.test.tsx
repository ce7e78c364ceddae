import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { useKey } from '../../ui/src/frame/keys';

function Page({ five, leave }: { five: () => void; leave: () => void }) {
  useKey('5', five);
  useKey('Escape', leave);
  return (
    <>
      <button type="button">Beside</button>
      <form>
        <input aria-label="Words" />
        <button type="button">Add a seam</button>
      </form>
    </>
  );
}

const press = (on: Element, key: string) =>
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

afterEach(cleanup);

test('figures are still wherever in a form the focus is, and lead elsewhere from outside', () => {
  const [five, leave] = [vi.fn(), vi.fn()];
  render(<Page five={five} leave={leave} />);
  press(screen.getByLabelText('Words'), '5');
  press(screen.getByRole('button', { name: 'Add a seam' }), '5');
  expect(five).not.toHaveBeenCalled();
  press(screen.getByRole('button', { name: 'Beside' }), '5');
  press(document.body, '5');
  expect(five).toHaveBeenCalledTimes(2);
});

test('what types nothing is heard from a button in a form too, and not while somebody types', () => {
  const [five, leave] = [vi.fn(), vi.fn()];
  render(<Page five={five} leave={leave} />);
  press(screen.getByRole('button', { name: 'Add a seam' }), 'Escape');
  expect(leave).toHaveBeenCalledTimes(1);
  press(screen.getByLabelText('Words'), 'Escape');
  expect(leave).toHaveBeenCalledTimes(1);
});

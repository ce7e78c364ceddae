import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useTyped } from '../../ui/src/parts/typed';

const over = (version: number, name: string) =>
  renderHook(({ at, kept }: { at: number; kept: { name: string; size: string } }) => useTyped(at, kept), {
    initialProps: { at: version, kept: { name, size: '3' } },
  });

describe('what is typed over a record', () => {
  it('follows the record as long as nothing is typed', () => {
    const { result, rerender } = over(1, 'Tin');
    rerender({ at: 2, kept: { name: 'Seed tin', size: '3' } });
    expect(result.current.typed.name).toBe('Seed tin');
    expect(result.current.version).toBe(2);
    expect(result.current.isNewer).toBe(false);
  });

  it('stays when somebody else changes the record, until it is said which is meant', () => {
    const { result, rerender } = over(1, 'Tin');
    act(() => result.current.set({ size: '4' }));
    rerender({ at: 2, kept: { name: 'Seed tin', size: '3' } });
    expect(result.current.typed).toEqual({ name: 'Tin', size: '4' });
    expect(result.current.isNewer).toBe(true);
    expect(result.current.version).toBe(1);
    act(() => result.current.keepMine());
    expect(result.current.typed).toEqual({ name: 'Tin', size: '4' });
    expect([result.current.isNewer, result.current.version]).toEqual([false, 2]);
    rerender({ at: 3, kept: { name: 'Tin box', size: '5' } });
    expect(result.current.isNewer).toBe(true);
    act(() => result.current.takeTheirs());
    expect(result.current.typed).toEqual({ name: 'Tin box', size: '5' });
    expect([result.current.isNewer, result.current.version]).toEqual([false, 3]);
  });

  it('takes what it kept itself as it came back', async () => {
    const { result, rerender } = over(1, 'Tin');
    act(() => result.current.set({ size: '4' }));
    await act(() => result.current.keeping(Promise.resolve('kept')));
    rerender({ at: 2, kept: { name: 'Tin', size: '4mm' } });
    expect(result.current.isNewer).toBe(false);
    expect(result.current.typed.size).toBe('4mm');
  });

  it('keeps what was typed where keeping it failed', async () => {
    const { result, rerender } = over(1, 'Tin');
    act(() => result.current.set({ size: '4' }));
    await act(() => result.current.keeping(Promise.reject(new Error('refused'))).catch(() => undefined));
    rerender({ at: 2, kept: { name: 'Tin', size: '5' } });
    expect(result.current.isNewer).toBe(true);
    expect(result.current.typed.size).toBe('4');
  });
});

import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';
import { useDrawing } from '../../ui/src/stations/size/useDrawing';
import { docketWith, itemOf, USUAL } from './docket';

beforeEach(() => localStorage.clear());

const drawn = (docket = docketWith()) => renderHook(() => useDrawing(docket, itemOf(docket), USUAL));

test('it begins with what the docket says, over what is usual', () => {
  const { drawing, canUndo, canRedo } = drawn().result.current;
  expect(drawing).toMatchObject({ words: 'Marigold\nSeed', face: 'bebas', capHeight: '24mm', left: '', film: '7' });
  expect(drawing.setting).toMatchObject({ arrangement: 'line', tracking: '20' });
  expect([canUndo, canRedo]).toEqual([false, false]);
});

test('each change is a step; typing in one field is one', () => {
  const { result } = drawn();
  act(() => result.current.change({ words: 'M' }));
  act(() => result.current.change({ words: 'Ma' }));
  act(() => result.current.change({ face: 'fredoka' }));
  act(() => result.current.change({ face: 'oswald' }));
  act(() => result.current.undo());
  expect(result.current.drawing.face).toBe('fredoka');
  act(() => result.current.undo());
  expect(result.current.drawing).toMatchObject({ face: 'bebas', words: 'Ma' });
  act(() => result.current.undo());
  expect(result.current.drawing.words).toBe('Marigold\nSeed');
  expect(result.current.canUndo).toBe(false);
  act(() => result.current.undo());
  expect(result.current.drawing.words).toBe('Marigold\nSeed');
});

test('what was undone comes back, until something else is done', () => {
  const { result } = drawn();
  act(() => result.current.change({ face: 'fredoka' }));
  act(() => result.current.change({ left: '10mm' }));
  act(() => result.current.undo());
  act(() => result.current.undo());
  act(() => result.current.redo());
  expect(result.current.drawing).toMatchObject({ face: 'fredoka', left: '' });
  act(() => result.current.change({ top: '4mm' }));
  expect(result.current.canRedo).toBe(false);
  act(() => result.current.redo());
  expect(result.current.drawing).toMatchObject({ face: 'fredoka', left: '', top: '4mm' });
});

test('typing after an undo is a step of its own', () => {
  const { result } = drawn();
  act(() => result.current.change({ words: 'A' }));
  act(() => result.current.undo());
  act(() => result.current.change({ words: 'B' }));
  act(() => result.current.undo());
  expect(result.current.drawing.words).toBe('Marigold\nSeed');
});

test('a hundred steps are remembered', () => {
  const { result } = drawn();
  for (let nth = 0; nth < 130; nth++) {
    act(() => result.current.change({ face: `face-${nth}` }));
  }
  for (let nth = 0; nth < 130; nth++) {
    act(() => result.current.undo());
  }
  expect(result.current.drawing.face).toBe('face-29');
});

test('what was not kept yet outlives a closed page', () => {
  const first = drawn();
  act(() => first.result.current.change({ face: 'pacifico' }));
  first.unmount();
  expect(drawn().result.current.drawing.face).toBe('pacifico');
});

test('once it is kept, or the docket has moved on, the docket counts', () => {
  const first = drawn();
  act(() => first.result.current.change({ face: 'pacifico' }));
  expect(drawn(docketWith({ version: 4 })).result.current.drawing.face).toBe('bebas');
  expect(drawn(docketWith({ number: 413 })).result.current.drawing.face).toBe('bebas');
  act(() => first.result.current.written());
  expect(drawn().result.current.drawing.face).toBe('bebas');
});

test('a spoiled memory is not trusted', () => {
  localStorage.setItem('yelbo.size.412.1', '{"version":3,');
  expect(drawn().result.current.drawing.face).toBe('bebas');
});

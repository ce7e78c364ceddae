import { expect, test } from 'vitest';
import type { Answers, Schemas } from '../../ui/src/api/client';
import { sent } from '../../ui/src/stations/object/answers';

const SURFACES = [
  { surface: 'rectangle', width: '', height: '', corner: '' },
  { surface: 'panes', width: '', height: '', panes: '' },
  { surface: 'cylinder', circumference: '', diameter: '', height: '', seen: '', lip: '' },
] as Schemas['TypedSurface'][];

const form = (surface: string) =>
  ({
    ...Object.assign({}, ...SURFACES),
    words: 'Kestrel',
    width: '120mm',
    height: '80mm',
    panes: '4',
    circumference: '250mm',
    keepOuts: [],
    surface,
  }) as unknown as Answers;

test('of a surface what is asked of its kind is sent, and of no other: four panes are no four cups', () => {
  expect(sent(form('rectangle'), SURFACES)).toEqual({
    words: 'Kestrel',
    keepOuts: [],
    surface: 'rectangle',
    width: '120mm',
    height: '80mm',
    corner: '',
  });
  expect(Object.keys(sent(form('panes'), SURFACES))).toContain('panes');
  const cup = sent(form('cylinder'), SURFACES);
  expect(cup).toMatchObject({ circumference: '250mm', height: '80mm' });
  expect(cup).not.toHaveProperty('width');
  expect(cup).not.toHaveProperty('panes');
});

test('whatever is chosen, what was typed of another kind stays in the form', () => {
  const typed = form('panes');
  sent({ ...typed, surface: 'cylinder' }, SURFACES);
  expect(sent(typed, SURFACES)).toMatchObject({ width: '120mm', panes: '4' });
});

test('a surface nobody knows is sent as it is, and the server says so at its field', () => {
  expect(sent(form('saddle'), SURFACES)).toEqual({ words: 'Kestrel', keepOuts: [], surface: 'saddle' });
});

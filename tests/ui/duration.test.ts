import { expect, test } from 'vitest';
import { aboutMinutes, inMinutes, inWaits } from '../../ui/src/parts/duration';

test('hands take whole minutes, one at the least', () => {
  expect([0, 0.4, 1.6, 12.4].map(inMinutes)).toEqual(['1 min', '1 min', '2 min', '12 min']);
  expect([0.2, 1.4, 1.5, 90].map(aboutMinutes)).toEqual(['a minute', 'a minute', '2 min', '90 min']);
});

test('waits are told in minutes, hours or days, the same wherever they stand', () => {
  expect([20, 119, 120, 72 * 60, 5 * 1440, 28 * 1440].map(inWaits)).toEqual([
    '20 min',
    '119 min',
    '2 h',
    '72 h',
    '120 h',
    '28 days',
  ]);
});

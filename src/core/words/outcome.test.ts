import { expect, it } from 'vitest';
import { isLate, sayOutcome } from './outcome';

it.each([
  [null, 'Not on the table yet'],
  [2, 'On the table, on time'],
  [3, 'On the table, 3 min late'],
  [-2, 'On the table, on time'],
  [-3, 'On the table, 3 min early'],
  [75, 'On the table, 1 h 15 min late'],
])('%s minutes after the wanted time: %s', (late, said) => {
  expect(sayOutcome(late)).toBe(said);
  expect(isLate(late ?? 0)).toBe(/late$/.test(said));
});

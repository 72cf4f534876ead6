import { expect, test } from 'vitest';
import { withFurtherTries } from '../scripts/tries.mjs';

test.each([
  [1, true, 1],
  [3, true, 3],
  [4, false, 3],
])('an install that works at try %i: %s after %i tries', (worksAt, works, tries) => {
  let tried = 0;
  expect(withFurtherTries(() => ++tried >= worksAt, 'npm ci', 0)).toBe(works);
  expect(tried).toBe(tries);
});

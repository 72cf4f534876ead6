/** A chance in words that a cook can picture. */

const STEPS: readonly (readonly [share: number, words: string])[] = [
  [0.05, '1 in 20'],
  [0.1, '1 in 10'],
  [0.2, '1 in 5'],
  [0.25, '1 in 4'],
  [1 / 3, '1 in 3'],
  [0.5, '1 in 2'],
  [2 / 3, '2 in 3'],
  [0.75, '3 in 4'],
  [0.8, '4 in 5'],
  [0.9, '9 in 10'],
  [0.95, '19 in 20'],
];

/**
 * The nearest of a few fractions. Nothing is certain on an evening, whatever is counted: 19 in 20 is the most,
 * and under 1 in 40 it is hardly one at all.
 *
 * @param share from 0 to 1
 * @example sayChance(0.79) // 'about 4 in 5'
 */
export function sayChance(share: number): string {
  if (!(share > 0.025)) return 'hardly any';
  const nearest = STEPS.reduce((best, step) =>
    Math.abs(step[0] - share) < Math.abs(best[0] - share) ? step : best,
  );
  return `about ${nearest[1]}`;
}

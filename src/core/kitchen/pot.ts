/** Inner pots as they come with cookers of a size. */

/** Inner pots as they usually are, by nominal litres (common practice; 3, 6, 8 and 10 qt). */
const POTS: readonly { litres: number; diameterMm: number; heightMm: number }[] = [
  { litres: 2.8, diameterMm: 190, heightMm: 110 },
  { litres: 5.7, diameterMm: 220, heightMm: 155 },
  { litres: 7.6, diameterMm: 240, heightMm: 180 },
  { litres: 9.5, diameterMm: 260, heightMm: 195 },
];

/**
 * The inner pot that a cooker of a size usually has; between two sizes, in proportion.
 *
 * @param litres nominal; what is no number is taken as the usual 6 qt
 * @returns mm across and high, in whole fives
 */
export function usualPot(litres: number): { diameterMm: number; heightMm: number } {
  const size = Number.isFinite(litres) ? litres : 5.7;
  const above = POTS.findIndex((l) => l.litres >= size);
  const [low, high] =
    above === 0
      ? [POTS[0], POTS[0]]
      : above < 0
        ? [POTS.at(-1), POTS.at(-1)]
        : [POTS[above - 1], POTS[above]];
  if (!low || !high) throw new Error('no usual sizes');
  const share = high === low ? 0 : (size - low.litres) / (high.litres - low.litres);
  // Beyond the usual sizes both grow with the cube root.
  const grown = high === low ? Math.cbrt(size / low.litres) : 1;
  const mm = (a: number, b: number): number => Math.round(((a + (b - a) * share) * grown) / 5) * 5;
  return {
    diameterMm: mm(low.diameterMm, high.diameterMm),
    heightMm: mm(low.heightMm, high.heightMm),
  };
}

/** Prints what five evenings teach simulated households about their cookers. See docs/learning.md. */
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../src/demo/household';
import { playHousehold, summarise } from '../tests/support/households';

const HOUSEHOLDS = 400;
const { kitchen } = householdSchema.parse(demoHousehold(Date.now()));
for (const evenings of [1, 2, 3, 5, 10]) {
  const results = Array.from({ length: HOUSEHOLDS }, (_, seed) =>
    playHousehold(kitchen, seed * 7919 + 1, evenings),
  );
  const { before, after, ratio, notWorse } = summarise(results);
  const percent = (n: number): string => `${(n * 100).toFixed(1)} %`;
  console.log(
    `${String(evenings).padStart(2)} evenings: median error of the way up ${percent(before)} before, ${percent(after)} after (${ratio.toFixed(2)} of it); not worse in ${percent(notWorse)} of ${HOUSEHOLDS} households`,
  );
}

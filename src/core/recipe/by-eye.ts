/** Measures that are no number: “a glug”, “a few”, “1 blorp”. */
import { findFood } from '../food';
import { parseQuantity } from '../units';
import type { IngredientLine } from './line';

/** “A big glug of olive oil”: no number of anything, and no weight. */
const BY_EYE =
  /^((?:(?:good|big|generous|small|large|little|tiny|hefty)\s+)*(?:glugs?|splash(?:es)?|drizzles?|squeezes?|swirls?|sloshe?s?|slosh|shakes?|dash(?:es)?|grinds?|grating|grind|lick|slick|sprinkling|sprinkle|scattering|(?:wine ?)?glass(?:es|ful)?|shots?|mug(?:ful)?s?|bowlfuls?|spoons?|spoonfuls?))\s+(?:of\s+)?(?=\p{L})/iu;

const SOLID = /\b(?:cubes?|blocks?|tablets?|pieces?|slices?|scoops?|leaves)$/i;
const OIL = /\boil$/i;
/** “Say 250 ml”, “about 1 cup”. */
const SAID = /^(?:say|about|around|roughly|i(?:\.e\.?|e)|so|that(?:'|’)s|=|~)\s*/i;
/** “A few curry leaves”. */
const A_FEW = /^(few|bit|little|touch|hint|lot)\s+(?:of\s+)?(?=\p{L})/iu;
/** “1 blorp of coconut milk”: what is poured has no number; it is counted in something that nobody knows. */
const STRANGE = /^((?:\p{L}+ )?\p{L}+)\s+of\s+(?=\p{L})/iu;

/** A measure that is no number of the food; null where the line counts the food itself. */
function strangeMeasure(line: IngredientLine): { words: string; food: string } | null {
  if (line.unit !== null && line.unit !== 'piece') return null;
  // “4 little gem” are so many heads of it.
  if (findFood(line.food)?.names.includes(line.food.toLowerCase())) return null;
  if (line.amount !== null && line.amount > 1 && /^little\s+(?!of\b)/i.test(line.food)) return null;
  for (const pattern of [BY_EYE, A_FEW]) {
    const words = pattern.exec(line.food)?.[1];
    if (words !== undefined) return { words, food: line.food.replace(pattern, '') };
  }
  const words = line.amount === null ? undefined : STRANGE.exec(line.food)?.[1];
  const food = line.food.replace(STRANGE, '');
  const isPoured = (findFood(food)?.form ?? 'solid') !== 'solid' || OIL.test(food);
  return words !== undefined && isPoured && !SOLID.test(words) ? { words, food } : null;
}

/** “Red wine - a glass”: the measure stands behind, and is no piece of wine. */
function isBehind({ amount, unit, preparation, food }: IngredientLine): boolean {
  const [first = ''] = (preparation ?? '').split(',');
  const isPoured = (findFood(food)?.form ?? 'solid') !== 'solid' || OIL.test(food);
  return amount === 1 && unit === null && isPoured && BY_EYE.test(`${first} of it`);
}

/** A line without a number where its measure has none; the measure stays in its words. */
export function withMeasureByEye(line: IngredientLine): IngredientLine {
  const measure = strangeMeasure(line);
  if (!measure)
    return isBehind(line) ? { ...line, amount: null, preparation: `a ${line.preparation}` } : line;
  const said = parseQuantity(
    (line.preparation ?? '').split(',')[0]?.replace(SAID, '').trim() ?? '',
  );
  return {
    ...line,
    amount: said?.amount ?? null,
    unit: said?.unit ?? null,
    food: measure.food,
    preparation: [
      `${line.amount === 1 ? 'a' : (line.amount ?? '')} ${measure.words}`.trim(),
      line.preparation ?? '',
    ]
      .filter(Boolean)
      .join(', '),
  };
}

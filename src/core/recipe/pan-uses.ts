/** Pot-in-pot with food below as well: what lies in the bowl on the rack, and what cooks in the pot under it. */
import type { Stage } from '../dish';
import type { ReadIngredient } from './ingredients';
import { mentioned } from './place';
import { toSentences } from './sentences';

const INTO_VESSEL =
  /\bin(?:to)? (?:an?|the|another|your) (?:[\p{L}-]+ ){0,3}(?:bowl|pan|tin|dish|container|basin|vessel)\b/iu;
const INTO_POT =
  /\b(?:in|into|to) the (?:bottom of the )?(?:inner |main |cooking )?(?:pot|liner|cooker)\b/i;

const isWater = ({ ingredient }: ReadIngredient): boolean => /\bwater$/i.test(ingredient.food);

/**
 * Ids of what is in the pan, where the words also put food loose into the pot.
 *
 * @param before the stages before it: what was fried in the pot lies there still
 * @returns undefined where nothing but water lies below, or nobody says what is in the pan
 */
export function inThePan(
  stage: Stage,
  before: readonly Stage[],
  ingredients: readonly ReadIngredient[],
): string[] | undefined {
  const sentences = toSentences([stage.sentence ?? stage.text]);
  const namedIn = (isThere: (s: string) => boolean): Set<string> =>
    new Set(sentences.filter(isThere).flatMap((s) => mentioned(s, ingredients)));
  const lifted = namedIn((s) => INTO_VESSEL.test(s) && !INTO_POT.test(s));
  const loose = namedIn((s) => INTO_POT.test(s) && !INTO_VESSEL.test(s));
  for (const { kind, uses } of before) if (kind === 'brown') for (const id of uses) loose.add(id);
  const places = new Map(ingredients.map((i, at) => [i.ingredient.id, at]));
  const isFood = (id: string): boolean => {
    const read = ingredients[places.get(id) ?? -1];
    return read !== undefined && !isWater(read);
  };
  const foods = [...lifted].filter((id) => isFood(id) && stage.uses.includes(id));
  const isLoose = [...loose].some((id) => isFood(id) && !lifted.has(id));
  if (foods.length === 0 || !isLoose) return undefined;
  // “Rice and its water”: the water that is listed right behind it.
  const waters = ingredients.filter(isWater);
  const own = waters.filter(({ ingredient }) => {
    if (!lifted.has(ingredient.id)) return false;
    const above = ingredients[(places.get(ingredient.id) ?? 0) - 1]?.ingredient.id ?? '';
    return waters.length === 1 || foods.includes(above);
  });
  return [...foods, ...own.map((w) => w.ingredient.id)];
}

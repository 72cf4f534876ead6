/** What is listed for one portion, in a recipe for more: “To finish, per bowl: 75 g noodles”. */
import type { ReadIngredient } from './ingredients';

const ONE = String.raw`(?:per|for each|for every) (?:bowl|plate|person|portion|serving|head|guest|diner)`;
const OVER_A_LIST = new RegExp(String.raw`^[^.\d]{0,40}?\(?\b(${ONE})\b\)?\s*:?$`, 'i');
const BEHIND_ONE = new RegExp(String.raw`(?:^|,\s*)\(?${ONE}\)?(?=,|$)`, 'i');

/** @returns the words with which a heading says that its list is for one portion; '' where it says nothing of it */
export const portionOf = (heading: string): string =>
  OVER_A_LIST.exec(heading.replace(/[*_#]+/g, '').trim())?.[1]?.toLowerCase() ?? '';

/** The amounts of all portions, with that of one in the words. Without a number of portions they stay as written. */
export const forAllPortions = (
  ingredients: readonly ReadIngredient[],
  portions: number | null,
): readonly ReadIngredient[] =>
  portions === null || portions === 1
    ? ingredients
    : ingredients.map((own) => {
        const { ingredient, line } = own;
        if (ingredient.amount === null || !BEHIND_ONE.test(ingredient.preparation)) return own;
        const unit = line.unit === null ? '' : ` ${line.unit}`;
        return {
          ...own,
          ingredient: {
            ...ingredient,
            amount: ingredient.amount * portions,
            preparation: ingredient.preparation.replace(
              BEHIND_ONE,
              (words) =>
                `${words.startsWith(',') ? ', ' : ''}${line.amount}${unit} ${words.replace(/^[,\s]+/, '')}`,
            ),
          },
        };
      });

/** What in the house should be used soon, which dishes take how much of it, and what a glut of it becomes. */
import { scaleDish, toGrams, type Dish, type ScaledIngredient } from '../dish';
import { findFood, type Food, productKey } from '../food';
import type { Quantity } from '../units';
import { glutWays, type GlutWay } from './glut';
import { larderKey, type LarderItem } from './larder';

/** A dish that takes some of what is due. */
export interface Taker {
  id: string;
  name: string;
  /** For so many people, as the dish is written. */
  servings: number;
  /** What it takes then; null where nobody says how much. */
  takes: Quantity | null;
  /** Of what is there; over 1 where it asks for more, null where that can't be told. */
  share: number | null;
}

export interface UseUp {
  item: LarderItem;
  /** Days from today; negative where the day has passed. */
  days: number;
  /** What takes most of it comes first. */
  dishes: Taker[];
  /** Where there is more of it than a meal takes: what it can be made into for later. */
  ways: GlutWay[];
}

const SOON_DAYS = 10;
/** Bought to be eaten fresh: kinds of it take each other’s place. */
const FRESH: ReadonlySet<Food['group']> = new Set(['vegetable', 'fruit']);
const PRESERVED = /^(?:canned|frozen|dried|pickled|smoked|cooked)\b/;

/** @param today `2026-11-28` in the household's zone */
export function useUp(
  larder: readonly LarderItem[],
  dishes: readonly Dish[],
  today: string,
): UseUp[] {
  return larder
    .flatMap((item) => {
      if (item.useBy === null) return [];
      const days = Math.round((Date.parse(item.useBy) - Date.parse(today)) / 86_400_000);
      if (days > SOON_DAYS) return [];
      const takers = takersOf(item, dishes);
      // What has passed its day is looked at before anything is made of it.
      const ways = days < 0 ? [] : glutWays(item, takers);
      return [{ item, days, dishes: takers, ways }];
    })
    .sort((a, b) => a.days - b.days);
}

function takersOf(item: LarderItem, dishes: readonly Dish[]): Taker[] {
  const key = larderKey(item);
  const food = findFood(item.food);
  const there = gramsThere(item);
  const isSame = ({ ingredient, food: other }: ScaledIngredient): boolean => {
    const { unit, preparation, frozen } = ingredient;
    const own = productKey(ingredient.food, { unit, preparation, isFrozen: frozen === true });
    if (own === key) return true;
    const isKind = food !== null && other?.id === food.id && FRESH.has(food.group);
    return isKind && !PRESERVED.test(own) && !PRESERVED.test(key);
  };
  return dishes
    .flatMap((dish): Taker[] => {
      const own = scaleDish(dish, dish.servings).ingredients.filter(isSame);
      const [first] = own;
      if (!first) return [];
      const { id, name, servings } = dish;
      const grams = own.reduce<number | null>(
        (sum, i) => (sum === null || i.grams === null ? null : sum + i.grams),
        0,
      );
      const takes: Quantity | null =
        own.length === 1 ? first.quantity : grams === null ? null : { amount: grams, unit: 'g' };
      const share = grams !== null && there !== null && there > 0 ? grams / there : null;
      return [{ id, name, servings, takes, share }];
    })
    .sort((a, b) => (b.share ?? -1) - (a.share ?? -1) || a.name.localeCompare(b.name));
}

/** What lies there, g; null where that is not said or can't be told. */
function gramsThere({ food, amount, unit }: LarderItem): number | null {
  return amount === null ? null : toGrams({ amount, unit: unit ?? 'piece' }, findFood(food));
}

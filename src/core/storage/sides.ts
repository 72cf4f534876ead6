/** What is eaten beside a main dish: out of the house first, then what is quick and takes what is due. */
import { dishRef, mainIngredient, type Dish, type DishRef } from '../dish';
import { foodById, type Food } from '../food';
import { asWritten, mainFoodOf } from './as-written';
import { dishIdOf } from './contents';
import { byPlaceAndDue, isEdible } from './gather';
import type { StoreItem } from './item';

export interface Side {
  parts: { dish: DishRef; servings: number }[];
  /** Portions of bags that it takes, by the id of the bag. */
  takes: ReadonlyMap<string, number>;
  name: string;
  because: string[];
  dishId: string | null;
  food: string | null;
}

interface SideQuestion {
  servings: number;
  noTime: ReadonlySet<string>;
  items: readonly StoreItem[];
  dishes: readonly Dish[];
  dueFoods: ReadonlyMap<string, string>;
}

const FLESH: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish']);
const BESIDE: ReadonlySet<Food['group']> = new Set(['vegetable', 'fruit', 'grain']);
/** With more thin liquid it is a soup, and a supper by itself. */
const MOST_LIQUID = 0.3;
/** So much of something that feeds makes it a supper by itself. */
const FEEDS = 0.2;

/** A dish that is eaten beside another: vegetables or grain, and nothing in it that makes a supper. */
export function isSide(dish: Dish): boolean {
  const known = sides.get(dish);
  if (known !== undefined) return known;
  const found = isEatenBeside(dish);
  sides.set(dish, found);
  return found;
}
/** Asked for every dish on every day of a week. */
const sides = new WeakMap<Dish, boolean>();

function isEatenBeside(dish: Dish): boolean {
  const { ingredients } = asWritten(dish);
  const group = mainIngredient(asWritten(dish))?.food?.group;
  const all = ingredients.reduce((sum, i) => sum + (i.grams ?? 0), 0);
  if (!group || !BESIDE.has(group) || all <= 0) return false;
  const share = (is: (i: (typeof ingredients)[number]) => boolean): number =>
    ingredients.filter(is).reduce((sum, i) => sum + (i.grams ?? 0), 0) / all;
  const feeds = share(({ food }) =>
    food === null ? true : FLESH.has(food.group) || ['pulse', 'egg'].includes(food.group),
  );
  const liquid = share(
    ({ food, ingredient }) => food?.form === 'thin' && ingredient.scaling !== 'with-pot',
  );
  return feeds < FEEDS && liquid < MOST_LIQUID;
}

/** Meat and fish want something beside them: out of the house first, then what is quick and is due. */
export function sideFor(
  main: { food: string | null; dishId: string | null; parts: readonly unknown[] },
  day: string,
  question: SideQuestion,
  left: ReadonlyMap<string, number>,
  byId: ReadonlyMap<string, Dish>,
  near: readonly { dishId: string | null }[],
): Side | null {
  const { servings, noTime, items, dishes, dueFoods } = question;
  const isFlesh = FLESH.has(foodById(main.food ?? '')?.group ?? 'baking');
  if (!isFlesh || main.parts.length > 1) return null;
  const [bag] = items
    .filter((i) => isEdible(i, day) && (left.get(i.id) ?? 0) >= servings)
    .filter((i) => {
      const dish = byId.get(dishIdOf(i.contents) ?? '');
      return dish !== undefined && isSide(dish);
    })
    .sort(byPlaceAndDue);
  if (bag)
    return {
      parts: [{ dish: { kind: 'bag', code: bag.code, method: null }, servings }],
      takes: new Map([[bag.id, servings]]),
      name: bag.name,
      because: [`beside it ${bag.code} from the ${bag.place}`],
      dishId: dishIdOf(bag.contents),
      food: mainFoodOf(byId.get(dishIdOf(bag.contents) ?? '') ?? null),
    };
  if (noTime.has(day)) return null;
  const takesDue = (dish: Dish): boolean =>
    [...dueFoods].some(
      ([food, due]) => due >= day && dish.ingredients.some((i) => i.food.includes(food)),
    );
  const minutes = (dish: Dish): number =>
    dish.stages.reduce((sum, s) => sum + (s.kind === 'pressure' ? s.holdMinutes : s.minutes), 0);
  const [fresh] = dishes
    .filter((d) => isSide(d) && !near.some((n) => n.dishId === d.id) && d.id !== main.dishId)
    .sort((a, b) => Number(takesDue(b)) - Number(takesDue(a)) || minutes(a) - minutes(b));
  if (!fresh) return null;
  return {
    parts: [{ dish: dishRef(fresh.id), servings }],
    takes: new Map(),
    name: fresh.name,
    because: [takesDue(fresh) ? 'the side takes what is due' : 'a quick side'],
    dishId: fresh.id,
    food: mainFoodOf(fresh),
  };
}

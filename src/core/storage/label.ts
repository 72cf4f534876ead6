/** What a label says of cooking and heating, line by line. */
import { mainIngredient, scaleDish, slowVersion, type Dish, type ScaledIngredient } from '../dish';
import type { Kitchen } from '../kitchen';
import { formatMinutes, formatQuantity } from '../units';
import { bagParts } from './bag-contents';
import { thawRuleHours } from '../thermal';
import { kindOfDish } from './keeping-kind';
import { isRaw } from './contents';
import type { StoreItem } from './item';
import { frozenHold, heatingTimes, REHEAT_C } from './reheat';

/** Room on a label. */
const LONGEST = 600;
/** Raw, they hold a toxin that a slow cooker makes worse (FDA, Bad Bug Book; white ones a third of it). */
const NEVER_SLOW = new Set(['kidney-bean', 'white-bean']);

type Labelled = Pick<StoreItem, 'name' | 'portions' | 'contents' | 'thicknessMm' | 'place'>;

/**
 * @param item as it will be packed
 * @param dish what it is; null where only its name is known
 * @returns lines, parted by a line break
 */
export function labelText(item: Labelled, dish: Dish | null, kitchen: Kitchen): string {
  const lines = !isRaw(item.contents)
    ? toHeat(item, dish, kitchen)
    : dish
      ? toCook(item, dish, kitchen)
      : toThaw(item);
  return lines.filter(Boolean).join('\n').slice(0, LONGEST);
}

function toCook(item: Labelled, dish: Dish, kitchen: Kitchen): string[] {
  const cycle = dish.stages.find((s) => s.kind === 'pressure');
  const { withBag, after } = bagParts(dish, Math.max(1, item.portions));
  const list = (parts: readonly ScaledIngredient[]): string =>
    parts
      .map(({ ingredient, quantity }) =>
        quantity
          ? `${formatQuantity(quantity, kitchen.system)} ${ingredient.food}`
          : ingredient.food,
      )
      .join(', ');
  const slow = slowLine(dish);
  return [
    cycle?.kind === 'pressure'
      ? `Pressure ${cycle.level}: ${frozenHold(cycle.holdMinutes)} min frozen, ${cycle.holdMinutes} min thawed; ${releaseWords(cycle.release)}.`
      : '',
    withBag.length > 0 ? `Add: ${list(withBag)}.` : '',
    after.length > 0 ? `After: ${list(after)}.` : '',
    slow,
  ];
}

/** Raw food in a pack: how it thaws, by the published rule (USDA FSIS, The Big Thaw). */
function toThaw({ contents: pack, place }: Labelled): string[] {
  if (pack.kind !== 'pack' || place !== 'freezer') return [];
  const days = Math.ceil(thawRuleHours(pack.grams, 'air') / 24);
  const water = formatMinutes(Math.ceil(thawRuleHours(pack.grams, 'water') * 4) * 15);
  return [
    `Thaw: ${days === 1 ? 'a day' : `${days} days`} in the fridge, or ${water} in cold water, changed every 30 min, then cooked at once (USDA FSIS).`,
  ];
}

/** Hours where a slow cooker is safe for it; meat is always thawed first (USDA FSIS). */
function slowLine(dish: Dish): string {
  const { slow } = dish;
  if (!slow || !slowVersion(dish).ok) return '';
  const { inside } = bagParts(dish, dish.servings);
  if (inside.some((i) => i.food && NEVER_SLOW.has(i.food.id))) return '';
  return `Slow cooker: ${slow.hours} h ${slow.setting}, thawed first.`;
}

function releaseWords(
  release: Extract<Dish['stages'][number], { kind: 'pressure' }>['release'],
): string {
  return release.kind === 'timed'
    ? `${release.minutes} min, then release`
    : `${release.kind} release`;
}

function toHeat(item: Labelled, dish: Dish | null, kitchen: Kitchen): string[] {
  const ways = heatingTimes(item, dish, kitchen).map(({ method, minutes, isFromFrozen }) => {
    const state = item.place === 'freezer' ? (isFromFrozen ? 'frozen' : 'thawed') : '';
    const time = `${formatMinutes(minutes)}${state ? ` ${state}` : ''}`;
    switch (method) {
      case 'burner':
        return `burner ${time}, stirred`;
      case 'oven':
        return `oven, covered, ${time}`;
      case 'cooker':
        return `above water, low, ${time}`;
    }
  });
  const isRice = dish !== null && kindOfDish(dish) === 'cooked-rice';
  const bulk = item.contents.kind === 'bulk' ? item.contents : null;
  const main = bulk && dish ? mainIngredient(scaleDish(dish, 1)) : null;
  return [
    bulk && main
      ? `In dishes: one stands for ${formatQuantity({ amount: bulk.rawGrams, unit: 'g' }, kitchen.system)} ${main.ingredient.food}, raw.`
      : '',
    ways.length > 0 ? `Heat: ${ways.join(' · ')}.` : '',
    `${REHEAT_C} °C all through; never in a slow cooker (USDA FSIS).`,
    isRice ? 'Rice: heated once only, the day it is thawed (UK FSA).' : '',
  ];
}

/** What a label says of cooking and heating, line by line. */
import {
  mainIngredient,
  scaleDish,
  servedWith,
  slowVersion,
  type Dish,
  type ScaledIngredient,
} from '../dish';
import { foodByNumber } from '../food';
import type { Kitchen } from '../kitchen';
import { formatMinutes, formatQuantity, formatTemperature } from '../units';
import { bagParts } from './bag-contents';
import { thawRuleHours } from '../thermal';
import { kindOfDish } from './keeping-kind';
import { isRaw } from './contents';
import type { StoreItem } from './item';
import { frozenHold, heatingTimes, microwaveMinutes, REHEAT_C } from './reheat';
import { portionGrams } from './room';

/** Room on a label. */
const LONGEST = 600;
/** Raw, they hold a toxin that a slow cooker makes worse (FDA, Bad Bug Book; white ones a third of it). */
const NEVER_SLOW = new Set(['kidney-bean', 'white-bean']);

type Labelled = Pick<StoreItem, 'name' | 'portions' | 'contents' | 'thicknessMm' | 'place'>;

/** What a bag will need when it is cooked, beyond what its dish says. */
export interface BagNeeds {
  /** Water that the pot lacks, ml. */
  addMl: number;
  /** How it is laid so that it goes into the pot; '' where it does anyhow. */
  shape: string;
}
const NOTHING_MORE: BagNeeds = { addMl: 0, shape: '' };

/**
 * @param item as it will be packed
 * @param later what its later cooking will need, as it was checked
 * @param dish what it is; null where only its name is known
 * @returns lines, parted by a line break
 */
export function labelText(
  item: Labelled,
  dish: Dish | null,
  kitchen: Kitchen,
  later: BagNeeds = NOTHING_MORE,
): string {
  const lines = !isRaw(item.contents)
    ? toHeat(item, dish, kitchen)
    : dish
      ? toCook(item, dish, kitchen, later)
      : toThaw(item);
  const beside = dish ? servedWith(dish) : [];
  return fitting([...lines, beside.length > 0 ? `With: ${beside.join(', ')}.` : '']);
}

/** A label has room for so much: whole lines, and never the half of a number. */
function fitting(lines: readonly string[]): string {
  const kept: string[] = [];
  for (const line of lines.filter(Boolean))
    if ([...kept, line].join('\n').length <= LONGEST) kept.push(line);
  return kept.join('\n');
}

/** Nobody knows the microwave at work: the minutes are for a usual one, and say so (common practice). */
const USUAL_WATTS = 800;

/** A lunch: heated at work, in the microwave that is there. @param dishes what is in the box */
export function lunchLabel(
  dishes: readonly Dish[],
  place: StoreItem['place'],
  kitchen: Kitchen,
): string {
  const grams = dishes.reduce((sum, d) => sum + portionGrams(d), 0);
  const [cold, frozen] = [false, true].map((isFrozen) =>
    microwaveMinutes(grams, isFrozen, USUAL_WATTS),
  );
  const isRice = dishes.some((d) => kindOfDish(d) === 'cooked-rice');
  const hot = formatTemperature(REHEAT_C, kitchen.scale);
  return fitting([
    `Microwave: ${cold} min${place === 'freezer' ? ` thawed, ${frozen} min frozen` : ''} at ${USUAL_WATTS} W, lid ajar, stirred halfway, ${hot} all through (USDA FSIS).`,
    place === 'freezer' ? 'Down into the fridge the evening before.' : '',
    isRice ? 'Rice: heated once only, the day it is thawed (UK FSA).' : '',
  ]);
}

function toCook(item: Labelled, dish: Dish, kitchen: Kitchen, later: BagNeeds): string[] {
  const at = dish.stages.findIndex((s) => s.kind === 'pressure');
  const cycle = dish.stages[at];
  const { withBag, after } = bagParts(dish, item.portions > 0 ? item.portions : 1);
  const measure = (amount: number): string =>
    formatQuantity({ amount, unit: 'ml' }, kitchen.system);
  const list = (parts: readonly ScaledIngredient[]): string[] =>
    parts.map(({ ingredient, quantity }) =>
      quantity
        ? `${formatQuantity(quantity, kitchen.system)} ${quantity.unit === 'piece' ? foodByNumber(ingredient.food, quantity.amount, formatQuantity(quantity, kitchen.system)) : ingredient.food}`
        : ingredient.food,
    );
  const add = [
    ...list(withBag),
    ...(later.addMl > 0
      ? [`${measure(later.addMl)} ${withBag.some(isWater) ? 'more ' : ''}water`]
      : []),
  ];
  // What is done to it when the lid comes off, short: the dish's page has all of it.
  const then = dish.stages
    .slice(at + 1)
    .filter((s) => !['rest', 'soak', 'prep'].includes(s.kind))
    .map((s) => `${firstClause(s.text)}${s.kind === 'pressure' ? ` ${s.holdMinutes} min` : ''}`);
  return [
    cycle?.kind === 'pressure'
      ? `Pressure ${cycle.level}: ${frozenHold(cycle.holdMinutes)} min frozen, ${cycle.holdMinutes} min thawed; ${releaseWords(cycle.release)}.`
      : '',
    add.length > 0 ? `Add: ${add.join(', ')}.` : '',
    after.length > 0 ? `After: ${list(after).join(', ')}.` : '',
    then.length > 0 && at >= 0 ? `Then: ${then.slice(0, 3).join('; ')}.` : '',
    slowLine(dish),
    later.shape,
  ];
}

const isWater = ({ food }: ScaledIngredient): boolean => food?.id === 'water';

const SHORT = 50;

/** @example firstClause('Stir in the cream, and warm it through.') // 'stir in the cream' */
function firstClause(text: string): string {
  const [clause = ''] = text.split(/[,;.:(]/);
  const short =
    clause.length > SHORT ? `${clause.slice(0, SHORT).replace(/\s+\S*$/, '')} …` : clause;
  return `${short.charAt(0).toLowerCase()}${short.slice(1)}`.trim();
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
      case 'microwave':
        return `microwave ${time}, stirred halfway`;
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
    `${formatTemperature(REHEAT_C, kitchen.scale)} all through; never in a slow cooker or on keep-warm (USDA FSIS).`,
    isRice ? 'Rice: heated once only, the day it is thawed (UK FSA).' : '',
  ];
}

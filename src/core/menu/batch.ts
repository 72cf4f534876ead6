/** A batch day: dishes times copies into bags, raw, browned or cooked, with cooling and packing as steps. */
import { scaleDish, type Dish, type Stage } from '../dish';
import type { Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { bagContents } from '../storage';
import { coolingTime } from '../thermal';
import { toFraction } from '../units';
import { fitsSome, roomFor, SPREAD_STAGE } from '../cycle';

/** The stage that fills the bags. */
export const PACK_STAGE = 'pack-bags';

/** Hands for one bag: label, fill, press the air out, lay flat (common practice), min. */
const PACK_MIN = 2;
/** Into shallow boxes: so deep, in the fridge with the lid off, mm. */
const SHALLOW_MM = 40;
const KITCHEN_C = 22;
/** A bag larger than any pot is cooked in so many runs at most. */
const MOST_RUNS = 6;
/** Out of the pot. */
const HOT_C = 90;
const RAW: ReadonlySet<string> = new Set(['prep', 'soak']);
const BROWNED: ReadonlySet<string> = new Set(['prep', 'soak', 'brown', 'loosen']);

/** Bags that are made; where several runs share them, their number may be a fraction. */
export type BagsMade = Pick<NonNullable<MealEntry['what']['bags']>, 'copies' | 'state'> &
  Partial<NonNullable<MealEntry['what']['bags']>>;

/** @example nameOfRun('Soup', 3, 4) // 'Soup, 3 × 4' */
function nameOfRun(name: string, copies: number, servings: number): string {
  return `${name.slice(0, 85)}, ${toFraction(copies)} × ${servings}`;
}

/**
 * A dish as it is made on a batch day.
 *
 * @param servings in one bag
 * @param copies bags of it; where several runs share them it may be a fraction
 */
export function batchDish(
  dish: Dish,
  { copies, state, shape = 'flat', inFridge = 0 }: BagsMade,
  servings: number,
): Dish {
  const pack = (text: string): Stage => ({
    id: PACK_STAGE,
    kind: 'finish',
    minutes: Math.max(1, Math.ceil(PACK_MIN * copies)),
    inCooker: false,
    text: text.slice(0, 400),
    uses: [],
  });
  const isWhole = Number.isInteger(copies);
  const bags = !isWhole ? 'the bags' : copies === 1 ? 'one bag' : `${copies} bags`;
  const common = {
    ...dish,
    name: nameOfRun(dish.name, copies, servings),
    wholeName: dish.wholeName ?? dish.name,
    wait: { maxMinutes: null, cost: 0 },
    products: [],
  };
  if (state !== 'cooked') {
    const kinds = state === 'raw' ? RAW : BROWNED;
    const { order, staysOut } = bagContents(dish);
    const kept = dish.stages.filter((s) => kinds.has(s.kind));
    const ids = new Set(kept.map((s) => s.id));
    const out = staysOut.length > 0 ? `; stays out: ${staysOut.join(', ')}` : '';
    return {
      ...common,
      stages: [
        ...kept.map((s): Stage =>
          s.after ? { ...s, after: s.after.filter((a) => ids.has(a)) } : s,
        ),
        // What was on the heat is cold before it is packed, whether it was done or not.
        ...(kept.some((s) => s.kind === 'brown') ? coolingStages(dish, servings, copies) : []),
        pack(
          `Labels on first; ${bags}, in this order: ${order.join(', ')}${out}. Air out, leave room, ${inFridge > 0 ? `${inFridge} into the fridge; ` : ''}${shape === 'flat' ? 'flat into the freezer' : 'into an inner pot or bowl until it is hard: a round mound that drops into the pot'}`,
        ),
      ],
    };
  }
  return {
    ...common,
    stages: [
      ...dish.stages,
      ...coolingStages(dish, servings, copies, keptBack(dish)),
      pack(
        `Labels on first; ${bags} or boxes, air out, leave room; ${inFridge > 0 ? `${inFridge} into the fridge, the rest ` : ''}into the freezer`,
      ),
    ],
  };
}

/** Stirred in at the end of a cooked dish, and no good when frozen: kept back until it is eaten. */
export function keptBack(dish: Dish): string[] {
  const last = dish.stages.findLastIndex((s) => s.kind === 'pressure' || s.kind === 'slow');
  return scaleDish(dish, dish.servings)
    .ingredients.filter(
      (i) =>
        i.food?.group === 'dairy' &&
        dish.stages.findIndex((s) => s.uses.includes(i.ingredient.id)) > last,
    )
    .map((i) => i.ingredient.food);
}

/**
 * Spreading out and cooling, after a dish that is cooked for later.
 *
 * @param servings in one box or bag
 * @param back stirred in when it is eaten
 */
export function coolingStages(
  dish: Dish,
  servings: number,
  copies: number,
  back: readonly string[] = [],
): Stage[] {
  const kept = back.length > 0 ? `; keep back until it is eaten: ${back.join(', ')}` : '';
  return [
    {
      id: SPREAD_STAGE,
      kind: 'finish',
      minutes: Math.max(1, Math.ceil(copies)),
      inCooker: false,
      text: `Into shallow boxes, ${SHALLOW_MM} mm deep, lid off, and into the fridge: under 21 °C within two hours (FDA Food Code 3-501.14)${kept}`,
      uses: [],
    },
    {
      id: 'cool-down',
      kind: 'rest',
      minutes: coolMinutes(dish, servings),
      text: 'Cooling',
      uses: [],
    },
  ];
}

/** Minutes from the pot to 21 °C in shallow boxes of one portion's depth; two hours at most are planned. */
function coolMinutes(dish: Dish, servings: number): number {
  const { ingredients } = scaleDish(dish, servings);
  const grams = ingredients.reduce((sum, i) => sum + (i.grams ?? 0), 0);
  const { minutesTo21 } = coolingTime({
    food: dish.name,
    ml: Math.max(300, grams),
    depthMm: SHALLOW_MM,
    fromC: HOT_C,
    roomC: KITCHEN_C,
    method: 'fridge',
  });
  return Math.min(120, Math.max(10, Math.round(minutesTo21 ?? 120)));
}

/**
 * How many bags are cooked in each run. A dish that has the pots for itself fills all of them at once, each as far as its
 * room goes, where that saves a round; of several dishes the others have them meanwhile, and the fewest even runs are
 * the least work. So it is too where no pot takes one whole bag.
 *
 * @param servings in one bag
 * @param isAlone nothing else is cooked for bags that day
 * @returns bags of each run, together `copies`
 */
export function runsFor(
  dish: Dish,
  servings: number,
  copies: number,
  kitchen: Kitchen,
  isAlone = true,
): number[] {
  const capacities = roomFor(dish, servings * copies, kitchen).map(({ most }) => most / servings);
  const rooms = capacities
    .map((bags) => Math.min(copies, Math.floor(bags + 1e-9)))
    .filter((room) => room > 0)
    .sort((a, b) => b - a);
  const even = evenRuns(dish, servings, copies, kitchen);
  if (rooms.length === 0 || !isAlone) return even;
  const rounds = Math.ceil(copies / rooms.reduce((sum, room) => sum + room, 0));
  // As quick in parts of bags and fewer runs: less to rinse, spread out and watch.
  const takers = capacities.filter((bags) => bags + 1e-9 >= (even[0] ?? 0)).length;
  const evenRounds = Math.ceil(even.length / Math.max(1, takers));
  const whole = wholeRuns(copies, rounds, rooms);
  return evenRounds <= rounds && even.length < whole.length ? even : whole;
}

/** Whole bags in so many rounds, over as few pots as that takes. */
function wholeRuns(copies: number, rounds: number, rooms: readonly number[]): number[] {
  // No more pots than that many rounds need: each one is to be heated and washed.
  let pots = 1;
  const inOne = (): number => rooms.slice(0, pots).reduce((sum, room) => sum + room, 0);
  while (inOne() * rounds < copies) pots++;
  return Array.from({ length: rounds }, (_, i) =>
    shared(copies, rounds, i, rooms.slice(0, pots)),
  ).flat();
}

/** The bags of one round over the pots, each as full as the others. */
function shared(copies: number, rounds: number, round: number, rooms: readonly number[]): number[] {
  let left = Math.floor((copies * (round + 1)) / rounds) - Math.floor((copies * round) / rounds);
  let room = rooms.reduce((sum, r) => sum + r, 0);
  return rooms.flatMap((own) => {
    // Rounded up, the first and largest pots take what does not divide.
    const some = Math.min(own, left, Math.ceil((left * own) / room - 1e-9));
    [left, room] = [left - some, room - own];
    return some > 0 ? [some] : [];
  });
}

function evenRuns(dish: Dish, servings: number, copies: number, kitchen: Kitchen): number[] {
  const most = Math.max(copies, MOST_RUNS);
  for (let runs = 1; runs <= most; runs++)
    if (fitsSome(dish, (servings * copies) / runs, kitchen))
      return Array.from({ length: runs }, () => copies / runs);
  return [copies];
}

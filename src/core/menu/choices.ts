/** What a dish leaves open in a meal: release, level, a stack; each answer a meal that can be planned. */
import { atAltitude } from './dish-notes';
import { byWeightTimes, dishKey, type Dish, type PressureStage, type Stage } from '../dish';
import { LEVEL_KPA } from '../cooker';
import { SOFTENING_Z } from '../doneness';
import type { Kitchen } from '../kitchen';
import { changedEntry, type EntryChange, type Meal, type MealEntry } from '../meal';
import type { Choice } from '../reason';
import { insideTemperature } from '../steam';
import { isServedHot, stackDishes } from '../cycle';

type Level = PressureStage['level'];

/** One open matter answered otherwise than as written. */
export interface OpenChoice {
  id: string;
  entryId: string;
  what: Choice;
  meal: Meal;
  /** Changes how the dish is cooked, not only how it is let go: taken only where it is needed. */
  isBold: boolean;
}

/** Shorter holds are not moved to another level: a minute is too coarse there. */
const SHORTEST_MOVED = 10;
const LEVELS: readonly Level[] = ['low', 'high', 'max'];

/**
 * Every matter of the meal that the cook has not settled, answered the other way.
 *
 * @param isTrouble the meal is late or impossible as written: stacks are looked for as well
 */
export function openChoices(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  isTrouble: boolean,
): OpenChoice[] {
  const ways = meal.entries.flatMap((entry) => {
    const written = dishes.get(dishKey(entry.what.dish));
    if (!written) return [];
    // As it is planned here, so that what is said and what is planned are one.
    const dish = atAltitude(written, kitchen);
    return [...releaseOf(meal, entry, dish), ...levelsOf(meal, entry, dish, kitchen)];
  });
  return isTrouble
    ? [...ways, ...stacksOf(meal, dishes, kitchen), ...hotOnesOf(meal, dishes, kitchen)]
    : ways;
}

function releaseOf(meal: Meal, entry: MealEntry, dish: Dish): OpenChoice[] {
  if (entry.what.otherRelease !== null) return [];
  const cycle = dish.stages.find(
    (s): s is PressureStage => s.kind === 'pressure' && s.orRelease !== undefined,
  );
  if (!cycle?.orRelease) return [];
  return [
    {
      id: `${entry.id}.release`,
      entryId: entry.id,
      what: { kind: 'release', dish: dish.name, release: cycle.orRelease.kind },
      meal: withEntry(meal, entry, { what: { otherRelease: true } }),
      isBold: false,
    },
  ];
}

function levelsOf(meal: Meal, entry: MealEntry, dish: Dish, kitchen: Kitchen): OpenChoice[] {
  if (entry.what.level !== null) return [];
  const cycles = dish.stages.filter((s) => s.kind === 'pressure');
  const [first] = cycles;
  if (!first || cycles.some((s) => s.holdMinutes < SHORTEST_MOVED)) return [];
  const owned = new Set(kitchen.cookers.flatMap((c) => c.levels));
  // As written where any cooker has it, for low is low on purpose: custard and fish want it gentle. What is
  // cooked at the ordinary level may go to the highest where that saves time.
  return LEVELS.filter(
    (level) =>
      owned.has(level) &&
      level !== first.level &&
      (!owned.has(first.level) || (first.level === 'high' && level === 'max')),
  ).map((level) => ({
    id: `${entry.id}.level-${level}`,
    entryId: entry.id,
    what: {
      kind: 'level',
      dish: dish.name,
      level,
      minutes: holdAt(first, level, kitchen.altitudeM),
      wasLevel: first.level,
      wasMinutes: first.holdMinutes,
    },
    meal: withEntry(meal, entry, { what: { level } }),
    isBold: true,
  }));
}

/** A dish that could stand over another. */
interface StackWay {
  id: string;
  upperId: string;
  upper: string;
  lower: string;
  changed: Meal;
}

/** Pairs of dishes that some cooker takes in one cycle, of those that are in no stack yet. */
export function stacksIn(
  meal: Meal,
  isOpen: (entry: MealEntry) => boolean,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
): StackWay[] {
  const free = meal.entries.filter(
    (e) => e.where.over === null && isOpen(e) && !meal.entries.some((o) => o.where.over === e.id),
  );
  return free.flatMap((lower) =>
    free.flatMap((upper): StackWay[] => {
      const [a, b] = [dishes.get(dishKey(lower.what.dish)), dishes.get(dishKey(upper.what.dish))];
      if (lower === upper || !a || !b) return [];
      const offer = stackDishes(a, b, lower.forWhom.servings ?? meal.servings, kitchen);
      if (!offer.ok || !offer.value.cookers.some((c) => c.refusals.length === 0)) return [];
      return [
        {
          id: `${upper.id}.over.${lower.id}`,
          upperId: upper.id,
          upper: b.name,
          lower: a.name,
          changed: withEntry(meal, upper, { where: { over: lower.id } }),
        },
      ];
    }),
  );
}

/** Stacks that nobody said no to. */
function stacksOf(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): OpenChoice[] {
  return stacksIn(meal, (e) => !e.where.alone && !e.what.bags, dishes, kitchen).map((s) => ({
    id: s.id,
    entryId: s.upperId,
    what: { kind: 'stack', upper: s.upper, lower: s.lower },
    meal: s.changed,
    isBold: true,
  }));
}

/** Dishes that may stand in a low oven until they are served: each of them, and all of them. */
function hotOnesOf(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): OpenChoice[] {
  if (!kitchen.oven) return [];
  const open = meal.entries.flatMap((entry) => {
    const dish = dishes.get(dishKey(entry.what.dish));
    const isOpen = !entry.where.keepHot && !entry.what.bags && entry.where.over === null;
    return dish && isOpen && isCookedHot(dish) ? [{ entry, name: dish.name }] : [];
  });
  const choice = (some: typeof open): OpenChoice => ({
    id: `${some.map(({ entry }) => entry.id).join('+')}.keep-hot`,
    entryId: some[0]?.entry.id ?? '',
    what: { kind: 'keep-hot', dishes: some.map(({ name }) => name) },
    meal: some.reduce((m, { entry }) => withEntry(m, entry, { where: { keepHot: true } }), meal),
    isBold: true,
  });
  return [...open.map((one) => choice([one])), ...(open.length > 1 ? [choice(open)] : [])];
}

/** Braised, boiled or simmered, and eaten hot: crust and crumb would go soft under a cover. */
const isCookedHot = (dish: Dish): boolean =>
  isServedHot(dish) &&
  dish.stages.some((s) => s.kind === 'pressure' || s.kind === 'slow') &&
  !dish.stages.some((s) => s.kind === 'crisp');

/** The meal with one entry changed. */
export function withEntry(meal: Meal, entry: MealEntry, change: EntryChange): Meal {
  return {
    ...meal,
    entries: meal.entries.map((e) => (e.id === entry.id ? changedEntry(e, change) : e)),
  };
}

/**
 * Minutes at `level` that soften as much as the stage's own hold.
 *
 * @source the rate of softening, see `SOFTENING_Z`: 20 min at the ordinary level are 12 at the highest
 */
export function holdAt(stage: PressureStage, level: Level, altitudeM: number): number {
  const celsius = (l: Level): number => insideTemperature(LEVEL_KPA[l], altitudeM);
  const factor = 10 ** ((celsius(stage.level) - celsius(level)) / SOFTENING_Z);
  return Math.round(stage.holdMinutes * factor);
}

/** The dish with its cycles at another level, their holds worked out anew. */
export function atLevel(dish: Dish, level: Level, altitudeM: number): Dish {
  return {
    ...dish,
    stages: dish.stages.map((s): Stage => {
      if (s.kind !== 'pressure' || s.level === level) return s;
      const holdMinutes = holdAt(s, level, altitudeM);
      const share = s.holdMinutes > 0 ? holdMinutes / s.holdMinutes : 1;
      return {
        ...s,
        level,
        holdMinutes,
        ...byWeightTimes(s, share),
      };
    }),
  };
}

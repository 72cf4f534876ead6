/** Changes of a meal that may help it, each a whole meal that can be planned and applied. */
import { scaleDish, type Dish, dishKey } from '../dish';
import type { Kitchen } from '../kitchen';
import { changedEntry, type Meal, type MealEntry } from '../meal';
import { fewestRuns, roomFor, recutOf } from '../cycle';
import { kitchenThere, stacksIn, withEntry } from '../menu';
import type { CompiledMeal } from '../plan';
import { sayFix } from '../words';

/** What a way changes, and of which entry or dish: two ways of one matter exclude each other. */
export interface Matter {
  kind:
    | 'as-it-stands'
    | 'any-cooker'
    | 'unpin'
    | 'release'
    | 'smaller'
    | 'ahead'
    | 'unstack'
    | 'stack'
    | 'later'
    | 'runs'
    | 'all-runs'
    | 'fewer'
    | 'hands'
    | 'stay'
    | 'free'
    | 'leave-out';
  /** Null: of the whole meal. */
  of: string | null;
}

export interface WayOut {
  id: string;
  matter: Matter;
  /** On the button. */
  text: string;
  meal: Meal;
  /** Somebody gets less of it: fewer portions, or a dish less. */
  isLess?: boolean;
}

/** More than this are not tried. */
const MOST_WAYS = 28;
const LATER_MIN = [20, 40] as const;

/**
 * Everything that a second cook would think of; which of it helps, the engine finds out.
 *
 * @param trouble what the compiled meal says of itself: dishes over the line are split or cut down
 */
export function waysOut(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  trouble: Pick<CompiledMeal, 'notes'>,
): WayOut[] {
  const there = kitchenThere(meal, kitchen);
  const overfull = new Set(
    trouble.notes.flatMap((n) =>
      n.severity === 'stop' && n.subject.kind === 'entry' ? [n.subject.id] : [],
    ),
  );
  const perDish = meal.entries.flatMap((entry) => {
    const dish = dishes.get(dishKey(entry.what.dish));
    return dish ? waysFor(meal, entry, dish, there, overfull.has(entry.id)) : [];
  });
  const whole =
    overfull.size > 0
      ? [...fewerForAll(meal, dishes, there), ...allInRuns(meal, dishes, there, overfull)]
      : [];
  const ways = [
    ...whole,
    ...perDish,
    ...stackWays(meal, dishes, there),
    ...handsWays(meal, kitchen),
    ...leaveOut(meal, dishes, kitchen),
    // What is over the line is so later too.
    ...(overfull.size > 0 ? [] : laterWays(meal, dishes, kitchen)),
  ].slice(0, MOST_WAYS);
  return withOwnTexts(ways);
}

/** Two ways never read the same: the same dish twice in a meal is counted. */
function withOwnTexts(ways: readonly WayOut[]): WayOut[] {
  const seen = new Map<string, number>();
  return ways.map((way) => {
    const times = (seen.get(way.text) ?? 0) + 1;
    seen.set(way.text, times);
    return times === 1 ? way : { ...way, text: `${way.text} (${times})` };
  });
}

function waysFor(
  meal: Meal,
  entry: MealEntry,
  dish: Dish,
  kitchen: Kitchen,
  isOverfull: boolean,
): WayOut[] {
  const ways: WayOut[] = [];
  const add = (kind: Matter['kind'], text: string, changed: Meal): void => {
    ways.push({
      id: `${entry.id}.${kind}`,
      matter: { kind, of: entry.id },
      text,
      meal: changed,
    });
  };
  if (entry.where.cooker !== null)
    add(
      'any-cooker',
      sayFix('any-cooker', { dish: dish.name }, kitchen),
      withEntry(meal, entry, { where: { cooker: null } }),
    );
  if (Object.keys(entry.when.pins).length > 0)
    add(
      'unpin',
      sayFix('unpin', { dish: dish.name }, kitchen),
      withEntry(meal, entry, { when: { pins: {} } }),
    );
  const other = dish.stages.find((s) => s.kind === 'pressure' && s.orRelease);
  if (other?.kind === 'pressure' && other.orRelease) {
    const to = entry.what.otherRelease ? other.release.kind : other.orRelease.kind;
    add(
      'release',
      sayFix('release', { dish: dish.name, release: to }, kitchen),
      withEntry(meal, entry, { what: { otherRelease: !entry.what.otherRelease } }),
    );
  }
  const recut = entry.what.smaller ? null : recutOf(dish, kitchen);
  if (recut)
    add(
      'smaller',
      sayFix('smaller', { dish: dish.name, fromMm: recut.fromMm, toMm: recut.toMm }, kitchen),
      withEntry(meal, entry, { what: { smaller: true } }),
    );
  if (!entry.when.ahead && dish.stages.some((s) => s.ahead))
    add(
      'ahead',
      sayFix('ahead', { dish: dish.name }, kitchen),
      withEntry(meal, entry, { when: { ahead: true } }),
    );
  if (entry.where.over !== null)
    add(
      'unstack',
      sayFix('unstack', { dish: dish.name }, kitchen),
      withEntry(meal, entry, { where: { over: null, alone: true } }),
    );
  if (isOverfull) ways.push(...roomWays(meal, entry, dish, kitchen));
  return ways;
}

/** A dish that comes after the others. */
function laterWays(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): WayOut[] {
  return LATER_MIN.flatMap((later) =>
    meal.entries.map((entry) => ({
      id: `${entry.id}.later-${later}`,
      matter: { kind: 'later' as const, of: entry.id },
      text: sayFix(
        'later',
        { dish: dishes.get(dishKey(entry.what.dish))?.name ?? null, minutes: later },
        kitchen,
      ),
      meal: withEntry(meal, entry, { when: { later: entry.when.later + later } }),
    })),
  );
}

/** The entry in as few even runs as a cooker takes; null where no number of them is right. */
function inRuns(
  meal: Meal,
  entry: MealEntry,
  dish: Dish,
  kitchen: Kitchen,
): { runs: number; meal: Meal } | null {
  if (entry.what.inRuns) return null;
  const runs = fewestRuns(dish, entry.forWhom.servings ?? meal.servings, kitchen);
  if (runs < 2) return null;
  const change = { what: { inRuns: true }, where: { cooker: null } };
  return { runs, meal: withEntry(meal, entry, change) };
}

/** Every dish that is over the line in runs of its own. */
function allInRuns(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  overfull: ReadonlySet<string>,
): WayOut[] {
  if (overfull.size < 2) return [];
  const changed = meal.entries.reduce((current, entry) => {
    const dish = dishes.get(dishKey(entry.what.dish));
    if (!dish || !overfull.has(entry.id)) return current;
    return inRuns(current, entry, dish, kitchen)?.meal ?? current;
  }, meal);
  if (changed === meal) return [];
  return [
    {
      id: 'all-runs',
      matter: { kind: 'all-runs', of: null },
      text: sayFix('all-runs', {}, kitchen),
      meal: changed,
    },
  ];
}

/** What does not fit: in even runs, or for fewer. */
function roomWays(meal: Meal, entry: MealEntry, dish: Dish, kitchen: Kitchen): WayOut[] {
  const servings = entry.forWhom.servings ?? meal.servings;
  const rooms = roomFor(dish, servings, kitchen);
  const most = Math.max(0, ...rooms.map((r) => r.most));
  const ways: WayOut[] = [];
  const split = inRuns(meal, entry, dish, kitchen);
  if (split)
    ways.push({
      id: `${entry.id}.runs`,
      matter: { kind: 'runs', of: entry.id },
      text: sayFix('runs', { dish: dish.name, runs: split.runs }, kitchen),
      meal: split.meal,
    });
  if (most >= 1 && most < servings)
    ways.push({
      id: `${entry.id}.fewer`,
      matter: { kind: 'fewer', of: entry.id },
      text: sayFix('fewer', { dish: dish.name, servings: most }, kitchen),
      meal: withEntry(meal, entry, { forWhom: { servings: most } }),
      isLess: true,
    });
  return ways;
}

/** More than the pots take, even one after the other: as many as they do. */
function fewerForAll(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): WayOut[] {
  const own = meal.entries.filter((e) => e.forWhom.servings === null);
  const most = Math.min(
    ...own.flatMap(({ what }) => {
      const dish = dishes.get(dishKey(what.dish));
      if (!dish) return [];
      const rooms = roomFor(dish, meal.servings, kitchen).map((r) => r.most);
      return rooms.length > 0 ? [Math.max(...rooms)] : [];
    }),
  );
  if (!Number.isFinite(most) || most < 1 || most >= meal.servings) return [];
  return [
    {
      id: 'fewer',
      matter: { kind: 'fewer', of: null },
      text: sayFix('fewer-for-all', { servings: most }, kitchen),
      meal: { ...meal, servings: most },
      isLess: true,
    },
  ];
}

/** Two dishes in one cycle, where that works out. */
function stackWays(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): WayOut[] {
  return stacksIn(meal, () => true, dishes, kitchen).map(
    ({ id, upperId, upper, lower, changed }) => ({
      id,
      matter: { kind: 'stack' as const, of: upperId },
      text: sayFix('stack', { upper, lower }, kitchen),
      meal: changed,
    }),
  );
}

function handsWays(meal: Meal, kitchen: Kitchen): WayOut[] {
  const hands = meal.hands ?? kitchen.hands;
  const ways: WayOut[] = [];
  if (hands < 4)
    ways.push({
      id: 'hands',
      matter: { kind: 'hands', of: null },
      text: sayFix('hands', { hands }, kitchen),
      meal: { ...meal, hands: hands + 1 },
    });
  if (meal.away.length > 0)
    ways.push({
      id: 'stay',
      matter: { kind: 'stay', of: null },
      text: sayFix('stay', {}, kitchen),
      meal: { ...meal, away: [] },
    });
  if (meal.busy.length > 0)
    ways.push({
      id: 'free',
      matter: { kind: 'free', of: null },
      text: sayFix('free', {}, kitchen),
      meal: { ...meal, busy: [] },
    });
  return ways;
}

/** The dish with the most work first: what is left out helps most. All runs of it go. */
function leaveOut(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): WayOut[] {
  const ids = [...new Set(meal.entries.map((e) => dishKey(e.what.dish)))];
  if (ids.length < 2) return [];
  const workOf = (entry: MealEntry): number => {
    const dish = dishes.get(dishKey(entry.what.dish));
    if (!dish) return 0;
    const { factor } = scaleDish(dish, entry.forWhom.servings ?? meal.servings);
    return dish.stages.reduce(
      (sum, s) => sum + (s.kind === 'prep' ? s.minutes * factor : s.kind === 'pressure' ? 20 : 0),
      0,
    );
  };
  const work = (id: string): number =>
    meal.entries.reduce((sum, e) => (dishKey(e.what.dish) === id ? sum + workOf(e) : sum), 0);
  return ids
    .sort((a, b) => work(b) - work(a))
    .slice(0, 4)
    .map((id) => {
      const gone = new Set(
        meal.entries.filter((e) => dishKey(e.what.dish) === id).map((e) => e.id),
      );
      return {
        id: `${id}.out`,
        matter: { kind: 'leave-out' as const, of: id },
        text: sayFix('leave-out', { dish: dishes.get(id)?.name ?? null }, kitchen),
        isLess: true,
        meal: {
          ...meal,
          entries: meal.entries
            .filter((e) => !gone.has(e.id))
            .map((e) =>
              gone.has(e.where.over ?? '') ? changedEntry(e, { where: { over: null } }) : e,
            ),
        },
      };
    });
}

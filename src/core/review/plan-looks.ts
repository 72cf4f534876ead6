/** What only the finished plan shows: which food follows which in one cooker, and how hard it is on the hands. */
import { parseAbsolute } from '@internationalized/date';
import { comeUp, defaultParameters } from '../cooker';
import { contentsAt, scaleDish, type Dish, type PressureStage } from '../dish';
import type { Cooker, Kitchen } from '../kitchen';
import type { Meal } from '../meal';
import type { Problem, Schedule } from '../solve';
import { findStays } from '../cycle';
import { roundWater } from '../units';
import { isTooHard, longestWork, REST_MIN } from './hands-load';
import { planOf, type CompiledMeal, type Plan } from '../plan';
import { finding, type Finding } from '../reason';

/** A liner taken up again within this time is still hot, min (estimate). */
const STILL_HOT_MIN = 10;
/** Its metal after a rinse, °C (estimate). */
const RINSED_LINER_C = 60;
/** Sugar for each serving from which a dish is a pudding, g. */
const SWEET_G = 12;
const SAVOURY = new Set(['onion', 'garlic', 'leek', 'shallot']);

/** Sweet enough for a pudding, and nothing in it that a ring would smell of. */
export function isPudding(dish: Dish): boolean {
  const { ingredients } = scaleDish(dish, 1);
  const sugar = ingredients.reduce(
    (sum, i) => sum + (SWEETENERS.has(i.food?.id ?? '') ? (i.grams ?? 0) : 0),
    0,
  );
  return (
    sugar >= SWEET_G &&
    !ingredients.some(
      ({ food }) =>
        food !== null && (SAVOURY.has(food.id) || ['meat', 'poultry', 'fish'].includes(food.group)),
    )
  );
}
const SWEETENERS = new Set(['sugar', 'brown-sugar', 'honey', 'maple-syrup', 'powdered-sugar']);

/**
 * Looks at a plan once it stands.
 *
 * @returns a pudding under a ring that smells of the stew before it; a come-up that a hot liner
 *   makes shorter than planned; hands that get no rest
 */
export function looksAtPlan(
  compiled: CompiledMeal,
  schedule: Schedule,
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
): Finding[] {
  const plan = planOf(compiled, schedule);
  const stays = plan.stays.flatMap((stay) => {
    const cooker = kitchen.cookers.find((c) => c.id === stay.unit);
    const operation = plan.operations.find((o) => o.stay === stay.id);
    const entry = meal.entries.find((e) => e.id === operation?.entryId);
    const dish = dishes.get(operation?.dishId ?? '');
    return cooker && entry && dish ? [{ ...stay, cooker, entry, dish }] : [];
  });
  const looks = stays.flatMap((stay) => {
    const before = stays
      .filter((o) => o.unit === stay.unit && o.end <= stay.start)
      .sort((a, b) => b.end - a.end);
    const notes: Finding[] = [];
    const savoury = before.find((o) => !isPudding(o.dish));
    if (isPudding(stay.dish) && savoury && stay.cooker.rings < 2)
      notes.push(
        finding('pudding-after-savoury', 'look', stay.entry.id, {
          dish: stay.dish.name,
          before: savoury.dish.name,
          cooker: stay.cooker.name,
        }),
      );
    const [last] = before;
    if (last && stay.start - last.end <= STILL_HOT_MIN && stay.cooker.spareLiners === 0) {
      const minutes = savedByHeat(
        stay.dish,
        stay.entry.forWhom.servings ?? meal.servings,
        stay.cooker,
        {
          kitchen,
          planned: firstRise(plan, stay.id),
        },
      );
      if (minutes >= 1)
        notes.push(
          finding('pot-still-hot', 'info', stay.entry.id, {
            dish: stay.dish.name,
            before: last.dish.name,
            cooker: stay.cooker.name,
            minutes: Math.round(minutes),
          }),
        );
    }
    return notes;
  });
  return [
    ...looks,
    ...waterLooks(plan, meal, dishes, kitchen),
    ...handsLook(plan, compiled.problem, schedule),
    ...waitLooks(plan),
    ...wakingLooks(plan, meal, kitchen),
  ];
}

/** Dishes that wait longer than is good for them: nothing stops the evening, and nothing is kept quiet. */
function waitLooks(plan: Plan): Finding[] {
  return plan.dishes.flatMap(({ entryId, name, waits, mayWait }) =>
    mayWait !== null && waits > mayWait
      ? [finding('waits-too-long', 'look', entryId, { dish: name, minutes: waits, best: mayWait })]
      : [],
  );
}

/** Work for hands on the meal's own day before anybody is up, once for each dish. */
function wakingLooks(plan: Plan, meal: Meal, kitchen: Kitchen): Finding[] {
  const serveAt = Date.parse(meal.serveAt);
  const served = parseAbsolute(new Date(serveAt).toISOString(), meal.zone);
  const said = new Set<string>();
  return [...plan.operations]
    .sort((a, b) => a.start - b.start)
    .flatMap((o): Finding[] => {
      const at = parseAbsolute(new Date(serveAt + o.start * 60_000).toISOString(), meal.zone);
      // A meal at six in the morning is wanted so.
      const isEarly = at.hour < kitchen.day.from && served.hour >= kitchen.day.from;
      if (!o.isHands || !isEarly || said.has(o.entryId)) return [];
      said.add(o.entryId);
      const minute = at.hour * 60 + at.minute;
      return [
        finding('before-waking', 'look', o.entryId, {
          dish: o.dishName,
          minute,
          wakes: kitchen.day.from,
        }),
      ];
    });
}

/** Pots that the plan counts on more water for than the recipe has, each with the water at one tap. */
function waterLooks(
  plan: Plan,
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
): Finding[] {
  return plan.operations.flatMap((m): Finding[] => {
    const { topUp, unit } = m;
    const dish = dishes.get(m.dishId);
    if (!topUp || topUp.isOwn || !dish) return [];
    const cooker = kitchen.cookers.find((c) => c.id === unit)?.name ?? unit ?? '';
    const entry = meal.entries.find((e) => e.id === m.entryId);
    const servings = entry?.forWhom.servings ?? meal.servings;
    const ml = topUp.ml * (dish.servings / servings);
    const values = {
      dish: m.dishName,
      cooker,
      leastMl: topUp.leastMl,
      thinMl: topUp.thinMl,
      moreMl: roundWater(topUp.ml),
    };
    return [
      finding('pot-needs-water', 'look', m.entryId, values, [
        { kind: 'add-water', dish: m.dishId, stage: m.stageId, ml: roundWater(ml) },
      ]),
    ];
  });
}

function handsLook(plan: Plan, problem: Problem, schedule: Schedule): Finding[] {
  const work = longestWork(problem, schedule);
  if (!isTooHard(work)) return [];
  const minutes = work.to - work.from;
  const steps = plan.operations
    .filter((o) => o.isHands && o.start < work.to && o.end > work.from)
    .map((o) => o.id);
  return [
    {
      ...finding('hands-no-rest', 'look', null, {
        hands: problem.hands ?? 1,
        minutes,
        restMin: REST_MIN,
      }),
      subject: { kind: 'work', steps },
    },
  ];
}

/** The stage that comes to pressure first in a stay. */
function firstRise(plan: Plan, stay: string): string | null {
  const ups = plan.operations.filter((o) => o.stay === stay && o.phase === 'come-up');
  return ups.sort((a, b) => a.start - b.start)[0]?.stageId ?? null;
}

function savedByHeat(
  dish: Dish,
  servings: number,
  cooker: Cooker,
  { kitchen, planned }: { kitchen: Kitchen; planned: string | null },
): number {
  const stage = dish.stages.find((s): s is PressureStage => s.id === planned);
  const stay = findStays(dish).find((s) => s.stages.some((x) => x.id === planned));
  // Browning heats the liner itself.
  if (!stage || !stay || stay.stages[0]?.kind === 'brown') return 0;
  const input = {
    cooker,
    level: stage.level,
    altitudeM: kitchen.altitudeM,
    contents: contentsAt(scaleDish(dish, servings), stay.stages, stage),
  };
  const parameters = { ...defaultParameters(cooker), ...cooker.heat };
  const cold = comeUp(input, parameters);
  const hot = comeUp({ ...input, linerC: RINSED_LINER_C }, parameters);
  return cold.ok && hot.ok ? cold.value.minutes - hot.value.minutes : 0;
}

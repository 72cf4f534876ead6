/** A meal over a kitchen, compiled into a plan problem for the engine. */
import { fault } from '../words';
import { withToldAmounts } from '../recipe/told-amounts';
import { scaleDish, type Dish } from '../dish';
import { isPlated, isServedHot, PARKED_MOST } from '../cycle';
import { effectiveEntries, kitchenThere, looksAtEaters } from '../menu';
import { basisOf, waitFor, type Kitchen } from '../kitchen';
import type { Meal, MealEntry } from '../meal';
import {
  byHarm,
  failure,
  finding,
  success,
  type Finding,
  type Outcome,
  type Fault,
} from '../reason';
import type { Problem } from '../solve';
import { UNITS } from '../units';
import { withChance } from './chance';
import { cookerUnits, DishCompiler } from './dish-steps';
import { cookResource, type DishSteps } from './step-writer';
import { BURNER_UNIT, OVEN_UNIT, type CompiledMeal, type HandOver } from './types';

/** No plan looks further back than this, minutes: five days of lead, for what thaws slowly. */
const LONGEST_LEAD = 7200;

interface CompiledEntry {
  entry: MealEntry;
  dish: Dish;
  compiler: DishCompiler;
  out: DishSteps;
}

/**
 * Compiles a meal. Minutes count from the moment of serving.
 *
 * @param now ms since the epoch; nothing is planned to start before it
 * @returns the problem with the meaning of its steps, or why the meal can't be planned
 */
export function compileMeal(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  household: Kitchen,
  now: number,
): Outcome<CompiledMeal> {
  const faults: Fault[] = [];
  const entries: CompiledEntry[] = [];
  if (meal.entries.length === 0) return failure(fault('entries', 'no-dishes', {}));
  const there = kitchenThere(meal, household);
  const kitchen = { ...there, hands: meal.hands ?? household.hands };
  const serveAt = Date.parse(meal.serveAt);
  const earliest = Math.max(-LONGEST_LEAD, Math.min(0, Math.ceil((now - serveAt) / 60_000)));
  const effective = effectiveEntries(meal, dishes, kitchen);
  faults.push(...effective.faults);
  for (const { entry, dish, servings } of effective.entries) {
    const scaled = withToldAmounts(scaleDish(dish, servings), kitchen.system);
    const lead = { serveAt, zone: meal.zone, earliest, day: kitchen.day };
    const compiler = new DishCompiler(entry, scaled, kitchen, lead);
    const out = compiler.compile();
    faults.push(
      ...out.failures.map((f) => ({ field: `entries.${entry.id}`, entry: entry.id, ...f })),
    );
    entries.push({ entry, dish, compiler, out });
  }
  faults.push(...findCircle(entries));
  if (faults.length > 0) return failure(...faults);

  addRinses(entries, kitchen);
  const notes: Finding[] = [
    ...effective.notes,
    ...entries.flatMap((e) => e.out.notes),
    ...looksAtEaters(meal, effective.entries),
  ];
  const handOvers = linkProducts(entries, meal, notes);
  const meanings = entries.flatMap((e) => e.out.meanings);
  const problem: Problem = {
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest,
    hands: kitchen.hands,
    spanCost: 1,
    ...(meal.away.length > 0
      ? { away: meal.away.map((a) => ({ ...minutesOf(a, serveAt), hands: 1 })) }
      : {}),
    units: [
      ...kitchen.cookers.map((c) => ({ id: c.id })),
      ...kitchen.appliances.map((c) => ({ id: c.id })),
      ...(kitchen.oven ? [{ id: OVEN_UNIT, capacity: kitchen.oven.shelves }] : []),
      ...(kitchen.burners > 0 ? [{ id: BURNER_UNIT, capacity: kitchen.burners }] : []),
    ].map((unit) => {
      const busy = meal.busy.filter((b) => b.unit === unit.id);
      // “The oven is taken”: all its shelves; of burners it is one.
      const slots = unit.id === OVEN_UNIT ? (kitchen.oven?.shelves ?? 1) : 1;
      const spans = busy.flatMap((b) => Array<typeof b>(slots).fill(b));
      return spans.length > 0 ? { ...unit, busy: spans.map((b) => minutesOf(b, serveAt)) } : unit;
    }),
    tools: kitchen.tools.map((t) => ({ id: t.id, count: t.count })),
    resources: [
      ...kitchen.circuits.map((c) => ({ id: c.id, capacity: Math.round(c.watts) })),
      ...kitchen.cooks
        .filter((c) => entries.some((e) => e.entry.where.cook === c.id))
        .map((c) => ({ id: cookResource(c.id), capacity: 1 })),
    ],
    apart: ovensApart(entries),
    blocks: entries.flatMap((e) => e.out.blocks),
    steps: withChance(
      entries.flatMap((e) => e.out.steps),
      meanings,
      kitchen,
    ),
    links: [
      ...entries.flatMap((e) => e.out.links),
      ...handOvers.map(({ fromStep, toStep }) => ({ from: fromStep, to: toStep })),
    ],
    dishes: entries.map(({ entry, dish, out }) => {
      const best = waitFor(kitchen, dish);
      return {
        id: entry.id,
        ready: out.ready,
        holdCost: dish.wait.cost,
        ...waitLimits(
          isPlated(dish) ? Math.min(best ?? PLATED_WAIT, PLATED_WAIT) : best,
          dish.wait.cost,
        ),
        ...(entry.when.later === 0 ? {} : { dueAt: entry.when.later }),
      };
    }),
  };
  notes.sort(byHarm);
  return success({
    problem,
    meanings,
    notes,
    handOvers,
    cold: entries.flatMap(({ entry, dish }) => (isServedHot(dish) ? [] : [entry.id])),
    inPans: entries.flatMap(({ entry, dish }) =>
      dish.stages.some((s) => s.kind === 'pressure' && s.inPan) ? [entry.id] : [],
    ),
    basis: basisOf(kitchen),
  });
}

/** What each minute costs that a dish waits longer than is good for it, times what a minute of waiting costs it. */
const OVER_COST = 4;

/** What is on plates is eaten, or cold, in so long (common practice), min. */
const PLATED_WAIT = 10;

/** Waiting is a cost with a shape: little while it keeps, much from then on, and no longer than is safe. */
function waitLimits(
  best: number | null,
  cost: number,
): Pick<NonNullable<Problem['dishes']>[number], 'holdMax' | 'holdSoft' | 'overCost'> {
  if (best === null) return {};
  return best >= PARKED_MOST
    ? { holdMax: best }
    : { holdMax: PARKED_MOST, holdSoft: best, overCost: OVER_COST * Math.max(1, cost) };
}

/** A span of the day on the plan's axis. */
function minutesOf(
  { from, to }: { from: string; to: string },
  serveAt: number,
): { from: number; to: number } {
  const minute = (at: string): number => Math.round((Date.parse(at) - serveAt) / 60_000);
  return { from: minute(from), to: minute(to) };
}

/** A liner needs a rinse where another stay may want the same cooker. */
function addRinses(entries: readonly CompiledEntry[], kitchen: Kitchen): void {
  const stays = entries.flatMap((e) => cookerUnits(e.out, kitchen.cookers));
  const isShared = (units: readonly string[]): boolean =>
    stays.filter((other) => other.some((u) => units.includes(u))).length > 1;
  for (const { compiler } of entries) compiler.addRinses(isShared);
}

/** Two settings can't share an oven. */
function ovensApart(entries: readonly CompiledEntry[]): [string, string][] {
  const ovens = entries.flatMap((e) => e.out.ovenBlocks);
  return ovens.flatMap((a, i) =>
    ovens
      .slice(i + 1)
      .filter((b) => b.celsius !== a.celsius || b.isGrill !== a.isGrill)
      .map((b): [string, string] => [a.id, b.id]),
  );
}

/** Ingredients that are another dish's by-product wait for it, and are compared with the amount. */
function linkProducts(entries: readonly CompiledEntry[], meal: Meal, notes: Finding[]): HandOver[] {
  const handOvers: HandOver[] = [];
  for (const { entry, dish, out } of entries) {
    for (const ingredient of dish.ingredients) {
      const source = entries.find((e) => e.dish.id === ingredient.takes?.dish);
      const product = source?.dish.products.find((p) => p.id === ingredient.takes?.product);
      const stage = dish.stages.find((s) => s.uses.includes(ingredient.id));
      if (!source || !product || !stage) continue;
      const from = source.out.edges.get(product.from);
      const to = out.edges.get(stage.id);
      if (!from || !to) continue;
      handOvers.push({ fromStep: from.last, toStep: to.first, what: product.food });
      if (ingredient.amount === null) continue;
      const given =
        product.ml * ((source.entry.forWhom.servings ?? meal.servings) / source.dish.servings);
      const unit = UNITS[ingredient.unit ?? 'ml'];
      const wanted =
        (ingredient.amount ?? 0) *
        unit.size *
        ((entry.forWhom.servings ?? meal.servings) / dish.servings);
      const isShort = unit.kind === 'volume' && wanted > given;
      const values = {
        dish: dish.name,
        from: source.dish.name,
        food: product.food,
        wantedMl: wanted,
        givenMl: given,
      };
      notes.push(
        isShort
          ? finding('product-short', 'look', entry.id, values)
          : finding('product-taken', 'info', entry.id, values),
      );
    }
  }
  return handOvers;
}

/** Dishes that wait for each other can't be cooked at all. */
function findCircle(entries: readonly CompiledEntry[]): Fault[] {
  const needs = (e: CompiledEntry): CompiledEntry[] =>
    e.dish.ingredients.flatMap((i) =>
      entries.filter((o) => o.dish.id === i.takes?.dish && o !== e),
    );
  for (const start of entries) {
    const seen = new Set<CompiledEntry>();
    const path: CompiledEntry[] = [];
    const visit = (e: CompiledEntry): boolean => {
      path.push(e);
      for (const next of needs(e)) {
        if (next === start) return true;
        if (seen.has(next)) continue;
        seen.add(next);
        if (visit(next)) return true;
      }
      path.pop();
      return false;
    };
    if (visit(start))
      return [
        {
          ...fault(`entries.${start.entry.id}`, 'dishes-need-each-other', {
            dishes: path.map((e) => e.dish.name),
          }),
          entry: start.entry.id,
        },
      ];
  }
  return [];
}

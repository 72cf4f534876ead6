/** Evenings of the weeks before in the demo: what was planned, and how they really went. */
import type { Household } from '$core/exchange';
import { mealSchema, newEntry, type Meal } from '$core/meal';
import { compileMeal, type StepMeaning } from '$core/plan';
import type { Evening, RunEvent } from '$core/run';
import { solve, type Schedule } from '$core/solve';

const DAY_MS = 86_400_000;
const MINUTE = 60_000;
/** Half past six in the demo's zone, give or take an hour by the season. */
const SUPPER_UTC = '16:30:00';
const SOLVE_WORK = 400_000;

/** How this household really is: a weak pot, one that leaks a little, hands that cut slowly. */
const TRUTH = {
  comeUp: { large: 1.16, middle: 0.95, small: 1.04 } as Record<string, number>,
  release: 0.9,
  prep: 1.2,
  brown: 1.25,
  finish: 1.05,
} as const;
/** From evening to evening. */
const SCATTER = [1, 1.06, 0.95, 1.03, 0.97, 1.08, 0.94, 1.02] as const;

const WEEKS: readonly { weeks: number; name: string; servings: number; dishes: string[] }[] = [
  { weeks: 5, name: 'Lamb and bulgur', servings: 6, dishes: ['lamb-apricots', 'saffron-bulgur'] },
  {
    weeks: 4,
    name: 'Soup and bread',
    servings: 4,
    dishes: ['lentil-squash-soup', 'warm-flatbread'],
  },
  { weeks: 3, name: 'Cheek and cabbage', servings: 6, dishes: ['beef-cheek-stout', 'red-cabbage'] },
  { weeks: 2, name: 'Lamb again', servings: 8, dishes: ['lamb-apricots', 'beetroot-dill'] },
  {
    weeks: 1,
    name: 'Stew and barley',
    servings: 4,
    dishes: ['black-bean-plantain', 'mushroom-barley'],
  },
  { weeks: 6, name: 'Hake and bulgur', servings: 3, dishes: ['hake-fennel', 'saffron-bulgur'] },
];

/** @param now ms since the epoch; the evenings lie in the six weeks before it */
export function demoEvenings(
  household: Household,
  now: number,
): { evening: Evening; events: RunEvent[] }[] {
  const dishes = new Map(household.dishes.map((d) => [d.id, d]));
  return WEEKS.flatMap(({ weeks, name, servings, dishes: ids }, index) => {
    const day = new Date(now - weeks * 7 * DAY_MS).toISOString().slice(0, 10);
    const serveAt = Date.parse(`${day}T${SUPPER_UTC}Z`);
    const meal: Meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: `demo-evening-${weeks}`,
      name,
      serveAt: new Date(serveAt).toISOString(),
      zone: household.kitchen.zone,
      servings,
      entries: ids.map((id) => newEntry(id, id)),
    });
    const compiled = compileMeal(meal, dishes, household.kitchen, serveAt - 2 * DAY_MS);
    if (!compiled.ok) return [];
    const schedule: Schedule = {
      ...solve(compiled.value.problem, { work: SOLVE_WORK }),
      milliseconds: 0,
    };
    if (schedule.cost === null) return [];
    const evening: Evening = {
      id: `demo-evening-${weeks}`,
      mealId: meal.id,
      name,
      serveAt,
      compiled: compiled.value,
      schedule,
    };
    return [{ evening, events: eventsOf(evening, index) }];
  });
}

/** Steps as they really went, in the order of the plan: nothing begins before what it waits for. */
function eventsOf({ id, compiled, schedule, serveAt }: Evening, index: number): RunEvent[] {
  const meanings = new Map(compiled.meanings.map((m) => [m.id, m]));
  const steps = new Map(compiled.problem.steps.map((s) => [s.id, s]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const ends = new Map<string, number>();
  const freeAt = new Map<string, number>();
  const events: RunEvent[] = [];
  const add = (kind: 'started' | 'done', step: string, minute: number): void => {
    const at = Math.round(serveAt + minute * MINUTE);
    events.push({ id: `${id}.${kind}.${step}`, at, by: 'kitchen', kind, step });
  };
  let last = -Infinity;
  const planned = [...schedule.steps].sort((a, b) => a.start - b.start || a.end - b.end);
  planned.forEach((time, n) => {
    const step = steps.get(time.id);
    const meaning = meanings.get(time.id);
    if (!step || !meaning) return;
    const unit = unitOf.get(step.block ?? '') ?? null;
    const isHands = (step.hands ?? 0) > 0;
    const waits = [
      time.start,
      ...(compiled.problem.links ?? [])
        .filter((l) => l.to === time.id)
        .map((l) => ends.get(l.from) ?? -Infinity),
      ...(unit ? [freeAt.get(unit) ?? -Infinity] : []),
      ...(isHands ? [freeAt.get('hands') ?? -Infinity] : []),
    ];
    const begin = Math.max(...waits);
    const scatter = SCATTER[(n + index) % SCATTER.length] ?? 1;
    const isCounted = isHands || meaning.phase === 'come-up' || meaning.phase === 'release';
    const real = (time.end - time.start) * factorOf(meaning, unit) * (isCounted ? scatter : 1);
    const length = Math.max(1, Math.round(real));
    const end = begin + (step.aside ? time.end - time.start : length);
    ends.set(time.id, end);
    if (unit) freeAt.set(unit, end);
    if (isHands) freeAt.set('hands', end);
    if (!step.aside) last = Math.max(last, end);
    if (isHands) add('started', time.id, begin);
    if (isCounted) add('done', time.id, end);
  });
  events.sort((a, b) => a.at - b.at);
  const at = Math.round(serveAt + (last + 1) * MINUTE);
  return [...events, { id: `${id}.served`, at, by: 'kitchen', kind: 'served' }];
}

function factorOf({ phase }: StepMeaning, unit: string | null): number {
  if (phase === 'come-up') return TRUTH.comeUp[unit ?? ''] ?? 1;
  if (phase === 'release') return TRUTH.release;
  if (phase === 'prep' || phase === 'brown' || phase === 'finish') return TRUTH[phase];
  return 1;
}

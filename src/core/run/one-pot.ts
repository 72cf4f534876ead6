/** One cooker with one cycle and no plan: an evening of its own, begun with the lid on. */
import { fault } from '../words';
import { LONGEST_PRESSURE_MIN } from '../facts';
import { fillLimit, leastLiquid } from '../cooker';
import { dishSchema } from '../dish';
import type { Kitchen } from '../kitchen';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { failure, success, type Outcome } from '../reason';
import type { RunEvent } from './events';
import type { Evening } from './document';
import { solve } from '../solve';

const MINUTE = 60_000;
const RELEASES = {
  natural: { kind: 'natural' },
  timed: { kind: 'timed', minutes: 10 },
  quick: { kind: 'quick' },
} as const;
/** Nobody said what is in it: half of what may go in, as thin as soup (estimate). */
const USUAL_FILL = 0.5;

/** @returns the evening with the event that its lid is on at `now`, or what to choose instead */
export function onePot(
  kitchen: Kitchen,
  wish: { cooker: string; minutes: number; release: string },
  now: number,
): Outcome<Evening & { lidOn: RunEvent }> {
  const cooker = kitchen.cookers.find((c) => c.id === wish.cooker);
  if (!cooker) return failure(fault('cooker', 'cooker-gone', {}));
  if (!Number.isInteger(wish.minutes) || wish.minutes < 0 || wish.minutes > LONGEST_PRESSURE_MIN)
    return failure(fault('minutes', 'pressure-minutes-odd', { most: LONGEST_PRESSURE_MIN }));
  if (!Object.hasOwn(RELEASES, wish.release)) return failure(fault('release', 'release-odd', {}));
  const least = cooker.leastMl ?? leastLiquid(cooker.litres, kitchen.school);
  const dish = dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: 'one-pot',
    name: `${cooker.name}, ${wish.minutes} min`,
    servings: 4,
    ingredients: [
      {
        id: 'inside',
        food: 'broth',
        amount: Math.round(Math.max(least, fillLimit(cooker.litres, []) * USUAL_FILL)),
        unit: 'ml',
        role: 'liquid',
        scaling: 'proportional',
      },
    ],
    stages: [
      {
        id: 'cook',
        kind: 'pressure',
        text: 'Lid on, valve to seal',
        level: cooker.levels.includes('high') ? 'high' : (cooker.levels[0] ?? 'high'),
        holdMinutes: wish.minutes,
        release: RELEASES[wish.release as keyof typeof RELEASES],
        uses: ['inside'],
      },
    ],
    wait: { maxMinutes: null, cost: 0 },
  });
  // Far enough ahead for any plan; the table is then as soon as the pot is.
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'one-pot',
    name: dish.name,
    serveAt: new Date(now + 24 * 60 * MINUTE).toISOString(),
    zone: kitchen.zone,
    servings: 4,
    entries: [newEntry('one-pot', dish.id, { where: { cooker: cooker.id } })],
  });
  const compiled = compileMeal(meal, new Map([[dish.id, dish]]), kitchen, now);
  if (!compiled.ok) return failure(...compiled.problems);
  const schedule = solve(compiled.value.problem);
  const seal = schedule.steps.find((s) => s.id.endsWith('.seal'));
  if (schedule.cost === null || !seal) return failure(fault('cooker', 'pot-cannot-be-timed', {}));
  const id = crypto.randomUUID();
  return success({
    id,
    mealId: 'one-pot',
    name: dish.name,
    // The lid is on now.
    serveAt: now - seal.end * MINUTE,
    compiled: compiled.value,
    schedule,
    lidOn: { id: `${id}.lid`, at: now, by: 'start', kind: 'done', step: seal.id },
  });
}

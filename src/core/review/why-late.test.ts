import { describe, expect, it } from 'vitest';
import { householdSchema, type Household } from '../exchange';
import { mealSchema, newEntry, type Meal } from '../meal';
import { createSearch, finishAnswer, nearestPlan, solve } from '../solve';
import { demoHousehold } from '../../demo/household';
import { compileMeal, type CompiledMeal } from '../plan';
import { conflictGroups, explainConflict } from './explain';
import { whyLate } from './why-late';

const NOW = Date.UTC(2026, 10, 25, 9);
const HOUR_MS = 3_600_000;
const household: Household = householdSchema.parse(demoHousehold(NOW));
const { kitchen } = household;
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
const supper = household.meals.find((m) => m.id === 'harvest-supper') as Meal;

/** Nothing but the smallest of its cookers. */
const oneSmall = { ...kitchen, cookers: kitchen.cookers.filter((c) => c.id === 'small') };

function compile(meal: Meal, now = NOW, inKitchen = kitchen): CompiledMeal {
  const compiled = compileMeal(meal, dishes, inKitchen, now);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  return compiled.value;
}

describe('why a meal is late', () => {
  it('a supper in an hour: the soak, the pot that gives its broth, and what waits for the broth', () => {
    const compiled = compile(supper, Date.parse(supper.serveAt) - HOUR_MS);
    const schedule = solve(compiled.problem, { work: 500_000 });
    expect(schedule.delay).toBeGreaterThan(0);
    const chain = whyLate(compiled, schedule, kitchen);
    expect(chain.map((c) => c.text.split(',')[0])).toEqual([
      'Chickpeas with lemon and green olives: Soak the chickpeas overnight in plenty of water',
      expect.stringMatching(/^Chickpeas with lemon and green olives: in the /),
      expect.stringMatching(/^Saffron bulgur: in the /),
    ]);
    // It has no gap: from now to the table.
    const times = new Map(schedule.steps.map((s) => [s.id, s]));
    const spans = chain.map(({ steps }) => steps.map((id) => times.get(id)));
    expect(spans[0]?.[0]?.start).toBe(compiled.problem.earliest);
    const ends = spans.map((span) => Math.max(...span.map((t) => t?.end ?? 0)));
    const starts = spans.map((span) => Math.min(...span.map((t) => t?.start ?? 0)));
    for (let i = 1; i < spans.length; i++)
      expect(Math.abs((starts[i] ?? 0) - (ends[i - 1] ?? 0))).toBeLessThanOrEqual(5);
    expect(ends.at(-1)).toBeLessThanOrEqual(schedule.delay ?? 0);
  });

  it('one dish that could not begin earlier', () => {
    const meal = mealSchema.parse({
      ...supper,
      entries: [newEntry('lamb', 'lamb-apricots')],
    });
    const compiled = compile(meal, Date.parse(meal.serveAt) - HOUR_MS);
    const schedule = solve(compiled.problem);
    const steps = new Set(whyLate(compiled, schedule, kitchen).flatMap((c) => c.steps));
    const first = schedule.steps.toSorted((a, b) => a.start - b.start)[0];
    expect(steps.has(first?.id ?? '')).toBe(true);
  });

  it('a meal on time has no such chain', () => {
    const compiled = compile(supper);
    expect(whyLate(compiled, solve(compiled.problem, { work: 500_000 }), kitchen)).toEqual([]);
  });
});

describe('the plan that comes nearest', () => {
  it('everything in one pot for twenty: dishes wait too long, and by how much is said', () => {
    const compiled = compile({ ...supper, servings: 20 }, NOW, oneSmall);
    const search = createSearch(compiled.problem);
    while (!search.isDone) search.advance(search.work + 100_000);
    const groupOf = conflictGroups(compiled);
    const { status, conflict } = finishAnswer(search.answer(), compiled.problem, { groupOf });
    expect(status).toBe('impossible');
    const near = nearestPlan(compiled.problem);
    if (!near) throw new Error('nothing near');
    const waits = near.overruns.filter((o) => o.kind === 'wait');
    expect(waits.length).toBeGreaterThan(0);
    expect(near.overruns).toEqual(waits);
    for (const { id, minutes, most } of waits) {
      const dish = near.schedule.dishes.find((d) => d.id === id);
      expect(dish?.hold).toBe(minutes);
      expect(minutes).toBeGreaterThan(most ?? Infinity);
    }
    const said = explainConflict(compiled, oneSmall, conflict, false, near.overruns);
    const over = said.filter((c) => /here it (?:is kept for|would be)/.test(c.text));
    expect(over.map((c) => c.waits[0]).sort()).toEqual(
      waits
        .map((w) => w.id)
        .filter((id) => conflict.includes(id))
        .sort(),
    );
    // The sentence of the pot speaks of all that stands in it.
    const pot = said.find((c) => /one after the other/.test(c.text));
    const inPot = new Set(
      compiled.problem.steps.filter((s) => pot?.steps.includes(s.id)).map((s) => s.block),
    );
    expect(inPot.size).toBeGreaterThan(2);
  });

  it('a step that was put where it can’t be: it moves, and the sentence names it', () => {
    const entry = newEntry('lamb', 'lamb-apricots', {
      when: { pins: { 'cook.seal': -10, 'cook.open': -170 } },
    });
    const compiled = compile(mealSchema.parse({ ...supper, entries: [entry] }));
    const { status, conflict } = solve(compiled.problem);
    expect(status).toBe('impossible');
    const near = nearestPlan(compiled.problem);
    expect(near?.overruns.some((o) => o.kind === 'moment')).toBe(true);
    const said = explainConflict(compiled, kitchen, conflict, false, near?.overruns);
    expect(said.map((c) => c.text).join('\n')).toMatch(/was put .* before serving/);
  });
});

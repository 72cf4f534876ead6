import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema, type Household } from '../exchange';
import type { Kitchen } from '../kitchen';
import type { Meal } from '../meal';
import { toRunSheet } from '../run';
import { solve } from '../solve';
import { compileMeal } from './compile';
import { planOf } from './plan';
import { explainConflict } from '../review';

/** What the kitchen's own facts do to a plan. */
const NOW = Date.UTC(2026, 10, 25, 9);
const household: Household = householdSchema.parse(demoHousehold(NOW));
const wednesday = household.meals.find((m) => m.id === 'wednesday-for-three') as Meal;

function compile(change: (k: Kitchen) => Kitchen, meal: Meal = wednesday) {
  const kitchen = change(structuredClone(household.kitchen));
  const compiled = compileMeal(meal, new Map(household.dishes.map((d) => [d.id, d])), kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  return { kitchen, compiled: compiled.value };
}
const minutesOf = (c: ReturnType<typeof compile>, id: string): number | Record<string, number> => {
  const found = c.compiled.problem.steps.find((s) => s.id === id)?.minutes;
  if (found == null) throw new Error(`no ${id}`);
  return found;
};
const same = (k: Kitchen): Kitchen => k;

describe('the kitchen in a plan', () => {
  it('says what to press in the words of the cooker that is chosen', () => {
    const { kitchen, compiled } = compile((k) => ({
      ...k,
      cookers: k.cookers.map((c) => ({ ...c, words: { pressure: 'Steam', high: 'Strong' } })),
    }));
    const sheet = toRunSheet(planOf(compiled, solve(compiled.problem)), kitchen, NOW);
    const settings = sheet.flatMap((l) => (l.setting ? [l.setting] : []));
    expect(settings.length).toBeGreaterThan(0);
    for (const setting of settings)
      expect(setting).toMatch(/^valve to seal; press Steam, (Strong|Low), \d+ min$/);
  });

  it('what a dish says to look at stands where its lid is opened, and takes no time in the plan', () => {
    const look = { text: 'If it is still firm, 6 minutes more', minutes: 6 };
    const withCheck = household.dishes.map((d) => ({
      ...d,
      stages: d.stages.map((st) => (st.kind === 'pressure' ? { ...st, checks: [look] } : st)),
    }));
    const compileWith = (dishes: typeof household.dishes) => {
      const made = compileMeal(
        wednesday,
        new Map(dishes.map((d) => [d.id, d])),
        household.kitchen,
        NOW,
      );
      if (!made.ok) throw new Error(made.problems[0]?.message);
      return made.value;
    };
    const [plain, checked] = [compileWith(household.dishes), compileWith(withCheck)];
    expect(checked.problem).toEqual(plain.problem);
    const phases = checked.meanings.filter((m) => m.checks).map((m) => m.phase);
    expect(new Set(phases)).toEqual(new Set(['open']));
    const sheet = toRunSheet(planOf(checked, solve(checked.problem)), household.kitchen, NOW);
    expect(sheet.filter((l) => l.detail?.includes('check: If it is still firm'))).toHaveLength(
      phases.length,
    );
  });

  it('a calibrated weak cooker comes up later, and says that it was calibrated', () => {
    const weak = compile((k) => ({
      ...k,
      cookers: k.cookers.map((c) => ({
        ...c,
        heat: { efficiency: 0.7, lossWPerK: 1, on: '2026-11-01T10:00:00Z' },
      })),
    }));
    const usual = compile(same);
    const up = usual.compiled.meanings.find((m) => m.phase === 'come-up');
    if (!up) throw new Error('no come-up');
    const [before, after] = [minutesOf(usual, up.id), minutesOf(weak, up.id)].map((m) =>
      typeof m === 'number' ? m : (Object.values(m)[0] ?? 0),
    );
    expect(after).toBeGreaterThan(before as number);
    const reasons = weak.compiled.meanings.find((m) => m.id === up.id)?.because ?? {};
    expect(Object.values(reasons).flat().join()).toMatch(/calibrated/);
  });

  it('slower hands cut for longer, quicker ones for less', () => {
    const prep = compile(same).compiled.meanings.find((m) => m.phase === 'prep');
    if (!prep) throw new Error('no prep');
    const paced = (pace: number): number =>
      minutesOf(
        compile((k) => ({ ...k, cooks: [{ id: 'me', name: 'Me', pace }] })),
        prep.id,
      ) as number;
    expect(paced(2)).toBeGreaterThan(paced(1));
    expect(paced(0.5)).toBeLessThan(paced(1));
  });

  it('a manual’s least liquid wins over both schools', () => {
    const asked = (leastMl: number | null) =>
      compile((k) => ({
        ...k,
        cookers: k.cookers.map((c) => ({ ...c, leastMl })),
      })).compiled.meanings.flatMap((m) => Object.values(m.topUps ?? {}));
    expect(asked(2000).some((t) => t.leastMl === 2000 && !t.isOwn)).toBe(true);
    expect(asked(50).some((t) => !t.isOwn)).toBe(false);
  });

  it('two heaters that would trip a breaker do not heat up together', () => {
    const weak = compile((k) => ({
      ...k,
      circuits: [{ id: 'worktop', name: 'Worktop', watts: 1300 }],
      cookers: k.cookers.map((c) => ({ ...c, circuit: 'worktop' })),
    }));
    const schedule = solve(weak.compiled.problem);
    const heats = weak.compiled.meanings
      .filter((m) => m.phase === 'come-up')
      .map((m) => schedule.steps.find((s) => s.id === m.id))
      .filter((s) => s !== undefined)
      .sort((a, b) => a.start - b.start);
    expect(heats.length).toBeGreaterThan(1);
    for (let i = 1; i < heats.length; i++)
      expect(heats[i]?.start).toBeGreaterThanOrEqual(heats[i - 1]?.end ?? 0);
    const [said] = explainConflict(weak.compiled, weak.kitchen, ['worktop'], true);
    expect(said?.text).toMatch(/heat up with .* W in all/);
    expect(said?.steps.length).toBeGreaterThan(1);
  });

  it('more green beans get less hold, with the reason', () => {
    const many: Meal = { ...wednesday, servings: 10 };
    const large = compile(
      (k) => ({ ...k, cookers: k.cookers.filter((c) => c.id === 'large') }),
      many,
    );
    const holds = large.compiled.meanings.filter((m) => m.phase === 'hold');
    const reasons = holds.flatMap((m) => Object.values(m.because).flat());
    for (const hold of holds) expect(minutesOf(large, hold.id)).toBeGreaterThanOrEqual(0);
    expect(reasons.join()).toMatch(/longer time to pressure/);
  });
});

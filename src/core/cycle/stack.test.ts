import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, newEntry } from '../meal';
import { solve } from '../solve';
import { compileMeal } from '../plan';
import { stackDishes } from './stack';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen } = householdSchema.parse(demoHousehold(NOW));

const write = (
  name: string,
  cycle: Partial<Extract<Dish['stages'][number], { kind: 'pressure' }>>,
  food: { food: string; grams: number; mm?: number },
): Dish =>
  dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: name.toLowerCase().replace(/ /g, '-'),
    name,
    servings: 4,
    ingredients: [
      {
        id: 'main',
        food: food.food,
        amount: food.grams,
        unit: 'g',
        role: 'main',
        scaling: 'proportional',
        ...(food.mm ? { pieceMm: food.mm } : {}),
      },
      {
        id: 'wet',
        food: 'broth',
        amount: 400,
        unit: 'ml',
        role: 'liquid',
        scaling: 'proportional',
      },
    ],
    stages: [
      { id: 'cut', kind: 'prep', minutes: 5, text: 'Cut it' },
      {
        id: 'cook',
        kind: 'pressure',
        text: 'In, lid on',
        level: 'high',
        holdMinutes: 20,
        release: { kind: 'natural' },
        uses: ['main', 'wet'],
        ...cycle,
      },
      { id: 'serve', kind: 'finish', minutes: 2, text: 'Serve' },
    ],
    wait: { maxMinutes: 30, cost: 1 },
  });

const stew = write('Stew', {}, { food: 'beef chuck', grams: 700, mm: 30 });
const grain = (cycle: Parameters<typeof write>[1]) =>
  write('Barley', cycle, { food: 'barley', grams: 250 });
const stack = (a: Dish, b: Dish, servings = 4) => stackDishes(a, b, servings, kitchen);
const refusal = (answer: ReturnType<typeof stack>): string =>
  answer.ok ? 'offered' : `${answer.problems[0]?.message}; ${answer.problems[0]?.remedy}`;

/** Common practice throughout: one level, one hold and one release for what shares a cycle. */
describe('two dishes in a stack (common practice)', () => {
  it('near holds become one, and a cooker takes it; the plan of the stack solves', () => {
    const offer = stack(stew, grain({ holdMinutes: 22 }));
    if (!offer.ok) throw new Error(refusal(offer));
    expect(offer.value.dish.stages.filter((s) => s.kind === 'pressure')).toHaveLength(1);
    const cycle = offer.value.dish.stages.find((s) => s.kind === 'pressure');
    expect(cycle?.kind === 'pressure' && cycle.holdMinutes).toBe(22);
    expect(offer.value.cookers.some((c) => c.refusals.length === 0)).toBe(true);
    // Both dishes' food and work are still there.
    expect(offer.value.dish.ingredients.map((i) => i.food)).toEqual(
      expect.arrayContaining(['beef chuck', 'barley']),
    );
    expect(offer.value.dish.stages).toHaveLength(5);
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'Stacked',
      serveAt: new Date(NOW + 10 * 3_600_000).toISOString(),
      zone: 'Europe/Athens',
      servings: 4,
      entries: [newEntry('stack', offer.value.dish.id)],
    });
    const dishes = new Map([[offer.value.dish.id, offer.value.dish]]);
    const compiled = compileMeal(meal, dishes, kitchen, NOW);
    if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
    expect(compiled.value.notes.filter((n) => n.severity === 'stop')).toEqual([]);
    expect(solve(compiled.value.problem).status).toBe('optimal');
  });

  it('robust food takes the longer hold; pieces are cut smaller where that makes one time', () => {
    const longer = stack(stew, grain({ holdMinutes: 30 }));
    expect(longer.ok && longer.value.because.join()).toContain('robust');
    const cut = stack(
      write('Big stew', { holdMinutes: 60 }, { food: 'beef chuck', grams: 700, mm: 50 }),
      grain({ holdMinutes: 22 }),
    );
    if (!cut.ok) throw new Error(refusal(cut));
    // √(22/60) of 50 mm is 30 mm.
    expect(cut.value.because.join()).toContain('30 mm instead of 50');
    expect(cut.value.dish.ingredients.find((i) => i.food === 'beef chuck')?.pieceMm).toBe(30);
  });

  it.each<[string, Dish, Dish, RegExp]>([
    ['two pressures', stew, grain({ level: 'low' }), /one pressure/],
    ['two releases', stew, grain({ release: { kind: 'quick' } }), /asks for natural release/],
    [
      'a vegetable of two minutes over a stew',
      stew,
      write(
        'Beans',
        { holdMinutes: 1, release: { kind: 'natural' } },
        { food: 'green beans', grams: 400 },
      ),
      /too far apart/,
    ],
  ])('%s: refused with the reason', (_name, a, b, reason) => {
    expect(refusal(stack(a, b))).toMatch(reason);
  });

  it('a release that either does is taken; more than the pan holds is refused', () => {
    const either = grain({ release: { kind: 'quick' }, orRelease: { kind: 'natural' } });
    expect(stack(stew, either).ok).toBe(true);
    expect(refusal(stack(stew, grain({ holdMinutes: 22 }), 40))).toMatch(/largest pan takes/);
  });
});

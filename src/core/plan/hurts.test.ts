/** Plans that could hurt somebody: each line stands on the edge of its rule. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema, type Dish, type Stage } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, newEntry, type Meal } from '../meal';
import { toRunSheet } from '../run';
import { solve } from '../solve';
import { checkDish } from '../review';
import { sayDishFinding } from '../words';
import { compileMeal } from './compile';
import { planOf } from './plan';
import type { CompiledMeal } from './types';

const NOW = Date.UTC(2026, 10, 25, 9);
const HOUR = 3_600_000;
const household = householdSchema.parse(demoHousehold(NOW));
const { kitchen } = household;
const written = new Map(household.dishes.map((d) => [d.id, d]));

type Raw = Partial<Omit<Stage, 'kind'>> & { kind: Stage['kind']; [key: string]: unknown };
const dish = (
  foods: readonly (readonly [string, number])[],
  stages: readonly Raw[],
  more: Partial<Dish> = {},
): Dish =>
  dishSchema.parse({
    format: 'olive-clock/dish@1',
    id: 'tried',
    name: 'Tried',
    servings: 4,
    ingredients: foods.map(([food, amount], i) => ({
      id: `i${i}`,
      food,
      amount,
      unit: 'g',
      role: 'main',
      scaling: 'proportional',
    })),
    stages: stages.map((s, i) => ({ id: `s${i}`, text: 'Go on', uses: [], ...s })),
    wait: { maxMinutes: 60, cost: 1 },
    ...more,
  });
const mealOf = (dishId: string, hoursAhead: number, more: Partial<Meal> = {}): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + hoursAhead * HOUR).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: [newEntry(dishId, dishId)],
    ...more,
  });
function compiled(
  one: Dish,
  hoursAhead = 30,
  more: Partial<Meal> = {},
  inKitchen = kitchen,
): CompiledMeal {
  const all = new Map(written).set(one.id, one);
  const found = compileMeal(mealOf(one.id, hoursAhead, more), all, inKitchen, NOW);
  if (!found.ok) throw new Error(found.problems[0]?.message);
  return found.value;
}
const bagged = (state: 'raw' | 'browned' | 'cooked'): Partial<Meal> => ({
  batch: true,
  entries: [
    newEntry('tried', 'tried', {
      what: { bags: { copies: 3, state, shape: 'flat', inFridge: 0 } },
    }),
  ],
});
const STEW: readonly Raw[] = [
  { kind: 'brown', minutes: 8, text: 'Brown the lamb', uses: ['i0'] },
  {
    kind: 'pressure',
    level: 'high',
    holdMinutes: 30,
    release: { kind: 'natural' },
    uses: ['i1'],
    text: 'Cook',
  },
  { kind: 'finish', minutes: 5, text: 'Season' },
];
const stew = dish(
  [
    ['lamb shoulder', 900],
    ['broth', 800],
  ],
  STEW,
);

describe('cooling', () => {
  it('cooked food goes into its boxes within a quarter of an hour of the last work on it, in any plan (FDA Food Code 3-501.14)', () => {
    const { problem } = compiled(stew, 30, bagged('cooked'));
    const into = problem.links?.find((l) => l.to.endsWith('.spread-out'));
    expect(into?.max).toBeLessThanOrEqual(15);
    const schedule = solve(problem, { work: 200_000 });
    const at = (id: string) => schedule.steps.find((s) => s.id.endsWith(id));
    expect((at('.spread-out')?.start ?? 999) - (at('.s2')?.end ?? 0)).toBeLessThanOrEqual(15);
    expect(problem.links?.find((l) => l.to.endsWith('.cool-down'))?.max).toBe(0);
  });

  it('browned food for bags is cooled first, and part-cooked meat is advised against (USDA FSIS)', () => {
    const { meanings, notes } = compiled(stew, 30, bagged('browned'));
    const order = meanings.map((m) => m.stageId);
    expect(order.indexOf('cool-down')).toBeGreaterThan(order.indexOf('s0'));
    expect(order.indexOf('pack-bags')).toBeGreaterThan(order.indexOf('cool-down'));
    expect(notes.some((n) => n.code === 'part-cooked-meat')).toBe(true);
    const onions = dish(
      [
        ['onion', 900],
        ['broth', 800],
      ],
      STEW,
    );
    expect(
      compiled(onions, 30, bagged('browned')).notes.some((n) => n.code === 'part-cooked-meat'),
    ).toBe(false);
    expect(compiled(stew, 30, bagged('raw')).notes.some((n) => n.code === 'part-cooked-meat')).toBe(
      false,
    );
  });
});

describe('soaking (common practice: twelve hours at the most on the counter)', () => {
  const soak = (minutes: number, food = 'chickpeas'): Dish =>
    dish(
      [
        [food, 500],
        ['water', 1500],
      ],
      [
        { kind: 'soak', minutes, text: 'Soak overnight', uses: ['i0'] },
        {
          kind: 'pressure',
          level: 'high',
          holdMinutes: 15,
          release: { kind: 'natural' },
          uses: ['i1'],
          text: 'Cook',
        },
      ],
    );
  const said = (one: Dish, hoursAhead: number): string =>
    compiled(one, hoursAhead).meanings.find((m) => m.phase === 'soak')?.text ?? '';

  it('goes into the fridge where it would stand longer', () => {
    // Supper at 18:00 in Athens: from the evening before it stands some twenty hours.
    expect(said(soak(600), 31)).toMatch(/in the fridge once it has stood for 12 h/);
    // Soaked in the morning of the same day it does not.
    expect(said(soak(240), 31)).not.toMatch(/fridge/);
  });

  it('what spoils soaks in the fridge, always', () => {
    expect(said(soak(60, 'chicken thighs'), 31)).toMatch(/in the fridge/);
  });
});

describe('undercooking', () => {
  const thick = (later: readonly Raw[]): string[] =>
    checkDish(
      {
        ...dish(
          [
            ['pork loin', 1500],
            ['broth', 600],
          ],
          [
            {
              kind: 'pressure',
              level: 'high',
              holdMinutes: 5,
              release: { kind: 'quick' },
              uses: ['i0', 'i1'],
              text: 'Cook',
            },
            ...later,
          ],
        ),
        ingredients: dish(
          [
            ['pork loin', 1500],
            ['broth', 600],
          ],
          [],
        ).ingredients.map((i) => (i.food === 'pork loin' ? { ...i, pieceMm: 110 } : i)),
      },
      kitchen,
    ).flatMap((c) => (c.code === 'unsafe-target' ? [sayDishFinding(c, kitchen).text] : []));

  it('is found whatever heat follows, if that is not heat enough', () => {
    expect(thick([])).toHaveLength(1);
    expect(thick([{ kind: 'simmer', minutes: 2, attended: true }])[0]).toMatch(
      /and the heat that follows/,
    );
    expect(thick([{ kind: 'crisp', minutes: 4, celsius: 220 }])).toHaveLength(1);
  });

  it('and not where it is', () => {
    expect(thick([{ kind: 'oven', minutes: 150, celsius: 180 }])).toHaveLength(0);
    expect(
      thick([
        {
          kind: 'pressure',
          level: 'high',
          holdMinutes: 120,
          release: { kind: 'natural' },
          tools: [],
        },
      ]),
    ).toHaveLength(0);
  });

  it('the thermometer is asked for where the food can be probed: after the last of its heat', () => {
    const roast = dish(
      [
        ['chicken thighs', 900],
        ['broth', 600],
      ],
      [
        {
          kind: 'pressure',
          level: 'high',
          holdMinutes: 12,
          release: { kind: 'quick' },
          uses: ['i0', 'i1'],
          text: 'Cook',
        },
        { kind: 'crisp', minutes: 8, celsius: 220, text: 'Crisp the skin', uses: ['i0'] },
        { kind: 'finish', minutes: 3, text: 'Carve' },
      ],
    );
    const { meanings } = compiled(roast);
    const asked = meanings
      .filter((m) => m.caution?.code === 'centre-temperature')
      .map((m) => m.stageId);
    expect(new Set(asked)).toEqual(new Set(['s1']));
  });
});

describe('thawing', () => {
  const frozen = (grams: number, pieceMm: number): Dish => {
    const one = dish(
      [
        ['pork loin', grams],
        ['broth', 600],
      ],
      STEW,
    );
    return {
      ...one,
      ingredients: one.ingredients.map((i) =>
        i.food === 'pork loin' ? { ...i, frozen: true, thaw: true, pieceMm } : i,
      ),
    };
  };
  const hours = (one: Dish): number => {
    const { problem } = compiled(one, 150);
    const step = problem.steps.find((s) => s.id.includes('.thaw-'));
    return Number(step?.minutes) / 60;
  };

  it('a thick piece takes the longer of the rule by weight and conduction: days (USDA FSIS, The Big Thaw)', () => {
    // 2 kg by the rule: 23.5 h, so a day.
    expect(hours(frozen(2000, 30))).toBe(24);
    expect(hours(frozen(2000, 120))).toBeGreaterThan(40);
  });

  it('too late for the fridge, that is said before Friday afternoon', () => {
    const { notes } = compiled(frozen(2000, 120), 30);
    expect(notes.some((n) => n.code === 'thaw-too-late')).toBe(true);
  });
});

describe('altitude', () => {
  const high = { ...kitchen, altitudeM: 1524 };
  const holdOf = (c: CompiledMeal): unknown => {
    const step = c.problem.steps.find((s) => s.id.endsWith('.hold'));
    return typeof step?.minutes === 'object' ? Object.values(step.minutes)[0] : step?.minutes;
  };

  it('lengthens holds by the published rule, 15 % at 5000 ft, and says so once', () => {
    expect(holdOf(compiled(stew))).toBe(30);
    const up = compiled(stew, 30, {}, high);
    expect(holdOf(up)).toBe(35);
    expect(
      up.notes.filter((n) => n.code === 'altitude-longer' && n.values.factor === 1.15),
    ).toHaveLength(1);
  });

  it('not where the dish is written for this kitchen, and the words carry the plan’s minutes', () => {
    const here = compiled({ ...stew, heldHere: true }, 30, {}, high);
    expect(holdOf(here)).toBe(30);
    const spoken = dish(
      [
        ['lamb shoulder', 900],
        ['broth', 800],
      ],
      STEW.map((s) => (s.kind === 'pressure' ? { ...s, text: 'Pressure cook for 30 minutes' } : s)),
    );
    const up = compiled(spoken, 30, {}, high);
    expect(up.meanings.find((m) => m.phase === 'seal')?.text).toBe('Pressure cook for 35 minutes');
  });
});

describe('what goes in nowhere, and what rests', () => {
  it('an ingredient of no step is told of, a rest is a line of the schedule', () => {
    const one = dish(
      [
        ['lamb shoulder', 900],
        ['broth', 800],
        ['dill', 20],
      ],
      [...STEW, { kind: 'rest', minutes: 12, text: 'Rest under foil' }],
    );
    const c = compiled(one);
    expect(c.notes).toContainEqual(
      expect.objectContaining({
        code: 'ingredient-nowhere',
        values: expect.objectContaining({ foods: ['dill'] }),
      }),
    );
    const schedule = solve(c.problem, { work: 200_000 });
    const lines = toRunSheet(planOf(c, schedule), kitchen, NOW + 30 * HOUR);
    expect(
      lines.some((l) => l.action === 'Rest under foil' && /^until /.test(l.detail ?? '')),
    ).toBe(true);
  });

  it('an unknown food is told of: nothing says when it is safe', () => {
    const one = dish(
      [
        ['zungwe', 900],
        ['broth', 800],
      ],
      STEW,
    );
    const c = compiled(one);
    expect(c.notes).toContainEqual(
      expect.objectContaining({
        code: 'food-unknown',
        values: expect.objectContaining({ foods: ['zungwe'] }),
      }),
    );
    expect(c.meanings.some((m) => m.caution?.code === 'centre-temperature')).toBe(false);
  });
});

describe('the sentence and the figure beside it', () => {
  it('carry the same minutes in whichever pot it is cooked, also where they differ from pot to pot', () => {
    const beans = dish(
      [
        ['green beans', 400],
        ['water', 500],
      ],
      [
        {
          kind: 'pressure',
          level: 'high',
          holdMinutes: 5,
          release: { kind: 'quick' },
          uses: ['i0', 'i1'],
          text: 'Pressure cook on high for 5 minutes',
        },
      ],
    );
    const c = compiled(beans, 30, { servings: 16 });
    const seal = c.meanings.find((m) => m.phase === 'seal');
    const hold = c.problem.steps.find((s) => s.id.endsWith('.hold'));
    const minutes = typeof hold?.minutes === 'object' ? hold.minutes : { '': hold?.minutes ?? 0 };
    for (const [unit, m] of Object.entries(minutes))
      expect(seal?.texts?.[unit] ?? seal?.text).toContain(`${m} min`);
  });
});

import { describe, expect, it } from 'vitest';
import type { Dish, Stage } from '../dish';
import { emptyKitchen, kitchenSchema, usualPot, type Kitchen } from '../kitchen';
import { mealSchema, newEntry, type Meal } from '../meal';
import { kitchenThere } from '../menu';
import { solve, valueFor } from '../solve';
import { dishBy } from '../../../tests/support/dishes';
import { compileMeal } from './compile';
import { planOf } from './plan';
import type { CompiledMeal } from './types';

const NOW = Date.UTC(2026, 10, 25, 9);
const HOUR = 3_600_000;
const pot = (id: string, litres: number, modes: string[] = ['saute']) => ({
  id,
  name: id,
  litres,
  watts: 1000,
  ...usualPot(litres),
  levels: ['low', 'high'],
  modes,
});
const kitchenOf = (more: object): Kitchen =>
  kitchenSchema.parse({ ...emptyKitchen('Europe/Athens'), cookers: [pot('big', 5.7)], ...more });
const mealOf = (hours: number, ...dishes: Dish[]): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + hours * HOUR).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: dishes.map((d) => newEntry(d.id, d.id)),
  });
function compile(kitchen: Kitchen, hours: number, ...dishes: Dish[]): CompiledMeal {
  const meal = mealOf(hours, ...dishes);
  const compiled = compileMeal(meal, new Map(dishes.map((d) => [d.id, d])), kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  return compiled.value;
}
const stepOf = ({ problem }: CompiledMeal, id: string) =>
  problem.steps.find((s) => s.id === id) ?? { id, minutes: NaN, p90: NaN };

const legs = dishBy('legs', [{ food: 'duck legs', amount: 800, unit: 'g', role: 'main' }], {
  stages: [
    { id: 'crisp', kind: 'crisp', text: 'Crisp it', uses: ['i0'], minutes: 20, celsius: 220 },
  ],
});

/** 12 min under the lid for 20 in the oven (common practice). */
describe('a stage asks for heat from above, and the plan chooses who gives it', () => {
  const both = kitchenOf({ cookers: [pot('big', 5.7, ['saute', 'crisp']), pot('plain', 5.7)] });

  it('oven or crisp lid, each with its own minutes; the lid needs no preheating', () => {
    const compiled = compile(both, 8, legs);
    expect(compiled.problem.blocks?.[0]?.units).toEqual(['oven', 'big']);
    expect(stepOf(compiled, 'legs.crisp.bake').minutes).toEqual({ oven: 20, big: 12 });
    const preheat = stepOf(compiled, 'legs.crisp.preheat');
    expect(valueFor(preheat.minutes, 'oven')).toBeGreaterThan(10);
    expect(valueFor(preheat.minutes, 'big')).toBe(0);
  });

  it('without an oven it is the lid, said with its own setting and minutes', () => {
    const compiled = compile({ ...both, oven: null }, 8, legs);
    const plan = planOf(compiled, solve(compiled.problem));
    const said = plan.operations.map((o) => `${o.unit}: ${o.text}`).join('\n');
    expect(said).toMatch(/big: Crisp it Here: under the crisp lid at 205 °C, 12 min/);
    expect(said).not.toMatch(/oven/i);
  });

  it('minutes that were written for the lid are longer in the oven', () => {
    const [stage] = legs.stages;
    const air = { ...legs, stages: [{ ...stage, text: 'Air fry it', minutes: 12 }] } as Dish;
    expect(stepOf(compile(both, 8, air), 'legs.crisp.bake').minutes).toEqual({ oven: 20, big: 12 });
  });

  it('more than lies in one layer under the lid goes into the oven', () => {
    const many = { ...legs, ingredients: legs.ingredients.map((i) => ({ ...i, amount: 3000 })) };
    expect(compile(both, 8, many).problem.blocks?.[0]?.units).toEqual(['oven']);
  });
});

describe('a slow cooker of its own', () => {
  const slow = (grams: number): Dish =>
    dishBy('soup', [{ food: 'onion', amount: grams, unit: 'g' }], {
      stages: [{ id: 's', kind: 'slow', text: 'Slow', uses: ['i0'], minutes: 240, setting: 'low' }],
    });
  const kitchen = kitchenOf({
    appliances: [{ id: 'crock', name: 'Crock', kind: 'slow-cooker', litres: 4 }],
  });

  it('takes what is only cooked slowly, filled to three quarters, and no more', () => {
    expect(compile(kitchen, 8, slow(3000)).problem.blocks?.[0]?.units).toEqual(['crock', 'big']);
    expect(compile(kitchen, 8, slow(3100)).problem.blocks?.[0]?.units).toEqual(['big']);
  });

  it('is enough where there is no other cooker', () => {
    const only = { ...kitchen, cookers: [] };
    expect(compile(only, 8, slow(2000)).problem.blocks?.[0]?.units).toEqual(['crock']);
  });
});

describe('a rice cooker', () => {
  const pilaf = (grams: number, more: object[] = []): Dish =>
    dishBy(
      'pilaf',
      [
        { food: 'basmati rice', amount: grams, unit: 'g', role: 'main', preparation: 'rinsed' },
        { food: 'water', amount: grams, unit: 'ml', role: 'liquid' },
        ...more,
      ],
      {
        stages: [
          {
            ...{ id: 'cook', kind: 'pressure', text: 'Cook it', level: 'high', holdMinutes: 4 },
            ...{ release: { kind: 'natural' }, tools: [] },
            uses: ['i0', 'i1', ...more.map((_, i) => `i${i + 2}`)],
          } as Stage,
        ],
      },
    );
  const rice = { id: 'rice', name: 'Rice cooker', kind: 'rice-cooker', litres: 1.8 };
  const kitchen = kitchenOf({ appliances: [rice] });

  it('takes grain in its liquid, with the water that it loses itself, and leaves the pots free', () => {
    const compiled = compile(kitchen, 8, pilaf(360));
    expect(compiled.problem.blocks?.map((b) => b.units)).toEqual([['rice']]);
    expect(stepOf(compiled, 'pilaf.cook.cook').minutes).toBe(30);
    expect(compiled.meanings[0]?.text).toMatch(
      /^Into the Rice cooker: basmati rice, with \d+ ml of liquid in all; lid on, cook$/,
    );
    expect(compiled.notes.map((n) => n.code)).toEqual(['in-rice-cooker']);
  });

  it('takes what is written for one; without one it simmers on the stove, and says so', () => {
    const written = dishBy(
      'jewelled',
      [{ food: 'basmati rice', amount: 300, unit: 'g', role: 'main' }],
      {
        stages: [
          {
            ...{ id: 'cook', kind: 'burner', text: 'In the rice cooker', minutes: 25 },
            ...{ attended: false, appliance: 'rice-cooker', uses: ['i0'] },
          } as Stage,
        ],
      },
    );
    const there = compile(kitchen, 8, written);
    expect(there.problem.blocks?.map((b) => b.units)).toEqual([['rice']]);
    expect(there.notes).toEqual([]);
    const without = compile(kitchenOf({ appliances: [] }), 8, written);
    expect(without.problem.blocks?.map((b) => b.units)).toEqual([['burner']]);
    expect(without.notes.map((n) => n.code)).toEqual(['no-rice-cooker']);
  });

  it('whole grain takes longer there (common practice)', () => {
    const brown = pilaf(360);
    const dish = {
      ...brown,
      ingredients: brown.ingredients.map((i, n) => (n === 0 ? { ...i, food: 'brown rice' } : i)),
    };
    expect(stepOf(compile(kitchen, 8, dish), 'pilaf.cook.cook').minutes).toBe(50);
  });

  it('not with meat in it, not more than a third of the bowl, not where the dish was given a pot', () => {
    const withMeat = pilaf(360, [{ food: 'chicken thighs', amount: 500, unit: 'g', role: 'main' }]);
    expect(compile(kitchen, 8, withMeat).problem.blocks?.[0]?.units).toEqual(['big']);
    expect(compile(kitchen, 8, pilaf(900)).problem.blocks?.[0]?.units).toEqual(['big']);
    const meal = mealOf(8, pilaf(360));
    const given = {
      ...meal,
      entries: meal.entries.map((e) => ({ ...e, where: { ...e.where, cooker: 'big' } })),
    };
    const compiled = compileMeal(given, new Map([['pilaf', pilaf(360)]]), kitchen, NOW);
    expect(compiled.ok && compiled.value.problem.blocks?.[0]?.units).toEqual(['big']);
  });
});

describe('a step with a middle', () => {
  const roast = dishBy('roast', [{ food: 'leg of lamb', amount: 2000, unit: 'g', role: 'main' }], {
    stages: [
      {
        id: 'oven',
        kind: 'oven',
        text: 'Roast',
        uses: ['i0'],
        minutes: 105,
        celsius: 180,
        turns: [{ text: 'Baste it', at: 0.5 }],
      },
    ],
  });

  it('what is looked at when it is over may take the check’s minutes more: that is its longest time', () => {
    const [stage] = roast.stages;
    const checks = [{ text: 'If under 63 °C, 20 more', minutes: 20 }];
    const dish = { ...roast, stages: [{ ...stage, checks }] } as Dish;
    const own = compile(kitchenOf({}), 8, dish).problem.steps;
    expect(own.find((s) => s.id === 'roast.oven.bake-2')).toMatchObject({ minutes: 52, p90: 72 });
    expect(own.find((s) => s.id === 'roast.oven.bake')?.p90).toBeUndefined();
  });

  it('is as long as it was, with hands in between that may come five minutes late', () => {
    const { problem, meanings } = compile(kitchenOf({}), 8, roast);
    const own = problem.steps.filter((s) => s.id.includes('.bake'));
    expect(own.map((s) => [s.id, s.minutes, s.hands ?? 0])).toEqual([
      ['roast.oven.bake', 53, 0],
      ['roast.oven.bake-2', 52, 0],
      ['roast.oven.bake-turn-1', 1, 1],
    ]);
    expect(meanings.find((m) => m.phase === 'turn')?.text).toBe('Baste it');
    const links = problem.links?.filter((l) => l.to.includes('turn') || l.from.includes('turn'));
    expect(links?.map((l) => l.max)).toEqual([5, 0]);
  });
});

describe('what stands overnight', () => {
  const posset = dishBy('posset', [{ food: 'cream', amount: 600, unit: 'ml', role: 'main' }], {
    stages: [
      { id: 'heat', kind: 'burner', text: 'Heat', uses: ['i0'], minutes: 3, attended: true },
      { id: 'chill', kind: 'rest', text: 'Chill', uses: [], minutes: 480, chilled: true },
    ],
  });
  const timesOf = (kitchen: Kitchen, hours: number) => {
    const compiled = compile(kitchen, hours, posset);
    const schedule = solve(compiled.problem);
    const heat = schedule.steps.find((s) => s.id === 'posset.heat');
    return {
      compiled,
      delay: schedule.delay,
      at: new Date(NOW + hours * HOUR + (heat?.start ?? 0) * 60_000),
    };
  };

  it('is begun on the evening before, between five and the end of the household’s day', () => {
    // Served at 19:00 two days on; Athens is two hours ahead of the world's clock.
    const { at } = timesOf(kitchenOf({}), 56);
    expect(at.toISOString()).toBe('2026-11-26T19:57:00.000Z');
    const early = timesOf(kitchenOf({ day: { from: 6, to: 20 } }), 56);
    expect(early.at.toISOString()).toBe('2026-11-26T17:57:00.000Z');
  });

  it('is not counted to the evening itself', () => {
    const { compiled } = timesOf(kitchenOf({}), 56);
    expect(compiled.problem.steps.every((s) => s.aside)).toBe(true);
    expect(compiled.notes).toEqual([]);
  });

  it('two nights are two evenings; six hours behind a night are the day after it', () => {
    const waits = (second: number) =>
      dishBy('ice', [{ food: 'cream', amount: 600, unit: 'ml', role: 'main' }], {
        stages: [
          { id: 'soak', kind: 'soak', text: 'Soak overnight', uses: [], minutes: 480 },
          { id: 'whip', kind: 'prep', text: 'Whip', uses: ['i0'], minutes: 5 },
          { id: 'freeze', kind: 'rest', text: 'Freeze', uses: [], minutes: second, chilled: true },
        ],
      });
    const startOf = (dish: Dish, id: string): string => {
      const compiled = compile(kitchenOf({}), 80, dish);
      const schedule = solve(compiled.problem);
      expect(schedule.status).toBe('optimal');
      const at = schedule.steps.find((s) => s.id === `ice.${id}`)?.start ?? NaN;
      return new Date(NOW + 80 * HOUR + at * 60_000).toISOString().slice(0, 13);
    };
    // Served on the 28th at 19:00 (17:00 of the world's clock).
    expect(startOf(waits(380), 'freeze')).toBe('2026-11-28T10');
    expect(startOf(waits(380), 'soak').slice(0, 10)).toBe('2026-11-27');
    expect(startOf(waits(480), 'freeze').slice(0, 10)).toBe('2026-11-27');
    expect(startOf(waits(480), 'soak').slice(0, 10)).toBe('2026-11-26');
  });

  it('is said where no evening is left, and begins on the day', () => {
    const { compiled, at, delay } = timesOf(kitchenOf({}), 10);
    expect(compiled.notes.map((n) => n.code)).toEqual(['overnight-passed']);
    expect(delay).toBe(0);
    expect(at.getTime()).toBeGreaterThanOrEqual(NOW);
  });
});

describe('a stage that names what was before the one before it', () => {
  it('waits for the last of them alone: what was browned is in the pot, and not kept waiting', () => {
    const stew = dishBy('stew', [{ food: 'beef shin', amount: 800, unit: 'g', role: 'main' }], {
      stages: [
        { id: 'brown', kind: 'brown', text: 'Brown it', uses: ['i0'], minutes: 8 },
        {
          id: 'cook',
          kind: 'pressure',
          text: 'Cook',
          uses: [],
          level: 'high',
          holdMinutes: 40,
          tools: [],
          release: { kind: 'quick' },
        },
        {
          id: 'reduce',
          kind: 'simmer',
          text: 'Reduce',
          uses: [],
          minutes: 5,
          attended: true,
          after: ['brown', 'cook'],
        },
      ],
    });
    const { problem } = compile(kitchenOf({}), 8, stew);
    expect(problem.links?.filter((l) => l.to === 'stew.reduce').map((l) => l.from)).toEqual([
      'stew.cook.open',
    ]);
    expect(solve(problem).status).toBe('optimal');
  });
});

describe('waiting is a cost with a shape', () => {
  const dishAt = (maxMinutes: number | null, cost: number): Dish =>
    dishBy('d', [{}], {
      stages: [{ id: 'a', kind: 'prep', text: 'Cut', uses: [], minutes: 5 }],
      wait: { maxMinutes, cost },
    });
  const limits = (dish: Dish) => compile(kitchenOf({}), 8, dish).problem.dishes?.[0];

  it('over what is good for it each minute costs four times as much, up to the two hours that are safe (USDA FSIS)', () => {
    expect(limits(dishAt(30, 1))).toMatchObject({ holdSoft: 30, overCost: 4, holdMax: 120 });
    expect(limits(dishAt(8, 3))).toMatchObject({ holdSoft: 8, overCost: 12, holdMax: 120 });
    expect(limits(dishAt(8, 0))?.overCost).toBe(4);
  });

  it('what keeps for longer is limited by that; what keeps for ever by nothing', () => {
    expect(limits(dishAt(180, 1))).toMatchObject({ holdMax: 180 });
    expect(limits(dishAt(180, 1))?.holdSoft).toBeUndefined();
    expect(limits(dishAt(null, 0))?.holdMax).toBeUndefined();
  });
});

describe('the kitchen of one evening', () => {
  const kitchen = kitchenOf({ cookers: [pot('big', 5.7), pot('small', 2.8)] });
  const with_ = (minutesBefore: number, cooker: string | null = null): Kitchen => {
    const meal = mealOf(10);
    const serveAt = Date.parse(meal.serveAt);
    return kitchenThere(
      {
        ...meal,
        entries: cooker ? [newEntry('e', 'd', { where: { cooker } })] : [],
        busy: [
          {
            unit: 'small',
            from: new Date(serveAt - minutesBefore * 60_000).toISOString(),
            to: meal.serveAt,
          },
        ],
      } as Meal,
      kitchen,
    );
  };

  it('a cooker that is taken for the five hours before the table is not there, for less it is', () => {
    expect(with_(300).cookers.map((c) => c.id)).toEqual(['big']);
    expect(with_(299)).toBe(kitchen);
  });

  it('one that a dish was given stays', () => {
    expect(with_(300, 'small')).toBe(kitchen);
  });
});

/** Sizes as cookers come with them (common practice). */
describe('inner pots by size', () => {
  it.each([
    [2.8, 190, 110],
    [5.7, 220, 155],
    [7.6, 240, 180],
    [9.5, 260, 195],
    [4.25, 205, 135],
  ])('%d l', (litres, diameterMm, heightMm) => {
    expect(usualPot(litres)).toEqual({ diameterMm, heightMm });
  });

  it('what is no number gives the usual pot', () => {
    expect(usualPot(NaN)).toEqual(usualPot(5.7));
  });
});

/** A grill is on or off and glows in about five minutes (common practice). */
describe('under the grill', () => {
  const grilled = (text: string, celsius = 250): Dish =>
    dishBy('toast', [{ food: 'bread', amount: 200, unit: 'g', role: 'main' }], {
      stages: [{ id: 'top', kind: 'crisp', text, uses: ['i0'], minutes: 6, celsius }],
    });
  const textOf = (compiled: CompiledMeal, id: string) =>
    compiled.meanings.find((m) => m.id === id)?.text;

  it('nobody is told degrees, and it is hot in minutes', () => {
    const compiled = compile(kitchenOf({}), 4, grilled('Brown under a hot grill'));
    expect(stepOf(compiled, 'toast.top.preheat').minutes).toBe(5);
    expect(textOf(compiled, 'toast.top.preheat')).toBe('Grill on, high');
    expect(textOf(compiled, 'toast.top.bake')).toBe('Under the grill');
  });

  it('a grill pan is no grill, and a crisp at 250 °C takes an oven that is heated', () => {
    for (const text of ['Crisp it', 'Crisp in the grill pan'])
      expect(stepOf(compile(kitchenOf({}), 4, grilled(text)), 'toast.top.preheat').minutes).toBe(
        15,
      );
  });

  it('while it glows nothing is baked, not even as hot', () => {
    const baked = dishBy('baked', [{ food: 'potatoes', amount: 500, unit: 'g', role: 'main' }], {
      stages: [{ id: 'bake', kind: 'oven', text: 'Bake', uses: ['i0'], minutes: 40, celsius: 250 }],
    });
    const apart = (text: string) =>
      compile(kitchenOf({}), 6, grilled(text), baked).problem.apart?.length;
    expect(apart('Brown under the grill')).toBe(1);
    expect(apart('Crisp it')).toBe(0);
  });
});

it('an oven that is taken is taken with all its shelves, a burner is one of several', () => {
  const baked = dishBy('baked', [{ food: 'potatoes', amount: 500, unit: 'g', role: 'main' }], {
    stages: [{ id: 'bake', kind: 'oven', text: 'Bake', uses: ['i0'], minutes: 40, celsius: 200 }],
  });
  const span = (unit: string) => ({
    unit,
    from: new Date(NOW + 2 * HOUR).toISOString(),
    to: new Date(NOW + 3 * HOUR).toISOString(),
  });
  const meal = { ...mealOf(6, baked), busy: [span('oven'), span('burner')] };
  const kitchen = kitchenOf({ oven: { shelves: 2, heatMinutes: 12 }, burners: 4 });
  const compiled = compileMeal(meal, new Map([['baked', baked]]), kitchen, NOW);
  const taken = (id: string) =>
    compiled.ok ? compiled.value.problem.units?.find((u) => u.id === id)?.busy?.length : null;
  expect(taken('oven')).toBe(2);
  expect(taken('burner')).toBe(1);
});

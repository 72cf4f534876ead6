import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import type { Dish } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, portionsOf, type Meal } from '../meal';
import { toRunSheet } from '../run';
import { solve } from '../solve';
import { toOrderMilp } from '../../../tests/support/order-milp';
import { verifySchedule } from '../../../tests/support/verify-schedule';
import { compileMeal } from './compile';
import { planOf } from './plan';
import { waysOut } from '../planner';
import { sayFinding } from '../words';
import type { Finding } from '../reason';
import { entryOf, type WrittenEntry } from '../../../tests/support/entries';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes: all } = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(all.map((d) => [d.id, d]));
const SERVE = Date.UTC(2026, 10, 27, 16, 30);

function meal(entries: WrittenEntry[], more: object = {}): Meal {
  return mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(SERVE).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: entries.map(entryOf),
    ...more,
  });
}
function plan(m: Meal, k = kitchen, d: ReadonlyMap<string, Dish> = dishes) {
  const compiled = compileMeal(m, d, k, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const schedule = solve(compiled.value.problem, { work: 3_000_000 });
  if (schedule.cost !== null)
    expect(
      verifySchedule(compiled.value.problem, {
        ...schedule,
        delay: schedule.delay ?? 0,
        cost: schedule.cost,
      }),
    ).toEqual([]);
  return { ...compiled.value, schedule };
}
const hour = (utc: number): string => new Date(Date.UTC(2026, 10, 27, utc)).toISOString();
const startOf = (p: ReturnType<typeof plan>, id: string): number =>
  p.schedule.steps.find((s) => s.id === id)?.start ?? Number.NaN;

describe('facts of an evening', () => {
  it('nothing for hands while the only cook is away; nothing in a pot that is taken', () => {
    const p = plan(
      meal([{ dishId: 'lamb-apricots' }], {
        away: [{ from: hour(15), to: hour(16) }],
        busy: [{ unit: 'large', from: hour(8), to: hour(16) }],
      }),
    );
    const minute = (h: number): number => (Date.UTC(2026, 10, 27, h) - SERVE) / 60_000;
    for (const m of p.meanings.filter((x) => x.isHands)) {
      const s = p.schedule.steps.find((x) => x.id === m.id);
      expect((s?.end ?? 0) <= minute(15) || (s?.start ?? 0) >= minute(16)).toBe(true);
    }
    for (const b of p.schedule.blocks)
      if (b.unit === 'large') expect(b.start).toBeGreaterThanOrEqual(minute(16));
  });

  it('a long soak begins on the evening before (common practice), a pinned step where it was put', () => {
    const soaked = plan(meal([{ dishId: 'white-beans-sage' }]));
    // 17 to 22 h in Athens on the 26th.
    const at = SERVE + startOf(soaked, 'white-beans-sage.soak') * 60_000;
    expect(at).toBeGreaterThanOrEqual(Date.UTC(2026, 10, 26, 15));
    expect(at).toBeLessThanOrEqual(Date.UTC(2026, 10, 26, 20));
    const pinned = plan(meal([{ dishId: 'lamb-apricots', pins: { 'cook.seal': -170 } }]));
    expect(startOf(pinned, 'lamb-apricots.cook.seal')).toBe(-170);
  });

  it('what is to be thawed comes out in time by its weight; too late, it goes into cold water (USDA FSIS, The Big Thaw)', () => {
    const lamb = dishes.get('lamb-apricots');
    if (!lamb) throw new Error('no lamb');
    const frozen = (amount: number, thaw: boolean): ReadonlyMap<string, Dish> =>
      new Map(dishes).set('lamb-apricots', {
        ...lamb,
        ingredients: lamb.ingredients.map((i) =>
          i.id === 'lamb' ? { ...i, amount, unit: 'kg' as const, frozen: true, thaw } : i,
        ),
      });
    const m = meal([{ dishId: 'lamb-apricots' }]);
    const thaw = 'lamb-apricots.cut.thaw-lamb';
    const timeOf = (p: ReturnType<typeof plan>): number[] => {
      const step = p.schedule.steps.find((s) => s.id === thaw);
      return step ? [step.start, step.end] : [];
    };
    // 1 kg: a day at least; taken out between 7 and 22 h of a day before.
    const [start = 0, end = 0] = timeOf(plan(m, kitchen, frozen(1, true)));
    expect(end - start).toBe(1440);
    const hour = new Date(SERVE + start * 60_000 + 2 * 3_600_000).getUTCHours();
    expect(hour).toBeGreaterThanOrEqual(7);
    expect(hour).toBeLessThanOrEqual(22);
    // 2.45 kg are 5.4 lb: a day for each 4.5 lb.
    const [from = 0, to = 0] = timeOf(plan(m, kitchen, frozen(2.45, true)));
    expect(to - from).toBe(Math.ceil((2450 / 453.592 / 4.5) * 1440));
    // For tonight there is no time for the fridge: 30 min in water for each pound.
    const tonight = { ...m, serveAt: new Date(NOW + 9 * 3_600_000).toISOString() };
    const late = plan(tonight, kitchen, frozen(1, true));
    const [a = 0, b = 0] = timeOf(late);
    expect(b - a).toBe(Math.ceil((1000 / 453.592) * 30));
    expect(late.notes.some((n) => n.code === 'thaw-too-late')).toBe(true);
    // Cooked from frozen, nothing is thawed.
    expect(timeOf(plan(m, kitchen, frozen(1, false)))).toEqual([]);
  });

  it('a marinade lies no longer than it may', () => {
    const stages: Dish['stages'] = [
      {
        id: 'lie',
        kind: 'soak',
        minutes: 60,
        maxMinutes: 240,
        text: 'Marinate the lamb',
        uses: ['lamb'],
      },
    ];
    const lamb = dishes.get('lamb-apricots');
    if (!lamb) throw new Error('no lamb');
    const own = new Map(dishes).set('lamb-apricots', {
      ...lamb,
      stages: [...stages, ...lamb.stages.slice(1)],
    });
    const p = plan(meal([{ dishId: 'lamb-apricots' }]), kitchen, own);
    const lie = p.schedule.steps.find((s) => s.id === 'lamb-apricots.lie');
    const waited = startOf(p, 'lamb-apricots.brown') - (lie?.end ?? 0);
    expect(waited).toBeGreaterThanOrEqual(0);
    expect(waited).toBeLessThanOrEqual(180);
  });

  it('an ice bath is made just in time, not an hour before (common practice)', () => {
    const beans = dishes.get('green-beans-almonds');
    if (!beans) throw new Error('no beans');
    const [trim, ...rest] = beans.stages;
    const ice = {
      id: 'ice',
      kind: 'prep' as const,
      text: 'Fill a bowl with ice water',
      minutes: 2,
      uses: [],
      after: [],
    };
    const gapWith = (justInTime: boolean): number => {
      const stages = [
        ...(trim ? [trim] : []),
        { ...ice, justInTime },
        ...rest.map((s) =>
          s.kind === 'finish' ? { ...s, after: ['ice', 'steam'] } : { ...s, after: ['trim'] },
        ),
      ];
      const own = new Map(dishes).set(beans.id, { ...beans, stages });
      // Somebody is away before the beans are done, so that early is the easier time for it.
      const away = [
        {
          from: new Date(SERVE - 22 * 60_000).toISOString(),
          to: new Date(SERVE - 3 * 60_000).toISOString(),
        },
      ];
      const p = plan(meal([{ dishId: beans.id }], { away, hands: 1 }), kitchen, own);
      const end = p.schedule.steps.find((s) => s.id === `${beans.id}.ice`)?.end ?? NaN;
      return startOf(p, `${beans.id}.toss`) - end;
    };
    expect(gapWith(true)).toBeLessThanOrEqual(10);
    expect(gapWith(false)).toBeGreaterThan(10);
  });

  it('the other release is the quick one where the dish allows it', () => {
    const usual = plan(meal([{ dishId: 'beef-cheek-stout' }]));
    const quick = plan(meal([{ dishId: 'beef-cheek-stout', otherRelease: true }]));
    expect(usual.meanings.some((m) => m.phase === 'vent')).toBe(false);
    expect(quick.meanings.some((m) => m.phase === 'vent')).toBe(true);
    expect(quick.schedule.cost).toBeLessThan(usual.schedule.cost ?? 0);
  });

  it('two dishes of a stack share one cycle; what can’t is told and planned apart', () => {
    const one = plan(
      meal(
        [{ dishId: 'mushroom-barley' }, { dishId: 'chickpeas-lemon', over: 'mushroom-barley' }],
        {
          servings: 2,
        },
      ),
    );
    expect(one.meanings.filter((m) => m.phase === 'hold')).toHaveLength(1);
    const apart = plan(
      meal([
        { dishId: 'lentil-squash-soup' },
        { dishId: 'hake-fennel', over: 'lentil-squash-soup' },
      ]),
    );
    expect(apart.meanings.filter((m) => m.phase === 'hold')).toHaveLength(2);
    expect(apart.notes.some((n) => n.code === 'stack-refused')).toBe(true);
  });

  it('a portion kept back is kept warm for as long as the dish keeps, and not a minute longer', () => {
    const keeps = dishes.get('lamb-apricots')?.wait.maxMinutes ?? 0;
    const said = (later: number): Finding[] => {
      const kept = meal([{ dishId: 'lamb-apricots', keep: { portions: 1, later } }]);
      const compiled = compileMeal(kept, dishes, kitchen, NOW);
      return compiled.ok ? compiled.value.notes : [];
    };
    expect(said(keeps).map((n) => n.code)).toContain('kept-warm');
    expect(said(keeps + 1)).toContainEqual(
      expect.objectContaining({
        code: 'kept-too-long',
        values: expect.objectContaining({ keeps: 180 }),
      }),
    );
  });

  it('two who each have a dish: their work never overlaps, and each keeps their own pace', () => {
    const two = {
      ...kitchen,
      hands: 2,
      cooks: [
        { id: 'ada', name: 'Ada', pace: 1 },
        { id: 'tom', name: 'Tom', pace: 2 },
      ],
    };
    const p = plan(
      meal([
        { dishId: 'lamb-apricots', cook: 'tom' },
        { dishId: 'red-cabbage', cook: 'tom' },
      ]),
      two,
    );
    const busy = p.schedule.steps
      .filter((s) => p.meanings.some((m) => m.id === s.id && m.isHands) && s.end > s.start)
      .sort((a, b) => a.start - b.start);
    busy.forEach((s, i) => expect(s.start).toBeGreaterThanOrEqual(busy[i - 1]?.end ?? -9999));
    const own = p.problem.steps.find(
      (s) => s.id.startsWith('lamb-apricots') && s.uses?.['cook:tom'],
    );
    expect(own).toBeDefined();
  });
});

describe('who eats', () => {
  it('appetites make the portions', () => {
    const eater = (appetite: number) => ({
      id: 'x',
      name: 'X',
      appetite,
      diets: [],
      allergens: [],
    });
    expect(portionsOf([])).toBeNull();
    expect(portionsOf([eater(1), eater(1.5), eater(0.5)])).toBe(3);
    expect(portionsOf([eater(0.5)])).toBe(1);
  });

  it('what somebody can’t eat is flagged, with the portion that can be kept apart', () => {
    const p = plan(
      meal([{ dishId: 'lamb-apricots' }, { dishId: 'red-cabbage' }], {
        eaters: [
          { id: 'a', name: 'Ada', appetite: 1, diets: ['vegetarian'] },
          { id: 't', name: 'Tomas', appetite: 1, allergens: ['nuts'] },
        ],
      }),
    );
    const said = p.notes.map((n) => Object.values(sayFinding(n, { system: 'metric' })).join(' '));
    expect(said.some((s) => /Ada can’t eat Lamb.*lamb shoulder/.test(s))).toBe(true);
    // The almonds come last: a portion can be taken out before.
    expect(said.some((s) => /Tomas can’t eat Lamb.*Keep a portion apart/.test(s))).toBe(true);
    expect(said.some((s) => s.includes('Braised red cabbage: '))).toBe(false);
  });
});

describe('fixes', () => {
  it('each is a meal that can be compiled; what is over the line is offered in runs', () => {
    const m = meal([{ dishId: 'lamb-apricots' }, { dishId: 'beef-cheek-stout' }], { servings: 20 });
    const p = plan(m);
    expect(p.notes.some((n) => n.severity === 'stop')).toBe(true);
    const ways = waysOut(m, dishes, kitchen, p);
    expect(new Set(ways.map((w) => w.id)).size).toBe(ways.length);
    expect(ways.map((w) => w.text).join()).toMatch(/even runs/);
    expect(ways.map((w) => w.text).join()).toMatch(/quick release instead/);
    for (const way of ways) expect(compileMeal(way.meal, dishes, kitchen, NOW).ok).toBe(true);
    const runs = ways.find((w) => w.id.endsWith('.runs'));
    expect(plan(runs?.meal ?? m).notes.filter((n) => n.severity === 'stop').length).toBeLessThan(
      p.notes.filter((n) => n.severity === 'stop').length,
    );
  });
});

/** The general solver knows nothing of the engine: a model with an order for each pair, by HiGHS. */
describe('evenings against a general solver', () => {
  const only = (id: string) => ({
    ...kitchen,
    circuits: [],
    cookers: kitchen.cookers.filter((c) => c.id === id),
  });
  const whole = { ...kitchen, circuits: [] };
  type Evening = [string, typeof kitchen, Parameters<typeof meal>[0], Parameters<typeof meal>[1]];
  const evenings: Evening[] = [
    [
      'a weeknight with one cooker',
      only('middle'),
      [{ dishId: 'saffron-bulgur' }, { dishId: 'red-cabbage' }, { dishId: 'warm-flatbread' }],
      { servings: 6 },
    ],
    [
      'a party of twelve from one cooker with stove and oven',
      only('large'),
      [
        { dishId: 'lamb-apricots', servings: 6 },
        { id: 'second', dishId: 'lamb-apricots', servings: 6 },
        { dishId: 'warm-flatbread' },
      ],
      { servings: 12 },
    ],
    [
      'two courses for two',
      whole,
      [{ dishId: 'lentil-squash-soup' }, { dishId: 'hake-fennel', later: 30 }],
      { servings: 2 },
    ],
    [
      'a brunch in stacks',
      whole,
      [{ dishId: 'mushroom-barley' }, { dishId: 'chickpeas-lemon', over: 'mushroom-barley' }],
      { servings: 4 },
    ],
    [
      'a supper with a by-product',
      whole,
      [{ dishId: 'chickpeas-lemon' }, { dishId: 'saffron-bulgur' }, { dishId: 'beetroot-dill' }],
      { servings: 4 },
    ],
  ];
  /** The other solver needs a quarter of a minute for it. */
  const long: Evening = [
    'a supper for eight on three cookers',
    whole,
    [
      { dishId: 'lamb-apricots' },
      { dishId: 'chickpeas-lemon' },
      { dishId: 'saffron-bulgur' },
      { dishId: 'beetroot-dill' },
    ],
    { servings: 8, hands: 2 },
  ];
  it.each(process.env.SOAK ? [...evenings, long] : evenings)(
    '%s: the proved optimum is the other solver’s',
    async (_name, k, entries, more) => {
      const p = plan(meal(entries, more), k);
      expect(p.schedule.status).toBe('optimal');
      const highs = await loadHighs();
      const { resources: _, ...problem } = p.problem;
      const result = highs.solve(toOrderMilp(problem, p.schedule.delay ?? 0), { time_limit: 60 });
      expect(result.Status).toBe('Optimal');
      expect(Math.round(result.ObjectiveValue)).toBe(p.schedule.cost);
    },
    120_000,
  );
});

describe('nights and clocks', () => {
  it('a meal over midnight, and in the night the clocks change, is planned to the minute', () => {
    // 25 October 2026, 04:00 becomes 03:00 in Athens.
    const serveAt = Date.UTC(2026, 9, 25, 1, 30);
    const m = { ...meal([{ dishId: 'lamb-apricots' }]), serveAt: new Date(serveAt).toISOString() };
    const compiled = compileMeal(m, dishes, kitchen, serveAt - 12 * 3_600_000);
    if (!compiled.ok) throw new Error('not compiled');
    const schedule = solve(compiled.value.problem);
    expect(schedule.delay).toBe(0);
    const sheet = toRunSheet(planOf(compiled.value, schedule), kitchen, serveAt);
    const instants = sheet.map((l) => serveAt + l.at * 60_000);
    expect(instants).toEqual([...instants].sort((a, b) => a - b));
  });

  it('thirty dishes are answered with a plan or with what is in the way', () => {
    const ids = [...dishes.keys()];
    const many = Array.from({ length: 30 }, (_, i) => ({
      id: `e${i}`,
      dishId: ids[i % ids.length] ?? '',
    }));
    const compiled = compileMeal(meal(many), dishes, kitchen, NOW);
    if (!compiled.ok) throw new Error('not compiled');
    const schedule = solve(compiled.value.problem, { work: 1_500_000 });
    expect(['optimal', 'feasible', 'unknown', 'impossible']).toContain(schedule.status);
    if (schedule.cost !== null) expect(schedule.bound).toBeLessThanOrEqual(schedule.cost);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { comeUp, defaultParameters } from '../cooker';
import { householdSchema } from '../exchange';
import { basisOf, paceFor } from '../kitchen';
import { one, seen } from '../../../tests/support/observations';
import {
  learn,
  priorFor,
  suggestChanges,
  verdictSchema,
  withLearned,
  type Figure,
  type Observation,
} from './index';

const { kitchen, dishes } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
describe('figures from evenings', () => {
  it('one evening teaches nothing, whatever it saw; few move it little, many bring it to what was seen', () => {
    expect(learn([seen(0.2), seen(0.2)], one)).toEqual([]);
    const after = (n: number): number =>
      Math.log(
        learn(
          Array.from({ length: n }, (_, i) => seen(0.2, i)),
          one,
        )[0]?.now ?? 1,
      );
    expect(after(2)).toBeGreaterThan(0.1);
    expect(after(2)).toBeLessThan(0.2);
    // A tap at the end comes a little late: what was seen is a little better than it looked.
    expect(after(40)).toBeGreaterThanOrEqual(0.2);
    expect(after(40)).toBeLessThan(0.24);
  });

  it('two cycles of one evening are less than two evenings', () => {
    const after = (evenings: readonly number[]): number =>
      Math.log(
        learn(
          evenings.map((e) => ({ ...seen(0.3, e, 'pace.all.prep'), planned: 60 })),
          one,
        )[0]?.now ?? Number.NaN,
      );
    expect(after([1, 1, 2, 2])).toBeLessThan(after([1, 2, 3, 4]) - 0.005);
    expect(after([1, 1, 2, 2])).toBeGreaterThan(after([1, 2]) + 0.005);
  });

  it('of evenings of years only the latest 400 count, and what they say is hardly another', () => {
    const years = Array.from({ length: 401 }, (_, i) => seen(0.2 + 0.01 * (i % 3), i));
    const [now] = learn(years, one);
    expect(now?.evidence).toHaveLength(400);
    expect(now).toEqual(learn(years.slice(1), one)[0]);
    // The one that no longer counts could have said what it liked.
    const [other] = learn([seen(0.6, 0), ...years.slice(1)], one);
    expect(other?.now).toBe(now?.now);
  });

  it('an outlier hardly moves it, and says so by its weight', () => {
    const good = Array.from({ length: 6 }, (_, i) => seen(0.1 + 0.01 * (i % 3), i));
    const without = learn(good, one)[0];
    const withIt = learn([...good, seen(-0.9, 9)], one)[0];
    expect(Math.abs((withIt?.now ?? 0) - (without?.now ?? 1))).toBeLessThan(0.05);
    expect(withIt?.evidence.at(-1)?.weight).toBeLessThan(0.15);
    expect(withIt?.evidence[0]?.weight).toBeGreaterThan(0.7);
    expect(withIt?.change).toBeUndefined();
  });

  it('law: near the prior and what was seen, and the same in any order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.5, max: 0.5, noNaN: true }), { minLength: 2, maxLength: 12 }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (logs, prior) => {
          const all = logs.map((log, i) => seen(log, i));
          const figure = learn(all, () => prior)[0];
          const mean = Math.log(figure?.now ?? Number.NaN);
          const ends = [...logs, Math.log(prior)];
          // Late taps of a minute in ten are within what the terms beside it may take.
          expect(mean).toBeGreaterThanOrEqual(Math.min(...ends) - 0.1);
          expect(mean).toBeLessThanOrEqual(Math.max(...ends) + 0.1);
          expect(learn([...all].reverse(), () => prior)[0]?.now).toBeCloseTo(figure?.now ?? 0, 4);
          expect(figure?.sd).toBeGreaterThan(0);
        },
      ),
      { numRuns: 200, seed: 11 },
    );
  });

  it('a household whose cycles scatter is believed less, and foretold less closely', () => {
    const of = (scatter: number): Figure | undefined =>
      learn(
        Array.from({ length: 16 }, (_, i) => seen(0.1 + (i % 2 ? scatter : -scatter), i)),
        one,
      )[0];
    const [steady, wild] = [of(0.02), of(0.25)];
    expect(wild?.own).toBeGreaterThan(1.5 * (steady?.own ?? Infinity));
    expect(wild?.sd).toBeGreaterThan(steady?.sd ?? Infinity);
  });

  it('set back, a figure is learned from later evenings only', () => {
    const all = [seen(0.3, 1), seen(0.3, 2), seen(-0.1, 10), seen(-0.1, 11)];
    const fresh = learn(all, one, { 'power.large': 5 })[0];
    expect(fresh?.evidence).toHaveLength(2);
    expect(fresh?.now).toBeLessThan(1);
    expect(learn(all.slice(0, 2), one, { 'power.large': 5 })).toEqual([]);
  });
});

describe('what was learned, in plans', () => {
  const [large] = kitchen.cookers;
  if (!large) throw new Error('no cooker');
  const usual = defaultParameters(large);
  const weak = Array.from({ length: 8 }, (_, i) =>
    seen(Math.log(usual.efficiency * 0.85), i, `power.${large.id}`),
  );

  it('a weak cooker comes up later, with the spread that is left instead of the model’s own', () => {
    const learned = withLearned(kitchen, learn(weak, priorFor(kitchen)));
    const heat = learned.cookers[0]?.heat;
    expect(heat?.efficiency).toBeLessThan(usual.efficiency * 0.9);
    expect(heat?.evenings).toBe(8);
    const input = {
      cooker: large,
      level: 'high' as const,
      altitudeM: 0,
      contents: [{ food: 'water', grams: 2000, celsius: 15 }],
    };
    const before = comeUp(input, usual);
    const after = comeUp(input, { ...usual, ...heat });
    if (!before.ok || !after.ok) throw new Error('no way up');
    expect(after.value.minutes).toBeGreaterThan(before.value.minutes);
    expect(after.value.p90 / after.value.minutes).toBeLessThan(
      before.value.p90 / before.value.minutes,
    );
    expect(basisOf(learned).heats[large.id]?.efficiency).toBe(heat?.efficiency);
  });

  it('hands that are slower at cutting only are slower at cutting only', () => {
    const slow = Array.from({ length: 10 }, (_, i) => seen(Math.log(1.4), i, 'pace.all.prep'));
    const learned = withLearned(kitchen, learn(slow, priorFor(kitchen)));
    expect(paceFor(learned, 'all', 'prep')).toBeGreaterThan(1.25);
    expect(paceFor(learned, 'all', 'finish')).toBe(1);
    expect(paceFor(learned, 'all', 'brown')).toBe(paceFor(kitchen, 'all', 'brown'));
  });
});

describe('suggestions for next time', () => {
  const dish = dishes.find((d) => d.id === 'beef-cheek-stout');
  if (!dish) throw new Error('no dish');
  const verdict = (more: object) => verdictSchema.parse(more);

  it('too firm is held longer, too soft shorter; what is right is left alone', () => {
    const hold = (tenderness: string | null): number | undefined => {
      const [first] = suggestChanges(dish, [verdict({ tenderness })], []);
      const cycle = first?.dish.stages.find((s) => s.kind === 'pressure');
      return cycle?.kind === 'pressure' ? cycle.holdMinutes : undefined;
    };
    expect(hold('too firm')).toBe(58);
    expect(hold('too soft')).toBe(42);
    expect(hold('right')).toBeUndefined();
    expect(suggestChanges(dish, [], [])).toEqual([]);
  });

  it('salt and liquid follow what was said, and twice said is told', () => {
    const said = verdict({ salt: 'too much' });
    const [salt] = suggestChanges(dish, [said, said], []);
    expect(salt?.because).toContain('more than once');
    const amount = (d: typeof dish): number =>
      d.ingredients.find((i) => i.food.includes('salt'))?.amount ?? 0;
    expect(amount(salt?.dish ?? dish)).toBeCloseTo(amount(dish) * 0.8, 2);
  });

  it('opened and not done on some evenings: a longer hold is offered, from its own figure', () => {
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    const id = `hold.${dish.id}/${cycle?.id}`;
    const held = (minutes: number, stood: boolean, at: number): Observation => ({
      ...seen(Math.log(minutes / 50), at, id),
      kind: 'hold',
      stood,
    });
    const figures = learn(
      [60, 60, 58].flatMap((m, at) => [held(50, false, at), held(m, true, at)]),
      one,
    );
    const [longer] = suggestChanges(dish, [], figures);
    expect(longer?.figure).toBe(id);
    const changed = longer?.dish.stages.find((s) => s.id === cycle?.id);
    expect(changed?.kind === 'pressure' && changed.holdMinutes).toBeGreaterThan(52);
    // Where it was always enough, nothing is offered.
    expect(
      suggestChanges(
        dish,
        [],
        learn(
          [0, 1, 2].map((at) => held(50, true, at)),
          one,
        ),
      ),
    ).toEqual([]);
  });

  it('a stage that takes longer at this stove gets its minutes', () => {
    const stage = dish.stages.find((s) => s.kind === 'loosen');
    const id = `stage.${dish.id}/${stage?.id}`;
    const figures = learn(
      Array.from({ length: 6 }, (_, i) => seen(Math.log(1.6), i, id)),
      one,
    );
    const [longer] = suggestChanges(dish, [], figures);
    expect(longer?.text).toMatch(/min, not/);
    const changed = longer?.dish.stages.find((s) => s.id === stage?.id);
    expect(changed?.kind === 'loosen' && changed.minutes).toBeGreaterThan(
      stage?.kind === 'loosen' ? stage.minutes : Infinity,
    );
  });
});

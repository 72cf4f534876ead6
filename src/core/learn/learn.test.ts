import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { playHousehold, summarise } from '../../../tests/support/households';
import { demoHousehold } from '../../demo/household';
import { comeUp, defaultParameters } from '../cooker';
import { householdSchema } from '../exchange';
import { basisOf, paceFor } from '../kitchen';
import {
  learn,
  priorFor,
  suggestChanges,
  verdictSchema,
  withLearned,
  type Observation,
} from './index';

const { kitchen, dishes } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
const seen = (log: number, at = 0, figure = 'power.large'): Observation => ({
  figure,
  kind: figure.startsWith('stage') ? 'stage' : figure.startsWith('pace') ? 'pace' : 'power',
  about: 'Large',
  evening: String(at),
  eveningName: `Evening ${at}`,
  at,
  planned: 10,
  real: 12,
  log,
});
const one = () => 1;

describe('figures from evenings', () => {
  it('one evening teaches nothing, few move it little, many bring it to what was seen', () => {
    expect(learn([seen(0.2)], one)).toEqual([]);
    const after = (n: number): number =>
      Math.log(
        learn(
          Array.from({ length: n }, (_, i) => seen(0.2, i)),
          one,
        )[0]?.now ?? 1,
      );
    expect(after(2)).toBeGreaterThan(0.1);
    expect(after(2)).toBeLessThan(0.2);
    expect(after(40)).toBeCloseTo(0.2, 2);
  });

  it('an outlier hardly moves it, and says so by its weight', () => {
    const good = Array.from({ length: 6 }, (_, i) => seen(0.1 + 0.01 * (i % 3), i));
    const without = learn(good, one)[0];
    const withIt = learn([...good, seen(-0.9, 9)], one)[0];
    expect(Math.abs((withIt?.now ?? 0) - (without?.now ?? 1))).toBeLessThan(0.02);
    expect(withIt?.evidence.at(-1)?.weight).toBeLessThan(0.1);
    expect(withIt?.evidence[0]?.weight).toBeGreaterThan(0.7);
  });

  it('law: between the prior and what was seen, surer with every evening, the same in any order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.5, max: 0.5, noNaN: true }), { minLength: 2, maxLength: 12 }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (logs, prior) => {
          const all = logs.map((log, i) => seen(log, i));
          const figure = learn(all, () => prior)[0];
          const mean = Math.log(figure?.now ?? Number.NaN);
          const ends = [...logs, Math.log(prior)];
          expect(mean).toBeGreaterThanOrEqual(Math.min(...ends) - 1e-9);
          expect(mean).toBeLessThanOrEqual(Math.max(...ends) + 1e-9);
          expect(learn([...all].reverse(), () => prior)[0]?.now).toBeCloseTo(figure?.now ?? 0, 4);
          const twice = learn([...all, ...all], () => prior)[0];
          expect(twice?.sd).toBeLessThan(figure?.sd ?? 0);
        },
      ),
      { numRuns: 200, seed: 11 },
    );
  });

  it('set back, a figure is learned from later evenings only', () => {
    const all = [seen(0.3, 1), seen(0.3, 2), seen(-0.1, 10), seen(-0.1, 11)];
    const fresh = learn(all, one, { 'power.large': 5 })[0];
    expect(fresh?.evidence).toHaveLength(2);
    expect(fresh?.now).toBeLessThan(1);
    expect(learn(all.slice(0, 2), one, { 'power.large': 5 })).toEqual([]);
  });

  it('hidden households: after five evenings the error of the way up is a third, and worse for few', () => {
    const results = Array.from({ length: 60 }, (_, i) => playHousehold(kitchen, i * 31 + 5, 5));
    const { ratio, notWorse } = summarise(results);
    expect(ratio).toBeLessThanOrEqual(1 / 3);
    expect(notWorse).toBeGreaterThanOrEqual(0.95);
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
    const seenHolds = (logs: number[]): Observation[] =>
      logs.map((log, i) => ({ ...seen(log, i, id), kind: 'hold' as const }));
    const figures = learn(
      seenHolds([Math.log(60 / 50), Math.log(60 / 50), Math.log(58 / 50)]),
      one,
    );
    const [longer] = suggestChanges(dish, [], figures);
    expect(longer?.figure).toBe(id);
    const changed = longer?.dish.stages.find((s) => s.id === cycle?.id);
    expect(changed?.kind === 'pressure' && changed.holdMinutes).toBeGreaterThan(52);
    // Where it was always enough, nothing is offered.
    expect(suggestChanges(dish, [], learn(seenHolds([0, 0, 0]), one))).toEqual([]);
  });

  it('a stage that takes longer at this stove gets its minutes', () => {
    const stage = dish.stages.find((s) => s.kind === 'brown');
    const id = `stage.${dish.id}/${stage?.id}`;
    const figures = learn(
      Array.from({ length: 6 }, (_, i) => seen(Math.log(1.6), i, id)),
      one,
    );
    const [longer] = suggestChanges(dish, [], figures);
    expect(longer?.text).toMatch(/min, not/);
    const changed = longer?.dish.stages.find((s) => s.id === stage?.id);
    expect(changed?.kind === 'brown' && changed.minutes).toBeGreaterThan(
      stage?.kind === 'brown' ? stage.minutes : Infinity,
    );
  });
});

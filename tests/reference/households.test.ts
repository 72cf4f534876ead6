import { describe, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { planFor } from '$core/solve';
import { demoHousehold } from '../../src/demo/household';
import { judge, type Judged } from '../support/judge-learning';
import { demoStarts } from '../support/demo-evenings';
import { noLearning, ours } from '../support/learners';
import { onTimeInTruth } from '../support/true-evenings';
import type { Habits } from '../support/true-households';

const { kitchen } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));

/**
 * Households with pots, taps and habits of their own, whose physics share nothing with the model's
 * (tests/support/true-pots.ts). The whole of it is `npm run learning`; docs/learning.md has its figures.
 */
describe('hidden households', () => {
  const judged = new Map<string, Judged>();
  /** Each question once: several tests want its answer. */
  const ask = (
    kind: 'up' | 'release',
    evenings: number,
    habits: Habits = { missing: 0 },
  ): Judged => {
    const key = JSON.stringify([kind, evenings, habits]);
    const answer =
      judged.get(key) ??
      judge(kitchen, () => ours(kitchen), noLearning, { households: 24, evenings, habits, kind });
    judged.set(key, answer);
    return answer;
  };

  it('before any evening, nine of ten lie inside what is foretold', () => {
    for (const kind of ['up', 'release'] as const) {
      const { inside, underP90 } = ask(kind, 0);
      expect(inside, kind).toBeGreaterThan(0.83);
      expect(underP90, kind).toBeGreaterThan(0.83);
    }
  });

  it('five evenings halve the error, and intervals still hold what they say', () => {
    const [before, after] = [ask('up', 0), ask('up', 5)];
    expect(after.median).toBeLessThan(0.6 * before.median);
    expect(after.inside).toBeGreaterThan(0.84);
    const fall = ask('release', 5);
    expect(fall.median).toBeLessThan(0.6 * ask('release', 0).median);
    expect(fall.inside).toBeGreaterThan(0.8);
  });

  it('an element that gives a fifth less is followed within five evenings', () => {
    const weaker = { evening: 12, share: 0.2 };
    expect(ask('up', 17, { missing: 0, weaker }).median).toBeLessThan(0.1);
  });
});

describe('“sure” in households that the plan knows nothing of', () => {
  // Two here; every meal of the demo in `npm run soak`.
  it.each(
    demoStarts()
      .slice(0, process.env.SOAK ? undefined : 2)
      .map((e) => [e.name, e] as const),
  )('%s is on time in about 19 of 20', (_, { compiled, schedule }) => {
    const plan = planFor(compiled.problem, { ...schedule, milliseconds: 0 }, 0.95);
    const truth = onTimeInTruth(compiled, plan.schedule, kitchen, 400);
    expect(truth).toBeGreaterThanOrEqual(0.89);
  });

  it('without what an evening has in common it would not be', () => {
    const [supper] = demoStarts();
    if (!supper) throw new Error('no supper');
    const { compiled, schedule } = supper;
    const apart = {
      ...compiled.problem,
      steps: compiled.problem.steps.map(({ common: _, ...step }) => step),
    };
    const believed = planFor(apart, { ...schedule, milliseconds: 0 }, 0.95);
    const together = planFor(compiled.problem, { ...schedule, milliseconds: 0 }, 0.95);
    const truth = (plan: typeof believed): number =>
      onTimeInTruth(compiled, plan.schedule, kitchen, 400);
    expect(truth(believed)).toBeLessThan(truth(together));
  });
});

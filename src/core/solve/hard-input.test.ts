import { describe, expect, it } from 'vitest';
import { parseProblem, simulate, solve, type Problem } from './index';

const WORK = { work: 2_000_000 };
function problem(parts: Partial<Problem>): Problem {
  const parsed = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -60,
    hands: 1,
    steps: [],
    ...parts,
  });
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
}

describe('input that is hard on an engine gets an answer, never a hang', () => {
  it('nothing at all', () => {
    expect(solve(problem({}), WORK)).toMatchObject({ status: 'optimal', delay: 0, cost: 0 });
  });

  it('steps that take no time', () => {
    const steps = Array.from({ length: 20 }, (_, i) => ({ id: `s${i}`, minutes: 0, hands: 1 }));
    const links = steps.slice(1).map((s, i) => ({ from: `s${i}`, to: s.id }));
    expect(
      solve(problem({ steps, links, dishes: [{ id: 'd', ready: 's19' }] }), WORK),
    ).toMatchObject({ status: 'optimal', cost: 0 });
  });

  it('no dishes, and no hands where hands are needed', () => {
    expect(solve(problem({ steps: [{ id: 'a', minutes: 5, hands: 1 }] }), WORK)).toMatchObject({
      status: 'optimal',
      cost: 5,
    });
    const handless = solve(problem({ hands: 0, steps: [{ id: 'a', minutes: 5, hands: 1 }] }), WORK);
    expect(handless).toMatchObject({ status: 'impossible', conflict: ['a'] });
  });

  it('twelve jobs for one cook, far too late for their moment: a plan all the same', () => {
    // At least 12 × 4 min from minute −20 on; that this is the least takes longer to prove.
    const steps = Array.from({ length: 12 }, (_, i) => ({ id: `s${i}`, minutes: 4, hands: 1 }));
    const dishes = steps.map((s, i) => ({ id: `d${i}`, ready: s.id, holdCost: 0 }));
    const told = solve(problem({ earliest: -20, steps, dishes }), { work: 400_000 });
    expect(told.status).not.toBe('unknown');
    expect(told.delay).toBeGreaterThanOrEqual(28);
    expect(told.delay).toBeLessThan(60);
  });

  it('waiting over its soft limit costs more from the next minute on', () => {
    const steps = [
      { id: 'a', minutes: 5, by: -10 },
      { id: 'b', minutes: 5, from: -5 },
    ];
    const costs = (holdSoft: number): number | null =>
      solve(
        problem({
          steps,
          spanCost: 0,
          dishes: [
            { id: 'd', ready: 'a', holdCost: 0, holdSoft, overCost: 3 },
            { id: 'e', ready: 'b', holdCost: 0 },
          ],
        }),
        WORK,
      ).cost;
    expect(costs(10)).toBe(0);
    expect(costs(9)).toBe(3);
    const lag = (soft: number): number | null =>
      solve(
        problem({ steps, spanCost: 0, links: [{ from: 'a', to: 'b', soft, overCost: 2 }] }),
        WORK,
      ).cost;
    expect(lag(5)).toBe(0);
    expect(lag(4)).toBe(2);
  });

  it('a thousand steps in a chain', () => {
    const steps = Array.from({ length: 1000 }, (_, i) => ({ id: `s${i}`, minutes: 3 }));
    const links = steps.slice(1).map((s, i) => ({ from: `s${i}`, to: s.id }));
    const answer = solve(
      problem({ earliest: -5000, steps, links, dishes: [{ id: 'd', ready: 's999' }] }),
      WORK,
    );
    expect(answer).toMatchObject({ status: 'optimal', delay: 0, cost: 3000 });
  });

  it('a thousand million minutes', () => {
    const steps = [
      { id: 'a', minutes: 1_000_000_000 },
      { id: 'b', minutes: 1_000_000_000 },
    ];
    const answer = solve(
      problem({ steps, links: [{ from: 'a', to: 'b' }], dishes: [{ id: 'd', ready: 'b' }] }),
      WORK,
    );
    expect(answer).toMatchObject({ status: 'optimal', delay: 1_999_999_940, cost: 2_000_000_000 });
  });

  it('links that push each other later for ever, by a minute at a time', () => {
    const steps = ['a', 'b', 'c'].map((id) => ({ id, minutes: 1 }));
    const links = [
      { from: 'a', to: 'b', min: -1 },
      { from: 'b', to: 'c', min: -1 },
      { from: 'c', to: 'a', min: 0 },
    ];
    const answer = solve(problem({ steps, links }), WORK);
    expect(answer.status).toBe('impossible');
    expect(new Set(answer.conflict)).toEqual(new Set(['a', 'b', 'c', 'a>b', 'b>c', 'c>a']));
  });

  it('lags that overlap in a circle but fit', () => {
    const steps = ['a', 'b'].map((id) => ({ id, minutes: 5 }));
    const links = [
      { from: 'a', to: 'b', min: -5, max: -3 },
      { from: 'b', to: 'a', min: -9 },
    ];
    expect(solve(problem({ steps, links }), WORK).status).toBe('optimal');
  });
});

/**
 * A chain of log-normals against its exact distribution: P(X + Y ≤ c) by the trapezoid rule over
 * the quantiles of X, with the normal distribution function after Abramowitz and Stegun 7.1.26.
 */
describe('the simulation against a closed form', () => {
  const Z90 = 1.2815515655446004;
  const cdf = (z: number): number => {
    const t = 1 / (1 + (0.3275911 * Math.abs(z)) / Math.SQRT2);
    const poly =
      t *
      (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
    const half = 1 - poly * Math.exp((-z * z) / 2);
    return z >= 0 ? (1 + half) / 2 : (1 - half) / 2;
  };

  it.each([4, 8, 12])('two steps in a row with %i min of slack', (slack) => {
    const p = problem({
      steps: [
        { id: 'x', minutes: 15, p90: 20 },
        { id: 'y', minutes: 10, p90: 16 },
      ],
      links: [{ from: 'x', to: 'y' }],
      dishes: [{ id: 'd', ready: 'y' }],
    });
    const tight = solve(p, WORK);
    // Both start so much earlier that exactly `slack` is left; y waits for x alone.
    const early = {
      ...tight,
      steps: tight.steps.map((s) => ({
        ...s,
        start: s.start - slack - (s.id === 'y' ? 15 : 0),
        end: s.end - slack,
      })),
    };
    const spread = (median: number, p90: number): number => Math.log(p90 / median) / Z90;
    let exact = 0;
    const n = 20_000;
    for (let i = 0; i < n; i++) {
      const z = -6 + (12 * (i + 0.5)) / n;
      const x = 15 * Math.exp(spread(15, 20) * z);
      const left = 25 + slack - x;
      if (left <= 0) continue;
      const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
      exact += density * cdf(Math.log(left / 10) / spread(10, 16)) * (12 / n);
    }
    const runs = 20_000;
    const error = 3 * Math.sqrt((exact * (1 - exact)) / runs);
    expect(Math.abs(simulate(p, early, runs, 5).onTime - exact)).toBeLessThan(error + 1e-4);
  });
});

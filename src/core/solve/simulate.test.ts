import { describe, expect, it } from 'vitest';
import { parseProblem, simulate, solve, type Problem } from './index';
import { normalQuantile } from './random';

function problem(p90: number, earliest = -60): Problem {
  const parsed = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest,
    hands: 1,
    steps: [
      { id: 'cut', minutes: 10, p90: 10, hands: 1 },
      { id: 'heat', minutes: 14, p90 },
    ],
    links: [{ from: 'cut', to: 'heat', max: 0 }],
    dishes: [{ id: 'd', ready: 'heat' }],
  });
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
}

describe('playing a schedule', () => {
  it('is certain where nothing can vary', () => {
    const p = problem(14);
    expect(simulate(p, solve(p), 200)).toMatchObject({ onTime: 1, decides: [], brokenLinks: 0 });
  });

  it('a plan without slack is on time half the evenings, by the definition of a median', () => {
    const p = problem(18);
    const played = simulate(p, solve(p), 4000);
    // 4000 runs: three standard errors are 0.024.
    expect(Math.abs(played.onTime - 0.5)).toBeLessThan(0.024);
    expect(played.decides[0]).toMatchObject({ step: 'heat', share: 1 });
    // The dish is ready a 90th percentile of 18 after the 10 of cutting: at 18 − 14 = 4.
    expect(played.dishes[0]?.p90).toBeCloseTo(4, 0);
  });

  it('the same seed gives the same evenings', () => {
    const p = problem(18);
    expect(simulate(p, solve(p), 300, 7)).toEqual(simulate(p, solve(p), 300, 7));
  });

  /** Standard normal table: 1.2816 at 0.9, 1.6449 at 0.95, 2.3263 at 0.99. */
  it.each([
    [0.5, 0],
    [0.9, 1.281552],
    [0.95, 1.644854],
    [0.01, -2.326348],
  ])('the normal quantile at %f is %f', (p, z) => {
    expect(normalQuantile(p)).toBeCloseTo(z, 5);
  });
});

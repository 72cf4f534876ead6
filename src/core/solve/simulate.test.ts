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

it('a stay of no length holds nothing, and waits for nothing that takes its unit', () => {
  const read = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -4,
    hands: 1,
    spanCost: 0,
    units: [{ id: 'u', busy: [{ from: -4, to: -2 }] }],
    blocks: [{ id: 'b', units: ['u'] }],
    steps: [{ id: 's', minutes: { u: 0 }, block: 'b', by: -3 }],
    dishes: [{ id: 'd', ready: 's', holdCost: 0 }],
  });
  if (!read.ok) throw new Error(read.message);
  const schedule = solve(read.problem);
  const [dish] = simulate(read.problem, schedule, 5).dishes;
  expect(dish?.p90).toBe(schedule.dishes[0]?.ready);
});

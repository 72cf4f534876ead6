import { execFileSync } from 'node:child_process';
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { parseProblem, solve, type Problem } from '$core/solve';
import { toMilp } from '../support/milp';
import { toOrderMilp } from '../support/order-milp';
import { smallProblem } from '../support/random-problem';

const RUNS = process.env.SOAK ? 1500 : 60;
const DELAYS = 12;
const LATEST = 8;
const GENERATOR = 'tests/reference/plan-problems/gen.mjs';

/** The mixed-integer program has no stays of no length: every step here takes a minute at least. */
function withLength(problem: Problem): Problem {
  return {
    ...problem,
    steps: problem.steps.map((s) => ({
      ...s,
      minutes:
        typeof s.minutes === 'number'
          ? Math.max(1, s.minutes)
          : Object.fromEntries(Object.entries(s.minutes).map(([u, m]) => [u, Math.max(1, m)])),
    })),
  };
}

describe('against HiGHS on a model of its own', () => {
  it('delay and cost are the same', async () => {
    const highs = await loadHighs();
    let planned = 0;
    fc.assert(
      fc.property(smallProblem(4), (raw) => {
        const problem = withLength(raw);
        const parsed = parseProblem(problem);
        if (!parsed.ok) throw new Error(parsed.message);
        const answer = solve(parsed.problem, { work: 5_000_000 });
        const delays =
          answer.status === 'optimal' ? [(answer.delay ?? 0) - 1, answer.delay ?? 0] : [0, DELAYS];
        const results = delays
          .filter((d) => d >= 0)
          .map((delay) => highs.solve(toMilp(problem, delay, problem.serveAt + delay + LATEST)));
        if (answer.status === 'impossible') {
          for (const r of results) expect(r.Status).toBe('Infeasible');
          return;
        }
        planned++;
        const last = results.at(-1);
        expect(last?.Status).toBe('Optimal');
        expect(Math.round(last?.ObjectiveValue ?? NaN)).toBe(answer.cost);
        if (results.length > 1) expect(results[0]?.Status).toBe('Infeasible');
      }),
      { numRuns: RUNS, seed: 42 },
    );
    expect(planned).toBeGreaterThan(RUNS / 4);
  });
});

/** The kinds of the generator at full size, on the common form with an order for each pair. */
describe.each(['weeknight', 'sequential'])('generated %s problems against HiGHS', (kind) => {
  it.each(Array.from({ length: process.env.SOAK ? 20 : 2 }, (_, i) => 300 + i))(
    'number %i costs the same',
    async (seed) => {
      const text = execFileSync('node', [GENERATOR, String(seed), kind], { encoding: 'utf8' });
      const parsed = parseProblem(JSON.parse(text));
      if (!parsed.ok) throw new Error(parsed.message);
      const answer = solve(parsed.problem);
      const highs = await loadHighs();
      if (answer.status === 'impossible') {
        for (const delay of [0, 60]) {
          const other = highs.solve(toOrderMilp(parsed.problem, delay), { time_limit: 60 });
          expect(other.Status).toBe('Infeasible');
        }
        return;
      }
      expect(answer.status).toBe('optimal');
      const other = highs.solve(toOrderMilp(parsed.problem, answer.delay ?? 0), { time_limit: 60 });
      expect(other.Status).toBe('Optimal');
      expect(Math.round(other.ObjectiveValue)).toBe(answer.cost);
    },
    120_000,
  );
});

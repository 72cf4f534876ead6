import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseProblem, solve, type Problem } from '$core/solve';
import { bruteForce } from '../support/brute-force';
import { smallProblem } from '../support/random-problem';
import { verifySchedule } from '../support/verify-schedule';

/** Thousands take minutes: `npm run soak` plays those, this a sample of them. */
const RUNS = process.env.SOAK ? 4000 : 250;
const SEED = 20261125;
/** Nothing in these problems needs longer to be ready, or ends later after it. */
const DELAYS = 10;
const LATEST = 5;

function answered(problem: Problem) {
  const parsed = parseProblem(problem);
  if (!parsed.ok) throw new Error(parsed.message);
  return solve(parsed.problem, { work: 5_000_000 });
}

describe('small random problems with every feature', () => {
  it('agree with exhaustive search on delay and cost, and pass the checker', () => {
    let impossible = 0;
    fc.assert(
      fc.property(smallProblem(3), (problem) => {
        const answer = answered(problem);
        const best = bruteForce(problem, DELAYS, LATEST);
        if (best === null) {
          impossible++;
          expect(answer.status).toBe('impossible');
          return;
        }
        expect(answer.status).toBe('optimal');
        expect({ delay: answer.delay, cost: answer.cost }).toEqual(best);
        expect(
          verifySchedule(problem, { ...answer, delay: answer.delay ?? 0, cost: answer.cost ?? 0 }),
        ).toEqual([]);
      }),
      { numRuns: RUNS, seed: SEED },
    );
    expect(impossible).toBeGreaterThan(0);
  });

  it('the origin of time does not matter', () => {
    fc.assert(
      fc.property(smallProblem(5), fc.integer({ min: -500, max: 500 }), (problem, shift) => {
        const moved = shiftOrigin(problem, shift);
        const [a, b] = [answered(problem), answered(moved)];
        expect([b.status, b.delay, b.cost]).toEqual([a.status, a.delay, a.cost]);
      }),
      { numRuns: RUNS, seed: SEED },
    );
  });

  it('another hand never makes it worse', () => {
    fc.assert(
      fc.property(smallProblem(5), (problem) => {
        const [a, b] = [
          answered(problem),
          answered({ ...problem, hands: (problem.hands ?? 0) + 1 }),
        ];
        if (a.status === 'impossible') return;
        expect(b.status).toBe('optimal');
        const rank = (s: typeof a): number => (s.delay ?? 0) * 10_000 + (s.cost ?? 0);
        expect(rank(b)).toBeLessThanOrEqual(rank(a));
      }),
      { numRuns: RUNS, seed: SEED },
    );
  });
});

function shiftOrigin(problem: Problem, by: number): Problem {
  const move = <T extends number | null | undefined>(m: T): T => (m == null ? m : ((m + by) as T));
  return {
    ...problem,
    serveAt: problem.serveAt + by,
    earliest: problem.earliest + by,
    ...(problem.away
      ? { away: problem.away.map((a) => ({ ...a, from: a.from + by, to: a.to + by })) }
      : {}),
    units: (problem.units ?? []).map((u) => ({
      ...u,
      ...(u.busy ? { busy: u.busy.map((b) => ({ from: b.from + by, to: b.to + by })) } : {}),
    })),
    steps: problem.steps.map((s) => ({ ...s, from: move(s.from), by: move(s.by) })),
    dishes: (problem.dishes ?? []).map((d) => ({ ...d, dueAt: move(d.dueAt) })),
  };
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linkId, parseProblem, simulate, solve, type Problem, type Schedule } from '$core/solve';
import { droppableIds, keepOnly } from '../../src/core/solve/conflict';
import { smallProblem } from '../support/random-problem';

const RUNS = process.env.SOAK ? 1500 : 120;

function answered(problem: Problem): Schedule {
  const parsed = parseProblem(problem);
  if (!parsed.ok) throw new Error(parsed.message);
  return solve(parsed.problem, { work: 5_000_000 });
}
/** Less delay, then less cost; what is impossible is worst. */
const rank = (s: Schedule): number =>
  s.status === 'impossible' ? Infinity : (s.delay ?? 0) * 10_000 + (s.cost ?? 0);

describe('laws of the engine', () => {
  it('another unit of the same kind, or a minute more of hold, never makes it worse', () => {
    fc.assert(
      fc.property(smallProblem(5), (problem) => {
        const usual = rank(answered(problem));
        const more: Problem = {
          ...problem,
          units: (problem.units ?? []).map((u) => ({ ...u, capacity: (u.capacity ?? 1) + 1 })),
        };
        expect(rank(answered(more))).toBeLessThanOrEqual(usual);
        const patient: Problem = {
          ...problem,
          dishes: (problem.dishes ?? []).map((d) => ({
            ...d,
            holdMax: d.holdMax == null ? null : d.holdMax + 1,
          })),
        };
        expect(rank(answered(patient))).toBeLessThanOrEqual(usual);
      }),
      { numRuns: RUNS, seed: 11 },
    );
  });

  it('a dish less never makes it worse', () => {
    fc.assert(
      fc.property(smallProblem(5), (problem) => {
        const fewer = { ...problem, dishes: (problem.dishes ?? []).slice(1) };
        expect(rank(answered(fewer))).toBeLessThanOrEqual(rank(answered(problem)));
      }),
      { numRuns: RUNS, seed: 12 },
    );
  });

  it('the same work gives the same answer', () => {
    fc.assert(
      fc.property(smallProblem(5), fc.integer({ min: 1, max: 3000 }), (problem, work) => {
        expect(solve(problem, { work })).toEqual(solve(problem, { work }));
      }),
      { numRuns: RUNS, seed: 13 },
    );
  });

  it('a conflict contradicts itself, and no longer when any of it is dropped', () => {
    let found = 0;
    fc.assert(
      fc.property(smallProblem(5), (problem) => {
        const { status, conflict } = answered(problem);
        if (status !== 'impossible') return;
        found++;
        const known = new Set([...droppableIds(problem), ...(problem.links ?? []).map(linkId)]);
        expect(conflict.length).toBeGreaterThan(0);
        for (const id of conflict) expect(known).toContain(id);
        expect(solve(keepOnly(problem, new Set(conflict))).status).toBe('impossible');
        for (const dropped of conflict)
          expect(
            solve(keepOnly(problem, new Set(conflict.filter((id) => id !== dropped)))).status,
          ).not.toBe('impossible');
      }),
      { numRuns: 3 * RUNS, seed: 14 },
    );
    expect(found).toBeGreaterThan(5);
  });

  it('where nothing can vary, what is planned happens', () => {
    fc.assert(
      fc.property(smallProblem(5), (problem) => {
        const schedule = answered(problem);
        if (schedule.status === 'impossible') return;
        const played = simulate(problem, schedule, 5);
        expect(played).toMatchObject({ onTime: 1, brokenLinks: 0 });
        for (const dish of played.dishes)
          expect(dish.p90).toBeCloseTo(
            schedule.dishes.find((d) => d.id === dish.id)?.ready ?? NaN,
            6,
          );
      }),
      { numRuns: RUNS, seed: 15 },
    );
  });
});

/** A search that begins with a plan: faster where it holds, and never another answer. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { smallProblem } from '../../../tests/support/random-problem';
import { createSearch, knownFrom, parseProblem, solve, type Known, type Problem } from './index';

function finished(problem: Problem, known?: Known) {
  const search = createSearch(problem, known);
  while (!search.isDone && search.work < 3_000_000) search.advance(search.work + 100_000);
  return { ...search.answer(), isDone: search.isDone };
}

/** Two dishes in one pot, one pair of hands. */
function twoDishes(minutes: number): Problem {
  const parsed = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -300,
    hands: 1,
    units: [{ id: 'pot' }],
    blocks: [
      { id: 'A', units: ['pot'] },
      { id: 'B', units: ['pot'] },
    ],
    steps: [
      { id: 'a', minutes, block: 'A', hands: 1 },
      { id: 'b', minutes: 20, block: 'B', hands: 1 },
    ],
    dishes: [
      { id: 'A', ready: 'a', holdCost: 3 },
      { id: 'B', ready: 'b', holdCost: 1 },
    ],
  });
  if (!parsed.ok) throw new Error('not a problem');
  return parsed.problem;
}

describe('a plan that is known', () => {
  it('of the same problem is the first that is found', () => {
    const problem = twoDishes(30);
    const best = finished(problem);
    const search = createSearch(problem, knownFrom(best));
    while (!search.hasSchedule) search.advance(search.work + 1);
    expect(search.answer().cost).toBe(best.cost);
    expect(search.answer().steps).toEqual(best.steps);
  });

  it('that is too short for what has grown still says the order', () => {
    const before = finished(twoDishes(30));
    const search = createSearch(twoDishes(40), knownFrom(before));
    while (!search.hasSchedule) search.advance(search.work + 1);
    const order = search.answer().steps.toSorted((a, b) => a.start - b.start);
    expect(order.map((s) => s.id)).toEqual(
      before.steps.toSorted((a, b) => a.start - b.start).map((s) => s.id),
    );
  });

  it('leads to the same answer as none, be it of another problem altogether', () => {
    fc.assert(
      fc.property(smallProblem(), smallProblem(), (raw, other) => {
        const problem = parseProblem(raw);
        const strange = parseProblem(other);
        if (!problem.ok || !strange.ok) return;
        const plan = solve(strange.problem);
        const [fresh, begun] = [
          finished(problem.problem),
          finished(problem.problem, knownFrom(plan)),
        ];
        fc.pre(fresh.isDone && begun.isDone);
        expect([begun.status, begun.delay, begun.cost]).toEqual([
          fresh.status,
          fresh.delay,
          fresh.cost,
        ]);
      }),
      { numRuns: 150 },
    );
  });
});

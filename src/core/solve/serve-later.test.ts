import { describe, expect, it } from 'vitest';
import { verifySchedule as verify } from '../../../tests/support/verify-schedule';
import type { Problem } from './problem';
import { toTimetable, type Schedule } from './schedule';
import { servedLater } from './serve-later';

/** A dish that cooks and is put on plates, good for ten minutes there, and one that simply takes the cook's hands. */
function problemOf(more: Partial<Problem> = {}): Problem {
  return {
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -300,
    hands: 1,
    steps: [
      { id: 'cook', minutes: 20, hands: 1 },
      { id: 'plate', minutes: 3, hands: 1 },
      { id: 'other', minutes: 8, hands: 1 },
    ],
    links: [{ from: 'cook', to: 'plate', max: 120, soft: 10 }],
    dishes: [
      { id: 'soup', ready: 'plate', holdMax: 120, holdSoft: 10, overCost: 4 },
      { id: 'bread', ready: 'other', holdMax: 120 },
    ],
    ...more,
  };
}

function scheduleOf(problem: Problem, starts: readonly number[]): Schedule {
  return {
    ...toTimetable(problem, { delay: 0, starts, units: [] }),
    format: 'olive-clock/schedule@1',
    status: 'optimal',
    delay: 0,
    delayBound: 0,
    bound: 0,
    conflict: [],
    milliseconds: 0,
  };
}

/** What is wrong with a complete schedule. */
const verifySchedule = (problem: Problem, { delay, cost, ...rest }: Schedule): string[] =>
  verify(problem, { ...rest, delay: delay ?? NaN, cost: cost ?? NaN });

const plateIn = (schedule: Schedule | undefined): number | undefined =>
  schedule?.steps.find((s) => s.id === 'plate')?.start;

describe('what is put on plates', () => {
  it('is moved as near to the table as is good for it, and no nearer', () => {
    const problem = problemOf();
    const [later] = servedLater(problem, scheduleOf(problem, [-60, -40, -37]));
    expect(plateIn(later)).toBe(-13);
    expect(later && verifySchedule(problem, later)).toEqual([]);
  });

  it('exactly as long as is good for it stays where it is', () => {
    const problem = problemOf();
    expect(servedLater(problem, scheduleOf(problem, [-60, -13, -30]))).toEqual([]);
  });

  it('waits until hands are free', () => {
    const problem = problemOf();
    const [later] = servedLater(problem, scheduleOf(problem, [-60, -40, -15]));
    expect(plateIn(later)).toBe(-7);
  });

  it('and nobody is away', () => {
    const problem = problemOf({ away: [{ from: -20, to: -5, hands: 1 }] });
    const [later] = servedLater(problem, scheduleOf(problem, [-60, -40, -37]));
    expect(plateIn(later)).toBe(-5);
    expect(later && verifySchedule(problem, later)).toEqual([]);
  });

  it('is not kept waiting before it longer than its food may', () => {
    const problem = problemOf({ links: [{ from: 'cook', to: 'plate', max: 20 }] });
    const [later] = servedLater(problem, scheduleOf(problem, [-60, -40, -30]));
    // From −13 on it is good on its plate: by then its food would have waited 27 minutes.
    expect(plateIn(later)).toBeUndefined();
  });

  it('stays where something waits for it, or it is cooked there', () => {
    const waited = problemOf({
      links: [
        { from: 'cook', to: 'plate' },
        { from: 'plate', to: 'other' },
      ],
    });
    expect(servedLater(waited, scheduleOf(waited, [-60, -40, -37]))).toEqual([]);
    const heated = problemOf({ units: [{ id: 'pot' }], blocks: [{ id: 'b', units: ['pot'] }] });
    heated.steps = heated.steps.map((s) => (s.id === 'plate' ? { ...s, block: 'b' } : s));
    expect(servedLater(heated, scheduleOf(heated, [-60, -40, -37]))).toEqual([]);
  });

  it('of several, all are moved, and each alone', () => {
    const problem = problemOf({
      dishes: [
        { id: 'soup', ready: 'plate', holdMax: 120, holdSoft: 10, overCost: 4 },
        { id: 'bread', ready: 'other', holdMax: 120, holdSoft: 10, overCost: 4 },
      ],
    });
    const found = servedLater(problem, scheduleOf(problem, [-80, -50, -47]));
    expect(found).toHaveLength(3);
    for (const one of found) expect(verifySchedule(problem, one)).toEqual([]);
  });
});

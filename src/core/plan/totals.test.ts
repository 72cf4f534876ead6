/** Numbers of a plan that a cook asks for first. */
import { describe, expect, it } from 'vitest';
import type { Problem, Schedule } from '../solve';
import { totalsOf } from './totals';

/** A soak that begins so many minutes before dinner, and an hour of work right before it. */
function startWith(soakFrom: number): number {
  const problem = {
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -900,
    steps: [
      { id: 'soak', minutes: 10, aside: true },
      { id: 'cook', minutes: 60, hands: 1 },
    ],
  } as unknown as Problem;
  const schedule = {
    steps: [
      { id: 'soak', start: soakFrom, end: soakFrom + 10 },
      { id: 'cook', start: -60, end: 0 },
    ],
    blocks: [],
  } as unknown as Schedule;
  return totalsOf(problem, schedule).firstStart;
}

describe('the start of an evening', () => {
  it('is the soak of the same day, which somebody has to begin', () => {
    expect(startWith(-70)).toBe(-70);
    expect(startWith(-300)).toBe(-300);
  });

  it('is not the soak of the night before', () => expect(startWith(-301)).toBe(-60));
});

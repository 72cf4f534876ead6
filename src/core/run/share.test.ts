import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan';
import { shareSteps } from './share';

/** A plan of nothing but work for the hands. */
function work(steps: readonly { entry: string; start: number; end: number }[]): Plan {
  const operations = steps.map(({ entry, start, end }, i) => ({
    id: `s${i}`,
    entryId: entry,
    start,
    end,
    isHands: true,
  }));
  return { operations } as unknown as Plan;
}
const cooks = [
  { id: 'a', name: 'A' },
  { id: 'b', name: 'B' },
  { id: 'c', name: 'C' },
];

describe('work shared out', () => {
  it('no cook is given two things at once, and everything has a cook', () => {
    const step = fc.tuple(
      fc.integer({ min: 0, max: 100 }),
      fc.integer({ min: 1, max: 9 }),
      fc.constantFrom('x', 'y', 'z'),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 25 }), (raw) => {
        const steps = raw.map(([start, length, entry]) => ({ entry, start, end: start + length }));
        const most = Math.max(
          1,
          ...steps.map((s) => steps.filter((o) => o.start <= s.start && s.start < o.end).length),
        );
        fc.pre(most <= cooks.length);
        const shares = shareSteps(work(steps), cooks.slice(0, most), new Map());
        expect(shares.size).toBe(steps.length);
        steps.forEach((a, i) =>
          steps.forEach((b, j) => {
            if (i !== j && shares.get(`s${i}`) === shares.get(`s${j}`))
              expect(a.end <= b.start || b.end <= a.start).toBe(true);
          }),
        );
      }),
      { seed: 4 },
    );
  });

  it('a dish stays with whoever has it, a given dish goes to its cook, the rest is fair', () => {
    const plan = work([
      { entry: 'x', start: 0, end: 10 },
      { entry: 'y', start: 10, end: 20 },
      { entry: 'x', start: 20, end: 30 },
      { entry: 'z', start: 30, end: 32 },
    ]);
    const two = cooks.slice(0, 2);
    const shares = shareSteps(plan, two, new Map([['z', 'b']]));
    expect(shares.get('s2')).toBe(shares.get('s0'));
    expect(shares.get('s1')).not.toBe(shares.get('s0'));
    expect(shares.get('s3')).toBe(1);
  });
});

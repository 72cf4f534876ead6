import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareOut, ticks, toX, type Scale } from './geometry';

const scale: Scale = { from: -195, to: 35, left: 132, right: 1136 };

describe('where things lie on the runway', () => {
  it('the edges are the edges', () => {
    expect(toX(scale, scale.from)).toBe(132);
    expect(toX(scale, scale.to)).toBe(1136);
  });

  it('marks stand at round clock times and never closer than their text', () => {
    // Serving at 18:30 is minute 1110 of the day.
    const marks = ticks(scale, 1110, 90);
    expect(marks.length).toBeGreaterThan(3);
    for (const at of marks) expect((at + 1110) % 30).toBe(0);
    marks
      .slice(1)
      .forEach((at, i) =>
        expect(toX(scale, at) - toX(scale, marks[i] ?? 0)).toBeGreaterThanOrEqual(90),
      );
  });

  it('no cook is given two things at once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 9 })), {
          maxLength: 25,
        }),
        (raw) => {
          const steps = raw.map(([start, length]) => ({ start, end: start + length }));
          const cooks = Math.max(
            1,
            ...steps.map((s) => steps.filter((o) => o.start <= s.start && s.start < o.end).length),
          );
          const shared = shareOut(steps, cooks);
          steps.forEach((a, i) =>
            steps.forEach((b, j) => {
              if (i !== j && shared[i] === shared[j])
                expect(a.end <= b.start || b.end <= a.start).toBe(true);
            }),
          );
        },
      ),
      { seed: 4 },
    );
  });
});

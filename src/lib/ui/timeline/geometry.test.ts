import { describe, expect, it } from 'vitest';
import { ticks, toX, type Scale } from './geometry';

const scale: Scale = { from: -195, to: 35, left: 132, right: 1136 };

describe('where things lie on the timeline', () => {
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
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Problem, Schedule } from '../solve';
import { HARD_MIN, isTooHard, longestWork } from './hands-load';

type Piece = readonly [start: number, end: number];

function load(pieces: readonly Piece[], hands = 1, delay = 0) {
  const problem = {
    serveAt: 0,
    hands,
    steps: pieces.map((_, i) => ({ id: String(i), minutes: 1, hands: 1 })),
  } as unknown as Problem;
  const schedule = {
    delay,
    steps: pieces.map(([start, end], i) => ({ id: String(i), start, end })),
  } as unknown as Schedule;
  return longestWork(problem, schedule);
}

describe('how long hands are busy in one piece', () => {
  it.each<[string, Piece[], [number, number] | null]>([
    ['nothing to do', [], null],
    [
      'a pause of four minutes is no rest',
      [
        [-60, -40],
        [-36, -20],
      ],
      [-60, -20],
    ],
    [
      'one of five minutes is',
      [
        [-60, -40],
        [-35, -20],
      ],
      [-60, -40],
    ],
    [
      'what overlaps counts once',
      [
        [-60, -40],
        [-50, -30],
      ],
      [-60, -30],
    ],
    [
      'washing up comes after',
      [
        [-20, -5],
        [0, 60],
      ],
      [-20, -5],
    ],
  ])('%s', (_, pieces, expected) => {
    const work = load(pieces);
    expect(work && [work.from, work.to]).toEqual(expected);
  });

  it('two pairs of hands get no rest only where both are busy', () => {
    expect(load([[-100, -10]], 2)).toBeNull();
    expect(
      load(
        [
          [-100, -10],
          [-60, -40],
        ],
        2,
      ),
    ).toEqual({ from: -60, to: -40 });
  });

  it('too hard from an hour and a half on', () => {
    expect(isTooHard(load([[-HARD_MIN, 0]]))).toBe(true);
    expect(isTooHard(load([[1 - HARD_MIN, 0]]))).toBe(false);
    expect(isTooHard(null)).toBe(false);
  });

  it('law: as long as the longest run of minutes without five free ones in a row', () => {
    const piece = fc
      .tuple(fc.integer({ min: -200, max: -20 }), fc.integer({ min: 1, max: 20 }))
      .map(([start, length]): Piece => [start, start + length]);
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 12 }), (pieces) => {
        const isBusy = (m: number): boolean => pieces.some(([a, b]) => a <= m && m < b);
        let best = 0;
        let run = 0;
        let free = Infinity;
        for (let m = -200; m < 0; m++) {
          if (isBusy(m)) {
            run = free >= 5 ? 1 : run + free + 1;
            free = 0;
            best = Math.max(best, run);
          } else free++;
        }
        const work = load(pieces);
        expect(work ? work.to - work.from : 0).toBe(best);
      }),
    );
  });
});

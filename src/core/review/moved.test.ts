import { describe, expect, it } from 'vitest';
import type { Operation, Plan } from '../plan';
import { whatMoved, type Shown } from './moved';

const kitchen = {
  zone: 'UTC',
  hours: 24 as const,
  cookers: [
    { id: 'a', name: 'Large' },
    { id: 'b', name: 'Small' },
  ] as never,
};
const SERVE = Date.UTC(2026, 10, 30, 18, 30);

function shown(steps: Partial<Operation>[], serveAt = SERVE, firstStart = -60): Shown {
  const operations = steps.map((s) => ({
    ...{ entryId: 'beets', wholeName: 'Beetroot', unit: null, isHands: true, isAside: false },
    ...s,
  })) as Operation[];
  const plan = { operations, byId: new Map(operations.map((o) => [o.id, o])) } as unknown as Plan;
  return { plan, totals: { firstStart, ready: 0 }, serveAt };
}

describe('what a change moved', () => {
  const before = shown([
    { id: 'cut', start: -60 },
    { id: 'lid', start: -40, unit: 'a' },
  ]);

  it('is nothing where all is where it was', () => {
    expect(whatMoved(before, before, kitchen)).toBe('');
  });

  it('is a start that is sooner, and the steps that begin at another minute', () => {
    const after = shown(
      [
        { id: 'cut', start: -70 },
        { id: 'lid', start: -40, unit: 'a' },
      ],
      SERVE,
      -70,
    );
    expect(whatMoved(before, after, kitchen)).toBe('Start 17:20, was 17:30; 1 step moved');
  });

  it('is told by the clock, not by minutes before serving', () => {
    const after = shown(
      [
        { id: 'cut', start: -60 },
        { id: 'lid', start: -40, unit: 'a' },
      ],
      SERVE + 15 * 60_000,
    );
    expect(whatMoved(before, after, kitchen)).toBe(
      'Start 17:45, was 17:30; ready 18:45, was 18:30; 2 steps moved',
    );
  });

  it('is a dish that is in another pot', () => {
    const after = shown([
      { id: 'cut', start: -60 },
      { id: 'lid', start: -40, unit: 'b' },
    ]);
    expect(whatMoved(before, after, kitchen)).toBe('Beetroot in the Small, was in the Large');
  });

  it('counts no step that is new: it has not moved', () => {
    const after = shown([
      { id: 'cut', start: -60 },
      { id: 'lid', start: -40, unit: 'a' },
      { id: 'more', start: -20 },
    ]);
    expect(whatMoved(before, after, kitchen)).toBe('');
  });
});

import { describe, expect, it } from 'vitest';
import { needsSomebody, type LiveStep } from './live';

const step = (
  id: string,
  status: LiveStep['status'],
  operation: Partial<LiveStep['operation']> = {},
): LiveStep =>
  ({
    ...{ status, start: 0, end: 60_000, isAssumed: false, isAgain: false, tap: 'Done' },
    operation: { id, phase: 'simmer', isHands: false, after: ['open'], ...operation },
  }) as LiveStep;
const asked = (own: LiveStep, ...others: LiveStep[]): boolean =>
  needsSomebody(own, new Map([own, ...others].map((s) => [s.operation.id, s])));

describe('what waits for a tap', () => {
  it('is a sauce whose time has come, once what is before it is over: nobody has switched it on', () => {
    expect(asked(step('reduce', 'due'), step('open', 'done'))).toBe(true);
    expect(asked(step('reduce', 'due'), step('open', 'due'))).toBe(false);
    expect(asked(step('reduce', 'ahead'), step('open', 'done'))).toBe(false);
    expect(asked(step('reduce', 'running'), step('open', 'done'))).toBe(false);
  });

  it('is never what a cycle does by itself', () => {
    for (const phase of ['come-up', 'hold', 'release'] as const)
      expect(asked(step('up', 'due', { phase }), step('open', 'done'))).toBe(false);
  });

  it('is work of the hands, what has to come out, and an oven that is off', () => {
    expect(asked(step('cut', 'ahead', { isHands: true }))).toBe(true);
    expect(asked(step('bake', 'over', { phase: 'oven' }))).toBe(true);
    expect(asked(step('heat', 'ahead', { phase: 'preheat' }))).toBe(true);
    expect(asked(step('heat', 'running', { phase: 'preheat' }))).toBe(false);
  });
});

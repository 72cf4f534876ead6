import { describe, expect, it } from 'vitest';
import type { Stage } from '../dish';
import { longestGap, SPREAD_STAGE } from './gaps';

const base = { id: 'a', text: 'x', sentence: '', uses: [] };
const stage = (kind: Stage['kind'], more: Partial<Stage> = {}): Stage =>
  ({
    ...base,
    kind,
    ...(kind === 'pressure'
      ? { level: 'high', holdMinutes: 10, release: { kind: 'natural' }, tools: [] }
      : { minutes: 10 }),
    ...more,
  }) as Stage;

/** Common practice throughout: how long food may stay between two steps, to the minute. */
describe('how long one step may be kept waiting after another', () => {
  it.each([
    ['in the open pot, between two steps on the heat', stage('brown'), stage('loosen'), 5],
    ['after opening, in the same pot', stage('pressure'), stage('thicken'), 15],
    [
      'from the pot into the oven',
      stage('pressure'),
      stage('crisp', { celsius: 200 } as never),
      10,
    ],
    ['from the pot to the counter', stage('pressure'), stage('finish'), 20],
    ['after a rest', stage('rest'), stage('finish'), 20],
    ['what is made just in time', stage('prep', { justInTime: true }), stage('brown'), 10],
    ['into shallow boxes to cool', stage('pressure'), stage('rest', { id: SPREAD_STAGE }), 15],
    ['out of them', stage('rest', { id: SPREAD_STAGE }), stage('finish'), 0],
  ])('%s', (_what, before, after, minutes) => {
    expect(longestGap(before, after)).toBe(minutes);
  });

  it('what is only cut waits as long as it likes', () => {
    expect(longestGap(stage('prep'), stage('brown'))).toBeUndefined();
  });

  it('a marinade ends at its longest time, not a minute later', () => {
    const marinade = stage('soak', { minutes: 60, maxMinutes: 240 } as never);
    expect(longestGap(marinade, stage('brown'))).toBe(180);
  });
});

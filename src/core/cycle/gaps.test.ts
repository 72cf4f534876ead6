import { describe, expect, it } from 'vitest';
import type { Dish, Stage } from '../dish';
import { gapBetween, SPREAD_STAGE, type Gap } from './gaps';

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

/** A dish of these stages, one after the other, that keeps for so long. */
const dishOf = (stages: Stage[], maxMinutes: number | null = 60): Dish =>
  ({ stages, wait: { maxMinutes, cost: 1 } }) as unknown as Dish;

function gap(before: Stage, after: Stage, maxMinutes?: number | null): Gap {
  const [first, second] = [before, { ...after, id: after.id === 'a' ? 'b' : after.id }] as const;
  return gapBetween(dishOf([first, second], maxMinutes), first, second);
}

/** Common practice throughout, but for the two hours (USDA FSIS). */
describe('how long one step may be kept waiting after another', () => {
  it.each([
    ['in the open pot, between two steps on the heat', stage('brown'), stage('loosen'), 5],
    ['what is made just in time', stage('prep', { justInTime: true }), stage('brown'), 10],
    ['into shallow boxes to cool', stage('pressure'), stage('rest', { id: SPREAD_STAGE }), 15],
    ['out of them', stage('rest', { id: SPREAD_STAGE }), stage('finish'), 0],
  ])('%s', (_what, before, after, most) => {
    expect(gap(before, after)).toEqual({ most });
  });

  it('hot food is parked for two hours at most, and loses from ten minutes on', () => {
    const parked = { most: 120, soft: 10, cost: 1 };
    expect(gap(stage('pressure'), stage('crisp', { celsius: 200 } as never))).toEqual(parked);
    expect(gap(stage('pressure'), stage('finish'))).toEqual(parked);
    expect(gap(stage('oven', { celsius: 180 } as never), stage('finish'))).toEqual(parked);
  });

  it('a rest begins when it comes off the heat, and is a wait itself; what is chilled is none', () => {
    const roast = stage('oven', { celsius: 180 } as never);
    expect(gap(roast, stage('rest'))).toEqual({ most: 120, soft: 0, cost: 3 });
    expect(gap(roast, stage('rest', { chilled: true })).soft).not.toBe(0);
    expect(gap(stage('prep'), stage('rest'))).toEqual({});
  });

  it('what boiling water was poured over stands from then on', () => {
    const poured = stage('finish', { text: 'Boiling water over the couscous' });
    expect(gap(poured, stage('rest'))).toEqual({ most: 120, soft: 0, cost: 3 });
    expect(gap(poured, stage('finish'))).toEqual({});
    expect(gap(stage('finish', { text: 'Cold water over the peas' }), stage('rest'))).toEqual({});
  });

  it('what was crisped loses from two minutes on, also after its rest; before that it does not', () => {
    const [braised, crisped, rested, served] = [
      stage('pressure', { id: 'p' }),
      stage('crisp', { id: 'c', celsius: 220 } as never),
      stage('rest', { id: 'r' }),
      stage('finish', { id: 'f' }),
    ];
    const dish = dishOf([braised, crisped, rested, served], 15);
    expect(gapBetween(dish, braised, crisped)).toEqual({ most: 120, soft: 10, cost: 1 });
    expect(gapBetween(dish, rested, served)).toEqual({ most: 120, soft: 2, cost: 3 });
    expect(gapBetween(dishOf([braised, crisped, served], 15), crisped, served).soft).toBe(2);
  });

  it('what is best within ten minutes loses from two on', () => {
    const tender = { most: 120, soft: 2, cost: 3 };
    expect(gap(stage('pressure'), stage('finish'), 10)).toEqual(tender);
    expect(gap(stage('pressure'), stage('finish'), 11).soft).toBe(10);
  });

  it('what is eaten cold waits in the fridge and not in the hot pot', () => {
    const [cooked, boiled, cold] = [
      stage('pressure', { id: 'p' }),
      stage('simmer', { id: 's' }),
      stage('rest', { id: 'c', chilled: true }),
    ];
    const dish = dishOf([cooked, boiled, cold]);
    expect(gapBetween(dish, cooked, boiled)).toEqual({ most: 120, soft: 2, cost: 3 });
    expect(gapBetween(dishOf([cooked, boiled]), cooked, boiled).cost).toBe(1);
  });

  it('stays hot on the counter, until it is chilled', () => {
    const [cooked, rested, served] = [
      stage('pressure', { id: 'p' }),
      stage('rest', { id: 'r' }),
      stage('finish', { id: 'f' }),
    ];
    const warm = dishOf([cooked, rested, served]);
    expect(gapBetween(warm, rested, served).most).toBe(120);
    const cold = { ...rested, chilled: true } as Stage;
    expect(gapBetween(dishOf([cooked, cold, served]), cold, served)).toEqual({});
  });

  it('what is only cut waits as long as it likes', () => {
    expect(gap(stage('prep'), stage('brown'))).toEqual({});
  });

  it('a marinade ends at its longest time, not a minute later', () => {
    const marinade = stage('soak', { minutes: 60, maxMinutes: 240 } as never);
    expect(gap(marinade, stage('brown'))).toEqual({ most: 180 });
    expect(gap(stage('soak'), stage('brown'))).toEqual({});
  });
});

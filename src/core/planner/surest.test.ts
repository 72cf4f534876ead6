import { describe, expect, it } from 'vitest';
import { solve, type Problem } from '../solve';
import { keepOther, surestOf, type SearchAnswer } from './surest';

/** Two pots of twenty minutes, in one unit after each other or in two at once; nothing may begin before −45. */
const kitchen = (units: readonly string[]): Problem => ({
  format: 'olive-clock/problem@1',
  serveAt: 0,
  earliest: -45,
  units: [{ id: 'one' }, { id: 'two' }],
  blocks: [
    { id: 'a', units: ['one'] },
    { id: 'b', units: [...units] },
  ],
  steps: [
    { id: 'a', minutes: 20, p90: 30, block: 'a' },
    { id: 'b', minutes: 20, p90: 30, block: 'b' },
  ],
  dishes: [
    { id: 'a', ready: 'a', holdCost: 0 },
    { id: 'b', ready: 'b', holdCost: 0 },
  ],
});
const both = kitchen(['one', 'two']);
const inTurn = solve(kitchen(['one']));
const atOnce = solve(kitchen(['two']));
const effort = { runs: 400, rounds: 5 };

describe('of the plans that were found', () => {
  it('the tightest, where it can be made sure enough', () => {
    const plan = surestOf(both, [atOnce, inTurn], 0.8, effort);
    expect(plan?.reached).toBe(true);
    expect(plan?.schedule.blocks.find((x) => x.id === 'b')?.unit).toBe('two');
  });

  it('another one, where the tightest has no room for it', () => {
    const plan = surestOf(both, [inTurn, atOnce], 0.95, effort);
    expect(plan?.reached).toBe(true);
    expect(plan?.schedule.blocks.find((x) => x.id === 'b')?.unit).toBe('two');
    expect(surestOf(both, [inTurn], 0.95, effort)?.reached).toBe(false);
  });

  it('never one that is later', () => {
    const later = { ...atOnce, delay: 10 };
    expect(surestOf(both, [inTurn, later], 0.95, effort)?.schedule.delay).toBe(0);
  });

  it('are kept once each, the latest first; of none there is none', () => {
    const kept: SearchAnswer[] = [];
    for (const answer of [atOnce, atOnce, { ...atOnce, cost: 1 }]) keepOther(kept, answer);
    expect(kept.map((a) => a.cost)).toEqual([1, atOnce.cost]);
    expect(surestOf(both, [], 0.8, effort)).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import type { RunEvent } from './events';
import { outcomeOf } from './outcome';

const TABLE = Date.UTC(2026, 10, 25, 18);
const at = (minute: number): number => TABLE + minute * 60_000;
const event = (id: string, minute: number, more: object): RunEvent =>
  ({ id, at: at(minute), by: '', ...more }) as RunEvent;

describe('how an evening came out', () => {
  it('is how late it was on the table, guests who came later counted', () => {
    const served = event('s', 9, { kind: 'served' });
    expect(outcomeOf(TABLE, [served])).toEqual({ servedAt: at(9), late: 9 });
    const guests = event('g', -30, { kind: 'guests', minutes: 15 });
    expect(outcomeOf(TABLE, [served, guests]).late).toBe(-6);
    // Told after the meal, it moved nothing.
    expect(outcomeOf(TABLE, [served, { ...guests, at: at(10) }]).late).toBe(9);
  });

  it('goes by what was not taken back, at the corrected moment', () => {
    const [early, later] = [event('a', -5, { kind: 'served' }), event('b', 4, { kind: 'served' })];
    const undone = event('u', 5, { kind: 'undone', of: 'b' });
    expect(outcomeOf(TABLE, [early, later]).late).toBe(4);
    expect(outcomeOf(TABLE, [early, later, undone]).late).toBe(-5);
    const corrected = event('c', 6, { kind: 'corrected', of: 'b', to: at(2) });
    expect(outcomeOf(TABLE, [later, corrected]).late).toBe(2);
  });

  it('is unknown where nobody said so', () => {
    expect(outcomeOf(TABLE, [])).toEqual({ servedAt: null, late: null });
  });
});

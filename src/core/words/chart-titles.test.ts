import { describe, expect, it } from 'vitest';
import { sayComeUps, sayFilling, sayHeld, sayLateness } from './chart-titles';

const ups = (cooker: string, ...pairs: [planned: number, real: number, kg?: number][]) =>
  pairs.map(([planned, real, kg]) => ({ cooker, planned, real, kg: kg ?? null }));

describe('the way up, planned and real', () => {
  it('names the pot that is furthest off, from a tenth on', () => {
    const middle = ups('Middle', [10, 10], [10, 10], [10, 11]);
    expect(sayComeUps([...middle, ...ups('Large', [10, 12], [10, 12], [20, 24])])).toBe(
      'Large takes 20 % longer to come to pressure than planned',
    );
    expect(sayComeUps(ups('Small', [10, 8], [10, 8], [10, 8]))).toBe(
      'Small comes to pressure 20 % sooner than planned',
    );
    expect(sayComeUps([...middle, ...ups('Large', [100, 109], [100, 109], [100, 109])])).toBe(
      'Middle and Large come to pressure about as planned',
    );
    expect(sayComeUps(ups('Large', [100, 110], [100, 110], [100, 110]))).toContain('10 % longer');
  });
  it('says nothing of a pot with two cycles', () => {
    expect(sayComeUps(ups('Large', [10, 20], [10, 20]))).toContain('too few cycles');
    expect(sayComeUps([])).toContain('too few cycles');
  });
});

describe('by what is in the pot', () => {
  const title = 'Time to pressure by what is in the pot';
  it('compares a pot only with itself', () => {
    expect(sayFilling(ups('A', [1, 5, 1], [1, 7, 2], [1, 9, 3]))).toBe(
      `${title}: fuller is slower`,
    );
    // Each pot is the other way round; only together do they look slower when fuller.
    const apart = [
      ...ups('A', [1, 5, 1], [1, 4, 2], [1, 3, 3]),
      ...ups('B', [1, 15, 11], [1, 14, 12], [1, 13, 13]),
    ];
    expect(sayFilling(apart)).toBe(title);
  });
  it('leaves out what nobody weighed', () => {
    expect(sayFilling(ups('A', [1, 5], [1, 7], [1, 9]))).toBe(title);
  });
});

describe('on time', () => {
  it('is within five minutes on either side', () => {
    expect(sayLateness([5, -5, 0])).toMatch(/the last 3 evenings within 5 min$/);
    expect(sayLateness([6, 4, 4])).toMatch(/half of the last 3 evenings 4 min late or more$/);
    expect(sayLateness([-9, -8, -7])).toMatch(/8 min early or more$/);
    expect(sayLateness([-9, 0, 20])).toMatch(/to the minute or so$/);
  });
  it('looks at the last six, and at no two', () => {
    expect(sayLateness([60, 60, 1, 1, 1, 1, 1, 1])).toMatch(/the last 6 evenings within 5 min$/);
    expect(sayLateness([30, 30])).toBe('On time, evening by evening');
  });
});

it('the freezer: what is in it now', () => {
  expect(sayHeld([3, 1])).toMatch(/^1 portion in the freezer now/);
  expect(sayHeld([])).not.toMatch(/\d/);
});

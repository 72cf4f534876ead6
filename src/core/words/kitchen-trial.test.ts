import { describe, expect, it } from 'vitest';
import { sayTrial, sayTried, verdictOn, type Figures, type Tried } from './kitchen-trial';

const PLAIN: Figures = {
  ...{
    start: -120,
    delay: 0,
    handsOn: 40,
    longestWork: 30,
    chance: 0.9,
    stops: 0,
    waits: { a: 10 },
  },
};
const tried = (after: Partial<Figures>, before: Partial<Figures> = {}) => ({
  before: { ...PLAIN, ...before },
  after: { ...PLAIN, ...after },
});

describe('one meal', () => {
  it('says what changed, from five minutes and five in a hundred on', () => {
    expect(sayTried(tried({ start: -115 }))).toEqual(['begins 5 min later']);
    expect(sayTried(tried({ start: -116 }))).toEqual([]);
    expect(sayTried(tried({ waits: { a: 2, b: 3 } }))).toEqual(['food waits 5 min less']);
    expect(sayTried(tried({ waits: { a: 6 } }))).toEqual([]);
    expect(sayTried(tried({ longestWork: 95 }))).toEqual(['1 h 5 min more at a stretch']);
    expect(sayTried(tried({ chance: 0.95 }))).toEqual(['on time in 95 of 100, not 90']);
    expect(sayTried(tried({ chance: 0.94 }))).toEqual([]);
    expect(sayTried(tried({ stops: 0, delay: 0 }, { stops: 2, delay: 1 }))).toEqual([
      '2 fewer in the way',
      'on the table 1 min sooner',
    ]);
  });
  it('says where there is no plan', () => {
    expect(sayTried({ before: null, after: PLAIN })).toEqual(['can be planned at all']);
    expect(sayTried({ before: PLAIN, after: null })).toEqual(['can no longer be planned']);
    expect(sayTried({ before: null, after: null })).toEqual([]);
  });
});

const sayAll = (what: string, all: readonly Tried[]): string => sayTrial(what, all.map(verdictOn));

describe('all of them', () => {
  const [better, same, worse] = [tried({ start: -100 }), tried({}), tried({ start: -140 })];
  it('counts those that it helps, and those that it does not', () => {
    expect(sayAll('A second cook', [better, same, same])).toBe(
      'A second cook helps with 1 of 3 meals and leaves 2 as they are.',
    );
    expect(sayAll('A second cook', [better, worse, same])).toBe(
      'A second cook helps with 1 of 3 meals, makes 1 worse and leaves 1 as it is.',
    );
    expect(sayAll('A rice cooker', [same])).toBe(
      'A rice cooker changes nothing worth saying in 1 meal.',
    );
    expect(sayAll('A rice cooker', [])).toContain('no meal');
    expect(sayAll('Another pot', [{ before: null, after: PLAIN }])).toBe(
      'Another pot helps with 1 of 1 meal.',
    );
  });
  it('an hour less of waiting makes up for ten minutes, and no chance for it', () => {
    expect(verdictOn(tried({ start: -130, waits: { a: 0 } }, { waits: { a: 60 } }))).toBe(1);
    expect(verdictOn(tried({ start: -130, waits: { a: 50 } }, { waits: { a: 60 } }))).toBe(0);
    expect(verdictOn(tried({ start: -100, chance: 0.85 }))).toBe(-1);
    expect(verdictOn(tried({ start: -100, chance: 0.86 }))).toBe(1);
  });
  it('what is in the way comes before the hour', () => {
    expect(sayAll('It', [tried({ start: -200 }, { stops: 1 })])).toBe('It helps with 1 of 1 meal.');
    expect(sayAll('It', [tried({ start: -60, delay: 10 })])).toContain('makes 1 worse');
  });
});

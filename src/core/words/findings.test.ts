import { describe, expect, it } from 'vitest';
import { finding, type FindingValues } from '../reason';
import { sayEdit, sayFinding } from './index';

const US = { system: 'us' } as const;
const METRIC = { system: 'metric' } as const;

const water: FindingValues['pot-needs-water'] = {
  dish: 'Barley',
  cooker: 'small, 3 qt',
  leastMl: 237,
  thinMl: 118,
  moreMl: 120,
};

describe('findings in words', () => {
  it('every amount of a sentence is in the household’s own units', () => {
    const found = finding('pot-needs-water', 'look', 'a', water);
    expect(sayFinding(found, US).text).toBe(
      'Barley: the small, 3 qt needs 1 cup of thin liquid; the recipe has ½ cup. The plan counts on ½ cup more water.',
    );
    expect(sayFinding(found, METRIC).text).toBe(
      'Barley: the small, 3 qt needs 235 ml of thin liquid; the recipe has 120 ml. The plan counts on 120 ml more water.',
    );
    const high = finding('altitude-longer', 'info', null, { altitudeM: 1609, factor: 1.15 });
    expect(sayFinding(high, US).text).toContain('At 5,300 ft pressure times are 15 % longer');
    expect(sayFinding(high, METRIC).text).toContain('At 1609 m');
  });

  it.each([
    [1, '1 portion of Stew'],
    [0.5, '0.5 portions of Stew'],
    [2, '2 portions of Stew'],
  ])('%s portions', (portions, said) => {
    const found = finding('kept-warm', 'info', 'a', { dish: 'Stew', portions, later: 30 });
    expect(sayFinding(found, METRIC).text).toContain(said);
  });

  it('what somebody can’t eat is said by what is in the dish, never as “no milk”', () => {
    const values = {
      eater: 'Mira',
      dish: 'Dal',
      foods: ['ghee', 'ghee'],
      breaks: ['vegan', 'no milk'],
      contains: ['milk'],
      apartBefore: null,
    };
    expect(sayFinding(finding('eater-cannot', 'look', 'a', values), METRIC).text).toBe(
      'Mira can’t eat Dal: not vegan, contains milk (ghee).',
    );
  });

  it('as many days as food may wait are days; one more is too much at once', () => {
    const slow = (days: number) =>
      sayFinding(
        finding('freezer-slow', 'look', null, { kg: 20, kgADay: 7, days, mostDays: 3 }),
        METRIC,
      ).remedy;
    expect(slow(3)).toContain('over 3 days');
    expect(slow(4)).toContain('no more than 21 kg');
  });

  it('a remedy at one tap says what it does', () => {
    expect(sayEdit({ kind: 'add-water', dish: 'd', stage: 's', ml: 180 }, US)).toBe(
      'Add ¾ cup water to the dish',
    );
    expect(sayEdit({ kind: 'servings', entry: 'e', servings: 2.5 }, US)).toBe('Make it for 2.5');
  });

  it('what a plan of the first version said is said as it was', () => {
    const old = { text: 'As it was.', remedy: null };
    expect(sayFinding(finding('said-before', 'info', null, old), US)).toEqual(old);
  });
});

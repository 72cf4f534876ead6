import { describe, expect, it } from 'vitest';
import {
  fault,
  refusal,
  sayContradiction,
  sayDishFinding,
  sayFix,
  sayLength,
  sayWater,
} from './index';

const METRIC = { system: 'metric', scale: 'C' } as const;
const US = { system: 'us', scale: 'F' } as const;

describe('in the household’s units', () => {
  it('lengths to the millimetre or the eighth of an inch, water as it can be measured', () => {
    expect(sayLength(25, METRIC)).toBe('25 mm');
    expect(sayLength(25.4, US)).toBe('1 in');
    expect(sayWater(171, METRIC)).toBe('180 ml water');
    expect(sayWater(171, US)).toMatch(/^¾ cup water$/);
  });

  it('a fix', () => {
    const cut = { dish: 'Stew', fromMm: 50.8, toMm: 25.4 };
    expect(sayFix('smaller', { ...cut, fromMm: 50, toMm: 25 }, METRIC)).toBe(
      'Stew: cut to 25 mm instead of 50',
    );
    expect(sayFix('smaller', cut, US)).toBe('Stew: cut to 1 in instead of 2 in');
    expect(sayFix('hands', { hands: 1 }, METRIC)).toBe('A second pair of hands');
    expect(sayFix('hands', { hands: 2 }, METRIC)).toBe('One more pair of hands');
    expect(sayFix('leave-out', { dish: null }, METRIC)).toBe('Leave out the dish that is gone');
  });

  it('a finding of a dish, in its degrees', () => {
    const values = {
      food: 'turkey',
      kind: 'poultry',
      minutes: 5,
      isHeatedAfter: false,
      thickMm: 50.8,
      reachesC: 60,
      needsC: 74,
      safeMinutes: 12,
    };
    const said = sayDishFinding({ code: 'unsafe-target', values }, US);
    expect(said.text).toMatch(/2 in thick, is at about 140 °F .* need 165 °F/);
    expect(said.text).not.toContain('the heat that follows');
    expect(said.remedy).toBe('At pressure for 12 min');
  });
});

describe('refusals', () => {
  it('say what is wrong and what helps; of a field, they name it', () => {
    expect(refusal('no-saute', { cooker: 'Small', step: 'Brown' })).toEqual({
      message: 'the Small has no sauté, and “Brown” needs it',
      remedy: 'use another cooker',
    });
    expect(fault('entries', 'no-dishes', {})).toEqual({
      field: 'entries',
      message: 'this meal has no dishes yet',
      remedy: 'add a dish',
    });
  });

  it('one stay needs a place, two share it one after the other', () => {
    const places = ['the Large', 'the Small'];
    const say = (dishes: string[]): string =>
      sayContradiction('needs-place', { dishes, stays: dishes.length, places });
    expect(say(['Stew'])).toBe('Stew needs the Large or the Small.');
    expect(say(['Stew', 'Rice'])).toBe(
      'Stew and Rice need the Large or the Small, one after the other.',
    );
  });
});

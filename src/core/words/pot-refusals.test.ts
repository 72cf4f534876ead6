import { describe, expect, it } from 'vitest';
import { sayPotRefusal } from './index';

const METRIC = { system: 'metric' } as const;
const US = { system: 'us' } as const;
const TOO_FULL = {
  kind: 'too-full',
  fillMl: 4230.4,
  limitMl: 4000,
  line: 'two-thirds',
  onRack: false,
} as const;

describe('why a pot doesn’t take it', () => {
  it('in millilitres that add up, or in cups', () => {
    expect(sayPotRefusal(TOO_FULL, METRIC).message).toBe(
      '4230 ml in an inner pot that may hold 4000 ml: over the two-thirds line by 230 ml',
    );
    expect(sayPotRefusal(TOO_FULL, US).message).toMatch(
      /^4½ quarts in an inner pot that may hold 4¼ quarts: .* by 1 cup$/,
    );
  });

  it('says the room that a rack takes, and juices where they are no part of the count', () => {
    expect(sayPotRefusal({ ...TOO_FULL, onRack: true }, METRIC).message).toContain('with the rack');
    const dry = { kind: 'too-little-liquid', thinMl: 100, leastMl: 355, juicesMl: null } as const;
    expect(sayPotRefusal(dry, METRIC).message).toBe('100 ml of thin liquid, 355 ml are needed');
    expect(sayPotRefusal({ ...dry, juicesMl: 143 }, METRIC).message).toContain(
      '(about 140 ml of juices',
    );
  });

  it('what is missing is added in quarters of a cup, the next one up but for a spoonful', () => {
    const add = (missingMl: number): string =>
      sayPotRefusal(
        { kind: 'too-little-liquid', thinMl: 0, leastMl: missingMl, juicesMl: null },
        METRIC,
      ).remedy;
    const CUP = 236.588;
    expect(add(CUP)).toContain('add 1 cup');
    // A fortieth of a cup more is a spoonful short, a twentieth is not.
    expect(add(CUP * 1.02)).toContain('add 1 cup');
    expect(add(CUP * 1.05)).toContain('add 1¼ cup');
    expect(add(1)).toContain('add ¼ cup');
  });

  it('sizes in millimetres or in inches', () => {
    const wide = {
      kind: 'pan-too-wide',
      thing: { kind: 'pan', diameterMm: 203.2, heightMm: 76.2 },
      potMm: 203.2,
      overMm: 10,
      mostMm: 190.5,
    } as const;
    expect(sayPotRefusal(wide, US)).toEqual({
      message: expect.stringMatching(/^a pan 8 in across and 3 in high: in an inner pot of 8 in /),
      remedy: 'use a pan of at most 7½ in, handles included',
    });
    const high = {
      kind: 'piece-too-high',
      thing: { kind: 'piece', food: 'goose', acrossMm: 200.4, heightMm: 150 },
      potMm: 160,
      overMm: 4.2,
    } as const;
    expect(sayPotRefusal(high, METRIC).message).toBe(
      'goose, about 200 mm across and 150 mm high is too tall for an inner pot of 160 mm: 5 mm too much with the rack and room for steam',
    );
  });
});

import { describe, expect, it } from 'vitest';
import { findFood, frozenConductivity, frozenDensity, frozenHeat, iceShare } from '$core/food';

const composition = (id: string) => {
  const food = findFood(id);
  if (!food) throw new Error(id);
  return food.composition;
};

/** ASHRAE Handbook Refrigeration, Thermal Properties of Foods (values from memory, ±15 % between sources). */
describe('frozen food', () => {
  it('beef: about seven tenths of its water is ice at −10 °C, nearly nine at −40', () => {
    const beef = composition('beef chuck');
    const share = (c: number): number => iceShare(beef, c) / (beef.water / 100);
    expect(share(-10)).toBeGreaterThan(0.65);
    expect(share(-10)).toBeLessThan(0.85);
    expect(share(-40)).toBeGreaterThan(share(-10));
    expect(share(-1)).toBe(0);
  });

  it('conducts two and a half to four times as well as thawed; lean beef 1.3 to 1.6 W/(m K) at −15', () => {
    const k = frozenConductivity(composition('beef chuck'), -15);
    expect(k).toBeGreaterThan(1.1);
    expect(k).toBeLessThan(1.65);
  });

  it('ice itself: 2.28 W/(m K), 2.0 J/(g K), 918 kg/m³ at −10 °C', () => {
    const ice = { water: 100, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
    // All but the share that the freezing-point rule leaves unfrozen at −40 °C.
    expect(iceShare(ice, -40)).toBeCloseTo(0.9625, 3);
    expect(frozenConductivity(ice, -40)).toBeGreaterThan(2.4);
    expect(frozenDensity(ice, -40)).toBeLessThan(926);
    expect(frozenHeat(ice, -40)).toBeLessThan(2.0);
  });
});

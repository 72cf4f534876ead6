import { describe, expect, it } from 'vitest';
import {
  airPressure,
  boilingPoint,
  insideTemperature,
  saturationPressure,
  saturationTemperature,
} from '$core/steam';

const value = <T>(o: { ok: true; value: T } | { ok: false }): T => {
  if (!o.ok) throw new Error('refused');
  return o.value;
};

/** IAPWS R7-97(2012), table 35 and 36: verification values of region 4. */
describe('saturation against the release’s verification table', () => {
  it.each([
    [300, 0.00353658941],
    [500, 2.63889776],
    [600, 12.3443146],
  ])('pressure at %f K is %f MPa', (kelvin, mpa) => {
    expect(value(saturationPressure(kelvin - 273.15)) / 1000 / mpa).toBeCloseTo(1, 8);
  });

  it.each([
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ])('temperature at %f MPa is %f K', (mpa, kelvin) => {
    expect((value(saturationTemperature(mpa * 1000)) + 273.15) / kelvin).toBeCloseTo(1, 8);
  });

  it.each([-1, 400, Number.NaN])('refuses %f °C in words', (celsius) => {
    const refused = saturationPressure(celsius);
    expect(refused.ok).toBe(false);
    expect(!refused.ok && refused.problems[0]?.field).toBe('celsius');
  });
});

/** U.S. Standard Atmosphere 1976, printed table by geometric altitude, Pa. */
describe('the standard atmosphere', () => {
  it.each([
    [1000, 89876],
    [1500, 84560],
    [2000, 79501],
    [2500, 74692],
    [3000, 70121],
    [3500, 65780],
  ])('%i m: %i Pa', (metres, pascal) => {
    expect((airPressure(metres) * 1000) / pascal).toBeCloseTo(1, 4);
  });

  /** Computed with IAPWS-IF97 on the same atmosphere (python3-iapws). */
  it.each([
    [0, 99.974],
    [1500, 94.984],
    [3000, 89.977],
  ])('water boils at %i m at %f °C', (metres, celsius) => {
    expect(boilingPoint(metres)).toBeCloseTo(celsius, 2);
  });
});

/** Computed with IAPWS-IF97 (python3-iapws): pure steam at a gauge pressure. */
describe('inside a cooker', () => {
  it.each([
    [75, 0, 116.27],
    [75, 1500, 113.21],
    [79.98, 3000, 111.37],
    [103.42, 0, 120.95],
  ])('%f kPa at %i m: %f °C', (gauge, metres, celsius) => {
    expect(insideTemperature(gauge, metres)).toBeCloseTo(celsius, 1);
  });

  /** USDA canning steps: each band ends near 240 °F (115.6 °C), so altitude physics must agree. */
  it.each([
    [11, 610],
    [12, 1219],
    [13, 1829],
    [14, 2438],
  ])('%i psi at %i m keeps 239–240 °F', (psi, metres) => {
    const fahrenheit = insideTemperature(psi * 6.894757, metres) * 1.8 + 32;
    expect(fahrenheit).toBeGreaterThan(239);
    expect(fahrenheit).toBeLessThan(240);
  });
});

import { describe, expect, it } from 'vitest';
import { calibrate, comeUp, defaultParameters, naturalRelease, type CycleInput } from './index';

const cooker = { litres: 5.7, watts: 1000 };
const water: CycleInput = {
  cooker,
  level: 'high',
  altitudeM: 0,
  contents: [{ food: 'water', grams: 1000, celsius: 15 }],
};
const run = (pinMinutes: number, dropMinutes: number) =>
  calibrate({ cooker, altitudeM: 0, ml: 1000, celsius: 15, pinMinutes, dropMinutes });

describe('calibration with a litre of water', () => {
  it.each([
    [0.93, 0.78],
    [0.8, 0.6],
    [1.02, 1.3],
  ])('finds a power of %f and a loss of %f W/K again', (efficiency, lossWPerK) => {
    const hidden = { ...defaultParameters(cooker), efficiency, lossWPerK };
    const [up, down] = [comeUp(water, hidden), naturalRelease(water, 0, hidden)];
    if (!up.ok || !down.ok) throw new Error('no cycle');
    const found = run(up.value.pinMinutes, down.value.minutes);
    if (!found.ok) throw new Error(found.problems[0]?.message);
    expect(found.value.efficiency / efficiency).toBeCloseTo(1, 1);
    expect(found.value.lossWPerK / lossWPerK).toBeCloseTo(1, 1);
  });

  it.each([
    [1, 8, 'pinMinutes'],
    [60, 8, 'pinMinutes'],
    [8, 0.01, 'dropMinutes'],
    [8, 300, 'dropMinutes'],
  ])('%f and %f min are refused, naming %s', (pin, drop, field) => {
    expect(run(pin, drop)).toMatchObject({ ok: false, problems: [{ field }] });
  });
});

import { describe, expect, it } from 'vitest';
import { cookerSchema } from './document';
import { USUAL_SIZES, usualCooker } from './usual';

describe('a cooker of which only the size is known', () => {
  it.each(USUAL_SIZES.map((s) => [s.name, s] as const))('%s is a whole cooker', (_, size) => {
    const made = usualCooker({ id: 'a', name: size.name, litres: size.litres });
    expect(cookerSchema.parse(made)).toEqual(made);
    expect(made.watts).toBe(size.watts);
  });

  it('takes the watts of the nearest size: halfway and a little more is the larger one', () => {
    const watts = (litres: number): number => usualCooker({ id: 'a', name: 'A', litres }).watts;
    expect(watts(4.2)).toBe(700);
    expect(watts(4.3)).toBe(1000);
  });
});

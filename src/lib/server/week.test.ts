import { describe, expect, it } from 'vitest';
import { householdSchema } from '$core/exchange';
import { mealSchema } from '$core/meal';
import { demoHousehold } from '../../demo/household';
import { weekOf } from './week';

/** A Wednesday noon in Athens. */
const NOON = Date.UTC(2026, 10, 25, 10);
const { kitchen } = householdSchema.parse(demoHousehold(NOON));

function fridaySupperAt(time: string, now: number) {
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'supper',
    name: 'Supper',
    serveAt: `2026-11-27T${time}:00Z`,
    zone: 'Europe/Athens',
    servings: 4,
    entries: [],
  });
  const week = weekOf(null, {
    stored: [{ meal, plan: null, revision: 1 }],
    larder: [],
    kitchen: { ...kitchen, zone: 'Europe/Athens' },
    items: [],
    now,
  });
  return week.days.flatMap((d) => d.items).find((i) => i.mealId === 'supper');
}

describe('where a meal of the week can be put', () => {
  it('today while its time of day is still to come, tomorrow once it is past', () => {
    expect(fridaySupperAt('17:00', NOON)?.fromDay).toBe('2026-11-25');
    expect(fridaySupperAt('09:00', NOON)?.fromDay).toBe('2026-11-26');
  });

  it('nowhere once it is over itself', () => {
    expect(fridaySupperAt('17:00', Date.UTC(2026, 10, 28))).toBeUndefined();
  });
});

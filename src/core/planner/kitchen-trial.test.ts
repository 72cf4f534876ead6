import { describe, expect, it } from 'vitest';
import { householdSchema } from '../exchange';
import { kitchenSchema, type Kitchen } from '../kitchen';
import { mealSchema, newEntry, type Meal } from '../meal';
import { demoHousehold } from '../../demo/household';
import { ADDITIONS, tryAddition, withAddition } from './kitchen-trial';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));
const onePot: Kitchen = { ...kitchen, cookers: kitchen.cookers.filter((c) => c.id === 'large') };

const meal = (dishIds: string[], more: Partial<Meal> = {}): Meal =>
  mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: dishIds.map((id) => newEntry(id, id)),
    ...more,
  });

describe('a kitchen with one thing more', () => {
  it('is a kitchen that could be kept, whatever is added', () => {
    for (const addition of ADDITIONS) {
      const more = withAddition(kitchen, addition);
      expect(kitchenSchema.safeParse(more).success, addition).toBe(true);
    }
    expect(withAddition(kitchen, 'middle')?.cookers).toHaveLength(kitchen.cookers.length + 1);
    expect(withAddition(kitchen, 'rice-cooker')?.appliances.at(-1)?.kind).toBe('rice-cooker');
  });

  it('takes no fifth cook and no seventh appliance', () => {
    expect(withAddition({ ...kitchen, hands: 3 }, 'cook')?.hands).toBe(4);
    expect(withAddition({ ...kitchen, hands: 4 }, 'cook')).toBeNull();
    const six = Array.from({ length: 6 }, (_, i) => ({
      ...{ id: `r${i}`, name: `R${i}`, kind: 'rice-cooker' as const, litres: 1, watts: null },
    }));
    expect(withAddition({ ...kitchen, appliances: six.slice(1) }, 'rice-cooker')).not.toBeNull();
    expect(withAddition({ ...kitchen, appliances: six }, 'rice-cooker')).toBeNull();
  });
});

describe('would it help?', () => {
  const dishIds = ['lamb-apricots', 'mushroom-barley'];

  it('a second pot lets two long dishes go side by side: later begun, less waiting', () => {
    const { before, after } = tryAddition(
      { meal: meal(dishIds), dishes, kitchen: onePot, now: NOW },
      'large',
    );
    if (!before || !after) throw new Error('no plan');
    expect(after.start).toBeGreaterThan(before.start + 20);
    const waits = (o: typeof before): number => Object.values(o.waits).reduce((a, b) => a + b, 0);
    expect(waits(after)).toBeLessThan(waits(before));
  });

  it('a pot beside one that one dish needs changes nothing', () => {
    const { before, after } = tryAddition(
      { meal: meal(['lamb-apricots']), dishes, kitchen: onePot, now: NOW },
      'large',
    );
    expect(after).toEqual(before);
  });

  it('a cook more counts though the meal says how many cook', () => {
    const asked = meal(['green-beans-almonds', 'hake-fennel', 'mushroom-barley'], { hands: 1 });
    const { before, after } = tryAddition({ meal: asked, dishes, kitchen, now: NOW }, 'cook');
    expect(after?.longestWork ?? 0).toBeLessThan(before?.longestWork ?? 0);
  });

  it('a meal that was cooked is planned as from the day before', () => {
    const asked = (now: number) =>
      tryAddition({ meal: meal(dishIds), dishes, kitchen: onePot, now }, 'small').before;
    expect(asked(NOW + 9e9)).toEqual(asked(NOW - 9e9));
    expect(asked(NOW)?.delay).toBe(0);
  });

  it('without a plan before or after, that is what is said', () => {
    const none: Kitchen = { ...kitchen, cookers: [] };
    const { before, after } = tryAddition(
      { meal: meal(dishIds), dishes, kitchen: none, now: NOW },
      'large',
    );
    expect(before).toBeNull();
    expect(after).not.toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import type { Dish } from '../dish';
import { householdSchema } from '../exchange';
import { mealSchema, newEntry, type BagSize, type MealEntry } from '../meal';
import { kitGrams, portionGrams } from '../storage';
import { bagLater, needsOf } from './bag-later';
import { bagSheet } from './bag-sheet';
import { servingsInBag } from './bag-size';
import { effectiveEntries } from './entries';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));
const dishOf = (id: string): Dish => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};
type Bags = NonNullable<MealEntry['what']['bags']>;
const bags = (more: Partial<Bags> = {}): Bags => ({
  copies: 3,
  state: 'raw',
  shape: 'flat',
  inFridge: 0,
  ...more,
});
const entry = (more: Partial<Bags>, servings: number | null = null): MealEntry =>
  newEntry('a', 'beef-cheek-stout', { what: { bags: bags(more) }, forWhom: { servings } });

describe('how much goes into a bag', () => {
  const soup = dishOf('lentil-squash-soup');
  const chickpeas = dishOf('bulk-chickpeas');
  const inBag = (dish: Dish, size: BagSize, state: Bags['state'] = 'cooked'): number =>
    servingsInBag(entry({ size, state }), { servings: 4 }, dish);

  it('is as many people as the entry or the meal is for, where nothing is measured', () => {
    expect(servingsInBag(entry({}), { servings: 4 }, soup)).toBe(4);
    expect(servingsInBag(entry({}, 2), { servings: 4 }, soup)).toBe(2);
  });

  it('by weight: of what is cooked as it is, of a kit what lies in the bag', () => {
    const grams = { amount: 1000, unit: 'g' } as const;
    expect(inBag(soup, grams)).toBeCloseTo(1000 / portionGrams(soup), 6);
    expect(inBag(soup, grams, 'raw')).toBeCloseTo(1000 / kitGrams(soup), 6);
    expect(inBag(soup, { amount: 1, unit: 'kg' })).toBeCloseTo(inBag(soup, grams), 6);
  });

  /** A cup of cooked chickpeas is 164 g (USDA SR); a pound dry comes to 2½ to 3 cups for each cup dry (common practice). */
  it('by the cup: what was cooked in bulk is measured loose', () => {
    const cup = inBag(chickpeas, { amount: 1, unit: 'cup' });
    const grams = cup * portionGrams(chickpeas);
    expect(grams).toBeGreaterThan(150);
    expect(grams).toBeLessThan(185);
    expect(inBag(chickpeas, { amount: 2, unit: 'cup' })).toBeCloseTo(2 * cup, 6);
  });

  it('the sheet says the same weight as was asked for, and the plan cooks for it', () => {
    const size = { amount: 500, unit: 'g' } as const;
    const servings = inBag(soup, size);
    const made = bags({ state: 'cooked', size });
    expect(bagSheet(soup, servings, made, kitchen).gramsEach).toBeCloseTo(500, 6);
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'M',
      serveAt: new Date(NOW + 86_400_000).toISOString(),
      zone: 'Europe/Athens',
      servings: 4,
      batch: true,
      entries: [newEntry('a', soup.id, { what: { bags: made } })],
    });
    const { entries } = effectiveEntries(meal, new Map([[soup.id, soup]]), kitchen);
    expect(entries.reduce((sum, e) => sum + e.servings, 0)).toBeCloseTo(3 * servings, 6);
  });
});

describe('a bag that is still to cook, looked at while it is packed', () => {
  const beef = dishOf('beef-cheek-stout');

  it('has minutes from frozen and thawed; what is cooked already has none', () => {
    const cycle = beef.stages.find((s) => s.kind === 'pressure');
    const later = bagLater(beef, 4, bags(), kitchen);
    expect(later?.thawedMin).toBe(cycle?.kind === 'pressure' ? cycle.holdMinutes : null);
    expect(later?.frozenMin).toBeGreaterThan(later?.thawedMin ?? Infinity);
    expect(bagLater(beef, 4, bags({ state: 'cooked' }), kitchen)).toBeNull();
  });

  it('too large for any pot it says what one takes; as large as that it does not', () => {
    const { most } = bagLater(beef, 200, bags(), kitchen) ?? {};
    expect(most).toBeGreaterThan(0);
    expect(bagLater(beef, most ?? 0, bags(), kitchen)?.most).toBeNull();
    expect(bagLater(beef, (most ?? 0) + 1, bags(), kitchen)?.most).toBe(most);
  });

  it('flat it may be wider than a pot, round it goes in; the label says what to do', () => {
    const flat = bagLater(beef, 6, bags(), kitchen);
    expect(flat?.isTooWide).toBe(true);
    expect(needsOf(flat, bags()).shape).toContain('thaw it until it bends');
    const round = bagLater(beef, 6, bags({ shape: 'mound' }), kitchen);
    expect(round?.isTooWide).toBe(false);
    expect(needsOf(round, bags({ shape: 'mound' })).shape).toBe('');
    // A small one lies down in it.
    expect(bagLater(beef, 1, bags(), kitchen)?.isTooWide).toBe(false);
  });

  it('what brings too little liquid says how much water; with its own there is none to add', () => {
    expect(bagLater(beef, 4, bags(), kitchen)?.addMl).toBe(0);
    const dry: Dish = {
      ...beef,
      ingredients: beef.ingredients.filter((i) => i.role !== 'liquid'),
      stages: beef.stages.map((s) => ({
        ...s,
        uses: s.uses.filter((u) => beef.ingredients.find((i) => i.id === u)?.role !== 'liquid'),
      })),
    };
    const later = bagLater(dry, 4, bags(), kitchen);
    expect(later?.addMl).toBeGreaterThanOrEqual(100);
    expect(needsOf(later, bags()).addMl).toBe(later?.addMl);
  });
});

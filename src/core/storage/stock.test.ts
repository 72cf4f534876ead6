import { dishIdOf } from './contents';
/** What lies in stock: its days, its label, and what a bag holds. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { KEEPING, type KeepingKind } from '../food';
import { shoppingList, stockFoods } from '../lists';
import { addDays } from './days';
import { bagParts } from './bag-contents';
import { kindOfDish, kindOfRaw } from './keeping-kind';
import { labelText } from './label';
import { movedTo, useByOf } from './use-by';
import { dishFromBag, frozenHold } from './reheat';
import { withBulk } from './bulk';
import type { StoreItem } from './item';

const household = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
const { kitchen, stores, dishes } = household;
const dishOf = (id: string) => {
  const dish = dishes.find((d) => d.id === id);
  if (!dish) throw new Error(id);
  return dish;
};
const itemOf = (code: string): StoreItem => {
  const item = stores.find((i) => i.code === code);
  if (!item) throw new Error(code);
  return item;
};
const KINDS = Object.keys(KEEPING) as KeepingKind[];
const moved = (item: StoreItem, place: StoreItem['place'], today: string): StoreItem => {
  const there = movedTo(item, { place, spot: null }, today);
  if (!there.ok) throw new Error(there.problems[0]?.message);
  return there.value;
};

describe('days', () => {
  it('rice is eaten within a day, whatever other leftovers allow (UK FSA)', () => {
    const rice = useByOf('cooked-rice', 'fridge', '2026-11-25');
    expect(rice.ok && rice.value.useBy).toBe('2026-11-26');
  });

  it('a bag of raw meat goes by raw meat: two days for pieces of poultry, not four (FoodSafety.gov)', () => {
    expect(kindOfRaw(dishOf('duck-prunes'))).toBe('poultry-pieces');
    expect(kindOfRaw(dishOf('beef-cheek-stout'))).toBe('meat');
    expect(kindOfDish(dishOf('duck-prunes'))).toBe('cooked-meat');
    const due = useByOf(kindOfRaw(dishOf('duck-prunes')), 'fridge', '2026-11-25');
    expect(due.ok && due.value.useBy).toBe('2026-11-27');
  });

  it('on its last day food may still be frozen, on the day after it may not (FSIS)', () => {
    const item = {
      ...itemOf('MARU'),
      place: 'fridge' as const,
      since: null,
      why: 'safety' as const,
    };
    const packed = {
      ...item,
      keepsAs: 'cooked-meat' as const,
      packedOn: '2026-11-20',
      useBy: '2026-11-24',
    };
    const to = { place: 'freezer' as const, spot: null };
    expect(movedTo(packed, to, '2026-11-24').ok).toBe(true);
    expect(movedTo(packed, to, '2026-11-25').ok).toBe(false);
  });

  it.each([
    [3, '2026-11-26'],
    [2, '2026-11-27'],
    // All of its days stood already: the day on which it is thawed is its last but one.
    [4, '2026-11-26'],
    [9, '2026-11-26'],
  ])(
    'thawed after %i days in the fridge before, it is used by %s (four days in all)',
    (days, by) => {
      const frozen = {
        ...itemOf('MARU'),
        keepsAs: 'cooked-meat' as const,
        place: 'freezer' as const,
        fridgeDaysBefore: days,
      };
      expect(moved(frozen, 'fridge', '2026-11-25').useBy).toBe(by);
    },
  );

  it('freezing stops the clock and does not set it back: what stood three days has one left when thawed', () => {
    const soup = {
      ...itemOf('MARU'),
      place: 'fridge' as const,
      packedOn: '2026-11-01',
      useBy: '2026-11-05',
      why: 'safety' as const,
    };
    const frozen = moved(soup, 'freezer', '2026-11-04');
    expect(frozen).toMatchObject({ why: 'quality', fridgeDaysBefore: 3, since: '2026-11-04' });
    const thawed = moved(frozen, 'fridge', '2026-12-20');
    expect(thawed).toMatchObject({ why: 'safety', useBy: '2026-12-21' });
    // Straight from the pot into the freezer, it has all its days when it is thawed.
    expect(moved({ ...frozen, fridgeDaysBefore: 0 }, 'fridge', '2026-12-20').useBy).toBe(
      '2026-12-24',
    );
    const spoiled = movedTo(soup, { place: 'freezer', spot: null }, '2026-11-06');
    expect(!spoiled.ok && spoiled.problems[0]?.remedy).toContain('throw it away');
  });

  it('law: however often it is frozen and thawed, it never has more days in the fridge than fresh', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS.filter((k) => KEEPING[k].freezerMonths)),
        fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 6 }),
        (kind, waits) => {
          const first = useByOf(kind, 'fridge', '2026-01-01');
          if (!first.ok) throw new Error(kind);
          const fresh = KEEPING[kind].strict?.days ?? KEEPING[kind].fridgeDays[1];
          let item: StoreItem = {
            ...itemOf('MARU'),
            place: 'fridge',
            packedOn: '2026-01-01',
            keepsAs: kind,
            ...first.value,
            since: null,
            fridgeDaysBefore: 0,
          };
          let today = '2026-01-01';
          let stood = 0;
          for (const wait of waits) {
            today = addDays(today, wait);
            if (item.place === 'fridge') stood += wait;
            const to = item.place === 'fridge' ? 'freezer' : 'fridge';
            const there = movedTo(item, { place: to, spot: null }, today);
            if (!there.ok) return;
            item = there.value;
            if (item.place === 'fridge')
              expect(item.useBy <= addDays(today, Math.max(1, fresh - stood))).toBe(true);
          }
        },
      ),
      { numRuns: 200, seed: 3 },
    );
  });
});

describe('labels', () => {
  const label = (code: string): string => {
    const item = itemOf(code);
    return labelText(item, dishes.find((d) => d.id === dishIdOf(item.contents)) ?? null, kitchen);
  };

  it('a bag to cook: hold frozen and thawed, what goes in with it and after, slow cooker only thawed', () => {
    const text = label('KURT');
    expect(text).toContain(`Pressure high: ${frozenHold(50)} min frozen, 50 min thawed; natural`);
    expect(text).toMatch(/Add: 330 ml stout, 250 ml beef broth/);
    expect(text).toMatch(/After: 2 tbsp cornstarch/);
    expect(text).toContain('Slow cooker: 9 h low, thawed first');
    // For three portions there is half of it to add.
    const half = labelText({ ...itemOf('KURT'), portions: 3 }, dishOf('beef-cheek-stout'), kitchen);
    expect(half).toMatch(/Add: 165 ml stout/);
  });

  it('beans with their toxin get no hours in a slow cooker (FDA, Bad Bug Book)', () => {
    const beef = dishOf('beef-cheek-stout');
    const beans = {
      ...beef,
      ingredients: beef.ingredients.map((i) =>
        i.id === 'carrot' ? { ...i, food: 'kidney beans' } : i,
      ),
    };
    expect(labelText(itemOf('KURT'), beans, kitchen)).not.toContain('Slow cooker');
  });

  it('a cooked bag: each way of heating that the kitchen has, with its minutes and state, to 74 °C (USDA FSIS)', () => {
    const text = label('MARU');
    expect(text).toMatch(/burner \d+ min thawed/);
    expect(text).toMatch(/above water, low, \d+ min frozen/);
    expect(text).toContain('74 °C');
    const bare = labelText(itemOf('MARU'), dishOf('lentil-squash-soup'), {
      ...kitchen,
      oven: null,
      burners: 0,
    });
    expect(bare).not.toMatch(/burner|oven/);
  });
});

describe('bags', () => {
  it('a bag taken apart loses nothing and holds nothing twice; water, potato and dairy stay out (common practice)', () => {
    for (const dish of dishes) {
      const { inside, withBag, after } = bagParts(dish, dish.servings);
      const ids = [...inside, ...withBag, ...after].map((i) => i.ingredient.id);
      expect(ids.toSorted(), dish.id).toEqual(dish.ingredients.map((i) => i.id).toSorted());
      for (const { food } of inside) {
        expect(food?.id).not.toBe('potato');
        expect(food?.group).not.toBe('dairy');
      }
    }
  });

  it('what goes into the pot with the bag is bought again; what is in it is not', () => {
    const bag = dishFromBag(itemOf('KURT'), dishOf('beef-cheek-stout'), kitchen);
    if (!bag.ok) throw new Error('no bag');
    const own = (id: string) => bag.value.ingredients.find((i) => i.id === id);
    expect(own('cheek')).toMatchObject({ fromStore: true, frozen: true });
    expect(own('stout')?.fromStore).not.toBe(true);
    const cook = bag.value.stages.find((s) => s.kind === 'pressure');
    expect(cook?.uses).toEqual(expect.arrayContaining(['cheek', 'stout', 'broth']));
  });
});

describe('raw food in packs', () => {
  const hake = itemOf('DAKE');

  it('is an ingredient of a dish: there, thawed in time, as much as there is', () => {
    const made = withBulk(dishOf('hake-fennel'), hake);
    if (!made.ok) throw new Error(made.problems[0]?.message);
    const fish = made.value.ingredients.find((i) => i.food.includes('hake'));
    expect(fish).toMatchObject({ fromStore: true, frozen: true, thaw: true, packGrams: 450 });
    expect(made.value.atMost).toBeGreaterThan(0);
    expect(made.value.stages).toEqual(dishOf('hake-fennel').stages);
    expect(withBulk(dishOf('red-cabbage'), hake).ok).toBe(false);
    expect(
      withBulk(dishOf('hake-fennel'), {
        ...hake,
        contents: { kind: 'pack', food: 'hake', grams: 10, isRaw: true },
        portions: 1,
      }).ok,
    ).toBe(false);
  });

  it('is no dish by itself', () => {
    const alone = dishFromBag(hake, null, kitchen);
    expect(!alone.ok && alone.problems[0]?.remedy).toContain('made from');
  });

  it('is taken off the shopping list with where it lies, and never twice', () => {
    const dish = dishOf('hake-fennel');
    const want = { dish, servings: 2, meal: 'Friday', withDishes: new Set<string>() };
    const bought = (foods: ReturnType<typeof stockFoods>) => {
      const { lines, inHouse } = shoppingList([want], foods, []);
      return [...lines, ...inHouse].find((l) => l.food === 'hake');
    };
    const all = stockFoods(stores, []);
    // Frozen it is of no use unless it is chosen: the list says so, and still says to buy.
    expect(bought(all)?.because.join()).toContain(
      'or DAKE in the freezer: choose it under the dish',
    );
    expect(bought(all)?.buy?.amount).toBeGreaterThan(0);
    const inFridge = stockFoods([{ ...hake, place: 'fridge' }], []);
    expect(bought(inFridge)?.because.join()).toContain('enough: DAKE in the fridge');
    expect(bought(inFridge)?.buy?.amount).toBe(0);
    // A dish made from the packs has taken what it needs of them.
    const made = withBulk(dish, hake);
    if (!made.ok) throw new Error('no dish');
    const left = stockFoods(stores, [{ dish: made.value, servings: 6 }]);
    const grams = (foods: typeof all): number => foods.find((f) => f.food === 'hake')?.amount ?? 0;
    expect(grams(all)).toBe(900);
    expect(grams(left)).toBeLessThan(grams(all));
  });
});

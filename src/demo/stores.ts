/** The demo's freezer and fridge: a freezer day five weeks ago, raw food, and what is left of last night. */
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import {
  isRaw,
  kindOfDish,
  kindOfRaw,
  labelText,
  storeItemSchema,
  useByOf,
  type StoreItem,
} from '$core/storage';

const DAY_MS = 86_400_000;

const BULK_CHICKPEAS: StoreItem['contents'] = {
  kind: 'bulk',
  dishId: 'bulk-chickpeas',
  food: 'chickpea',
  rawGrams: 175,
};

/** @param now ms since the epoch */
export function demoStores(now: number, dishes: readonly Dish[], kitchen: Kitchen): StoreItem[] {
  const day = (days: number): string => new Date(now + days * DAY_MS).toISOString().slice(0, 10);
  const bag = (
    code: string,
    dishId: string,
    portions: number,
    packed: number,
    more: Partial<Omit<StoreItem, 'contents'>> = {},
    contents: StoreItem['contents'] = { kind: 'cooked', dishId },
  ): StoreItem => {
    const dish = dishes.find((d) => d.id === dishId);
    if (!dish) throw new Error(`the demo has no dish ${dishId}`);
    const { place = 'freezer' } = more;
    const keepsAs = isRaw(contents) ? kindOfRaw(dish) : kindOfDish(dish);
    const name = more.name ?? dish.name;
    const due = useByOf(keepsAs, place, day(packed));
    const about = {
      portions,
      place,
      contents,
      name,
      thicknessMm: 40,
      ...more,
    };
    return storeItemSchema.parse({
      id: `demo-${code.toLowerCase()}`,
      code,
      keepsAs,
      packedOn: day(packed),
      ...(due.ok ? due.value : {}),
      cooking: labelText(about, dish, kitchen),
      ...about,
    });
  };
  const pack = (
    code: string,
    food: string,
    packs: number,
    grams: number,
    more: Pick<StoreItem, 'keepsAs' | 'useBy'> & Partial<StoreItem>,
  ): StoreItem => {
    const contents = { kind: 'pack', food, grams, isRaw: true } as const;
    return storeItemSchema.parse({
      id: `demo-${code.toLowerCase()}`,
      code,
      name: food.charAt(0).toUpperCase() + food.slice(1),
      place: 'freezer',
      portions: packs,
      packedOn: day(-20),
      why: 'quality',
      contents,
      cooking: labelText(
        {
          name: food,
          portions: packs,
          contents,
          thicknessMm: 40,
          place: 'freezer',
        },
        null,
        kitchen,
      ),
      ...more,
    });
  };
  return [
    bag('MARU', 'lentil-squash-soup', 6, -36),
    bag('TRKA', 'black-bean-plantain', 4, -36),
    bag('VELA', 'red-cabbage', 8, -81),
    bag(
      'KURT',
      'beef-cheek-stout',
      6,
      -36,
      { name: 'Beef cheek in stout, to cook', allergens: ['gluten', 'celery'] },
      { kind: 'kit', dishId: 'beef-cheek-stout' },
    ),
    bag('ZAPU', 'bulk-chickpeas', 9, -36, {}, BULK_CHICKPEAS),
    pack('DAKE', 'hake', 2, 450, { keepsAs: 'fish', useBy: day(200), allergens: ['fish'] }),
    pack('NERA', 'ground lamb', 3, 500, { keepsAs: 'ground-meat', useBy: day(98), spot: 'cellar' }),
    bag('HELA', 'mushroom-barley', 2, -1, { place: 'fridge', allergens: ['gluten', 'milk'] }),
  ];
}

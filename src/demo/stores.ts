/** The demo's freezer and fridge: a freezer day five weeks ago, and what is left of last night. */
import type { StoreItem } from '$core/stores';

const DAY_MS = 86_400_000;

/** @param now ms since the epoch */
export function demoStores(now: number): StoreItem[] {
  const day = (days: number): string => new Date(now + days * DAY_MS).toISOString().slice(0, 10);
  const bag = (
    code: string,
    dishId: string,
    name: string,
    portions: number,
    more: Partial<StoreItem> = {},
  ): StoreItem => ({
    id: `demo-${code.toLowerCase()}`,
    code,
    name,
    dishId,
    place: 'freezer',
    portions,
    packedOn: day(-36),
    useBy: day(54),
    why: 'quality',
    cooking: 'Heat to 74 °C all through; never in a slow cooker (USDA FSIS).',
    allergens: [],
    isRaw: false,
    spot: null,
    bulk: null,
    shape: 'flat',
    thicknessMm: 40,
    ...more,
  });
  return [
    bag('MARU', 'lentil-squash-soup', 'Red lentil and squash soup', 6),
    bag('TRKA', 'black-bean-plantain', 'Black bean and plantain stew', 4),
    bag('VELA', 'red-cabbage', 'Braised red cabbage', 8, { packedOn: day(-70), useBy: day(9) }),
    bag('KURT', 'beef-cheek-stout', 'Beef cheek in stout, to cook', 6, {
      isRaw: true,
      cooking:
        'Pressure high, 50 min, natural release. Slow cooker, thawed: 9 h low. After: cornstarch.',
      allergens: ['gluten', 'celery'],
      packedOn: day(-36),
      useBy: day(84),
    }),
    bag('ZAPU', 'chickpeas-lemon', 'Chickpeas, cooked, 400 g bags', 9, {
      bulk: { food: 'chickpea', rawGrams: 175 },
    }),
    bag('HELA', 'mushroom-barley', 'Barley with mushrooms', 2, {
      place: 'fridge',
      packedOn: day(-1),
      useBy: day(2),
      why: 'safety',
      allergens: ['gluten', 'milk'],
    }),
  ];
}

/** The demo household: a made-up kitchen, its dishes, and two meals that lie ahead. */
import { getDayOfWeek, parseAbsolute, toCalendarDateTime, toZoned } from '@internationalized/date';
import { HOUSEHOLD_FORMAT, type Household } from '$core/exchange';
import type { Kitchen } from '$core/kitchen';
import { changedEntry, mealSchema, newEntry, type Meal, type MealEntry } from '$core/meal';
import type { z } from 'zod';
import { GUEST_DISHES } from './guest-dishes';
import { demoStores } from './stores';
import { SUPPER_DISHES } from './supper-dishes';
import { WEEKDAY_DISHES } from './weekday-dishes';

const ZONE = 'Europe/Athens';

export const DEMO_KITCHEN: Kitchen = {
  format: 'olive-clock/kitchen@1',
  aisles: [],
  riceDays: 1,
  foods: [],
  cookers: [
    {
      id: 'large',
      name: 'Large',
      litres: 7.6,
      watts: 1200,
      diameterMm: 240,
      heightMm: 175,
      levels: ['low', 'high'],
      modes: ['saute'],
      staysWarm: false,
      spareLiners: 0,
      rings: 2,
      circuit: 'worktop',
      leastMl: null,
      words: {},
      heat: null,
    },
    {
      id: 'middle',
      name: 'Middle',
      litres: 5.7,
      watts: 1000,
      diameterMm: 220,
      heightMm: 155,
      levels: ['low', 'high'],
      modes: ['saute'],
      staysWarm: false,
      spareLiners: 1,
      rings: 1,
      circuit: 'worktop',
      leastMl: null,
      words: {},
      heat: null,
    },
    {
      id: 'small',
      name: 'Small',
      litres: 2.8,
      watts: 700,
      diameterMm: 180,
      heightMm: 118,
      levels: ['low', 'high'],
      modes: ['saute'],
      staysWarm: false,
      spareLiners: 0,
      rings: 1,
      circuit: 'island',
      leastMl: null,
      words: { pressure: 'Steam pressure', high: 'Normal' },
      heat: null,
    },
  ],
  oven: { shelves: 2, heatMinutes: 12 },
  appliances: [],
  burners: 4,
  tools: [
    { id: 'rack', name: 'Low rack', count: 1, kind: 'rack', diameterMm: 170, heightMm: 25 },
    {
      id: 'basket',
      name: 'Steaming basket',
      count: 2,
      kind: 'basket',
      diameterMm: 190,
      heightMm: 90,
    },
    { id: 'pan-18', name: 'Pan, 18 cm', count: 1, kind: 'pan', diameterMm: 180, heightMm: 75 },
    { id: 'pan-15', name: 'Pan, 15 cm', count: 1, kind: 'pan', diameterMm: 150, heightMm: 70 },
  ],
  circuits: [
    { id: 'worktop', name: 'Worktop sockets', watts: 3680 },
    { id: 'island', name: 'Island sockets', watts: 2300 },
  ],
  cooks: [],
  places: [
    { id: 'freezer', name: 'Freezer drawers', kind: 'freezer', litres: 70 },
    { id: 'cellar', name: 'Freezer in the cellar', kind: 'freezer', litres: 150 },
    { id: 'fridge', name: 'Fridge', kind: 'fridge', litres: 30 },
  ],
  day: { from: 7, to: 22 },
  hands: 1,
  altitudeM: 120,
  school: 'by-size',
  system: 'metric',
  scale: 'C',
  hours: 24,
  weekStart: 'monday',
  zone: ZONE,
};

const DAY_MS = 86_400_000;

/** The next given weekday (0 is Sunday) at a time of day that lies a day ahead at least. */
function nextWeekday(now: number, weekday: number, hour: number, minute: number): string {
  let day = toCalendarDateTime(parseAbsolute(new Date(now).toISOString(), ZONE)).add({ days: 1 });
  while (getDayOfWeek(day, 'en-GB', 'sun') !== weekday) day = day.add({ days: 1 });
  return toZoned(day.set({ hour, minute, second: 0, millisecond: 0 }), ZONE)
    .toDate()
    .toISOString();
}

/** A day that lies so many days ahead, `2026-11-28`. */
function dayAhead(now: number, days: number): string {
  return toCalendarDateTime(parseAbsolute(new Date(now).toISOString(), ZONE))
    .add({ days })
    .toString()
    .slice(0, 10);
}

const DISHES = [...SUPPER_DISHES, ...WEEKDAY_DISHES, ...GUEST_DISHES];

/** @param now ms since the epoch; the meals are set ahead of it */
export function demoHousehold(now: number): Household {
  const entry = (dishId: string, later = 0): MealEntry =>
    newEntry(dishId, dishId, { when: { later } });
  const bags = (
    dishId: string,
    copies: number,
    state: NonNullable<MealEntry['what']['bags']>['state'],
  ): MealEntry =>
    newEntry(dishId, dishId, {
      what: { bags: { copies, state, shape: 'flat', inFridge: 0 } },
    });
  const meal = (written: z.input<typeof mealSchema>): Meal => mealSchema.parse(written);
  return {
    format: HOUSEHOLD_FORMAT,
    kitchen: DEMO_KITCHEN,
    plans: [],
    larder: [
      { food: 'olive oil', amount: null, unit: null, useBy: null },
      { food: 'salt', amount: null, unit: null, useBy: null },
      { food: 'onions', amount: 3, unit: 'piece', useBy: null },
      { food: 'bulgur', amount: 300, unit: 'g', useBy: null },
      { food: 'yogurt', amount: 500, unit: 'g', useBy: dayAhead(now, 3) },
      { food: 'fennel', amount: 2, unit: 'piece', useBy: dayAhead(now, 2) },
    ],
    stores: demoStores(now, DISHES, DEMO_KITCHEN),
    prices: [
      { food: 'lamb shoulder', price: 14, per: 'kg' },
      { food: 'dry chickpeas', price: 3.2, per: 'kg' },
      { food: 'dried apricots', price: 9, per: 'kg' },
    ],
    dishes: DISHES,
    meals: [
      meal({
        format: 'olive-clock/meal@2',
        id: 'harvest-supper',
        name: 'Harvest supper',
        serveAt: nextWeekday(now, 6, 18, 30),
        zone: ZONE,
        servings: 8,
        sure: 'likely',
        entries: [
          entry('lamb-apricots'),
          entry('chickpeas-lemon'),
          entry('saffron-bulgur'),
          entry('beetroot-dill'),
          entry('warm-flatbread'),
          entry('semolina-pudding', 30),
        ],
      }),
      meal({
        format: 'olive-clock/meal@2',
        id: 'wednesday-for-three',
        name: 'Wednesday for three',
        serveAt: nextWeekday(now, 3, 19, 0),
        zone: ZONE,
        servings: 3,
        sure: 'likely',
        entries: [entry('hake-fennel'), entry('mushroom-barley'), entry('green-beans-almonds')],
        eaters: [
          { id: 'ada', name: 'Ada', appetite: 1 },
          { id: 'tomas', name: 'Tomas', appetite: 1.5, allergens: ['nuts'] },
          { id: 'mina', name: 'Mina', appetite: 0.5 },
        ],
      }),
      meal({
        format: 'olive-clock/meal@2',
        id: 'freezer-day',
        name: 'Freezer day',
        serveAt: nextWeekday(now + 7 * DAY_MS, 0, 17, 0),
        zone: ZONE,
        servings: 4,
        sure: 'likely',
        batch: true,
        entries: [
          bags('lentil-squash-soup', 3, 'cooked'),
          bags('black-bean-plantain', 3, 'cooked'),
          bags('red-cabbage', 3, 'cooked'),
          bags('beef-cheek-stout', 3, 'raw'),
          // A little over 6 lb of dry chickpeas: 16 bags of 175 g.
          changedEntry(bags('bulk-chickpeas', 16, 'cooked'), { forWhom: { servings: 1 } }),
        ],
      }),
    ],
  };
}

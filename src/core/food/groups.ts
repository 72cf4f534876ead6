/** What foods of a group have in common, where a row of the table says nothing else. */
import type { Aisle, Allergen, DonenessTarget, FoodGroup, KeepingKind } from './types';

interface GroupDefaults {
  aisle: Aisle;
  keep: KeepingKind;
  allergens: readonly Allergen[];
  /** Overcooks within minutes: its hold is shortened for a longer come-up (common practice). */
  finicky: boolean;
  /** g of juice from 1 g in a cycle: a pound of meat may give a quarter of a cup (common practice). */
  gives: number;
  /** Minutes at 116 °C for most of the piece; see `Food`. */
  doses: Readonly<Partial<Record<DonenessTarget, number>>>;
}

const none: readonly Allergen[] = [];

export const GROUPS: Readonly<Record<FoodGroup, GroupDefaults>> = {
  liquid: { aisle: 'larder', keep: 'opened', allergens: none, finicky: false, gives: 0, doses: {} },
  fat: { aisle: 'larder', keep: 'dry', allergens: none, finicky: false, gives: 0, doses: {} },
  grain: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    doses: { soft: 5 },
  },
  pulse: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    doses: { soft: 30 },
  },
  baking: { aisle: 'baking', keep: 'dry', allergens: none, finicky: false, gives: 0, doses: {} },
  nut: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: ['nuts'],
    finicky: false,
    gives: 0,
    doses: { soft: 10 },
  },
  vegetable: {
    aisle: 'vegetables',
    keep: 'vegetable',
    allergens: none,
    finicky: true,
    gives: 0.1,
    doses: { crisp: 0.4, soft: 1.5 },
  },
  fruit: {
    aisle: 'fruit',
    keep: 'vegetable',
    allergens: none,
    finicky: true,
    gives: 0.1,
    doses: { crisp: 0.2, soft: 0.8 },
  },
  seasoning: {
    aisle: 'herbs and spices',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    doses: {},
  },
  meat: {
    aisle: 'meat',
    keep: 'meat',
    allergens: none,
    finicky: false,
    gives: 0.13,
    doses: { slice: 10, shred: 25 },
  },
  poultry: {
    aisle: 'meat',
    keep: 'poultry',
    allergens: none,
    finicky: false,
    gives: 0.13,
    doses: { slice: 0, shred: 4 },
  },
  fish: {
    aisle: 'fish',
    keep: 'fish',
    allergens: ['fish'],
    finicky: true,
    gives: 0.1,
    doses: { soft: 0 },
  },
  egg: {
    aisle: 'dairy',
    keep: 'egg',
    allergens: ['egg'],
    finicky: true,
    gives: 0,
    doses: { soft: 0 },
  },
  dairy: {
    aisle: 'dairy',
    keep: 'dairy',
    allergens: ['milk'],
    finicky: false,
    gives: 0,
    doses: {},
  },
};

/** What foods of a group have in common, where a row of the table says nothing else. */
import type { SofteningClass } from './softening';
import type { Aisle, Allergen, FoodGroup, KeepingKind } from './types';

interface GroupDefaults {
  aisle: Aisle;
  keep: KeepingKind;
  allergens: readonly Allergen[];
  /** Overcooks within minutes: its hold is shortened for a longer come-up (common practice). */
  finicky: boolean;
  /** g of juice from 1 g in a cycle: a pound of meat may give a quarter of a cup (common practice). */
  gives: number;
  softening: SofteningClass;
}

const none: readonly Allergen[] = [];

export const GROUPS: Readonly<Record<FoodGroup, GroupDefaults>> = {
  liquid: {
    aisle: 'larder',
    keep: 'opened',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'none',
  },
  fat: {
    aisle: 'larder',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'none',
  },
  grain: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'grain',
  },
  pulse: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'pulse',
  },
  baking: {
    aisle: 'baking',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'none',
  },
  nut: {
    aisle: 'dry goods',
    keep: 'dry',
    allergens: ['nuts'],
    finicky: false,
    gives: 0,
    softening: 'nut',
  },
  vegetable: {
    aisle: 'vegetables',
    keep: 'vegetable',
    allergens: none,
    finicky: true,
    gives: 0.1,
    softening: 'firm',
  },
  fruit: {
    aisle: 'fruit',
    keep: 'vegetable',
    allergens: none,
    finicky: true,
    gives: 0.1,
    softening: 'fruit',
  },
  seasoning: {
    aisle: 'herbs and spices',
    keep: 'dry',
    allergens: none,
    finicky: false,
    gives: 0,
    softening: 'none',
  },
  meat: {
    aisle: 'meat',
    keep: 'meat',
    allergens: none,
    finicky: false,
    gives: 0.13,
    softening: 'tough-meat',
  },
  poultry: {
    aisle: 'meat',
    keep: 'poultry',
    allergens: none,
    finicky: false,
    gives: 0.13,
    softening: 'white',
  },
  fish: {
    aisle: 'fish',
    keep: 'fish',
    allergens: ['fish'],
    finicky: true,
    gives: 0.1,
    softening: 'fish',
  },
  egg: {
    aisle: 'dairy',
    keep: 'egg',
    allergens: ['egg'],
    finicky: true,
    gives: 0,
    softening: 'egg',
  },
  dairy: {
    aisle: 'dairy',
    keep: 'dairy',
    allergens: ['milk'],
    finicky: false,
    gives: 0,
    softening: 'none',
  },
};

/** What foods of a group have in common, where a row of the table says nothing else. */
import type { Aisle, Allergen, FoodGroup, KeepingKind } from './types';

interface GroupDefaults {
  aisle: Aisle;
  keep: KeepingKind;
  allergens: readonly Allergen[];
  /** Overcooks within minutes: its hold is shortened for a longer come-up (common practice). */
  finicky: boolean;
  /** g of juice from 1 g in a cycle: a pound of meat may give a quarter of a cup (common practice). */
  gives: number;
}

const none: readonly Allergen[] = [];

export const GROUPS: Readonly<Record<FoodGroup, GroupDefaults>> = {
  liquid: { aisle: 'larder', keep: 'opened', allergens: none, finicky: false, gives: 0 },
  fat: { aisle: 'larder', keep: 'dry', allergens: none, finicky: false, gives: 0 },
  grain: { aisle: 'dry goods', keep: 'dry', allergens: none, finicky: false, gives: 0 },
  pulse: { aisle: 'dry goods', keep: 'dry', allergens: none, finicky: false, gives: 0 },
  baking: { aisle: 'baking', keep: 'dry', allergens: none, finicky: false, gives: 0 },
  nut: { aisle: 'dry goods', keep: 'dry', allergens: ['nuts'], finicky: false, gives: 0 },
  vegetable: { aisle: 'vegetables', keep: 'vegetable', allergens: none, finicky: true, gives: 0.1 },
  fruit: { aisle: 'fruit', keep: 'vegetable', allergens: none, finicky: true, gives: 0.1 },
  seasoning: { aisle: 'herbs and spices', keep: 'dry', allergens: none, finicky: false, gives: 0 },
  meat: { aisle: 'meat', keep: 'meat', allergens: none, finicky: false, gives: 0.13 },
  poultry: { aisle: 'meat', keep: 'poultry', allergens: none, finicky: false, gives: 0.13 },
  fish: { aisle: 'fish', keep: 'fish', allergens: ['fish'], finicky: true, gives: 0.1 },
  egg: { aisle: 'dairy', keep: 'egg', allergens: ['egg'], finicky: true, gives: 0 },
  dairy: { aisle: 'dairy', keep: 'dairy', allergens: ['milk'], finicky: false, gives: 0 },
};

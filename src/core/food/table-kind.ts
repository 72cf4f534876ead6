/** What a row of the table is, as far as safety, keeping and diets ask. */
import type { FoodKind } from './kind';
import type { Food, FoodClass, KeepingKind } from './types';

/** Cooked rice spoils in its own way, whichever rice of the table it is. */
export function isRice(food: Food): boolean {
  return food.group === 'grain' && food.names.some((name) => name.endsWith('rice'));
}

/** What a plant of the table keeps as when it is cooked. */
export function cookedRow(food: Food): KeepingKind {
  if (isRice(food)) return 'cooked-rice';
  return food.group === 'pulse' ? 'cooked-pulse' : 'cooked-vegetable';
}

const CLASS_OF_GROUP: Readonly<Record<Food['group'], FoodClass>> = {
  liquid: 'plant',
  fat: 'plant',
  grain: 'plant',
  pulse: 'plant',
  baking: 'plant',
  nut: 'plant',
  vegetable: 'plant',
  fruit: 'plant',
  seasoning: 'plant',
  meat: 'whole-cut',
  poultry: 'poultry',
  fish: 'fish',
  egg: 'egg',
  dairy: 'ready',
};

/** The kind of a row of the table. */
export function kindOfFood(food: Food): FoodKind {
  const isCooked = food.keep.startsWith('cooked-');
  return {
    class: classOfFood(food, isCooked),
    doneness: isCooked ? 'cooked' : 'unsaid',
    keep: food.keep,
    like: food.id,
    by: 'table',
  };
}

function classOfFood(food: Food, isCooked: boolean): FoodClass {
  if (food.safety) return food.safety;
  if (isCooked) return food.group === 'meat' || food.group === 'poultry' ? 'casserole' : 'ready';
  switch (food.keep) {
    case 'ground-meat':
      return food.group === 'poultry' ? 'poultry' : 'ground';
    case 'sausage':
    case 'giblets':
      return food.group === 'poultry' ? 'poultry' : 'ground';
    case 'ham':
      return 'casserole';
    case 'shellfish':
      return 'shellfish';
    case 'opened':
      return food.group === 'fish' ? 'ready' : CLASS_OF_GROUP[food.group];
    case 'soup':
      return 'ready';
    default:
      return CLASS_OF_GROUP[food.group];
  }
}

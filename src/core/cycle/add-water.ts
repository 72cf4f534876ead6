/** Water that a dish lacks, put into it: the remedy of a plan that counts on more than the recipe has. */
import { freeIdIn, type Dish, type Ingredient } from '../dish';
import { roundWater } from '../units';

/**
 * @param ml for the dish’s own servings
 * @returns the dish with so much water more in that stage; as it was where the stage is not there
 */
export function addWater(dish: Dish, stageId: string, ml: number): Dish {
  if (!dish.stages.some((s) => s.id === stageId)) return dish;
  const id = freeIdIn(dish, 'water');
  const water: Ingredient = {
    id,
    food: 'water',
    amount: roundWater(ml),
    unit: 'ml',
    preparation: '',
    role: 'liquid',
    scaling: 'proportional',
  };
  return {
    ...dish,
    ingredients: [...dish.ingredients, water],
    stages: dish.stages.map((s) => (s.id === stageId ? { ...s, uses: [...s.uses, id] } : s)),
  };
}

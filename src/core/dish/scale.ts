/** Scaling to servings: amounts by behaviour, and what each ingredient weighs in the pot. */
import { findFood, groupChoice, kindOf as kindOfFood, type Food } from '../food';
import { UNITS, kindOf, toFraction, type Quantity } from '../units';
import { heldByWeight } from './by-weight';
import type { Dish, Ingredient } from './document';
import type { ScaledDish, ScaledIngredient } from './scaled';

/** Salt and spice grow less than the pot: twice the food, about 1.75 times the salt (common practice). */
const TO_TASTE_EXPONENT = 0.8;

/** The dish for `servings` people; but for holds by weight the stages are as written, see core/plan. */
export function scaleDish(dish: Dish, servings: number): ScaledDish {
  const factor = servings / dish.servings;
  const ingredients = dish.ingredients.map((ingredient) => scaleIngredient(ingredient, factor));
  const isByWeight = dish.stages.some((s) => s.kind === 'pressure' && s.minutesPerLb !== undefined);
  return {
    dish: isByWeight
      ? { ...dish, stages: dish.stages.map((stage) => heldByWeight(stage, ingredients)) }
      : dish,
    servings,
    factor,
    ingredients,
  };
}

function scaleIngredient(ingredient: Ingredient, factor: number): ScaledIngredient {
  const food = findFood(ingredient.food);
  const kind =
    (ingredient.group && groupChoice(ingredient.group)?.kind) || kindOfFood(ingredient.food);
  const [scale, because] = scaleFactor(ingredient, factor);
  const quantity =
    ingredient.amount === null
      ? null
      : { amount: ingredient.amount * scale, unit: ingredient.unit ?? ('piece' as const) };
  const grams = quantity && toGrams(quantity, food);
  if (ingredient.scaling !== 'packages' || !quantity)
    return { ingredient, food, kind, quantity, grams, leftover: null, because };
  const opened = Math.ceil(quantity.amount - 1e-9);
  const rest = opened - quantity.amount;
  return {
    ingredient,
    food,
    kind,
    quantity,
    grams,
    leftover: rest > 1e-9 ? { amount: rest, unit: quantity.unit } : null,
    because:
      rest > 1e-9
        ? `open ${opened}; ${toFraction(rest)} of one is left over`
        : factor === 1
          ? null
          : 'whole packages',
  };
}

function scaleFactor({ scaling, amount }: Ingredient, factor: number): [number, string | null] {
  if (factor === 1 || amount === null) return [factor, null];
  if (scaling === 'with-pot')
    return [1, 'it is there for steam and goes with the pot, not with the servings'];
  if (scaling === 'to-taste')
    return [factor ** TO_TASTE_EXPONENT, 'to taste: less than in proportion, correct at the end'];
  if (scaling === 'whole') {
    const whole = Math.max(1, Math.round(amount * factor));
    return [whole / amount, whole === amount * factor ? null : 'whole pieces only'];
  }
  if (scaling === 'packages') {
    const quarters = Math.max(1, Math.round(amount * factor * 4)) / 4;
    return [quarters / amount, null];
  }
  return [factor, null];
}

/** The usual can, g: 14 to 15 oz (common practice; the label decides). */
const CAN_G = 400;

/** Weight of a quantity of a food; null where neither density nor piece weight is known. */
export function toGrams(quantity: Quantity, food: Food | null): number | null {
  const kind = kindOf(quantity.unit);
  const base = quantity.amount * UNITS[quantity.unit].size;
  if (kind === 'mass') return base;
  if (kind === 'volume') return food ? base * food.density : null;
  if (quantity.unit === 'pinch') return base * 0.4;
  if (quantity.unit === 'can') return base * CAN_G;
  return food?.pieceG != null ? base * food.pieceG : null;
}

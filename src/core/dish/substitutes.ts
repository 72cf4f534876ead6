/** One food for another, with what that does to the pot. */
import { findFood, type Food } from '../food';
import type { Dish, Ingredient } from './document';
import { toGrams } from './scale';

export interface Substitute {
  /** What it becomes. */
  food: string;
  amount: number;
  unit: NonNullable<Ingredient['unit']>;
  preparation: string;
  /** What changes with it: liquid, time, salt, allergens. */
  consequences: string[];
  source: string;
}

interface Rule {
  from: readonly string[];
  to: string;
  /** g of the new for each g of the old. */
  ratio: number;
  consequences: readonly string[];
  /** Only where the preparation says so, or says not so. */
  when?: (ingredient: Ingredient) => boolean;
  preparation?: string;
}

const COMMON = 'common practice';
const isDried = (i: Ingredient): boolean => /dried|dry\b/i.test(`${i.food} ${i.preparation}`);
const isCanned = (i: Ingredient): boolean =>
  /canned|cooked|tinned|drained/i.test(`${i.food} ${i.preparation}`) || i.unit === 'can';
const HERBS = [
  'parsley',
  'dill',
  'thyme',
  'rosemary',
  'sage',
  'oregano',
  'basil',
  'mint',
  'tarragon',
];
const PULSES = ['chickpea', 'white-bean', 'black-bean', 'kidney-bean', 'pinto-bean'];

/** Dried pulses take up about their own weight and a half of water: 1 g dry is 2.4 g cooked (common practice). */
const COOKED_FOR_DRY = 2.4;
/** Fresh herbs to dried, by volume 3 : 1; dried weigh about a fifth of fresh by volume (common practice). */
const DRIED_FOR_FRESH = 1 / 7;

const RULES: readonly Rule[] = [
  {
    from: HERBS,
    to: 'dried',
    ratio: DRIED_FOR_FRESH,
    when: (i) => !isDried(i),
    preparation: 'dried; a third of the fresh by volume',
    consequences: ['goes in before the cycle, where fresh goes in after it'],
  },
  {
    from: HERBS,
    to: 'fresh',
    ratio: 1 / DRIED_FOR_FRESH,
    when: isDried,
    preparation: 'fresh; three times the dried by volume',
    consequences: ['goes in after the cycle, or its scent is gone'],
  },
  {
    from: PULSES,
    to: 'canned',
    ratio: COOKED_FOR_DRY,
    when: (i) => !isCanned(i),
    preparation: 'cooked, drained',
    consequences: [
      'no soaking, and 0–5 min at pressure: they are done already',
      'leave out the water that the dry ones would take up, about 1.4 ml for each gram',
    ],
  },
  {
    from: PULSES,
    to: 'dry',
    ratio: 1 / COOKED_FOR_DRY,
    when: isCanned,
    preparation: 'dry, soaked overnight',
    consequences: [
      'soak overnight; the pressure time is that of the pulse, and the pot may be half full only',
      'add about 1.4 ml of water for each gram of dry pulse',
    ],
  },
  {
    from: ['broth'],
    to: 'water',
    ratio: 1,
    consequences: ['add a teaspoon of stock powder for each cup, or salt at the end', 'no celery'],
  },
  {
    from: ['wine', 'stout', 'cider'],
    to: 'broth',
    ratio: 1,
    consequences: [
      'a splash of vinegar at the end for the sharpness',
      'no alcohol, and no sulphites',
    ],
  },
  {
    from: ['cream'],
    to: 'coconut milk',
    ratio: 1,
    consequences: ['goes in after the cycle as well', 'no milk; tastes of coconut'],
  },
  { from: ['butter', 'ghee'], to: 'olive oil', ratio: 0.8, consequences: ['no milk'] },
  { from: ['yogurt'], to: 'sour cream', ratio: 1, consequences: ['after the cycle, off the heat'] },
  {
    from: ['flour'],
    to: 'cornstarch',
    ratio: 0.5,
    consequences: ['no gluten', 'stirred into cold liquid, after the cycle'],
  },
  {
    from: ['cornstarch'],
    to: 'flour',
    ratio: 2,
    consequences: ['bound to fat, or cooked 2 min more'],
  },
  {
    from: ['bulgur'],
    to: 'rice',
    ratio: 1,
    consequences: ['no gluten', 'use Answers to find its water; the pressure time is another one'],
  },
  {
    from: ['barley'],
    to: 'brown rice',
    ratio: 1,
    consequences: ['no gluten', 'about 22 min instead of 20 to 25'],
  },
  { from: ['shallot'], to: 'onion', ratio: 1, consequences: [] },
  {
    from: ['leek'],
    to: 'onion',
    ratio: 0.8,
    consequences: ['gives off more water while it cooks'],
  },
  {
    from: ['honey'],
    to: 'sugar',
    ratio: 0.8,
    consequences: ['add a fifth of its weight in water'],
  },
];

/** What may stand in for an ingredient; empty where nothing is known to. */
export function substitutesFor(ingredient: Ingredient): Substitute[] {
  const food = findFood(ingredient.food);
  if (!food || ingredient.amount === null) return [];
  const grams = toGrams({ amount: ingredient.amount, unit: ingredient.unit ?? 'piece' }, food);
  if (grams === null) return [];
  return RULES.filter(
    (rule) => rule.from.includes(food.id) && (rule.when?.(ingredient) ?? true),
  ).map((rule) => {
    const isState = ['dried', 'fresh', 'canned', 'dry'].includes(rule.to);
    const name = isState ? plainName(food) : rule.to;
    const gives = findFood(name)?.allergens ?? [];
    const brings = gives.filter((a) => !food.allergens.includes(a));
    return {
      food: isState ? `${rule.to} ${name}` : name,
      ...measured(name, grams * rule.ratio),
      preparation: rule.preparation ?? ingredient.preparation,
      consequences: [
        ...rule.consequences,
        ...(brings.length > 0 ? [`brings ${brings.join(' and ')}, an allergen`] : []),
      ],
      source: COMMON,
    };
  });
}

/** Liquids are measured, the rest is weighed. */
function measured(name: string, grams: number): Pick<Substitute, 'amount' | 'unit'> {
  const food = findFood(name);
  return food?.form === 'thin'
    ? { amount: roundGrams(grams / food.density), unit: 'ml' }
    : { amount: roundGrams(grams), unit: 'g' };
}

/** The food without “dry” or “fresh” before it. */
function plainName(food: Food): string {
  return food.names[0].replace(/^(dry|dried|fresh) /, '');
}

function roundGrams(grams: number): number {
  const step = grams >= 100 ? 5 : grams >= 10 ? 1 : 0.5;
  return Math.max(step, Math.round(grams / step) * step);
}

/** The dish with the ingredient exchanged, and a note of what to mind. */
export function substitute(dish: Dish, ingredientId: string, by: Substitute): Dish {
  const old = dish.ingredients.find((i) => i.id === ingredientId);
  if (!old) return dish;
  const mind = by.consequences.join('; ');
  return {
    ...dish,
    ingredients: dish.ingredients.map((i) =>
      i.id === ingredientId
        ? { ...i, food: by.food, amount: by.amount, unit: by.unit, preparation: by.preparation }
        : i,
    ),
    notes: [dish.notes, `${by.food} instead of ${old.food}${mind ? `: ${mind}` : ''}.`]
      .filter(Boolean)
      .join('\n')
      .slice(0, 5000),
  };
}

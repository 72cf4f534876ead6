/** More of a food than meals take before its day: made into sauce, soup base or compote, and frozen in bags. */
import { dishSchema, preparingMinutes, scaleDish, toGrams, type Dish } from '../dish';
import { findFood, type Food } from '../food';
import { larderKey, type LarderItem } from './larder';

export const GLUT_KINDS = ['sauce', 'soup-base', 'compote'] as const;
export type GlutKind = (typeof GLUT_KINDS)[number];

export interface GlutWay {
  kind: GlutKind;
  /** What the dish is called. */
  name: string;
  /** What goes into it, g. */
  grams: number;
  /** Bags of a portion for four that it fills. */
  bags: number;
}

/** Less is eaten with a meal, g. */
const GLUT_G = 1000;
/** Of a dish that takes this share of it nothing is left to speak of. */
const NEARLY_ALL = 0.75;
/** One portion of sauce or soup base, g of the food (estimate). */
const PORTION_G = 250;
const BAG_PORTIONS = 4;
/** They cook down to a sauce by themselves. */
const SAUCES: ReadonlySet<string> = new Set([
  'tomato',
  'cherry-tomato',
  'bell-pepper',
  'aubergine',
  'courgette',
  'mushroom',
]);
const PRESERVED = /^(?:canned|dried|pickled|smoked|cooked)\b/;

/** @returns what a glut of it becomes; empty where there is little of it or a dish takes nearly all */
export function glutWays(item: LarderItem, takers: readonly { share: number | null }[]): GlutWay[] {
  const found = gluttable(item);
  if (!found || found.grams < GLUT_G) return [];
  if (takers.some((t) => (t.share ?? 0) >= NEARLY_ALL)) return [];
  const { food, grams } = found;
  const kinds: GlutKind[] =
    food.group === 'fruit'
      ? ['compote']
      : SAUCES.has(food.id)
        ? ['sauce', 'soup-base']
        : ['soup-base'];
  return kinds.map((kind) => ({
    kind,
    name: nameOf(kind, larderKey(item)),
    grams,
    bags: Math.max(1, Math.ceil(grams / PORTION_G / BAG_PORTIONS)),
  }));
}

function gluttable(item: LarderItem): { food: Food; grams: number } | null {
  const food = findFood(item.food);
  if (!food || item.amount === null || PRESERVED.test(larderKey(item))) return null;
  if (food.form !== 'solid' || !['vegetable', 'fruit'].includes(food.group)) return null;
  const grams = toGrams({ amount: item.amount, unit: item.unit ?? 'piece' }, food);
  return grams === null ? null : { food, grams };
}

/** @param food one of it, as the shelf says it */
function nameOf(kind: GlutKind, food: string): string {
  const words = { sauce: 'sauce', 'soup-base': 'soup base', compote: 'compote' } as const;
  const name = `${food} ${words[kind]}`.slice(0, 100);
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
}

/** Twice what softens a thin piece: it is mashed or blended anyway (estimate). */
const SOFT_TWICE = 2;
const USUAL_SOFT_MIN = 2;
const PIECE_MM = 25;

/**
 * The dish that a glut is made into: cut, softened under pressure, blended, cooked down. Its times are estimates and
 * marked so; it is a dish like any other, to be changed.
 *
 * @param id that no dish has yet
 * @returns null where it is nothing of which there is a glut
 */
export function glutDish(item: LarderItem, kind: GlutKind, id: string): Dish | null {
  const found = gluttable(item);
  if (!found) return null;
  const { food, grams } = found;
  const kg = grams / 1000;
  const name = nameOf(kind, larderKey(item));
  const soft = food.softening.doses.soft ?? USUAL_SOFT_MIN;
  const main = {
    id: 'main',
    food: item.food.trim(),
    amount: Math.round(grams),
    unit: 'g' as const,
    preparation: 'trimmed, cut into chunks',
    role: 'main' as const,
    scaling: 'proportional' as const,
    pieceMm: PIECE_MM,
  };
  const base = { preparation: '', role: 'base', scaling: 'proportional' } as const;
  const others =
    kind === 'compote'
      ? [{ ...base, id: 'sugar', food: 'sugar', amount: Math.round(60 * kg), unit: 'g' as const }]
      : [
          {
            ...base,
            id: 'onion',
            food: 'onion',
            amount: Math.max(1, Math.round(kg)),
            unit: 'piece' as const,
            preparation: 'diced',
          },
          {
            ...base,
            id: 'oil',
            food: 'olive oil',
            amount: Math.max(1, Math.round(1.5 * kg)),
            unit: 'tbsp' as const,
          },
          {
            ...base,
            id: 'salt',
            food: 'salt',
            amount: null,
            unit: null,
            role: 'seasoning' as const,
          },
        ];
  const water = {
    id: 'water',
    food: 'water',
    amount: kind === 'soup-base' ? Math.round(400 * kg) : 250,
    unit: 'ml' as const,
    preparation: '',
    role: 'liquid' as const,
    scaling: kind === 'soup-base' ? ('proportional' as const) : ('with-pot' as const),
  };
  const inPot = ['main', 'water', ...others.filter((i) => i.id !== 'oil').map((i) => i.id)];
  const brown = {
    id: 'brown',
    kind: 'brown',
    minutes: 6,
    guessed: true,
    text: 'Soften the onion in the oil',
    uses: ['onion', 'oil'],
  } as const;
  const draft = {
    format: 'olive-clock/dish@1',
    id,
    name,
    summary: 'From a glut, for the freezer. Times are estimates: taste, and set them right.',
    servings: Math.max(1, Math.round(grams / PORTION_G)),
    ingredients: [main, water, ...others],
    stages: [
      {
        id: 'prep',
        kind: 'prep',
        minutes: 10,
        guessed: true,
        text: 'Trim and cut',
        uses: ['main'],
      },
      ...(kind === 'compote' ? [] : [brown]),
      {
        id: 'soften',
        kind: 'pressure',
        level: 'high',
        holdMinutes: Math.max(1, Math.ceil(SOFT_TWICE * soft)),
        guessed: true,
        release: { kind: 'timed', minutes: 10 },
        text: 'Everything into the pot, the water at the bottom; lid on',
        uses: kind === 'compote' ? inPot : inPot.filter((i) => i !== 'onion'),
      },
      {
        id: 'blend',
        kind: 'finish',
        minutes: 4,
        inCooker: true,
        guessed: true,
        text: kind === 'compote' ? 'Mash or blend' : 'Blend smooth',
        uses: [],
      },
      ...(kind === 'soup-base'
        ? []
        : [
            {
              id: 'reduce',
              kind: 'simmer',
              minutes: 15,
              attended: true,
              guessed: true,
              text: 'Cook down, stirring, until it is as thick as you like it',
              uses: [],
            } as const,
          ]),
    ],
    wait: { maxMinutes: null, cost: 0 },
    bulk: true,
  };
  const dish = dishSchema.safeParse(draft);
  if (!dish.success) return null;
  const prep = scaleDish(dish.data, dish.data.servings).ingredients.filter((i) =>
    ['main', 'onion'].includes(i.ingredient.id),
  );
  const minutes = preparingMinutes(prep);
  return {
    ...dish.data,
    stages: dish.data.stages.map((s) => (s.kind === 'prep' ? { ...s, minutes } : s)),
  };
}

/** Grain that a rice cooker takes off the pots: how long it takes there, and how much liquid it wants. */
import type { ScaledDish, ScaledIngredient, Stage } from '../dish';
import type { Appliance, Kitchen } from '../kitchen';
import { waterFor } from '../liquid';

/** What a rice cooker knows how to cook; noodles and porridge are none of it. */
const GRAINS = /rice|quinoa|bulgur|couscous|millet|barley|farro|freekeh|buckwheat/;
const WHOLE_GRAINS = /brown|wild|black|red|barley|farro|whole/;
/** Minutes from cold to done (common practice). */
const MINUTES = { white: 30, whole: 50 } as const;
/** Dry grain takes no more than this share of the bowl (common practice). */
const DRY_SHARE = 0.3;
/** What may lie with the grain. */
const BESIDE: ReadonlySet<string> = new Set(['fat', 'seasoning', 'liquid']);

export interface RiceCookerOffer {
  appliances: Appliance[];
  minutes: number;
  /** Liquid in all, ml. */
  ml: number;
  foods: string[];
}

/**
 * @param stages of one stay in a pot
 * @returns null where it is more than grain and liquid, or no rice cooker is there that is large enough
 */
export function riceCookerFor(
  scaled: ScaledDish,
  stages: readonly Stage[],
  kitchen: Kitchen,
): RiceCookerOffer | null {
  const cycles = stages.filter((s) => s.kind === 'pressure');
  const [cycle] = cycles;
  const isPlain = stages.every((s) => ['pressure', 'rest', 'finish'].includes(s.kind));
  if (!cycle || cycles.length > 1 || !isPlain || cycle.inPan) return null;
  const used = scaled.ingredients.filter((i) => cycle.uses.includes(i.ingredient.id));
  const [grain, another] = used.filter(isGrain);
  if (!grain?.food || another || !grain.grams || !used.every((i) => i === grain || isBeside(i)))
    return null;
  const dryMl = grain.grams / grain.food.density;
  const appliances = kitchen.appliances.filter(
    (a) => a.kind === 'rice-cooker' && dryMl <= a.litres * 1000 * DRY_SHARE,
  );
  const isRinsed = /\b(?:rins|wash)/i.test(grain.ingredient.preparation);
  const water = waterFor(
    grain.ingredient.food,
    grain.grams,
    'rice-cooker',
    isRinsed ? 'rinsed' : 'dry',
  );
  if (appliances.length === 0 || !water.ok) return null;
  const isWhole = WHOLE_GRAINS.test(`${grain.food.id} ${grain.ingredient.food}`.toLowerCase());
  return {
    appliances,
    minutes: isWhole ? MINUTES.whole : MINUTES.white,
    ml: water.value.ml,
    foods: used.filter((i) => i.food?.form !== 'thin').map((i) => i.ingredient.food),
  };
}

const isGrain = ({ food }: ScaledIngredient): boolean =>
  food !== null && food.takes > 0 && GRAINS.test(food.id);

const isBeside = ({ food, ingredient }: ScaledIngredient): boolean =>
  food === null
    ? ingredient.role === 'seasoning'
    : food.form === 'thin' || BESIDE.has(food.group) || ingredient.role === 'seasoning';

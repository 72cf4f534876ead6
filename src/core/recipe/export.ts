/** A dish on its way out: schema.org/Recipe, and plain text. */
import { dishSchema, scaleDish, type Dish, type Stage } from '../dish';
import { formatMinutes, formatQuantity, formatTemperature, type System } from '../units';

/** Where the dish itself stands in its JSON-LD, so that nothing is lost on the way back. */
const OWN = 'oliveClock:dish';

export interface ReadingStyle {
  system: System;
  scale: 'C' | 'F';
}

function lines(dish: Dish, servings: number, { system }: ReadingStyle): string[] {
  return scaleDish(dish, servings).ingredients.map(({ quantity, ingredient }) => {
    const amount = quantity ? `${formatQuantity(quantity, system)} ` : '';
    const preparation = ingredient.preparation ? `, ${ingredient.preparation}` : '';
    return `${amount}${ingredient.food}${preparation}`;
  });
}

/** A stage as an instruction that says its times; read back, it is the same stage. */
function instruction(stage: Stage, { scale }: ReadingStyle): string {
  const text = stage.text.replace(/[.\s]+$/, '');
  switch (stage.kind) {
    case 'pressure': {
      const { release } = stage;
      const letGo =
        release.kind === 'timed'
          ? `natural release for ${release.minutes} minutes, then quick release`
          : `${release.kind} release`;
      const also = stage.orRelease ? `, or ${stage.orRelease.kind} release` : '';
      return `${text}. Pressure cook on ${stage.level} for ${stage.holdMinutes} minutes, ${letGo}${also}.`;
    }
    case 'slow':
      return `${text}. Slow cook on ${stage.setting} for ${formatMinutes(stage.minutes)}.`;
    case 'oven':
    case 'crisp':
      return `${text}, ${formatMinutes(stage.minutes)} at ${formatTemperature(stage.celsius, scale, 5)}.`;
    default:
      return `${text}${stage.minutes > 0 ? ` (${formatMinutes(stage.minutes)})` : ''}.`;
  }
}

/**
 * JSON-LD that any reader of schema.org/Recipe understands; the dish itself rides along in a field of
 * our own name space.
 *
 * @source schema.org, Recipe
 */
export function toJsonLd(dish: Dish, style: ReadingStyle): Record<string, unknown> {
  const minutes = dish.stages.reduce(
    (sum, s) => sum + (s.kind === 'pressure' ? s.holdMinutes : s.kind === 'soak' ? 0 : s.minutes),
    0,
  );
  return {
    '@context': ['https://schema.org', { oliveClock: 'urn:olive-clock:' }],
    '@type': 'Recipe',
    name: dish.name,
    ...(dish.summary ? { description: dish.summary } : {}),
    recipeYield: `${dish.servings} servings`,
    cookTime: `PT${Math.round(minutes)}M`,
    recipeIngredient: lines(dish, dish.servings, style),
    recipeInstructions: dish.stages.map((stage) => ({
      '@type': 'HowToStep',
      text: instruction(stage, style),
    })),
    [OWN]: dish,
  };
}

/** The dish that rides along in JSON-LD of our own; null in anybody else's. */
export function ownDish(node: Readonly<Record<string, unknown>>): Dish | null {
  const parsed = dishSchema.safeParse(node[OWN]);
  return parsed.success ? parsed.data : null;
}

/** The dish as plain text for `servings`, as one would write it down. */
export function toText(dish: Dish, servings: number, style: ReadingStyle): string {
  return [
    dish.name,
    ...(dish.summary ? [dish.summary] : []),
    `Serves ${servings}`,
    '',
    'Ingredients',
    ...lines(dish, servings, style).map((l) => `- ${l}`),
    '',
    'Method',
    ...dish.stages.map((stage, i) => `${i + 1}. ${instruction(stage, style)}`),
    ...(dish.notes ? ['', 'Notes', dish.notes] : []),
    '',
  ].join('\n');
}

/** A dish on its way out: schema.org/Recipe, and plain text. */
import { dishSchema, scaleDish, type Dish, type PressureStage, type Stage } from '../dish';
import { formatMinutes, formatQuantity, formatTemperature, type System } from '../units';
import { findTemperature } from './durations';
import { readInstructions } from './method/read';
import { retime, saysMinutes } from './retime';
import { toClauses } from './sentences';

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

/**
 * Words of a step that tell of a cycle too, as where one sentence tells of browning and of pressure: the
 * cycle is told in a step of its own.
 */
function withoutCycle(text: string): string {
  if (readInstructions([text]).stages.every((s) => s.cycle === null)) return text;
  const clauses = toClauses(text);
  const until = clauses.findIndex((_, i) =>
    readInstructions([clauses.slice(0, i + 1).join(', ')]).stages.some((s) => s.cycle !== null),
  );
  return clauses.slice(0, until).join(', ') || 'Go on';
}

/** What is written of a stage, and its own words where they could not stay in the sentence. */
interface Instruction {
  text: string;
  aside: string | null;
}

/** A stage as an instruction that says its times once; read back, it is the same stage. */
function instruction(stage: Stage, style: ReadingStyle): Instruction {
  const text = stage.text.replace(/[.\s]+$/, '');
  if (stage.kind === 'pressure') return pressureInstruction(text, stage);
  const own = withoutCycle(text);
  return { text: otherInstruction(own, stage, style), aside: own === text ? null : text };
}

const spoken = ({ text, aside }: Instruction): string => (aside ? `${aside}. ${text}` : text);

function releaseWords({ release, orRelease }: PressureStage): string {
  const first =
    release.kind === 'timed'
      ? `natural release for ${release.minutes} minutes, then quick release`
      : `${release.kind} release`;
  return orRelease ? `${first}, or ${orRelease.kind} release` : first;
}

/** The cook’s own words as far as they tell the cycle; what they lack is added, and nothing twice. */
function pressureInstruction(text: string, stage: PressureStage): Instruction {
  const own = retime(text, null, stage.holdMinutes);
  const release = releaseWords(stage);
  const whole = `Pressure cook on ${stage.level} for ${stage.holdMinutes} minutes, ${release}.`;
  const found = [
    `${own}.`,
    `${own}, ${release}.`,
    `${own}. ${release.charAt(0).toUpperCase()}${release.slice(1)}.`,
    `${text}. ${whole}`,
  ].find((words) => tells(words, stage));
  return found ? { text: found, aside: null } : { text: whole, aside: text };
}

/** Whether somebody who reads these words finds just this cycle in them. */
function tells(words: string, stage: PressureStage): boolean {
  const cycles = readInstructions([words]).stages.flatMap((s) => s.cycle ?? []);
  const [cycle] = cycles;
  if (!cycle || cycles.length > 1 || cycle.perPound !== null) return false;
  const { release } = cycle;
  const isSame = stage.orRelease
    ? release.kind === 'either'
    : release.kind === stage.release.kind &&
      (release.kind !== 'timed' ||
        (stage.release.kind === 'timed' && release.minutes === stage.release.minutes));
  return (
    isSame &&
    cycle.level === stage.level &&
    cycle.holdMinutes === stage.holdMinutes &&
    cycle.holdTo === null
  );
}

function otherInstruction(
  text: string,
  stage: Exclude<Stage, PressureStage>,
  { scale }: ReadingStyle,
): string {
  const minutes = stage.guessed ? 0 : stage.minutes;
  const own = minutes > 0 ? retime(text, null, minutes) : text;
  const isSaid = minutes === 0 || saysMinutes(own, minutes);
  switch (stage.kind) {
    case 'slow':
      return `${own}. Slow cook on ${stage.setting} for ${formatMinutes(stage.minutes)}.`;
    case 'oven':
    case 'crisp': {
      const heat = `at ${formatTemperature(stage.celsius, scale, 5)}`;
      const isHot = findTemperature(own) !== null;
      const more = [isSaid ? '' : formatMinutes(minutes), isHot ? '' : heat].filter(Boolean);
      return more.length > 0 ? `${own}, ${more.join(' ')}.` : `${own}.`;
    }
    default:
      return `${own}${isSaid ? '' : ` (${formatMinutes(minutes)})`}.`;
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
      text: spoken(instruction(stage, style)),
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
  const steps = dish.stages.map((stage) => instruction(stage, style));
  const asides = steps.flatMap(({ aside }, i) => (aside ? [`Step ${i + 1}: ${aside}.`] : []));
  const notes = [dish.notes, ...asides, ...dish.unread].filter(Boolean);
  return [
    dish.name,
    ...(dish.summary ? [dish.summary] : []),
    `Serves ${servings}`,
    '',
    'Ingredients',
    ...lines(dish, servings, style).map((l) => `- ${l}`),
    '',
    'Method',
    ...steps.map(({ text }, i) => `${i + 1}. ${text}`),
    ...(notes.length > 0 ? ['', 'Notes', ...notes] : []),
    '',
  ].join('\n');
}

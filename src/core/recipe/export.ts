/** A dish on its way out: schema.org/Recipe, and plain text. */
import {
  dishSchema,
  isGrilled,
  scaleDish,
  type Dish,
  type PressureStage,
  type Stage,
} from '../dish';
import { formatMinutes, formatQuantity, formatTemperature, type System } from '../units';
import { readInstructions } from './method/read';
import { isReckoned } from './preparing';
import { exactly } from './rewrite';
import { retime } from './retime';
import { withToldAmounts } from './told-amounts';
import type { FoundCycle, FoundStage } from './types';

/** Where the dish itself stands in its JSON-LD, so that nothing is lost on the way back. */
const OWN = 'oliveClock:dish';

export interface ReadingStyle {
  system: System;
  scale: 'C' | 'F';
}

function lines(dish: Dish, servings: number, { system }: ReadingStyle): string[] {
  return scaleDish(dish, servings).ingredients.map(({ quantity, ingredient }) => {
    // Counted things are written as they are kept, so that the text reads back as the same dish.
    const isCount = quantity?.unit === 'piece' && servings === dish.servings;
    const words = isCount ? exactly(quantity.amount) : quantity && formatQuantity(quantity, system);
    const amount = words ? `${words} ` : '';
    const preparation = ingredient.preparation ? `, ${ingredient.preparation}` : '';
    // Frozen or not decides how long it takes.
    const state = ingredient.frozen && !/\bfrozen\b/i.test(ingredient.food) ? 'frozen ' : '';
    return `${amount}${state}${ingredient.food}${preparation}`;
  });
}

/** What is written of one or more stages, and their own words where these could not stay in the sentence. */
interface Instruction {
  text: string;
  aside: string | null;
}

function releaseWords({ release, orRelease }: PressureStage): string {
  const first =
    release.kind === 'timed'
      ? `natural release for ${release.minutes} minutes, then quick release`
      : `${release.kind} release`;
  return orRelease ? `${first}, or ${orRelease.kind} release` : first;
}

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** Foods of a stage as they stand in a sentence: “ the bacon, the carrots”. */
function foodsIn(stage: Stage, dish: Dish): string {
  const named = dish.ingredients.filter((i) => stage.uses.includes(i.id)).map((i) => i.food);
  return named.length === 0 ? '' : ` the ${named.join(', the ')}`;
}

function holdWords(stage: PressureStage): string {
  if (stage.guessed) return '';
  if (stage.minutesPerLb === undefined) return ` for ${stage.holdMinutes} minutes`;
  const onTop = stage.minutesOnTop === undefined ? '' : ` plus ${stage.minutesOnTop} minutes`;
  return ` for ${stage.minutesPerLb} minutes per pound${onTop}`;
}

/** The stage in few words, as anybody would say it, with the foods it is about or without. */
function plainly(stage: Stage, scale: 'C' | 'F', foods = ''): string {
  const time = stage.kind === 'pressure' || stage.guessed ? '' : ` for ${stage.minutes} minutes`;
  switch (stage.kind) {
    case 'pressure':
      return `Pressure cook${foods} on ${stage.level}${holdWords(stage)}, ${releaseWords(stage)}.`;
    case 'slow':
      return `Slow cook${foods} on ${stage.setting} for ${formatMinutes(stage.minutes)}.`;
    case 'oven':
      return `Bake${foods}${time} at ${formatTemperature(stage.celsius, scale, 5)}.`;
    case 'crisp':
      return `Air-fry${foods}${time} at ${formatTemperature(stage.celsius, scale, 5)}.`;
    case 'brown':
      return `Brown${foods}${time}.`;
    case 'loosen':
      return `Deglaze${foods && ` with${foods}`}${time}.`;
    case 'simmer':
      return `Simmer${foods}${time}.`;
    case 'thicken':
      return `Thicken${foods}${time}.`;
    case 'burner':
      return `Simmer${foods} in another pan${time}.`;
    case 'rest':
      return `Rest${foods}${time}.`;
    case 'soak':
      return `Soak${foods}${time}.`;
    case 'prep':
      return stage.guessed ? 'Chop what is to be chopped.' : `Chop (${stage.minutes} minutes).`;
    case 'finish':
      return stage.guessed ? 'Serve.' : `Serve (${stage.minutes} minutes).`;
  }
}

/** It goes on beside the one above, and its words say so. */
const isBeside = ({ after, text }: Stage): boolean =>
  after !== undefined && /^(?:meanwhile|in the meantime|at the same time|while)\b/i.test(text);
const uncapital = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** A stage in its own words, with what these lack added; at last in few words, its own beside them. */
function wordings(stage: Stage, dish: Dish, { scale }: ReadingStyle): Instruction[] {
  const text = stage.text.replace(/[.\s]+$/, '');
  const own = (words: string): Instruction => ({ text: words, aside: null });
  const plain = plainly(stage, scale);
  const aside = text === '' ? null : text;
  const short: Instruction[] = [plainly(stage, scale, foodsIn(stage, dish)), plain].map(
    (words) => ({ text: isBeside(stage) ? `Meanwhile, ${uncapital(words)}` : words, aside }),
  );
  if (stage.kind === 'pressure') {
    const timed = stage.guessed ? text : retime(text, null, stage.holdMinutes);
    const release = releaseWords(stage);
    return [
      own(`${timed}.`),
      own(`${timed}, ${release}.`),
      own(`${timed}. ${capital(release)}.`),
      own(`${text}. ${plain}`),
      ...short,
    ];
  }
  const timed = stage.guessed ? text : retime(text, null, stage.minutes);
  const minutes = stage.guessed ? '' : formatMinutes(stage.minutes);
  const heat =
    (stage.kind === 'oven' || stage.kind === 'crisp') && !isGrilled(stage)
      ? `at ${formatTemperature(stage.celsius, scale, 5)}`
      : '';
  return [
    own(`${timed}.`),
    ...(heat === '' ? [] : [own(`${timed}, ${heat}.`)]),
    ...(minutes === '' ? [] : [own(`${timed} (${minutes}).`)]),
    ...(heat === '' ? [] : [own(`${timed}, ${[minutes, heat].filter(Boolean).join(' ')}.`)]),
    ...(stage.kind === 'slow' ? [own(`${text}. ${plain}`)] : []),
    ...short,
  ];
}

function isSameStage(found: FoundStage, stage: Stage): boolean {
  if (found.kind !== stage.kind) return false;
  if (stage.kind === 'pressure') return found.cycle !== null && isSameCycle(found.cycle, stage);
  if (stage.guessed ? found.minutes !== null : Math.round(found.minutes ?? -1) !== stage.minutes)
    return false;
  return (stage.kind !== 'oven' && stage.kind !== 'crisp') || isGrilled(stage)
    ? true
    : Math.abs((found.celsius ?? -100) - stage.celsius) <= 3;
}

function isSameCycle(cycle: FoundCycle, stage: PressureStage): boolean {
  const { release } = cycle;
  const isReleased = stage.orRelease
    ? release.kind === 'either'
    : release.kind === stage.release.kind &&
      (release.kind !== 'timed' ||
        (stage.release.kind === 'timed' && release.minutes === stage.release.minutes));
  return (
    isReleased &&
    (cycle.level ?? 'high') === stage.level &&
    cycle.holdTo === null &&
    (stage.minutesPerLb === undefined
      ? cycle.perPound === null &&
        (stage.guessed ? Number.isNaN(cycle.holdMinutes) : cycle.holdMinutes === stage.holdMinutes)
      : cycle.perPound === stage.minutesPerLb && cycle.extra === stage.minutesOnTop)
  );
}

/** One sentence may tell of that many stages. */
const MOST_IN_ONE = 4;

/** The method in sentences that read back as just these stages. */
function instructions(dish: Dish, style: ReadingStyle): Instruction[] {
  // What the list says is not said again.
  const stages = dish.stages.filter((s) => !isReckoned(dish, s));
  const written: Instruction[] = [];
  const readsAs = (words: Instruction, count: number): boolean => {
    const { stages: found } = readInstructions([...written.map((w) => w.text), words.text]);
    return found.length === count && found.every((f, i) => isSameStage(f, stages[i] as Stage));
  };
  for (let at = 0; at < stages.length;) {
    const stage = stages[at] as Stage;
    const most = Math.min(MOST_IN_ONE, stages.length - at);
    let next: { words: Instruction; count: number } | null = null;
    for (const words of wordings(stage, dish, style)) {
      for (let count = most; count > 0 && !next; count--)
        if (readsAs(words, at + count)) next = { words, count };
      if (next) break;
    }
    const words = next?.words ?? { text: plainly(stage, style.scale), aside: stage.text };
    const count = next?.count ?? 1;
    const checks = stages.slice(at, at + count).flatMap((x) => x.checks ?? []);
    const unsaid = checks.filter((c) => !words.text.includes(c.text)).map((c) => c.text);
    written.push({ ...words, text: [words.text, ...unsaid].join(' ') });
    at += count;
  }
  return written;
}

const spoken = ({ text, aside }: Instruction): string => (aside ? `${aside}. ${text}` : text);

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
    recipeInstructions: instructions(dish, style).map((step) => ({
      '@type': 'HowToStep',
      text: spoken(step),
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
export function toText(written: Dish, servings: number, style: ReadingStyle): string {
  const dish = withToldAmounts(scaleDish(written, servings), style.system).dish;
  const steps = instructions(dish, style);
  const asides = steps.flatMap(({ aside }, i) => (aside ? [`Step ${i + 1}: ${aside}.`] : []));
  const slow = dish.slow
    ? [`Or slow cook on ${dish.slow.setting} for ${dish.slow.hours} hours.`]
    : [];
  const notes = [dish.notes, ...slow, ...asides, ...dish.unread].filter(Boolean);
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

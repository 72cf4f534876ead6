/** The short form of an imported recipe, which stays stable while the document grows. */
import { heaviestGiven } from './guesses';
import type { Imported } from './to-dish';
import { holdByWeight } from './write-cycle';
import type { FoundCycle, FoundKind, FoundStage, ReleaseFound } from './types';

export interface RecipeSummary {
  /** Code of the text’s language; of another one than English only the list is read. */
  language: string;
  name: string;
  serves: number | null;
  ingredients: {
    amount: number | null;
    amountTo: number | null;
    unit: string | null;
    food: string;
    preparation: string | null;
    state: string | null;
    optional: boolean;
  }[];
  cycles: {
    level: string;
    /** Null where the text doesn’t say. */
    holdMinutes: number | null;
    holdTo: number | null;
    perPound: number | null;
    release: { kind: string; minutes?: number };
    /** In a pan, tin or bowl above the pot’s own water. */
    pan: boolean;
  }[];
  stages: string[];
  oven: { celsius: number | null; minutes: number | null }[];
  questions: string[];
  /** The words of the text. */
  yield: string | null;
  steps: SummaryStep[];
  unread: string[];
}

export interface SummaryStep {
  kind: string;
  /** As the text says; null where it says nothing. */
  minutes: number | null;
  to: number | null;
  celsius: number | null;
  place: 'cooker' | 'oven' | 'burner' | 'counter' | 'pan';
  text: string;
}

/** Where each kind of stage happens. */
const PLACE: Readonly<Partial<Record<FoundKind, SummaryStep['place']>>> = {
  prep: 'counter',
  soak: 'counter',
  rest: 'counter',
  finish: 'counter',
  oven: 'oven',
  burner: 'burner',
};
/** A grill browns from above in the oven; a lid that crisps is the cooker's. */
const GRILL = /\b(?:grill|broil)/i;
/** “Lay them on a tray and crisp in the oven.” */
const IN_OVEN = /\b(?:in|into|under) (?:the|a|your) (?:(?:very )?(?:hot|preheated) )?oven\b/i;

function placeOf({ kind, place, cycle, sentences }: FoundStage): SummaryStep['place'] {
  if (place) return place;
  const told = sentences.join(' ');
  if (kind === 'crisp' && (GRILL.test(told) || IN_OVEN.test(told))) return 'oven';
  return cycle?.pan ? 'pan' : (PLACE[kind] ?? 'cooker');
}

/** The whole hold; by weight where the text gives minutes for a pound; null where it isn’t known. */
function holdOf(cycle: FoundCycle, grams: number | null): number | null {
  if (cycle.perPound !== null)
    return grams === null ? null : Math.round(holdByWeight(cycle, grams));
  return Number.isNaN(cycle.holdMinutes) ? null : cycle.holdMinutes;
}

function releaseOf(release: ReleaseFound): RecipeSummary['cycles'][number]['release'] {
  if (release.kind !== 'natural') return release;
  return { kind: 'natural', ...(release.about === undefined ? {} : { minutes: release.about }) };
}

export function summarise({
  dish,
  ingredients,
  stages,
  questions,
  serves,
  yieldText,
  leftOut,
  language,
}: Imported): RecipeSummary {
  const grams = heaviestGiven(ingredients);
  return {
    language: language.code,
    name: dish.name,
    serves,
    ingredients: ingredients.map(({ line }) => ({
      amount: line.amount,
      amountTo: line.amountTo,
      unit: line.unit,
      food: line.food,
      preparation: [line.preparation, line.packWords].filter(Boolean).join(', ') || null,
      state: line.state,
      optional: line.optional,
    })),
    cycles: stages.flatMap(({ cycle }) =>
      cycle
        ? [
            {
              ...cycle,
              level: cycle.level ?? 'high',
              holdMinutes: holdOf(cycle, grams),
              release: releaseOf(cycle.release),
              pan: cycle.pan ?? false,
            },
          ]
        : [],
    ),
    stages: stages.map((s) => s.kind),
    oven: stages
      .filter((s) => s.kind === 'oven' || s.kind === 'crisp')
      .map(({ celsius, minutes }) => ({ celsius, minutes })),
    questions: questions.map((q) => q.text),
    yield: yieldText || null,
    steps: stages.map((stage) => ({
      kind: stage.kind,
      minutes: stage.cycle ? holdOf(stage.cycle, grams) : stage.minutes,
      to: stage.cycle ? stage.cycle.holdTo : stage.to,
      celsius: stage.celsius,
      place: placeOf(stage),
      text: stage.sentences.join(' '),
    })),
    unread: [...dish.unread, ...leftOut],
  };
}

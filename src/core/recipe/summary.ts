/** The short form of an imported recipe, which stays stable while the document grows. */
import type { Imported } from './to-dish';
import type { FoundCycle, FoundKind } from './types';

export interface RecipeSummary {
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
const IN_PAN =
  /\b(?:pan|tin|dish|bowl|jar|ramekins?|mou?ld|cups?)\b[^.]{0,60}\b(?:on|onto|above|over)\b[^.]{0,20}\b(?:trivet|rack|steamer)\b|\b(?:trivet|rack)\b[^.]{0,80}\b(?:pan|tin|dish|bowl|jar|ramekins?|mou?ld)\b|\bpot[- ]in[- ]pot\b/i;

const holdOf = (cycle: FoundCycle): number | null =>
  Number.isNaN(cycle.holdMinutes) ? null : cycle.holdMinutes;

export function summarise({
  dish,
  ingredients,
  stages,
  questions,
  serves,
  yieldText,
}: Imported): RecipeSummary {
  return {
    name: dish.name,
    serves,
    ingredients: ingredients.map(({ line }) => ({
      amount: line.amount,
      amountTo: line.amountTo,
      unit: line.unit,
      food: line.food,
      preparation: line.preparation,
      state: line.state,
      optional: line.optional,
    })),
    cycles: stages.flatMap(({ cycle, sentences }) =>
      cycle
        ? [{ ...cycle, holdMinutes: holdOf(cycle), pan: IN_PAN.test(sentences.join(' ')) }]
        : [],
    ),
    stages: stages.map((s) => s.kind),
    oven: stages
      .filter((s) => s.kind === 'oven' || s.kind === 'crisp')
      .map(({ celsius, minutes }) => ({ celsius, minutes })),
    questions: questions.map((q) => q.text),
    yield: yieldText || null,
    steps: stages.map(({ kind, minutes, to, celsius, cycle, sentences }) => ({
      kind,
      minutes: cycle ? holdOf(cycle) : minutes,
      to: cycle ? cycle.holdTo : to,
      celsius,
      place: PLACE[kind] ?? 'cooker',
      text: sentences.join(' '),
    })),
    unread: dish.unread,
  };
}

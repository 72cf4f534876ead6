/** A recipe on its way in: from any source to lines and sentences, and on to a dish. */
import type { Dish } from '../dish';

/** What a source holds, before anything is understood. */
export interface RawRecipe {
  name: string;
  /** How many it serves, in the source's words; '' where it does not say. */
  yieldText: string;
  /** Ingredient lines as written. */
  ingredients: string[];
  /** Instructions as written, one paragraph or step each. */
  instructions: string[];
  notes: string[];
  /** What stood on lines of which only a part was taken. */
  leftOver: string[];
  /** The text as it was given, to be kept with the dish. */
  source?: string;
  /** The whole dish, where the source is one of our own. */
  own?: Dish;
}

export type ReleaseFound =
  | { kind: 'natural' }
  | { kind: 'quick' }
  | { kind: 'either' }
  | { kind: 'unknown' }
  | { kind: 'timed'; minutes: number };

/** One cycle as the text tells it. */
export interface FoundCycle {
  level: 'low' | 'high' | 'max';
  /** Minutes; where only minutes per weight are given, those for one pound. */
  holdMinutes: number;
  holdTo: number | null;
  perPound: number | null;
  release: ReleaseFound;
}

export type FoundKind =
  | 'prep'
  | 'soak'
  | 'brown'
  | 'loosen'
  | 'pressure'
  | 'slow'
  | 'simmer'
  | 'thicken'
  | 'crisp'
  | 'oven'
  | 'burner'
  | 'rest'
  | 'finish';

/** One stage as the text tells it; sentences of a kind that follow each other are one stage. */
export interface FoundStage {
  kind: FoundKind;
  sentences: string[];
  /** As told; null where the text gives no time. */
  minutes: number | null;
  /** Upper end, where the text gives a range. */
  to: number | null;
  celsius: number | null;
  cycle: FoundCycle | null;
  /** Told as going on beside what stands before it. */
  meanwhile: boolean;
}

/** What a question is about, and of which stage or ingredient. */
export type QuestionSubject =
  | { kind: 'serves' }
  | { kind: 'empty'; of: 'ingredients' | 'stages' }
  | { kind: 'thickness'; ingredient: string }
  | { kind: 'minutes' | 'heat' | 'setting' | 'hold' | 'weight' | 'release'; stage: string };

/** Something that was not said, with the likely answer. */
export interface ImportQuestion {
  id: string;
  /** What an answer is put into. */
  about: QuestionSubject;
  text: string;
  /** What is taken until somebody answers; empty where nothing can be taken: it has to be answered. */
  taken: string;
  /** What a number may be; of no account for a release. */
  range: readonly [number, number];
  /** Minutes of hold for each unit of the answer, where it is a weight. */
  perUnit?: number;
  /** Shown behind the answer. */
  unit: string;
  /** What there is to choose from, where it is no number. */
  choices?: readonly (readonly [value: string, label: string])[];
}

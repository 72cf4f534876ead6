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
  /** What it says of the dish as a whole, before anything else; one of the notes. */
  intro?: string;
  /** What stood on lines of which only a part was taken. */
  leftOver: string[];
  /** Talk with figures in it, and what a page says of itself: no part of the recipe. */
  aside: string[];
  /** Vessels and tools that it asks for, in its words. */
  tools?: string[];
  /** What the head says of the cooker: “Pressure 8 min”; put into the method once all is read. */
  settings?: string[];
  /** Which part of the dish each line of the list is for, by its place in the list: “dressing”. */
  parts?: Readonly<Record<number, string>>;
  /** The list was told in sentences, as talk goes: the method may name more. */
  isTold?: boolean;
  /** What each piece of a plain text was taken for, in its order. */
  pieces?: Piece[];
  /** Names of all recipes of the source, where there is more than one. */
  names?: string[];
  /** The text as it was given, to be kept with the dish. */
  source?: string;
  /** The whole dish, where the source is one of our own. */
  own?: Dish;
}

export type PieceKind = 'title' | 'yield' | 'heading' | 'ingredient' | 'step' | 'note' | 'chatter';

/** A piece of a text, where it stands in it, and what it was taken for. */
export interface Piece {
  start: number;
  end: number;
  as: PieceKind;
  /** The lines or sentences that were made of it. */
  made: readonly string[];
}

/** A piece with what came of it in the dish. */
export interface LinkedPiece extends Piece {
  ingredients: readonly string[];
  stages: readonly string[];
  /** Words of it that were not understood. */
  unread: readonly string[];
}

/** What somebody who reads along has said of a text. */
export interface ReadOptions {
  /** Ids of dishes that are there already. */
  takenIds?: ReadonlySet<string>;
  /** Which recipe of a page with several: its place in their order. */
  pick?: number;
  /** What the pieces that begin at these places of the source are. */
  kinds?: ReadonlyMap<number, PieceKind>;
}

export type ReleaseFound =
  /** `about`: the minutes that the text says it takes. */
  | { kind: 'natural'; about?: number }
  | { kind: 'quick' }
  | { kind: 'either' }
  | { kind: 'unknown' }
  | { kind: 'timed'; minutes: number };

/** One cycle as the text tells it. */
export interface FoundCycle {
  /** Null where the text names none. */
  level: 'low' | 'high' | 'max' | null;
  /** Minutes; where only minutes per weight are given, those for one pound. */
  holdMinutes: number;
  holdTo: number | null;
  perPound: number | null;
  release: ReleaseFound;
  /** Minutes on top of those by weight. */
  extra?: number;
  /** In a pan, tin or bowl above the pot’s own water. */
  pan?: boolean;
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
  /** Where it is told to happen, if not in the usual place of its kind. */
  place?: 'burner';
  /** Its first words, where another stage may be told in the same sentence. */
  from?: string;
  /** What it says for itself, where its sentence tells of other work. */
  words?: string;
  /** Told as going on beside what stands before it. */
  meanwhile: boolean;
  /** What to look at when it is over, and how much longer it goes on if it is not done. */
  checks?: FoundCheck[];
  /** A rest in the fridge, or one that is not. */
  isCold?: boolean;
  /** Minutes of one batch, where nobody says how many there are: two are counted. */
  eachBatch?: number;
}

/** “If the beans are still hard, 5 minutes more.” */
export interface FoundCheck {
  text: string;
  /** min */
  minutes: number;
}

/** What a question is about, and of which stage or ingredient. */
export type QuestionSubject =
  | { kind: 'serves' }
  /** Which recipe of several. */
  | { kind: 'which' }
  | { kind: 'empty'; of: 'ingredients' | 'stages' }
  | { kind: 'thickness'; ingredient: string }
  /** In which stage a main ingredient goes in. */
  | { kind: 'place'; ingredient: string }
  /** What numbers without a unit are of. */
  | { kind: 'units'; ingredients: readonly string[] }
  | {
      kind: 'minutes' | 'heat' | 'setting' | 'level' | 'hold' | 'weight' | 'release' | 'pan';
      stage: string;
    };

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

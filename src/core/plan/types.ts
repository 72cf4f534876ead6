/** A meal compiled for the engine, with what each step means to a cook. */
import type { Caution } from '../safety';
import type { TopUp } from '../cycle';
import type { Problem } from '../solve';
import type { DishRef, StageKind } from '../dish';
import type { Basis } from '../kitchen';
import type { MealEntry } from '../meal';
import type { Finding } from '../reason';

export type Phase =
  | Exclude<StageKind, 'pressure'>
  | 'seal'
  | 'come-up'
  | 'hold'
  | 'release'
  | 'vent'
  | 'open'
  | 'preheat'
  | 'put-in'
  /** In the middle of something that cooks by itself: turned, basted, stirred. */
  | 'turn'
  | 'rinse';

/** What the problem's step of the same id means. */
export interface StepMeaning {
  id: string;
  entryId: string;
  dishId: string;
  /** The dish, or what it was made of. */
  ref: DishRef;
  dishName: string;
  /** The same for every run of a dish. */
  wholeName: string;
  stageId: string;
  phase: Phase;
  /** What to do, or what happens. */
  text: string;
  /** The same where its minutes depend on the pot, by unit id. */
  texts?: Record<string, string>;
  /** Amounts that go in, as a cook would measure them. */
  amounts: string[];
  /** Why it takes as long as it takes, by unit id; '' where the unit does not matter. */
  because: Record<string, string[]>;
  caution: Caution | null;
  /** Whether a cook has to be there. */
  isHands: boolean;
  /** Id of the cook that the dish was given to, where it was. */
  cook?: string;
  /** What to look at when it is over, and how much longer it goes on where it is not done. */
  checks?: readonly { text: string; minutes: number }[];
  /** Oven setting, °C. */
  celsius?: number;
  /** What is in the pot while it comes up, kg, by unit id. */
  kg?: Record<string, number>;
  /** How much of what flows in it is thick, 0 to 1. */
  thick?: number;
  /** What to press, in each cooker's own words, by unit id. */
  settings?: Record<string, string>;
  /** Water beyond the dish’s own that this pot needs, by unit id. */
  topUps?: Record<string, TopUp>;
}

/** A by-product that one dish hands to another. */
export interface HandOver {
  fromStep: string;
  toStep: string;
  what: string;
}

export interface CompiledMeal {
  problem: Problem;
  meanings: StepMeaning[];
  notes: Finding[];
  handOvers: HandOver[];
  /** The meal's entries with what they left open settled; missing where nothing was settled. */
  settled?: MealEntry[];
  /** Entries that come to the table cold. */
  cold?: string[];
  /** Entries that are cooked in a pan, tin or mould above the pot’s water. */
  inPans?: string[];
  /** What it was reckoned with; missing in plans from before evenings were learned from. */
  basis?: Basis;
}

/** Unit ids that are not a cooker's. */
export const OVEN_UNIT = 'oven';
export const BURNER_UNIT = 'burner';

/** What a check or a plan has found that somebody should look at: data; the words for it are in `words`. */
import type { Refusal } from './outcome';

/** What each finding says, by its code. SI inside: ml, kg, m, mm, minutes. */
export interface FindingValues {
  /** One dish can't go above another in one cycle. */
  'stack-refused': { upper: string; lower: string; why: string };
  /** Two dishes are one cycle, and why that works. */
  'stack-kept': { dish: string; because: string[] };
  /** From the fridge, on a day after the last on which it is safe. */
  'past-use-by': { dish: string; eatBy: string };
  /** More of a bag than there is. */
  'more-than-in-stock': { dish: string; wanted: number; free: number; areOthersTaken: boolean };
  /** A stock is too small for the dish that wants it. */
  'stock-too-small': { dish: string; servings: number; enoughFor: number };
  /** Portions for somebody late, kept warm until then. */
  'kept-warm': { dish: string; portions: number; later: number };
  /** Portions for somebody late, for longer than the dish keeps warm. */
  'kept-too-long': { dish: string; portions: number; later: number; keeps: number };
  /** Pressure time as evenings taught it. */
  'taught-pressure-time': { dish: string; minutes: number; written: number };
  'cut-smaller': { dish: string; fromMm: number; toMm: number; minutes: number; written: number };
  /** Cooked in runs, for no pot takes it at once; everything but the cycles happens once. */
  'in-runs': { dish: string; servings: number; runs: number };
  'cut-of-no-use': { dish: string };
  /** Nobody knows what a food is. */
  'food-unknown': { dish: string; foods: string[] };
  /** Ingredients that no step calls for. */
  'ingredient-nowhere': { dish: string; foods: string[] };
  /** A batter made for a part of its tin; `whole`: servings of the next number of whole tins. */
  'part-of-a-tin': { dish: string; servings: number; whole: number };
  /** A cycle whose minutes under pressure nobody told. */
  'hold-untold': { dish: string; step: string };
  'text-unread': { dish: string; pieces: number };
  /** Browned for a bag and not cooked through. */
  'part-cooked-meat': { dish: string; foods: string[] };
  /** Pressure times lengthened for the altitude; `factor` of what is written. */
  'altitude-longer': { altitudeM: number; factor: number };
  /** Bags to freeze, and no freezer. */
  'no-freezer': Record<never, never>;
  /** More at once than the freezer freezes in a day; `mostDays` is as long as cooked food may wait. */
  'freezer-slow': { kg: number; kgADay: number; days: number; mostDays: number };
  /** No pot takes a bag as it is packed; `most` is what one does. */
  'bag-too-big': { dish: string; servings: number; most: number };
  /** What is in a bag brings too little liquid for a cycle: its label says so. */
  'bag-needs-water': { dish: string; ml: number };
  /** A flat bag that is wider than any pot. */
  'bag-too-wide': { dish: string; acrossMm: number };
  /** More is packed than the freezers have room for. */
  'no-room': { litres: number; freeLitres: number };
  /** A lunch is to be eaten after its days in the fridge and can’t be frozen. */
  'lunch-too-late': { dish: string; days: string[]; lastDay: string };
  /** A lunch day that lies before the food is cooked. */
  'lunch-before': { days: string[] };
  /** Somebody does not eat what is in a dish; `apartBefore` is the step before which a portion can be taken out. */
  'eater-cannot': {
    eater: string;
    dish: string;
    foods: string[];
    /** Diets it breaks, and allergens it contains. */
    breaks: string[];
    contains: string[];
    apartBefore: string | null;
  };
  /** A label decides whether somebody may eat it. */
  'eater-label': {
    eater: string;
    dish: string;
    wants: string[];
    without: string[];
    foods: string[];
  };
  /** Nobody knows whether somebody may eat it. */
  'eater-unknown': {
    eater: string;
    dish: string;
    wants: string[];
    without: string[];
    foods: string[];
  };
  'tool-missing': { dish: string; tool: string };
  /** The cooker a dish was given is gone. */
  'cooker-gone': { dish: string };
  /** No cooker takes it as it is; planned in the one that comes nearest. */
  'pot-refuses': { dish: string; servings: number; cooker: string; why: Refusal };
  /** Too late for the fridge: thawed in cold water. */
  'thaw-too-late': { food: string; minutes: number };
  /** Was to be done the day before. */
  'ahead-passed': { work: string };
  /** Best on the evening before, of which nothing is left: on the day itself. */
  'overnight-passed': { dish: string; minutes: number };
  /** Grain that needs no pot. */
  'in-rice-cooker': { dish: string; cooker: string };
  'no-rice-cooker': { dish: string };
  /** Work while the household sleeps, from the first such minute. */
  'before-waking': { dish: string; minute: number; wakes: number };
  /** Kept longer than is good for it. */
  'waits-too-long': { dish: string; minutes: number; best: number };
  /** What one dish hands to another is too little. */
  'product-short': { dish: string; from: string; food: string; wantedMl: number; givenMl: number };
  'product-taken': { dish: string; from: string; food: string; wantedMl: number; givenMl: number };
  /** A pudding under a ring that smells of the dish before it. */
  'pudding-after-savoury': { dish: string; before: string; cooker: string };
  /** A pot that is still hot reaches pressure sooner than planned. */
  'pot-still-hot': { dish: string; before: string; cooker: string; minutes: number };
  /** The plan counts on more thin liquid than the recipe has. */
  'pot-needs-water': {
    dish: string;
    cooker: string;
    leastMl: number;
    thinMl: number;
    moreMl: number;
  };
  /** Work without a rest. */
  'hands-no-rest': { hands: number; minutes: number; restMin: number };
  /** What the dish leaves open was settled by the plan, with what it gains. */
  'plan-chose': { choice: Choice; gain: Gain };
  /** It can't be planned at all. */
  'not-plannable': Refusal;
  /** Kept from a plan made before findings had codes: in the words it was shown in. */
  'said-before': { text: string; remedy: string | null };
}

/** What can be chosen for a dish that leaves it open. */
export type Choice =
  | { kind: 'release'; dish: string; release: 'natural' | 'quick' | 'timed' }
  | {
      kind: 'level';
      dish: string;
      level: string;
      minutes: number;
      wasLevel: string;
      wasMinutes: number;
    }
  | { kind: 'stack'; upper: string; lower: string }
  | { kind: 'keep-hot'; dishes: string[] };

/** What a choice is worth. */
export type Gain =
  | { kind: 'only-way' }
  | { kind: 'ready-sooner'; minutes: number }
  | { kind: 'starts-later'; minutes: number };

/** What a finding speaks of. */
export type Subject =
  | { kind: 'meal' }
  | { kind: 'entry'; id: string }
  /** Work of the hands, by the plan's steps. */
  | { kind: 'work'; steps: string[] };

/** What can be done about it at one tap. */
export type Edit =
  /** Water put into a dish; ml for the dish’s own servings. */
  | { kind: 'add-water'; dish: string; stage: string; ml: number }
  | { kind: 'servings'; entry: string; servings: number }
  | { kind: 'leave-out'; entry: string; dish: string }
  | { kind: 'own-cycle'; entry: string; dish: string }
  | { kind: 'pack-as'; entry: string; state: 'raw' | 'cooked' }
  | { kind: 'open-dish'; dish: string };

interface FindingOf<C extends keyof FindingValues> {
  code: C;
  /** Stop: not to be cooked so. Look: somebody should decide. Info: good to know. */
  severity: 'stop' | 'look' | 'info';
  subject: Subject;
  values: FindingValues[C];
  edits: Edit[];
}

/** Something the cook should look at. */
export type Finding = { [C in keyof FindingValues]: FindingOf<C> }[keyof FindingValues];

/** A finding about one entry of a meal. */
export function finding<C extends keyof FindingValues>(
  code: C,
  severity: Finding['severity'],
  entry: string | null,
  values: FindingValues[C],
  edits: Edit[] = [],
): Finding {
  const subject: Subject = entry === null ? { kind: 'meal' } : { kind: 'entry', id: entry };
  // TypeScript does not see that a code with its own values is one of the union.
  return { code, severity, subject, values, edits } as FindingOf<C> as Finding;
}

const HARM = { stop: 0, look: 1, info: 2 } as const;

/** The most harmful first. */
export function byHarm(a: Finding, b: Finding): number {
  return HARM[a.severity] - HARM[b.severity];
}

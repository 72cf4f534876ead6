/** What an evening comes to, told afterwards. */
import type { Operation } from '../plan';
import type { Cause } from './causes';

/** Planned against real of one operation. */
export interface PhaseAccount {
  operation: Operation;
  /** min. */
  planned: number;
  /** min; null where nobody and nothing said it. */
  real: number | null;
  /** Id of the cook whose hands it was; null where the screens do not say, or say two. */
  cook: string | null;
}

export interface DishAccount {
  entryId: string;
  name: string;
  /** Minutes from the wanted serving time: when it belonged on the table. */
  due: number;
  plannedReady: number;
  ready: number | null;
  /** Minutes it waited until the table. */
  waited: number | null;
  /** How long it stands, min; null for as long as one likes. */
  stands: number | null;
  /** Longer than that. */
  isOverheld: boolean;
}

export interface Account {
  /** Whether it was said to be on the table. */
  isServed: boolean;
  /** Tapped through in a fraction of the time that it takes: nothing of it is evidence. */
  isTappedThrough: boolean;
  /** Minutes by which the latest dish missed its own time; null while none is ready. */
  late: number | null;
  dishes: DishAccount[];
  /** Come-ups, releases, time in the oven, rests and hands-on steps. */
  phases: PhaseAccount[];
  /** Minutes under pressure that a dish was given, with those after it was opened and not done. */
  holds: { operation: Operation; planned: number; real: number }[];
  overdone: { text: string; dish: string; minutes: number }[];
  troubles: { unit: string | null; what: string; dish: string }[];
  /** What was decided at the stove, in order. */
  changes: { at: number; text: string }[];
  /** Why it was late, the largest first; empty where it was not. */
  causes: Cause[];
  /** What to do better, most useful first, three things at most; empty after a clean evening. */
  advice: string[];
}

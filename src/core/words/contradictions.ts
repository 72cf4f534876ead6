/** What contradicts what in a meal that can't be planned, and the chain of one that is late. */
import { formatMinutes } from '../units';
import { inWords } from './grammar';

/** What each sentence says, by its code. Minutes; places as `sayPlace` says them. */
interface ContradictionValues {
  /** `keptMinutes`: in the plan that comes nearest; null where it keeps to it. */
  'keeps-at-most': { dish: string; minutes: number; keptMinutes: number | null };
  /** Best sooner; this is the limit of what is safe. */
  'safe-at-most': { dish: string; minutes: number; keptMinutes: number | null };
  'needs-place': { dishes: readonly string[]; stays: number; places: readonly string[] };
  'needs-product': { dish: string; from: string; what: string };
  'put-at-a-moment': { dish: string; step: string; minutesBefore: number };
  'too-few-tools': { tool: string; count: number };
  'breaker-trips': { cookers: readonly string[]; watts: number; circuit: string; gives: number };
  'share-hands': { dishes: readonly string[]; hands: number };
  'own-steps': { dishes: readonly string[] };
  /** One part of the chain; the place is null at the counter. */
  'in-the-chain': { dish: string; place: string | null; step: string; minutes: number };
}

export type ContradictionCode = keyof ContradictionValues;

const WORDS: { [C in ContradictionCode]: (values: ContradictionValues[C]) => string } = {
  'safe-at-most': ({ dish, minutes, keptMinutes }) =>
    `${dish} may stand no longer than ${formatMinutes(minutes)} once it is ready (hot food is eaten, kept hot or chilled within two hours: USDA FSIS)${keptMinutes === null ? '' : `; here it would be ${formatMinutes(keptMinutes)}`}.`,
  'keeps-at-most': ({ dish, minutes, keptMinutes }) =>
    `${dish} keeps at most ${formatMinutes(minutes)} once it is ready${keptMinutes === null ? '' : `; here it is kept for ${formatMinutes(keptMinutes)}`}.`,
  'needs-place': ({ dishes, stays, places }) => {
    const who = inWords([...new Set(dishes)]);
    const where = places.join(' or ');
    return stays > 1 ? `${who} need ${where}, one after the other.` : `${who} needs ${where}.`;
  },
  'needs-product': ({ dish, from, what }) => `${dish} needs the ${what} from ${from} first.`,
  'put-at-a-moment': ({ dish, step, minutesBefore }) =>
    `${dish}: “${step}” was put ${formatMinutes(minutesBefore)} before serving.`,
  'too-few-tools': ({ tool, count }) =>
    `There ${count === 1 ? 'is' : 'are'} only ${count} of “${tool}”.`,
  'breaker-trips': ({ cookers, watts, circuit, gives }) =>
    `${inWords(cookers)} heat up with ${watts} W in all, and “${circuit}” gives ${gives} W.`,
  'share-hands': ({ dishes, hands }) =>
    `${inWords(dishes)} share ${hands === 1 ? 'one pair of hands' : `${hands} pairs of hands`}.`,
  'own-steps': ({ dishes }) =>
    `The steps of ${inWords(dishes)} can’t follow one another as they are written: one may wait only minutes, and what comes between takes longer. Look at its steps on the dish’s page.`,
  'in-the-chain': ({ dish, place, step, minutes }) =>
    `${dish}: ${place === null ? step : `in ${place}`}, ${formatMinutes(minutes)}`,
};

/** @returns one sentence of why a meal is impossible or late */
export function sayContradiction<C extends ContradictionCode>(
  code: C,
  values: ContradictionValues[C],
): string {
  return WORDS[code](values);
}

/** A place to cook in, as it stands in a sentence: “the Large”, “the oven”. */
export function sayPlace(
  place: { kind: 'oven' | 'burner' } | { kind: 'cooker'; name: string },
): string {
  switch (place.kind) {
    case 'oven':
      return 'the oven';
    case 'burner':
      return 'a burner';
    case 'cooker':
      return `the ${place.name}`;
  }
}

/** Whether what is told goes on with the stage before it, or is work of its own. */
import { saysByItself } from '../phrases';
import type { FoundKind, FoundStage } from '../types';
import { FRYING_PAN } from '../vessels';
import type { Clause } from './clause';

/** Work on the counter that is made by itself is no part of what is told beside it. */
export function isApart(end: FoundStage | undefined, sentence: string): boolean {
  if (end?.kind !== 'finish' && end?.kind !== 'prep') return false;
  const before = end.sentences.at(-1) ?? '';
  return before !== sentence && saysByItself(before) !== saysByItself(sentence);
}

/** “Bring the water to the boil. Rain in the polenta, simmer 35 minutes.”: heating up is no part of the simmering. */
const TO_THE_BOIL = /\bto (?:the|a) (?:rolling )?boil\b/i;
export const isBoiledFirst = (end: FoundStage | undefined, sentence: string): boolean =>
  end?.kind === 'burner' &&
  end.minutes === null &&
  TO_THE_BOIL.test(end.sentences.join(' ')) &&
  !end.sentences.includes(sentence);

/** “Let rise 1 hour, then refrigerate overnight”: two waits, and not one of an hour. */
export const isCold = (c: Clause): boolean => /\bchill|refrigerat|\bfridge\b|\bfreez/i.test(c.text);
export const isOtherRest = (end: FoundStage | undefined, kind: FoundKind, c: Clause): boolean =>
  kind === 'rest' && end?.kind === 'rest' && end.isCold !== isCold(c);

/** Nuts are toasted in a skillet and beans boiled in a saucepan: two pans, whatever stands between the words. */
const BOILS_IN = /\b(?:saucepan|stockpot|boil|simmer)\b/i;
export const areTwoPans = (before: string, text: string): boolean =>
  FRYING_PAN.test(before)
    ? BOILS_IN.test(text) && !FRYING_PAN.test(text)
    : BOILS_IN.test(before) && FRYING_PAN.test(text);

export const isOtherPan = (end: FoundStage | undefined, c: Clause): boolean => {
  if (end?.kind !== 'burner') return false;
  const before = end.sentences.at(-1) ?? '';
  return before !== c.sentence && areTwoPans(before, c.sentence);
};

const FRIES_OTHER =
  /^(?:then |next |now )?(?:fry|soften|sweat|cook|saut[eé])\s+(?:(?:the|your|in)\s+)?(?!(?:until|till|for|over|on|it|them|this|everything|all|in|both|gently|about|meat|lamb|beef|pork|chicken|the)\b)\p{L}{3,}/iu;

/** “Brown the meat in batches. Fry the onion 5 minutes.”: how long the meat takes is not told. */
export const isNextToFry = (last: FoundStage | undefined, kind: FoundKind, c: Clause): boolean =>
  kind === 'brown' &&
  last?.kind === 'brown' &&
  last.minutes === null &&
  !last.sentences.includes(c.sentence) &&
  /\b(?:brown|sear)\b/i.test(last.sentences.join(' ')) &&
  FRIES_OTHER.test(c.text);

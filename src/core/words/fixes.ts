/** Ways to fix a meal, as they stand on their buttons: each says what it changes. */
import { length } from './amounts';
import type { Conventions } from './conventions';

/** What each fix says, by its code. SI inside. */
interface FixValues {
  'any-cooker': { dish: string };
  unpin: { dish: string };
  release: { dish: string; release: 'natural' | 'quick' | 'timed' };
  smaller: { dish: string; fromMm: number; toMm: number };
  ahead: { dish: string };
  unstack: { dish: string };
  stack: { upper: string; lower: string };
  /** Null: of a dish that is gone. */
  later: { dish: string | null; minutes: number };
  runs: { dish: string; runs: number };
  'all-runs': object;
  fewer: { dish: string; servings: number };
  'fewer-for-all': { servings: number };
  hands: { hands: number };
  stay: object;
  free: object;
  'leave-out': { dish: string | null };
  both: { one: string; two: string };
}

export type FixCode = keyof FixValues;

const WORDS: { [C in FixCode]: (values: FixValues[C], by: Conventions) => string } = {
  'any-cooker': ({ dish }) => `${dish}: let the plan choose the cooker`,
  unpin: ({ dish }) => `${dish}: let the plan move its steps again`,
  release: ({ dish, release }) => `${dish}: ${release} release instead`,
  smaller: ({ dish, fromMm, toMm }, by) =>
    by.system === 'us'
      ? `${dish}: cut to ${length(toMm, by)} instead of ${length(fromMm, by)}`
      : `${dish}: cut to ${toMm} mm instead of ${fromMm}`,
  ahead: ({ dish }) => `${dish}: do what you can the day before`,
  unstack: ({ dish }) => `${dish}: a cycle of its own`,
  stack: ({ upper, lower }) => `${upper} over ${lower}, in one cycle`,
  later: ({ dish, minutes }) => `${dish ?? 'The dish that is gone'}: comes ${minutes} min later`,
  runs: ({ dish, runs }) => `${dish}: in ${runs} even runs`,
  'all-runs': () => 'Everything over the line in even runs',
  fewer: ({ dish, servings }) => `${dish}: for ${servings} only`,
  'fewer-for-all': ({ servings }) => `Cook for ${servings}`,
  hands: ({ hands }) => (hands === 1 ? 'A second pair of hands' : 'One more pair of hands'),
  stay: () => 'Nobody goes away',
  free: () => 'Everything in use is free',
  'leave-out': ({ dish }) => `Leave out ${dish ?? 'the dish that is gone'}`,
  both: ({ one, two }) => `${one}; and ${two}`,
};

/** @returns what stands on the button of a fix */
export function sayFix<C extends FixCode>(code: C, values: FixValues[C], by: Conventions): string {
  return WORDS[code](values, by);
}

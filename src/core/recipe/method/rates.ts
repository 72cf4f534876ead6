/** Minutes by weight that are told before the pot is filled: “Figure 9 min per lb … Pressure on high as above.” */
import { findDurations } from '../durations';
import { saysPressure } from '../phrases';

const IS_REASONED =
  /^(?:figure|allow|reckon|count(?: on)?|calculate|work (?:on|out)|plan(?: on)?)\b/i;
/** “So 27 minutes for 3 lbs”: what the rate comes to. */
export const COMES_TO = /^so \d+ ?min\w* for \d/i;

const hasRate = (sentence: string): boolean =>
  findDurations(sentence).some((d) => d.perPound !== null);

/** The sentences with such a rate moved behind the one that puts the pot under pressure and names no time. */
export function withRates(sentences: readonly string[]): string[] {
  const from = sentences.findIndex((s) => IS_REASONED.test(s) && hasRate(s));
  if (from < 0) return [...sentences];
  const more = sentences.slice(from + 1).findIndex((s) => !COMES_TO.test(s));
  const until = from + 1 + Math.max(0, more);
  const pot = sentences.findIndex(
    (s, i) => i >= until && saysPressure(s) && findDurations(s).length === 0,
  );
  if (pot < 0) return [...sentences];
  return [
    ...sentences.slice(0, from),
    ...sentences.slice(until, pot + 1),
    ...sentences.slice(from, until),
    ...sentences.slice(pot + 1),
  ];
}

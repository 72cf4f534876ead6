/** The words of a step with the minutes that count now: a sentence and the figure beside it never disagree. */
import { formatMinutes } from '../units';
import { findDurations, type Duration } from './durations';
import { saysNatural, saysQuick } from './release-words';

/** Minutes of one side or one batch. */
const OF_SEVERAL = /\b(?:side|sides|each|apiece|(?:per|a|every) (?:batch|go|lot))\b|[x×]\s*\d/i;

/** “Natural release, | 10 minutes”. */
const RELEASE_BEFORE =
  /\b(?:natural(?:ly)?|NP?R|release[sd]?)(?: pressure)?(?: release)?\s*[,:(–—-]*\s*(?:for |about |around |of )*$/i;

/** Times before a release, or that a sound goes on for, are not the work’s own. */
function isOfRelease(text: string, { start, end }: Duration): boolean {
  if (RELEASE_BEFORE.test(text.slice(0, start))) return true;
  const around = text.slice(Math.max(0, start - 30), end + 36);
  const own = text.slice(start, end).replace(/\.$/, '');
  const clause = around.split(/[.;,]/).find((c) => c.includes(own)) ?? around;
  return saysNatural(clause) || saysQuick(clause);
}

/** “Cold within two hours” is a limit, and no time that the work takes. */
const isLimit = (text: string, { start }: Duration): boolean =>
  /\b(?:within|no (?:more|longer) than|at (?:the )?most|up to|less than|under|never (?:over|more than))\s+$/i.test(
    text.slice(0, start),
  );

/** “3 more”: minutes without a unit. */
const morePartsOf = (text: string): number[] =>
  [...text.matchAll(/\b(\d{1,3}) more\b(?! ?(?:min|m\b|hour|h\b|\p{L}+s\b))/giu)].map((m) =>
    Number(m[1]),
  );

/**
 * The text with its time exchanged; left as it is where it names no time that can be the one, and where it names
 * it already.
 *
 * @param written minutes that the text was written with, where that is known
 * @param minutes that count now, whole
 * @example retime('Cook for 25 minutes', 25, 29) // 'Cook for 29 minutes'
 */
export function retime(text: string, written: number | null, minutes: number): string {
  const own = findDurations(text).filter(
    (d) => d.perPound === null && !isOfRelease(text, d) && !isLimit(text, d),
  );
  // “30 sec” are a minute only in a plan.
  const isTold = ({ from }: Duration): boolean => from === minutes || (from < 1 && minutes === 1);
  if (own.length === 0 || own.some(isTold)) return text;
  // “Fry 5 minutes. Onion in, 3 more”: the figure is the sum of what the text tells.
  const parts = [...own.map((d) => d.from), ...morePartsOf(text)];
  const sum = parts.reduce((all, part) => all + part, 0);
  if (parts.length > 1 && Math.abs(sum - (written ?? minutes)) < 1) return text;
  // “3 min a side”: the figure counts both, and what else is told.
  if (OF_SEVERAL.test(text) && own.some((d) => minutes > d.from)) return text;
  const found =
    own.find((d) => d.from === written || d.to === written) ??
    (own.length === 1 ? own[0] : undefined);
  if (!found) return text;
  const old = text.slice(found.start, found.end);
  const isAdjective = /^\d+-min/i.test(old);
  return `${text.slice(0, found.start)}${isAdjective ? `${minutes}-minute` : spelt(minutes)}${old.endsWith('.') && /^\s*(?:$|\p{Lu})/u.test(text.slice(found.end)) ? '.' : ''}${text.slice(found.end)}`;
}

/** Long times in hours, as a recipe writes them. */
function spelt(minutes: number): string {
  if (minutes < 120) return minutes === 1 ? '1 minute' : `${minutes} minutes`;
  return minutes % 60 === 0 ? `${minutes / 60} hours` : formatMinutes(minutes);
}

/** A text with more than one recipe in it: each with a name of its own, for how many it is, its list and its cooking. */
import { findDurations } from './durations';
import { headingOf } from './lines/headings';
import { parseLine } from './line';
import { findYield, restOfYield } from './lines/yields';

const MOST_WORDS = 9;
/** Lines between a name and what says that a recipe begins. */
const SOON = 3;

const isName = (line: string, before: string | undefined): boolean =>
  (before === undefined || before.trim() === '') &&
  /^[^\d•*-]/.test(line) &&
  !/[.,;:!?]$/.test(line) &&
  line.split(/\s+/).length <= MOST_WORDS &&
  /\p{L}{3}/u.test(line) &&
  headingOf(line) === null &&
  findYield(line) === '';

function isYield(line: string): boolean {
  const found = findYield(line);
  return found !== '' && restOfYield(line, found).length === 0;
}

const hasAmount = (line: string): boolean => {
  if (line.length > 120) return false;
  const { amount, unit } = parseLine(line.trim());
  return amount !== null && unit !== null;
};

/** Where each recipe of a text begins, by line; fewer than two where it is one. */
function headsOf(lines: readonly string[]): number[] {
  const candidates = lines.flatMap((line, i) => {
    if (!isName(line.trim(), lines[i - 1])) return [];
    const next = lines
      .slice(i + 1)
      .filter((l) => l.trim() !== '')
      .slice(0, SOON);
    const begins = next.some((l) => isYield(l.trim()));
    return begins ? [i] : [];
  });
  return candidates.filter((from, n) => {
    const own = lines.slice(from + 1, candidates[n + 1] ?? lines.length);
    return own.some(hasAmount) && own.some((l) => findDurations(l).length > 0);
  });
}

/**
 * The recipes of a text, in its order.
 *
 * @returns the whole text alone where it holds only one
 */
export function recipesIn(text: string): { name: string; text: string }[] {
  const lines = text.split('\n');
  const heads = headsOf(lines);
  if (heads.length < 2) return [{ name: '', text }];
  return heads.map((from, n) => ({
    name: lines[from]?.trim() ?? '',
    text: lines
      .slice(from, heads[n + 1])
      .join('\n')
      .trim(),
  }));
}

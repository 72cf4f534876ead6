/** What goes on inside a block: its units, its own steps, and the longest ways through them. */
import { valueFor, type Problem, type ProblemBlock, type ProblemStep } from './problem';

/** Units that exist and that every step of a block can use. */
export function openUnits(
  problem: Problem,
  block: ProblemBlock,
  own: readonly ProblemStep[],
): string[] {
  const known = new Set((problem.units ?? []).map((u) => u.id));
  return [...new Set(block.units)].filter(
    (unit) => known.has(unit) && own.every((s) => valueFor(s.minutes, unit) !== undefined),
  );
}

/** A block’s own steps and the links between them, by index. */
export interface Inside {
  own: readonly ProblemStep[];
  links: readonly { from: number; to: number; lag: number }[];
}

export function insides(problem: Problem): Map<string, Inside> {
  const steps = new Map<string, ProblemStep[]>();
  const place = new Map<string, { block: string; i: number }>();
  for (const step of problem.steps) {
    if (step.block == null) continue;
    const own = steps.get(step.block) ?? [];
    place.set(step.id, { block: step.block, i: own.length });
    own.push(step);
    steps.set(step.block, own);
  }
  const found = new Map<string, { own: ProblemStep[]; links: Inside['links'][number][] }>();
  for (const { id } of problem.blocks ?? []) found.set(id, { own: steps.get(id) ?? [], links: [] });
  for (const { from, to, min } of problem.links ?? []) {
    const [a, b] = [place.get(from), place.get(to)];
    if (a && b && a.block === b.block)
      found.get(a.block)?.links.push({ from: a.i, to: b.i, lag: min ?? 0 });
  }
  return found;
}

/**
 * Longest way from the start of one of a block’s steps to the end of each, in one unit; −Infinity where none leads.
 */
export function waysFrom(
  { own, links }: Inside,
  first: number,
  minutes: readonly number[],
): number[] {
  const ends = own.map((_, i) => (i === first ? (minutes[i] as number) : -Infinity));
  for (let round = 0; round < own.length; round++) {
    let isChanged = false;
    for (const { from, to, lag } of links) {
      const later = (ends[from] as number) + lag + (minutes[to] as number);
      if (later <= (ends[to] as number)) continue;
      ends[to] = later;
      isChanged = true;
    }
    if (!isChanged) break;
  }
  return ends;
}

/**
 * The way a cook manages when too much has happened for a plan to be searched: everything in the order that was
 * told, one thing after the other in each pot. Not good, but a plan, and found at once.
 */
import { valueFor, type Problem, type ProblemBlock, type ProblemLink } from './problem';
import type { Schedule } from './schedule';

/**
 * The problem with each stay in one unit, and the stays of each unit in a fixed order: only moments are left to choose.
 * Stays keep the unit and the order they were told, but for what needs the other before it; where a unit is not
 * allowed any more, the one that is free first takes the stay.
 *
 * @param problem as it stands; its longest waits are the caller's to remove
 * @param told what was planned, as far as it goes
 */
export function inTurn(problem: Problem, told: Schedule): Problem {
  const startOf = new Map(told.steps.map((s) => [s.id, s.start]));
  const unitOf = new Map(told.blocks.map((b) => [b.id, b.unit]));
  const stepsOf = (block: string) => problem.steps.filter((s) => s.block === block);
  const idsOf = (block: string): string[] => stepsOf(block).map((s) => s.id);
  const toldStart = (b: ProblemBlock): number =>
    Math.min(...idsOf(b.id).map((id) => startOf.get(id) ?? Infinity));
  const graph = new Reach(problem);
  const capacity = new Map((problem.units ?? []).map((u) => [u.id, u.capacity ?? 1]));
  const free = new Map<string, number>();
  const stays = new Map<string, ProblemBlock[]>();
  const added: ProblemLink[] = [];
  const chosen = new Map<string, string>();
  for (const block of (problem.blocks ?? []).toSorted((a, b) => toldStart(a) - toldStart(b))) {
    const own = idsOf(block.id);
    const length = (unit: string): number =>
      stepsOf(block.id).reduce((sum, s) => sum + (valueFor(s.minutes, unit) ?? 0), 0);
    const wished = unitOf.get(block.id) ?? '';
    const unit = block.units.includes(wished)
      ? wished
      : block.units.toSorted((a, b) => (free.get(a) ?? 0) - (free.get(b) ?? 0))[0];
    if (unit === undefined) continue;
    chosen.set(block.id, unit);
    free.set(unit, Math.max(free.get(unit) ?? 0, toldStart(block)) + length(unit));
    if (capacity.get(unit) !== 1) continue;
    for (const other of stays.get(unit) ?? []) {
      const theirs = idsOf(other.id);
      const isFirst = graph.leads(own, theirs);
      const [from, to] = isFirst ? [own, theirs] : [theirs, own];
      const min = (isFirst ? block : other).turnaround ?? 0;
      for (const a of from)
        for (const b of to) {
          added.push({ from: a, to: b, min });
          graph.add(a, b);
        }
    }
    stays.set(unit, [...(stays.get(unit) ?? []), block]);
  }
  return {
    ...problem,
    blocks: (problem.blocks ?? []).map((b) => {
      const unit = chosen.get(b.id);
      return unit === undefined ? b : { ...b, units: [unit] };
    }),
    links: [...(problem.links ?? []), ...added],
  };
}

/** What comes after what, by the links. */
class Reach {
  private readonly next = new Map<string, Set<string>>();

  constructor(problem: Problem) {
    for (const { from, to } of problem.links ?? []) this.add(from, to);
  }

  add(from: string, to: string): void {
    const known = this.next.get(from);
    if (known) known.add(to);
    else this.next.set(from, new Set([to]));
  }

  /** Whether any of the first has to be over before one of the others begins. */
  leads(from: readonly string[], to: readonly string[]): boolean {
    const goals = new Set(to);
    const seen = new Set(from);
    const open = [...from];
    for (let id = open.pop(); id !== undefined; id = open.pop())
      for (const next of this.next.get(id) ?? []) {
        if (goals.has(next)) return true;
        if (seen.has(next)) continue;
        seen.add(next);
        open.push(next);
      }
    return false;
  }
}

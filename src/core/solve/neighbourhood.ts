/**
 * Large neighbourhoods: a part of the best plan is set free, the rest keeps its units and orders,
 * and the search looks for something better in that part alone.
 *
 * @source P. Shaw, Using constraint programming and local search methods to solve vehicle routing
 *   problems, CP 1998; sizes adapt to whether a part was searched through or not.
 */
import type { Decision } from './choices';
import type { Model } from './model';
import { mix } from './random';
import type { Timetable } from './schedule';

/** A literal to assume: bound ≥ threshold. */
export interface Assumption {
  bound: number;
  threshold: number;
}

/** Share of the steps that is set free: at first, at least, at most. */
const SIZE = { first: 0.3, least: 0.1, most: 0.8 } as const;
/** Share of the first plan’s cost that the first part is to save. */
const FIRST_GAIN = 0.08;
const GROW = 1.12;
const SHRINK = 0.9;

export class Neighbourhoods {
  private round = 0;
  /** Parts tried in vain since the last better plan. */
  failures = 0;
  private size: number = SIZE.first;
  /** By how much the next plan should at least be better. */
  private aspiration: number | null = null;
  /** Steps that belong together through links, by number. */
  private readonly groups: number[][];

  constructor(private readonly model: Model) {
    this.groups = groupByLinks(model);
  }

  /** Tells how the last part went: searched through without finding, or given up. */
  learnFrom(outcome: 'exhausted' | 'given-up' | 'improved'): void {
    this.failures = outcome === 'improved' ? 0 : this.failures + 1;
    const asked = this.aspiration ?? 1;
    this.aspiration = outcome === 'improved' ? 2 * asked : Math.max(1, asked >> 1);
    if (outcome === 'exhausted') this.size = Math.min(SIZE.most, this.size * GROW);
    if (outcome === 'given-up') this.size = Math.max(SIZE.least, this.size * SHRINK);
  }

  /**
   * What to assume in the next round: the best plan's choices outside the part set free.
   *
   * @param best the plan to start from, with the value of each choice in it
   * @param total what it costs, moving included
   */
  next(best: Timetable, total: number, values: ReadonlyMap<number, number>): Assumption[] {
    const seed = mix(this.round++, 0x2545f491);
    const free = this.pick(best, seed);
    const isFree = (steps: readonly number[]): boolean => steps.some((i) => free.has(i));
    // From the table backwards: then what is assumed later moves nothing that was settled before.
    const startOf = (steps: readonly number[]): number =>
      Math.min(...steps.map((i) => best.steps[i]?.start ?? 0));
    const kept = this.withoutImplied(
      this.model.choices.subjects.filter(({ steps }) => !isFree(steps)),
      values,
    )
      .map(({ bound, steps }) => ({ bound, value: values.get(bound) ?? 0, at: startOf(steps) }))
      .sort((a, b) => b.at - a.at)
      .map(({ bound, value }) =>
        value >= 1 ? { bound, threshold: 1 } : { bound: bound ^ 1, threshold: 0 },
      );
    this.aspiration ??= Math.max(1, Math.round(total * FIRST_GAIN));
    const wanted = Math.max(0, total - this.aspiration);
    return [{ bound: this.model.cost ^ 1, threshold: 0 - wanted }, ...kept];
  }

  /** In turn: any dishes, dishes that go on about the same time, everything in a stretch of time. */
  private pick(best: Timetable, seed: number): Set<number> {
    if (this.round % 3 === 0) return this.pickGroups(seed);
    return this.round % 3 === 1 ? this.pickNear(best, seed) : this.pickWindow(best, seed);
  }

  /**
   * Drops orders that follow from two others that are kept: a before b and b before c say enough. It is
   * the chain of neighbours that stays, so that what is learned rests on few assumptions.
   */
  private withoutImplied(kept: Decision[], values: ReadonlyMap<number, number>): Decision[] {
    const after = new Map<string, Set<string>>();
    const ends = ({ bound, order }: Decision): [string, string] | null => {
      if (!order) return null;
      const names: [string, string] = [order.first.join(), order.second.join()];
      return (values.get(bound) ?? 0) >= 1 ? names : [names[1], names[0]];
    };
    for (const subject of kept) {
      const pair = ends(subject);
      if (!pair) continue;
      let set = after.get(pair[0]);
      if (!set) after.set(pair[0], (set = new Set()));
      set.add(pair[1]);
    }
    return kept.filter((subject) => {
      const pair = ends(subject);
      if (!pair) return true;
      const [first, last] = pair;
      for (const between of after.get(first) ?? []) if (after.get(between)?.has(last)) return false;
      return true;
    });
  }

  /** Whole dishes, some of them. */
  private pickGroups(seed: number): Set<number> {
    const free = new Set<number>();
    const target = this.size * this.model.steps.length;
    for (let i = 0; free.size < target && i < 4 * this.groups.length; i++)
      for (const step of this.groups[mix(seed, i) % this.groups.length] ?? []) free.add(step);
    return free;
  }

  /** Whole dishes, those that go on about the same time as one of them. */
  private pickNear(best: Timetable, seed: number): Set<number> {
    const middle = (group: readonly number[]): number =>
      group.reduce((sum, i) => sum + (best.steps[i]?.end ?? 0), 0) / group.length;
    const at = middle(this.groups[mix(seed, 1) % this.groups.length] ?? []);
    const target = this.size * this.model.steps.length;
    const free = new Set<number>();
    const nearest = [...this.groups].sort(
      (a, b) => Math.abs(middle(a) - at) - Math.abs(middle(b) - at),
    );
    for (const group of nearest) {
      if (free.size >= target) break;
      for (const step of group) free.add(step);
    }
    return free;
  }

  /** Everything that goes on in a stretch of time around some step. */
  private pickWindow(best: Timetable, seed: number): Set<number> {
    const { steps } = best;
    const middle = steps[mix(seed, 1) % steps.length];
    const at = middle ? (middle.start + middle.end) / 2 : 0;
    const distance = (i: number): number => {
      const step = steps[i];
      return step ? Math.abs((step.start + step.end) / 2 - at) : Infinity;
    };
    const nearest = steps.map((_, i) => i).sort((a, b) => distance(a) - distance(b));
    return new Set(nearest.slice(0, Math.ceil(this.size * steps.length)));
  }
}

function groupByLinks({ problem }: Model): number[][] {
  const index = new Map(problem.steps.map((s, i) => [s.id, i]));
  const leader = problem.steps.map((_, i) => i);
  const find = (i: number): number => {
    while (leader[i] !== i) i = leader[i] as number;
    return i;
  };
  for (const link of problem.links ?? [])
    leader[find(index.get(link.from) ?? 0)] = find(index.get(link.to) ?? 0);
  const groups = new Map<number, number[]>();
  problem.steps.forEach((_, i) => groups.set(find(i), [...(groups.get(find(i)) ?? []), i]));
  return [...groups.values()];
}

/** Which steps belong together, linked or in one stay, and in which order they are placed into an empty plan. */
import type { Problem, ProblemStep } from './problem';

export interface Groups {
  /** Number of each step's group, and of each block's, in the problem's order; low numbers are placed first. */
  steps: readonly number[];
  blocks: readonly number[];
  count: number;
}

interface Worth {
  /** Of its dishes the dearest minute of waiting, and the shortest wait allowed. */
  holdCost: number;
  holdMax: number;
  /** All its minutes, in the slowest units. */
  minutes: number;
}

/**
 * Nearest to the table comes what is dear to keep for the minutes that it takes, as Smith's rule has it for jobs of
 * one machine (Smith 1956, weighted shortest processing time); of equals what may wait least, then what is longest.
 */
export function groupsOf(problem: Problem): Groups {
  const at = new Map(problem.steps.map((s, i) => [s.id, i]));
  const sets = new Sets(problem.steps.length);
  for (const { from, to } of problem.links ?? []) sets.join(at.get(from) ?? 0, at.get(to) ?? 0);
  const firstIn = new Map<string, number>();
  problem.steps.forEach((step, i) => {
    if (step.block == null) return;
    const first = firstIn.get(step.block);
    if (first === undefined) firstIn.set(step.block, i);
    else sets.join(first, i);
  });
  const worth = new Map<number, Worth>();
  const worthOf = (step: number): Worth => {
    const root = sets.rootOf(step);
    const known = worth.get(root) ?? { holdCost: 0, holdMax: Infinity, minutes: 0 };
    worth.set(root, known);
    return known;
  };
  problem.steps.forEach((step, i) => (worthOf(i).minutes += slowest(step)));
  for (const dish of problem.dishes ?? []) {
    const own = worthOf(at.get(dish.ready) ?? 0);
    own.holdCost = Math.max(own.holdCost, dish.holdCost ?? 1);
    own.holdMax = Math.min(own.holdMax, dish.holdMax ?? Infinity);
  }
  const order = [...worth].sort(([, a], [, b]) => compare(a, b)).map(([root]) => root);
  const numberOf = new Map(order.map((root, n) => [root, n]));
  const steps = problem.steps.map((_, i) => numberOf.get(sets.rootOf(i)) ?? 0);
  return {
    steps,
    blocks: (problem.blocks ?? []).map((b) => steps[firstIn.get(b.id) ?? 0] ?? 0),
    count: order.length,
  };
}

function compare(a: Worth, b: Worth): number {
  const density = (w: Worth): number => w.holdCost / Math.max(1, w.minutes);
  if (density(a) !== density(b)) return density(b) - density(a);
  if (a.holdMax !== b.holdMax) return a.holdMax < b.holdMax ? -1 : 1;
  return b.minutes - a.minutes;
}

const slowest = ({ minutes }: ProblemStep): number =>
  typeof minutes === 'number' ? minutes : Math.max(0, ...Object.values(minutes));

/** Disjoint sets of numbers, with paths halved on the way (Tarjan, van Leeuwen 1984). */
class Sets {
  private readonly parent: number[];

  constructor(size: number) {
    this.parent = Array.from({ length: size }, (_, i) => i);
  }

  rootOf(member: number): number {
    let at = member;
    while (this.parent[at] !== at) {
      this.parent[at] = this.parent[this.parent[at] as number] as number;
      at = this.parent[at] as number;
    }
    return at;
  }

  join(a: number, b: number): void {
    this.parent[this.rootOf(a)] = this.rootOf(b);
  }
}

/**
 * What waiting for the table costs at least: dishes that leave the same hands or the same units one after the other
 * cannot all be ready at the last moment.
 *
 * @source seen from the table backwards it is the weighted sum of starts on parallel machines: W. Smith, “Various
 *   optimizers for single-stage production” (1956), and W. Eastman, S. Even, I. Isaacs, “Bounds for the optimal
 *   scheduling of n jobs on m processors” (1964); both from memory
 */
import { insides, openUnits, waysFrom, type Inside } from './block-ways';
import {
  valueFor,
  type Problem,
  type ProblemBlock,
  type ProblemDish,
  type ProblemStep,
} from './problem';

/** A dish on its way out of a unit, min: from the block’s start until it is ready, and from then until the unit is free. */
interface Leaving {
  weight: number;
  before: number;
  after: number;
}

/**
 * Least Σ weight · start for jobs on machines that all take them.
 *
 * @param jobs minutes and weight of each
 */
function leastStarts(
  jobs: readonly { minutes: number; weight: number }[],
  machines: number,
): number {
  const inTurn = jobs.toSorted((a, b) => a.minutes * b.weight - b.minutes * a.weight);
  let [time, ends, own] = [0, 0, 0];
  for (const { minutes, weight } of inTurn) {
    time += minutes;
    ends += weight * time;
    own += weight * minutes;
  }
  return ends / machines - ((machines + 1) / (2 * machines)) * own;
}

function ofHands(
  dishes: readonly ProblemDish[],
  steps: ReadonlyMap<string, ProblemStep>,
  hands: number,
): number {
  if (hands <= 0) return 0;
  const jobs = dishes.flatMap(({ ready, holdCost }) => {
    const step = steps.get(ready);
    if (!step?.hands || step.hands < 1 || typeof step.minutes !== 'number') return [];
    return [{ minutes: step.minutes, weight: holdCost ?? 1 }];
  });
  return jobs.length > 1 ? leastStarts(jobs, hands) : 0;
}

/** How a dish leaves its block; null where it may stand for ever before it is ready. */
function leaving(
  dish: ProblemDish,
  { problem, steps, inside }: Known,
  block: ProblemBlock,
  open: readonly string[],
): Leaving | null {
  const within = inside.get(block.id);
  const ready = steps.get(dish.ready);
  if (!within || !ready || open.length === 0) return null;
  let last = within.own.indexOf(ready);
  let [later, most] = [0, 0];
  if (last < 0) {
    // Made ready outside, within a limit of what the block does last for it.
    const link = (problem.links ?? []).find(
      (l) => l.to === ready.id && l.max != null && steps.get(l.from)?.block === block.id,
    );
    if (!link || ready.block != null || typeof ready.minutes !== 'number') return null;
    last = within.own.indexOf(steps.get(link.from) as ProblemStep);
    later = (link.min ?? 0) + ready.minutes;
    most = (link.max as number) + ready.minutes;
  }
  const inUnits = open.map((unit) => {
    const minutes = within.own.map((s) => valueFor(s.minutes, unit) ?? 0);
    const ways = within.own.map((_, i) => waysFrom(within, i, minutes));
    const before = Math.max(0, ...ways.map((ends) => ends[last] as number)) + later;
    const end = Math.max(...(ways[last] as number[])) - (minutes[last] as number);
    // A stay of no length holds nothing, and nothing has to cool after it.
    const isNone = before + Math.max(0, end) === 0;
    const cools = isNone ? 0 : (block.turnaround ?? 0);
    return { before, after: Math.max(0, end) + cools - most };
  });
  return {
    weight: dish.holdCost ?? 1,
    before: Math.min(...inUnits.map((u) => u.before)),
    after: Math.min(...inUnits.map((u) => u.after)),
  };
}

interface Known {
  problem: Problem;
  steps: ReadonlyMap<string, ProblemStep>;
  inside: ReadonlyMap<string, Inside>;
}

/** Dishes that go through one of some units, one after the other in each. */
function ofUnits(dishes: readonly ProblemDish[], known: Known): number {
  const { problem, steps, inside } = known;
  const units = new Map((problem.units ?? []).map((u) => [u.id, u.capacity ?? 1]));
  const out = (problem.blocks ?? []).flatMap((block) => {
    const open = openUnits(problem, block, inside.get(block.id)?.own ?? []);
    const own = dishes.filter(
      (d) =>
        steps.get(d.ready)?.block === block.id ||
        (problem.links ?? []).some(
          (l) => l.to === d.ready && steps.get(l.from)?.block === block.id,
        ),
    );
    // A block that two dishes leave together holds one of them back no longer than the other.
    const [dish] = own;
    const way = own.length === 1 && dish ? leaving(dish, known, block, open) : null;
    return way && way.before + way.after >= 0 ? [{ ...way, dish: dish?.id, open }] : [];
  });
  const sets = new Map(out.map(({ open }) => [[...open].sort().join(' '), open]));
  const all = [...new Set([...sets.values()].flat())];
  const found = [...sets.values(), all].map((set) => {
    const jobs = out.filter(({ open }) => open.every((u) => set.includes(u)));
    const once = jobs.filter((job, i) => jobs.findIndex((j) => j.dish === job.dish) === i);
    if (once.length < 2) return 0;
    const machines = set.reduce((sum, u) => sum + (units.get(u) ?? 0), 0);
    if (machines <= 0) return 0;
    // The last to leave each unit need not wait until it is free again.
    const longest = Math.max(...once.map((j) => j.after));
    const spared = once.reduce((sum, j) => sum + j.weight * (j.after - longest), 0);
    const minutes = once.map((j) => ({ weight: j.weight, minutes: j.before + j.after }));
    return leastStarts(minutes, machines) + spared;
  });
  return Math.max(0, ...found);
}

/** @returns a true lower bound of Σ holdCost · hold over the dishes of any schedule of the problem */
export function leastWaits(problem: Problem): number {
  const known: Known = {
    problem,
    steps: new Map(problem.steps.map((s) => [s.id, s])),
    inside: insides(problem),
  };
  const byDue = new Map<number, ProblemDish[]>();
  for (const dish of problem.dishes ?? []) {
    if ((dish.holdCost ?? 1) === 0) continue;
    const due = dish.dueAt ?? problem.serveAt;
    byDue.set(due, [...(byDue.get(due) ?? []), dish]);
  }
  let sum = 0;
  for (const dishes of byDue.values())
    if (dishes.length > 1)
      sum += Math.max(ofHands(dishes, known.steps, problem.hands ?? 0), ofUnits(dishes, known), 0);
  return Math.max(0, Math.ceil(sum - 1e-6));
}

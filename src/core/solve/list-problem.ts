/** A plan problem as the list scheduler reads it: numbers in place of names, dish by dish. */
import { openUnits } from './block-ways';
import { groupsOf } from './groups';
import { valueFor, type PerUnit, type Problem } from './problem';

export interface ListLink {
  from: number;
  to: number;
  min: number;
  max: number;
  soft: number;
  overCost: number;
}

export interface ListDish {
  due: number;
  holdMax: number;
  holdCost: number;
  holdSoft: number;
  overCost: number;
}

/** An amount by unit, by its number; the last is for what is in none. */
type ByUnit = readonly number[];

export interface ListStep {
  minutes: ByUnit;
  hands: number;
  /** Resources by number, with how much of each. */
  uses: { resource: number; amount: ByUnit }[];
  /** Its block’s number; −1 where it has none. */
  block: number;
  /** Window of its start and its end. */
  from: number;
  by: number;
  aside: boolean;
  /** Whether some dish waits for it. */
  leads: boolean;
  before: ListLink[];
  after: ListLink[];
  dishes: ListDish[];
}

export interface ListBlock {
  turnaround: number;
  /** Tools by number, with how many of each. */
  tools: { tool: number; amount: number }[];
  units: readonly number[];
  apart: readonly number[];
}

/** Steps and blocks that hang together: they are placed at once. */
export interface ListGroup {
  steps: number[];
  blocks: number[];
  /** Units of its blocks, in the same order, in each way that is tried. */
  ways: number[][];
}

export interface ListProblem {
  steps: readonly ListStep[];
  blocks: readonly ListBlock[];
  /** What is to be placed nearest to the table first, by Smith’s rule. */
  groups: readonly ListGroup[];
}

/** So many ways to choose a dish’s units are tried each time it is placed. */
const MOST_WAYS = 24;

/** @returns null where some block has no unit at all */
export function toListProblem(problem: Problem): ListProblem | null {
  const units = (problem.units ?? []).map((u) => u.id);
  const byUnit = (value: PerUnit): ByUnit =>
    [...units, undefined].map((unit) => valueFor(value, unit) ?? 0);
  const at = new Map(problem.steps.map((s, i) => [s.id, i]));
  const blockAt = new Map((problem.blocks ?? []).map((b, i) => [b.id, i]));
  const resourceAt = new Map((problem.resources ?? []).map((r, i) => [r.id, i]));
  const toolAt = new Map((problem.tools ?? []).map((t, i) => [t.id, i]));
  const steps = problem.steps.map((step): ListStep => ({
    minutes: byUnit(step.minutes),
    hands: step.hands ?? 0,
    uses: Object.entries(step.uses ?? {}).map(([id, amount]) => ({
      resource: resourceAt.get(id) ?? 0,
      amount: byUnit(amount),
    })),
    block: step.block == null ? -1 : (blockAt.get(step.block) ?? -1),
    from: Math.max(problem.earliest, step.from ?? -Infinity),
    by: step.by ?? Infinity,
    aside: step.aside ?? false,
    leads: false,
    before: [],
    after: [],
    dishes: [],
  }));
  for (const { from, to, min, max, soft, overCost } of problem.links ?? []) {
    const link: ListLink = {
      from: at.get(from) ?? 0,
      to: at.get(to) ?? 0,
      min: min ?? 0,
      max: max ?? Infinity,
      soft: soft ?? Infinity,
      overCost: overCost ?? 1,
    };
    steps[link.to]?.before.push(link);
    steps[link.from]?.after.push(link);
  }
  for (const dish of problem.dishes ?? [])
    steps[at.get(dish.ready) ?? 0]?.dishes.push({
      due: dish.dueAt ?? problem.serveAt,
      holdMax: dish.holdMax ?? Infinity,
      holdCost: dish.holdCost ?? 1,
      holdSoft: dish.holdSoft ?? Infinity,
      overCost: dish.overCost ?? 1,
    });
  markLeading(steps);
  const blocks = (problem.blocks ?? []).map((block, i): ListBlock => {
    const own = problem.steps.filter((s) => s.block === block.id);
    return {
      turnaround: block.turnaround ?? 0,
      tools: [...new Set(block.tools)].map((id) => ({
        tool: toolAt.get(id) ?? 0,
        amount: (block.tools ?? []).filter((other) => other === id).length,
      })),
      units: openUnits(problem, block, own).map((id) => units.indexOf(id)),
      apart: (problem.apart ?? []).flatMap((pair) => {
        const [a, b] = pair.map((id) => blockAt.get(id) ?? -1) as [number, number];
        if (a === b) return [];
        return a === i ? [b] : b === i ? [a] : [];
      }),
    };
  });
  return blocks.every((b) => b.units.length > 0)
    ? { steps, blocks, groups: toGroups(problem, blocks) }
    : null;
}

function markLeading(steps: readonly ListStep[]): void {
  const queue = steps.filter((s) => s.dishes.length > 0);
  for (let one = queue.pop(); one; one = queue.pop()) {
    if (one.leads) continue;
    one.leads = true;
    for (const { from } of one.before) queue.push(steps[from] as ListStep);
  }
}

function toGroups(problem: Problem, blocks: readonly ListBlock[]): ListGroup[] {
  const { steps: groupOf, blocks: groupOfBlock, count } = groupsOf(problem);
  const groups = Array.from({ length: count }, (_, g): ListGroup => ({
    steps: groupOf.flatMap((own, i) => (own === g ? [i] : [])),
    blocks: groupOfBlock.flatMap((own, i) => (own === g ? [i] : [])),
    ways: [[]],
  }));
  for (const group of groups)
    for (const i of group.blocks) {
      const all = group.ways.flatMap((way) =>
        (blocks[i] as ListBlock).units.map((unit) => [...way, unit]),
      );
      // Too many are thinned out evenly.
      const every = Math.ceil(all.length / MOST_WAYS);
      group.ways = all.filter((_, n) => n % every === 0);
    }
  return groups;
}

/** The answer document, `olive-clock/schedule@1`, and how a set of start times becomes one. */
import { z } from 'zod';
import { valueFor, type Problem } from './problem';

export const scheduleSchema = z.object({
  format: z.literal('olive-clock/schedule@1'),
  /** See contracts: `optimal` is proved, `feasible` carries true lower bounds. */
  status: z.enum(['optimal', 'feasible', 'impossible', 'unknown']),
  delay: z.number().nullable(),
  delayBound: z.number(),
  cost: z.number().nullable(),
  bound: z.number().nullable(),
  steps: z.array(z.object({ id: z.string(), start: z.int(), end: z.int() })),
  blocks: z.array(z.object({ id: z.string(), unit: z.string(), start: z.int(), end: z.int() })),
  dishes: z.array(z.object({ id: z.string(), ready: z.int(), hold: z.int() })),
  conflict: z.array(z.string()),
  milliseconds: z.number(),
});

export type Schedule = z.infer<typeof scheduleSchema>;

/** A complete choice: when each step starts (by position) and which unit each block takes. */
export interface Assignment {
  delay: number;
  /** Minutes on the problem's own axis, one for each step, same order. */
  starts: readonly number[];
  /** Unit ids, one for each block, same order. */
  units: readonly string[];
}

/** The timed part of a schedule with its cost, in the contract's terms. */
export type Timetable = Pick<Schedule, 'steps' | 'blocks' | 'dishes'> & { cost: number };

/**
 * Writes an assignment out as steps, blocks and dishes, and counts its cost from the contract's
 * definition alone, so that the search's own arithmetic is not trusted for what the cook reads.
 */
export function toTimetable(problem: Problem, chosen: Assignment): Timetable {
  const unitOf = new Map((problem.blocks ?? []).map((b, i) => [b.id, chosen.units[i]]));
  const steps = problem.steps.map((step, i) => {
    const start = chosen.starts[i] ?? 0;
    const minutes = valueFor(step.minutes, step.block == null ? undefined : unitOf.get(step.block));
    return { id: step.id, start, end: start + (minutes ?? 0) };
  });
  const endOf = new Map(steps.map((s) => [s.id, s.end]));
  const blocks = (problem.blocks ?? []).map((block) => {
    const own = steps.filter((_, i) => problem.steps[i]?.block === block.id);
    return {
      id: block.id,
      unit: unitOf.get(block.id) ?? '',
      start: Math.min(...own.map((s) => s.start)),
      end: Math.max(...own.map((s) => s.end)),
    };
  });
  let cost = 0;
  const dishes = (problem.dishes ?? []).map((dish) => {
    const ready = endOf.get(dish.ready) ?? 0;
    const hold = (dish.dueAt ?? problem.serveAt) + chosen.delay - ready;
    cost += hold * (dish.holdCost ?? 1) + overCost(hold, dish.holdSoft, dish.overCost);
    return { id: dish.id, ready, hold };
  });
  const startOf = new Map(steps.map((s) => [s.id, s.start]));
  for (const link of problem.links ?? []) {
    const lag = (startOf.get(link.to) ?? 0) - (endOf.get(link.from) ?? 0);
    cost += overCost(lag, link.soft, link.overCost);
  }
  const served = problem.serveAt + chosen.delay;
  let first = Infinity;
  let last = served;
  steps.forEach((step, i) => {
    if (problem.steps[i]?.aside) return;
    first = Math.min(first, step.start);
    last = Math.max(last, step.end);
  });
  if (first === Infinity) first = served;
  cost += (problem.spanCost ?? 1) * (last - first);
  return { steps, blocks, dishes, cost };
}

/** What minutes over a soft limit cost; nothing where there is no such limit. */
function overCost(minutes: number, soft: number | null | undefined, each = 1): number {
  return soft == null ? 0 : Math.max(0, minutes - soft) * each;
}

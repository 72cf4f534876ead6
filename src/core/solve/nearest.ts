/**
 * The schedule that comes nearest to an impossible problem: limits are let go one kind after another,
 * those first that hurt least when they are passed, until there is one.
 */
import { Search } from './search';
import { linkId, type Problem } from './problem';
import type { Schedule } from './schedule';

/** What a schedule passes of a problem's limits, minutes. */
export interface Overrun {
  kind: 'wait' | 'gap' | 'moment';
  /** A dish that waits too long; the link `from>to` with too long a gap; a step that is not when it should be. */
  id: string;
  minutes: number;
  /** At most, as the problem has it; null for a moment. */
  most: number | null;
}

export interface NearestPlan {
  schedule: Schedule;
  overruns: Overrun[];
}

/** Work for each kind of limit that is let go: a first schedule is found in far less, or not at all. */
const WORK = 125_000;

/** Each without the limits of those before it. */
const LET_GO: readonly ((problem: Problem) => Problem)[] = [
  // A dish that waits gets softer or cold; nothing else changes.
  (p) => ({ ...p, dishes: p.dishes?.map(({ holdMax: _, ...dish }) => dish) }),
  // Something is handed over later than it should be. Within one stay the steps stay together.
  (p) => {
    const blockOf = new Map(p.steps.map((s) => [s.id, s.block]));
    return {
      ...p,
      links: p.links?.map((link) => {
        const block = blockOf.get(link.from);
        if (block != null && block === blockOf.get(link.to)) return link;
        const { max: _, ...rest } = link;
        return rest;
      }),
    };
  },
  // What was put at a moment moves.
  (p) => ({ ...p, steps: p.steps.map(({ from: _, by: __, ...step }) => step) }),
  // More hands, tools and current than there are.
  (p) => {
    const { hands: _, ...rest } = p;
    const plenty = p.steps.length * Math.max(1, ...p.steps.flatMap(amounts));
    return {
      ...rest,
      tools: p.tools?.map((tool) => ({ ...tool, count: p.blocks?.length ?? 1 })),
      resources: p.resources?.map((resource) => ({ ...resource, capacity: plenty })),
    };
  },
];

function amounts(step: Problem['steps'][number]): number[] {
  return Object.values(step.uses ?? {}).flatMap((amount) =>
    typeof amount === 'number' ? [amount] : Object.values(amount),
  );
}

/**
 * @param problem one that was proved impossible
 * @returns null where also without these limits there is no schedule
 */
export function nearestPlan(problem: Problem): NearestPlan | null {
  let relaxed = problem;
  for (const letGo of LET_GO) {
    relaxed = letGo(relaxed);
    const search = new Search(relaxed);
    while (!search.isDone && search.work < WORK) search.advance(WORK);
    const answer = search.answer();
    if (answer.cost === null) continue;
    const schedule = { ...answer, milliseconds: 0 };
    return { schedule, overruns: overrunsOf(problem, schedule) };
  }
  return null;
}

/** Where a schedule waits, leaves gaps or moves things beyond what a problem allows. */
export function overrunsOf(problem: Problem, schedule: Schedule): Overrun[] {
  const times = new Map(schedule.steps.map((s) => [s.id, s]));
  const holds = new Map(schedule.dishes.map((d) => [d.id, d.hold]));
  return [
    ...(problem.dishes ?? []).flatMap(({ id, holdMax: most }): Overrun[] => {
      const minutes = holds.get(id) ?? 0;
      return most != null && minutes > most ? [{ kind: 'wait', id, minutes, most }] : [];
    }),
    ...(problem.links ?? []).flatMap((link): Overrun[] => {
      const [from, to] = [times.get(link.from), times.get(link.to)];
      if (!from || !to || link.max == null || to.start - from.end <= link.max) return [];
      return [{ kind: 'gap', id: linkId(link), minutes: to.start - from.end, most: link.max }];
    }),
    ...problem.steps.flatMap((step): Overrun[] => {
      const time = times.get(step.id);
      if (!time) return [];
      const early = (step.from ?? -Infinity) - time.start;
      const late = time.end - (step.by ?? Infinity);
      const minutes = Math.max(early, late);
      return minutes > 0 ? [{ kind: 'moment', id: step.id, minutes, most: null }] : [];
    }),
  ];
}

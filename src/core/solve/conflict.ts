/**
 * Which parts of an impossible problem contradict each other: a set from which nothing can be left
 * out. Found by divide and conquer over the ids, asking the engine each time.
 *
 * @source U. Junker, QuickXplain: preferred explanations and relaxations, AAAI 2004.
 */
import { linkId, type Problem } from './problem';

/** Everything that can be left out of a problem, by id; things that share an id go together. */
export function droppableIds(problem: Problem): string[] {
  return [
    ...new Set([
      ...(problem.dishes ?? []).map((d) => d.id),
      ...(problem.tools ?? []).map((t) => t.id),
      ...(problem.resources ?? []).map((r) => r.id),
      ...(problem.blocks ?? []).map((b) => b.id),
      ...problem.steps.map((s) => s.id),
      ...(problem.links ?? []).map(linkId),
    ]),
  ];
}

/**
 * The problem with only some of its parts: a dropped step takes its links and dishes with it, a
 * dropped block leaves its steps without a unit (in their shortest length), a dropped tool or
 * resource loses its limit, a dropped dish its due time and hold limit.
 */
export function keepOnly(problem: Problem, kept: ReadonlySet<string>): Problem {
  const steps = problem.steps
    .filter((s) => kept.has(s.id))
    .map((step) => {
      const block = step.block != null && kept.has(step.block) ? step.block : null;
      const uses = Object.fromEntries(
        Object.entries(step.uses ?? {})
          .filter(([id]) => kept.has(id))
          .map(([id, amount]) => [id, block === null ? smallest(amount) : amount]),
      );
      return {
        ...step,
        block,
        uses,
        minutes: block === null ? smallest(step.minutes) : step.minutes,
      };
    });
  const present = new Set(steps.map((s) => s.id));
  const inUse = new Set(steps.map((s) => s.block));
  const blocks = (problem.blocks ?? [])
    .filter((b) => kept.has(b.id) && inUse.has(b.id))
    .map((b) => ({ ...b, tools: (b.tools ?? []).filter((t) => kept.has(t)) }));
  const blockIds = new Set(blocks.map((b) => b.id));
  return {
    ...problem,
    steps,
    blocks,
    tools: (problem.tools ?? []).filter((t) => kept.has(t.id)),
    resources: (problem.resources ?? []).filter((r) => kept.has(r.id)),
    apart: (problem.apart ?? []).filter(([a, b]) => blockIds.has(a) && blockIds.has(b)),
    links: (problem.links ?? []).filter(
      (l) => kept.has(linkId(l)) && present.has(l.from) && present.has(l.to),
    ),
    dishes: (problem.dishes ?? []).filter((d) => kept.has(d.id) && present.has(d.ready)),
  };
}

function smallest(value: number | Record<string, number>): number {
  if (typeof value === 'number') return value;
  const all = Object.values(value);
  return all.length ? Math.min(...all) : 0;
}

/**
 * A minimal set of ids that contradict each other.
 *
 * @param isImpossible proves a problem impossible; false also where it could not tell
 * @param groupOf ids of one group are in it together or not at all: fewer questions, a coarser answer
 */
export function findConflict(
  problem: Problem,
  isImpossible: (p: Problem) => boolean,
  groupOf: (id: string) => string = (id) => id,
): string[] {
  const groups = new Map<string, string[]>();
  for (const id of droppableIds(problem)) {
    const group = groupOf(id);
    groups.set(group, [...(groups.get(group) ?? []), id]);
  }
  const idsOf = (names: readonly string[]): string[] => names.flatMap((n) => groups.get(n) ?? []);
  const fails = (names: readonly string[]): boolean =>
    isImpossible(keepOnly(problem, new Set(idsOf(names))));
  const explain = (base: string[], added: boolean, rest: string[]): string[] => {
    if (added && fails(base)) return [];
    if (rest.length === 1) return rest;
    const half = rest.length >> 1;
    const front = rest.slice(0, half);
    const back = rest.slice(half);
    const fromBack = explain([...base, ...front], true, back);
    const fromFront = explain([...base, ...fromBack], fromBack.length > 0, front);
    return [...fromFront, ...fromBack];
  };
  const all = [...groups.keys()];
  return all.length === 0 ? [] : idsOf(explain([], false, all));
}

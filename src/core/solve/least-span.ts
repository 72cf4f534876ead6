/**
 * The least time that a day can take, from sums alone: what has to be done by the hands, in the units and with the
 * tools, and the chains of steps before and after it. No order is looked at, so it costs next to nothing.
 *
 * @source J. Carlier, “Scheduling jobs with release dates and tails on identical machines to minimize the makespan”
 *   (1987); for units that take different times, Lagrangian duals of the assignment as in S. Martello, F. Soumis,
 *   P. Toth, “Exact and approximation algorithms for makespan minimization on unrelated parallel machines” (1997);
 *   both from memory
 */
import { insides, openUnits, waysFrom, type Inside } from './block-ways';
import { valueFor, type Problem, type ProblemStep } from './problem';

/** Least minutes from the first start to a moment, and from a moment to the last end. */
interface Around {
  head: number;
  tail: number;
}

interface Stay extends Around {
  turnaround: number;
  /** By unit: least minutes from its start to its end there. */
  minutes: ReadonlyMap<string, number>;
  tools: readonly string[];
}

/** Steps of the dual’s ascent: more gains a hundredth. */
const ROUNDS = 60;

/**
 * Longest chains before and after each step, minutes; null where links push each other for ever. Steps that are not
 * counted may lie outside the span, so no chain begins or ends with them.
 */
function chains(problem: Problem, least: readonly number[]): Around[] | null {
  const { steps, links = [] } = problem;
  const index = new Map(steps.map((s, i) => [s.id, i]));
  const around = steps.map((s): Around => {
    const own = s.aside ? -Infinity : 0;
    return { head: own, tail: own };
  });
  const edges = links.map((l) => ({
    from: index.get(l.from) ?? 0,
    to: index.get(l.to) ?? 0,
    lag: l.min ?? 0,
  }));
  for (let round = 0; round <= steps.length; round++) {
    let isChanged = false;
    for (const { from, to, lag } of edges) {
      const [a, b] = [around[from], around[to]] as [Around, Around];
      const head = a.head + (least[from] as number) + lag;
      const tail = b.tail + (least[to] as number) + lag;
      if (head > b.head) [b.head, isChanged] = [head, true];
      if (tail > a.tail) [a.tail, isChanged] = [tail, true];
    }
    if (!isChanged) return around;
  }
  return null;
}

/** Least minutes from the start of a block’s first step to the end of its last, in one unit. */
function stayIn(inside: Inside, unit: string): number {
  const minutes = inside.own.map((s) => valueFor(s.minutes, unit) ?? 0);
  return Math.max(0, ...inside.own.flatMap((_, i) => waysFrom(inside, i, minutes)));
}

const least = (values: Iterable<number>): number => Math.min(Infinity, ...values);

/** What `amount` of minutes at once takes at least, with the chains that lie before and after all of it. */
function sumBound(parts: readonly (Around & { size: number })[], capacity: number): number {
  const taken = parts.filter((p) => p.size > 0);
  if (taken.length === 0 || capacity <= 0) return 0;
  const sum = taken.reduce((all, p) => all + p.size, 0);
  return sum / capacity + least(taken.map((p) => p.head)) + least(taken.map((p) => p.tail));
}

/**
 * For any prices of the units’ minutes that add up to one, each stay at its cheapest is no more than the span: the
 * best prices are searched for.
 */
function unitBound(problem: Problem, stays: readonly Stay[]): number {
  const units = (problem.units ?? []).flatMap(({ id, capacity = 1 }) => {
    const able = stays.filter((s) => s.minutes.has(id));
    if (able.length === 0 || capacity <= 0) return [];
    // After its last stay a unit may cool beyond the end; before its first one something is done elsewhere.
    const edges =
      least(able.map((s) => s.head)) +
      least(able.map((s) => s.tail)) -
      Math.max(...able.map((s) => s.turnaround));
    return [{ id, capacity, edges }];
  });
  if (units.length === 0) return 0;
  const table = stays.map((stay) =>
    units.map(({ id }) => {
      const own = stay.minutes.get(id);
      return own === undefined ? Infinity : own > 0 ? own + stay.turnaround : 0;
    }),
  );
  let prices = units.map((u) => 1 / (units.length * u.capacity));
  let best = 0;
  for (let round = 1; round <= ROUNDS; round++) {
    const load = units.map((u) => u.edges * u.capacity);
    let value = units.reduce((sum, u, i) => sum + (prices[i] as number) * u.capacity * u.edges, 0);
    for (const row of table) {
      let [pick, cheapest] = [-1, Infinity];
      for (let i = 0; i < row.length; i++) {
        const cost = (prices[i] as number) * (row[i] as number);
        if (cost < cheapest) [pick, cheapest] = [i, cost];
      }
      if (pick < 0) continue;
      value += cheapest;
      load[pick] = (load[pick] as number) + ((row[pick] as number) || 0);
    }
    best = Math.max(best, value);
    // Minutes of a unit that would be crowded become dearer.
    const crowd = units.map((u, i) => (load[i] as number) / u.capacity);
    const mean = crowd.reduce((a, b) => a + b, 0) / crowd.length || 1;
    const raised = prices.map(
      (price, i) => price * Math.exp(((crowd[i] as number) / mean - 1) / (2 * Math.sqrt(round))),
    );
    const total = raised.reduce((sum, price, i) => sum + price * (units[i]?.capacity ?? 1), 0);
    prices = raised.map((price) => price / total);
  }
  return best;
}

/** @returns a true lower bound of the span of any schedule of the problem, min */
export function leastSpan(problem: Problem): number {
  const { steps, blocks = [], tools = [], resources = [] } = problem;
  const inside = insides(problem);
  const open = new Map(
    blocks.map((b) => [b.id, openUnits(problem, b, inside.get(b.id)?.own ?? [])]),
  );
  const minutesOf = (s: ProblemStep): number =>
    typeof s.minutes === 'number'
      ? s.minutes
      : least((open.get(s.block ?? '') ?? []).map((u) => valueFor(s.minutes, u) ?? Infinity));
  const shortest = steps.map(minutesOf);
  const around = chains(problem, shortest);
  if (!around || shortest.some((m) => !Number.isFinite(m))) return 0;
  const at = new Map(steps.map((s, i) => [s.id, around[i] as Around]));
  const stays = blocks.flatMap((block): Stay[] => {
    const within = inside.get(block.id);
    const own = within?.own ?? [];
    // What is not counted may go on outside the span.
    if (!within || own.length === 0 || own.some((s) => s.aside)) return [];
    const edges = own.map((s) => at.get(s.id) as Around);
    return [
      {
        head: least(edges.map((e) => e.head)),
        tail: least(edges.map((e) => e.tail)),
        turnaround: block.turnaround ?? 0,
        minutes: new Map((open.get(block.id) ?? []).map((u) => [u, stayIn(within, u)])),
        tools: block.tools ?? [],
      },
    ];
  });
  const counted = steps.flatMap((step, i) =>
    step.aside ? [] : [{ step, ...(around[i] as Around), minutes: shortest[i] as number }],
  );
  const usesOf = (step: ProblemStep, id: string): number => {
    const uses = step.uses?.[id];
    if (uses === undefined) return 0;
    if (typeof uses === 'number') return uses;
    const values = (open.get(step.block ?? '') ?? []).map((u) => valueFor(uses, u) ?? 0);
    return values.length === 0 ? 0 : Math.min(...values);
  };
  const found = Math.max(
    0,
    ...counted.map((c) => c.head + c.minutes + c.tail),
    sumBound(
      counted.map((c) => ({ ...c, size: c.minutes * (c.step.hands ?? 0) })),
      problem.hands ?? 0,
    ),
    unitBound(problem, stays),
    ...tools.map((tool) =>
      sumBound(
        stays.map((s) => ({
          ...s,
          size: least(s.minutes.values()) * s.tools.filter((id) => id === tool.id).length || 0,
        })),
        tool.count,
      ),
    ),
    ...resources.map((resource) =>
      sumBound(
        counted.map((c) => ({ ...c, size: c.minutes * usesOf(c.step, resource.id) })),
        resource.capacity,
      ),
    ),
  );
  // Whole minutes; what rounding of the sums may have added is left out.
  return Math.ceil(found - 1e-6);
}

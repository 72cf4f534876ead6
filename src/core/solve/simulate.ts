/**
 * Plays a schedule many times with chance in the lengths of its steps and says how often supper is
 * on time, and which step decides the late evenings.
 *
 * Each unit, tool, resource and cook keeps the schedule's order; nothing starts before its planned
 * time. A latest lag that chance breaks is broken and counted.
 */
import { valueFor, type Problem, type ProblemStep } from './problem';
import { hashText, logNormal, normalQuantile, uniform } from './random';
import type { Schedule } from './schedule';

export interface Simulation {
  /** Share of runs with every dish ready by its due time plus the delay. */
  onTime: number;
  /** Of the late runs, the share that this step's planned length would have saved; largest first. */
  decides: { step: string; share: number }[];
  /** Ready times in minutes on the problem's axis, and the share of runs in which it is late. */
  dishes: { id: string; p50: number; p90: number; late: number }[];
  /** Latest lags broken, over all runs. */
  brokenLinks: number;
}

/** A step as it is played: what it must wait for, by position in the playing order. */
interface Player {
  step: ProblemStep;
  planned: number;
  median: number;
  p90: number;
  key: number;
  /** Start no earlier than the end of `on` plus `lag`. */
  waits: { on: number; lag: number }[];
  /** Counted claims that must fit: hands and resources, by name. */
  takes: { what: string; amount: number }[];
}

/** Late is more than this many minutes over, to keep rounding out of it. */
const EPSILON = 1e-9;

/**
 * @param runs how many evenings to play, at least 1
 * @param seed any whole number; the same seed gives the same evenings
 */
export function simulate(problem: Problem, schedule: Schedule, runs = 5000, seed = 1): Simulation {
  const players = castPlayers(problem, schedule);
  const capacities = new Map<string, number>([['hands', problem.hands ?? 0]]);
  for (const r of problem.resources ?? []) capacities.set(`resource ${r.id}`, r.capacity);
  const index = new Map(players.map((p, i) => [p.step.id, i]));
  const dishes = (problem.dishes ?? []).map((dish) => ({
    id: dish.id,
    at: index.get(dish.ready) ?? 0,
    due: (dish.dueAt ?? problem.serveAt) + (schedule.delay ?? 0),
    ends: [] as number[],
    late: 0,
  }));
  const lateness = (ends: Float64Array): number =>
    dishes.reduce((most, d) => Math.max(most, (ends[d.at] as number) - d.due), 0);

  const lengths = new Float64Array(players.length);
  const saved = new Map<number, number>();
  let late = 0;
  let brokenLinks = 0;
  for (let run = 0; run < runs; run++) {
    players.forEach((p, i) => {
      lengths[i] = logNormal(p.median, p.p90, normalQuantile(uniform(seed, run, p.key)));
    });
    const { starts, ends } = play(players, lengths, capacities);
    brokenLinks += countBroken(problem, index, starts, ends);
    for (const dish of dishes) {
      const end = ends[dish.at] as number;
      dish.ends.push(end);
      if (end > dish.due + EPSILON) dish.late++;
    }
    const lateBy = lateness(ends);
    if (lateBy <= EPSILON) continue;
    late++;
    for (let i = 0; i < players.length; i++) {
      const drawn = lengths[i] as number;
      const median = (players[i] as Player).median;
      // With the order kept, no step can save more than it took too long itself.
      if (drawn - median < lateBy - EPSILON) continue;
      lengths[i] = median;
      if (lateness(play(players, lengths, capacities).ends) <= EPSILON)
        saved.set(i, (saved.get(i) ?? 0) + 1);
      lengths[i] = drawn;
    }
  }
  return {
    onTime: (runs - late) / runs,
    decides: [...saved]
      .map(([i, n]) => ({ step: (players[i] as Player).step.id, share: n / late }))
      .sort((a, b) => b.share - a.share || (a.step < b.step ? -1 : 1)),
    dishes: dishes.map((d) => {
      const sorted = Float64Array.from(d.ends).sort();
      return {
        id: d.id,
        p50: quantile(sorted, 0.5),
        p90: quantile(sorted, 0.9),
        late: d.late / runs,
      };
    }),
    brokenLinks,
  };
}

/** Steps in an order in which each waits only for earlier ones. */
function castPlayers(problem: Problem, schedule: Schedule): Player[] {
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const planned = new Map(schedule.steps.map((s) => [s.id, s]));
  const order = inPlayingOrder(problem, planned);
  const index = new Map(order.map((s, i) => [s.id, i]));
  const players = order.map((step): Player => {
    const unit = step.block == null ? undefined : unitOf.get(step.block);
    const median = valueFor(step.minutes, unit) ?? 0;
    const takes = Object.entries(step.uses ?? {}).map(([id, amount]) => ({
      what: `resource ${id}`,
      amount: valueFor(amount, unit) ?? 0,
    }));
    if (step.hands) takes.push({ what: 'hands', amount: step.hands });
    return {
      step,
      planned: planned.get(step.id)?.start ?? 0,
      median,
      p90: valueFor(step.p90 ?? step.minutes, unit) ?? median,
      key: hashText(step.id),
      waits: [],
      takes: takes.filter((t) => t.amount > 0),
    };
  });
  for (const link of problem.links ?? []) {
    const from = index.get(link.from);
    const to = index.get(link.to);
    if (from !== undefined && to !== undefined && from < to)
      players[to]?.waits.push({ on: from, lag: link.min ?? 0 });
  }
  addStays(problem, schedule, index, players);
  return players;
}

function inPlayingOrder(
  problem: Problem,
  planned: ReadonlyMap<string, { start: number; end: number }>,
): ProblemStep[] {
  const before = new Map<string, string[]>();
  for (const link of problem.links ?? [])
    if ((link.min ?? 0) >= 0) before.set(link.to, [...(before.get(link.to) ?? []), link.from]);
  const byStart = [...problem.steps].sort(
    (a, b) =>
      (planned.get(a.id)?.start ?? 0) - (planned.get(b.id)?.start ?? 0) ||
      (planned.get(a.id)?.end ?? 0) - (planned.get(b.id)?.end ?? 0),
  );
  const byId = new Map(problem.steps.map((s) => [s.id, s]));
  const done = new Set<string>();
  const out: ProblemStep[] = [];
  const visit = (step: ProblemStep): void => {
    if (done.has(step.id)) return;
    done.add(step.id);
    // Steps of no length at the same minute may be listed before what they follow.
    for (const id of before.get(step.id) ?? []) visit(byId.get(id) as ProblemStep);
    out.push(step);
  };
  byStart.forEach(visit);
  return out;
}

/** Units and tools keep their order: a stay waits for every earlier one it could not overlap. */
function addStays(
  problem: Problem,
  schedule: Schedule,
  index: ReadonlyMap<string, number>,
  players: Player[],
): void {
  const stays = schedule.blocks
    .map((b) => {
      const block = problem.blocks?.find((x) => x.id === b.id);
      return { ...b, turnaround: block?.turnaround ?? 0, tools: new Set(block?.tools ?? []) };
    })
    .filter((b) => b.end > b.start);
  const stepsOf = (block: string): number[] =>
    problem.steps.flatMap((s) => (s.block === block ? [index.get(s.id) ?? 0] : []));
  const apart = new Set((problem.apart ?? []).flatMap(([a, b]) => [`${a}|${b}`, `${b}|${a}`]));
  for (const earlier of stays)
    for (const later of stays) {
      if (earlier === later || later.start < earlier.end) continue;
      const sharesUnit =
        earlier.unit === later.unit && later.start >= earlier.end + earlier.turnaround;
      const sharesTool = [...earlier.tools].some((t) => later.tools.has(t));
      if (!sharesUnit && !sharesTool && !apart.has(`${earlier.id}|${later.id}`)) continue;
      const lag = sharesUnit ? earlier.turnaround : 0;
      for (const to of stepsOf(later.id))
        for (const on of stepsOf(earlier.id)) if (on < to) players[to]?.waits.push({ on, lag });
    }
}

/** One evening: every step starts as soon as plan, waits and counted claims allow. */
function play(
  players: readonly Player[],
  lengths: Float64Array,
  capacities: ReadonlyMap<string, number>,
): { starts: Float64Array; ends: Float64Array } {
  const starts = new Float64Array(players.length);
  const ends = new Float64Array(players.length);
  const running = new Map<string, { end: number; amount: number }[]>();
  players.forEach((player, i) => {
    let start = player.planned;
    for (const wait of player.waits) start = Math.max(start, (ends[wait.on] as number) + wait.lag);
    if ((lengths[i] as number) > 0)
      for (const { what, amount } of player.takes) {
        const list = running.get(what) ?? [];
        start = earliestRoom(list, start, amount, capacities.get(what) ?? 0);
      }
    starts[i] = start;
    ends[i] = start + (lengths[i] as number);
    if ((lengths[i] as number) > 0)
      for (const { what, amount } of player.takes) {
        const list = (running.get(what) ?? []).filter((r) => r.end > start);
        list.push({ end: ends[i] as number, amount });
        running.set(what, list);
      }
  });
  return { starts, ends };
}

/** The first moment from `start` on at which enough of what is running has ended. */
function earliestRoom(
  running: readonly { end: number; amount: number }[],
  start: number,
  amount: number,
  capacity: number,
): number {
  const active = running.filter((r) => r.end > start).sort((a, b) => a.end - b.end);
  let used = active.reduce((sum, r) => sum + r.amount, 0);
  for (const r of active) {
    if (used + amount <= capacity) break;
    start = r.end;
    used -= r.amount;
  }
  return start;
}

function countBroken(
  problem: Problem,
  index: ReadonlyMap<string, number>,
  starts: Float64Array,
  ends: Float64Array,
): number {
  let broken = 0;
  for (const link of problem.links ?? []) {
    if (link.max == null) continue;
    const lag =
      (starts[index.get(link.to) ?? 0] as number) - (ends[index.get(link.from) ?? 0] as number);
    if (lag > link.max + EPSILON) broken++;
  }
  return broken;
}

/** Linear interpolation between order statistics (R's type 7). */
function quantile(sorted: Float64Array, p: number): number {
  const at = (sorted.length - 1) * p;
  const low = Math.floor(at);
  const a = sorted[low] as number;
  return a + ((sorted[Math.min(low + 1, sorted.length - 1)] as number) - a) * (at - low);
}

/**
 * Who plays in an evening and what each waits for: every unit, tool, resource and cook keeps the
 * schedule's order, and nothing starts before its planned time. `stage.ts` plays them.
 */
import { valueFor, type Problem, type ProblemStep } from './problem';
import { hashText } from './random';
import type { Schedule } from './schedule';

/** The name under which players take hands. */
export const HANDS = 'hands';

/** A step as it is played: what it must wait for, by position in the playing order. */
export interface Player {
  step: ProblemStep;
  /** What its block is in; null where it has none. */
  unit: string | null;
  planned: number;
  median: number;
  p90: number;
  key: number;
  /** The draw that it shares with others of its evening, and how much of its chance that is. */
  common: { key: number; share: number } | null;
  /** Start no earlier than the end of `on` plus `lag`. */
  waits: { on: number; lag: number }[];
  /** Counted claims that must fit: hands and resources, by name. */
  takes: { what: string; amount: number }[];
}

/** Steps in an order in which each waits only for earlier ones. */
export function castPlayers(problem: Problem, schedule: Schedule): Player[] {
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
    if (step.hands) takes.push({ what: HANDS, amount: step.hands });
    return {
      step,
      unit: unit ?? null,
      planned: planned.get(step.id)?.start ?? 0,
      median,
      p90: valueFor(step.p90 ?? step.minutes, unit) ?? median,
      key: hashText(step.id),
      common: commonDraw(step, unit),
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
  dropImplied(players);
  return players;
}

function commonDraw(step: ProblemStep, unit: string | undefined): Player['common'] {
  const { common } = step;
  if (!common) return null;
  const share = typeof common.share === 'number' ? common.share : (common.share[unit ?? ''] ?? 0);
  const name = common.inUnit ? `${common.with} in ${unit ?? ''}` : common.with;
  return share > 0 ? { key: hashText(`common ${name}`), share } : null;
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

/** A wait that follows from two others says nothing new: lengths are never negative. */
function dropImplied(players: readonly Player[]): void {
  const lags = players.map(({ waits }) => {
    const most = new Map<number, number>();
    for (const { on, lag } of waits) most.set(on, Math.max(lag, most.get(on) ?? -Infinity));
    return most;
  });
  players.forEach((player, i) => {
    const own = lags[i] as Map<number, number>;
    player.waits = [...own]
      .filter(([on, lag]) => {
        for (const [between, first] of own) {
          const second = between === on ? undefined : lags[between]?.get(on);
          if (second !== undefined && first + second >= lag) return false;
        }
        return true;
      })
      .map(([on, lag]) => ({ on, lag }));
  });
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

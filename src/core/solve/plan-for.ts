/**
 * The latest plan that is ready on time with at least a wanted chance.
 *
 * For each of many played evenings, the latest start of every step from which all dishes would
 * still be on time follows from the table backwards, with that evening's lengths. A step's planned
 * start is then set so early that only a small share of evenings needs it earlier. So slack comes
 * where chance gathers before the table, not onto every step; what may not wait keeps its hold
 * limit. The share is found by bisection, against the simulation.
 *
 * @source sample average approximation (A. Kleywegt, A. Shapiro, T. Homem-de-Mello, 2002) of a
 *   schedule with release times
 */
import { castPlayers, HANDS, type Player } from './evening';
import { fixOrder, followers } from './fixed-order';
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Search } from './search';
import { servedLater } from './serve-later';
import { latenesses, quantileLate, shareOnTime, simulate, type Simulation } from './simulate';
import { Playback } from './playback';

export interface PlanForOptions {
  /** Evenings played for each judgement. */
  runs: number;
  seed: number;
  /** Work for each solving of the plan with its order kept. */
  work: number;
  /** Halvings of the share. */
  rounds: number;
  /** The share that is tried first: that of a plan much like it; the wanted chance where none is known. */
  firstShare?: number;
  /** Stop at the first plan that reaches the chance, though a tighter one may be left. */
  isEnough?: boolean;
}

export const planForDefaults: Readonly<PlanForOptions> = {
  runs: 500,
  seed: 1,
  work: 150_000,
  rounds: 5,
};

export interface ChancePlan {
  schedule: Schedule;
  simulation: Simulation;
  /** Whether the wanted chance is reached; if not, it is the surest plan found. */
  reached: boolean;
  /** The share of evenings that every single step is early enough for; null where it needed no slack. */
  share: number | null;
  /** Minutes after the due time by which the wanted share of evenings is ready; 0 where reached. */
  sureAfter: number;
}

/**
 * @param base a schedule of the problem; its units and orders are kept
 * @param chance wanted, from 0 to 1, of every dish being ready by its due time plus the delay
 */
export function planFor(
  problem: Problem,
  base: Schedule,
  chance: number,
  options: Partial<PlanForOptions> = {},
): ChancePlan {
  const { runs, seed, work, rounds, firstShare, isEnough } = { ...planForDefaults, ...options };
  const judge = (schedule: Schedule, share: number | null = null): Candidate => {
    const late = latenesses(problem, schedule, runs, seed);
    return { schedule, late, share, onTime: shareOnTime(late) };
  };
  const finish = ({ schedule, late, share, onTime }: Candidate): ChancePlan => ({
    schedule,
    share,
    simulation: simulate(problem, schedule, runs, seed),
    reached: onTime >= chance,
    sureAfter: quantileLate(late, chance),
  });
  const plain = judge(base);
  if (plain.onTime >= chance)
    return finish(served(base, null).find((c) => c.onTime >= chance) ?? plain);
  const players = castPlayers(problem, base);
  const latest = latestStarts(problem, base, players, runs, seed);
  const fixed = fixOrder(problem, base);

  let surest = plain;
  let best: Candidate | null = null;
  let low = 0.5;
  let high = 1;
  for (let round = 0; round < rounds; round++) {
    // The first try is the wanted chance itself: often it is nearly right.
    const share = round === 0 ? Math.max(firstShare ?? chance, 0.5) : (low + high) / 2;
    const schedule = solveWithin(fixed, problem, players, base, latest, share, work);
    if (schedule === null) {
      high = share;
      continue;
    }
    const tried = served(schedule, share);
    // Starting earlier helps only until hold limits bite; past that, turn back.
    const isPastHelp = tried.every((c) => c.onTime < surest.onTime);
    for (const found of tried) {
      if (found.onTime > surest.onTime) surest = found;
      if (found.onTime >= chance && costOf(found) <= costOf(best)) best = found;
    }
    if (best && isEnough) break;
    // With a little more slack what is eaten at once may be served nearer to the table.
    const [nearest] = tried;
    if ((nearest && nearest.onTime >= chance) || isPastHelp) high = share;
    else low = share;
  }
  return finish(best ?? surest);

  /** With last steps nearer to the table, where some would stand there too long, and as it is. */
  function served(schedule: Schedule, share: number | null): Candidate[] {
    return [...servedLater(problem, schedule), schedule].map((one) => judge(one, share));
  }
}

const costOf = (candidate: Candidate | null): number => candidate?.schedule.cost ?? Infinity;

interface Candidate {
  schedule: Schedule;
  share: number | null;
  /** Minutes late in each evening, ascending. */
  late: Float64Array;
  onTime: number;
}

/** For each player, in ascending order, the latest start with which each evening is on time. */
function latestStarts(
  problem: Problem,
  base: Schedule,
  players: readonly Player[],
  runs: number,
  seed: number,
): Float64Array[] {
  const next = followers(players, problem.hands ?? 0);
  const due = dueOf(problem, base, players);
  const all = players.map(() => new Float64Array(runs));
  const stage = new Playback(players, problem);
  const { lengths } = stage;
  const start = new Float64Array(players.length);
  for (let run = 0; run < runs; run++) {
    stage.draw(seed, run);
    /** By what is taken: the start of the next that takes it, which none before it may come after. */
    const nextTaker = new Map<string, number>();
    for (let i = players.length - 1; i >= 0; i--) {
      let end = due[i] as number;
      for (const { to, lag } of next[i] ?? []) end = Math.min(end, (start[to] as number) - lag);
      const player = players[i] as Player;
      const length = lengths[i] as number;
      const takes = length > 0 ? player.takes : [];
      for (const { what } of takes) end = Math.min(end, (nextTaker.get(what) ?? Infinity) + length);
      start[i] = beforeAbsences(player, end, length, problem);
      for (const { what } of takes) nextTaker.set(what, start[i] as number);
      (all[i] as Float64Array)[run] = start[i] as number;
    }
  }
  for (const values of all) values.sort();
  return all;
}

/** The latest start before `end` from which the hands a step needs are there for all of it. */
function beforeAbsences({ takes }: Player, end: number, length: number, problem: Problem): number {
  const needed = takes.find((t) => t.what === HANDS)?.amount ?? 0;
  let last = end;
  if (needed === 0 || length === 0) return last - length;
  for (;;) {
    const hit = (problem.away ?? []).find(
      ({ from, to, hands }) =>
        from < last && last - length < to && (problem.hands ?? 0) - hands < needed,
    );
    if (!hit) return last - length;
    last = hit.from;
  }
}

/** When each player must have ended for its dish; Infinity where it makes none ready. */
function dueOf(problem: Problem, base: Schedule, players: readonly Player[]): number[] {
  return players.map(({ step }) =>
    Math.min(
      ...(problem.dishes ?? [])
        .filter((d) => d.ready === step.id)
        .map((d) => (d.dueAt ?? problem.serveAt) + (base.delay ?? 0)),
      Infinity,
    ),
  );
}

/** The best plan that starts every step early enough for `share` of the evenings; null if none. */
function solveWithin(
  fixed: Problem,
  problem: Problem,
  players: readonly Player[],
  base: Schedule,
  latest: readonly Float64Array[],
  share: number,
  work: number,
): Schedule | null {
  const floor = earliestAllowed(problem, players, base);
  const by = new Map<string, number>();
  players.forEach((player, i) => {
    const values = latest[i] as Float64Array;
    const wanted = values[Math.floor((1 - share) * (values.length - 1))] as number;
    if (!Number.isFinite(wanted)) return;
    const start = Math.max(Math.floor(wanted), floor[i] as number);
    by.set(player.step.id, start + player.median);
  });
  const delay = base.delay ?? 0;
  const search = new Search({
    ...fixed,
    // The delay is settled: only what is left of it is solved here.
    serveAt: fixed.serveAt + delay,
    dishes: (fixed.dishes ?? []).map((d) => ({
      ...d,
      dueAt: (d.dueAt ?? problem.serveAt) + delay,
    })),
    steps: fixed.steps
      .map((s) => ({ ...s, by: Math.min(s.by ?? Infinity, by.get(s.id) ?? Infinity) }))
      .map((s) => (s.by === Infinity ? { ...s, by: null } : s)),
  });
  while (!search.isDone && search.work < work) search.advance(work);
  const answer = search.answer();
  if (answer.delay !== 0 || answer.cost === null) return null;
  return {
    ...answer,
    status: 'feasible',
    delay,
    delayBound: base.delayBound,
    bound: base.bound,
    milliseconds: 0,
  };
}

/**
 * No step may start so early that something would wait over its limit, or longer than is good for it, where the
 * tightest plan does not make it wait so already; median lengths.
 */
function earliestAllowed(problem: Problem, players: readonly Player[], base: Schedule): number[] {
  const next = followers(players, 0);
  const holds = new Map(base.dishes.map((d) => [d.id, d.hold]));
  const times = new Map(base.steps.map((s) => [s.id, s]));
  const allowed = (soft: number | null | undefined, most: number, now: number): number =>
    soft == null ? most : Math.min(most, Math.max(soft, now));
  const limit = players.map(({ step }) =>
    Math.max(
      ...(problem.dishes ?? [])
        .filter((d) => d.ready === step.id)
        .map((d) => {
          const most = allowed(d.holdSoft, d.holdMax ?? Infinity, holds.get(d.id) ?? 0);
          return (d.dueAt ?? problem.serveAt) + (base.delay ?? 0) - most;
        }),
      -Infinity,
    ),
  );
  const longestWait = (from: string, to: string): number => {
    const link = (problem.links ?? []).find((l) => l.from === from && l.to === to);
    const now = (times.get(to)?.start ?? 0) - (times.get(from)?.end ?? 0);
    return allowed(link?.soft, link?.max ?? Infinity, now);
  };
  const floor = players.map(() => -Infinity);
  for (let i = players.length - 1; i >= 0; i--) {
    const player = players[i] as Player;
    let end = limit[i] as number;
    for (const { to } of next[i] ?? []) {
      const wait = longestWait(player.step.id, (players[to] as Player).step.id);
      // What follows may not begin before its own floor, and waits at most so long.
      if (wait < Infinity) end = Math.max(end, (floor[to] as number) - wait);
    }
    floor[i] = Math.ceil(end - player.median);
  }
  return floor;
}

/** Minutes after the due time by which a schedule is ready with a chance; 0 where it is on time. */
export function sureAfter(
  problem: Problem,
  schedule: Schedule,
  chance: number,
  { runs, seed }: Pick<PlanForOptions, 'runs' | 'seed'> = planForDefaults,
): number {
  return quantileLate(latenesses(problem, schedule, runs, seed), chance);
}

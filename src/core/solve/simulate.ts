/**
 * Plays a schedule many times with chance in the lengths of its steps and says how often supper is
 * on time, and which step decides the late evenings.
 *
 * Each unit, tool, resource and cook keeps the schedule's order; nothing starts before its planned
 * time. A latest lag that chance breaks is broken and counted.
 */
import { castPlayers, type Player } from './evening';
import type { Problem } from './problem';
import type { Schedule } from './schedule';
import { Playback } from './playback';

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

/** Late is more than this many minutes over, to keep rounding out of it. */
const EPSILON = 1e-9;

/**
 * @param runs how many evenings to play, at least 1
 * @param seed any whole number; the same seed gives the same evenings
 */
export function simulate(problem: Problem, schedule: Schedule, runs = 5000, seed = 1): Simulation {
  const stage = new Playback(castPlayers(problem, schedule), problem);
  const { players, lengths, ends } = stage;
  const index = new Map(players.map((p, i) => [p.step.id, i]));
  const dishes = duesOf(problem, schedule, players).map((d) => ({
    ...d,
    ends: new Float64Array(runs),
    late: 0,
  }));
  const limits = latestLags(problem, index);
  const saved = new Map<number, number>();
  let late = 0;
  let brokenLinks = 0;
  for (let run = 0; run < runs; run++) {
    stage.draw(seed, run);
    stage.play();
    for (const { from, to, max } of limits)
      if ((stage.starts[to] as number) - (ends[from] as number) > max + EPSILON) brokenLinks++;
    for (const dish of dishes) {
      const end = ends[dish.at] as number;
      dish.ends[run] = end;
      if (end > dish.due + EPSILON) dish.late++;
    }
    const lateBy = lateness(dishes, ends);
    if (lateBy <= EPSILON) continue;
    late++;
    for (let i = 0; i < players.length; i++) {
      const drawn = lengths[i] as number;
      const { median } = players[i] as Player;
      // With the order kept, no step can save more than it took too long itself.
      if (drawn - median < lateBy - EPSILON) continue;
      lengths[i] = median;
      stage.play();
      if (lateness(dishes, ends) <= EPSILON) saved.set(i, (saved.get(i) ?? 0) + 1);
      lengths[i] = drawn;
    }
  }
  return {
    onTime: (runs - late) / runs,
    decides: [...saved]
      .map(([i, n]) => ({ step: (players[i] as Player).step.id, share: n / late }))
      .sort((a, b) => b.share - a.share || (a.step < b.step ? -1 : 1)),
    dishes: dishes.map((d) => {
      const sorted = d.ends.sort();
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

/**
 * By how many minutes each evening is late, ascending; 0 or less is on time. `simulate` without the
 * rest, for callers that ask often.
 */
export function latenesses(
  problem: Problem,
  schedule: Schedule,
  runs: number,
  seed: number,
): Float64Array {
  const stage = new Playback(castPlayers(problem, schedule), problem);
  const dishes = duesOf(problem, schedule, stage.players);
  const out = new Float64Array(runs);
  for (let run = 0; run < runs; run++) {
    stage.draw(seed, run);
    stage.play();
    out[run] = lateness(dishes, stage.ends);
  }
  return out.sort();
}

/** Share of ascending latenesses that count as on time. */
export function shareOnTime(sorted: Float64Array): number {
  const late = sorted.findIndex((minutes) => minutes > EPSILON);
  return sorted.length === 0 || late < 0 ? 1 : late / sorted.length;
}

/** Minutes after the due time by which a share `chance` of ascending latenesses is ready; 0 or more. */
export function quantileLate(sorted: Float64Array, chance: number): number {
  const at = Math.max(0, Math.ceil(chance * sorted.length) - 1);
  return Math.max(0, Math.ceil((sorted[at] ?? 0) - EPSILON));
}

interface Due {
  id: string;
  /** The player that makes it ready. */
  at: number;
  due: number;
}

/** Which player makes each dish ready, and by when. */
export function duesOf(problem: Problem, schedule: Schedule, players: readonly Player[]): Due[] {
  const index = new Map(players.map((p, i) => [p.step.id, i]));
  return (problem.dishes ?? []).map((dish) => ({
    id: dish.id,
    at: index.get(dish.ready) ?? 0,
    due: (dish.dueAt ?? problem.serveAt) + (schedule.delay ?? 0),
  }));
}

/** Minutes by which the latest dish misses its time; −∞ without dishes. */
function lateness(dishes: readonly Due[], ends: Float64Array): number {
  let most = -Infinity;
  for (const { at, due } of dishes) {
    const late = (ends[at] as number) - due;
    if (late > most) most = late;
  }
  return most;
}

/** Lags with a latest, as positions in the playing order. */
function latestLags(
  problem: Problem,
  index: ReadonlyMap<string, number>,
): { from: number; to: number; max: number }[] {
  return (problem.links ?? []).flatMap((link) =>
    link.max == null
      ? []
      : [{ from: index.get(link.from) ?? 0, to: index.get(link.to) ?? 0, max: link.max }],
  );
}

/** Linear interpolation between order statistics (R's type 7). */
function quantile(sorted: Float64Array, p: number): number {
  const at = (sorted.length - 1) * p;
  const low = Math.floor(at);
  const a = sorted[low] as number;
  return a + ((sorted[Math.min(low + 1, sorted.length - 1)] as number) - a) * (at - low);
}

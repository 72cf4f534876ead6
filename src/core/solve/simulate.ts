/**
 * Plays a schedule many times with chance in the lengths of its steps and says how often supper is
 * on time, and which step decides the late evenings.
 *
 * Each unit, tool, resource and cook keeps the schedule's order; nothing starts before its planned
 * time. A latest lag that chance breaks is broken and counted.
 */
import { capacitiesOf, castPlayers, play, type Player } from './evening';
import type { Problem } from './problem';
import { logNormal, normalQuantile, uniform } from './random';
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

/** Late is more than this many minutes over, to keep rounding out of it. */
const EPSILON = 1e-9;

/**
 * @param runs how many evenings to play, at least 1
 * @param seed any whole number; the same seed gives the same evenings
 */
export function simulate(problem: Problem, schedule: Schedule, runs = 5000, seed = 1): Simulation {
  const players = castPlayers(problem, schedule);
  const capacities = capacitiesOf(problem);
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
    drawLengths(players, seed, run, lengths);
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

/**
 * The share of evenings with every dish ready by its due time plus the delay: `simulate` without
 * the rest, for callers that ask often.
 */
export function chanceOnTime(
  problem: Problem,
  schedule: Schedule,
  runs: number,
  seed: number,
): number {
  const players = castPlayers(problem, schedule);
  const capacities = capacitiesOf(problem);
  const index = new Map(players.map((p, i) => [p.step.id, i]));
  const dishes = (problem.dishes ?? []).map((dish) => ({
    at: index.get(dish.ready) ?? 0,
    due: (dish.dueAt ?? problem.serveAt) + (schedule.delay ?? 0),
  }));
  const lengths = new Float64Array(players.length);
  let onTime = 0;
  for (let run = 0; run < runs; run++) {
    drawLengths(players, seed, run, lengths);
    const { ends } = play(players, lengths, capacities);
    if (dishes.every((d) => (ends[d.at] as number) <= d.due + EPSILON)) onTime++;
  }
  return onTime / runs;
}

/** The same luck for the same step in the same run, whatever the schedule. */
export function drawLengths(
  players: readonly Player[],
  seed: number,
  run: number,
  lengths: Float64Array,
): void {
  players.forEach((p, i) => {
    lengths[i] = logNormal(p.median, p.p90, normalQuantile(uniform(seed, run, p.key)));
  });
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

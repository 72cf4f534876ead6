/** What becomes of an evening that keeps its plan: everything when it was planned, or as soon after as it can. */
import { castPlayers, type Player } from './evening';
import { Playback } from './playback';
import type { Problem } from './problem';
import type { Schedule } from './schedule';

export interface Drift {
  /** By step that has not begun: minutes by which it can start only later than it was planned. */
  later: ReadonlyMap<string, number>;
  /** Minutes by which the latest dish misses its time, delay and all; 0 or less where none does. */
  late: number;
  /** Minutes by which something would wait longer than it may. */
  overWait: number;
}

/**
 * Every unit, tool, resource and cook keeps the plan's order.
 *
 * @param problem as it stands, facts and all: what has begun has `from` and `by`
 * @param schedule what was planned, with every step of the problem
 * @param begun ids of steps that are facts
 * @param isHurried nothing waits for its planned time, only for what it needs
 */
export function driftOf(
  problem: Problem,
  schedule: Schedule,
  begun: ReadonlySet<string>,
  isHurried = false,
): Drift {
  const fact = new Map(problem.steps.filter((s) => begun.has(s.id)).map((s) => [s.id, s]));
  const told: Schedule = {
    ...schedule,
    steps: schedule.steps.map((s) => {
      const from = fact.get(s.id)?.from ?? Math.max(s.start, earliestOf(problem, s.id));
      return { ...s, start: from, end: from + s.end - s.start };
    }),
  };
  const cast = castPlayers(problem, told);
  const players = cast.map((p): Player => {
    if (begun.has(p.step.id)) return asHappened(p);
    return isHurried ? { ...p, planned: p.step.from ?? problem.earliest } : p;
  });
  const stage = new Playback(players, problem);
  stage.play();
  const at = new Map(players.map((p, i) => [p.step.id, i]));
  const startOf = (id: string): number => stage.starts[at.get(id) ?? -1] ?? 0;
  const endOf = (id: string): number => stage.ends[at.get(id) ?? -1] ?? 0;
  const planned = new Map(schedule.steps.map((s) => [s.id, s.start]));
  return {
    later: new Map(
      players
        .filter((p) => !begun.has(p.step.id))
        .map((p) => [p.step.id, startOf(p.step.id) - (planned.get(p.step.id) ?? Infinity)]),
    ),
    late: Math.max(
      -Infinity,
      ...(problem.dishes ?? []).map(
        (d) => endOf(d.ready) - (d.dueAt ?? problem.serveAt) - (schedule.delay ?? 0),
      ),
    ),
    overWait: Math.max(
      0,
      ...(problem.links ?? []).map((l) =>
        l.max == null || begun.has(l.to) ? 0 : startOf(l.to) - endOf(l.from) - l.max,
      ),
    ),
  };
}

const earliestOf = (problem: Problem, id: string): number =>
  problem.steps.find((s) => s.id === id)?.from ?? -Infinity;

/** What has begun was not held up by anything; what it takes, it has. */
function asHappened(player: Player): Player {
  const length = (player.step.by ?? 0) - (player.step.from ?? 0);
  return { ...player, median: length, p90: length, waits: [] };
}

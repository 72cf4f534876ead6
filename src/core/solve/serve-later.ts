/**
 * What is put on plates waits before it is, not after. Slack moves work earlier, one cook's pieces with it; the last
 * piece of a dish that is good for ten minutes would stand on the table for half an hour. Where hands are free later,
 * that piece alone is moved there.
 */
import type { Problem, ProblemDish, ProblemStep } from './problem';
import { toTimetable, type Schedule } from './schedule';

/**
 * The schedule with the last steps of dishes that would be held longer than is good for them moved as near to the table
 * as that asks, and no nearer: what slack is left stays. Units and all other steps stay as they are.
 *
 * @returns cheaper schedules, with all of them moved and with each alone; none where nothing can be moved
 */
export function servedLater(problem: Problem, schedule: Schedule): Schedule[] {
  const held = (problem.dishes ?? [])
    .map((dish) => ({ dish, hold: schedule.dishes.find((d) => d.id === dish.id)?.hold ?? 0 }))
    .filter(({ dish, hold }) => dish.holdSoft != null && hold > dish.holdSoft)
    .sort((a, b) => a.hold - b.hold)
    .map(({ dish }) => dish);
  const choices = held.length > 1 ? [held, ...held.map((dish) => [dish])] : [held];
  return choices.flatMap((dishes) => movedLater(problem, schedule, dishes) ?? []);
}

function movedLater(
  problem: Problem,
  schedule: Schedule,
  dishes: readonly ProblemDish[],
): Schedule | null {
  const starts = new Map(schedule.steps.map((s) => [s.id, s.start]));
  for (const dish of dishes) {
    const step = problem.steps.find((s) => s.id === dish.ready);
    const start = step && laterStart(problem, schedule, starts, dish, step);
    if (step && start != null) starts.set(step.id, start);
  }
  const timetable = toTimetable(problem, {
    delay: schedule.delay ?? 0,
    starts: problem.steps.map((s) => starts.get(s.id) ?? 0),
    units: (problem.blocks ?? []).map(
      (b) => schedule.blocks.find((own) => own.id === b.id)?.unit ?? '',
    ),
  });
  const isCheaper = schedule.cost !== null && timetable.cost < schedule.cost;
  return isCheaper ? { ...schedule, ...timetable, status: 'feasible' } : null;
}

/** The first moment from which the step's dish is held no longer than is good for it, and hands are free; else null. */
function laterStart(
  problem: Problem,
  schedule: Schedule,
  starts: ReadonlyMap<string, number>,
  dish: ProblemDish,
  step: ProblemStep,
): number | null {
  const links = problem.links ?? [];
  // Only plain work of the hands, that nothing waits for.
  if (step.block != null || Object.keys(step.uses ?? {}).length > 0) return null;
  if (step.by != null || links.some((l) => l.from === step.id)) return null;
  const lengthOf = new Map(schedule.steps.map((s) => [s.id, s.end - s.start]));
  const length = lengthOf.get(step.id) ?? 0;
  const due = (dish.dueAt ?? problem.serveAt) + (schedule.delay ?? 0);
  const latest = Math.min(
    due - length,
    ...links
      .filter((l) => l.to === step.id && l.max != null)
      .map((l) => (starts.get(l.from) ?? 0) + (lengthOf.get(l.from) ?? 0) + (l.max ?? 0)),
  );
  const others = problem.steps
    .filter((s) => s !== step && (s.hands ?? 0) > 0)
    .map((s) => ({
      from: starts.get(s.id) ?? 0,
      to: (starts.get(s.id) ?? 0) + (lengthOf.get(s.id) ?? 0),
      hands: s.hands ?? 0,
    }));
  const spans = [...others, ...(problem.away ?? [])];
  const isFree = (minute: number): boolean =>
    spans
      .filter((s) => s.from <= minute && minute < s.to)
      .reduce((sum, s) => sum + s.hands, step.hands ?? 0) <= (problem.hands ?? 0);
  const first = Math.max((starts.get(step.id) ?? 0) + 1, due - (dish.holdSoft ?? 0) - length);
  for (let start = first; start <= latest; start++) {
    const minutes = Array.from({ length }, (_, i) => start + i);
    if (minutes.every(isFree)) return start;
  }
  return null;
}

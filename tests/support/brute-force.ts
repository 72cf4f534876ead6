/** Exhaustive search over small plan problems: slow, plain, and right by inspection. */
import { toTimetable, valueFor, type Problem } from '$core/solve';
import { verifySchedule } from './verify-schedule';

export interface Best {
  delay: number;
  cost: number;
}

/**
 * Tries every delay up to `delays`, every choice of units, and every start up to `latest` minutes
 * after serving.
 *
 * @returns the best by the contract's order, or null where there is none
 */
export function bruteForce(problem: Problem, delays: number, latest: number): Best | null {
  for (let delay = 0; delay <= delays; delay++) {
    let best: Best | null = null;
    for (const units of unitChoices(problem)) {
      const found = bestStarts(
        problem,
        units,
        delay,
        problem.serveAt + delay + latest,
        best?.cost ?? Infinity,
      );
      if (found !== null) best = { delay, cost: found };
    }
    if (best) return best;
  }
  return null;
}

function* unitChoices(problem: Problem): Iterable<string[]> {
  const known = new Set((problem.units ?? []).map((u) => u.id));
  const blocks = problem.blocks ?? [];
  function* from(at: number, chosen: string[]): Iterable<string[]> {
    const block = blocks[at];
    if (!block) {
      yield chosen;
      return;
    }
    for (const unit of block.units) if (known.has(unit)) yield* from(at + 1, [...chosen, unit]);
  }
  yield* from(0, []);
}

function bestStarts(
  problem: Problem,
  units: string[],
  delay: number,
  end: number,
  under: number,
): number | null {
  const unitOf = new Map((problem.blocks ?? []).map((b, i) => [b.id, units[i]]));
  const lengths = problem.steps.map((s) =>
    valueFor(s.minutes, s.block == null ? undefined : unitOf.get(s.block)),
  );
  if (lengths.some((l) => l === undefined)) return null;
  const index = new Map(problem.steps.map((s, i) => [s.id, i]));
  const starts: number[] = [];
  let best: number | null = null;
  /** Links between steps already placed; cuts most of the tree early. */
  const linksHold = (placed: number): boolean =>
    (problem.links ?? []).every((link) => {
      const [from, to] = [index.get(link.from) ?? 0, index.get(link.to) ?? 0];
      if (Math.max(from, to) !== placed) return true;
      const lag = (starts[to] ?? 0) - (starts[from] ?? 0) - (lengths[from] ?? 0);
      return lag >= (link.min ?? 0) && lag <= (link.max ?? Infinity);
    });
  /** What a step alone can break: its window, and the due time and hold limit of its dishes. */
  const fits = (at: number, start: number): boolean => {
    const step = problem.steps[at];
    const until = start + (lengths[at] ?? 0);
    if (!step || start < (step.from ?? -Infinity) || until > (step.by ?? Infinity)) return false;
    return (problem.dishes ?? []).every((dish) => {
      if (dish.ready !== step.id) return true;
      const hold = (dish.dueAt ?? problem.serveAt) + delay - until;
      return hold >= 0 && hold <= (dish.holdMax ?? Infinity);
    });
  };
  const place = (at: number): void => {
    if (at === problem.steps.length) {
      const timetable = toTimetable(problem, { delay, starts, units });
      if (timetable.cost >= Math.min(under, best ?? Infinity)) return;
      if (verifySchedule(problem, { ...timetable, delay }).length === 0) best = timetable.cost;
      return;
    }
    for (let start = problem.earliest; start + (lengths[at] ?? 0) <= end; start++) {
      starts[at] = start;
      if (fits(at, start) && linksHold(at)) place(at + 1);
    }
    starts.length = at;
  };
  place(0);
  return best;
}

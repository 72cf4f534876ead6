/**
 * Why a meal is late: the chain of things that follow each other without a break in its plan, from where
 * nothing could begin earlier up to the dish that is latest. There may be another chain as long.
 */
import type { Kitchen } from '../kitchen';
import type { Problem, Schedule } from '../solve';
import { sayContradiction } from '../words';
import { placeName } from './explain';
import { planOf, type CompiledMeal, type Operation } from '../plan';

/** One thing of the chain: steps of one dish in one place. */
export interface ChainPart {
  text: string;
  steps: string[];
}

interface Timed {
  id: string;
  start: number;
  end: number;
}

/** What a step came after, and how long it could have waited less, minutes. */
interface Cause {
  id: string;
  spare: number;
}

/**
 * @param schedule one that is late
 * @returns the chain in order of time; empty where the schedule is on time
 */
export function whyLate(compiled: CompiledMeal, schedule: Schedule, kitchen: Kitchen): ChainPart[] {
  if ((schedule.delay ?? 0) <= 0) return [];
  const plan = planOf(compiled, schedule);
  const parts: Operation[][] = [];
  for (const { id } of chainOf(compiled.problem, schedule)) {
    const operation = plan.byId.get(id);
    if (!operation) continue;
    const last = parts.at(-1)?.at(-1);
    if (last?.entryId === operation.entryId && last.unit === operation.unit)
      parts.at(-1)?.push(operation);
    else parts.push([operation]);
  }
  return parts.flatMap((part) => {
    const [first] = part;
    if (!first) return [];
    const length = (part.at(-1)?.end ?? first.end) - first.start;
    return [
      {
        text: sayContradiction('in-the-chain', {
          dish: first.dishName,
          place: first.unit === null ? null : placeName(first.unit, kitchen),
          step: first.text,
          minutes: length,
        }),
        steps: part.map((o) => o.id),
      },
    ];
  });
}

/** From the dish that is latest back to what could not begin earlier, in order of time. */
function chainOf(problem: Problem, schedule: Schedule): Timed[] {
  const times = new Map<string, Timed>(schedule.steps.map((s) => [s.id, s]));
  const dueOf = new Map(problem.dishes?.map((d) => [d.id, d.dueAt ?? problem.serveAt]));
  const overdue = (d: Schedule['dishes'][number]): number => d.ready - (dueOf.get(d.id) ?? 0);
  const [latest] = [...schedule.dishes].sort((a, b) => overdue(b) - overdue(a));
  const ready = problem.dishes?.find((d) => d.id === latest?.id)?.ready;
  const chain: Timed[] = [];
  for (let at = times.get(ready ?? ''); at;) {
    chain.unshift(at);
    const causes = causesOf(at, problem, schedule, times).filter(
      ({ id }) => !chain.some((c) => c.id === id),
    );
    const [nearest] = causes.sort((a, b) => a.spare - b.spare);
    // Where it could not begin earlier anyway, the chain is at its head.
    if (!nearest || at.start - problem.earliest < nearest.spare) break;
    at = times.get(nearest.id);
  }
  return chain;
}

/** Everything a step had to wait for. */
function causesOf(
  step: Timed,
  problem: Problem,
  schedule: Schedule,
  times: ReadonlyMap<string, Timed>,
): Cause[] {
  const after = (id: string, from: number): Cause[] =>
    from <= step.start ? [{ id, spare: step.start - from }] : [];
  const own = problem.steps.find((s) => s.id === step.id);
  const links = (problem.links ?? []).flatMap((link) => {
    const before = link.to === step.id ? times.get(link.from) : undefined;
    return before ? after(before.id, before.end + (link.min ?? 0)) : [];
  });
  const block = schedule.blocks.find((b) => b.id === own?.block);
  const capacity = problem.units?.find((u) => u.id === block?.unit)?.capacity ?? 1;
  const pots = schedule.blocks.flatMap((other) => {
    const isSame = block && other.id !== block.id && other.unit === block.unit;
    // What follows within a stay is held by links; of several burners none is sure to be the one.
    if (!isSame || capacity > 1 || step.start !== block.start) return [];
    const turnaround = problem.blocks?.find((b) => b.id === other.id)?.turnaround ?? 0;
    const last = lastOf(other.id, problem, times);
    return last ? after(last.id, other.end + turnaround) : [];
  });
  const hands = problem.steps.flatMap((other) => {
    const isBusy = (own?.hands ?? 0) > 0 && (other.hands ?? 0) > 0 && other.id !== step.id;
    const time = isBusy ? times.get(other.id) : undefined;
    return time && time.end > time.start && areAllBusy(time.end - 1, problem, times)
      ? after(time.id, time.end)
      : [];
  });
  return [...links, ...pots, ...hands];
}

/** Whether no hand is free in the minute that begins then. */
function areAllBusy(minute: number, problem: Problem, times: ReadonlyMap<string, Timed>): boolean {
  const busy = problem.steps
    .filter(({ id }) => {
      const time = times.get(id);
      return time && time.start <= minute && minute < time.end;
    })
    .reduce((sum, step) => sum + (step.hands ?? 0), 0);
  return busy >= (problem.hands ?? Infinity);
}

function lastOf(
  block: string,
  problem: Problem,
  times: ReadonlyMap<string, Timed>,
): Timed | undefined {
  return problem.steps
    .filter((s) => s.block === block && !s.aside)
    .flatMap((s) => times.get(s.id) ?? [])
    .sort((a, b) => b.end - a.end)[0];
}

/**
 * Planning a meal from documents to an answer, the same in a browser's worker and on the server.
 * Runs in slices, so that a newer question can stop an older one.
 */
import { z } from 'zod';
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import { SURENESS, type Meal } from '$core/meal';
import {
  compileMeal,
  explainConflict,
  totalsOf,
  waysOut,
  type CompiledMeal,
  type Totals,
} from '$core/plan';
import type { Problem as Fault } from '$core/reason';
import {
  alternatives,
  createSearch,
  finishAnswer,
  planFor,
  sureAfter,
  scheduleSchema,
  simulate,
  type Schedule,
  type Simulation,
} from '$core/solve';

export interface PlanQuestion {
  meal: Meal;
  dishes: Dish[];
  kitchen: Kitchen;
  /** ms since the epoch. */
  now: number;
}

export type PlanAnswer =
  | { kind: 'faults'; faults: Fault[] }
  | {
      kind: 'impossible';
      compiled: CompiledMeal;
      /** What contradicts what, in words; null while that is still being worked out. */
      contradictions: string[] | null;
    }
  | { kind: 'unknown' }
  | {
      kind: 'plan';
      compiled: CompiledMeal;
      schedule: Schedule;
      totals: Totals;
      chance: Simulation;
      /** Whether the wanted chance of being on time is reached. */
      isSureEnough: boolean;
      /** Minutes after `totals.ready` by which it is reached. */
      sureAfter: number;
      /** Whether the search is over; until then a better plan may come. */
      final: boolean;
    };

/** A way out that was really tried, with what comes of it. */
export interface TriedWay {
  id: string;
  text: string;
  meal: Meal;
  /** What it would be like; for the meal as it stands too, so that they can be compared. */
  outlook: Outlook;
}

export interface Outlook {
  /** Minutes from the wanted serving time. */
  start: number;
  delay: number;
  handsOn: number;
  longestGap: number;
  /** Waiting by entry id, min. */
  waits: Record<string, number>;
  chance: number;
  /** What still has to stop somebody: dishes over the line. */
  stops: number;
}

/** What is kept with a meal: the plan as it was shown. */
export const savedPlanSchema = z.object({
  format: z.literal('olive-clock/saved-plan@1'),
  compiled: z.custom<CompiledMeal>((v) => typeof v === 'object' && v !== null && 'meanings' in v),
  schedule: scheduleSchema,
});
export type SavedPlan = z.infer<typeof savedPlanSchema>;

/** Work before the first answer is shown, and in all; see the engine for its unit. */
const FIRST_WORK = 500_000;
const WHOLE_WORK = 40_000_000;
const SLICE = 125_000;
/** Evenings played, and tries at placing slack: a few for the early answer, more at the end. */
const EARLY = { runs: 150, rounds: 3 };
const THOROUGH = { runs: 500, rounds: 5 };

export interface PlanningHooks {
  /** Given an early answer and then the final one. */
  onAnswer: (answer: PlanAnswer) => void;
  /** Lets others have a turn between slices; resolves to false to give up. */
  breathe: () => Promise<boolean>;
}

/** Answers a question, first quickly, then as well as it can. */
export async function answerPlan(question: PlanQuestion, hooks: PlanningHooks): Promise<void> {
  const { meal, kitchen, now } = question;
  const compiled = compileMeal(meal, new Map(question.dishes.map((d) => [d.id, d])), kitchen, now);
  if (!compiled.ok) {
    hooks.onAnswer({ kind: 'faults', faults: compiled.problems });
    return;
  }
  const { problem } = compiled.value;
  const search = createSearch(problem);
  let isShown = false;
  while (!search.isDone && search.work < WHOLE_WORK) {
    search.advance(Math.min(WHOLE_WORK, search.work + SLICE));
    if (search.isDone) break;
    if (!isShown && search.hasSchedule && search.work >= FIRST_WORK) {
      isShown = true;
      hooks.onAnswer(answerFrom(compiled.value, search.answer(), meal, false));
    }
    if (!(await hooks.breathe())) return;
  }
  const answer = search.answer();
  if (answer.status === 'impossible') {
    hooks.onAnswer({ kind: 'impossible', compiled: compiled.value, contradictions: null });
    if (!(await hooks.breathe())) return;
    const { conflict } = finishAnswer(answer, problem);
    const contradictions = explainConflict(compiled.value, kitchen, conflict);
    hooks.onAnswer({ kind: 'impossible', compiled: compiled.value, contradictions });
    return;
  }
  if (!isShown) {
    hooks.onAnswer(answerFrom(compiled.value, answer, meal, false));
    if (!(await hooks.breathe())) return;
  }
  hooks.onAnswer(answerFrom(compiled.value, answer, meal, true));
}

/** The tightest plan found, given as much slack as the meal's sureness asks for. */
function answerFrom(
  compiled: CompiledMeal,
  answer: ReturnType<ReturnType<typeof createSearch>['answer']>,
  meal: Meal,
  final: boolean,
): PlanAnswer {
  if (answer.cost === null) return { kind: 'unknown' };
  const effort = final ? THOROUGH : EARLY;
  const tight = { ...answer, milliseconds: 0 };
  const { schedule, simulation, reached, sureAfter } = planFor(
    compiled.problem,
    tight,
    SURENESS[meal.sure],
    effort,
  );
  return {
    kind: 'plan',
    compiled,
    schedule,
    totals: totalsOf(compiled.problem, schedule),
    chance: simulation,
    isSureEnough: reached,
    sureAfter,
    final,
  };
}

/** A saved plan in the terms of the page. */
export function describeSaved({ compiled, schedule }: SavedPlan, meal: Meal): PlanAnswer {
  const chance = simulate(compiled.problem, schedule, THOROUGH.runs);
  return {
    kind: 'plan',
    compiled,
    schedule,
    totals: totalsOf(compiled.problem, schedule),
    chance,
    isSureEnough: chance.onTime >= SURENESS[meal.sure],
    sureAfter: sureAfter(compiled.problem, schedule, SURENESS[meal.sure]),
    final: true,
  };
}

/** Work for all ways together, and how many are shown. */
const WAYS_WORK = 6_000_000;
const MOST_SHOWN = 6;
const WAY_RUNS = 120;
const QUICK = { runs: 100, rounds: 2 };

/** What an evening by this plan is like, in numbers to compare. */
export function outlookOf(compiled: CompiledMeal, schedule: Schedule): Outlook {
  const totals = totalsOf(compiled.problem, schedule);
  const gap = totals.longestGap;
  return {
    start: totals.firstStart,
    delay: schedule.delay ?? 0,
    handsOn: totals.handsOn,
    longestGap: gap ? gap.to - gap.from : 0,
    waits: Object.fromEntries(schedule.dishes.map((d) => [d.id, d.hold])),
    chance: simulate(compiled.problem, schedule, WAY_RUNS).onTime,
    stops: compiled.notes.filter((n) => n.severity === 'stop').length,
  };
}

/**
 * Tries every way out of a meal's trouble with the engine.
 *
 * @returns those that help, best first: fewer stops, then less delay, then less work and a later start;
 *   `now` is the meal as it stands, null where it has no plan
 */
export function tryWaysOut(question: PlanQuestion): { now: Outlook | null; ways: TriedWay[] } {
  const { meal, kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  const asItIs = compileMeal(meal, dishes, kitchen, now);
  const ways = waysOut(meal, dishes, kitchen, asItIs.ok ? asItIs.value : { notes: [] });
  const compiled = new Map<string, CompiledMeal>();
  if (asItIs.ok) compiled.set('', asItIs.value);
  for (const way of ways) {
    const tried = compileMeal(way.meal, dishes, kitchen, now);
    if (tried.ok) compiled.set(way.id, tried.value);
  }
  const solved = alternatives(
    [...compiled].map(([id, c]) => ({ id, problem: c.problem })),
    WAYS_WORK,
  );
  const outlooks = new Map<string, Outlook>();
  for (const { id, schedule } of solved) {
    const own = compiled.get(id);
    if (!own || schedule.cost === null) continue;
    // With the slack that the meal's sureness asks for, as it would be planned.
    const sure = planFor(own.problem, schedule, SURENESS[meal.sure], QUICK);
    outlooks.set(id, outlookOf(own, sure.schedule));
  }
  const before = outlooks.get('') ?? null;
  return {
    now: before,
    ways: ways
      .flatMap((way) => {
        const outlook = outlooks.get(way.id);
        return outlook && helps(outlook, before) ? [{ ...way, outlook }] : [];
      })
      .sort((a, b) => compareOutlooks(a.outlook, b.outlook))
      .slice(0, MOST_SHOWN),
  };
}

/** Less to stop for, less late, much less work, or a later start. */
function helps(after: Outlook, before: Outlook | null): boolean {
  if (!before) return true;
  if (after.stops !== before.stops) return after.stops < before.stops;
  if (after.delay !== before.delay) return after.delay < before.delay;
  return after.start >= before.start + 5 || after.longestGap >= before.longestGap + 10;
}

function compareOutlooks(a: Outlook, b: Outlook): number {
  return a.stops - b.stops || a.delay - b.delay || b.start - a.start || a.handsOn - b.handsOn;
}

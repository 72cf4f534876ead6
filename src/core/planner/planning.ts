/**
 * Planning a meal from documents to an answer, the same in a browser's worker and on the server.
 * Runs in slices, so that a newer question can stop an older one.
 */
import type { Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import { SURENESS, type Meal } from '../meal';
import { compileMeal, totalsOf, type CompiledMeal, type SavedPlan, type Totals } from '../plan';
import { conflictGroups, explainConflict, type Contradiction } from '../review';
import { settleChoices } from './settle';
import { keepOther, surestOf, type SearchAnswer } from './surest';
import type { Fault } from '../reason';
import {
  createSearch,
  finishAnswer,
  isImpossibleWithAllHands,
  nearestPlan,
  sureAfter,
  simulate,
  type Schedule,
  type Simulation,
} from '../solve';

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
      /** What contradicts what; null while that is still being worked out. */
      contradictions: Contradiction[] | null;
      /** As near as one comes; null where it is not even near. */
      nearest: { schedule: Schedule; totals: Totals } | null;
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

/** Work before the first answer is shown, and in all; see the engine for its unit. */
const FIRST_WORK = 125_000;
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
  const { kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  const { meal, reasons } = settleChoices(question.meal, dishes, kitchen, now);
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok) {
    hooks.onAnswer({ kind: 'faults', faults: compiled.problems });
    return;
  }
  const { problem } = compiled.value;
  compiled.value.notes.push(...reasons);
  if (reasons.length > 0) compiled.value.settled = meal.entries;
  const search = createSearch(problem);
  let isShown = false;
  const onTheWay: SearchAnswer[] = [];
  while (!search.isDone && search.work < WHOLE_WORK) {
    search.advance(Math.min(WHOLE_WORK, search.work + SLICE));
    if (search.hasSchedule) keepOther(onTheWay, search.answer());
    if (search.isDone) break;
    if (!isShown && search.hasSchedule && search.work >= FIRST_WORK) {
      isShown = true;
      hooks.onAnswer(answerFrom(compiled.value, [search.answer()], meal, false));
    }
    if (!(await hooks.breathe())) return;
  }
  const answer = search.answer();
  if (answer.status === 'impossible') {
    const told = { kind: 'impossible' as const, compiled: compiled.value };
    hooks.onAnswer({ ...told, contradictions: null, nearest: null });
    if (!(await hooks.breathe())) return;
    const near = nearestPlan(problem);
    const nearest = near && {
      schedule: near.schedule,
      totals: totalsOf(problem, near.schedule),
    };
    hooks.onAnswer({ ...told, contradictions: null, nearest });
    if (!(await hooks.breathe())) return;
    const groupOf = conflictGroups(compiled.value);
    const { conflict } = finishAnswer(answer, problem, { groupOf });
    const needsHands = !isImpossibleWithAllHands(problem, conflict);
    const contradictions = explainConflict(
      compiled.value,
      kitchen,
      conflict,
      needsHands,
      near?.overruns,
    );
    hooks.onAnswer({ ...told, contradictions, nearest });
    return;
  }
  if (!isShown) {
    hooks.onAnswer(answerFrom(compiled.value, [answer], meal, false));
    if (!(await hooks.breathe())) return;
  }
  hooks.onAnswer(answerFrom(compiled.value, [answer, ...onTheWay], meal, true));
}

/** The plan that is shown. @param found by the search, the tightest first */
function answerFrom(
  compiled: CompiledMeal,
  found: readonly SearchAnswer[],
  meal: Meal,
  final: boolean,
): PlanAnswer {
  const best = surestOf(compiled.problem, found, SURENESS[meal.sure], final ? THOROUGH : EARLY);
  if (!best) return { kind: 'unknown' };
  const { schedule, simulation, reached, sureAfter } = best;
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

/**
 * Planning a meal from documents to an answer, the same in a browser's worker and on the server.
 * Runs in slices, so that a newer question can stop an older one.
 */
import type { Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import { SURENESS, type Meal } from '../meal';
import { compileMeal, totalsOf, type CompiledMeal, type SavedPlan, type Totals } from '../plan';
import { conflictGroups, explainConflict, type Contradiction } from '../review';
import { openChoices } from '../menu';
import { PlanMemory } from './memory';
import { settleChoices } from './settle';
import { keepOther, surestOf, type Effort, type SearchAnswer } from './surest';
import type { Fault } from '../reason';
import {
  createSearch,
  type ChancePlan,
  finishAnswer,
  isImpossibleWithAllHands,
  nearestPlan,
  sureAfter,
  simulate,
  type Known,
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
      /** A first look at the meal as it is written: its open choices are not settled yet. */
      isWritten?: true;
    };

/** Work before the first answer is shown, before a better one, and in all; see the engine for its unit. */
const FIRST_WORK = 125_000;
const BETTER_WORK = 800_000;
const WHOLE_WORK = 40_000_000;
/** Searched for so many times as long as it took to find the best plan, and at least so long, it is let be. */
const VAIN = { times: 3, least: 4_000_000 } as const;
const SLICE = 125_000;
/** Where a plan much like it is known, the first look comes sooner. */
const KNOWN_WORK = 60_000;
const KNOWN_SLICE = 15_000;
/** A first look that is so many times as dear as the plan before is given a little longer. */
const MUCH_DEARER = 1.4;
/** A better plan is shown before the last one where it saves at least this share of the cost. */
const WORTH_SHOWING = 0.02;
/** Evenings played, and tries at placing slack: a few for the early answer, more at the end. */
const EARLY = { runs: 150, rounds: 3 };
const THOROUGH = { runs: 500, rounds: 5 };

export interface PlanningHooks {
  /** Given an early answer and then the final one. */
  onAnswer: (answer: PlanAnswer) => void;
  /** Lets others have a turn between slices; resolves to false to give up. */
  breathe: () => Promise<boolean>;
}

/**
 * Answers a question, first quickly, then as well as it can.
 *
 * @param memory of the questions before; what is found is kept in it
 */
export async function answerPlan(
  question: PlanQuestion,
  hooks: PlanningHooks,
  memory = new PlanMemory(),
): Promise<void> {
  const { kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  const known = memory.knownFor(question.meal);
  const early = known ? { ...EARLY, ...slackOf(memory.shareFor(question.meal)) } : EARLY;
  /** Answers shown so far, and what the last plan among them costs. */
  let [looks, shownCost] = [0, Infinity];
  const show = (found: PlanAnswer): void => {
    looks++;
    if (found.kind === 'plan') shownCost = costShown(found);
    hooks.onAnswer(found);
  };
  const quick = known && quickAnswer(question, memory, known, dishes, early);
  if (quick) {
    show(quick);
    if (!(await hooks.breathe())) return;
  }
  const written = quick ? null : writtenAnswer(question, dishes, early);
  if (written) {
    show(written);
    if (!(await hooks.breathe())) return;
  }
  const { meal, reasons } = settleChoices(question.meal, dishes, kitchen, now);
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok) {
    hooks.onAnswer({ kind: 'faults', faults: compiled.problems });
    return;
  }
  const { problem } = compiled.value;
  compiled.value.notes.push(...reasons);
  if (reasons.length > 0) compiled.value.settled = meal.entries;
  const search = createSearch(problem, known);
  const onTheWay: SearchAnswer[] = [];
  let isLookedAt = false;
  let [cost, foundAt]: [number | null, number] = [null, 0];
  const isInVain = (): boolean =>
    cost !== null && search.work > Math.max(VAIN.least, VAIN.times * foundAt);
  while (!search.isDone && search.work < WHOLE_WORK && !isInVain()) {
    search.advance(Math.min(WHOLE_WORK, search.work + SLICE));
    if (search.hasSchedule) keepOther(onTheWay, search.answer());
    if (search.isDone) break;
    const found = search.answer();
    if (found.cost !== cost) [cost, foundAt] = [found.cost, search.work];
    const isFirst = looks === 0 && search.work >= FIRST_WORK;
    // Nobody wants a plan that keeps moving: one look in between, and only where it is worth it.
    const isSecond: boolean = looks === 1 && !isLookedAt && search.work >= BETTER_WORK;
    if (found.cost !== null && (isFirst || isSecond)) {
      isLookedAt ||= isSecond;
      const shown = answerFrom(compiled.value, [found], meal, false, early);
      if (isFirst || costShown(shown) < shownCost * (1 - WORTH_SHOWING)) show(shown);
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
  if (looks === 0) {
    hooks.onAnswer(answerFrom(compiled.value, [answer], meal, false, early));
    if (!(await hooks.breathe())) return;
  }
  const best = surestOf(problem, [answer, ...onTheWay], SURENESS[meal.sure], THOROUGH);
  if (best) {
    const planned = { asked: question.meal, settled: meal, reasons, shown: best };
    memory.keep(planned, problem, answer);
  }
  hooks.onAnswer(described(compiled.value, best, true));
}

/** The slack of a plan much like it nearly always is enough for this one as well. */
const slackOf = (share: number | undefined): Pick<Effort, 'firstShare' | 'isEnough'> =>
  share === undefined ? {} : { firstShare: share, isEnough: true };

/** The plan of before with what has changed, as good as it was, in a moment; null where that does not hold. */
function quickAnswer(
  { meal: asked, kitchen, now }: PlanQuestion,
  memory: PlanMemory,
  known: Known,
  dishes: ReadonlyMap<string, Dish>,
  effort: Effort,
): PlanAnswer | null {
  const { meal, reasons } = memory.withLastChoices(asked);
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok) return null;
  const { problem } = compiled.value;
  compiled.value.notes.push(...reasons);
  if (reasons.length > 0) compiled.value.settled = meal.entries;
  const same = memory.shownFor(asked, problem);
  if (same) return described(compiled.value, same, false);
  const search = createSearch(problem, known);
  const isAsLate = (): boolean => (search.answer().delay ?? Infinity) <= known.delay;
  const isAsGood = (): boolean =>
    isAsLate() && (search.answer().cost ?? Infinity) <= MUCH_DEARER * memory.costFor(asked);
  while (!search.isDone && search.work < (isAsGood() ? KNOWN_WORK : FIRST_WORK))
    search.advance(search.work + KNOWN_SLICE);
  const found = search.answer();
  if (!isAsLate()) return null;
  const answer = answerFrom(compiled.value, [found], meal, false, effort);
  // One that is not sure enough is no answer while a better one is a moment away.
  return answer.kind === 'plan' && answer.isSureEnough ? answer : null;
}

/**
 * The meal as it is written, for a first look: what it leaves open is settled by trying, and that takes longer. Null
 * where nothing is open, or where the settling may be what makes it possible or punctual.
 */
function writtenAnswer(
  { meal, kitchen, now }: PlanQuestion,
  dishes: ReadonlyMap<string, Dish>,
  effort: Effort,
): PlanAnswer | null {
  if (openChoices(meal, dishes, kitchen, true).length === 0) return null;
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok || compiled.value.notes.some((n) => n.severity === 'stop')) return null;
  const search = createSearch(compiled.value.problem);
  while (!search.isDone && search.work < FIRST_WORK) search.advance(FIRST_WORK);
  const found = search.answer();
  if (found.delay !== 0 || found.cost === null) return null;
  const answer = answerFrom(compiled.value, [found], meal, false, effort);
  return answer.kind === 'plan' ? { ...answer, isWritten: true } : null;
}

/** What a plan costs as it is shown; one that is not as sure as was asked is dearer than any that is. */
const costShown = (answer: PlanAnswer): number =>
  answer.kind === 'plan' && answer.isSureEnough ? (answer.schedule.cost ?? Infinity) : Infinity;

/** The plan that is shown. @param found by the search, the tightest first */
function answerFrom(
  compiled: CompiledMeal,
  found: readonly SearchAnswer[],
  meal: Meal,
  final: boolean,
  effort: Effort,
): PlanAnswer {
  return described(compiled, surestOf(compiled.problem, found, SURENESS[meal.sure], effort), final);
}

function described(compiled: CompiledMeal, best: ChancePlan | null, final: boolean): PlanAnswer {
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

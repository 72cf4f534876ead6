/** What an earlier start buys: the same plan with ever more slack, and how often it is on time then. */
import { SURENESS, type Meal } from '../meal';
import { compileMeal, totalsOf } from '../plan';
import { createSearch, planFor, type Schedule } from '../solve';
import { PlanMemory } from './memory';
import type { PlanQuestion } from './planning';
import { settleChoices } from './settle';

/** One start, and what it comes to. */
export interface EarlierStart {
  /** Minutes from the wanted serving time. */
  start: number;
  /** Share of evenings that are ready by then. */
  chance: number;
  /** The sureness that one asks for to get it; null where none of the three is just that. */
  sure: Meal['sure'] | null;
}

/** Chances that are looked at: the three that can be asked for, and what lies between. */
const LEVELS = [0.35, 0.65, 0.9] as const;
const EFFORT = { runs: 300, rounds: 5 };
/** Work for the plan before any slack where none is known; see the engine for its unit. */
const WORK = 500_000;

const sureOf = (chance: number): Meal['sure'] | null =>
  (Object.keys(SURENESS) as Meal['sure'][]).find((sure) => SURENESS[sure] === chance) ?? null;

/**
 * Starts of a meal with what each of them buys, the latest first; gives way between them.
 *
 * @param shown the plan on the page: what stands there stands here too
 * @param memory of that plan: it is the one that gets more slack, or less
 * @returns empty where the meal can’t be planned, or only late
 */
export function* earlierInTurns(
  question: PlanQuestion,
  shown: Pick<EarlierStart, 'start' | 'chance'>,
  memory = new PlanMemory(),
): Generator<undefined, EarlierStart[]> {
  const { kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  const known = memory.knownFor(question.meal);
  const { meal } = known
    ? memory.withLastChoices(question.meal)
    : settleChoices(question.meal, dishes, kitchen, now);
  yield;
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok) return [];
  const { problem } = compiled.value;
  const search = createSearch(problem, known);
  while (!search.isDone && search.work < WORK && !(known && search.hasSchedule)) {
    search.advance(search.work + WORK / 10);
    yield;
  }
  const found = search.answer();
  if (found.cost === null || (found.delay ?? 0) > 0) return [];
  const tightest: Schedule = { ...found, milliseconds: 0 };
  let starts: EarlierStart[] = [];
  for (const chance of [...LEVELS, ...Object.values(SURENESS)].sort((a, b) => a - b)) {
    yield;
    const sure = sureOf(chance);
    if (sure === meal.sure) {
      starts = [...starts.filter((s) => isLess(s, shown)), { ...shown, sure }];
      continue;
    }
    const { schedule, simulation, reached } = planFor(problem, tightest, chance, EFFORT);
    const start = totalsOf(problem, schedule).firstStart;
    const row = { start, chance: simulation.onTime, sure };
    const last = starts.at(-1);
    // A start that buys no more than the one before is no choice of its own.
    if (!last || isLess(last, row)) starts.push(row);
    else if (sure !== null && last.sure === null) starts[starts.length - 1] = { ...last, sure };
    if (!reached) break;
  }
  return starts;
}

/** Begins later, and is ready in time less often. */
const isLess = (a: Pick<EarlierStart, 'start' | 'chance'>, b: typeof a): boolean =>
  a.start > b.start && a.chance < b.chance;

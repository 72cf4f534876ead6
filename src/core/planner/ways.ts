/** Ways to fix it of a meal's trouble, each tried with the engine: singly, and where none is enough, in pairs. */
import type { Dish } from '../dish';
import { SURENESS, type Meal } from '../meal';
import { finding } from '../reason';
import { compileMeal, totalsOf, type CompiledMeal } from '../plan';
import { HARD_MIN, longestWork } from '../review';
import { settleChoices } from './settle';
import { waysOut, type WayOut } from './ways-out';
import { alternativesInTurns, planFor, simulate, type Variant, type Schedule } from '../solve';
import type { PlanQuestion } from './planning';
import { WORTH } from './worth';
import { sayFix } from '../words';

/** A way out that was really tried, with what comes of it. */
export interface TriedWay extends WayOut {
  /** What it would be like; for the meal as it stands too, so that they can be compared. */
  outlook: Outlook;
}

export interface TriedWays {
  /** The meal as it stands; null where it has no plan. */
  now: Outlook | null;
  /** Those that help, best first. */
  ways: TriedWay[];
}

export interface Outlook {
  /** Minutes from the wanted serving time. */
  start: number;
  delay: number;
  handsOn: number;
  longestGap: number;
  /** The longest work without a rest. */
  longestWork: number;
  /** Waiting by entry id, min. */
  waits: Record<string, number>;
  chance: number;
  /** What still has to stop somebody: dishes over the line. */
  stops: number;
}

/** Work for all ways together, for one of them, and for the meal as it stands; see the engine for its unit. */
const WAYS_WORK = 4_000_000;
const WORK_EACH = 200_000;
const WRITTEN = { workEach: 600_000, workFirst: Infinity };
/** What can be planned at all has its first plan after a quarter of this. */
const WORK_FIRST = 40_000;
/** So many are given their slack and played, and so many are shown. */
const MOST_PLAYED = 7;
const MOST_SHOWN = 6;
const WAY_RUNS = 100;
const QUICK = { runs: 60, rounds: 3 };
/** What an evening by this plan is like, in numbers to compare. */
export function outlookOf(compiled: CompiledMeal, schedule: Schedule): Outlook {
  const totals = totalsOf(compiled.problem, schedule);
  const gap = totals.longestGap;
  return {
    start: totals.firstStart,
    delay: schedule.delay ?? 0,
    handsOn: totals.handsOn,
    longestGap: gap ? gap.to - gap.from : 0,
    longestWork: workOf(compiled, schedule),
    waits: Object.fromEntries(schedule.dishes.map((d) => [d.id, d.hold])),
    chance: simulate(compiled.problem, schedule, WAY_RUNS).onTime,
    stops: stopsOf(compiled),
  };
}

function workOf({ problem }: CompiledMeal, schedule: Schedule): number {
  const work = longestWork(problem, schedule);
  return work ? work.to - work.from : 0;
}

/** Minutes of work without a rest that are too many. */
const tooMuch = (minutes: number): number => Math.max(0, minutes - HARD_MIN + 1);

/** Pairs are made of so many of the best first steps, and so many of them are tried. */
const FIRST_STEPS = 3;
const MOST_PAIRS = 12;
const PAIRS_SHOWN = 2;

/**
 * Tries every way out of a meal's trouble with the engine; pairs of them where none does by itself.
 *
 * @returns those that help, best first: fewer stops, then less delay, then less work and a later start;
 *   `now` is the meal as it stands, null where it has no plan
 */
export function tryWaysOut(question: PlanQuestion): TriedWays {
  const turns = tryInTurns(question);
  for (;;) {
    const { done, value } = turns.next();
    if (done) return value;
  }
}

/** As `tryWaysOut`, giving way many times a second: the worker has plans to answer as well. */
export function* tryInTurns(question: PlanQuestion): Generator<undefined, TriedWays> {
  const { kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  // What the plan settles by itself is in it already.
  const { meal } = settleChoices(question.meal, dishes, kitchen, now);
  const context = { ...question, dishes };
  const single = waysOut(meal, dishes, kitchen, troubleOf(meal, context));
  yield;
  const [written] = (yield* solveAll([asItStands(meal)], null, context, WRITTEN)).solved;
  const before = written ? played(written).outlook : null;
  const { solved, hopeless } = yield* solveAll(single, before, context);
  const tried = yield* pick(solved, before);
  if (tried.some((way) => isSolved(way.outlook) && !way.isLess))
    return { now: before, ways: tried.slice(0, MOST_SHOWN) };

  // A way that leads to no plan yet may be the half of one that does.
  const unplanned = single.filter((w) => !hopeless.has(w.id) && !tried.some((t) => t.id === w.id));
  const first = [...tried, ...unplanned].filter((w) => !w.isLess).slice(0, FIRST_STEPS);
  const pairs = first.flatMap((one) =>
    waysOut(one.meal, dishes, kitchen, troubleOf(one.meal, context))
      .filter((two) => !isSameMatter(one, two))
      .map((two) => ({
        id: pairId(one, two),
        matter: two.matter,
        text: sayFix('both', { one: one.text, two: two.text }, kitchen),
        meal: two.meal,
        ...(two.isLess ? { isLess: true } : {}),
      })),
  );
  // Two things are worth doing only for more than one of them brings. Where somebody has to go short for
  // all to be well, what nobody goes short by is measured against its own best.
  const isEnough = tried.some((way) => isSolved(way.outlook));
  const best = tried.find((way) => !isEnough || !way.isLess)?.outlook ?? before;
  const fresh = withoutDoubles(pairs)
    .filter((p) => !isEnough || !p.isLess)
    .slice(0, MOST_PAIRS);
  const both = yield* pick((yield* solveAll(fresh, best, context)).solved, best);
  const ways = [...tried, ...both.slice(0, PAIRS_SHOWN)];
  return { now: before, ways: ways.sort(compareWays).slice(0, MOST_SHOWN) };
}

interface WaysContext extends Omit<PlanQuestion, 'dishes'> {
  dishes: ReadonlyMap<string, Dish>;
}

const asItStands = (meal: Meal): WayOut => ({
  id: '',
  matter: { kind: 'as-it-stands', of: null },
  text: '',
  meal,
});
const isSolved = (o: Outlook): boolean => o.stops === 0 && o.delay === 0;

/** Dishes over the line, or that no cooker can even be timed for. */
function troubleOf(meal: Meal, { dishes, kitchen, now }: WaysContext): Pick<CompiledMeal, 'notes'> {
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (compiled.ok) return compiled.value;
  return {
    notes: compiled.problems.map(({ entry = null, message, remedy }) =>
      finding('not-plannable', 'stop', entry, { message, remedy }),
    ),
  };
}

interface Solved {
  way: WayOut;
  compiled: CompiledMeal;
  schedule: Schedule;
}

/**
 * Solves ways against what they have to beat: one that stops as much is of use only if it is less late,
 * so that the engine gives up early what cannot be; `hopeless` are those that it gave up so.
 */
function* solveAll(
  ways: readonly WayOut[],
  bar: Outlook | null,
  { dishes, kitchen, now }: WaysContext,
  { workEach, workFirst } = { workEach: WORK_EACH, workFirst: WORK_FIRST },
): Generator<undefined, { solved: Solved[]; hopeless: ReadonlySet<string> }> {
  const edits: (Variant & { way: WayOut; compiled: CompiledMeal })[] = [];
  for (const way of ways) {
    yield;
    const tried = compileMeal(way.meal, dishes, kitchen, now);
    if (!tried.ok) continue;
    const compiled = tried.value;
    const mostDelay = bar ? usefulDelay(stopsOf(compiled), bar) : Infinity;
    if (mostDelay >= 0)
      edits.push({ id: way.id, way, compiled, problem: compiled.problem, ...limited(mostDelay) });
  }
  const hopeless = new Set<string>();
  const found = yield* alternativesInTurns(edits, { work: WAYS_WORK, workEach, workFirst });
  const solved = found.flatMap(({ id, schedule }) => {
    const edit = edits.find((e) => e.id === id);
    if (!edit) return [];
    if (schedule.cost === null && edit.mostDelay !== undefined) hopeless.add(id);
    return schedule.cost === null ? [] : [{ ...edit, schedule }];
  });
  return { solved, hopeless };
}

const limited = (mostDelay: number): { mostDelay?: number } =>
  mostDelay === Infinity ? {} : { mostDelay };
const stopsOf = (compiled: CompiledMeal): number =>
  compiled.notes.filter((n) => n.severity === 'stop').length;

/** The most delay with which a meal of so many stops is better than `bar`; under 0 where it cannot be. */
function usefulDelay(stops: number, bar: Outlook): number {
  if (stops < bar.stops) return Infinity;
  if (stops > bar.stops) return -1;
  return bar.delay > 0 ? bar.delay - 1 : 0;
}

/** With the slack that the meal's sureness asks for, as it would be planned. */
function played({ way, compiled, schedule }: Solved): TriedWay {
  const sure = planFor(compiled.problem, schedule, SURENESS[way.meal.sure], QUICK);
  return { ...way, outlook: outlookOf(compiled, sure.schedule) };
}

/** Those that help against `before`, best first; only the most promising are played. */
function* pick(
  solved: readonly Solved[],
  before: Outlook | null,
): Generator<undefined, TriedWay[]> {
  const promise = ({ way, compiled, schedule }: Solved): number[] => [
    stopsOf(compiled),
    schedule.delay ?? 0,
    Number(way.isLess ?? false),
    tooMuch(workOf(compiled, schedule)),
    -Math.min(...schedule.steps.map((s) => s.start)),
  ];
  const best = [...solved].sort((a, b) => compareEach(promise(a), promise(b)));
  const tried: TriedWay[] = [];
  for (const one of best.slice(0, MOST_PLAYED)) {
    yield;
    tried.push(played(one));
  }
  return tried.filter((way) => helps(way, before)).sort(compareWays);
}

/** Two answers to the same question are no pair: later by 20 and by 40, two numbers of runs. */
function isSameMatter(one: WayOut, two: WayOut): boolean {
  return one.matter.kind === two.matter.kind && one.matter.of === two.matter.of;
}

/** The same two ways in either order lead to the same meal, so they have one id. */
const pairId = (one: WayOut, two: WayOut): string => [one.id, two.id].sort().join('+');

function withoutDoubles(pairs: readonly WayOut[]): WayOut[] {
  return [...new Map(pairs.toReversed().map((pair) => [pair.id, pair])).values()].reverse();
}

/**
 * Less to stop for, less late; where nothing stops or is late, surer if that is what is missing, or lighter on
 * the hands, else a later start or a longer rest.
 */
function helps({ outlook: after, meal }: TriedWay, before: Outlook | null): boolean {
  if (!before) return true;
  if (after.stops !== before.stops) return after.stops < before.stops;
  if (after.delay !== before.delay) return after.delay < before.delay;
  if (before.chance < SURENESS[meal.sure]) return after.chance >= before.chance + WORTH.chance;
  if (tooMuch(before.longestWork) > 0)
    // Each chance is that of a hundred evenings (± 0.04): planned as surely as before, one may seem less so.
    return (
      after.chance >= SURENESS[meal.sure] - 2 * WORTH.chance &&
      after.longestWork <= before.longestWork - WORTH.workMin
    );
  return (
    after.chance >= SURENESS[meal.sure] &&
    (after.start >= before.start + WORTH.startMin ||
      after.longestGap >= before.longestGap + WORTH.gapMin)
  );
}

/**
 * What solves most comes first; of two as good, the one that nobody goes short by, then the surer, then the
 * lighter.
 */
function compareWays(a: TriedWay, b: TriedWay): number {
  const rank = ({ outlook, isLess, meal }: TriedWay): number[] => [
    outlook.stops,
    outlook.delay,
    Number(isLess ?? false),
    outlook.delay > 0
      ? 0
      : Math.round(Math.max(0, SURENESS[meal.sure] - outlook.chance) / WORTH.chance),
    tooMuch(outlook.longestWork),
    -outlook.start,
    outlook.handsOn,
  ];
  return compareEach(rank(a), rank(b));
}

/** By the first numbers that differ. */
function compareEach(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at < 0 ? 0 : (a[at] as number) - (b[at] as number);
}

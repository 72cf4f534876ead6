/** Ways out of a meal's trouble, each tried with the engine: singly, and where none is enough, in pairs. */
import type { Dish } from '$core/dish';
import { SURENESS, type Meal } from '$core/meal';
import {
  compileMeal,
  settleChoices,
  totalsOf,
  waysOut,
  type CompiledMeal,
  type WayOut,
} from '$core/plan';
import { alternatives, planFor, simulate, type Schedule } from '$core/solve';
import type { PlanQuestion } from './planning';

/** A way out that was really tried, with what comes of it. */
export interface TriedWay extends WayOut {
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

/** Pairs are made of so many of the best first steps, and so many of them are tried. */
const FIRST_STEPS = 3;
const MOST_PAIRS = 15;

/**
 * Tries every way out of a meal's trouble with the engine; pairs of them where none does by itself.
 *
 * @returns those that help, best first: fewer stops, then less delay, then less work and a later start;
 *   `now` is the meal as it stands, null where it has no plan
 */
export function tryWaysOut(question: PlanQuestion): { now: Outlook | null; ways: TriedWay[] } {
  const { kitchen, now } = question;
  const dishes = new Map(question.dishes.map((d) => [d.id, d]));
  // What the plan settles by itself is in it already.
  const { meal } = settleChoices(question.meal, dishes, kitchen, now);
  const context = { ...question, dishes };
  const single = waysOut(meal, dishes, kitchen, troubleOf(meal, context));
  const { outlooks, compiled } = solveAll([asItStands(meal), ...single], context, WAYS_WORK);
  const before = outlooks.get('') ?? null;
  const tried = pick(single, outlooks, before);
  if (tried.some((way) => isSolved(way.outlook) && !way.isLess))
    return { now: before, ways: shown(tried) };

  // A way that leads to no plan yet may be the half of one that does.
  const unplanned = single.filter((w) => !outlooks.has(w.id) && !compiled.has(w.id));
  const first = [...tried, ...unplanned].filter((w) => !w.isLess).slice(0, FIRST_STEPS);
  const pairs = first.flatMap((one) =>
    waysOut(one.meal, dishes, kitchen, troubleOf(one.meal, context))
      .filter((two) => !isSameMatter(one, two))
      .map((two) => ({
        id: `${one.id}+${two.id}`,
        text: `${one.text}; and ${two.text}`,
        meal: two.meal,
        ...(two.isLess ? { isLess: true } : {}),
      })),
  );
  const fresh = withoutDoubles(pairs).slice(0, MOST_PAIRS);
  const second = solveAll(fresh, context, WAYS_WORK);
  const best = tried[0]?.outlook ?? before;
  return { now: before, ways: shown([...tried, ...pick(fresh, second.outlooks, best)]) };
}

interface WaysContext extends Omit<PlanQuestion, 'dishes'> {
  dishes: ReadonlyMap<string, Dish>;
}

const asItStands = (meal: Meal): WayOut => ({ id: '', text: '', meal });
const isSolved = (o: Outlook): boolean => o.stops === 0 && o.delay === 0;

/** Dishes over the line, or that no cooker can even be timed for. */
function troubleOf(meal: Meal, { dishes, kitchen, now }: WaysContext): Pick<CompiledMeal, 'notes'> {
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (compiled.ok) return compiled.value;
  return {
    notes: compiled.problems.map(({ field, message, remedy }) => ({
      entryId: field.replace(/^entries\./, ''),
      severity: 'stop' as const,
      text: message,
      remedy,
    })),
  };
}

function solveAll(
  ways: readonly WayOut[],
  { dishes, kitchen, now }: WaysContext,
  work: number,
): { outlooks: Map<string, Outlook>; compiled: Map<string, CompiledMeal> } {
  const compiled = new Map<string, CompiledMeal>();
  for (const way of ways) {
    const tried = compileMeal(way.meal, dishes, kitchen, now);
    if (tried.ok) compiled.set(way.id, tried.value);
  }
  const solved = alternatives(
    [...compiled].map(([id, c]) => ({ id, problem: c.problem })),
    work,
  );
  const outlooks = new Map<string, Outlook>();
  for (const { id, schedule } of solved) {
    const own = compiled.get(id);
    const way = ways.find((w) => w.id === id);
    if (!own || !way || schedule.cost === null) continue;
    // With the slack that the meal's sureness asks for, as it would be planned.
    const sure = planFor(own.problem, schedule, SURENESS[way.meal.sure], QUICK);
    outlooks.set(id, outlookOf(own, sure.schedule));
  }
  return { outlooks, compiled };
}

function pick(
  ways: readonly WayOut[],
  outlooks: ReadonlyMap<string, Outlook>,
  before: Outlook | null,
): TriedWay[] {
  return ways
    .flatMap((way) => {
      const outlook = outlooks.get(way.id);
      return outlook && helps(outlook, before) ? [{ ...way, outlook }] : [];
    })
    .sort(compareWays);
}

const shown = (ways: readonly TriedWay[]): TriedWay[] =>
  [...ways].sort(compareWays).slice(0, MOST_SHOWN);

/** Two answers to the same question are no pair: later by 20 and by 40, two numbers of runs. */
function isSameMatter(one: WayOut, two: WayOut): boolean {
  const matter = (id: string): string => id.replace(/-\d+$/, '');
  return matter(one.id) === matter(two.id);
}

/** The same two ways in either order lead to the same meal. */
function withoutDoubles(pairs: readonly WayOut[]): WayOut[] {
  const seen = new Set<string>();
  return pairs.filter(({ id }) => {
    const key = id.split('+').sort().join('+');
    return !seen.has(key) && seen.add(key);
  });
}

/** Less to stop for, less late, much less work, or a later start. */
function helps(after: Outlook, before: Outlook | null): boolean {
  if (!before) return true;
  if (after.stops !== before.stops) return after.stops < before.stops;
  if (after.delay !== before.delay) return after.delay < before.delay;
  return after.start >= before.start + 5 || after.longestGap >= before.longestGap + 10;
}

/** What solves most comes first; of two as good, the one that nobody goes short by, then the lighter. */
function compareWays(a: TriedWay, b: TriedWay): number {
  const [x, y] = [a.outlook, b.outlook];
  return (
    x.stops - y.stops ||
    x.delay - y.delay ||
    Number(a.isLess ?? false) - Number(b.isLess ?? false) ||
    y.start - x.start ||
    x.handsOn - y.handsOn
  );
}

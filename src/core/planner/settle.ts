/** What a meal leaves open is settled by trying it: release, level, stacks. */
import type { Dish } from '../dish';
import type { Kitchen } from '../kitchen';
import type { Meal } from '../meal';
import { alternatives, type Problem, type Schedule } from '../solve';
import { openChoices, type OpenChoice } from '../menu';
import { compileMeal } from '../plan';
import { finding, type Finding, type Gain } from '../reason';

export interface Settled {
  /** The meal with every open matter answered let the plan choose. */
  meal: Meal;
  /** What was chosen, with what it gains. */
  reasons: Finding[];
}

interface Tried {
  choice: OpenChoice | null;
  meal: Meal;
  delay: number;
  /** Minutes from serving at which work begins. */
  start: number;
  stops: number;
}

/** Work for each meal tried, and for the meal as written; see the engine for its unit. */
const WORK_EACH = 120_000;
/** Choices are made one after the other, at most so many. */
const MOST_CHOICES = 4;
/** A gain has to be worth another way of cooking, min. */
const WORTH_MIN = 8;
const WORTH_BOLD_MIN = 5;

/**
 * Settles what the cook left open, the best gain first. A release changes for a later start too; the
 * level and a stack only where the meal would be late or impossible without.
 */
export function settleChoices(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  now: number,
): Settled {
  let current: Settled = { meal, reasons: [] };
  let written: Tried | null = null;
  const isOpen = openChoices(meal, dishes, kitchen, true).length > 0;
  for (let round = 0; isOpen && round < MOST_CHOICES; round++) {
    written ??= tryAll([null], current.meal, dishes, kitchen, now)[0] ?? null;
    const isTrouble: boolean = !written || written.delay > 0 || written.stops > 0;
    const open: OpenChoice[] = openChoices(current.meal, dishes, kitchen, isTrouble).filter(
      (c) => isTrouble || !c.isBold,
    );
    if (open.length === 0) break;
    const best: Tried | undefined = tryAll(open, current.meal, dishes, kitchen, now)
      .filter((t) => isBetter(t, written) && !isHotForNothing(t))
      .sort(compareTried)[0];
    if (!best?.choice) break;
    const chosen = withFewest(best, open, current.meal, dishes, kitchen, now);
    if (!chosen.choice) break;
    current = {
      meal: chosen.meal,
      reasons: [...current.reasons, reasonFor(chosen.choice, chosen, written)],
    };
    written = chosen;
  }
  return current;
}

/** Later than this nobody eats, however hot it was kept, min. */
const LATEST_HOT_MIN = 30;
const isHotForNothing = ({ choice, delay }: Tried): boolean =>
  choice?.what.kind === 'keep-hot' && delay > LATEST_HOT_MIN;

/** Where several dishes are kept hot together: as few of them as will do. */
function withFewest(
  best: Tried,
  open: readonly OpenChoice[],
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  now: number,
): Tried {
  let kept = best;
  const singles = open.filter((c) => c.what.kind === 'keep-hot' && c.what.dishes.length === 1);
  for (const { entryId, what } of singles) {
    const { choice } = kept;
    if (choice?.what.kind !== 'keep-hot' || choice.what.dishes.length === 1) break;
    if (what.kind !== 'keep-hot') continue;
    const before = meal.entries.find((e) => e.id === entryId);
    const fewer: OpenChoice = {
      ...choice,
      what: { kind: 'keep-hot', dishes: without(choice.what.dishes, what.dishes[0] ?? '') },
      meal: {
        ...choice.meal,
        entries: choice.meal.entries.map((e) => (e.id === entryId && before ? before : e)),
      },
    };
    const [tried] = tryAll([fewer], meal, dishes, kitchen, now);
    if (tried && tried.delay <= kept.delay && tried.stops <= kept.stops) kept = tried;
  }
  return kept;
}

/** The names with one of them left out, once: a dish may be there twice. */
function without(names: readonly string[], name: string): string[] {
  const at = names.indexOf(name);
  return names.filter((_, i) => i !== at);
}

function tryAll(
  choices: readonly (OpenChoice | null)[],
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
  now: number,
): Tried[] {
  const tries = choices.flatMap((choice, i) => {
    const changed = choice?.meal ?? meal;
    const compiled = compileMeal(changed, dishes, kitchen, now);
    if (!compiled.ok) return [];
    const { problem, notes } = compiled.value;
    const stops = notes.filter((n) => n.severity === 'stop').length;
    return [{ id: String(i), choice, meal: changed, problem, stops }];
  });
  const solved = alternatives(tries, { work: WORK_EACH * tries.length });
  return tries.flatMap(({ id, choice, meal: changed, problem, stops }) => {
    const schedule = solved.find((s) => s.id === id)?.schedule;
    if (!schedule || schedule.cost === null) return [];
    return [
      {
        choice,
        meal: changed,
        delay: schedule.delay ?? 0,
        start: firstStart(schedule, problem),
        stops,
      },
    ];
  });
}

/** When the evening's own work begins: what lies or thaws by itself before it does not count. */
function firstStart(schedule: Schedule, problem: Problem): number {
  const aside = new Set(problem.steps.filter((s) => s.aside).map((s) => s.id));
  return Math.min(...schedule.steps.filter((s) => !aside.has(s.id)).map((s) => s.start));
}

function isBetter(after: Tried, before: Tried | null): boolean {
  if (!before) return true;
  if (after.stops !== before.stops) return after.stops < before.stops;
  const sooner = before.delay - after.delay;
  if (after.choice?.isBold) return sooner >= WORTH_BOLD_MIN;
  if (sooner !== 0) return sooner > 0;
  return after.start - before.start >= WORTH_MIN;
}

/** Less late; of two as late, what changes the dish less; then the later start. */
function compareTried(a: Tried, b: Tried): number {
  return (
    a.stops - b.stops ||
    a.delay - b.delay ||
    Number(a.choice?.isBold ?? false) - Number(b.choice?.isBold ?? false) ||
    b.start - a.start
  );
}

function reasonFor(choice: OpenChoice, after: Tried, before: Tried | null): Finding {
  const sooner = (before?.delay ?? 0) - after.delay;
  const gain: Gain = !before
    ? { kind: 'only-way' }
    : sooner > 0
      ? { kind: 'ready-sooner', minutes: sooner }
      : { kind: 'starts-later', minutes: after.start - before.start };
  return finding('plan-chose', 'info', choice.entryId, { choice: choice.what, gain });
}

/** An evening told afterwards: planned against real, what waited, what was late, what to do better. */
import type { Dish } from '../dish';
import type { Operation, Phase } from '../plan';
import { formatMinutes } from '../units';
import { TROUBLES, type RunEvent } from './events';
import type { Account, DishAccount, PhaseAccount } from './account-types';
import { adviseOn } from './advice';
import { causesOf } from './causes';
import { effective } from './facts';
import type { Evening } from './document';
import { foldEvening, isPast, type LiveState, type LiveStep } from './live';

const MINUTE = 60_000;
/** Over heat so much longer than planned, food dries or burns (estimate). */
const OVERDONE = 1.35;

/** No hand and no pot is so many times as fast as planned: it was tapped for another reason (common practice). */
const INCREDIBLE = 4;
/** Of so many steps together; one alone may be quick. */
const FEWEST_TAPPED = 5;

const COUNTED = new Set<Phase>(['come-up', 'release', 'oven', 'crisp', 'rest']);
const HEATED = new Set<Phase>(['oven', 'crisp', 'simmer', 'burner', 'brown']);

/**
 * @param dishes for how long each may wait; one that is gone is taken to wait as long as it likes
 * @param now ms since the epoch on the evening's clock
 */
export function accountOf(
  evening: Evening,
  events: readonly RunEvent[],
  dishes: ReadonlyMap<string, Dish>,
  now: number,
): Account {
  const state = foldEvening(evening, events, now);
  const counted = effective(events);
  const lengthOf = (s: LiveStep): number => Math.round((s.end - s.start) / MINUTE);

  const isTappedThrough = wasTappedThrough(state.steps);
  const isBelieved = (s: LiveStep): boolean => s.isMeasured && !isTappedThrough && isCredible(s);
  const phases = state.steps
    .filter(
      (s) =>
        COUNTED.has(s.operation.phase) || (s.operation.isHands && s.operation.phase !== 'rinse'),
    )
    .map((s): PhaseAccount => ({
      operation: s.operation,
      planned: s.operation.minutes,
      // What nobody tapped is taken as planned, and is no evidence that the plan was right.
      real: isBelieved(s) ? lengthOf(s) : null,
      cook: cookOf(s, counted),
    }));
  const holds = state.steps
    .filter(
      (s) =>
        s.operation.phase === 'hold' && s.status === 'done' && wasOpened(s, state.steps, counted),
    )
    .map(({ operation }) => ({
      operation,
      planned: operation.minutes,
      real: operation.minutes + minutesAgain(operation, state, counted),
    }));
  const accounts = dishAccounts(evening, state, dishes);
  const overdone = state.steps.flatMap((s) => {
    const minutes = s.operation.minutes;
    return HEATED.has(s.operation.phase) &&
      isBelieved(s) &&
      lengthOf(s) > Math.max(minutes * OVERDONE, minutes + 3)
      ? [{ text: s.operation.text, dish: s.operation.dishName, minutes: lengthOf(s) - minutes }]
      : [];
  });
  const troubles = counted.flatMap((e) => {
    const step =
      e.kind === 'trouble' ? state.steps.find((s) => s.operation.id === e.step) : undefined;
    return e.kind === 'trouble' && step
      ? [{ unit: step.operation.unit, what: TROUBLES[e.what].name, dish: step.operation.dishName }]
      : [];
  });
  const changes = changesAtTheStove(counted, state);
  const misses = accounts.flatMap((d) => (d.ready === null ? [] : [d.ready - d.due]));
  const account = {
    isServed: state.isServed,
    isTappedThrough,
    late: misses.length > 0 ? Math.max(...misses) : null,
    dishes: accounts,
    phases,
    holds,
    overdone,
    troubles,
    changes,
  };
  const causes = causesOf(evening, state, counted);
  return { ...account, causes, advice: adviseOn(account, causes) };
}

/** Whether its length can be true at all; the plan's short steps often are done in no time. */
function isCredible(s: LiveStep): boolean {
  const real = (s.end - s.start) / MINUTE;
  return s.operation.minutes <= INCREDIBLE || real * INCREDIBLE >= s.operation.minutes;
}

/** Everything that was tapped took a fraction of what it takes, all of it together. */
function wasTappedThrough(steps: readonly LiveStep[]): boolean {
  const seen = steps.filter((s) => s.isMeasured && s.operation.minutes > 0);
  const real = seen.reduce((sum, s) => sum + (s.end - s.start) / MINUTE, 0);
  const planned = seen.reduce((sum, s) => sum + s.operation.minutes, 0);
  return seen.length >= FEWEST_TAPPED && real * INCREDIBLE < planned;
}

/** Minutes that a stage went back under pressure for. */
function minutesAgain(hold: Operation, state: LiveState, events: readonly RunEvent[]): number {
  const { entryId, stageId } = hold;
  const own = new Set(
    state.steps
      .filter((s) => s.operation.entryId === entryId && s.operation.stageId === stageId)
      .map((s) => s.operation.id),
  );
  return events.reduce(
    (sum, e) => (e.kind === 'again' && own.has(e.step) ? sum + e.minutes : sum),
    0,
  );
}

/** What was decided at the stove, each once, with what was planned again for it. */
function changesAtTheStove(
  events: readonly RunEvent[],
  state: LiveState,
): { at: number; text: string }[] {
  const plans = events.filter((e) => e.kind === 'replanned');
  const told = new Set<string>();
  return events.flatMap((e): { at: number; text: string }[] => {
    const what = e.kind === 'replanned' ? null : sayChange(e, state);
    if (what !== null) {
      const plan = plans.find((p) => p.because?.includes(e.id));
      const isNews = plan && plan.text !== '' && !told.has(plan.id);
      if (plan) told.add(plan.id);
      return [{ at: e.at, text: isNews ? `${what}: ${plan.text}` : what }];
    }
    if (e.kind !== 'replanned' || e.text === '' || told.has(e.id)) return [];
    const isOfDecision = events.some(
      (c) => e.because?.includes(c.id) && sayChange(c, state) !== null,
    );
    return isOfDecision ? [] : [{ at: e.at, text: `it went otherwise than planned: ${e.text}` }];
  });
}

/** @returns null for what is no decision */
function sayChange(e: RunEvent, state: LiveState): string | null {
  const nameOf = (step: string): string => {
    const operation = state.plan.byId.get(step);
    return operation ? `${operation.dishName}, “${operation.text}”` : 'a step';
  };
  const dishOf = (entry: string): string =>
    state.compiled.meanings.find((m) => m.entryId === entry)?.dishName ?? 'a dish';
  const inStay = (stay: string): string =>
    state.steps.find((s) => s.operation.stay === stay)?.operation.dishName ?? 'a dish';
  switch (e.kind) {
    case 'more':
      return `${nameOf(e.step)}: ${formatMinutes(e.minutes)} more`;
    case 'again':
      return `${nameOf(e.step)}: ${formatMinutes(e.minutes)} at pressure once more`;
    case 'dropped':
      return `${dishOf(e.entry)} was left out`;
    case 'added':
      return `${e.name} came in`;
    case 'lost':
      return e.stays.length > 0
        ? `a pot failed with ${[...new Set(e.stays.map(inStay))].join(', ')} in it`
        : 'a pot or the oven failed';
    case 'moved':
      return `${inStay(e.stay)} went into another pot`;
    case 'without':
      return `${dishOf(e.entry)} without ${e.what}${e.instead ? `, with ${e.instead} for it` : ''}`;
    case 'guests':
      return `the guests ${formatMinutes(Math.abs(e.minutes))} ${e.minutes > 0 ? 'later' : 'sooner'}`;
    case 'away':
      return `a cook was away for ${formatMinutes(e.minutes)}`;
    case 'paused':
      return 'everything paused';
    default:
      return null;
  }
}

/** Dishes that belong on the table together wait for the last of them. */
function dishAccounts(
  evening: Evening,
  state: LiveState,
  dishes: ReadonlyMap<string, Dish>,
): DishAccount[] {
  const minute = (at: number): number => Math.round((at - evening.serveAt) / MINUTE);
  const { serveAt, dishes: wanted = [] } = state.compiled.problem;
  const planned = new Set(evening.schedule.dishes.map((d) => d.id));
  // A dish that came in later was planned when it came.
  const came = state.schedule.dishes.filter((d) => !planned.has(d.id));
  const ready = [...evening.schedule.dishes, ...came]
    .filter((d) => !state.dropped.has(d.id))
    .map((d) => {
      const steps = state.steps.filter(
        (s) => s.operation.entryId === d.id && s.operation.phase !== 'rinse',
      );
      const isOver = steps.length > 0 && steps.every(isPast);
      return {
        d,
        operation: steps.at(-1)?.operation,
        due: serveAt + state.guestsLater + (wanted.find((w) => w.id === d.id)?.dueAt ?? 0),
        ready: isOver ? minute(Math.max(...steps.map((s) => s.end))) : null,
      };
    });
  return ready.map(({ d, operation, due, ready: own }): DishAccount => {
    const together = ready.filter((o) => o.due === due).map((o) => o.ready ?? due);
    const waited = own === null ? null : Math.max(due, ...together) - own;
    const most = dishes.get(operation?.dishId ?? '')?.wait.maxMinutes ?? null;
    return {
      entryId: d.id,
      name: operation?.dishName ?? d.id,
      due,
      plannedReady: d.ready,
      ready: own,
      waited,
      stands: most,
      isOverheld: waited !== null && most !== null && waited > most,
    };
  });
}

/** Somebody opened it, or put it back under pressure: only then was seen whether it was done. */
function wasOpened(
  hold: LiveStep,
  steps: readonly LiveStep[],
  events: readonly RunEvent[],
): boolean {
  const { entryId, stageId } = hold.operation;
  const cycle = new Map(
    steps.flatMap(({ operation: o }) =>
      o.entryId === entryId && o.stageId === stageId ? [[o.id, o.phase] as const] : [],
    ),
  );
  return events.some(
    (e) =>
      (e.kind === 'done' && cycle.get(e.step) === 'open') ||
      (e.kind === 'again' && cycle.has(e.step)),
  );
}

/** Whose screen said that it was begun and done. */
function cookOf(step: LiveStep, events: readonly RunEvent[]): string | null {
  const said = new Set(
    events.flatMap((e) =>
      (e.kind === 'started' || e.kind === 'done') && e.step === step.operation.id && e.cook
        ? [e.cook]
        : [],
    ),
  );
  const [only = null] = said;
  return said.size === 1 ? only : null;
}

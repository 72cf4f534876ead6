/**
 * Why an evening was late: the chain of what waited for what, walked back from the dish that came last. Each minute
 * of its delay belongs to one thing on that chain: something that took longer, or something that nobody began. What
 * only waited for another has no part in it.
 */
import type { Operation, Phase } from '../plan';
import type { Evening } from './document';
import type { RunEvent } from './events';
import type { LiveState, LiveStep } from './live';

const MINUTE = 60_000;

export type CauseKind =
  | 'valve'
  | 'weak-pot'
  | 'cold-food'
  | 'slow-pot'
  | 'slow-release'
  | 'work'
  | 'stage'
  | 'not-done'
  | 'begun-late'
  | 'away'
  | 'lost';

export interface Cause {
  kind: CauseKind;
  /** Minutes of the delay that are its own. */
  minutes: number;
  /** The operation that it shows most in. */
  operation: Operation;
  planned: number;
  real: number;
}

/** A way up is slow from so much over its plan on, as a share. */
const SLOW = 0.15;
const WORK = new Set<Phase>(['prep', 'brown', 'loosen', 'finish']);
const HANDLING = new Set<Phase>(['seal', 'vent', 'open', 'put-in', 'turn', 'rinse']);

/** A step with the minutes it was planned at first, on the plan's axis. */
interface Told {
  step: LiveStep;
  start: number;
  end: number;
  planned: { start: number; end: number } | null;
}

/** @returns causes of the delay of the dish that was latest, the largest first; none where nothing was late */
export function causesOf(evening: Evening, state: LiveState, events: readonly RunEvent[]): Cause[] {
  const minute = (at: number): number => (at - evening.serveAt) / MINUTE;
  const meant = new Map(evening.schedule.steps.map((s) => [s.id, s]));
  const told = new Map(
    state.steps.map((step): [string, Told] => [
      step.operation.id,
      {
        step,
        start: minute(step.start),
        end: minute(step.end),
        planned: meantFor(step, meant, state, events),
      },
    ]),
  );
  const last = latest(evening, state, told);
  if (!last) return [];
  const found: Cause[] = [];
  const seen = new Set<string>();
  let at: Told | undefined = last;
  while (at?.planned && !seen.has(at.step.operation.id)) {
    seen.add(at.step.operation.id);
    const own: number = at.end - at.start - (at.planned.end - at.planned.start);
    if (own >= 1) found.push({ ...took(at, own), kind: whyLonger(at, state, told, events) });
    const before: Told | null = heldBackBy(at, told, state);
    const readyAt: number = Math.max(at.planned.start, before?.end ?? -Infinity);
    const idle: number = at.start - readyAt;
    if (idle >= 1) {
      const kind = whyIdle(at, readyAt, evening, events);
      found.push({ ...took(at, idle), kind });
    }
    at = before && before.end > at.planned.start ? before : undefined;
  }
  return merged(found);
}

/** As planned at first; what began after the guests had put it off was meant so much later. */
function meantFor(
  step: LiveStep,
  meant: ReadonlyMap<string, { start: number; end: number }>,
  state: LiveState,
  events: readonly RunEvent[],
): Told['planned'] {
  const first = meant.get(step.operation.id);
  if (!first) return null;
  const told = events.find((e) => e.kind === 'guests');
  const later = told && step.start >= told.at ? state.guestsLater : 0;
  return { start: first.start + later, end: first.end + later };
}

const took = ({ step, start, end }: Told, minutes: number): Omit<Cause, 'kind'> => ({
  minutes,
  operation: step.operation,
  planned: step.operation.minutes,
  real: Math.round(end - start),
});

/** The last step of the dish that missed its time most; null where none did. */
function latest(evening: Evening, state: LiveState, told: ReadonlyMap<string, Told>): Told | null {
  const { serveAt, dishes = [] } = state.compiled.problem;
  const ends = dishes.flatMap((d) => {
    const ready = told.get(d.ready);
    if (!ready || state.dropped.has(d.id)) return [];
    const due = serveAt + state.guestsLater + (d.dueAt ?? 0) + (evening.schedule.delay ?? 0);
    return ready.end - due >= 1 ? [{ ready, late: ready.end - due }] : [];
  });
  return ends.sort((a, b) => b.late - a.late)[0]?.ready ?? null;
}

/** What ended last of all that it had to wait for: earlier steps, the pot before it, busy hands. */
function heldBackBy(
  { step, start }: Told,
  told: ReadonlyMap<string, Told>,
  state: LiveState,
): Told | null {
  const { operation } = step;
  const hands = state.compiled.problem.hands ?? 1;
  const others = [...told.values()].filter(
    (o) => o.step !== step && o.start < start && o.end <= start + 1,
  );
  const after = others.filter((o) => operation.after.includes(o.step.operation.id));
  const sameUnit = others.filter(
    (o) =>
      operation.unit !== null &&
      o.step.operation.unit === operation.unit &&
      o.step.operation.stay !== operation.stay,
  );
  const sameHands =
    operation.isHands && hands === 1 ? others.filter((o) => o.step.operation.isHands) : [];
  const all = [...after, ...sameUnit, ...sameHands];
  return all.sort((a, b) => b.end - a.end)[0] ?? null;
}

function whyIdle(
  { start }: Told,
  readyAt: number,
  evening: Evening,
  events: readonly RunEvent[],
): CauseKind {
  const during = (e: RunEvent, minutes: number): boolean => {
    const from = (e.at - evening.serveAt) / MINUTE;
    return from < start && from + minutes > readyAt;
  };
  if (events.some((e) => e.kind === 'lost' && during(e, Infinity))) return 'lost';
  const pauseOf = (e: RunEvent): number =>
    ((events.find((r) => r.kind === 'resumed' && r.at >= e.at)?.at ?? Infinity) - e.at) / MINUTE;
  const isAway = (e: RunEvent): boolean =>
    (e.kind === 'away' && during(e, e.minutes)) || (e.kind === 'paused' && during(e, pauseOf(e)));
  if (events.some(isAway)) return 'away';
  return 'begun-late';
}

function whyLonger(
  at: Told,
  state: LiveState,
  told: ReadonlyMap<string, Told>,
  events: readonly RunEvent[],
): CauseKind {
  const { operation } = at.step;
  const { phase, stay } = operation;
  if (events.some((e) => e.kind === 'lost' && e.stays.includes(stay ?? ''))) return 'lost';
  if (phase === 'come-up') return whySlow(at, told, events);
  if (phase === 'release') return 'slow-release';
  const wentOn = events.some(
    (e) => (e.kind === 'more' || e.kind === 'again') && e.step === operation.id,
  );
  const wentBack = events.some(
    (e) =>
      e.kind === 'again' &&
      state.plan.byId.get(e.step)?.stay === stay &&
      (phase === 'hold' || phase === 'open'),
  );
  if (wentBack || (wentOn && !operation.isHands)) return 'not-done';
  if (WORK.has(phase)) return 'work';
  // Opening takes no longer than that: it is hands that did not come.
  return HANDLING.has(phase) ? 'begun-late' : 'stage';
}

/** One pot always, or every pot once, or this one this time. */
function whySlow(
  at: Told,
  told: ReadonlyMap<string, Told>,
  events: readonly RunEvent[],
): CauseKind {
  const { operation } = at.step;
  const isLeak = events.some(
    (e) =>
      e.kind === 'trouble' &&
      (e.what === 'valve' || e.what === 'no-seal') &&
      told.get(e.step)?.step.operation.stay === operation.stay,
  );
  if (isLeak) return 'valve';
  const ups = [...told.values()].filter(
    (o) => o.step.operation.phase === 'come-up' && o !== at && o.step.isMeasured && o.planned,
  );
  const isSlow = ({ start, end, step }: Told): boolean =>
    end - start > step.operation.minutes * (1 + SLOW);
  const same = ups.filter((o) => o.step.operation.unit === operation.unit);
  const other = ups.filter((o) => o.step.operation.unit !== operation.unit);
  if (other.length > 0 && other.every(isSlow) && same.every(isSlow)) return 'cold-food';
  if (same.length > 0 && same.every(isSlow)) return 'weak-pot';
  return 'slow-pot';
}

/** One for each kind and pot or kind of work, with the operation that it shows most in. */
function merged(found: readonly Cause[]): Cause[] {
  const by = new Map<string, Cause>();
  for (const cause of found) {
    const { kind, operation } = cause;
    const what =
      kind === 'work'
        ? operation.phase
        : kind === 'stage' || kind === 'begun-late' || kind === 'slow-pot' || kind === 'not-done'
          ? operation.id
          : kind === 'weak-pot' || kind === 'valve' || kind === 'slow-release'
            ? (operation.unit ?? '')
            : '';
    const key = `${kind} ${what}`;
    const known = by.get(key);
    if (!known) by.set(key, cause);
    else
      by.set(key, {
        ...(cause.minutes > known.minutes ? cause : known),
        minutes: known.minutes + cause.minutes,
      });
  }
  return [...by.values()].sort((a, b) => b.minutes - a.minutes);
}

/** A live evening: events folded into where every step stands now. */
import { planOf, type CompiledMeal, type Operation, type Phase, type Plan } from '../plan';
import type { Schedule } from '../solve';
import { withAdded } from './added';
import type { Evening } from './document';
import { AGAIN_MIN, TROUBLES, type RunEvent } from './events';
import { effective, factsOf, type Fact, type Facts } from './facts';

/** `over`: its time has passed, and nobody has said that it is done. */
export type StepStatus = 'ahead' | 'due' | 'running' | 'over' | 'done';

export interface LiveStep {
  operation: Operation;
  status: StepStatus;
  /** ms since the epoch; real where it happened, else planned. */
  start: number;
  end: number;
  /** Nobody tapped it: taken as planned. */
  isAssumed: boolean;
  /** Both its beginning and its end were tapped or reported: only then is its length evidence. */
  isMeasured: boolean;
  /** Its beginning was tapped or reported. */
  isStartKnown: boolean;
  /** Back under pressure: it goes on without hands until then. */
  isAgain: boolean;
  /** What to tap next for it. */
  tap: string;
}

export interface LiveState {
  steps: LiveStep[];
  /** The plan as it stands, on its own axis. */
  plan: Plan;
  schedule: Schedule;
  /** ms since the epoch. */
  readyAt: number;
  isServed: boolean;
  dropped: ReadonlySet<string>;
  /** Minutes that the guests are late; below 0 where they are early. */
  guestsLater: number;
  /** So many of them are in the plan as it stands. */
  guestsTold: number;
  /** ms since the epoch until which a cook is away; null where nobody is. */
  awayUntil: number | null;
  isPaused: boolean;
  /** The meal with the dishes that came in since. */
  compiled: CompiledMeal;
  /** Units that have failed, and the stays that go on elsewhere, with the unit where somebody chose it. */
  lost: ReadonlySet<string>;
  moved: ReadonlyMap<string, string>;
  /** Stays that have begun in another pot than the one that they are in now. */
  restarted: ReadonlySet<string>;
  /** Minutes that are left of what was interrupted, by step. */
  left: ReadonlyMap<string, number>;
  /** What is not there, and what goes in for it. */
  without: { entry: string; what: string; instead: string }[];
  /** The last re-planning, if it has not been undone. */
  lastReplan: Extract<RunEvent, { kind: 'replanned' }> | null;
}

const MINUTE = 60_000;
const TAPS: Partial<Record<Phase, string>> = {
  seal: 'Lid is on',
  'come-up': 'Timer started',
  hold: 'It beeps',
  release: 'The pin has dropped',
  vent: 'Pressure released',
  open: 'Open',
  preheat: 'It is hot',
  'put-in': 'It is in',
  turn: 'Done',
  oven: 'Out of the oven',
  crisp: 'Brown enough',
};
/** Go on by themselves: their end is taken as planned until somebody says otherwise. */
const BY_ITSELF = new Set<Phase>([
  'come-up',
  'hold',
  'release',
  'oven',
  'crisp',
  'preheat',
  'rest',
  'soak',
  'slow',
]);

/** Nobody has to be there for them to begin, once what comes before is done. */
const STARTS_ALONE = new Set<Phase>(['rest', 'soak', 'slow', 'oven', 'crisp']);

/** Food stays in the heat until somebody takes it out, however long its time has passed. */
const STAYS_IN = new Set<Phase>(['oven', 'crisp', 'slow']);

/** Whether what comes after it may go on: done, or over by itself, as a pot's countdown is. */
export function isPast({ status, operation }: Pick<LiveStep, 'status' | 'operation'>): boolean {
  return status === 'done' || (status === 'over' && !STAYS_IN.has(operation.phase));
}

/** Steps that take longer: by so many minutes (a trouble), or as somebody said at a moment. */
interface Longer {
  extra: Map<string, number>;
  said: Map<string, SaidLonger[]>;
}

/** More of the same from the end that was shown, or under pressure anew from that moment. */
interface SaidLonger {
  kind: 'more' | 'again';
  at: number;
  minutes: number;
}

/**
 * Where everything stands.
 *
 * @param now ms since the epoch
 */
export function foldEvening(evening: Evening, events: readonly RunEvent[], now: number): LiveState {
  const counted = effective(events);
  const lastReplan = counted.findLast((e) => e.kind === 'replanned') ?? null;
  const schedule = lastReplan?.schedule ?? evening.schedule;
  const dropped = new Set(counted.flatMap((e) => (e.kind === 'dropped' ? [e.entry] : [])));
  const longer: Longer = { extra: new Map(), said: new Map() };
  for (const e of counted) {
    if (e.kind === 'more' || e.kind === 'again')
      longer.said.set(e.step, [...(longer.said.get(e.step) ?? []), e]);
    else if (e.kind === 'trouble')
      longer.extra.set(e.step, (longer.extra.get(e.step) ?? 0) + TROUBLES[e.what].minutes);
  }
  const compiled = withAdded(evening.compiled, counted);
  const plan = planOf(compiled, schedule);
  const facts = factsOf(evening, plan, counted);
  for (const [step, had] of facts.had)
    longer.extra.set(step, (longer.extra.get(step) ?? 0) - Math.round(had));
  const again = new Set(counted.flatMap((e) => (e.kind === 'again' ? [e.step] : [])));
  const isServed = counted.some((e) => e.kind === 'served');
  const steps = liveSteps(evening, plan, facts.of, { now, dropped, longer, again, isServed });
  const guestsLater = guestsBy(counted, Infinity);
  const guestsTold = lastReplan?.guests ?? guestsBy(counted, lastReplan?.at ?? -Infinity);
  return {
    steps,
    plan,
    schedule,
    readyAt:
      evening.serveAt + (compiled.problem.serveAt + guestsTold + (schedule.delay ?? 0)) * MINUTE,
    isServed,
    dropped,
    guestsLater,
    guestsTold,
    compiled,
    lost: new Set(counted.flatMap((e) => (e.kind === 'lost' ? [e.unit] : []))),
    moved: new Map(counted.flatMap((e) => (e.kind === 'moved' ? [[e.stay, e.unit] as const] : []))),
    restarted: facts.restarted,
    left: leftOf(facts, plan),
    without: counted.flatMap((e) => (e.kind === 'without' ? [e] : [])),
    awayUntil: awayUntil(counted, now),
    isPaused:
      counted.findLast((e) => e.kind === 'paused' || e.kind === 'resumed')?.kind === 'paused',
    lastReplan,
  };
}

/** Minutes that are still needed of what was interrupted; a minute at least. */
function leftOf({ had }: Facts, plan: Plan): Map<string, number> {
  return new Map(
    [...had].map(([step, minutes]) => {
      const whole = plan.byId.get(step)?.minutes ?? 0;
      return [step, Math.max(1, Math.round(whole - minutes))] as const;
    }),
  );
}

/** Minutes by which the guests were said to be later, up to a moment. */
function guestsBy(events: readonly RunEvent[], until: number): number {
  return events.reduce((sum, e) => sum + (e.kind === 'guests' && e.at <= until ? e.minutes : 0), 0);
}

function awayUntil(events: readonly RunEvent[], now: number): number | null {
  const until = Math.max(
    -Infinity,
    ...events.flatMap((e) => (e.kind === 'away' ? [e.at + e.minutes * MINUTE] : [])),
  );
  return until > now ? until : null;
}

function liveSteps(
  evening: Evening,
  plan: Plan,
  facts: ReadonlyMap<string, Fact>,
  {
    now,
    dropped,
    longer,
    again,
    isServed,
  }: {
    now: number;
    dropped: ReadonlySet<string>;
    longer: Longer;
    again: ReadonlySet<string>;
    isServed: boolean;
  },
): LiveStep[] {
  const at = (minute: number): number => evening.serveAt + minute * MINUTE;
  const done = new Map<string, LiveStep>();
  const meant = new Map(evening.schedule.steps.map((s) => [s.id, s]));
  const endsKnown = new Set<string>();
  const order = plan.operations
    .filter((o) => !dropped.has(o.entryId))
    .sort((a, b) => a.start - b.start);
  /** What is only interrupted: it goes on after its turn. */
  const turned = new Set(order.flatMap((o) => (o.phase === 'turn' ? o.after : [])));
  for (const operation of order) {
    const { id, phase, isHands, follows, start: planned } = operation;
    const expected =
      Math.max(Math.min(1, operation.minutes), operation.minutes + (longer.extra.get(id) ?? 0)) *
      MINUTE;
    const fact = facts.get(id);
    const previous = done.get(follows ?? '');
    const before = operation.after.map((earlier) => done.get(earlier));
    const ready = before.every((b) => b === undefined || isPast(b));
    const alone =
      STARTS_ALONE.has(phase) && ready && at(planned) <= now
        ? Math.max(at(planned), ...before.map((b) => b?.end ?? -Infinity))
        : undefined;
    const started =
      fact?.start ??
      (previous && isPast(previous) && !isHands ? previous.end : undefined) ??
      (alone !== undefined && alone <= now ? alone : undefined) ??
      (fact?.end === undefined ? undefined : Math.min(fact.end, at(planned)));
    // What follows at once began when what was before it ended, if that was tapped.
    const isStartKnown =
      fact?.start !== undefined ||
      (started !== undefined && !isHands && endsKnown.has(follows ?? ''));
    const isEndKnown = fact?.end !== undefined && fact.isEndInferred !== true;
    // The cooker counts its time under pressure itself: it beeps so long after the pressure was seen.
    const beep =
      phase === 'hold' && isStartKnown && started !== undefined && !isEndKnown
        ? started + expected
        : Infinity;
    if (isEndKnown || beep <= now) endsKnown.add(id);
    const readyAt = goesOnAt(operation, before, meant);
    const live = (
      status: StepStatus,
      start: number,
      end: number,
      isAssumed: boolean,
    ): LiveStep => ({
      operation,
      status,
      start,
      end,
      isAssumed,
      isStartKnown,
      isMeasured: status === 'done' && isStartKnown && isEndKnown,
      isAgain: again.has(id) && status === 'running' && end > now,
      tap: turned.has(id) ? 'Time to turn' : (TAPS[phase] ?? 'Done'),
    });
    const said = longer.said.get(id) ?? [];
    done.set(
      id,
      stand(live, phase, {
        started,
        fact: fact?.end !== undefined && beep <= now ? { ...fact, end: beep } : fact,
        expected,
        said,
        planned: Math.min(at(planned), readyAt),
        now,
        isServed,
      }),
    );
  }
  return [...done.values()].sort((a, b) => a.start - b.start);
}

/** A pot that has come so far is not left standing for a plan that thought it would take longer, min. */
const AT_ONCE = 2;

/**
 * When the hands can go on with what is in a pot: at once where the plan had no wait there.
 *
 * @param before what it waits for, as it stands
 * @param meant when each was to be at the start of the evening: a wait that was planned then is one
 * @returns ms since the epoch; Infinity where it is the plan that says when
 */
function goesOnAt(
  operation: Operation,
  before: readonly (LiveStep | undefined)[],
  meant: ReadonlyMap<string, { start: number; end: number }>,
): number {
  const known = before.filter((b) => b !== undefined);
  const isUnderWay = known.some((b) => b.operation.stay === operation.stay);
  const isReady = known.length === before.length && known.every(isPast);
  if (!operation.isHands || operation.stay === null || !isUnderWay || !isReady) return Infinity;
  const timeOf = (o: Operation): { start: number; end: number } => meant.get(o.id) ?? o;
  const wait = timeOf(operation).start - Math.max(...known.map((b) => timeOf(b.operation).end));
  return wait <= AT_ONCE ? Math.max(...known.map((b) => b.end)) : Infinity;
}

/** The end after what was said: “10 min more” is counted from the end that was shown, or from now if that has passed. */
function saidEnd(expected: number, said: readonly SaidLonger[]): number {
  return said.reduce(
    (end, { kind, at, minutes }) =>
      kind === 'more'
        ? Math.max(end, at) + minutes * MINUTE
        : Math.max(end, at + (minutes + AGAIN_MIN) * MINUTE),
    expected,
  );
}

function stand(
  live: (status: StepStatus, start: number, end: number, isAssumed: boolean) => LiveStep,
  phase: Phase,
  {
    started,
    fact,
    expected,
    said,
    planned,
    now,
    isServed,
  }: {
    started?: number;
    fact?: Fact;
    expected: number;
    said: readonly SaidLonger[];
    planned: number;
    now: number;
    isServed: boolean;
  },
): LiveStep {
  if (started !== undefined && fact?.end !== undefined)
    return live('done', started, Math.max(started, fact.end), false);
  if (started !== undefined) {
    const end = saidEnd(started + expected, said);
    // On the table is the last word: what came before it is done.
    if (BY_ITSELF.has(phase) && now >= end)
      return live(isServed ? 'done' : 'over', started, end, true);
    return live('running', started, end, false);
  }
  if (planned <= now) return live('due', planned, planned + expected, false);
  return live('ahead', planned, planned + expected, false);
}

/** Phases of a cycle go on by themselves once the lid is on. */
const OF_A_CYCLE: ReadonlySet<Phase> = new Set(['come-up', 'hold', 'release']);

/**
 * Whether a step waits for a tap: hands, food that has to come out, an oven to be switched on, and what cooks by
 * itself but has not begun though everything before it is over: a sauce that was left standing does not reduce until
 * somebody switches it on.
 *
 * @param steps all of the evening, by id
 */
export function needsSomebody(step: LiveStep, steps: ReadonlyMap<string, LiveStep>): boolean {
  const { operation, status } = step;
  if (operation.isHands && !step.isAgain) return true;
  if (status === 'over') return true;
  if (operation.phase === 'preheat') return status !== 'running';
  if (status !== 'due' || OF_A_CYCLE.has(operation.phase)) return false;
  return operation.after.every((id) => {
    const before = steps.get(id);
    return before === undefined || isPast(before);
  });
}

/** A live evening: events folded into where every step stands now. */
import { planOf, type CompiledMeal, type Operation, type Phase, type Plan } from '../plan';
import type { Problem, Schedule } from '../solve';
import { AGAIN_MIN, TROUBLES, type RunEvent } from './events';
import type { Practice } from './practice';

/** What an evening starts from; never changed afterwards. */
export interface Evening {
  id: string;
  mealId: string;
  name: string;
  /** ms since the epoch of the wanted moment of serving. */
  serveAt: number;
  compiled: CompiledMeal;
  schedule: Schedule;
  /** Where it is played with virtual cookers: what they do, and at whose hands. */
  practice?: Practice;
}

export type StepStatus = 'ahead' | 'due' | 'running' | 'done';

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
  preheat: 'Oven is hot',
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

/** The events that count: each once, in order of time, without what was undone, at corrected moments. */
export function effective(events: readonly RunEvent[]): RunEvent[] {
  const byId = new Map(events.map((e) => [e.id, e]));
  const all = [...byId.values()];
  const undone = new Set(all.flatMap((e) => (e.kind === 'undone' ? [e.of] : [])));
  const moved = new Map(
    all.flatMap((e) =>
      e.kind === 'corrected' && !undone.has(e.id) ? [[e.of, e.to] as const] : [],
    ),
  );
  return all
    .filter((e) => !undone.has(e.id) && e.kind !== 'undone' && e.kind !== 'corrected')
    .map((e) => ({ ...e, at: moved.get(e.id) ?? e.at }))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
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

interface Fact {
  start?: number;
  end?: number;
  /** Taken from what came after, not tapped. */
  isEndInferred?: boolean;
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
  const plan = planOf(evening.compiled, schedule);
  const facts = factsOf(evening, plan, counted);
  const again = new Set(counted.flatMap((e) => (e.kind === 'again' ? [e.step] : [])));
  const steps = liveSteps(evening, plan, facts, { now, dropped, longer, again });
  return {
    steps,
    plan,
    schedule,
    readyAt:
      evening.serveAt +
      (evening.compiled.problem.serveAt +
        guestsBy(counted, lastReplan?.at ?? -Infinity) +
        (schedule.delay ?? 0)) *
        MINUTE,
    isServed: counted.some((e) => e.kind === 'served'),
    dropped,
    guestsLater: guestsBy(counted, Infinity),
    guestsTold: guestsBy(counted, lastReplan?.at ?? -Infinity),
    awayUntil: awayUntil(counted, now),
    isPaused:
      counted.findLast((e) => e.kind === 'paused' || e.kind === 'resumed')?.kind === 'paused',
    lastReplan,
  };
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

/** What was tapped; and what must have been done before it, without a tap of its own. */
function factsOf(evening: Evening, plan: Plan, events: readonly RunEvent[]): Map<string, Fact> {
  const facts = new Map<string, Fact>();
  const set = (step: string, fact: Fact): void => {
    facts.set(step, { ...facts.get(step), ...fact });
  };
  for (const e of events) {
    if (e.kind === 'started') set(e.step, { start: e.at });
    else if (e.kind === 'done') set(e.step, { end: e.at, isEndInferred: false });
    // Not done after all: it goes on.
    else if (e.kind === 'more' || e.kind === 'again') {
      const { end: _, ...rest } = facts.get(e.step) ?? {};
      facts.set(e.step, e.kind === 'again' ? { start: e.at, ...rest } : rest);
    }
  }
  const endOf = new Map(
    plan.operations.map((o) => [o.id, evening.serveAt + o.end * MINUTE] as const),
  );
  const visit = (step: string, at: number): void => {
    for (const earlier of plan.byId.get(step)?.after ?? []) {
      const known = facts.get(earlier);
      if (known?.end !== undefined) continue;
      // As planned, if that has passed; else just now.
      const planned = endOf.get(earlier) ?? at;
      const end = Math.min(at, Math.max(known?.start ?? -Infinity, planned));
      set(earlier, { end, isEndInferred: true });
      visit(earlier, known?.start ?? end);
    }
  };
  for (const [step, fact] of [...facts]) {
    const at = fact.start ?? fact.end;
    if (at === undefined) continue;
    visit(step, at);
    // Something else is in the pot now: what was in it before is out, and the liner is clean.
    for (const earlier of clearedBy(step, plan, evening.compiled.problem)) {
      if (facts.get(earlier)?.end !== undefined) continue;
      set(earlier, { end: Math.min(at, endOf.get(earlier) ?? at), isEndInferred: true });
      visit(earlier, at);
    }
  }
  return facts;
}

/** Steps of stays that were planned before this one in the same pot. */
function clearedBy(stepId: string, plan: Plan, { units }: Problem): string[] {
  const own = plan.stays.find((s) => s.id === plan.byId.get(stepId)?.stay);
  const unit = units?.find((u) => u.id === own?.unit);
  if (!own || !unit || (unit.capacity ?? 1) > 1) return [];
  const before = new Set(
    plan.stays
      .filter((s) => s.unit === own.unit && s.id !== own.id && s.start < own.start)
      .map((s) => s.id),
  );
  return plan.operations.filter((o) => before.has(o.stay ?? '')).map((o) => o.id);
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
  }: {
    now: number;
    dropped: ReadonlySet<string>;
    longer: Longer;
    again: ReadonlySet<string>;
  },
): LiveStep[] {
  const at = (minute: number): number => evening.serveAt + minute * MINUTE;
  const done = new Map<string, LiveStep>();
  const endsKnown = new Set<string>();
  const order = plan.operations
    .filter((o) => !dropped.has(o.entryId))
    .sort((a, b) => a.start - b.start);
  /** What is only interrupted: it goes on after its turn. */
  const turned = new Set(order.flatMap((o) => (o.phase === 'turn' ? o.after : [])));
  for (const operation of order) {
    const { id, phase, isHands, follows, start: planned } = operation;
    const expected = (operation.minutes + (longer.extra.get(id) ?? 0)) * MINUTE;
    const fact = facts.get(id);
    const previous = done.get(follows ?? '');
    const before = operation.after.map((earlier) => done.get(earlier));
    const ready = before.every((b) => b === undefined || b.status === 'done');
    const alone =
      STARTS_ALONE.has(phase) && ready && at(planned) <= now
        ? Math.max(at(planned), ...before.map((b) => b?.end ?? -Infinity))
        : undefined;
    const started =
      fact?.start ??
      (previous?.status === 'done' && !isHands ? previous.end : undefined) ??
      (alone !== undefined && alone <= now ? alone : undefined) ??
      (fact?.end === undefined ? undefined : Math.min(fact.end, at(planned)));
    // What follows at once began when what was before it ended, if that was tapped.
    const isStartKnown =
      fact?.start !== undefined ||
      (started !== undefined && !isHands && endsKnown.has(follows ?? ''));
    const isEndKnown = fact?.end !== undefined && fact.isEndInferred !== true;
    if (isEndKnown) endsKnown.add(id);
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
    done.set(id, stand(live, phase, { started, fact, expected, said, planned: at(planned), now }));
  }
  return [...done.values()].sort((a, b) => a.start - b.start);
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
  }: {
    started?: number;
    fact?: Fact;
    expected: number;
    said: readonly SaidLonger[];
    planned: number;
    now: number;
  },
): LiveStep {
  if (started !== undefined && fact?.end !== undefined)
    return live('done', started, Math.max(started, fact.end), false);
  if (started !== undefined) {
    const end = saidEnd(started + expected, said);
    if (BY_ITSELF.has(phase) && now >= end) return live('done', started, end, true);
    return live('running', started, end, false);
  }
  if (planned <= now) return live('due', planned, planned + expected, false);
  return live('ahead', planned, planned + expected, false);
}

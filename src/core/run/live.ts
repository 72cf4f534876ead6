/** A live evening: events folded into where every step stands now. */
import { valueFor, type Schedule } from '../solve';
import type { CompiledMeal, StepMeaning } from '../plan';
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
  meaning: StepMeaning;
  unit: string | null;
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
const TAPS: Partial<Record<StepMeaning['phase'], string>> = {
  seal: 'Lid is on',
  'come-up': 'Timer started',
  hold: 'It beeps',
  release: 'The pin has dropped',
  vent: 'Pressure released',
  open: 'Open',
  preheat: 'Oven is hot',
  'put-in': 'It is in',
  oven: 'Out of the oven',
  crisp: 'Brown enough',
};
/** Go on by themselves: their end is taken as planned until somebody says otherwise. */
const BY_ITSELF = new Set<StepMeaning['phase']>([
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
const STARTS_ALONE = new Set<StepMeaning['phase']>(['rest', 'soak', 'slow', 'oven', 'crisp']);

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
  const facts = factsOf(evening, schedule, counted);
  const again = new Set(counted.flatMap((e) => (e.kind === 'again' ? [e.step] : [])));
  const steps = liveSteps(evening, schedule, facts, { now, dropped, longer, again });
  return {
    steps,
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
function factsOf(
  evening: Evening,
  schedule: Schedule,
  events: readonly RunEvent[],
): Map<string, Fact> {
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
  const before = new Map<string, string[]>();
  for (const { from, to } of evening.compiled.problem.links ?? [])
    before.set(to, [...(before.get(to) ?? []), from]);
  const endOf = new Map(
    schedule.steps.map((s) => [s.id, evening.serveAt + s.end * MINUTE] as const),
  );
  const visit = (step: string, at: number): void => {
    for (const earlier of before.get(step) ?? []) {
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
    for (const earlier of clearedBy(step, evening, schedule)) {
      if (facts.get(earlier)?.end !== undefined) continue;
      set(earlier, { end: Math.min(at, endOf.get(earlier) ?? at), isEndInferred: true });
      visit(earlier, at);
    }
  }
  return facts;
}

/** Steps of stays that were planned before this one in the same pot. */
function clearedBy(stepId: string, { compiled }: Evening, schedule: Schedule): string[] {
  const { problem } = compiled;
  const blockOf = new Map(problem.steps.map((s) => [s.id, s.block]));
  const own = schedule.blocks.find((b) => b.id === blockOf.get(stepId));
  const unit = problem.units?.find((u) => u.id === own?.unit);
  if (!own || !unit || (unit.capacity ?? 1) > 1) return [];
  const before = schedule.blocks.filter(
    (b) => b.unit === own.unit && b.id !== own.id && b.start < own.start,
  );
  return problem.steps.filter((s) => before.some((b) => b.id === s.block)).map((s) => s.id);
}

function liveSteps(
  evening: Evening,
  schedule: Schedule,
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
  const { problem, meanings } = evening.compiled;
  const stepOf = new Map(problem.steps.map((s) => [s.id, s]));
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const follows = new Map(
    (problem.links ?? []).filter((l) => l.max === 0).map((l) => [l.to, l.from]),
  );
  const comesAfter = new Map<string, string[]>();
  for (const { from, to } of problem.links ?? [])
    comesAfter.set(to, [...(comesAfter.get(to) ?? []), from]);
  const at = (minute: number): number => evening.serveAt + minute * MINUTE;
  const done = new Map<string, LiveStep>();
  const endsKnown = new Set<string>();
  const order = [...meanings]
    .filter((m) => timeOf.has(m.id) && !dropped.has(m.entryId))
    .sort((a, b) => (timeOf.get(a.id)?.start ?? 0) - (timeOf.get(b.id)?.start ?? 0));
  for (const meaning of order) {
    const step = stepOf.get(meaning.id);
    const time = timeOf.get(meaning.id);
    if (!step || !time) continue;
    const unit = step.block == null ? null : (unitOf.get(step.block) ?? null);
    const expected =
      ((valueFor(step.minutes, unit ?? undefined) ?? time.end - time.start) +
        (longer.extra.get(meaning.id) ?? 0)) *
      MINUTE;
    const fact = facts.get(meaning.id);
    const previous = done.get(follows.get(meaning.id) ?? '');
    const before = (comesAfter.get(meaning.id) ?? []).map((id) => done.get(id));
    const ready = before.every((b) => b === undefined || b.status === 'done');
    const alone =
      STARTS_ALONE.has(meaning.phase) && ready && at(time.start) <= now
        ? Math.max(at(time.start), ...before.map((b) => b?.end ?? -Infinity))
        : undefined;
    const started =
      fact?.start ??
      (previous?.status === 'done' && !meaning.isHands ? previous.end : undefined) ??
      (alone !== undefined && alone <= now ? alone : undefined) ??
      (fact?.end === undefined ? undefined : Math.min(fact.end, at(time.start)));
    // What follows at once began when what was before it ended, if that was tapped.
    const isStartKnown =
      fact?.start !== undefined ||
      (started !== undefined && !meaning.isHands && endsKnown.has(follows.get(meaning.id) ?? ''));
    const isEndKnown = fact?.end !== undefined && fact.isEndInferred !== true;
    if (isEndKnown) endsKnown.add(meaning.id);
    const live = (
      status: StepStatus,
      start: number,
      end: number,
      isAssumed: boolean,
    ): LiveStep => ({
      meaning: { ...meaning, text: meaning.texts?.[unit ?? ''] ?? meaning.text },
      unit,
      status,
      start,
      end,
      isAssumed,
      isStartKnown,
      isMeasured: status === 'done' && isStartKnown && isEndKnown,
      isAgain: again.has(meaning.id) && status === 'running' && end > now,
      tap: TAPS[meaning.phase] ?? 'Done',
    });
    done.set(
      meaning.id,
      stand(live, meaning, {
        started,
        fact,
        expected,
        said: longer.said.get(meaning.id) ?? [],
        planned: at(time.start),
        now,
      }),
    );
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
  meaning: StepMeaning,
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
    if (BY_ITSELF.has(meaning.phase) && now >= end) return live('done', started, end, true);
    return live('running', started, end, false);
  }
  if (planned <= now) return live('due', planned, planned + expected, false);
  return live('ahead', planned, planned + expected, false);
}

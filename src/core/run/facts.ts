/** What is known of each step from what was tapped, and what follows from it without a tap of its own. */
import type { Operation, Phase, Plan } from '../plan';
import type { Problem } from '../solve';
import type { RunEvent } from './events';
import type { Evening } from './document';

const MINUTE = 60_000;

/** The events that count: each once, in order of time, without what was undone, at corrected moments. */
export function effective(events: readonly RunEvent[]): RunEvent[] {
  const byId = new Map(events.map((e) => [e.id, e]));
  const all = [...byId.values()];
  const undone = new Set(all.flatMap((e) => (e.kind === 'undone' ? [e.of] : [])));
  // A plan that was made for what has been taken back goes with it.
  const isVoid = (e: RunEvent): boolean =>
    undone.has(e.id) ||
    (e.kind === 'replanned' && (e.because ?? []).some((cause) => undone.has(cause)));
  const moved = new Map(
    all.flatMap((e) =>
      e.kind === 'corrected' && !undone.has(e.id) ? [[e.of, e.to] as const] : [],
    ),
  );
  return all
    .filter((e) => !isVoid(e) && e.kind !== 'undone' && e.kind !== 'corrected')
    .map((e) => ({ ...e, at: moved.get(e.id) ?? e.at }))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
}

export interface Fact {
  start?: number;
  end?: number;
  /** Taken from what came after, not tapped. */
  isEndInferred?: boolean;
}

export interface Facts {
  of: Map<string, Fact>;
  /** Stays that go on in another pot than they began in, or begin anew. */
  restarted: Set<string>;
  /** By step of theirs: minutes that it had had before, where it goes on from there. */
  had: Map<string, number>;
}

/** What was tapped; and what must have been done before it, without a tap of its own. */
export function factsOf(evening: Evening, plan: Plan, events: readonly RunEvent[]): Facts {
  const facts = new Map<string, Fact>();
  const restarted = new Map<string, number>();
  const had = new Map<string, number>();
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
    } else if (e.kind === 'lost' || e.kind === 'moved') {
      for (const stay of e.kind === 'lost' ? e.stays : [e.stay])
        if (takeOut(stay, { plan, facts, had, at: e.at, serveAt: evening.serveAt }))
          restarted.set(stay, e.at);
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
    // What was done in the pot that the food has left says nothing of the one that it is in now.
    if (at <= (restarted.get(plan.byId.get(step)?.stay ?? '') ?? -Infinity)) continue;
    // Something else is in the pot now: what was in it before is out, and the liner is clean.
    for (const earlier of clearedBy(step, plan, evening.compiled.problem)) {
      if (facts.get(earlier)?.end !== undefined) continue;
      set(earlier, { end: Math.min(at, endOf.get(earlier) ?? at), isEndInferred: true });
      visit(earlier, at);
    }
  }
  return { of: facts, restarted: new Set(restarted.keys()), had };
}

/** Its minutes count on from where it was; what only heats up begins anew. */
const COUNTS_ON = new Set<Phase>(['hold', 'oven', 'crisp', 'slow', 'simmer', 'burner']);

/**
 * Food out of the pot that it is in: what goes on there has to begin again elsewhere.
 *
 * @returns whether anything of that stay had begun and was not over
 */
function takeOut(
  stay: string,
  {
    plan,
    facts,
    had,
    at,
    serveAt,
  }: {
    plan: Plan;
    facts: Map<string, Fact>;
    had: Map<string, number>;
    at: number;
    serveAt: number;
  },
): boolean {
  const own = plan.operations.filter((o) => o.stay === stay).sort((a, b) => a.start - b.start);
  const begunAt = (o: Operation): number | null => {
    const fact = facts.get(o.id);
    if (fact?.start !== undefined) return fact.start;
    const before = o.isHands ? undefined : plan.byId.get(o.follows ?? '');
    const end = before ? endedAt(before) : null;
    if (end !== null) return end;
    return fact?.end === undefined ? null : Math.min(fact.end, serveAt + o.start * MINUTE);
  };
  const endedAt = (o: Operation): number | null => {
    const end = facts.get(o.id)?.end;
    if (end !== undefined) return end;
    const start = o.isHands ? null : begunAt(o);
    const expected = start === null ? null : start + o.minutes * MINUTE;
    return expected !== null && expected <= at ? expected : null;
  };
  const saidStart = (o: Operation): number | null => {
    const before = facts.get(o.follows ?? '');
    const said = before?.isEndInferred === false ? before.end : undefined;
    return facts.get(o.id)?.start ?? said ?? null;
  };
  const isOver = (o: Operation): boolean => facts.get(o.id)?.end !== undefined;
  const begun = own.filter((o) => begunAt(o) !== null);
  const last = begun.at(-1);
  if (!last) return false;
  const rest = own.slice(own.indexOf(last));
  if (rest.every(isOver)) return false;
  // Of one stage under a lid or in the oven, all of it: lid on, time to pressure, what it still needs.
  const again = begun.filter((o) => o.stageId === last.stageId && o.entryId === last.entryId);
  for (const o of again) {
    // Only from a moment that somebody said: a pot that fails may never have come to pressure.
    const start = COUNTS_ON.has(o.phase) ? saidStart(o) : null;
    if (start === null) continue;
    const minutes = (Math.min(at, endedAt(o) ?? at) - start) / MINUTE;
    had.set(o.id, (had.get(o.id) ?? 0) + minutes);
  }
  for (const o of again) if (!o.isHands || RESTARTS.has(o.phase) || !isOver(o)) facts.delete(o.id);
  return true;
}

/** Hands that have to be put to it once more in the other pot. */
const RESTARTS = new Set<Phase>(['seal', 'put-in', 'preheat', 'vent', 'turn']);

/** Steps of stays that were planned to be over before this one in the same pot. */
function clearedBy(stepId: string, plan: Plan, { units }: Pick<Problem, 'units'>): string[] {
  const own = plan.stays.find((s) => s.id === plan.byId.get(stepId)?.stay);
  const unit = units?.find((u) => u.id === own?.unit);
  if (!own || !unit || (unit.capacity ?? 1) > 1) return [];
  const before = new Set(
    plan.stays
      .filter((s) => s.unit === own.unit && s.id !== own.id && s.end <= own.start)
      .map((s) => s.id),
  );
  return plan.operations.filter((o) => before.has(o.stay ?? '')).map((o) => o.id);
}

/** Live evenings: started from a plan, grown by events, planned again after each. */
import { asc, desc, eq } from 'drizzle-orm';
import { z } from 'zod';
import { foldEvening, replanEvening, runEventSchema, type Evening, type RunEvent } from '$core/run';
import { failure, success, type Outcome } from '$core/reason';
import { scheduleSchema } from '$core/solve';
import type { ClockStyle } from '$core/units';
import { inWriteQueue, type Database } from './database';
import { tell } from './live-hub';
import { eveningEvents, evenings } from './schema';

const eveningSchema = z.object({
  id: z.string(),
  mealId: z.string(),
  name: z.string(),
  serveAt: z.number(),
  compiled: z.custom<Evening['compiled']>((v) => typeof v === 'object' && v !== null),
  schedule: scheduleSchema,
});

/** No event counts that claims to happen so far ahead, ms: the clock of that screen is wrong. */
const FARTHEST_AHEAD_MS = 5 * 60_000;

export async function startEvening(
  database: Database,
  evening: Evening,
  now: number,
): Promise<void> {
  await inWriteQueue(async () => {
    await database.insert(evenings).values({
      id: evening.id,
      mealId: evening.mealId,
      name: evening.name,
      serveAt: evening.serveAt,
      startedAt: now,
      document: evening,
    });
  });
}

/** The latest first. */
export async function listEvenings(
  database: Database,
): Promise<{ id: string; mealId: string; name: string; serveAt: number }[]> {
  return database
    .select({
      id: evenings.id,
      mealId: evenings.mealId,
      name: evenings.name,
      serveAt: evenings.serveAt,
    })
    .from(evenings)
    .orderBy(desc(evenings.startedAt));
}

export async function readEvening(
  database: Database,
  id: string,
): Promise<{ evening: Evening; events: RunEvent[] } | null> {
  const [row] = await database.select().from(evenings).where(eq(evenings.id, id));
  if (!row) return null;
  const rows = await database
    .select()
    .from(eveningEvents)
    .where(eq(eveningEvents.eveningId, id))
    .orderBy(asc(eveningEvents.seq));
  return {
    evening: eveningSchema.parse(row.document),
    events: rows.map((r) => runEventSchema.parse(r.document)),
  };
}

/** Events after which nothing has to be planned again. */
const QUIET = new Set<RunEvent['kind']>(['replanned', 'served']);

/**
 * Takes events over, each once, and plans the rest of the evening again.
 *
 * @returns all events of the evening that are new, the re-planning included
 */
export async function appendEvents(
  database: Database,
  eveningId: string,
  sent: readonly RunEvent[],
  now: number,
  style: ClockStyle,
): Promise<Outcome<RunEvent[]>> {
  const late = sent.find(
    (e) => Math.max(e.at, e.kind === 'corrected' ? e.to : 0) > now + FARTHEST_AHEAD_MS,
  );
  if (late)
    return failure({
      field: 'at',
      message: 'this lies in the future: the clock of this screen is ahead',
      remedy: 'set its clock, then tap again',
    });
  const added = await inWriteQueue(async () => {
    const stored = await readEvening(database, eveningId);
    if (!stored) return null;
    const known = new Set(stored.events.map((e) => e.id));
    const fresh = sent.filter((e) => !known.has(e.id));
    if (fresh.length === 0) return [];
    const events = [...stored.events, ...fresh];
    const again = fresh.every((e) => QUIET.has(e.kind) || isUndoOfPlan(e, stored.events))
      ? null
      : planAgain(stored.evening, events, now, style);
    const all = again ? [...fresh, again] : fresh;
    await database
      .insert(eveningEvents)
      .values(all.map((event) => ({ id: event.id, eveningId, document: event })))
      .onConflictDoNothing();
    return all;
  });
  if (!added)
    return failure({
      field: 'evening',
      message: 'this evening is no longer there',
      remedy: 'open Cook and choose another',
    });
  if (added.length > 0) tell(eveningId, added);
  return success(added);
}

/** Undoing a re-planning keeps what the cook was told before; nothing is planned again for it. */
function isUndoOfPlan(event: RunEvent, events: readonly RunEvent[]): boolean {
  return event.kind === 'undone' && events.some((e) => e.id === event.of && e.kind === 'replanned');
}

function planAgain(
  evening: Evening,
  events: readonly RunEvent[],
  now: number,
  style: ClockStyle,
): RunEvent | null {
  const state = foldEvening(evening, events, now);
  const again = replanEvening(evening, state, now, style);
  if (!again) return null;
  return {
    id: crypto.randomUUID(),
    at: now,
    by: 'plan',
    kind: 'replanned',
    schedule: again.schedule,
    text: again.text,
  };
}

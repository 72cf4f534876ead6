/** Live evenings: started from a plan, grown by events, planned again after each. */
import { asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { planAgain, type Teller } from '$core/replan';
import {
  effective,
  eveningNow,
  eveningSchema,
  foldEvening,
  runEventSchema,
  type Evening,
  type RunEvent,
} from '$core/run';
import { failure, success, type Outcome, type Fault } from '$core/reason';
import { inTransaction, inWriteQueue, type Database } from './database';
import { tell } from './live-hub';
import { has, meant } from './find-words';
import { readable } from './readable';
import { fillShelf, type Shelf, type ShelfWish } from './shelf';
import { eveningEvents, evenings, observations } from './schema';

/** No event counts that claims to happen so far ahead, ms: the clock of that screen is wrong. */
const FARTHEST_AHEAD_MS = 5 * 60_000;

/**
 * @param begin events that it begins with; `kitchen` where what is late already is to be planned anew
 */
export async function startEvening(
  database: Database,
  evening: Evening,
  now: number,
  begin: { first?: readonly RunEvent[]; kitchen?: Teller } = {},
): Promise<void> {
  const { kitchen, first = [] } = begin;
  // Begun after its first step was due, it is planned anew from now.
  const late =
    kitchen && !evening.practice
      ? planAgain(evening, foldEvening(evening, first, now), {
          ...{ id: `${evening.id}.late`, events: first, causes: [], now, kitchen },
        })
      : null;
  const all = late ? [...first, late] : first;
  await inWriteQueue(() =>
    inTransaction(database, async (tx) => {
      await tx.insert(evenings).values({
        id: evening.id,
        mealId: evening.mealId,
        name: evening.name,
        serveAt: evening.serveAt,
        startedAt: now,
        document: evening,
      });
      if (all.length > 0)
        await tx
          .insert(eveningEvents)
          .values(all.map((event) => ({ id: event.id, eveningId: evening.id, document: event })));
    }),
  );
}

export interface ListedEvening {
  id: string;
  mealId: string;
  name: string;
  serveAt: number;
  startedAt: number;
  isPractice: boolean;
}

/** The newest event of each of these evenings: what changes when anything of it does. */
export async function newestEvents(
  database: Database,
  ids: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map();
  const rows = await database
    .select({ id: eveningEvents.eveningId, seq: sql<number>`max(${eveningEvents.seq})` })
    .from(eveningEvents)
    .where(inArray(eveningEvents.eveningId, [...ids]))
    .groupBy(eveningEvents.eveningId);
  return new Map(rows.map(({ id, seq }) => [id, seq]));
}

const LISTED = {
  id: evenings.id,
  mealId: evenings.mealId,
  name: evenings.name,
  serveAt: evenings.serveAt,
  startedAt: evenings.startedAt,
  isPractice: sql<number>`json_extract(${evenings.document}, '$.practice') is not null`,
};

type ListedRow = Omit<ListedEvening, 'isPractice'> & { isPractice: number };
const toListed = (row: ListedRow): ListedEvening => ({ ...row, isPractice: row.isPractice === 1 });

/** The latest first. */
export async function listEvenings(database: Database): Promise<ListedEvening[]> {
  const rows = await database.select(LISTED).from(evenings).orderBy(desc(evenings.startedAt));
  return rows.map(toListed);
}

/** Evenings of these meals, the latest first. */
export async function eveningsOf(
  database: Database,
  mealIds: readonly string[],
): Promise<ListedEvening[]> {
  if (mealIds.length === 0) return [];
  const rows = await database
    .select(LISTED)
    .from(evenings)
    .where(inArray(evenings.mealId, [...mealIds]))
    .orderBy(desc(evenings.startedAt));
  return rows.map(toListed);
}

/** Evenings from which nothing was learned yet, the latest first. */
export async function unobserved(database: Database): Promise<ListedEvening[]> {
  const rows = await database
    .select(LISTED)
    .from(evenings)
    .leftJoin(observations, eq(observations.eveningId, evenings.id))
    .where(isNull(observations.eveningId))
    .orderBy(desc(evenings.startedAt));
  return rows.map(toListed);
}

/** One page of the evenings that have every word in their names, the latest first. */
export function eveningShelf(database: Database, wish: ShelfWish): Promise<Shelf<ListedEvening>> {
  const isMeant = meant(wish.find, (w) => has(evenings.name, w));
  const counts = { all: database.$count(evenings), found: database.$count(evenings, isMeant) };
  return fillShelf(wish, counts, async (skipped) => {
    const rows = await database
      .select(LISTED)
      .from(evenings)
      .where(isMeant)
      .orderBy(desc(evenings.startedAt), asc(evenings.id))
      .limit(wish.size)
      .offset(skipped);
    return rows.map(toListed);
  });
}

/** @returns the evening with its events in order, or null where there is none that can be read */
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
  const evening = readable(eveningSchema, row.document, `evening ${id}`);
  if (!evening) return null;
  return {
    evening,
    events: rows.flatMap((r) => readable(runEventSchema, r.document, `event ${r.id}`) ?? []),
  };
}

/** Events after which nothing has to be planned again. */
const QUIET = new Set<RunEvent['kind']>(['replanned', 'served', 'paced', 'paused']);

/**
 * Takes events over, each once, and plans the rest of the evening again.
 *
 * @param real ms since the epoch; the evening may run on a clock of its own
 * @returns all events of the evening that are new, the re-planning included
 */
export async function appendEvents(
  database: Database,
  eveningId: string,
  sent: readonly RunEvent[],
  real: number,
  kitchen: Teller,
): Promise<Outcome<RunEvent[]>> {
  const taken = await inWriteQueue(async (): Promise<Outcome<RunEvent[]>> => {
    const stored = await readEvening(database, eveningId);
    if (!stored) return failure(GONE);
    const now = Math.round(eveningNow(stored.events, real));
    const refused = refusal(sent, stored, now);
    if (refused) return failure(refused);
    const known = new Set(stored.events.map((e) => e.id));
    const fresh = sent
      // A plan that a screen made for itself while it was alone: the server makes its own.
      .filter((e) => !known.has(e.id) && e.kind !== 'replanned')
      .filter((e) => !isTappedAlready(e, stored.events))
      // A practice clock is set by this machine's, not by a phone's.
      .map((e) => (e.kind === 'paced' ? { ...e, at: now, real } : e));
    if (fresh.length === 0) return success([]);
    const events = [...stored.events, ...fresh];
    const again = fresh.every((e) => QUIET.has(e.kind) || isUndoOfPlan(e, stored.events))
      ? null
      : planAgain(stored.evening, foldEvening(stored.evening, events, now), {
          ...{ id: crypto.randomUUID(), events, causes: fresh, now, kitchen },
        });
    const all = again ? [...fresh, again] : fresh;
    await database
      .insert(eveningEvents)
      .values(all.map((event) => ({ id: event.id, eveningId, document: event })))
      .onConflictDoNothing();
    return success(all);
  });
  if (taken.ok && taken.value.length > 0) tell(eveningId, taken.value);
  return taken;
}

/** Two phones tap the same button at once: so far apart they are one event, ms. */
const AT_ONCE_MS = 5000;
const SAME = new Set<RunEvent['kind']>([
  'started',
  'done',
  'trouble',
  'served',
  'dropped',
  'lost',
  'moved',
]);

/** Whether somebody else has just said the same, and has not taken it back. */
function isTappedAlready(event: RunEvent, events: readonly RunEvent[]): boolean {
  if (!SAME.has(event.kind)) return false;
  const what = (e: RunEvent): string =>
    [
      e.kind,
      'step' in e ? e.step : '',
      'entry' in e ? e.entry : '',
      'unit' in e ? e.unit : '',
      'stay' in e ? e.stay : '',
      'what' in e ? e.what : '',
    ].join();
  return effective(events).some(
    (e) => e.by !== event.by && what(e) === what(event) && Math.abs(e.at - event.at) < AT_ONCE_MS,
  );
}

const GONE = {
  field: 'evening',
  message: 'this evening is no longer there',
  remedy: 'open Cook and choose another',
};

/** What this evening can't take: the future, another pace of a real clock, steps of another evening. */
function refusal(
  sent: readonly RunEvent[],
  { evening, events }: { evening: Evening; events: readonly RunEvent[] },
  now: number,
): Fault | null {
  const isAhead = (e: RunEvent): boolean =>
    e.kind !== 'paced' &&
    Math.max(e.at, e.kind === 'corrected' ? e.to : 0) > now + FARTHEST_AHEAD_MS;
  if (sent.some(isAhead))
    return {
      field: 'at',
      message: 'this lies in the future: the clock of this screen is ahead',
      remedy: 'set its clock, then tap again',
    };
  if (!evening.practice && sent.some((e) => e.kind === 'paced'))
    return {
      field: 'speed',
      message: 'this is a real evening, and its clock can’t be set',
      remedy: 'start a practice from the meal instead',
    };
  const { compiled } = foldEvening(evening, events, now);
  const steps = new Set(compiled.meanings.map((m) => m.id));
  if (sent.some((e) => 'step' in e && !steps.has(e.step)))
    return {
      field: 'step',
      message: 'this step belongs to a dish that is not in this evening',
      remedy: 'reload the page',
    };
  const fits = (stay: string, unit: string): boolean =>
    (compiled.problem.blocks ?? []).some((b) => b.id === stay && b.units.includes(unit));
  if (sent.some((e) => e.kind === 'moved' && !fits(e.stay, e.unit)))
    return {
      field: 'unit',
      message: 'this dish does not go into that pot',
      remedy: 'choose one of the pots that are offered for it',
    };
  return null;
}

/** Undoing a re-planning keeps what the cook was told before; nothing is planned again for it. */
function isUndoOfPlan(event: RunEvent, events: readonly RunEvent[]): boolean {
  return event.kind === 'undone' && events.some((e) => e.id === event.of && e.kind === 'replanned');
}

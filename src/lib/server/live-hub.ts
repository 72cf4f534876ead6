/** Screens that watch an evening: told of each new event as it is stored, by this program or another. */
import { and, asc, gt, inArray, max } from 'drizzle-orm';
import { runEventSchema, type RunEvent } from '$core/run';
import type { Database } from './database';
import { toLine } from './event-stream';
import { log } from './log';
import { readable } from './readable';
import { eveningEvents } from './schema';
import { currentTime } from './clock';

type Listener = (line: Uint8Array) => void;
const watching = new Map<string, Set<Listener>>();

/** @returns how to stop watching */
export function watch(eveningId: string, listener: Listener): () => void {
  const listeners = watching.get(eveningId) ?? new Set();
  listeners.add(listener);
  watching.set(eveningId, listeners);
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) watching.delete(eveningId);
  };
}

/** Ids that went out already, so that what is read back is not said twice. */
const told = new Set<string>();
const MOST_TOLD = 5000;

/** Tells every screen of an evening what has happened in it; each event once. */
export function tell(eveningId: string, events: readonly RunEvent[]): void {
  if (told.size > MOST_TOLD) told.clear();
  for (const { id } of events) told.add(id);
  const listeners = watching.get(eveningId);
  if (!listeners) return;
  const line = toLine({ now: currentTime(), events });
  for (const listener of listeners) listener(line);
}

/** How often it is looked what another program has stored, ms. */
const LOOK_EVERY_MS = 1000;
let looking: ReturnType<typeof setInterval> | null = null;
let lastSeq = 0;

/** Looks for events that another program on the same database has stored, as long as somebody watches. */
export async function followOthers(database: Database): Promise<void> {
  if (looking) return;
  looking = setInterval(() => void look(database), LOOK_EVERY_MS);
  looking.unref();
  const [row] = await database.select({ seq: max(eveningEvents.seq) }).from(eveningEvents);
  lastSeq = row?.seq ?? 0;
}

async function look(database: Database): Promise<void> {
  if (watching.size === 0) {
    if (looking) clearInterval(looking);
    looking = null;
    return;
  }
  try {
    const rows = await database
      .select()
      .from(eveningEvents)
      .where(
        and(gt(eveningEvents.seq, lastSeq), inArray(eveningEvents.eveningId, [...watching.keys()])),
      )
      .orderBy(asc(eveningEvents.seq));
    for (const row of rows) {
      lastSeq = Math.max(lastSeq, row.seq);
      if (told.has(row.id)) continue;
      const event = readable(runEventSchema, row.document, `event ${row.id}`);
      if (event) tell(row.eveningId, [event]);
    }
  } catch (error) {
    log.warn({ error }, 'could not look for what others stored');
  }
}

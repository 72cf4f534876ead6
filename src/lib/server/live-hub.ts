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

/** An evening as it stands, and what happens in it from then on. */
export interface Followed<T> {
  soFar: T;
  /** Hands on what has happened meanwhile, then each event as it comes. */
  goOn: (listener: Listener) => void;
  stop: () => void;
}

/**
 * Reads an evening and watches it. It is watched first: what is stored while it is read is told twice rather than
 * never, and screens take each event once.
 *
 * @param read what is so far; null where there is no such evening
 */
export async function follow<T>(
  database: Database,
  eveningId: string,
  read: () => Promise<T | null>,
): Promise<Followed<T> | null> {
  const meanwhile: Uint8Array[] = [];
  let send: Listener = (line) => meanwhile.push(line);
  const stop = watch(eveningId, (line) => send(line));
  try {
    await followOthers(database);
    const soFar = await read();
    if (soFar !== null) {
      const goOn = (listener: Listener): void => {
        meanwhile.forEach(listener);
        send = listener;
      };
      return { soFar, goOn, stop };
    }
  } catch (error) {
    stop();
    throw error;
  }
  stop();
  return null;
}

/** @returns how to stop watching */
function watch(eveningId: string, listener: Listener): () => void {
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
/** Until it is known from where on is looked. */
let beginning: Promise<void> = Promise.resolve();
let lastSeq = 0;

/** Looks for events that another program on the same database has stored, as long as somebody watches. */
async function followOthers(database: Database): Promise<void> {
  if (!looking) {
    looking = setInterval(() => void look(database), LOOK_EVERY_MS);
    looking.unref();
    beginning = startFromNow(database);
  }
  await beginning;
}

async function startFromNow(database: Database): Promise<void> {
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

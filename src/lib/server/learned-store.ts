/** What evenings have taught: observations of each, the figures from them, and the kitchen for planning. */
import { z } from 'zod';
import type { Dish } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import {
  learning,
  observe,
  priorFor,
  relabel,
  withLearned,
  type Figure,
  type Observation,
} from '$core/learn';
import { accountOf, eveningNow } from '$core/run';
import { inWriteQueue, type Database } from './database';
import { dishesById, listDishes } from './dish-store';
import { breathe, inTurns } from './breathe';
import { readEvening, unobserved } from './evening-store';
import { readKitchen } from './kitchen-store';
import { observations } from './schema';
import { changeSetting, readSetting } from './settings-store';
import { verdictsOf } from './verdict-store';

/** The setting that says since when each figure counts. */
export const SET_BACK = 'learned-since';
/** The setting that says until when a cook knows a figure not to have changed. */
const STEADY = 'learned-steady';
const sinceSchema = z.record(z.string(), z.number());

/** Reads an evening's events again and keeps what they say. @param now ms since the epoch */
export async function refreshObservations(
  database: Database,
  eveningId: string,
  now: number,
): Promise<void> {
  const kitchen = await readKitchen(database);
  const stored = await readEvening(database, eveningId);
  if (!stored) return;
  const ids = [...new Set(stored.evening.compiled.meanings.map((m) => m.dishId))];
  await observeEvening(database, stored, { kitchen, dishes: await dishesById(database, ids) }, now);
}

async function observeEvening(
  database: Database,
  { evening, events }: NonNullable<Awaited<ReturnType<typeof readEvening>>>,
  { kitchen, dishes }: { kitchen: Kitchen; dishes: ReadonlyMap<string, Dish> },
  now: number,
): Promise<void> {
  const eveningId = evening.id;
  const said = new Map((await verdictsOf(database, eveningId)).map((v) => [v.entryId, v.verdict]));
  const account = accountOf(evening, events, dishes, eveningNow(events, now));
  const document = account.isServed ? observe(evening, account, kitchen, said) : [];
  await inWriteQueue(async () => {
    await database
      .insert(observations)
      .values({ eveningId, document })
      .onConflictDoUpdate({ target: observations.eveningId, set: { document } });
  });
}

/** Evenings that were cooked before they were learned from are read once. */
async function catchUp(
  database: Database,
  now: number,
  onPart: (share: number) => Promise<void>,
): Promise<void> {
  const missing = (await unobserved(database)).filter((e) => !e.isPractice);
  if (missing.length === 0) return;
  const kitchen = await readKitchen(database);
  const dishes = new Map((await listDishes(database)).map((d) => [d.id, d]));
  for (const [i, { id }] of missing.entries()) {
    const stored = await readEvening(database, id);
    if (stored) await observeEvening(database, stored, { kitchen, dishes }, now);
    // A household file brings years of evenings: others are answered in between.
    await onPart((i + 1) / missing.length);
  }
}

/** Every page that plans asks for the figures, and evenings are rare: what was asked last, and its answer. */
let lastRead: { asked: string; figures: Promise<Figure[]> } | null = null;

/** All figures that evenings have taught so far. */
export async function readFigures(database: Database): Promise<Figure[]> {
  const [rows, kitchen, since, steady] = await Promise.all([
    database.select().from(observations),
    readKitchen(database),
    readSetBack(database),
    readSteady(database),
  ]);
  const asked = JSON.stringify([rows, kitchen.cookers, kitchen.cooks, since, steady]);
  if (lastRead?.asked !== asked) {
    const seen = rows.flatMap((r) => r.document as Observation[]);
    const figures = inTurns(learning(relabel(seen, kitchen), priorFor(kitchen), since, steady));
    lastRead = { asked, figures };
    // What failed is tried again by who asks next.
    figures.catch(() => (lastRead = null));
  }
  return lastRead.figures;
}

/** As `readFigures`, with evenings taken in that were not looked at yet. */
export async function freshFigures(
  database: Database,
  now: number,
  onPart: (share: number) => Promise<void> = breathe,
): Promise<Figure[]> {
  await catchUp(database, now, onPart);
  return readFigures(database);
}

/** The kitchen as plans are reckoned with: what evenings taught in place of labels. */
export async function planningKitchen(database: Database): Promise<Kitchen> {
  const [kitchen, figures] = await Promise.all([readKitchen(database), readFigures(database)]);
  return withLearned(kitchen, figures);
}

/**
 * Sets a figure back: only evenings from `now` on count for it; null undoes that.
 *
 * @param now ms since the epoch
 */
export async function setBack(
  database: Database,
  figure: string,
  now: number | null,
): Promise<void> {
  await changeMoment(database, SET_BACK, figure, now);
}

/** A cook says that a figure had not changed until `now`; null takes that back. @param now ms since the epoch */
export async function saySteady(
  database: Database,
  figure: string,
  now: number | null,
): Promise<void> {
  await changeMoment(database, STEADY, figure, now);
}

async function changeMoment(
  database: Database,
  setting: string,
  figure: string,
  now: number | null,
): Promise<void> {
  await changeSetting(database, setting, sinceSchema, (moments) => {
    const { [figure]: _, ...rest } = moments ?? {};
    return now === null ? rest : { ...rest, [figure]: now };
  });
}

/** Figures that were set back, with the moment. */
export async function readSetBack(database: Database): Promise<Record<string, number>> {
  return (await readSetting(database, SET_BACK, sinceSchema)) ?? {};
}

/** Figures that a cook knows not to have changed, with the moment until when. */
export async function readSteady(database: Database): Promise<Record<string, number>> {
  return (await readSetting(database, STEADY, sinceSchema)) ?? {};
}

/** Figures that were reset, with what each is about. */
export async function resetFigures(
  database: Database,
): Promise<Pick<Observation, 'figure' | 'about' | 'kind'>[]> {
  const [since, seen] = await Promise.all([readSetBack(database), allObservations(database)]);
  return Object.keys(since).flatMap((id) => {
    const found = seen.find((o) => o.figure === id);
    return found ? [{ figure: id, about: found.about, kind: found.kind }] : [];
  });
}

/** Every observation there is, for charts and files. */
export async function allObservations(database: Database): Promise<Observation[]> {
  const rows = await database.select().from(observations);
  return rows.flatMap((r) => r.document as Observation[]).sort((a, b) => a.at - b.at);
}

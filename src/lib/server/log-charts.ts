/** What the Log draws: the way up, evenings on time, and what the freezer holds. */
import { asc, eq } from 'drizzle-orm';
import { dayKey } from '$core/units';
import type { Database } from './database';
import { listEvenings } from './evening-store';
import { readKitchen } from './kitchen-store';
import { latenessOf } from './lateness';
import { allObservations } from './learned-store';
import { storeItems, storeMoves } from './schema';

/** As many evenings as one still sees in a drawing. */
const MOST_EVENINGS = 40;

export interface LogCharts {
  /** Every pot that is drawn, those of the kitchen first and in its order: each keeps its place, and its colour. */
  cookers: string[];
  comeUps: { cooker: string; planned: number; real: number; kg: number | null; evening: string }[];
  evenings: { day: string; name: string; late: number }[];
  /** Portions in the freezer at the end of each month, `2026-11`. */
  freezer: { month: string; portions: number }[];
}

/** @param now ms since the epoch */
export async function logCharts(database: Database, now: number): Promise<LogCharts> {
  const [kitchen, seen, listed, moves] = await Promise.all([
    readKitchen(database),
    allObservations(database),
    listEvenings(database),
    database
      .select({ at: storeMoves.at, what: storeMoves.what, portions: storeMoves.portions })
      .from(storeMoves)
      .innerJoin(storeItems, eq(storeItems.id, storeMoves.itemId))
      .where(eq(storeItems.place, 'freezer'))
      .orderBy(asc(storeMoves.at)),
  ]);
  const shown = listed
    .filter((e) => !e.isPractice)
    .slice(0, MOST_EVENINGS)
    .toReversed();
  const late = await latenessOf(
    database,
    shown.map((e) => e.id),
    now,
  );
  const evenings = shown.flatMap(({ id, name, serveAt }) => {
    const own = late.get(id) ?? null;
    return own === null ? [] : [{ day: dayKey(serveAt, kitchen.zone), name, late: own }];
  });
  const comeUps = seen
    .filter((o) => o.kind === 'power')
    .map((o) => ({
      cooker: o.about,
      planned: o.planned,
      real: o.real,
      kg: o.kg ?? null,
      evening: o.eveningName,
    }));
  const drawn = new Set(comeUps.map((c) => c.cooker));
  const known = kitchen.cookers.map((c) => c.name);
  return {
    cookers: [...new Set([...known, ...[...drawn].sort()])],
    comeUps,
    evenings,
    freezer: byMonth(moves, now, kitchen.zone),
  };
}

/** What was held at each month's end, up to now; a month in which nothing moved holds what the last did. */
function byMonth(
  moves: readonly { at: number; what: string; portions: number }[],
  now: number,
  zone: string,
): LogCharts['freezer'] {
  const monthOf = (at: number): string => dayKey(at, zone).slice(0, 7);
  const [first] = moves;
  if (!first) return [];
  const months: LogCharts['freezer'] = [];
  let portions = 0;
  let next = 0;
  for (let month = monthOf(first.at); month <= monthOf(now); month = monthAfter(month)) {
    for (let move = moves[next]; move && monthOf(move.at) <= month; move = moves[++next])
      portions += portionsIn(move);
    months.push({ month, portions: Math.max(0, portions) });
  }
  return months;
}

function portionsIn({ what, portions }: { what: string; portions: number }): number {
  if (what === 'in') return portions;
  return what === 'moved' ? 0 : -portions;
}

function monthAfter(month: string): string {
  const [year = 0, number = 1] = month.split('-').map(Number);
  return new Date(Date.UTC(year, number, 1)).toISOString().slice(0, 7);
}

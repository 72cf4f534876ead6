/** What the Log draws: the way up, evenings on time, and what the freezer holds. */
import { asc, eq } from 'drizzle-orm';
import { accountOf, eveningNow } from '$core/run';
import type { Database } from './database';
import { listEvenings, readEvening } from './evening-store';
import { allObservations } from './learned-store';
import { storeItems, storeMoves } from './schema';

/** As many evenings as one still sees in a drawing. */
const MOST_EVENINGS = 40;

export interface LogCharts {
  comeUps: { cooker: string; planned: number; real: number; kg: number | null; evening: string }[];
  evenings: { day: string; name: string; late: number }[];
  /** Portions in the freezer at the end of each month, `2026-11`. */
  freezer: { month: string; portions: number }[];
}

/** @param now ms since the epoch */
export async function logCharts(database: Database, now: number): Promise<LogCharts> {
  const [seen, listed, moves] = await Promise.all([
    allObservations(database),
    listEvenings(database),
    database
      .select({ at: storeMoves.at, what: storeMoves.what, portions: storeMoves.portions })
      .from(storeMoves)
      .innerJoin(storeItems, eq(storeItems.id, storeMoves.itemId))
      .where(eq(storeItems.place, 'freezer'))
      .orderBy(asc(storeMoves.at)),
  ]);
  const evenings: LogCharts['evenings'] = [];
  for (const { id, name, serveAt } of listed
    .filter((e) => !e.isPractice)
    .slice(0, MOST_EVENINGS)
    .toReversed()) {
    const stored = await readEvening(database, id);
    if (!stored) continue;
    const { evening, events } = stored;
    const account = accountOf(evening, events, new Map(), eveningNow(events, now));
    if (account.isServed && account.late !== null)
      evenings.push({
        day: new Date(serveAt).toISOString().slice(0, 10),
        name,
        late: account.late,
      });
  }
  return {
    comeUps: seen
      .filter((o) => o.kind === 'power')
      .map((o) => ({
        cooker: o.about,
        planned: o.planned,
        real: o.real,
        kg: o.kg ?? null,
        evening: o.eveningName,
      })),
    evenings,
    freezer: byMonth(moves),
  };
}

function byMonth(
  moves: readonly { at: number; what: string; portions: number }[],
): LogCharts['freezer'] {
  let portions = 0;
  const months = new Map<string, number>();
  for (const move of moves) {
    if (move.what === 'in') portions += move.portions;
    else if (move.what !== 'moved') portions -= move.portions;
    months.set(new Date(move.at).toISOString().slice(0, 7), Math.max(0, portions));
  }
  return [...months].map(([month, held]) => ({ month, portions: held }));
}

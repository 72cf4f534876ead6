/**
 * Requests take turns. The database answers within the call, so that a page is made in one go; with many
 * readers at once the loop would make page after page and hear of a change only when all of them are served.
 * In each round of the loop begin all that come from a live evening, then some changes, then one page.
 */
export type Kind = 'live' | 'change' | 'page';

/** Of a round: what waits behind a crowd of readers is worked off, and the crowd goes on meanwhile. */
const A_ROUND: Record<Kind, number> = { live: Infinity, change: 4, page: 1 };
const KINDS = ['live', 'change', 'page'] as const;

const waiting: Record<Kind, (() => void)[]> = { live: [], change: [], page: [] };
let isRunning = false;

function round(): void {
  for (const kind of KINDS) for (const begin of waiting[kind].splice(0, A_ROUND[kind])) begin();
  isRunning = KINDS.some((kind) => waiting[kind].length > 0);
  if (isRunning) setImmediate(round);
}

/** Of what may change something: a tap of somebody who cooks waits for nobody, a change for others who change. */
export const changeAt = (path: string): Kind =>
  path.startsWith('/api/evenings/') ? 'live' : 'change';

/** Resolves when it is this request's turn. */
export function turn(kind: Kind): Promise<void> {
  return new Promise((resolve) => {
    waiting[kind].push(resolve);
    if (isRunning) return;
    isRunning = true;
    setImmediate(round);
  });
}

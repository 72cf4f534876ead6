/** What a change of a meal moved: said in one line, so that nobody has to compare two plans by eye. */
import type { Kitchen } from '../kitchen';
import type { Operation, Plan, Totals } from '../plan';
import { formatTime } from '../units';

/** A plan with the moment that its minutes are counted from. */
export interface Shown {
  plan: Plan;
  totals: Pick<Totals, 'firstStart' | 'ready'>;
  /** ms since the epoch. */
  serveAt: number;
}

type Places = Pick<Kitchen, 'zone' | 'hours' | 'cookers'>;

const MINUTE = 60_000;
/** Dishes that are named; more are counted. */
const MOST_NAMED = 2;

/**
 * @returns '' where nothing moved that was there before
 * @example whatMoved(before, after, kitchen) // 'Start 15:10, was 15:30; Beetroot in the Middle, was in the Small'
 */
export function whatMoved(before: Shown, after: Shown, kitchen: Places): string {
  const clock = (shown: Shown, minute: number): string =>
    formatTime(shown.serveAt + minute * MINUTE, kitchen);
  const parts: string[] = [];
  for (const [word, key] of [
    ['Start', 'firstStart'],
    ['ready', 'ready'],
  ] as const) {
    const [was, is] = [clock(before, before.totals[key]), clock(after, after.totals[key])];
    if (was !== is) parts.push(`${word} ${is}, was ${was}`);
  }
  parts.push(...otherPots(before.plan, after.plan, kitchen));
  const moved = countMoved(before, after);
  if (moved > 0) parts.push(moved === 1 ? '1 step moved' : `${moved} steps moved`);
  const text = parts.join('; ');
  return text === '' ? '' : text.charAt(0).toUpperCase() + text.slice(1);
}

/** Dishes that are now cooked in another pot. */
function otherPots(before: Plan, after: Plan, { cookers }: Places): string[] {
  const nameOf = new Map(cookers.map((c) => [c.id, c.name]));
  const changed = new Map<string, string>();
  for (const o of after.operations) {
    const was = before.byId.get(o.id)?.unit;
    if (o.unit === null || was == null || was === o.unit || changed.has(o.entryId)) continue;
    const [to, from] = [nameOf.get(o.unit), nameOf.get(was)];
    if (to && from) changed.set(o.entryId, `${o.wholeName} in the ${to}, was in the ${from}`);
  }
  const said = [...changed.values()];
  const rest = said.length - MOST_NAMED;
  return rest > 0 ? [...said.slice(0, MOST_NAMED), `${rest} more in other pots`] : said;
}

/** Work of the cook that begins at another moment. */
function countMoved(before: Shown, after: Shown): number {
  const at = (shown: Shown, o: Operation): number => shown.serveAt + o.start * MINUTE;
  return after.plan.operations.filter((o) => {
    const was = before.plan.byId.get(o.id);
    return o.isHands && !o.isAside && was && at(before, was) !== at(after, o);
  }).length;
}

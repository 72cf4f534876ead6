/** What a drawing of the Log shows, said above it: what is seen, where there is enough to see it. */
import { count, inWords } from './grammar';

export interface ComeUp {
  cooker: string;
  /** min */
  planned: number;
  real: number;
  /** What was in the pot, kg; null where that is unknown. */
  kg: number | null;
}

/** Fewer cycles of a pot say nothing of it. */
const ENOUGH = 3;
/** A share of the planned time that taps alone explain. */
const SAME = 0.1;
/** On time, as a cook means it, min. */
const ON_TIME = 5;
const LAST_EVENINGS = 6;

function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? 0) + (sorted[Math.ceil(at)] ?? 0)) / 2;
}

/** Pots with enough cycles, in the order in which they come. */
function potsOf(comeUps: readonly ComeUp[]): { name: string; own: ComeUp[] }[] {
  return [...new Set(comeUps.map((c) => c.cooker))]
    .map((name) => ({ name, own: comeUps.filter((c) => c.cooker === name && c.planned > 0) }))
    .filter(({ own }) => own.length >= ENOUGH);
}

/** @example sayComeUps(…) // 'Large takes 20 % longer to come to pressure than planned' */
export function sayComeUps(comeUps: readonly ComeUp[]): string {
  const pots = potsOf(comeUps).map(({ name, own }) => ({
    name,
    off: median(own.map((c) => c.real / c.planned)) - 1,
  }));
  if (pots.length === 0) return 'Time to pressure, planned and real: too few cycles to say more';
  const [most] = pots.toSorted((a, b) => Math.abs(b.off) - Math.abs(a.off));
  if (!most || Math.abs(most.off) < SAME)
    return `${inWords(pots.map((p) => p.name))} ${pots.length === 1 ? 'comes' : 'come'} to pressure about as planned`;
  const share = `${Math.round(Math.abs(most.off) * 100)} %`;
  return most.off > 0
    ? `${most.name} takes ${share} longer to come to pressure than planned`
    : `${most.name} comes to pressure ${share} sooner than planned`;
}

/** Whether fuller pots are slower, pot by pot: more pairs of cycles say so than say the opposite. */
export function sayFilling(comeUps: readonly ComeUp[]): string {
  const title = 'Time to pressure by what is in the pot';
  let more = 0;
  let less = 0;
  for (const { own } of potsOf(comeUps.filter((c) => c.kg !== null)))
    for (const [i, a] of own.entries())
      for (const b of own.slice(i + 1)) {
        const way = ((a.kg ?? 0) - (b.kg ?? 0)) * (a.real - b.real);
        if (way > 0) more++;
        else if (way < 0) less++;
      }
  return more >= ENOUGH && more > 2 * less ? `${title}: fuller is slower` : title;
}

/** @param late minutes after the wanted time, the oldest evening first; early is under 0 */
export function sayLateness(late: readonly number[]): string {
  const last = late.slice(-LAST_EVENINGS);
  const title = 'On time, evening by evening';
  if (last.length < ENOUGH) return title;
  const of = `the last ${count(last.length, 'evening')}`;
  const middle = Math.round(median(last));
  if (last.every((l) => Math.abs(l) <= ON_TIME)) return `${title}: ${of} within ${ON_TIME} min`;
  if (Math.abs(middle) <= 1) return `${title}: half of ${of} to the minute or so`;
  return `${title}: half of ${of} ${Math.abs(middle)} min ${middle > 0 ? 'late' : 'early'} or more`;
}

/** @param held portions at the end of each month, the last being this one */
export function sayHeld(held: readonly number[]): string {
  const now = held.at(-1);
  return now === undefined
    ? 'Portions in the freezer, month by month'
    : `${count(now, 'portion')} in the freezer now; before, at the end of each month`;
}

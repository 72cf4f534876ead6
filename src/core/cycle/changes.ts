/** What changes with the servings, and why, for every line that is not plain proportion. */
import { scaleDish, type Dish, type ScaledDish } from '../dish';
import type { Cooker, Kitchen } from '../kitchen';
import { formatMinutes, formatQuantity } from '../units';
import { askCooker, bestSupplied, holds, lacksWater, type CookerOffer } from './ask-cooker';
import { findStays, type Stay } from './stays';

export interface Change {
  what: string;
  before: string;
  after: string;
  because: string;
}

export interface Capacity {
  cooker: string;
  /** The most servings that it takes at once; 0 where it takes none. */
  most: number;
  /** Runs that the wanted servings need in it, at most `MOST_RUNS`; null where that is not enough. */
  runs: number | null;
}

const MOST_RUNS = 4;
const MOST_SERVINGS = 200;

const staysIn = (scaled: ScaledDish): Stay[] =>
  findStays(scaled.dish).filter((stay) => stay.place === 'cooker');

/** Whether a cooker has the room, the levels and the modes for every stay of the dish. */
function isHeld(scaled: ScaledDish, kitchen: Kitchen, cooker: Cooker): boolean {
  return staysIn(scaled).every((stay) => holds(scaled, stay.stages, cooker, kitchen));
}

/** Every stay of the dish fits a cooker as it stands, and can be brought to pressure in it. */
function fits(scaled: ScaledDish, kitchen: Kitchen, cooker: Cooker): boolean {
  return (
    isHeld(scaled, kitchen, cooker) &&
    staysIn(scaled).every(
      (stay) => askCooker(scaled, stay.stages, cooker, kitchen).refusals.length === 0,
    )
  );
}

/** The most servings that `takes` says yes to, from some that it does. */
function mostThat(takes: (servings: number) => boolean, from: number): number {
  let low = from;
  let high = MOST_SERVINGS + 1;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (takes(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** Whether some cooker takes so many servings as they are: not too full, and with liquid enough. */
export function fitsSome(dish: Dish, servings: number, kitchen: Kitchen): boolean {
  const scaled = scaleDish(dish, servings);
  return kitchen.cookers.some((c) => fits(scaled, kitchen, c));
}

/** What was worked out, by kitchen, dish and servings: fixes ask for the same again and again. */
const rooms = new WeakMap<Kitchen, WeakMap<Dish, Map<number, readonly Capacity[]>>>();

/** How much each cooker takes, and in how many runs it takes what is wanted. */
export function roomFor(dish: Dish, servings: number, kitchen: Kitchen): readonly Capacity[] {
  const ofKitchen = rooms.get(kitchen) ?? new WeakMap<Dish, Map<number, readonly Capacity[]>>();
  rooms.set(kitchen, ofKitchen);
  const ofDish = ofKitchen.get(dish) ?? new Map<number, readonly Capacity[]>();
  ofKitchen.set(dish, ofDish);
  const known = ofDish.get(servings) ?? roomNow(dish, servings, kitchen);
  ofDish.set(servings, known);
  return known;
}

function roomNow(dish: Dish, servings: number, kitchen: Kitchen): Capacity[] {
  if (!dish.stages.some((s) => s.kind === 'pressure')) return [];
  return kitchen.cookers.map((cooker) => {
    const takes = (n: number): boolean => fits(scaleDish(dish, n), kitchen, cooker);
    // From below it may be too little liquid that keeps a pot from taking it: look upwards first.
    const least = [1, 2, 3, 4, 6, 8, 12].find((n) => takes(n)) ?? 0;
    if (least === 0) return { cooker: cooker.name, most: 0, runs: null };
    // What it holds nearly always decides, and is asked in no time; the way up seldom refuses more.
    const room = mostThat((n) => isHeld(scaleDish(dish, n), kitchen, cooker), least);
    const most = takes(room) ? room : mostThat(takes, least);
    const runs = Array.from({ length: MOST_RUNS }, (_, i) => i + 1).find((n) =>
      takes(servings / n),
    );
    return { cooker: cooker.name, most, runs: runs ?? null };
  });
}

/** The fewest even runs in which a cooker takes the servings; 1 where one run does, or no number of them. */
export function fewestRuns(dish: Dish, servings: number, kitchen: Kitchen): number {
  const runs = roomFor(dish, servings, kitchen).flatMap((r) => r.runs ?? []);
  return runs.length > 0 ? Math.min(...runs) : 1;
}

/** The first cooker that takes each stay, else the first that could be timed. */
function chosen(scaled: ScaledDish, kitchen: Kitchen): (CookerOffer | undefined)[] {
  return staysIn(scaled).map((stay) => {
    const offers = kitchen.cookers.map((c) => askCooker(scaled, stay.stages, c, kitchen));
    const willing = offers.filter((o) => o.refusals.length === 0);
    return bestSupplied(willing)[0] ?? offers.find((o) => o.cycles.size > 0);
  });
}

/** Why another cooker: the old one refuses what is wanted now, or the new one what was wanted before. */
function whyMoved(
  was: CookerOffer,
  now: CookerOffer,
  [before, after]: readonly [ScaledDish, ScaledDish],
  at: number,
  kitchen: Kitchen,
): string {
  const ask = (scaled: ScaledDish, offer: CookerOffer): string | undefined => {
    const stay = staysIn(scaled)[at];
    const asked = stay && askCooker(scaled, stay.stages, offer.cooker, kitchen);
    return asked && (asked.refusals[0]?.message ?? lacksWater(asked) ?? undefined);
  };
  const old = ask(after, was);
  if (old) return `${was.cooker.name} now: ${old}`;
  const own = ask(before, now);
  return own ? `${now.cooker.name} before: ${own}` : 'either takes it';
}

/**
 * Compares a dish at `servings` with itself as it is written.
 *
 * @returns nothing where nothing but plain proportion changes
 */
export function changesAt(dish: Dish, servings: number, kitchen: Kitchen): Change[] {
  const [before, after] = [scaleDish(dish, dish.servings), scaleDish(dish, servings)];
  if (before.factor === after.factor) return [];
  const changes: Change[] = after.ingredients.flatMap((i, at) => {
    const was = before.ingredients[at]?.quantity;
    if (!i.because || !i.quantity || !was) return [];
    return [
      {
        what: i.ingredient.food,
        before: formatQuantity(was, kitchen.system),
        after: formatQuantity(i.quantity, kitchen.system),
        because: i.because,
      },
    ];
  });
  const [then, now] = [chosen(before, kitchen), chosen(after, kitchen)];
  now.forEach((offer, at) => {
    const was = then[at];
    if (!offer || !was) return;
    if (offer.cooker.id !== was.cooker.id)
      changes.push({
        what: 'cooker',
        before: was.cooker.name,
        after: offer.cooker.name,
        because: whyMoved(was, offer, [before, after], at, kitchen),
      });
    for (const [id, cycle] of offer.cycles) {
      const old = was.cycles.get(id);
      if (!old) continue;
      const row = (what: string, from: number, to: number, because: string): void => {
        if (from !== to)
          changes.push({ what, before: formatMinutes(from), after: formatMinutes(to), because });
      };
      row('time to pressure', old.comeUp, cycle.comeUp, cycle.because.comeUp[0] ?? '');
      row('pressure time', old.hold, cycle.hold, cycle.because.hold[0] ?? '');
      row('release', old.release, cycle.release, cycle.because.release[0] ?? '');
    }
    for (const [id, { minutes, batches }] of offer.browning) {
      const old = was.browning.get(id);
      if (old && old.minutes !== minutes)
        changes.push({
          what: 'browning',
          before: formatMinutes(old.minutes),
          after: formatMinutes(minutes),
          because: `${batches} ${batches === 1 ? 'round' : 'rounds'} on the bottom of the ${offer.cooker.name}, not crowded (common practice)`,
        });
    }
  });
  if (changes.length > 0)
    changes.push({
      what: 'pressure time of robust food',
      before: 'as written',
      after: 'as written',
      because: 'pressure time follows thickness, not quantity (common practice)',
    });
  return changes;
}

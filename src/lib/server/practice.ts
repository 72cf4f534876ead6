/** Practice evenings: made from a plan, and kept going by a loop that plays the pots and, if asked, the hands. */
import { createHash } from 'node:crypto';
import type { Kitchen } from '$core/kitchen';
import type { Meal } from '$core/meal';
import { compileMeal, totalsOf } from '$core/plan';
import { failure, success, type Outcome } from '$core/reason';
import {
  eveningNow,
  eventsFrom,
  foldEvening,
  handTaps,
  hiddenKitchen,
  readPot,
  seeded,
  speedOf,
  truthOf,
  type Evening,
  type LinkReading,
  type Mishap,
  type Reading,
  type RunEvent,
} from '$core/run';
import type { Dish } from '$core/dish';
import type { Database } from './database';
import { appendEvents, readEvening, startEvening } from './evening-store';
import { readKitchen } from './kitchen-store';
import { log } from './log';
import type { MealPlan } from './meal-plan';
import { currentTime } from './clock';

/** How often the loop looks, ms of real time. */
const TICK_MS = 400;
/** The evening begins so long before the first step, min. */
const SETTLE_MIN = 2;
const MINUTE = 60_000;

export interface PracticeWish {
  speed: number;
  mishaps: readonly Mishap[];
  isByItself: boolean;
  seed: number;
}

/**
 * A practice evening of a plan: cookers that differ from what is known of them, and one mishap of each
 * kind that was chosen, in a cycle of its own.
 */
export function makePractice(
  { meal: written, kitchen, compiled, schedule, serveAt }: MealPlan,
  dishes: ReadonlyMap<string, Dish>,
  wish: PracticeWish,
): Outcome<Evening> {
  const random = seeded(wish.seed);
  // What the plan settled is cooked as it was settled.
  const meal = { ...written, entries: compiled.settled ?? written.entries };
  const truth = hiddenTruth(meal, kitchen, dishes, wish, random);
  if (!truth)
    return failure({
      field: 'meal',
      message: 'this meal can’t be planned any more as it is',
      remedy: 'open it and look at what it says',
    });
  const { mishaps } = wish;
  const cycles = Object.keys(truth);
  for (const mishap of mishaps) {
    const free = cycles.filter((c) => truth[c]?.mishap === null);
    const chosen = free[Math.floor(random() * free.length)];
    if (!chosen) break;
    const harder = hiddenTruth(meal, kitchen, dishes, wish, seeded(wish.seed), mishap);
    const own = harder?.[chosen] ?? truth[chosen];
    if (own) truth[chosen] = { ...own, mishap };
  }
  return success({
    id: crypto.randomUUID(),
    mealId: meal.id,
    name: `${meal.name}, practice`,
    serveAt,
    compiled,
    schedule,
    practice: {
      truth,
      isByItself: wish.isByItself,
      pace: 0.85 + 0.4 * random(),
      seed: wish.seed,
    },
  });
}

function hiddenTruth(
  meal: Meal,
  kitchen: Kitchen,
  dishes: ReadonlyMap<string, Dish>,
  wish: PracticeWish,
  random: () => number,
  mishap: Mishap | null = null,
): ReturnType<typeof truthOf> | null {
  const hidden = hiddenKitchen(kitchen, random, mishap);
  // Long before, so that a meal of last week can be practised too.
  const compiled = compileMeal(meal, dishes, hidden, Date.parse(meal.serveAt) - 3 * 86_400_000);
  return compiled.ok ? truthOf(compiled.value) : null;
}

/** Starts the evening and its loop. */
export async function startPractice(
  store: Database,
  evening: Evening,
  speed: number,
): Promise<void> {
  const { firstStart } = totalsOf(evening.compiled.problem, evening.schedule);
  const real = currentTime();
  const at = evening.serveAt + (firstStart - SETTLE_MIN) * MINUTE;
  const first: RunEvent = {
    id: `${evening.id}.clock`,
    at,
    by: 'practice',
    kind: 'paced',
    speed,
    real,
  };
  await startEvening(store, evening, real, { first: [first] });
  keepGoing(store, evening.id);
}

const running = new Map<string, ReturnType<typeof setInterval>>();

/** Keeps a practice evening going; does nothing where it goes on already. After a restart, a look at it is enough. */
export function keepGoing(store: Database, eveningId: string): void {
  if (running.has(eveningId)) return;
  let isBusy = false;
  const timer = setInterval(() => {
    if (isBusy) return;
    isBusy = true;
    void step(store, eveningId)
      .then((goesOn) => {
        if (!goesOn) stop(eveningId);
      })
      .catch((error: unknown) => {
        log.error({ error }, 'a practice evening stopped');
        stop(eveningId);
      })
      .finally(() => (isBusy = false));
  }, TICK_MS);
  timer.unref();
  running.set(eveningId, timer);
}

function stop(eveningId: string): void {
  clearInterval(running.get(eveningId));
  running.delete(eveningId);
}

/** One look at every pot. @returns whether the evening goes on */
async function step(store: Database, eveningId: string): Promise<boolean> {
  const stored = await readEvening(store, eveningId);
  const practice = stored?.evening.practice;
  if (!stored || !practice) return false;
  const { evening, events } = stored;
  if (speedOf(events) === 0) return true;
  const now = Math.round(eveningNow(events, currentTime()));
  const state = foldEvening(evening, events, now);
  if (state.isServed) return false;
  const units = new Set(state.steps.flatMap(({ operation: { unit } }) => unit ?? []));
  const fromPots = [...units].flatMap((unit) => {
    const reading = readPot(practice, state, events, unit, now);
    return reading ? eventsFrom(reading, state) : [];
  });
  const fromHands = practice.isByItself ? handTaps(practice, state, now) : [];
  const all = named(eveningId, [...fromPots, ...fromHands]);
  if (all.length > 0) {
    const kitchen = await readKitchen(store);
    await appendEvents(store, eveningId, all, currentTime(), kitchen);
  }
  return true;
}

/** Ids that are the evening's own, as long as any. */
function named<E extends RunEvent>(eveningId: string, events: readonly E[]): E[] {
  return events.map((event) => ({
    ...event,
    id: createHash('sha256').update(`${eveningId} ${event.id}`).digest('hex').slice(0, 40),
  }));
}

/** Readings of a real cooker, as events of its evening. */
export async function takeReadings(
  store: Database,
  eveningId: string,
  readings: readonly LinkReading[],
): Promise<Outcome<RunEvent[]>> {
  const stored = await readEvening(store, eveningId);
  if (!stored)
    return failure({
      field: 'evening',
      message: 'this evening is no longer there',
      remedy: 'open Cook and choose another',
    });
  const now = eveningNow(stored.events, currentTime());
  const state = foldEvening(stored.evening, stored.events, now);
  const events = named(
    eveningId,
    readings.flatMap((reading) => eventsFrom(reading, state)),
  );
  if (events.length === 0) return success([]);
  return appendEvents(store, eveningId, events, currentTime(), await readKitchen(store));
}

/** What a virtual cooker shows now; null where there is none under its lid. */
export async function virtualReading(
  store: Database,
  eveningId: string,
  unit: string,
): Promise<Reading | null> {
  const stored = await readEvening(store, eveningId);
  const practice = stored?.evening.practice;
  if (!stored || !practice) return null;
  const now = Math.round(eveningNow(stored.events, currentTime()));
  const state = foldEvening(stored.evening, stored.events, now);
  return readPot(practice, state, stored.events, unit, now);
}

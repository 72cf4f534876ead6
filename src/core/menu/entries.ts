/** What a meal's entries come to: releases chosen, two dishes of a stack as one. */
import { fault } from '../words';
import { LONGEST_PRESSURE_MIN } from '../facts';
import { byWeightTimes, dishKey, refOf, type Dish, type Stage } from '../dish';
import type { Kitchen } from '../kitchen';
import { boxesOf, changedEntry, daysOf, runId, type Meal, type MealEntry } from '../meal';
import { finding, type Edit, type Finding, type Fault } from '../reason';
import { dayKey } from '../units';
import { bagLater } from './bag-later';
import { servingsInBag } from './bag-size';
import { batchDish, runsFor } from './batch';
import { atLevel } from './choices';
import { fewestRuns, stackDishes, recutOf, withRecut, type Recut } from '../cycle';
import { freezerNotes } from './bag-sheet';
import { BOXES, intoBoxes } from './boxes';
import { lunchFindings } from './lunch-boxes';
import { altitudeNotes, atAltitude, partCookedNotes, tinNotes, unknownNotes } from './dish-notes';
import { inStageRuns } from './stage-runs';
import type { EffectiveEntry } from './types';

/** The entries as they are cooked; those that can't be read are faults. */
export function effectiveEntries(
  meal: Meal,
  dishes: ReadonlyMap<string, Dish>,
  kitchen: Kitchen,
): { entries: EffectiveEntry[]; notes: Finding[]; faults: Fault[] } {
  const faults: Fault[] = [];
  const notes: Finding[] = [];
  const isAlone = meal.entries.filter((e) => e.what.bags?.state === 'cooked').length === 1;
  const entries = meal.entries.flatMap((entry): EffectiveEntry[] => {
    const dish = dishes.get(dishKey(entry.what.dish));
    if (!dish) {
      faults.push({
        ...fault(`entries.${entry.id}`, 'dish-gone', {}),
        entry: entry.id,
      });
      return [];
    }
    const servings = servingsOf(entry, meal, dish);
    const late = pastItsDay(entry, dish, dayKey(Date.parse(meal.serveAt), meal.zone));
    if (late) notes.push(late);
    const taught = withTaughtHolds(dish, kitchen);
    notes.push(...taughtNotes(entry, dish, taught));
    notes.push(...unknownNotes(entry, dish), ...partCookedNotes(entry, dish));
    notes.push(...tinNotes(entry, dish, servings));
    const high = atAltitude(taught, kitchen);
    const levelled = withRelease(
      entry.what.level === null ? high : atLevel(high, entry.what.level, kitchen.altitudeM),
      entry,
    );
    const recut = entry.what.smaller ? recutOf(levelled, kitchen) : null;
    if (entry.what.smaller) notes.push(cutNote(entry, dish, recut));
    const whole = recut ? withRecut(levelled, recut) : levelled;
    const runs = entry.what.inRuns && !entry.what.bags ? fewestRuns(whole, servings, kitchen) : 1;
    if (runs > 1)
      notes.push(finding('in-runs', 'info', entry.id, { dish: dish.name, servings, runs }));
    const released = inStageRuns(whole, runs);
    if (entry.what.bags)
      return inRuns({ entry, dish: released, servings, dishIds: [dish.id] }, kitchen, isAlone);
    return [{ entry, dish: released, servings, dishIds: [dish.id] }];
  });
  const frozen = meal.entries.flatMap((e) => {
    const dish = dishes.get(dishKey(e.what.dish));
    return e.what.bags && dish
      ? [
          {
            dish,
            servings: servingsInBag(e, meal, dish),
            copies: e.what.bags.copies - e.what.bags.inFridge,
            state: e.what.bags.state,
          },
        ]
      : [];
  });
  const cooked = stacked(entries, kitchen, notes);
  return {
    entries: boxed(cooked, meal, kitchen),
    notes: [
      ...notes,
      ...altitudeNotes(
        meal.entries.flatMap((e) => dishes.get(dishKey(e.what.dish)) ?? []),
        kitchen,
      ),
      ...kept(entries),
      ...overStock(entries),
      ...freezerNotes(frozen, kitchen),
      ...laterNotes(meal, dishes, kitchen),
      ...lunchFindings(meal, dishes, dayKey(Date.parse(meal.serveAt), meal.zone), kitchen),
    ],
    faults,
  };
}

/** For how many it is cooked; of what is packed, how much goes into one bag. */
export function servingsOf(entry: MealEntry, meal: Meal, dish: Dish): number {
  if (entry.what.bags) return servingsInBag(entry, meal, dish);
  const { servings, keep } = entry.forWhom;
  const usual = meal.lunches
    ? meal.lunches.people.length * daysOf(meal.lunches, entry.id).length
    : (meal.boxes ?? meal.servings);
  return (servings ?? Math.max(1, usual)) + (keep?.portions ?? 0);
}

/** What goes into no bags of its own goes into the boxes of the day. */
function boxed(entries: readonly EffectiveEntry[], meal: Meal, kitchen: Kitchen): EffectiveEntry[] {
  const isPart = (e: EffectiveEntry): boolean => e.entry.what.bags === null && e.entry.id !== BOXES;
  const parts = entries.filter(isPart);
  const boxes = boxesOf(meal);
  if (boxes === null || parts.length === 0) return [...entries];
  return [...entries.filter((e) => !isPart(e)), ...intoBoxes(parts, boxes, meal, kitchen)];
}

/** Bags of one dish, in as many runs as the pots ask for. */
function inRuns(one: EffectiveEntry, kitchen: Kitchen, isAlone: boolean): EffectiveEntry[] {
  const { entry, dish, servings } = one;
  if (!entry.what.bags) return [one];
  const { copies, inFridge, ...bags } = entry.what.bags;
  const runs = bags.state === 'raw' ? [copies] : runsFor(dish, servings, copies, kitchen, isAlone);
  return runs.map((own, i) => ({
    ...one,
    entry:
      i === 0
        ? entry
        : { ...changedEntry(entry, { when: { pins: {} } }), id: runId(entry.id, i + 1) },
    // Said once, where the last of them are packed.
    dish: batchDish(
      dish,
      { ...bags, copies: own, inFridge: i === runs.length - 1 ? inFridge : 0 },
      servings,
    ),
    servings: servings * own,
  }));
}

/** Minutes under pressure as evenings have taught: longer where the dish was opened and was not done. */
function withTaughtHolds(dish: Dish, kitchen: Kitchen): Dish {
  return {
    ...dish,
    stages: dish.stages.map((s): Stage => {
      const factor = kitchen.learned?.holds[`${dish.id}/${s.id}`] ?? 1;
      if (s.kind !== 'pressure' || factor === 1) return s;
      return {
        ...s,
        holdMinutes: Math.min(LONGEST_PRESSURE_MIN, Math.round(s.holdMinutes * factor)),
        ...byWeightTimes(s, factor),
      };
    }),
  };
}

function taughtNotes(entry: MealEntry, dish: Dish, taught: Dish): Finding[] {
  return taught.stages.flatMap((s, i) => {
    const written = dish.stages[i];
    if (s.kind !== 'pressure' || written?.kind !== 'pressure') return [];
    if (s.holdMinutes === written.holdMinutes) return [];
    return [
      finding('taught-pressure-time', 'info', entry.id, {
        dish: dish.name,
        minutes: s.holdMinutes,
        written: written.holdMinutes,
      }),
    ];
  });
}

function cutNote(entry: MealEntry, { name }: Dish, recut: Recut | null): Finding {
  return recut
    ? finding('cut-smaller', 'info', entry.id, {
        dish: name,
        fromMm: recut.fromMm,
        toMm: recut.toMm,
        minutes: recut.hold,
        written: recut.was,
      })
    : finding('cut-of-no-use', 'info', entry.id, { dish: name });
}

/** The dish with its other release where that was chosen. */
function withRelease(dish: Dish, entry: MealEntry): Dish {
  if (!entry.what.otherRelease) return dish;
  return {
    ...dish,
    stages: dish.stages.map((s): Stage =>
      s.kind === 'pressure' && s.orRelease ? { ...s, release: s.orRelease } : s,
    ),
  };
}

/** Puts each dish that stands over another into one cycle with it; says why where it can't. */
function stacked(
  entries: readonly EffectiveEntry[],
  kitchen: Kitchen,
  notes: Finding[],
): EffectiveEntry[] {
  const gone = new Set<string>();
  const merged = new Map<string, EffectiveEntry>();
  for (const upper of entries) {
    const lower = entries.find((e) => e.entry.id === upper.entry.where.over && e !== upper);
    if (!lower || lower.entry.where.over !== null || merged.has(lower.entry.id)) continue;
    const offer = stackDishes(lower.dish, upper.dish, lower.servings, kitchen);
    const taker = offer.ok && offer.value.cookers.some((c) => c.refusals.length === 0);
    if (!offer.ok || !taker) {
      const why = offer.ok
        ? (offer.value.cookers[0]?.refusals[0]?.message ?? 'no cooker takes both')
        : offer.problems[0]?.message;
      notes.push(
        finding(
          'stack-refused',
          'look',
          upper.entry.id,
          { upper: upper.dish.name, lower: lower.dish.name, why: why ?? 'no cooker takes both' },
          [{ kind: 'own-cycle', entry: upper.entry.id, dish: upper.dish.name }],
        ),
      );
      continue;
    }
    gone.add(upper.entry.id);
    merged.set(lower.entry.id, {
      ...lower,
      dish: offer.value.dish,
      dishIds: [lower.dish.id, upper.dish.id],
    });
    notes.push(
      finding('stack-kept', 'info', lower.entry.id, {
        dish: offer.value.dish.name,
        because: offer.value.because,
      }),
    );
  }
  return entries.filter((e) => !gone.has(e.entry.id)).map((e) => merged.get(e.entry.id) ?? e);
}

/** From the fridge, on a day after the last one on which it is safe. */
function pastItsDay(entry: MealEntry, { name, eatBy }: Dish, day: string): Finding | null {
  if (eatBy === undefined || day <= eatBy) return null;
  return finding('past-use-by', 'stop', entry.id, { dish: name, eatBy }, [
    { kind: 'leave-out', entry: entry.id, dish: name },
  ]);
}

/** What will be wrong with a bag when it is cooked, said while it can still be packed otherwise. */
function laterNotes(meal: Meal, dishes: ReadonlyMap<string, Dish>, kitchen: Kitchen): Finding[] {
  return meal.entries.flatMap((entry): Finding[] => {
    const written = dishes.get(dishKey(entry.what.dish));
    const { bags } = entry.what;
    if (!written || !bags) return [];
    const servings = servingsInBag(entry, meal, written);
    const later = bagLater(atAltitude(written, kitchen), servings, bags, kitchen);
    if (!later) return [];
    const { most, addMl, isTooWide, acrossMm } = later;
    const dish = written.name;
    const smaller = !bags.size && most !== null ? asMany(entry, Math.floor(most)) : [];
    return [
      ...(most === null
        ? []
        : [finding('bag-too-big', 'look', entry.id, { dish, servings, most }, smaller)]),
      ...(addMl > 0 ? [finding('bag-needs-water', 'info', entry.id, { dish, ml: addMl })] : []),
      ...(isTooWide ? [finding('bag-too-wide', 'info', entry.id, { dish, acrossMm })] : []),
    ];
  });
}

/** More of a bag than there is. */
function overStock(entries: readonly EffectiveEntry[]): Finding[] {
  const wanted = new Map<string, { servings: number; first: EffectiveEntry }>();
  for (const e of entries) {
    const ref = refOf(e.dish);
    if (ref.kind !== 'bag') continue;
    const { code } = ref;
    const before = wanted.get(code);
    wanted.set(code, {
      servings: (before?.servings ?? 0) + e.servings,
      first: before?.first ?? e,
    });
  }
  const bags = [...wanted.values()].flatMap(({ servings, first: { entry, dish } }): Finding[] => {
    const free = dish.atMost ?? dish.servings;
    if (servings <= free) return [];
    return [
      finding(
        'more-than-in-stock',
        'look',
        entry.id,
        { dish: dish.name, wanted: servings, free, areOthersTaken: free < dish.servings },
        asMany(entry, free),
      ),
    ];
  });
  const bulk = entries.flatMap(({ entry, dish, servings }): Finding[] => {
    const { atMost } = dish;
    if (refOf(dish).kind === 'bag' || atMost === undefined || servings <= atMost) return [];
    const values = { dish: dish.name, servings, enoughFor: atMost };
    return [finding('stock-too-small', 'look', entry.id, values, asMany(entry, atMost))];
  });
  return [...bags, ...bulk];
}

/** The entry for so many people, where anybody is left to eat it. */
function asMany(entry: MealEntry, servings: number): Edit[] {
  return servings >= 1 ? [{ kind: 'servings', entry: entry.id, servings }] : [];
}

/** Portions for somebody late: on warm where the dish stands it, else heated again. */
function kept(entries: readonly EffectiveEntry[]): Finding[] {
  return entries.flatMap(({ entry, dish }): Finding[] => {
    if (!entry.forWhom.keep) return [];
    const values = { dish: dish.name, ...entry.forWhom.keep };
    const keeps = dish.wait.maxMinutes;
    return keeps === null || keeps >= values.later
      ? [finding('kept-warm', 'info', entry.id, values)]
      : [finding('kept-too-long', 'look', entry.id, { ...values, keeps })];
  });
}

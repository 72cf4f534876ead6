/** How long one stage may be kept waiting after another, and what the waiting costs. */
import { placeOf, stagesBefore, type Dish, type Stage } from '../dish';

/** Minutes a stage may be kept waiting. */
export interface Gap {
  /** Not longer: for safety, or because it spoils; undefined for as long as it likes. */
  most?: number;
  /** From here on it loses by waiting. */
  soft?: number;
  /** What each minute over `soft` costs, in the plan's minutes; 1 where it is not said. */
  cost?: number;
}

/** Hot food is eaten, hot again or cold within two hours (USDA FSIS, “Danger Zone”), min. */
export const PARKED_MOST = 120;
/** A dish that is best at once, waiting no longer than this, is as tender on its way (common practice). */
const TENDER_WAIT = 10;

/** Waits between two stages that follow each other, minutes (common practice). */
const GAP = {
  inPot: 5,
  justInTime: 10,
  toCooling: 15,
} as const;
/** Covered, it loses nothing for so long. */
const SOFT = { tender: 2, robust: 10 } as const;
const COST = { tender: 3, robust: 1 } as const;

/** “Boiling water over the couscous”: what stands in it is under way from then on. */
const POURS_HOT =
  /\b(?:boiling|hot|just-boiled|simmering)(?: \p{L}+)? (?:water|stock|broth|milk|liquid|syrup)\b/iu;

/** The stage that spreads cooked food out to cool. */
export const SPREAD_STAGE = 'spread-out';

/**
 * How long the later stage may be kept waiting. Hot food waits as long as it is safe, at a cost; what stands on the
 * heat does not wait; what is cold waits as long as one likes.
 */
export function gapBetween(dish: Dish, before: Stage, after: Stage): Gap {
  // Cooked food is cold within two hours of the heat: it goes into its boxes at once.
  if (after.id === SPREAD_STAGE) return { most: GAP.toCooling };
  if (before.id === SPREAD_STAGE) return { most: 0 };
  if (before.kind === 'soak')
    return before.maxMinutes === undefined ? {} : { most: before.maxMinutes - before.minutes };
  if (before.justInTime) return { most: GAP.justInTime };
  const isOnHeat = (s: Stage): boolean => ['brown', 'loosen'].includes(s.kind);
  if (isOnHeat(before) && placeOf(after) === 'cooker') return { most: GAP.inPot };
  const isHotNow = isHot(dish, before);
  const isSteeped = POURS_HOT.test(before.text);
  if (!isHotNow && !(after.kind === 'rest' && isSteeped)) return {};
  // A rest is a wait itself: what is to rest begins to when it comes off the heat, and not when somebody has time.
  if (after.kind === 'rest' && !after.chilled)
    return { most: PARKED_MOST, soft: 0, cost: COST.tender };
  const isTender = (dish.wait.maxMinutes ?? Infinity) <= TENDER_WAIT;
  // What is eaten cold waits in the fridge as long as it likes, and not in the hot pot.
  const kind = isTender || !isServedHot(dish) || isCrisp(dish, before) ? 'tender' : 'robust';
  return { most: PARKED_MOST, soft: SOFT[kind], cost: COST[kind] };
}

/** Whether what comes out of a stage is hot: it is heated in it, or was before and has not been chilled since. */
export function isHot(dish: Dish, stage: Stage, seen: ReadonlySet<string> = new Set()): boolean {
  if (placeOf(stage) !== 'counter') return true;
  if (stage.kind === 'soak' || stage.id === SPREAD_STAGE) return false;
  if (stage.kind === 'rest' && stage.chilled) return false;
  if (seen.has(stage.id)) return false;
  const path = new Set([...seen, stage.id]);
  return stagesBefore(dish, stage).some((id) => {
    const before = dish.stages.find((s) => s.id === id);
    return before !== undefined && isHot(dish, before, path);
  });
}

/** Whether a stage is the last that makes it crisp, or what is done with it on the counter after that. */
function isCrisp(dish: Dish, stage: Stage, seen: ReadonlySet<string> = new Set()): boolean {
  if (stage.kind === 'crisp') return true;
  if (placeOf(stage) !== 'counter' || seen.has(stage.id)) return false;
  const path = new Set([...seen, stage.id]);
  return stagesBefore(dish, stage).some((id) => {
    const before = dish.stages.find((s) => s.id === id);
    return before !== undefined && isCrisp(dish, before, path);
  });
}

const PLATES =
  /\bserve (?:it |them )?(?:(?:with|over|on|in|at once|hot)\b|w\/)|(?:^|[.!;]\s+)serve\b|\b(?:slice|carve|plate|dish)(?:d)? (?:and|up)\b[^.]*$|\b(?:ladle|spoon|divide|pour)\b[^.]*\b(?:bowls?|plates?)\b|^carve\b/i;

/** Whether the last thing done to a hot dish puts it on plates: there it is cold in ten minutes, and not in its pot. */
export function isPlated(dish: Dish): boolean {
  const last = dish.stages.at(-1);
  return last?.kind === 'finish' && PLATES.test(last.text) && isServedHot(dish);
}

/** Whether a dish comes to the table hot: its last stage is hot. */
export function isServedHot(dish: Dish): boolean {
  const last = dish.stages.at(-1);
  return last !== undefined && isHot(dish, last);
}

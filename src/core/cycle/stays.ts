/** Which stages of a dish happen in one stay in a cooker, on one shelf or burner. */
import { placeOf, stagesBefore, type Dish, type Stage, type StagePlace } from '../dish';

export interface Stay {
  place: Exclude<StagePlace, 'counter'>;
  stages: Stage[];
}

/**
 * Stages in one place belong to one stay as long as no other heat comes between them: what follows a cycle by way of
 * the counter goes on in the same pot, so that it is not rinsed before what it holds is used. What waits for nothing
 * that was in a pot has a pot of its own.
 */
export function findStays(dish: Dish): Stay[] {
  const stays: Stay[] = [];
  const stayOf = new Map<string, Stay>();
  for (const stage of dish.stages) {
    const place = placeOf(stage);
    if (place === 'counter') continue;
    const open = heatBefore(dish, stage, place === 'cooker' && goesOnWithJuices(stage))
      .map((before) => stayOf.get(before.id))
      .findLast((stay) => stay?.place === place);
    const stay = open ?? { place, stages: [] };
    if (!open) stays.push(stay);
    stay.stages.push(stage);
    stayOf.set(stage.id, stay);
  }
  return stays;
}

/** What is made of what the pot holds: “back to the pot”, “thicken the juices”. */
const OF_JUICES =
  /\bback (?:to|in|into) the (?:pot|cooker)\b|\b(?:the|its|their|those|all) (?:[\p{L}-]+ )?(?:juices|sauce|gravy|liquor|cooking liquid|braising liquid)\b/iu;
const goesOnWithJuices = (stage: Stage): boolean =>
  stage.kind === 'thicken' ||
  (stage.kind === 'simmer' && OF_JUICES.test(stage.sentence ?? stage.text));
/** So long the juices wait in their pot while the rest is under the grill; a pot is not kept from others for longer, min. */
const LONGEST_ABOVE = 30;
const isShortAbove = (stage: Stage): boolean =>
  (stage.kind === 'crisp' || stage.kind === 'oven') && stage.minutes <= LONGEST_ABOVE;

/**
 * The stages with heat that come last before a stage, on every way to it, in the dish's order.
 *
 * @param isOfPot what was only under the grill between does not count: the juices stand in their pot
 */
function heatBefore(dish: Dish, stage: Stage, isOfPot: boolean): Stage[] {
  const found = new Set<Stage>();
  const seen = new Set<string>();
  const queue = stagesBefore(dish, stage);
  for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
    if (seen.has(id)) continue;
    seen.add(id);
    const before = dish.stages.find((s) => s.id === id);
    if (!before) continue;
    if (placeOf(before) === 'counter' || (isOfPot && isShortAbove(before)))
      queue.push(...stagesBefore(dish, before));
    else found.add(before);
  }
  return dish.stages.filter((s) => found.has(s));
}

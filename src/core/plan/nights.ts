/** Which of a dish's long waits are nights: two of them are two, and no evening holds both. */
import { comesBefore, type Dish, type Stage } from '../dish';
import { OVERNIGHT_MIN } from './lead';

/** So long is a night's sleep, and no time between two meals, min. */
const NIGHT_MIN = 480;

/** Whether a wait is slept over, and not only long. */
export const isNight = (stage: Stage): boolean =>
  isLongWait(stage) &&
  (stage.minutes >= NIGHT_MIN || /\bovernight\b|\bnight\b|\bday before\b/i.test(stage.text));

function isLongWait(stage: Stage): stage is Extract<Stage, { kind: 'soak' | 'rest' }> {
  return (stage.kind === 'soak' || stage.kind === 'rest') && stage.minutes >= OVERNIGHT_MIN;
}

/** @returns long waits that a stage comes after, and nights that come after it */
export function longWaits(dish: Dish, stage: Stage): { before: number; after: number } {
  const waits = dish.stages.filter((s) => s !== stage && isLongWait(s));
  const before = waits.filter((s) => comesBefore(dish, s.id, stage.id));
  const after = waits.filter((s) => isNight(s) && comesBefore(dish, stage.id, s.id));
  return { before: before.length, after: after.length };
}

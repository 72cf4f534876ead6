import type { Kitchen } from '$core/kitchen';
import { ALTITUDE, CONVERT, STEAM, THICKEN, WATER } from './fact-questions';
import { holdQuestion } from './piece-questions';
import { comeUpQuestion, fitQuestion, releaseQuestion } from './pot-questions';
import { COOL, FREEZE, KEEP, THAW } from './store-questions';
import type { PageQuestion } from './types';

export { dishOfStart, startsIn, valuesFrom } from './from-dish';
export { usesOf } from './into-dish';
export type { PageQuestion, Values } from './types';

/** All questions of the page, in the order a cook comes to them. */
export function pageQuestions(kitchen: Kitchen): PageQuestion[] {
  return [
    fitQuestion(kitchen),
    holdQuestion(kitchen),
    comeUpQuestion(kitchen),
    releaseQuestion(kitchen),
    WATER,
    THICKEN,
    ALTITUDE,
    STEAM,
    CONVERT,
    COOL,
    FREEZE,
    THAW,
    KEEP,
  ];
}

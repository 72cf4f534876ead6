import type { Kitchen } from '$core/kitchen';
import { ALTITUDE, CONVERT, STEAM, THICKEN, WATER } from './fact-questions';
import { holdQuestion } from './piece-questions';
import { comeUpQuestion, fitQuestion, releaseQuestion } from './pot-questions';
import { COOL, FREEZE, KEEP, THAW } from './store-questions';
import type { BenchQuestion } from './types';

export { startsIn, valuesFrom } from './from-dish';
export { usesOf } from './into-dish';
export type { BenchQuestion, Values } from './types';

/** All questions of the Bench, in the order a cook comes to them. */
export function benchQuestions(kitchen: Kitchen): BenchQuestion[] {
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

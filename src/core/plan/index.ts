export { compileMeal } from './compile';
export { explainConflict } from './explain';
export { offersFor } from './offers';
export { totalsOf } from './totals';
export type { Totals } from './totals';
export { BURNER_UNIT, OVEN_UNIT } from './types';
export type { CompiledMeal, HandOver, Phase, PlanNote, StepMeaning } from './types';
export { changesAt, roomFor } from './changes';
export type { Change, Room } from './changes';

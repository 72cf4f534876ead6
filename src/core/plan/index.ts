export { compileMeal } from './compile';
export { planOf } from './plan';
export type { Operation, PlannedDish, Plan } from './plan';
export { compiledSchema, savedPlanSchema } from './saved-plan';
export type { SavedPlan } from './saved-plan';
export { totalsOf } from './totals';
export type { Totals } from './totals';
export { BURNER_UNIT, OVEN_UNIT } from './types';
export type { CompiledMeal, Phase, StepMeaning } from './types';

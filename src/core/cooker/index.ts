export { comeUp, defaultParameters, naturalRelease, quickRelease, thinGrams } from './cycle';
export type { ComeUp, CurvePoint, CycleInput, HeatParameters, Release } from './cycle';
export { fit } from './fit';
export type { Fit, FitInput, FitProblem } from './fit';
export { fillLimit, fillVolume, leastLiquid, thinVolume } from './limits';
export type { LiquidSchool } from './limits';
export { LEVEL_KPA } from './types';
export type { Heater, Level, Portion } from './types';

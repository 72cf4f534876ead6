export { calibrate } from './calibrate';
export type { CalibrationRun } from './calibrate';
export { comeUp } from './come-up';
export type { ComeUp } from './come-up';
export { defaultParameters, thinGrams } from './pot';
export type { CurvePoint, CycleInput, HeatParameters } from './pot';
export { Pieces } from './piece';
export type { PieceShape } from './piece';
export { naturalRelease, quickRelease } from './release';
export type { Release } from './release';
export { wholeCycle } from './whole-cycle';
export type { ReleaseKind, WholeCycle } from './whole-cycle';
export { fit } from './fit';
export type { Fit, FitInput, FitProblem } from './fit';
export {
  fillLimit,
  fillVolume,
  juices,
  leastLiquid,
  LIQUID_SCHOOLS,
  SLACK,
  thinVolume,
} from './limits';
export type { LiquidSchool } from './limits';
export { LEVEL_KPA } from './types';
export type { Heater, Level, Portion } from './types';

export { calibrate } from './calibrate';
export { comeUp } from './come-up';
export { defaultParameters, thickShare } from './pot';
export type { CurvePoint, CycleInput, HeatParameters } from './pot';
export { Pieces } from './piece';
export { naturalRelease, quickRelease } from './release';
export { wholeCycle } from './whole-cycle';
export type { ReleaseKind, WholeCycle } from './whole-cycle';
export { fit } from './fit';
export type { Fit } from './fit';
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
export { formOf, sizeOf } from './form';
export type { Cut } from './form';
export { commonShare, firstSpread, LOSS_SPREAD, POWER_SPREAD, THICK_PRIOR, Z90 } from './spreads';
export type { Spread } from './spreads';

export { SAFE_MINUTES, SAFE_REFERENCE_C, SAFE_Z, centreThrough } from './centre';
export type { CentreHistory, Cut } from './centre';
export { comeUpDose, holdCredit } from './credit';
export { holdFor } from './hold';
export type { HoldAdvice, HoldQuestion } from './hold';
export { ORDINARY_C, SOFTENING_Z, altitudeRule, lethality, softeningRate } from './rates';
export { centreTheta, oneTerm } from './series';
export type { Shape } from './series';

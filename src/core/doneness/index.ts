export { comeUpDose, holdCredit } from './credit';
export { holdFor } from './hold';
export type { HoldQuestion } from './hold';
export { SOFTENING_Z, altitudeRule, lethality, softeningRate } from './rates';
export { SAFE_MINUTES, SAFE_REFERENCE_C, SAFE_Z, centreThrough } from './centre';
export type { Cut } from './centre';

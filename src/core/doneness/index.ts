export { comeUpDose, holdCredit } from './credit';
export { doseGiven, holdFor } from './hold';
export type { HoldQuestion } from './types';
export { SOFTENING_Z, altitudeRule, lethality, softeningRate } from './rates';
export { SAFE_MINUTES, SAFE_REFERENCE_C, SAFE_Z, centreThrough } from './centre';

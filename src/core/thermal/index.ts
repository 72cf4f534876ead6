export { TWO_STAGE, coolingTime } from './cool';
export type { CoolingMethod } from './cool';
export { coolingFixes, sayFix } from './cool-fix';
export { freezingTime, plankSeconds, thawRuleHours, thawingTime } from './freeze';
export { centreTheta, oneTerm } from './series';
export type { Shape } from './series';

export { planAgain, replanEvening, tooLateFor } from './replan-evening';
export type { Teller } from './say-replan';

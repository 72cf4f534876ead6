export { answerPlan, describeSaved } from './planning';
export type { PlanAnswer, PlanQuestion } from './planning';
export { ADDITIONS, tryAddition } from './kitchen-trial';
export type { Addition, KitchenTrial } from './kitchen-trial';
export { settleChoices } from './settle';
export { outlookOf, tryInTurns, tryWaysOut } from './ways';
export type { Outlook, TriedWays } from './ways';
export { waysOut } from './ways-out';
export { WORTH } from './worth';

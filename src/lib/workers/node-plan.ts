/** The planner as a task for the server's pool: one question in, the final answer out. */
import {
  answerPlan,
  tryAddition,
  type Addition,
  type KitchenTrial,
  type PlanAnswer,
  type PlanQuestion,
} from '../../core/planner';

/** A meal with one thing more in the kitchen. */
export interface TrialQuestion {
  trial: PlanQuestion;
  addition: Addition;
}

/** @returns the final answer to a planning question, or what a trial comes to */
export default function answer(asked: PlanQuestion): Promise<PlanAnswer>;
export default function answer(asked: TrialQuestion): Promise<KitchenTrial>;
export default async function answer(
  asked: PlanQuestion | TrialQuestion,
): Promise<PlanAnswer | KitchenTrial> {
  if ('trial' in asked) return tryAddition(asked.trial, asked.addition);
  let last: PlanAnswer = { kind: 'unknown' };
  await answerPlan(asked, {
    onAnswer: (found) => {
      last = found;
    },
    breathe: () => Promise.resolve(true),
  });
  return last;
}

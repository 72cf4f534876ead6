/** The planner as tasks for the server's pool: one question in, the final answer out. */
import {
  answerPlan,
  tryAddition,
  type Addition,
  type KitchenTrial,
  type PlanAnswer,
  type PlanQuestion,
} from '../../core/planner';

/** @returns the final answer to a planning question */
export default async function plan(question: PlanQuestion): Promise<PlanAnswer> {
  let last: PlanAnswer = { kind: 'unknown' };
  await answerPlan(question, {
    onAnswer: (answer) => {
      last = answer;
    },
    breathe: () => Promise.resolve(true),
  });
  return last;
}

/** A meal with one thing more in the kitchen. */
export function trial(asked: { question: PlanQuestion; addition: Addition }): KitchenTrial {
  return tryAddition(asked.question, asked.addition);
}

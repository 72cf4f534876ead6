/** The planner in the browser: one question at a time, the newest first. */
import * as Comlink from 'comlink';
import { answerPlan, type PlanAnswer, type PlanQuestion } from './planning';
import { tryWaysOut } from './ways';

let newest = 0;

/** Lets messages in: a newer question may be waiting. */
function nextTurn(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}

const api = {
  /** Answers, early and finally, through `onAnswer`; an older question still running is dropped. */
  async plan(question: PlanQuestion, onAnswer: (answer: PlanAnswer) => void): Promise<void> {
    const mine = ++newest;
    await answerPlan(question, {
      onAnswer: (answer) => {
        if (mine === newest) onAnswer(answer);
      },
      breathe: async () => {
        await nextTurn();
        return mine === newest;
      },
    });
  },
  /** Ways out of a meal's trouble, each really tried. */
  ways: tryWaysOut,
};

export type PlanWorker = typeof api;
Comlink.expose(api);

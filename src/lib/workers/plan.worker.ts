/**
 * The planner in the browser: one question at a time, the newest first. Ways to fix it are tried in the same
 * thread, where it is warm and knows the pots already.
 */
import * as Comlink from 'comlink';
import {
  answerPlan,
  earlierInTurns,
  PlanMemory,
  type EarlierStart,
  type PlanAnswer,
  type PlanQuestion,
  tryInTurns,
  type TriedWays,
} from '../../core/planner';

/** How long fixes and the like keep a newer question waiting at most, about, ms. */
const BREATHE_MS = 30;

let newest = 0;
/** What was planned last begins what is asked next. */
const memory = new PlanMemory();

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
    const hooks = {
      onAnswer: (answer: PlanAnswer) => {
        if (mine === newest) onAnswer(answer);
      },
      breathe: async () => {
        await nextTurn();
        return mine === newest;
      },
    };
    await answerPlan(question, hooks, memory);
  },
  /** Ways to fix it of a meal's trouble, each really tried; null where a newer question came in between. */
  ways: (question: PlanQuestion): Promise<TriedWays | null> => inTurns(tryInTurns(question)),
  /** What earlier starts buy; null where a newer question came in between. */
  earlier: (
    question: PlanQuestion,
    shown: Pick<EarlierStart, 'start' | 'chance'>,
  ): Promise<EarlierStart[] | null> => inTurns(earlierInTurns(question, shown, memory)),
};

/** Runs work that gives way, and lets messages in now and then; null where a newer question came. */
async function inTurns<T>(turns: Generator<undefined, T>): Promise<T | null> {
  const mine = newest;
  let breathedAt = performance.now();
  for (;;) {
    const { done, value } = turns.next();
    if (done) return value;
    if (performance.now() - breathedAt < BREATHE_MS) continue;
    await nextTurn();
    if (mine !== newest) return null;
    breathedAt = performance.now();
  }
}

export type PlanWorker = typeof api;
Comlink.expose(api);

/** The planning worker as the page sees it. */
import * as Comlink from 'comlink';
import type { PlanWorker } from '$lib/workers/plan.worker';
import type { EarlierStart, PlanAnswer, PlanQuestion, TriedWays } from '../../core/planner';

export interface Planner {
  /** Asks; `onAnswer` hears an early answer and the final one, unless a newer question comes. */
  ask(question: PlanQuestion, onAnswer: (answer: PlanAnswer) => void): Promise<void>;
  /** Ways to fix it; null where a newer question came in between. */
  ways(question: PlanQuestion): Promise<TriedWays | null>;
  /** What earlier starts buy; null where a newer question came in between. */
  earlier(
    question: PlanQuestion,
    shown: Pick<EarlierStart, 'start' | 'chance'>,
  ): Promise<EarlierStart[] | null>;
  close(): void;
}

/** Starts a planner in a thread of its own; call in the browser only. */
export function startPlanner(): Planner {
  const worker = new Worker(new URL('../workers/plan.worker.ts', import.meta.url), {
    type: 'module',
  });
  const remote = Comlink.wrap<PlanWorker>(worker);
  return {
    ask: (question, onAnswer) => remote.plan(question, Comlink.proxy(onAnswer)),
    ways: (question) => remote.ways(question),
    earlier: (question, shown) => remote.earlier(question, shown),
    close: () => worker.terminate(),
  };
}

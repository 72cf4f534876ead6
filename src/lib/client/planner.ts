/** The planning worker as the page sees it. */
import * as Comlink from 'comlink';
import type { PlanWorker } from '$lib/workers/plan.worker';
import type { PlanAnswer, PlanQuestion } from '$lib/workers/planning';
import type { tryWaysOut } from '$lib/workers/ways';

export interface Planner {
  /** Asks; `onAnswer` hears an early answer and the final one, unless a newer question comes. */
  ask(question: PlanQuestion, onAnswer: (answer: PlanAnswer) => void): Promise<void>;
  /** Ways out, tried in a thread of their own so that planning goes on. */
  ways(question: PlanQuestion): Promise<ReturnType<typeof tryWaysOut>>;
  close(): void;
}

/** Starts a planner in a thread of its own; call in the browser only. */
export function startPlanner(): Planner {
  const start = (): Worker =>
    new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' });
  const worker = start();
  const remote = Comlink.wrap<PlanWorker>(worker);
  let second: Worker | null = null;
  return {
    ask: (question, onAnswer) => remote.plan(question, Comlink.proxy(onAnswer)),
    ways: (question) => {
      second?.terminate();
      second = start();
      return Comlink.wrap<PlanWorker>(second).ways(question);
    },
    close: () => {
      worker.terminate();
      second?.terminate();
    },
  };
}

/** The re-planning worker as the page sees it: for a screen that has no server. */
import type { RunEvent } from '$core/run';
import type { ReplanRequest } from '$lib/workers/replan.worker';

export interface Replanner {
  ask(request: ReplanRequest): void;
  close(): void;
}

/**
 * Starts it in a thread of its own; call in the browser only, while there is a server to get it from.
 *
 * @param onplan a new plan as the event that says so; nothing where what was told still holds
 */
export function startReplanner(onplan: (plan: RunEvent) => void): Replanner {
  const worker = new Worker(new URL('../workers/replan.worker.ts', import.meta.url), {
    type: 'module',
  });
  worker.addEventListener('message', ({ data }: MessageEvent<RunEvent | null>) => {
    if (data) onplan(data);
  });
  return { ask: (request) => worker.postMessage(request), close: () => worker.terminate() };
}

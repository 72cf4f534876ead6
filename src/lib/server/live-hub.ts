/** Screens that watch an evening: told of each new event as it is stored. */
import type { RunEvent } from '$core/run';
import { toLine } from './event-stream';
import { currentTime } from './clock';

type Listener = (line: Uint8Array) => void;
const watching = new Map<string, Set<Listener>>();

/** @returns how to stop watching */
export function watch(eveningId: string, listener: Listener): () => void {
  const listeners = watching.get(eveningId) ?? new Set();
  listeners.add(listener);
  watching.set(eveningId, listeners);
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) watching.delete(eveningId);
  };
}

export function tell(eveningId: string, events: readonly RunEvent[]): void {
  const listeners = watching.get(eveningId);
  if (!listeners) return;
  const line = toLine({ now: currentTime(), events });
  for (const listener of listeners) listener(line);
}

/** Events by their ids. */

interface WithId {
  id: string;
}

/** Those of `events` that are not among `known`, each once. */
export function without<T extends WithId>(events: readonly T[], known: readonly WithId[]): T[] {
  const ids = new Set(known.map((e) => e.id));
  return events.filter((e) => !ids.has(e.id));
}

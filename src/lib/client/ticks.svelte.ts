/** What is ticked off on a list: kept in this browser, so that it works in a shop without a network. */
import { SvelteSet } from 'svelte/reactivity';

const KEY = 'olive-clock/ticks';

/** @param list a name for the list, so that another week's onions are not ticked already */
export function ticksOf(list: string): {
  has: (id: string) => boolean;
  toggle: (id: string) => void;
  clear: () => void;
} {
  const read = (): Record<string, string[]> => {
    try {
      return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, string[]>;
    } catch {
      return {};
    }
  };
  const ticked = new SvelteSet<string>(read()[list] ?? []);
  const keep = (): void => {
    try {
      localStorage.setItem(KEY, JSON.stringify({ ...read(), [list]: [...ticked] }));
    } catch {
      // A private window keeps nothing; the ticks last as long as the page.
    }
  };
  return {
    has: (id) => ticked.has(id),
    toggle: (id) => {
      if (ticked.has(id)) ticked.delete(id);
      else ticked.add(id);
      keep();
    },
    clear: () => {
      ticked.clear();
      keep();
    },
  };
}

/**
 * What is ticked off a list: kept in this browser, so that it works in a shop without a network, and told to the
 * server whenever there is one, so that two shoppers go through one list in step.
 */
import { SvelteMap } from 'svelte/reactivity';

const KEY = 'olive-clock/ticks';
/** How often it is looked what the others have ticked, ms. */
const LOOK_EVERY_MS = 4000;

/** The last word on one line. */
export interface Tick {
  key: string;
  isDone: boolean;
  /** When it was said, ms since the epoch by the server’s clock. */
  at: number;
}

export interface Ticks {
  has: (id: string) => boolean;
  toggle: (id: string) => void;
  clear: () => void;
  /** Whether the last try to tell the others failed: they will be told later. */
  readonly isAlone: boolean;
  /** Begins to keep in step. @returns how to stop */
  follow: () => () => void;
}

/** @param list a name for the list, so that another week's onions are not ticked already */
export function ticksOf(list: string): Ticks {
  return new SharedTicks(list);
}

class SharedTicks implements Ticks {
  private readonly all = new SvelteMap<string, Tick>();
  /** Said here and not yet heard by the server. */
  private readonly untold = new Set<string>();
  private offset = 0;
  private alone = $state(false);
  private isTelling = false;

  constructor(private readonly list: string) {
    for (const tick of this.readKept()) {
      this.all.set(tick.key, tick);
      // Ticked on an earlier page, perhaps without a network: told once more, which does no harm.
      this.untold.add(tick.key);
    }
  }

  get isAlone(): boolean {
    return this.alone;
  }

  readonly has = (id: string): boolean => this.all.get(id)?.isDone ?? false;

  readonly toggle = (id: string): void => {
    this.say([{ key: id, isDone: !this.has(id), at: this.now() }]);
  };

  readonly clear = (): void => {
    const done = [...this.all.values()].filter((t) => t.isDone);
    this.say(done.map(({ key }) => ({ key, isDone: false, at: this.now() })));
  };

  readonly follow = (): (() => void) => {
    const look = (): void => {
      if (document.visibilityState === 'visible') void this.tell();
    };
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    addEventListener('online', look);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      removeEventListener('online', look);
      document.removeEventListener('visibilitychange', look);
    };
  };

  private now(): number {
    return Math.max(0, Math.round(Date.now() + this.offset));
  }

  private say(ticks: readonly Tick[]): void {
    for (const tick of ticks) {
      // Later than what is known of the line, also where this clock runs behind.
      const at = Math.max(tick.at, (this.all.get(tick.key)?.at ?? -1) + 1);
      this.all.set(tick.key, { ...tick, at });
      this.untold.add(tick.key);
    }
    this.keep();
    void this.tell();
  }

  private async tell(): Promise<void> {
    if (this.isTelling) return;
    this.isTelling = true;
    const mine = [...this.untold].flatMap((key) => this.all.get(key) ?? []);
    try {
      const response = await fetch('/api/ticks', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ list: this.list, ticks: mine }),
      });
      if (!response.ok) throw new Error(String(response.status));
      const { ticks, now } = (await response.json()) as { ticks: Tick[]; now: number };
      this.offset = now - Date.now();
      // What was ticked again meanwhile is still to be told.
      for (const tick of mine) if (this.all.get(tick.key) === tick) this.untold.delete(tick.key);
      this.take(ticks);
      this.alone = false;
    } catch {
      this.alone = true;
    } finally {
      this.isTelling = false;
    }
  }

  /** The server has the last word on every line but those that it has still to hear of. */
  private take(ticks: readonly Tick[]): void {
    for (const tick of ticks) {
      const known = this.all.get(tick.key);
      const isNews = known?.at !== tick.at || known.isDone !== tick.isDone;
      if (isNews && !this.untold.has(tick.key)) this.all.set(tick.key, tick);
    }
    this.keep();
  }

  private readKept(): readonly Tick[] {
    return readAll()[this.list] ?? [];
  }

  private keep(): void {
    try {
      const kept = { ...readAll(), [this.list]: [...this.all.values()] };
      localStorage.setItem(KEY, JSON.stringify(kept));
    } catch {
      // A private window keeps nothing; the ticks last as long as the page.
    }
  }
}

/** What this browser has kept, by list; an earlier form had only the names of what was ticked. */
function readAll(): Record<string, Tick[]> {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, unknown[]>;
    return Object.fromEntries(
      Object.entries(kept).map(([list, ticks]) => [list, ticks.filter(isTick)]),
    );
  } catch {
    return {};
  }
}

function isTick(kept: unknown): kept is Tick {
  return typeof kept === 'object' && kept !== null && 'key' in kept && 'at' in kept;
}

/** A live evening on one screen: its events, what is still to be sent, and the clock. */
import { createStore, get, set } from 'idb-keyval';
import { freshId } from '$lib/client/fresh-id';
import { keepOffset, offsetAt } from '$lib/client/server-clock';
import { watchShared } from '$lib/client/shared-stream';
import { startReplanner, type Replanner } from '$lib/client/replanner';
import type { Teller } from '$core/replan';
import { without } from './by-id';
import {
  eveningNow,
  foldEvening,
  runEventSchema,
  speedOf,
  type Evening,
  type RunEvent,
} from '$core/run';

const RETRY_MS = 3000;
/** As many as the server takes in one go, with room to spare. */
const MOST_AT_ONCE = 100;
/** Answers about who asks, not about what was sent: passcode, only showing, length, name of the server. */
const DOOR: ReadonlySet<number> = new Set([401, 403, 411, 413, 421]);
const REFUSED: Readonly<Record<number, string>> = {
  401: 'Give the passcode first.',
  403: 'This screen is not let in.',
  421: 'This server is not known by the name in the address.',
};
type Tap = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, 'id' | 'at' | 'by' | 'cook'>
    : never
  : never;

export class EveningState {
  events = $state.raw<RunEvent[]>([]);
  /** Tapped here and not stored yet. */
  waiting = $state.raw<RunEvent[]>([]);
  /** Made here while there is no server: what this screen goes by until it is back. */
  private alone = $state.raw<RunEvent | null>(null);
  /** The tap that it was made for last. */
  private plannedFor = '';
  now = $state(0);
  isOnline = $state(true);
  problem = $state('');
  /** Why the server does not let this screen in, where it does not. */
  refusal = $state<{ status: number; text: string } | null>(null);
  /** Whether this screen may change something; one that only shows taps nothing. */
  readonly canTap: boolean;
  readonly evening: Evening;
  readonly by: string;
  private readonly kitchen: Teller;
  /** Id of the cook whose screen this is; null: everybody's. */
  cook = $state<string | null>(null);

  /** This machine's clock against the server's, ms. */
  private offset = 0;
  private planner: Replanner | null = null;
  private unwatch: (() => void) | null = null;
  private sending = false;
  private store: ReturnType<typeof createStore> | null = null;
  readonly all = $derived([...this.events, ...this.waiting, ...(this.alone ? [this.alone] : [])]);
  readonly state = $derived.by(() => foldEvening(this.evening, this.all, this.now));

  /** How many times as fast as real the evening's clock runs. */
  readonly speed = $derived(speedOf([...this.events, ...this.waiting]));

  constructor(
    evening: Evening,
    {
      events,
      now,
      canTap,
      kitchen,
    }: { events: RunEvent[]; now: number; canTap: boolean; kitchen: Teller },
  ) {
    this.kitchen = kitchen;
    this.evening = evening;
    this.canTap = canTap;
    this.events = events;
    this.now = eveningNow(events, now);
    this.by = `screen ${freshId(4)}`;
  }

  /** Call once the page is shown; stop with what it returns. */
  start(serverNow: number): () => void {
    // Clocks of phones differ: moments are counted on the server's.
    this.offset = offsetAt(serverNow, Date.now());
    this.tick();
    const tick = setInterval(() => this.tick(), this.evening.practice ? 500 : 1000);
    const onshow = (): void => this.tick();
    document.addEventListener('visibilitychange', onshow);
    void this.restore();
    this.listen();
    this.planner = startReplanner((plan) => {
      if (this.waiting.length > 0) this.alone = plan;
    });
    return () => {
      clearInterval(tick);
      document.removeEventListener('visibilitychange', onshow);
      this.unwatch?.();
      this.planner?.close();
    };
  }

  private tick(): void {
    this.now = eveningNow([...this.events, ...this.waiting], Date.now() + this.offset);
  }

  /** Taps that an earlier page of this evening could not send. */
  private async restore(): Promise<void> {
    try {
      this.store = createStore('olive-clock', 'taps');
      const seen = runEventSchema.array().safeParse(await get(this.seenKey, this.store));
      if (seen.success) this.take(seen.data);
      const kept: unknown = await get(this.evening.id, this.store);
      const parsed = runEventSchema.array().safeParse(kept);
      if (parsed.success && parsed.data.length > 0) {
        this.waiting = [...without(parsed.data, this.waiting), ...this.waiting];
        void this.flush();
      }
    } catch {
      // No storage here: taps wait as long as this page is open.
    }
  }

  private async keep(): Promise<void> {
    try {
      if (this.store) await set(this.evening.id, $state.snapshot(this.waiting), this.store);
    } catch {
      // As above.
    }
  }

  private get seenKey(): string {
    return `${this.evening.id} seen`;
  }

  /** A page that is opened again without a server knows as much as this one. */
  private async keepSeen(): Promise<void> {
    try {
      if (this.store) await set(this.seenKey, $state.snapshot(this.events), this.store);
    } catch {
      // As above.
    }
  }

  private listen(): void {
    this.unwatch = watchShared(`/api/evenings/${this.evening.id}/stream`, {
      message: (data) => {
        const message = JSON.parse(data) as { now: number; events: RunEvent[] };
        this.offset = keepOffset(message.now, Date.now());
        this.isOnline = true;
        this.refusal = null;
        this.take(message.events);
        void this.flush();
      },
      trouble: () => void this.findOut(),
    });
  }

  private take(events: readonly RunEvent[]): void {
    const fresh = without(events, this.events);
    if (fresh.length > 0) {
      this.events = [...this.events, ...fresh];
      void this.keepSeen();
    }
    const waiting = without(this.waiting, events);
    // The server has planned for all of it: its plan counts.
    if (waiting.length === 0 || fresh.some((e) => e.kind === 'replanned')) this.alone = null;
    if (waiting.length < this.waiting.length) {
      this.waiting = waiting;
      void this.keep();
    }
    this.tick();
  }

  /** Something happened, now: it counts here at once, and is sent as soon as it can be. */
  tap(what: Tap): void {
    if (!this.canTap) return;
    this.tick();
    const event = {
      ...what,
      id: freshId(),
      at: Math.round(this.now),
      by: this.by,
      ...(this.cook === null ? {} : { cook: this.cook }),
    };
    this.waiting = [...this.waiting, event as RunEvent];
    void this.keep();
    if (!this.isOnline) this.planAlone();
    void this.flush();
  }

  /** Sends what waits, so many at a time. What the server refuses for whose screen it is stays here. */
  private async flush(): Promise<void> {
    if (this.sending || this.waiting.length === 0 || !this.canTap) return;
    this.sending = true;
    const batch = this.waiting.slice(0, MOST_AT_ONCE);
    try {
      const response = await fetch(`/api/evenings/${this.evening.id}/events`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ events: batch }),
      });
      if (response.status >= 500) throw new Error(String(response.status));
      this.isOnline = true;
      if (DOOR.has(response.status)) {
        // Not for what was tapped, but for who asks: it is kept, and sent once that is settled.
        this.refusal = { status: response.status, text: await response.text() };
        return;
      }
      this.refusal = null;
      const body = (await response.json()) as { events?: RunEvent[]; message?: string };
      if (response.ok) {
        this.problem = '';
        this.take([...batch, ...(body.events ?? [])]);
      } else {
        // Refused: said, and set aside, so that later taps are not held up.
        this.problem = body.message ?? 'Not taken over.';
        this.waiting = this.waiting.filter((e) => !batch.includes(e));
      }
      await this.keep();
    } catch {
      this.isOnline = false;
      this.planAlone();
      setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.sending = false;
      if (this.waiting.length > 0 && this.isOnline && this.refusal === null) void this.flush();
    }
  }

  /** Without a server the evening is planned again here, once for each tap. */
  private planAlone(): void {
    const last = this.waiting.at(-1);
    if (!last || last.id === this.plannedFor) return;
    this.plannedFor = last.id;
    this.planner?.ask({
      ...{ evening: this.evening, events: this.all, causes: this.waiting },
      ...{ now: Math.round(this.now), kitchen: this.kitchen, id: freshId() },
    });
  }

  /** Why the stream broke off: no server, or one that does not let this screen in. */
  private async findOut(): Promise<void> {
    try {
      const response = await fetch(`/api/evenings/${this.evening.id}/events`, { method: 'HEAD' });
      this.isOnline = response.status < 500;
      this.refusal = DOOR.has(response.status)
        ? { status: response.status, text: REFUSED[response.status] ?? '' }
        : null;
    } catch {
      this.isOnline = false;
    }
  }
}

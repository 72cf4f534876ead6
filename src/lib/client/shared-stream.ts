/**
 * One stream of server events for all tabs of a browser: over plain http it opens six connections to a server at
 * most, and each tab with one of its own would leave none for the pages. One tab leads and tells the others; when
 * it goes or falls asleep, another does.
 */
import { freshId } from './fresh-id';

/** The leader says so every so often; silence for longer makes another lead, ms. */
const BEAT_MS = 2000;
const SILENCE_MS = 7000;
/** A leader that is there has answered by then, ms. */
const ANSWER_MS = 300;
/** A stream that the server has refused is tried again after so long, ms. */
const REOPEN_MS = 5000;

export interface StreamListener {
  message: (data: string) => void;
  /** The stream is interrupted; it is tried again by itself. */
  trouble: () => void;
}

type Word =
  | { kind: 'who'; id: string }
  | { kind: 'lead'; id: string; since: number }
  | { kind: 'data'; data: string }
  | { kind: 'down' }
  | { kind: 'bye' };

/** @returns how to stop listening */
export function watchShared(address: string, listener: StreamListener): () => void {
  if (typeof BroadcastChannel === 'undefined') return openSource(address, listener);
  return new SharedStream(address, listener).stop;
}

function openSource(address: string, { message, trouble }: StreamListener): () => void {
  let source: EventSource | null = null;
  let again: ReturnType<typeof setTimeout> | undefined;
  const open = (): void => {
    source = new EventSource(address);
    source.onmessage = ({ data }: MessageEvent<string>) => message(data);
    source.onerror = () => {
      trouble();
      // A browser goes on trying by itself where the line broke, but not where the server refused.
      if (source?.readyState === EventSource.CLOSED) again = setTimeout(open, REOPEN_MS);
    };
  };
  open();
  return () => {
    clearTimeout(again);
    source?.close();
  };
}

class SharedStream {
  private readonly id = freshId();
  private readonly channel: BroadcastChannel;
  private since = 0;
  private close: (() => void) | null = null;
  private heard = 0;
  private readonly beat: ReturnType<typeof setInterval>;
  private asking: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly address: string,
    private readonly listener: StreamListener,
  ) {
    this.channel = new BroadcastChannel(`stream ${address}`);
    this.channel.onmessage = ({ data }: MessageEvent<Word>) => this.hear(data);
    this.beat = setInterval(() => this.look(), BEAT_MS);
    addEventListener('pagehide', this.stop);
    this.ask(ANSWER_MS);
  }

  readonly stop = (): void => {
    removeEventListener('pagehide', this.stop);
    clearInterval(this.beat);
    clearTimeout(this.asking);
    if (this.close) this.say({ kind: 'bye' });
    this.close?.();
    this.close = null;
    this.channel.close();
  };

  private say(word: Word): void {
    this.channel.postMessage(word);
  }

  /** Leads, unless somebody has said meanwhile that they do. */
  private ask(waitMs: number): void {
    clearTimeout(this.asking);
    this.heard = 0;
    this.say({ kind: 'who', id: this.id });
    this.asking = setTimeout(() => {
      if (this.heard === 0) this.lead();
    }, waitMs);
  }

  private look(): void {
    if (this.close) this.say({ kind: 'lead', id: this.id, since: this.since });
    else if (this.heard > 0 && Date.now() - this.heard > SILENCE_MS) this.ask(ANSWER_MS);
  }

  private lead(): void {
    this.since = Date.now();
    this.open();
    this.say({ kind: 'lead', id: this.id, since: this.since });
  }

  private open(): void {
    this.close?.();
    this.close = openSource(this.address, {
      message: (data) => {
        this.listener.message(data);
        this.say({ kind: 'data', data });
      },
      trouble: () => {
        this.listener.trouble();
        this.say({ kind: 'down' });
      },
    });
  }

  private hear(word: Word): void {
    switch (word.kind) {
      case 'who':
        // Opened anew, the server tells everything so far, to the one that has just come as well.
        if (this.close) {
          this.say({ kind: 'lead', id: this.id, since: this.since });
          this.open();
        }
        return;
      case 'lead': {
        this.heard = Date.now();
        // Of two the one that began later leads: it is awake.
        const isLater = word.since > this.since || (word.since === this.since && word.id > this.id);
        if (!this.close || !isLater) return;
        this.close();
        this.close = null;
        return;
      }
      case 'data':
        this.heard = Date.now();
        this.listener.message(word.data);
        return;
      case 'down':
        this.heard = Date.now();
        this.listener.trouble();
        return;
      case 'bye':
        this.ask(ANSWER_MS * Math.random());
    }
  }
}

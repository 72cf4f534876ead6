/**
 * Pages that were made, for as long as nothing they show has changed. Many screens ask for the same few pages; a page is
 * made once for each revision of the household and each minute, and those who ask meanwhile wait for that one.
 */
import { closeSync, openSync, readSync } from 'node:fs';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

const zip = promisify(gzip);

/** What a page may be kept in, bytes; over it all are let go. */
const MOST_BYTES = 32_000_000;
/** A larger one, such as a household with its photos, is made for whoever asks and not kept, bytes. */
const MOST_PAGE_BYTES = 4_000_000;
/** Less than that is not worth packing. */
const WORTH_PACKING_BYTES = 1024;
/** The quickest: a page lives as long as nobody changes anything, which may be a blink. */
const PACKING_LEVEL = 1;
const KEPT_TYPES = /^(?:text\/html|application\/json)\b/;
/** Of the page itself, and not of this one answer. */
const NOT_KEPT = new Set(['content-length', 'transfer-encoding', 'date', 'connection']);

/**
 * Places whose pages come from the household and the clock alone. A live evening, Kitchen and what streams are made
 * anew each time: they show what is in no file.
 */
const KEPT_PLACES = /^\/(?:$|cook$|(?:meals|dishes|freezer|lists|log|help|answers)(?:\/|$))/;

export const isKeptPlace = (path: string): boolean =>
  KEPT_PLACES.test(path.replace(/\/__data\.json$/, ''));

/** The header of the index to the write-ahead log: it counts every transaction of every program. */
const HEADER_BYTES = 48;

/**
 * What changes with every transaction on a database, whoever made it.
 *
 * @param url where the data is
 * @returns null where there is no such file: then nothing is kept
 * @source SQLite, “WAL-mode File Format”, the WAL-index header (iChange and the checksums behind it)
 */
export function revisionOf(url: string): string | null {
  if (!url.startsWith('file:')) return null;
  let file: number;
  try {
    file = openSync(`${url.slice('file:'.length)}-shm`, 'r');
  } catch {
    return null;
  }
  try {
    const header = Buffer.alloc(HEADER_BYTES);
    return readSync(file, header, 0, HEADER_BYTES, 0) === HEADER_BYTES
      ? header.toString('latin1')
      : null;
  } catch {
    return null;
  } finally {
    closeSync(file);
  }
}

interface Page {
  status: number;
  headers: [string, string][];
  body: Uint8Array<ArrayBuffer>;
  /** The same, packed; null where that is not worth it. */
  packed: Uint8Array<ArrayBuffer> | null;
  isKept: boolean;
}

async function pageOf(response: Response): Promise<Page> {
  const body = new Uint8Array(await response.arrayBuffer());
  const headers = [...response.headers].filter(([name]) => !NOT_KEPT.has(name));
  const isKept =
    response.status === 200 &&
    body.length <= MOST_PAGE_BYTES &&
    !response.headers.has('set-cookie') &&
    KEPT_TYPES.test(response.headers.get('content-type') ?? '');
  const packed =
    isKept && body.length >= WORTH_PACKING_BYTES
      ? new Uint8Array(await zip(body, { level: PACKING_LEVEL }))
      : null;
  return { status: response.status, headers, body, packed, isKept };
}

/** What whoever asks can take, and what they have already. */
export interface Asked {
  takesPacked: boolean;
  /** The tag of the page they have; null where they have none. */
  has: string | null;
}

const bare = (tag: string): string => tag.replace(/^W\//, '');

function answerOf({ status, headers, body, packed }: Page, { takesPacked, has }: Asked): Response {
  const own = new Headers(headers);
  const tag = own.get('etag');
  if (packed) own.append('vary', 'accept-encoding');
  if (tag !== null && has !== null && bare(tag) === bare(has))
    return new Response(null, { status: 304, headers: own });
  if (packed && takesPacked) {
    own.set('content-encoding', 'gzip');
    // Packed, it is the same page in other bytes.
    if (tag !== null) own.set('etag', `W/${bare(tag)}`);
    return new Response(packed, { status, headers: own });
  }
  return new Response(body.length > 0 ? body : null, { status, headers: own });
}

/** How a page is made, and what it may show. */
export interface Making {
  /** Of everything that the page may show, and the minute. */
  revision: () => string;
  /** Resolves when it may be begun. */
  turn: () => Promise<void>;
  make: () => Promise<Response>;
}

interface Entry {
  /** Of what it was begun with; null while it is not begun: then it will show all that is there by now. */
  revision: string | null;
  page: Promise<Page>;
  bytes: number;
}

export class PageCache {
  #entries = new Map<string, Entry>();
  #bytes = 0;

  /** @param mostBytes all pages together; over it they are let go */
  constructor(private readonly mostBytes = MOST_BYTES) {}

  /**
   * A page that shows everything that was there when it was asked for.
   *
   * @param key address, and who may see what
   */
  async answer(key: string, asked: Asked, making: Making): Promise<Response> {
    const known = this.#entries.get(key);
    if (known && (known.revision === null || known.revision === making.revision())) {
      const page = await known.page;
      return page.isKept ? answerOf(page, asked) : making.turn().then(making.make);
    }
    const entry = this.#begin(making);
    this.#replace(key, entry);
    try {
      const page = await entry.page;
      if (page.isKept) this.#count(key, entry, page);
      else this.#forget(key, entry);
      return answerOf(page, asked);
    } catch (error) {
      this.#forget(key, entry);
      throw error;
    }
  }

  #begin({ revision, turn, make }: Making): Entry {
    const begun = { revision: null as string | null };
    const page = turn().then(() => {
      begun.revision = revision();
      return make().then(pageOf);
    });
    return Object.assign(begun, { page, bytes: 0 });
  }

  #replace(key: string, entry: Entry): void {
    this.#bytes -= this.#entries.get(key)?.bytes ?? 0;
    this.#entries.set(key, entry);
  }

  #forget(key: string, entry: Entry): void {
    if (this.#entries.get(key) === entry) this.#entries.delete(key);
  }

  #count(key: string, entry: Entry, { body, packed }: Page): void {
    if (this.#entries.get(key) !== entry) return;
    entry.bytes = body.length + (packed?.length ?? 0);
    this.#bytes += entry.bytes;
    if (this.#bytes <= this.mostBytes) return;
    this.#entries.clear();
    this.#bytes = 0;
  }
}

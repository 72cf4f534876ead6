/**
 * A large JSON object, parsed while it is read: each member, and of a list each element, by itself. `JSON.parse` takes a
 * household of ten years in one go, and nobody else is answered for seconds.
 *
 * @source the grammar of RFC 8259; the pieces themselves are parsed by `JSON.parse`
 */
import { breathe } from './breathe';

const [QUOTE, BACKSLASH, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [OPEN_OBJECT, CLOSE_OBJECT, OPEN_LIST, CLOSE_LIST] = [0x7b, 0x7d, 0x5b, 0x5d];
/** In the object, and in a list that is one of its members. */
const [IN_OBJECT, IN_LIST] = [1, 2];
const BYTE_ORDER_MARK = '\uFEFF';

class Pieces {
  #text: Buffer = Buffer.alloc(0);
  /** What was looked at already, and where the piece begins that is not parsed yet. */
  #at = 0;
  #start = 0;
  #depth = 0;
  #isString = false;
  #key: string | null = null;
  #list: unknown[] | null = null;
  #isListOver = false;
  #isOver = false;
  readonly #members: [string, unknown][] = [];

  push(chunk: Uint8Array): void {
    // What is parsed is let go.
    this.#text = Buffer.concat([this.#text.subarray(this.#start), chunk]);
    this.#at -= this.#start;
    this.#start = 0;
    while (this.#at < this.#text.length) {
      if (this.#isString) this.#skipString();
      else this.#look(this.#text[this.#at] ?? 0);
    }
  }

  /** @throws SyntaxError where it ends in the middle, or goes on behind its end */
  end(): Record<string, unknown> {
    if (!this.#isOver) throw new SyntaxError('the file ends in the middle');
    if (this.#piece() !== '') throw new SyntaxError('there is more behind its end');
    return Object.fromEntries(this.#members);
  }

  #piece(): string {
    return this.#text.toString('utf8', this.#start, this.#at).trim();
  }

  /** To the end of the string, as far as it is there. */
  #skipString(): void {
    const end = this.#text.indexOf(QUOTE, this.#at);
    if (end < 0) {
      this.#at = this.#text.length;
      return;
    }
    let before = end;
    while (before > this.#start && this.#text[before - 1] === BACKSLASH) before--;
    this.#isString = (end - before) % 2 === 1;
    this.#at = end + 1;
  }

  #look(byte: number): void {
    const isMember = this.#depth === IN_OBJECT;
    const isElement = this.#list !== null && !this.#isListOver && this.#depth === IN_LIST;
    if (byte === QUOTE) this.#isString = true;
    else if (byte === COLON && isMember && this.#key === null) this.#takeKey();
    else if (byte === COMMA && isMember) this.#takeMember();
    else if (byte === COMMA && isElement) this.#takeElement();
    else if (byte === OPEN_OBJECT || byte === OPEN_LIST) this.#open(byte);
    else if (byte === CLOSE_OBJECT || byte === CLOSE_LIST) this.#close(byte, isMember, isElement);
    this.#at++;
  }

  #open(byte: number): void {
    if (this.#depth === 0) {
      const isFirst = !this.#isOver && this.#piece().replace(BYTE_ORDER_MARK, '') === '';
      if (byte !== OPEN_OBJECT || !isFirst) throw new SyntaxError('it is no object');
      this.#start = this.#at + 1;
    } else if (
      byte === OPEN_LIST &&
      this.#depth === IN_OBJECT &&
      this.#key !== null &&
      this.#list === null &&
      this.#piece() === ''
    ) {
      this.#list = [];
      this.#start = this.#at + 1;
    }
    this.#depth++;
  }

  #close(byte: number, isMember: boolean, isElement: boolean): void {
    if (isMember) {
      if (byte !== CLOSE_OBJECT) throw new SyntaxError('a bracket is closed that was not opened');
      if (this.#key !== null || this.#members.length > 0 || this.#piece() !== '')
        this.#takeMember();
      else this.#start = this.#at + 1;
      this.#isOver = true;
    } else if (isElement) {
      if (byte !== CLOSE_LIST)
        throw new SyntaxError(`${this.#key}: a bracket is closed that was not opened`);
      if (this.#list?.length !== 0 || this.#piece() !== '') this.#takeElement();
      else this.#start = this.#at + 1;
      this.#isListOver = true;
    }
    this.#depth--;
    if (this.#depth < 0) throw new SyntaxError('a bracket is closed that was not opened');
  }

  #takeKey(): void {
    const key = this.#parsed('the name of a member');
    if (typeof key !== 'string') throw new SyntaxError('the name of a member is no string');
    this.#key = key;
    this.#start = this.#at + 1;
  }

  #takeElement(): void {
    this.#list?.push(this.#parsed(`${this.#key}, number ${(this.#list.length ?? 0) + 1}`));
    this.#start = this.#at + 1;
  }

  #takeMember(): void {
    if (this.#key === null)
      throw new SyntaxError(`a member without a value: ${this.#piece().slice(0, 40)}`);
    if (this.#list !== null && this.#piece() !== '')
      throw new SyntaxError(`${this.#key}: there is more behind the list`);
    this.#members.push([this.#key, this.#list ?? this.#parsed(this.#key)]);
    this.#key = null;
    this.#list = null;
    this.#isListOver = false;
    this.#start = this.#at + 1;
  }

  #parsed(where: string): unknown {
    try {
      return JSON.parse(this.#piece());
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      throw new SyntaxError(`${where}: ${why}`, { cause: error });
    }
  }
}

const BYTES_AT_ONCE = 1_000_000;

/**
 * What a JSON file holds, as `JSON.parse` has it; a large object is parsed piece by piece.
 *
 * @param onPart is told the share that was read, from 0 to 1
 * @param bytesAtOnce others are answered after so many
 * @throws SyntaxError where it is no JSON, naming the list and the element where it stands
 */
export async function parsedInPieces(
  file: Blob,
  onPart: (share: number) => Promise<void> = breathe,
  bytesAtOnce = BYTES_AT_ONCE,
): Promise<unknown> {
  const head = (await file.slice(0, 100).text()).replace(BYTE_ORDER_MARK, '').trimStart();
  // Anything else is small, or no household.
  if (!head.startsWith('{')) return JSON.parse(await file.text());
  const pieces = new Pieces();
  for (let from = 0; from < file.size; from += bytesAtOnce) {
    pieces.push(new Uint8Array(await file.slice(from, from + bytesAtOnce).arrayBuffer()));
    await onPart(Math.min(1, (from + bytesAtOnce) / file.size));
  }
  return pieces.end();
}

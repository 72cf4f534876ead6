/** Whether a database's files are still the ones that were opened: what goes into a deleted one is lost. */
import { statSync } from 'node:fs';

/** What is said where they are not; `trouble.ts` has it in the cook's words. */
export const FILE_GONE = 'OLIVE_FILE_GONE';

/** Which file a path leads to; null: none. */
function identityOf(path: string): string | null {
  const found = statSync(path, { throwIfNoEntry: false, bigint: true });
  return found ? `${found.dev}:${found.ino}` : null;
}

/**
 * SQLite goes on writing into a file that was deleted or replaced under it, and so does its log of writes (`-wal`): all
 * is acknowledged, and nothing of it is there after the next start.
 *
 * @source SQLite, “How To Corrupt An SQLite Database File”, 2.4 and 2.5
 */
export class SameFile {
  #file: string | null = null;
  #log: string | null = null;

  /** @param path of the database's file */
  constructor(private readonly path: string) {}

  /** Called when the connections are open: these are the files. */
  remember(): void {
    this.#file = identityOf(this.path);
    this.#log = identityOf(`${this.path}-wal`);
  }

  /** Called when all connections are closed: SQLite makes the log anew with the next one. */
  forgetLog(): void {
    this.#log = null;
  }

  /** @returns whether they are the same; true before anything was remembered */
  isSame(): boolean {
    if (this.#file === null) return true;
    if (identityOf(this.path) !== this.#file) return false;
    if (this.#log === null) {
      this.#log = identityOf(`${this.path}-wal`);
      return true;
    }
    return identityOf(`${this.path}-wal`) === this.#log;
  }

  /** @throws where they are others, with a code that `trouble.ts` knows */
  check(): void {
    if (!this.isSame())
      throw Object.assign(new Error(`${this.path} is not the file that was opened`), {
        code: FILE_GONE,
      });
  }
}

/** What the disk or the database complains of, in words. */

/** Every text of an error and of what caused it. */
function textOf(error: unknown): string {
  const parts: string[] = [];
  for (let e = error; e instanceof Error; e = e.cause) {
    parts.push(e.message);
    if ('code' in e) parts.push(String(e.code));
  }
  return parts.join(' ');
}

const TROUBLES: readonly { pattern: RegExp; message: string; remedy: string }[] = [
  {
    pattern: /SQLITE_FULL|database or disk is full|ENOSPC/,
    message: 'The disk is full, so nothing was saved.',
    remedy: 'Free some space on the machine, then do it again; what was there before is whole.',
  },
  {
    pattern: /SQLITE_READONLY|readonly database|EROFS|EACCES/,
    message: 'The database may not be written, so nothing was saved.',
    remedy: 'Give this program the right to write the file and its folder, then do it again.',
  },
  {
    pattern: /SQLITE_CORRUPT|SQLITE_NOTADB|malformed|not a database/,
    message: 'The database is damaged.',
    remedy: 'Stop the program and bring back the last copy: npm run restore.',
  },
  {
    pattern: /SQLITE_BUSY|database is locked/,
    message: 'Another program holds the database, so nothing was saved.',
    remedy: 'Close it, then do it again.',
  },
  {
    pattern: /OLIVE_FILE_GONE/,
    message:
      'The household’s file was moved, deleted or replaced while the program ran, so nothing was saved.',
    remedy:
      'Put the file back, or bring back the last copy (npm run restore), then start the program again.',
  },
  {
    // Sent is not answered: what was asked may have been done.
    pattern:
      /fetch failed|ECONNREFUSED|ECONNRESET|ENOTFOUND|ETIMEDOUT|socket hang up|HRANA_CLOSED_ERROR/,
    message: 'The database’s server did not answer, so it is not known whether this was saved.',
    remedy: 'Look whether it is there before you do it again.',
  },
  {
    pattern: /SERVER_ERROR|HTTP status 40[13]/,
    message: 'The database’s server let nobody in, so nothing was saved.',
    remedy: 'Set its address and token again (DATABASE_URL), then start the program again.',
  },
];

/** Words for trouble with the disk or the database; null where it is something else. */
export function diskTrouble(error: unknown): { message: string; remedy: string } | null {
  const text = textOf(error);
  const found = TROUBLES.find((t) => t.pattern.test(text));
  return found ? { message: found.message, remedy: found.remedy } : null;
}

/** Whether a request broke off because whoever asked is gone: a page that was closed or left. Nothing failed here. */
export const isLeft = (error: unknown): boolean =>
  error instanceof Error &&
  error.message === 'aborted' &&
  'code' in error &&
  error.code === 'ECONNRESET';

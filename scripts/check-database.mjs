/** Looks at the database before the server starts: whole, writable, a database at all. */
import { existsSync, statSync } from 'node:fs';
import { createClient } from '@libsql/client';

/** So long it is waited for a program that writes, or that has just been killed while it did. */
export const BUSY_MS = 5000;

/**
 * @param url as in DATABASE_URL
 * @returns what is wrong and what to do, in words; null where it may be used
 */
export async function databaseTrouble(url) {
  if (!url.startsWith('file:')) return null;
  const path = url.slice('file:'.length);
  if (!existsSync(path)) return null;
  if (statSync(path).size === 0)
    return `The database ${path} is empty (0 bytes): a household was there, or something went wrong while it was made. Bring back the last copy with: npm run restore. To begin anew, delete the file first.`;
  const client = createClient({ url, timeout: BUSY_MS });
  const restore = 'Bring back the last copy with: npm run restore';
  try {
    const { rows } = await client.execute('PRAGMA quick_check(1)');
    if (String(rows[0]?.[0]) !== 'ok')
      return `The database ${path} is damaged (${String(rows[0]?.[0])}). ${restore}`;
    await client.executeMultiple('BEGIN IMMEDIATE; ROLLBACK;');
    return null;
  } catch (error) {
    const text = String(error?.message ?? error);
    if (/READONLY|readonly/.test(text))
      return `The database ${path} may not be written. Give this program the right to write the file and its folder.`;
    if (/BUSY|locked/.test(text))
      return `Another program holds the database ${path}. Close it first.`;
    return `The database ${path} can't be read (${text}). ${restore}`;
  } finally {
    client.close();
  }
}

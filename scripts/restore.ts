/**
 * Brings back a copy of the database: `npm run restore` lists the copies, `npm run restore -- NAME` takes
 * one. The database that is there is kept beside it, never thrown away. Stop the server first.
 */
import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createClient } from '@libsql/client';
import { backupFolder, listBackups } from '$lib/server/backup';
import { isNewerThanHere } from '$lib/server/database';

const url = process.env.DATABASE_URL || 'file:data/olive.db';
const folder = backupFolder(url);
const [name] = process.argv.slice(2);
if (!folder) {
  console.error('The database is on another server; restore it there.');
  process.exitCode = 1;
} else if (!name) {
  const copies = listBackups(folder);
  if (copies.length === 0) console.log(`There is no copy in ${folder}.`);
  for (const copy of copies) console.log(`${copy.name}  ${(copy.bytes / 1e6).toFixed(1)} MB`);
  if (copies.length > 0) console.log(`Bring one back with: npm run restore -- ${copies[0]?.name}`);
} else {
  const from = existsSync(name) ? resolve(name) : join(folder, name);
  const trouble = await troubleWith(from);
  if (trouble) {
    console.error(trouble);
    process.exitCode = 1;
  } else {
    const path = resolve(url.slice('file:'.length));
    const aside = `${path}.before-restore-${new Date().toISOString().slice(0, 19).replaceAll(':', '-')}`;
    if (existsSync(path)) renameSync(path, aside);
    for (const rest of ['-wal', '-shm']) rmSync(`${path}${rest}`, { force: true });
    copyFileSync(from, path);
    console.log(`${from} is the database now.`);
    if (existsSync(aside)) console.log(`What was there before is kept as ${aside}.`);
  }
}

/** Why a file is no copy to bring back; null where it is one. */
async function troubleWith(path: string): Promise<string | null> {
  if (!existsSync(path))
    return `There is no copy ${path}. npm run restore lists those that there are.`;
  const client = createClient({ url: `file:${path}` });
  try {
    const { rows } = await client.execute('PRAGMA quick_check(1)');
    if (String(rows[0]?.[0]) !== 'ok') return `${path} is damaged itself; choose an older one.`;
    await client.execute('select count(*) from dishes');
    return (await isNewerThanHere(client))
      ? `${path} is of a newer version of Olive Clock; install that one, or choose an older copy.`
      : null;
  } catch (error) {
    return `${path} is no database of Olive Clock (${error instanceof Error ? error.message : String(error)}).`;
  } finally {
    client.close();
  }
}

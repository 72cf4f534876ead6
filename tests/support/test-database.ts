/** The database of a test: a file, or the same file behind a libSQL server where the tests are run over one. */
import { afterAll } from 'vitest';
import { openDatabase } from '../../src/lib/server/database';
import { LibsqlServer } from './libsql-server';

const isOverNetwork = process.env.OVER_LIBSQL === '1';

const servers: LibsqlServer[] = [];
afterAll(() => Promise.all(servers.map((server) => server.stop())));

/** @param path of the database’s file, which need not be there */
export async function openTestDatabase(path: string): ReturnType<typeof openDatabase> {
  if (!isOverNetwork) return openDatabase(`file:${path}`);
  const server = new LibsqlServer(path, 'secret');
  servers.push(server);
  return openDatabase(await server.start());
}

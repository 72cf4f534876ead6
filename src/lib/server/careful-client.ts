/** A client of a file that acknowledges nothing that would not be there after a crash. */
import { LibsqlError, type Client } from '@libsql/client';
import { SameFile } from './same-file';

const isOf = (error: unknown, code: string): boolean =>
  error instanceof LibsqlError && error.code === code;

/**
 * Refuses what would be lost. A file that was deleted or replaced is neither read nor written. And a statement that
 * SQLite refused as busy stays in progress on its connection until the collector finds it: what is written there
 * afterwards is acknowledged and not committed. So the connections are closed and others opened in their place; the
 * refusal goes to whoever asked.
 *
 * @param client of the file; it is changed
 * @returns what is told when the connections are open
 * @source SQLite, “Result and Error Codes”, SQLITE_BUSY: the statement can be stepped again, so it is not reset
 */
export function makeCareful(client: Client, path: string): SameFile {
  const file = new SameFile(path);
  const careful = async <T>(act: () => Promise<T>): Promise<T> => {
    file.check();
    try {
      return await act();
    } catch (error) {
      // What another one’s refusal closed under it was never begun.
      if (isOf(error, 'CLIENT_CLOSED') && !client.closed) return act();
      if (isOf(error, 'SQLITE_BUSY')) {
        await client.reconnect();
        file.forgetLog();
      }
      throw error;
    }
  };
  type Call = (...asked: unknown[]) => Promise<unknown>;
  const calls: Record<string, Call> = {};
  for (const name of ['execute', 'batch', 'transaction', 'executeMultiple'] as const) {
    const call = client[name].bind(client) as Call;
    calls[name] = (...asked) => careful(() => call(...asked));
  }
  Object.assign(client, calls);
  return file;
}

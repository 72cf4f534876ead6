import { createServer, request, type IncomingMessage } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { expect, it } from 'vitest';
import { diskTrouble, isLeft } from './trouble';

it('whoever leaves in the middle of a request is told apart from a database that does not answer', async () => {
  const server = createServer();
  await once(server.listen(0, '127.0.0.1'), 'listening');
  const { port } = server.address() as AddressInfo;
  const asked = once(server, 'request') as Promise<[IncomingMessage]>;
  const client = request({ port, host: '127.0.0.1', method: 'POST' });
  client.on('error', () => undefined);
  client.setHeader('content-length', 100);
  client.write('half of it');
  const [incoming] = await asked;
  const failed = (async () => {
    for await (const _ of incoming);
  })().then(
    () => null,
    (error: unknown) => error,
  );
  client.destroy();
  expect(isLeft(await failed)).toBe(true);
  server.close();

  const reset = Object.assign(new Error('read ECONNRESET'), { code: 'ECONNRESET' });
  const database = new TypeError('fetch failed', { cause: reset });
  expect(isLeft(database)).toBe(false);
  expect(isLeft(reset)).toBe(false);
  expect(diskTrouble(database)?.message).toContain('not known whether this was saved');
});

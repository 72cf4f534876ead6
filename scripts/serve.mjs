/**
 * Serves the built application, on this machine only unless HOST says otherwise; `--https` (or HTTPS=1)
 * with a certificate of its own. Over the network it starts only where a passcode is set.
 */
import { readdirSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { hostname, networkInterfaces } from 'node:os';
import { dirname } from 'node:path';
import { createClient } from '@libsql/client';
import compression from 'compression';
import { certificate } from './certificate.mjs';
import { BUSY_MS, databaseTrouble } from './check-database.mjs';
import { readSettings } from './settings.mjs';

const { settings, problems } = readSettings(process.env);
if (!settings) {
  for (const problem of problems) console.error(problem);
  process.exit(1);
}
const { PORT: port, HOST: host, DATABASE_URL: url } = settings;
const isSecure = process.argv.includes('--https') || settings.HTTPS === '1';
const isHere = ['127.0.0.1', 'localhost', '::1'].includes(host);
/** Between closing the door and leaving: open pages keep their line of events. */
const LEAVE_AFTER_MS = 2000;

const large = largeFile();
if (large > 0) console.log(`Looking over the household’s file first (${large} MB).`);
const trouble = await databaseTrouble(url);
if (trouble) {
  console.error(trouble);
  process.exit(1);
}

// Each request says how it came; see adapter-node for these two.
process.env.PROTOCOL_HEADER = 'x-olive-protocol';
// The largest file there is to open; what other requests may carry, src/hooks.server.ts says.
process.env.BODY_SIZE_LIMIT ||= '425M';
const handler = await built();
await loadPlaces();

if (!isHere && !(await hasPasscode())) {
  console.error(
    `Olive Clock listens on ${host} only with a passcode. Set one first: npm run passcode`,
  );
  process.exit(1);
}
const secure = isSecure ? await certificate(folder(), names()) : null;
// Pages are compressed as they are written; the built files lie there compressed already. A line of events is not: it
// would wait until a block is full.
const isLine = (response) => /^text\/event-stream/.test(response.getHeader('content-type') ?? '');
const compress = compression({
  filter: (request, response) => !isLine(response) && compression.filter(request, response),
});
const answer = (request, response) => {
  request.headers['x-olive-protocol'] = secure ? 'https' : 'http';
  compress(request, response, () =>
    handler(request, response, () => response.writeHead(404).end()),
  );
};
const server = secure
  ? createSecureServer({ key: secure.key, cert: secure.cert }, answer)
  : createServer(answer);
// Proxies keep a line for a minute: one that is closed before that takes a request with it.
server.keepAliveTimeout = 65_000;
server.headersTimeout = 70_000;
server.on('error', (error) => {
  const remedy = error.code === 'EADDRINUSE' ? 'set PORT to another' : 'look at HOST and PORT';
  console.error(`Olive Clock can’t listen on ${host}:${port} (${error.code}); ${remedy}.`);
  process.exit(1);
});
server.listen(port, host, () => {
  const scheme = secure ? 'https' : 'http';
  console.log(`Olive Clock is at ${scheme}://${isHere ? host : hostname()}:${port}`);
  if (!secure) return;
  console.log(`Its certificate is ${secure.certFile}; docs/network.md says how to trust it.`);
});
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    setTimeout(() => process.exit(0), LEAVE_AFTER_MS).unref();
  });

/** MB of a file that is read through noticeably long on a slow disk; else 0. */
function largeFile() {
  const path = url.startsWith('file:') ? url.slice('file:'.length) : null;
  const bytes = path === null ? 0 : (statSync(path, { throwIfNoEntry: false })?.size ?? 0);
  return bytes > 64e6 ? Math.round(bytes / 1e6) : 0;
}

function folder() {
  return url.startsWith('file:') ? dirname(url.slice('file:'.length)) : 'data';
}

function names() {
  const addresses = Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((a) => a.family === 'IPv4').map((a) => a.address),
  );
  const extra = (settings.HOSTS ?? '')
    .split(',')
    .map((n) => n.trim())
    .filter(Boolean);
  return [...new Set(['localhost', hostname(), `${hostname()}.local`, ...addresses, ...extra])];
}

/** The application; where it can't open the household, it says why. */
async function built() {
  try {
    return (await import('../build/handler.js')).handler;
  } catch (error) {
    console.error(error?.message ?? error);
    process.exit(1);
  }
}

/**
 * Every page and address is a module of its own that is loaded when somebody first asks for it: beside 200 readers that
 * takes seconds, for each of its files waits for a turn. All of them are loaded before the door opens.
 */
async function loadPlaces() {
  const places = new URL('../build/server/', import.meta.url);
  for (const file of readdirSync(places, { recursive: true }))
    if (String(file).endsWith('.js')) await import(new URL(String(file), places).href);
}

async function hasPasscode() {
  const client = createClient({ url, timeout: BUSY_MS });
  try {
    const { rows } = await client.execute("select 1 from settings where key = 'passcode'");
    return rows.length > 0;
  } catch {
    // No such table: a database that was never opened.
    return false;
  } finally {
    client.close();
  }
}

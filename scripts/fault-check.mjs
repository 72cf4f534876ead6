/**
 * The server is killed in the middle of writes, 200 times (`--short`: five): what it acknowledged is there,
 * no document is half written, and the database is whole. See docs/safe-keeping.md.
 */
import { createClient } from '@libsql/client';
import { BUSY_MS, databaseTrouble } from './check-database.mjs';
import { CheckServer, checkMeal } from './check-server.mjs';

const isShort = process.argv.includes('--short');
const KILLS = isShort ? 5 : 200;
const WRITERS = 4;
const LONGEST_MS = 250;
/** An answer that has not come by then went with the server: a killed one may leave `fetch` waiting for ever. */
const ANSWER_MS = 10_000;

const server = new CheckServer(4797);
server.seed();
const ids = Array.from({ length: WRITERS }, (_, n) => `fault-${n}`);
/** By meal: what was acknowledged last, and everything that was sent after it. */
const acknowledged = new Map();
const sent = new Map();
let lost = 0;
let broken = 0;
let damaged = 0;

await server.start();
for (const [n, id] of ids.entries()) acknowledged.set(id, await create(n));
for (let kill = 0; kill < KILLS; kill++) {
  let isOver = false;
  const writing = ids.map(async (id) => {
    for (let i = 0; !isOver; i++) await write(id, `kill ${kill} write ${i} ${'x'.repeat(60)}`);
  });
  await new Promise((resolve) => setTimeout(resolve, (LONGEST_MS * ((kill * 37) % 100)) / 100));
  await server.kill();
  isOver = true;
  await Promise.all(writing);
  if (await databaseTrouble(server.env.DATABASE_URL)) damaged++;
  await compare();
  await server.start();
}
server.report(lost === 0, `${KILLS} kills: ${lost} acknowledged writes are lost`);
server.report(broken === 0, `${broken} documents are half written`);
server.report(damaged === 0, `${damaged} times the database was damaged`);
await server.close();

async function create(n) {
  const client = createClient({ url: server.env.DATABASE_URL, timeout: BUSY_MS });
  const meal = checkMeal(ids[n], 'first');
  await client.execute({
    sql: 'insert into meals (id, name, serve_at, document, updated_at) values (?, ?, ?, ?, ?)',
    args: [meal.id, meal.name, Date.parse(meal.serveAt), JSON.stringify(meal), Date.now()],
  });
  client.close();
  return { name: meal.name, revision: 1 };
}

async function write(id, name) {
  const { revision } = acknowledged.get(id);
  sent.set(id, [...(sent.get(id) ?? []), name.trim()]);
  const line = new AbortController();
  const limit = setTimeout(() => line.abort(), ANSWER_MS);
  try {
    const response = await fetch(`${server.origin}/api/meals/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ meal: checkMeal(id, name.trim()), plan: null, revision }),
      signal: line.signal,
    });
    const body = await response.json();
    if (!response.ok) return;
    acknowledged.set(id, { name: name.trim(), revision: body.revision });
    sent.set(id, []);
  } catch {
    // The line went with the server: whether it was written, the database says.
    await new Promise((resolve) => setTimeout(resolve, 20));
  } finally {
    clearTimeout(limit);
  }
}

/** Each meal is as it was acknowledged last, or as one of those sent after that; never older, never half. */
async function compare() {
  const client = createClient({ url: server.env.DATABASE_URL, timeout: BUSY_MS });
  for (const id of ids) {
    const { rows } = await client.execute({
      sql: 'select document, revision from meals where id = ?',
      args: [id],
    });
    let name = null;
    try {
      name = JSON.parse(String(rows[0]?.document)).name;
    } catch {
      broken++;
    }
    const known = acknowledged.get(id);
    const isKnown = name === known.name || (sent.get(id) ?? []).includes(name);
    if (!isKnown || Number(rows[0]?.revision) < known.revision) lost++;
    acknowledged.set(id, { name, revision: Number(rows[0]?.revision) });
    sent.set(id, []);
  }
  client.close();
}

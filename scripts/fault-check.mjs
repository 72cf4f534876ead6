/**
 * The server is killed in the middle of writes, 200 times (`--short`: five): what it acknowledged is there,
 * no document is half written, and the database is whole. See docs/safe-keeping.md.
 */
import { request } from 'node:http';
import { createClient } from '@libsql/client';
import { BUSY_MS, databaseTrouble } from './check-database.mjs';
import { CheckServer, checkMeal } from './check-server.mjs';

const isShort = process.argv.includes('--short');
const KILLS = isShort ? 5 : 200;
const WRITERS = 4;
const LONGEST_MS = 250;

const server = new CheckServer(4797);
server.seed();
const ids = Array.from({ length: WRITERS }, (_, n) => `fault-${n}`);
/** By meal: what was acknowledged last, everything that was sent after it, and the revision to write on. */
const acknowledged = new Map();
const sent = new Map();
const revisions = new Map();
/** Writes that were acknowledged; a kill before the first of a round would prove nothing. */
let answers = 0;
let quiet = 0;
const PATIENCE_MS = 20_000;
let lost = 0;
let broken = 0;
let damaged = 0;

await server.start();
for (const [n, id] of ids.entries()) {
  acknowledged.set(id, await create(n));
  revisions.set(id, 1);
}
// A round without an acknowledged write has failed the check already: waiting for more of them tells nothing new.
for (let kill = 0; kill < KILLS && quiet === 0; kill++) {
  let isOver = false;
  const writing = ids.map(async (id) => {
    for (let i = 0; !isOver; i++) await write(id, `kill ${kill} write ${i} ${'x'.repeat(60)}`);
  });
  if (!(await isAnswered(answers))) quiet++;
  await new Promise((resolve) => setTimeout(resolve, (LONGEST_MS * ((kill * 37) % 100)) / 100));
  await server.kill();
  isOver = true;
  await Promise.all(writing);
  if (await databaseTrouble(server.env.DATABASE_URL)) damaged++;
  await compare();
  await server.start();
}
server.report(quiet === 0, `${quiet} kills came before anything had been acknowledged`);
server.report(answers >= KILLS, `${answers} writes were acknowledged`);
server.report(lost === 0, `${KILLS} kills: ${lost} acknowledged writes are lost`);
server.report(broken === 0, `${broken} documents are half written`);
server.report(damaged === 0, `${damaged} times the database was damaged`);
await server.close();

/** Waits until one write more has been acknowledged. */
async function isAnswered(before) {
  const until = Date.now() + PATIENCE_MS;
  while (answers <= before && Date.now() < until)
    await new Promise((resolve) => setTimeout(resolve, 5));
  return answers > before;
}

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
  const revision = revisions.get(id);
  sent.set(id, [...(sent.get(id) ?? []), name.trim()]);
  const body = JSON.stringify({ meal: checkMeal(id, name.trim()), plan: null, revision });
  try {
    const answer = await put(`${server.origin}/api/meals/${id}`, body);
    if (answer.status !== 200) return;
    const written = { name: name.trim(), revision: JSON.parse(answer.text).revision };
    answers++;
    acknowledged.set(id, written);
    revisions.set(id, written.revision);
    sent.set(id, []);
  } catch {
    // The line went with the server: whether it was written, the database says.
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

/**
 * On a line of its own, which ends with its server: a `fetch` was seen to wait for ever after one was killed.
 */
function put(url, body) {
  return new Promise((resolve, reject) => {
    const headers = {
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body),
    };
    const line = request(url, { method: 'PUT', agent: false, headers }, (response) => {
      let text = '';
      response.on('data', (chunk) => (text += chunk));
      response.on('end', () => resolve({ status: response.statusCode, text }));
      response.on('error', reject);
      response.on('aborted', () => reject(new Error('cut off')));
    });
    line.on('error', reject);
    line.end(body);
  });
}

/**
 * Each meal is as it was acknowledged last, or as one of those sent after that; never older, never half. One
 * that was cut off in the middle of its answer may come to light later, when the log is recovered.
 */
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
    revisions.set(id, Number(rows[0]?.revision));
  }
  client.close();
}

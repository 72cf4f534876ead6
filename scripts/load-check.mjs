/**
 * 200 readers and 20 writers at once beside 50 screens of a live evening, for a minute (`--short`: six seconds, 40, 6
 * and 10): nothing that was acknowledged is lost, every screen hears of every tap, and how long answers take, in ms and
 * as a ratio to a static file that as many ask for in the same run. Times are printed, not judged. Each asks again as
 * soon as it has its answer; pages come packed, as browsers take them, and are not unpacked here: that would be work of
 * this program and not of the server.
 */
import { Agent, get } from 'node:http';
import { CheckServer, checkMeal, watchEvents } from './check-server.mjs';

const isShort = process.argv.includes('--short');
const READERS = isShort ? 40 : 200;
const WRITERS = isShort ? 6 : 20;
const SCREENS = isShort ? 10 : 50;
const TAP_EVERY_MS = 2000;
const LENGTH_MS = isShort ? 6000 : 60_000;
const STATIC_MS = LENGTH_MS / 6;
const PAGES = ['/meals', '/dishes', '/freezer', '/lists', '/log', '/cook'];

const server = new CheckServer(4796);
server.seed();
await server.start();
const agent = new Agent({ keepAlive: true, maxSockets: READERS });
let until = performance.now() + LENGTH_MS;
const reads = [];
const writes = [];
/** What each writer was told is saved: the name of its meal. */
const saved = new Map();
const failures = [];

/** The status of a page that was read to its end. */
function read(path) {
  return new Promise((resolve, reject) => {
    const headers = { 'accept-encoding': 'gzip' };
    get(`${server.origin}${path}`, { agent, headers }, (response) => {
      response.on('end', () => resolve(response.statusCode)).resume();
    }).on('error', reject);
  });
}

async function reader(n, paths, times) {
  for (let i = n; performance.now() < until; i++) {
    const from = performance.now();
    const path = paths[i % paths.length];
    const status = await read(path);
    times.push(performance.now() - from);
    if (status !== 200) failures.push(`${path} ${status}`);
  }
}

const readers = (paths, times) =>
  Promise.all(Array.from({ length: READERS }, (_, n) => reader(n, paths, times)));

/** A screen of a live evening: which taps it heard of. */
function screen(evening) {
  const heard = new Set();
  const url = `${server.origin}/api/evenings/${evening}/stream`;
  return { heard, leave: watchEvents(url, (event) => heard.add(event.id)) };
}

const taps = [];
const tapTimes = [];

/** Somebody cooks: guests come a little later, and a little sooner again. */
async function cook(evening) {
  while (performance.now() < until) {
    const minutes = taps.length % 2 === 0 ? 2 : -2;
    const event = {
      id: `load-${taps.length}`,
      at: Date.now(),
      by: 'check',
      kind: 'guests',
      minutes,
    };
    const from = performance.now();
    const response = await fetch(`${server.origin}/api/evenings/${evening}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events: [event] }),
    });
    tapTimes.push(performance.now() - from);
    if (response.ok) taps.push(event.id);
    else failures.push(`tap ${response.status}`);
    await new Promise((resolve) => setTimeout(resolve, TAP_EVERY_MS));
  }
}

async function writer(n) {
  const id = await newMeal(n);
  for (let i = 0, revision = 1; performance.now() < until; i++) {
    const meal = checkMeal(id, `Writer ${n}, ${i}`);
    const from = performance.now();
    const response = await fetch(`${server.origin}/api/meals/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ meal, plan: null, revision }),
    });
    const body = await response.json();
    writes.push(performance.now() - from);
    if (response.ok) {
      revision = body.revision;
      saved.set(id, meal.name);
    } else failures.push(`write ${response.status} ${body.message}`);
  }
}

async function form(path, fields) {
  const response = await fetch(`${server.origin}${path}`, {
    method: 'POST',
    body: new URLSearchParams(fields),
    headers: { origin: server.origin, accept: 'text/html' },
    redirect: 'manual',
  });
  return response.headers.get('location')?.split('/').at(-1) ?? '';
}

const newMeal = (n) =>
  form('/meals?/create', { name: `Writer ${n}`, day: tomorrow(), time: '18:30', servings: '4' });

/** A file that was built, of a kind that every page asks for. */
async function staticFile() {
  const html = await (await fetch(`${server.origin}/meals`)).text();
  return /\/_app\/immutable\/[^"]+\.js/.exec(html)[0];
}
const tomorrow = () => new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10);

const evening = await form('/cook?/start', { meal: 'harvest-supper' });
const screens = Array.from({ length: SCREENS }, () => screen(evening));
await Promise.all([
  readers(PAGES, reads),
  ...Array.from({ length: WRITERS }, (_, n) => writer(n)),
  cook(evening),
]);
const deaf = screens.filter(({ heard }) => !taps.every((id) => heard.has(id)));
for (const { leave } of screens) leave();
const files = [];
until = performance.now() + STATIC_MS;
await readers([await staticFile()], files);
const household = await (await fetch(`${server.origin}/household.json`)).json();
const kept = new Map(household.meals.map((m) => [m.id, m.name]));
const lost = [...saved].filter(([id, name]) => kept.get(id) !== name);
const at = (list, share) => {
  const sorted = [...list].sort((a, b) => a - b);
  return Math.round(sorted[Math.floor(sorted.length * share)] ?? NaN);
};
server.report(
  failures.length === 0,
  `${reads.length} pages to ${READERS} readers and ${writes.length} writes by ${WRITERS} in ${LENGTH_MS / 1000} s, ${failures.length} refused ${failures.slice(0, 3).join('; ')}`,
);
server.report(
  lost.length === 0 && saved.size === WRITERS,
  `${saved.size} meals are as their writers were told last; ${lost.length} are not`,
);
server.report(
  deaf.length === 0 && taps.length > 0,
  `${SCREENS} screens heard of ${taps.length} taps; ${deaf.length} missed one`,
);
const ratio = (share) => (at(reads, share) / at(files, share)).toFixed(1);
console.log(
  `    pages: median ${at(reads, 0.5)} ms, p99 ${at(reads, 0.99)} ms; ${ratio(0.5)} and ${ratio(0.99)} times a static file’s ${at(files, 0.5)} and ${at(files, 0.99)} ms`,
);
console.log(`    writes: median ${at(writes, 0.5)} ms, p99 ${at(writes, 0.99)} ms`);
console.log(`    taps: median ${at(tapTimes, 0.5)} ms, longest ${at(tapTimes, 0.999)} ms`);
await server.close();

/**
 * 200 readers and 20 writers at once, for a minute (`--short`: six seconds, 40 and 6): nothing that was
 * acknowledged is lost, and how long answers take. Times are printed, not judged.
 */
import { CheckServer, checkMeal } from './check-server.mjs';

const isShort = process.argv.includes('--short');
const READERS = isShort ? 40 : 200;
const WRITERS = isShort ? 6 : 20;
const LENGTH_MS = isShort ? 6000 : 60_000;
const PAGES = ['/meals', '/dishes', '/freezer', '/lists', '/log', '/cook'];

const server = new CheckServer(4796);
server.seed();
await server.start();
const until = performance.now() + LENGTH_MS;
const reads = [];
const writes = [];
/** What each writer was told is saved: the name of its meal. */
const saved = new Map();
const failures = [];

async function reader(n) {
  for (let i = n; performance.now() < until; i++) {
    const from = performance.now();
    const response = await fetch(`${server.origin}${PAGES[i % PAGES.length]}`);
    await response.text();
    reads.push(performance.now() - from);
    if (!response.ok) failures.push(`${PAGES[i % PAGES.length]} ${response.status}`);
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

async function newMeal(n) {
  const fields = { name: `Writer ${n}`, day: tomorrow(), time: '18:30', servings: '4' };
  const response = await fetch(`${server.origin}/meals?/create`, {
    method: 'POST',
    body: new URLSearchParams(fields),
    headers: { origin: server.origin, accept: 'text/html' },
    redirect: 'manual',
  });
  return response.headers.get('location')?.split('/').at(-1) ?? '';
}
const tomorrow = () => new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10);

await Promise.all([
  ...Array.from({ length: READERS }, (_, n) => reader(n)),
  ...Array.from({ length: WRITERS }, (_, n) => writer(n)),
]);
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
console.log(`    pages: median ${at(reads, 0.5)} ms, p99 ${at(reads, 0.99)} ms`);
console.log(`    writes: median ${at(writes, 0.5)} ms, p99 ${at(writes, 0.99)} ms`);
await server.close();

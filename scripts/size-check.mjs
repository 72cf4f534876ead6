/**
 * A household of ten years (`--short`: of four months): its file is opened while others are answered, and every place
 * answers, each time in relation to a built file that is only read and sent. Times are printed, not judged.
 */
import { spawnSync } from 'node:child_process';
import { openAsBlob, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { CheckServer } from './check-server.mjs';

const SHARE = process.argv.includes('--short') ? '0.03' : '1';
const PLACES = [
  ...['/meals', '/meals?week=0', '/meals/compare', '/meals/harvest-supper', '/dishes'],
  ...['/dishes?find=lamb', '/dishes?page=2', '/freezer', '/freezer/week', '/freezer/labels'],
  ...['/lists', '/cook', '/kitchen', '/log', '/log?page=2', '/log/charts', '/answers'],
  ...['/api/search?q=lamb', '/api/meals/harvest-supper/picks', '/calendar.ics'],
];

const server = new CheckServer(4795);
server.seed();
const file = join(server.folder, 'ten-years.json');
const made = spawnSync('node', ['scripts/run-ts.mjs', 'scripts/ten-years.ts', SHARE, file], {
  env: server.env,
  encoding: 'utf8',
});
if (made.status !== 0) throw new Error(made.stderr);
await server.start();

/** @param {string} path */
async function timed(path) {
  const from = performance.now();
  const response = await fetch(server.origin + path);
  const text = await response.text();
  return { ms: performance.now() - from, ok: response.ok, bytes: text.length };
}

/** The longest that somebody else waits while the file is opened, ms. */
let longestWait = 0;
let isOpening = true;
const stages = new Set();
async function watch() {
  while (isOpening) {
    const from = performance.now();
    const progress = await (await fetch(`${server.origin}/api/opening`)).json();
    longestWait = Math.max(longestWait, performance.now() - from);
    if (progress) stages.add(progress.stage);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}
const watching = watch();
const body = new FormData();
body.set('file', await openAsBlob(file), 'ten-years.json');
const from = performance.now();
const response = await fetch(`${server.origin}/kitchen?/open`, {
  method: 'POST',
  body,
  headers: { origin: server.origin, accept: 'application/json' },
});
const opened = await response.json();
const took = performance.now() - from;
isOpening = false;
await watching;
server.report(
  opened.type === 'success' && stages.size > 0,
  `a file of ${Math.round(statSync(file).size / 1e6)} MB is opened, and says how far it is: ${opened.data}`,
);
console.log(
  `    in ${(took / 1000).toFixed(1)} s; others waited ${Math.round(longestWait)} ms at most`,
);

const assets = 'build/client/_app/immutable/assets';
const asset = `/_app/immutable/assets/${readdirSync(assets).find((n) => n.endsWith('.css'))}`;
const plain = Math.min(...(await Promise.all([0, 1, 2].map(() => timed(asset)))).map((t) => t.ms));
for (const path of PLACES) {
  const first = await timed(path);
  const again = await timed(path);
  server.report(first.ok && again.ok, `${path} answers with ${Math.round(first.bytes / 1000)} kB`);
  console.log(
    `    first ${Math.round(first.ms)} ms (× ${Math.round(first.ms / plain)} of a file), again ${Math.round(again.ms)} ms`,
  );
}
await server.close();

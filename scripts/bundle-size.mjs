/**
 * Compressed script that the heaviest page loads before it is usable: the app's start, the frame and
 * the page itself with all they import. A worker loads beside it and has a limit of its own; charts load only where one is shown.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

// The table of 800 foods is a tenth of it: a page answers for every one of them without asking the server.
const LIMIT_KB = 288;
// The reader of recipes, with the foods, where one is pasted.
const WORKER_LIMIT_KB = 196;
const CLIENT = '.svelte-kit/output/client';

const manifest = JSON.parse(readFileSync(join(CLIENT, '.vite/manifest.json'), 'utf8'));
const size = (file) => gzipSync(readFileSync(join(CLIENT, file))).length;
const workers = readdirSync(join(CLIENT, '_app/immutable/workers')).map((file) =>
  size(`_app/immutable/workers/${file}`),
);

/** Everything that these entries import, each once. */
function closure(keys, seen = new Set()) {
  for (const key of keys) {
    if (seen.has(key) || !manifest[key]) continue;
    seen.add(key);
    closure(manifest[key].imports ?? [], seen);
  }
  return seen;
}

const entries = Object.keys(manifest);
const frame = entries.filter((key) => /entry\/|\/app\.js$|nodes\/[01]\.js$/.test(key));
const pages = entries.filter((key) => /nodes\/\d+\.js$/.test(key) && !frame.includes(key));
const sizes = pages.map((page) =>
  [...closure([...frame, page])].reduce((sum, key) => sum + size(manifest[key].file), 0),
);
const kB = Math.round(Math.max(...sizes) / 1000);
// Each page starts one of them at most.
const workerKB = Math.round(Math.max(...workers) / 1000);
console.log(
  `${pages.length} pages; the heaviest loads ${kB} kB of compressed script (limit ${LIMIT_KB}), the largest worker ${workerKB} kB (limit ${WORKER_LIMIT_KB})`,
);
const isSmall = pages.length > 0 && kB <= LIMIT_KB && workerKB <= WORKER_LIMIT_KB;
process.exitCode = isSmall ? 0 : 1;

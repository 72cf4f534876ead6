/**
 * Tries faults one after the other on the bundled tests. Told an id, it answers with the test that found it; with null
 * where none did. A fault that makes a test run for ever ends this thread from outside.
 */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Script } from 'node:vm';
import { parentPort, workerData } from 'node:worker_threads';

const { bundle, slowest, longest } = workerData;
let active = -1;
/** Faults that were come by since it was last emptied. */
let met = new Set();
globalThis.__fault = (id) => {
  met.add(id);
  return id === active;
};

const makeTests = new Script(
  `(function (module, exports, require) {${readFileSync(bundle, 'utf8')}\n})`,
  { filename: bundle },
).runInThisContext();

/** Loads the tests anew, with nothing remembered from before; what was loaded before can be forgotten. */
function load() {
  const module = { exports: {} };
  makeTests(module, module.exports, createRequire(bundle));
  return module.exports.collected;
}

async function passes(test) {
  try {
    await test.run();
    return true;
  } catch {
    return false;
  }
}

let tests = load();
const atLoad = met;
/** Quick tests first, each with the faults that it comes by. */
const plan = [];
for (const [index, test] of tests.entries()) {
  met = new Set();
  const from = performance.now();
  const isGreen = await passes(test);
  const ms = performance.now() - from;
  if (isGreen && ms <= slowest) plan.push({ index, ms, met });
}
plan.sort((a, b) => a.ms - b.ms);
parentPort.postMessage({ kind: 'ready', tests: plan.length, of: tests.length });

/** The first test that fails with the fault on. */
async function finder(id, isStatic) {
  active = id;
  if (isStatic) {
    try {
      tests = load();
    } catch {
      active = -1;
      tests = load();
      return 'while loading';
    }
  }
  const from = performance.now();
  for (const { index, met: own } of plan) {
    if (!isStatic && !own.has(id)) continue;
    if (performance.now() - from > longest) return null;
    if (await passes(tests[index])) continue;
    return tests[index].name;
  }
  return null;
}

parentPort.on('message', async (id) => {
  const isStatic = atLoad.has(id);
  const isMet = isStatic || plan.some((p) => p.met.has(id));
  let by = isMet ? await finder(id, isStatic) : null;
  active = -1;
  if (isStatic) tests = load();
  else if (by !== null) {
    // What was remembered with the fault on would find every later one: then all is loaded anew, and it is tried again.
    const test = tests.find((t) => t.name === by);
    if (test && !(await passes(test))) {
      tests = load();
      by = await finder(id, false);
      active = -1;
      if (by !== null) tests = load();
    }
  }
  parentPort.postMessage({ kind: 'tried', id, by, isMet });
});

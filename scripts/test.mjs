/**
 * `npm test`: everything, on a fresh machine. Installs what is missing (packages; Debian's chromium
 * through apt-get), runs each check and test, and ends with one line: N passed, N failed.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { demoFile } from './demo-file.mjs';
import { withFurtherTries } from './tries.mjs';

const REPORTS = 'test-results';
const BEGAN = performance.now();
let passed = 0;
let failed = 0;

function run(command, args, env = {}) {
  return (
    spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } }).status === 0
  );
}

/** Runs a command as `run` does, while others go on. */
function shown(command, args) {
  return new Promise((resolve) => {
    spawn(command, args, { stdio: 'inherit' }).on('close', (code) => resolve(code === 0));
  });
}

/** Runs a command that fetches over the network. */
function fetched(command, args) {
  return withFurtherTries(() => run(command, args), `${command} ${args[0]}`);
}

/** Says what comes, and how long all before it took. */
function say(name) {
  console.log(`\n== ${name} (after ${Math.round((performance.now() - BEGAN) / 1000)} s)`);
}

/** Runs a check that counts as one. */
function check(name, command, args) {
  say(name);
  if (run(command, args)) passed++;
  else {
    failed++;
    console.error(`FAILED: ${name}`);
  }
}

/** Runs commands at once; what each says is printed whole, when it has ended. */
async function sideBySide(commands) {
  await Promise.all(
    commands.map(
      ([name, command, ...args]) =>
        new Promise((resolve) => {
          let said = '';
          const child = spawn(command, args);
          child.stdout.on('data', (text) => (said += text));
          child.stderr.on('data', (text) => (said += text));
          child.on('close', (code) => {
            console.log(`\n== ${name}\n${said.trim()}`);
            if (code === 0) passed++;
            else {
              failed++;
              console.error(`FAILED: ${name}`);
            }
            resolve(undefined);
          });
        }),
    ),
  );
}

function need(name, ok) {
  if (ok) return;
  console.error(`FAILED: ${name}\n${passed} passed, ${failed + 1} failed`);
  process.exit(1);
}

function readReport(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

if (!existsSync('node_modules/.package-lock.json')) need('npm ci', fetched('npm', ['ci']));
if (!process.env.CHROMIUM && !existsSync('/usr/bin/chromium')) {
  need('apt-get update', fetched('apt-get', ['update']));
  need(
    'apt-get install chromium',
    fetched('apt-get', ['install', '-y', '--no-install-recommends', 'chromium']),
  );
}
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });

// The types of the routes, which several of the checks read, are written first. The checks change no file: side by
// side they take as long as the longest of them.
need('svelte-kit sync', run('npx', ['svelte-kit', 'sync']));
await sideBySide([
  ['types', 'npx', 'svelte-check', '--tsconfig', './tsconfig.json'],
  ['types of scripts and browser tests', 'npx', 'tsc', '-p', 'tsconfig.scripts.json'],
  ['lint', 'npm', 'run', '--silent', 'check:lint'],
  ['format', 'npm', 'run', '--silent', 'check:format'],
  ['import direction', 'npm', 'run', '--silent', 'check:imports'],
  ['unused code', 'npm', 'run', '--silent', 'check:unused'],
]);

// A build keeps one processor busy: the tests, which need nothing of it, have the others.
say('unit, property and reference tests, and the build beside them');
const building = sideBySide([['build', 'npm', 'run', '--silent', 'build']]);
const unitOk = await shown('npx', [
  'vitest',
  'run',
  '--reporter=default',
  '--reporter=json',
  `--outputFile.json=${REPORTS}/unit.json`,
]);
await building;
const unit = readReport(`${REPORTS}/unit.json`);
passed += unit?.numPassedTests ?? 0;
failed += unit ? Math.max(unit.numFailedTests, unitOk ? 0 : 1) : 1;

check('the bundle stays small', 'node', ['scripts/bundle-size.mjs']);

check('live evenings under strain', 'node', ['scripts/live-check.mjs', '--short']);
demoFile();
// Each has a server and files of its own, and a copy of one demo. What they measure is judged by `npm run soak`, one after the other.
await sideBySide([
  ['killed in the middle of writes', 'node', 'scripts/fault-check.mjs', '--short'],
  ['readers and writers at once', 'node', 'scripts/load-check.mjs', '--short'],
  ['a household that has grown', 'node', 'scripts/size-check.mjs', '--short'],
]);

say('browser and accessibility tests');
const browserOk = run('npx', ['playwright', 'test', '--reporter=line,json'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: `${REPORTS}/browser.json`,
});
const browser = readReport(`${REPORTS}/browser.json`);
passed += (browser?.stats.expected ?? 0) + (browser?.stats.flaky ?? 0);
failed += browser ? Math.max(browser.stats.unexpected, browserOk ? 0 : 1) : 1;

rmSync(dirname(demoFile()), { recursive: true, force: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;

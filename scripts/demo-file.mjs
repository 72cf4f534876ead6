/**
 * The demo's database, made once for a whole run of tests: filling it plans every meal and cooks every evening, which
 * takes ten seconds, and each server of the tests wants a copy of its own.
 */
import { spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Where the run's demo database is named, for the processes that it starts. */
const NAMED_IN = 'OLIVE_DEMO_FILE';

/**
 * @param {string} file the database to fill
 * @throws Error where the demo can't be made
 */
export function fillWithDemo(file) {
  const made = spawnSync('node', ['scripts/run-ts.mjs', 'scripts/seed.ts'], {
    env: { ...process.env, DATABASE_URL: `file:${file}` },
    encoding: 'utf8',
  });
  if (made.status !== 0) throw new Error(`the demo could not be made: ${made.stderr}`);
}

/**
 * Makes the demo's database for this process and all that it starts, unless one of those above it has.
 *
 * @returns its file
 */
export function demoFile() {
  const named = process.env[NAMED_IN];
  if (named && existsSync(named)) return named;
  const file = join(mkdtempSync(join(tmpdir(), 'olive-demo-')), 'demo.db');
  fillWithDemo(file);
  process.env[NAMED_IN] = file;
  return file;
}

/** @param {string} file where a copy of the demo's database goes */
export function copyDemo(file) {
  const demo = demoFile();
  // What is not in the file yet is in its log.
  for (const end of ['', '-wal']) if (existsSync(demo + end)) copyFileSync(demo + end, file + end);
}

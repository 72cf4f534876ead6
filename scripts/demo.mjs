/** One command on a fresh machine: install, build, seed, serve. Needs Node.js and npm only. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { withFurtherTries } from './tries.mjs';

/** The exit status of a command; null where it could not be started. */
function statusOf(command, args) {
  return spawnSync(command, args, { stdio: 'inherit', shell: process.platform === 'win32' }).status;
}

function run(command, args) {
  const status = statusOf(command, args);
  if (status !== 0) process.exit(status ?? 1);
}

process.env.DATABASE_URL ||= 'file:data/demo.db';
if (
  !existsSync('node_modules/.package-lock.json') &&
  !withFurtherTries(() => statusOf('npm', ['ci']) === 0, 'npm ci')
)
  process.exit(1);
run('npm', ['run', 'build', '--silent']);
run('node', ['scripts/run-ts.mjs', 'scripts/seed.ts']);
await import('./serve.mjs');

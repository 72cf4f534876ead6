/** One command on a fresh machine: install, build, seed, serve. Needs Node.js and npm only. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, {
    stdio: 'inherit',
    shell: process.platform === 'win32',
    env: { ...process.env, ...env },
  });
  if (status !== 0) process.exit(status ?? 1);
}

process.env.DATABASE_URL ||= 'file:data/demo.db';
if (!existsSync('node_modules/.package-lock.json')) run('npm', ['ci']);
run('npm', ['run', 'build', '--silent']);
run('node', ['scripts/run-ts.mjs', 'scripts/seed.ts']);
await import('./serve.mjs');

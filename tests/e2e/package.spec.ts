import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { freePort } from './own-server';
import { expect, test } from './ready';

const folder = mkdtempSync(join(tmpdir(), 'olive-package-'));
let server: ChildProcess | null = null;
test.afterAll(() => {
  server?.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** The packages that its lock file names, as an install would put them there, and no others. */
function install(): void {
  const lock = JSON.parse(readFileSync(join(folder, 'package-lock.json'), 'utf8')) as {
    packages: Record<string, unknown>;
  };
  for (const path of Object.keys(lock.packages)) {
    const from = resolve(path);
    // Nested ones come with the package they are in; those of other machines are not here.
    if (path.split('node_modules/').length !== 2 || !existsSync(from)) continue;
    mkdirSync(dirname(join(folder, path)), { recursive: true });
    symlinkSync(from, join(folder, path));
  }
}

test('the archive runs with packages of production alone, and its tools with it', async () => {
  const made = spawnSync('node', ['scripts/package.mjs', '--to', folder], { encoding: 'utf8' });
  expect(made.stderr).toBe('');
  install();
  expect(existsSync(join(folder, 'node_modules/vite'))).toBe(false);
  expect(existsSync(join(folder, 'node_modules/esbuild'))).toBe(false);

  const port = await freePort();
  const env = { ...process.env, PORT: String(port), DATABASE_URL: 'file:data/olive.db' };
  const here = { cwd: folder, env, encoding: 'utf8' as const };
  server = spawn('node', ['scripts/serve.mjs'], { cwd: folder, env, stdio: 'pipe' });
  await expect(async () => {
    const health = (await (await fetch(`http://127.0.0.1:${port}/health`)).json()) as object;
    expect(health).toMatchObject({ status: 'ok' });
  }).toPass({ timeout: 30_000 });
  // A page that plans nothing, and one whose code is loaded only when it is wanted.
  for (const path of ['/', '/kitchen', '/help'])
    expect((await fetch(`http://127.0.0.1:${port}${path}`)).status).toBe(200);

  const set = spawnSync('node', ['tools/passcode.mjs'], { ...here, input: 'thyme olive clock\n' });
  expect(set.stderr).toBe('');
  expect(set.stdout).toContain('The passcode is set');
  const restore = spawnSync('node', ['tools/restore.mjs', 'nowhere.db'], here);
  expect(restore.stderr).toContain('There is no copy');
  const wrong = spawnSync('node', ['scripts/serve.mjs'], {
    ...here,
    env: { ...env, PORT: 'soon' },
  });
  expect([wrong.status, wrong.stderr.trim()]).toEqual([
    1,
    'PORT=soon is no number; give one from 1 to 65535, such as 4747.',
  ]);
});

test('what runs it names files that are in the archive', () => {
  const unit = readFileSync('packaging/olive-clock.service', 'utf8');
  const started = /^ExecStart=\/usr\/bin\/node (\S+)/m.exec(unit)?.[1] ?? '';
  expect(existsSync(join(folder, started))).toBe(true);
  const image = readFileSync('packaging/Containerfile', 'utf8');
  const copied = [...image.matchAll(/^COPY (.+) \S+$/gm)].flatMap(
    ([, paths]) => paths?.split(' ') ?? [],
  );
  expect(copied.length).toBeGreaterThan(4);
  for (const path of copied) expect(existsSync(join(folder, path)), path).toBe(true);
  // Settings are those that the program knows.
  for (const text of [unit, image])
    for (const [, key] of text.matchAll(/\b([A-Z_]{4,})=(?=[^\s"])/g))
      expect(['NODE_ENV', 'HOST', 'PORT', 'DATABASE_URL', 'HOSTS', 'LOG_LEVEL', 'HTTPS']).toContain(
        key,
      );
});

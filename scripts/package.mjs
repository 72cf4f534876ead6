/**
 * `npm run package`: the built application as one archive, with what it needs to run and nothing to build it: packages
 * are those of production, named by a lock file of their own. `--to FOLDER` writes it there, and no archive.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const own = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
const name = `${own.name}-${own.version}`;
const at = process.argv.indexOf('--to');
const folder = at < 0 ? join(root, 'dist', name) : resolve(process.argv[at + 1] ?? '');

if (!existsSync(join(root, 'build/handler.js'))) {
  console.error('There is no build yet; run npm run build first.');
  process.exit(1);
}
rmSync(folder, { recursive: true, force: true });
mkdirSync(join(folder, 'scripts'), { recursive: true });
for (const part of ['build', 'drizzle'])
  cpSync(join(root, part), join(folder, part), { recursive: true });
for (const script of ['serve', 'settings', 'certificate', 'check-database'])
  cpSync(join(root, `scripts/${script}.mjs`), join(folder, `scripts/${script}.mjs`));
for (const file of ['olive-clock.service', 'Containerfile', 'README.md'])
  cpSync(join(root, 'packaging', file), join(folder, file));
cpSync(join(root, 'LICENSE'), join(folder, 'LICENSE'));

await build({
  entryPoints: [join(root, 'scripts/passcode.ts'), join(root, 'scripts/restore.ts')],
  outdir: join(folder, 'tools'),
  outExtension: { '.js': '.mjs' },
  bundle: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  packages: 'external',
  alias: { $core: join(root, 'src/core'), $lib: join(root, 'src/lib') },
  logLevel: 'error',
});

const { version, description, license, type, engines, dependencies } = own;
const manifest = { name: own.name, version, description, license, type, engines, dependencies };
const scripts = {
  start: 'node scripts/serve.mjs',
  passcode: 'node tools/passcode.mjs',
  restore: 'node tools/restore.mjs',
};
const write = (file, document) =>
  writeFileSync(join(folder, file), `${JSON.stringify(document, null, 2)}\n`);
write('package.json', { ...manifest, private: true, scripts });
write('package-lock.json', {
  ...lock,
  packages: {
    '': { name: own.name, version, license, dependencies, engines },
    ...Object.fromEntries(
      Object.entries(lock.packages).filter(([path, p]) => path !== '' && !p.dev),
    ),
  },
});

if (at < 0) {
  const archive = `${folder}.tar.gz`;
  const { status } = spawnSync('tar', ['-czf', archive, '-C', dirname(folder), name], {
    stdio: 'inherit',
  });
  console.log(status === 0 ? archive : folder);
} else console.log(folder);

/**
 * Runs a TypeScript file of this project with Node alone: bundles it in a moment, then imports it.
 * Usage: node scripts/run-ts.mjs FILE [arguments…]
 */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/**
 * Bundles `file` (packages stay outside).
 *
 * @returns where the bundle lies, until this process ends
 */
export async function bundleTs(file) {
  const { outputFiles } = await build({
    entryPoints: [resolve(root, file)],
    bundle: true,
    write: false,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    packages: 'external',
    sourcemap: 'inline',
    alias: { $core: resolve(root, 'src/core'), $lib: resolve(root, 'src/lib') },
  });
  // Inside node_modules, so that packages are found from where the bundle lies.
  const cache = dirname(createRequire(import.meta.url).resolve('zod/package.json'));
  const folder = mkdtempSync(join(dirname(cache), '.olive-'));
  const bundle = join(folder, 'main.mjs');
  writeFileSync(bundle, outputFiles[0].text);
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  return bundle;
}

/** Bundles `file` and imports the result. */
export async function runTs(file) {
  return import(pathToFileURL(await bundleTs(file)).href);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const [file, ...rest] = process.argv.slice(2);
  if (!file) {
    console.error('usage: node scripts/run-ts.mjs FILE [arguments…]');
    process.exit(2);
  }
  process.argv = [process.argv[0], file, ...rest];
  await runTs(file);
}

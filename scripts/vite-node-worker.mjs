/**
 * `import code from './x?nodeworker'`: the module and all it needs, bundled to one string that a
 * Node worker can run. Vite emits workers for browsers only; this does the same for the server's
 * pool, in dev, tests and build alike.
 */
import { resolve } from 'node:path';
import { build } from 'esbuild';

const SUFFIX = '?nodeworker';

/** @returns {import('vite').Plugin} */
export function nodeWorker() {
  return {
    name: 'olive-clock:node-worker',
    enforce: 'pre',
    async resolveId(source, importer) {
      if (!source.endsWith(SUFFIX)) return null;
      const found = await this.resolve(source.slice(0, -SUFFIX.length), importer, {
        skipSelf: true,
      });
      return found ? found.id + SUFFIX : null;
    },
    async load(id) {
      if (!id.endsWith(SUFFIX)) return null;
      const entry = id.slice(0, -SUFFIX.length);
      const result = await build({
        entryPoints: [entry],
        bundle: true,
        write: false,
        metafile: true,
        format: 'esm',
        platform: 'node',
        target: 'node20',
        alias: { $core: resolve('src/core') },
      });
      for (const file of Object.keys(result.metafile.inputs)) this.addWatchFile(resolve(file));
      return `export default ${JSON.stringify(result.outputFiles[0]?.text ?? '')};`;
    },
  };
}

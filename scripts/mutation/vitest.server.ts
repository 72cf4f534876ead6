/** Tests with one fault put into one file: `FAULT` its number, `FAULT_FILE` the file; none where there is no file. */
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';
import { instrument, SWITCH } from './mutants';

const folder = (path: string): string => fileURLToPath(new URL(`../../${path}`, import.meta.url));
const fault = Number(process.env['FAULT'] ?? -1);
const file = process.env['FAULT_FILE'];

export default defineConfig({
  root: folder('.'),
  resolve: { alias: { $core: folder('src/core'), $lib: folder('src/lib') } },
  plugins: [
    {
      name: 'fault',
      enforce: 'pre',
      transform(code, id) {
        if (!file || !id.endsWith(`/${file}`)) return null;
        const own = instrument(file, code, 0);
        return {
          code: `const ${SWITCH} = (id: number) => id === ${fault};\n${own.code}`,
          map: null,
        };
      },
    },
  ],
  test: {
    isolate: false,
    maxWorkers: 1,
    testTimeout: 15_000,
    include: ['src/lib/server/*.test.ts'],
  },
});

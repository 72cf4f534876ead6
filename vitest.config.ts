import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const folder = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/**
 * Without the application's plugins: what is tested here is plain TypeScript. The core is pure, so its tests
 * share one set of modules; the others get their own, for they open databases and start processes.
 */
const test = { testTimeout: 60_000 };
const resolve = { alias: { $core: folder('./src/core'), $lib: folder('./src/lib') } };

/** Tests of what is read from and written to the database: they are run over the network's protocol as well. */
const OF_THE_DATABASE = [
  ...['access', 'bad-rows', 'dish-store', 'first-run', 'item-store', 'learned-store', 'meal-store'],
  ...['plannable', 'search', 'stock-week', 'stored', 'tick-store'],
];

export default defineConfig({
  test: {
    // One for each processor: left alone, a machine with two would use one of them.
    maxWorkers: availableParallelism(),
    projects: [
      {
        resolve,
        test: {
          ...test,
          name: 'core',
          include: ['src/core/**/*.test.ts', 'tests/{properties,reference,library}/**/*.test.ts'],
          isolate: false,
        },
      },
      {
        resolve,
        test: {
          ...test,
          name: 'application',
          isolate: false,
          include: ['src/lib/**/*.test.ts', 'src/demo/**/*.test.ts', 'tests/*.test.ts'],
        },
      },
      {
        resolve,
        test: {
          ...test,
          name: 'over libSQL',
          isolate: false,
          env: { OVER_LIBSQL: '1' },
          include: OF_THE_DATABASE.map((name) => `src/lib/server/${name}.test.ts`),
        },
      },
    ],
  },
});

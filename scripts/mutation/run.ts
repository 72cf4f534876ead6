/**
 * Puts small faults into rooms of the core, one at a time, and counts those that no test finds.
 * Usage: npm run mutation -- [ROOM…] [--list]
 */
import { mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { basename, dirname, join, relative, resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import { build, type Plugin } from 'esbuild';
import { instrument, type Mutant } from './mutants';

const root = process.cwd();
const USUAL_ROOMS = ['menu', 'storage', 'lists', 'review'];
/** Rooms whose tests come by the others as well. */
const TESTS_OF = [...USUAL_ROOMS, 'plan', 'cycle', 'meal', 'dish', 'learn'];
/** Files whose tests nearly all take longer: they would only be timed. */
const SLOW_FILES = new Set(['evening.test.ts', 'why-late.test.ts', 'plan.test.ts']);
/** Tests that take longer are left out, ms: each fault would wait for them. */
const SLOWEST_MS = 500;
/** What no test has found in so long is not found, ms: the score is a lower bound. */
const LONGEST_SEARCH_MS = 2500;
/** After so long without an answer a fault has made something run for ever. */
const LONGEST_MS = 30_000;

interface Verdict {
  mutant: Mutant;
  /** The test that found it; null: none. */
  by: string | null;
  isMet: boolean;
}

const args = process.argv.slice(2);
const rooms = args.filter((a) => !a.startsWith('--'));
const chosen = rooms.length > 0 ? rooms : USUAL_ROOMS;
const mutants: Mutant[] = [];

/** Source files of the chosen rooms come instrumented. */
const faults: Plugin = {
  name: 'faults',
  setup(context) {
    context.onLoad({ filter: /src\/core\/[a-z]+\/[a-z-]+\.ts$/ }, ({ path }) => {
      const room = basename(dirname(path));
      if (!chosen.includes(room) || basename(path) === 'index.ts') return null;
      const file = relative(root, path);
      const made = instrument(file, readFileSync(path, 'utf8'), mutants.length);
      mutants.push(...made.mutants);
      return { contents: made.code, loader: 'ts' };
    });
  },
};

function testFiles(): string[] {
  return TESTS_OF.flatMap((room) =>
    readdirSync(join(root, 'src/core', room))
      .filter((name) => name.endsWith('.test.ts') && !SLOW_FILES.has(name))
      .map((name) => join(root, 'src/core', room, name)),
  );
}

async function bundleTests(folder: string): Promise<string> {
  const outfile = join(folder, 'tests.cjs');
  const shim = resolve(root, 'scripts/mutation/tests.ts');
  await build({
    stdin: {
      contents: [
        ...testFiles().map((file) => `import ${JSON.stringify(file)};`),
        `export { collected } from ${JSON.stringify(shim)};`,
      ].join('\n'),
      resolveDir: root,
      loader: 'ts',
    },
    bundle: true,
    outfile,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    alias: {
      vitest: shim,
      $core: resolve(root, 'src/core'),
      $lib: resolve(root, 'src/lib'),
    },
    plugins: [faults],
    logLevel: 'error',
  });
  return outfile;
}

/** One thread that takes faults from the queue until it is empty. */
async function work(bundle: string, queue: Mutant[], verdicts: Verdict[]): Promise<void> {
  while (queue.length > 0) {
    const worker = new Worker(resolve(root, 'scripts/mutation/worker.mjs'), {
      workerData: { bundle, slowest: SLOWEST_MS, longest: LONGEST_SEARCH_MS },
    });
    let current: Mutant | undefined;
    await new Promise<void>((done, refuse) => {
      let clock: NodeJS.Timeout | undefined;
      const next = (): void => {
        clearTimeout(clock);
        current = queue.shift();
        if (!current) return void worker.terminate().then(() => done());
        worker.postMessage(current.id);
        clock = setTimeout(() => {
          if (current) verdicts.push({ mutant: current, by: 'ran for ever', isMet: true });
          void worker.terminate().then(() => done());
        }, LONGEST_MS);
      };
      worker.on(
        'message',
        (said: {
          kind: string;
          by: string | null;
          isMet: boolean;
          tests?: number;
          of?: number;
        }) => {
          if (said.kind === 'ready') console.error(`${said.tests} of ${said.of} tests`);
          else if (current) verdicts.push({ mutant: current, by: said.by, isMet: said.isMet });
          if (verdicts.length % 50 === 0)
            console.error(`${verdicts.length} tried, ${queue.length} left`);
          next();
        },
      );
      worker.on('error', (error) => {
        clearTimeout(clock);
        if (!current) return refuse(error);
        verdicts.push({ mutant: current, by: `stopped: ${error.message}`, isMet: true });
        done();
      });
    });
  }
}

function report(verdicts: readonly Verdict[]): void {
  if (args.includes('--list'))
    for (const { mutant: m, isMet } of verdicts
      .filter((v) => v.by === null)
      .sort((a, b) => a.mutant.id - b.mutant.id))
      console.log(
        `${m.file}:${m.line} ${isMet ? '' : 'never run, '}${m.kind}: ${oneLine(m.was)} → ${oneLine(m.becomes)}`,
      );
  for (const room of chosen) {
    const own = verdicts.filter(({ mutant }) => mutant.file.startsWith(`src/core/${room}/`));
    const found = own.filter((v) => v.by !== null).length;
    const never = own.filter((v) => !v.isMet).length;
    const share = own.length === 0 ? 100 : (100 * found) / own.length;
    console.log(
      `${room}: ${found} of ${own.length} faults found (${share.toFixed(1)} %), ${never} never run`,
    );
  }
}

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').slice(0, 70);

// Inside the project, so that packages are found from where the bundle lies.
const folder = join(root, 'node_modules', `.mutation-${process.pid}`);
mkdirSync(folder, { recursive: true });
try {
  const bundle = await bundleTests(folder);
  console.error(`${mutants.length} faults in ${chosen.join(', ')}`);
  const queue = [...mutants];
  const verdicts: Verdict[] = [];
  await Promise.all(
    Array.from({ length: availableParallelism() }, () => work(bundle, queue, verdicts)),
  );
  report(verdicts);
} finally {
  rmSync(folder, { recursive: true, force: true });
}

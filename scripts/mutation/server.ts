/**
 * Puts small faults into who may come in and into safe keeping, one at a time, and counts those that no test finds.
 * These open databases and start processes: every fault has a run of its own (a quarter of an hour).
 * Usage: npm run mutation:server -- [NAME…] [--list]
 */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { instrument, type Mutant } from './mutants';

/** What is judged by whose tests. */
const SUBJECTS: Readonly<Record<string, { files: string[]; tests: string[] }>> = {
  access: { files: ['access', 'devices', 'names'], tests: ['access', 'names'] },
  'safe-keeping': {
    files: ['backup', 'bring-back', 'same-file', 'careful-client', 'trouble'],
    tests: ['safe-keeping', 'copies-kept', 'bring-back', 'stored', 'careful-client', 'trouble'],
  },
};
/** After so long a fault has made something run for ever, ms. */
const LONGEST_MS = 60_000;

const args = process.argv.slice(2);
const named = args.filter((a) => !a.startsWith('--'));
const chosen = named.length > 0 ? named : Object.keys(SUBJECTS);

interface Tried {
  subject: string;
  mutant: Mutant;
  isFound: boolean;
}

const pathOf = (file: string): string => `src/lib/server/${file}.ts`;

/** Whether the tests fail with this fault; with none where `fault` is null. */
function fails(fault: Mutant | null, tests: readonly string[]): Promise<boolean> {
  return new Promise((resolve) => {
    const run = spawn(
      process.execPath,
      [
        'node_modules/vitest/vitest.mjs',
        ...['run', '--bail', '1', '--config', 'scripts/mutation/vitest.server.ts'],
        ...tests.map((name) => `src/lib/server/${name}.test.ts`),
      ],
      {
        stdio: 'ignore',
        detached: true,
        env: {
          ...process.env,
          FAULT: String(fault?.id ?? -1),
          FAULT_FILE: fault?.file ?? '',
        },
      },
    );
    const clock = setTimeout(() => {
      if (run.pid !== undefined) process.kill(-run.pid, 'SIGKILL');
    }, LONGEST_MS);
    run.on('exit', (code) => {
      clearTimeout(clock);
      resolve(code !== 0);
    });
  });
}

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').slice(0, 70);
const tried: Tried[] = [];

async function tryAll(subject: string): Promise<void> {
  const own = SUBJECTS[subject];
  if (!own)
    throw new Error(`There is no ${subject}; there is ${Object.keys(SUBJECTS).join(', ')}.`);
  if (await fails(null, own.tests))
    throw new Error(`The tests of ${subject} fail without any fault.`);
  const queue = own.files.flatMap(
    (file) => instrument(pathOf(file), readFileSync(pathOf(file), 'utf8'), 0).mutants,
  );
  console.error(`${queue.length} faults in ${subject}`);
  const work = async (): Promise<void> => {
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      tried.push({ subject, mutant, isFound: await fails(mutant, own.tests) });
      if (tried.length % 20 === 0) console.error(`${tried.length} tried, ${queue.length} left`);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
}

for (const subject of chosen) {
  await tryAll(subject);
  const own = tried.filter((t) => t.subject === subject);
  const found = own.filter((t) => t.isFound).length;
  if (args.includes('--list'))
    for (const { mutant: m, isFound } of own)
      if (!isFound)
        console.log(`${m.file}:${m.line} ${m.kind}: ${oneLine(m.was)} → ${oneLine(m.becomes)}`);
  const share = ((100 * found) / Math.max(1, own.length)).toFixed(1);
  console.log(`${subject}: ${found} of ${own.length} faults found (${share} %)`);
}

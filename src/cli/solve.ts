import {
  createSearch,
  DEFAULT_WORK,
  finishAnswer,
  parseProblem,
  type Problem,
  type Schedule,
} from '$core/solve';
import { readArguments, readCount, readJson, UsageError, type Command } from './command';

const usage = `usage: npm run -s olive -- solve problem.json [--work N] [--seconds S] [--progress]

Prints the schedule of a plan problem on standard output.
  --work N      steps of search; the same answer for the same N on every machine
  --seconds S   end by the clock too; without --work, by the clock alone
  --progress    say each second on standard error how good the plan is, and what is proved
Interrupted once, it prints the best plan so far.
Exit 0 optimal or feasible, 3 impossible, 4 unknown, 2 not a problem.`;

/** Steps of search between two looks at the clock. */
const SLICE = 100_000;
/** ms between two lines of progress. */
const EACH = 1000;

const EXIT = { optimal: 0, feasible: 0, impossible: 3, unknown: 4 } as const;

/** A problem from a file, or one clear line about what isn't one. */
export function readProblem(path: string): Problem {
  const parsed = parseProblem(readJson(path));
  if (!parsed.ok) throw new UsageError(`${path}: ${parsed.message}`);
  return parsed.problem;
}

export const solveCommand: Command = {
  about: 'the best schedule for a plan problem',
  usage,
  run: async (args) => {
    const { values, positionals } = readArguments(
      args,
      {
        work: { type: 'string' },
        seconds: { type: 'string' },
        progress: { type: 'boolean' },
      },
      usage,
    );
    const [path, ...more] = positionals;
    if (path === undefined || more.length > 0)
      throw new UsageError(`one problem file is needed; ${usage.split('\n')[0]}`);
    const problem = readProblem(path);
    const seconds =
      values.seconds === undefined ? Infinity : readCount(values.seconds, '--seconds', 0);
    const usual = values.seconds === undefined ? DEFAULT_WORK : Infinity;
    const work = values.work === undefined ? usual : readCount(values.work, '--work', 1);
    const schedule = await searched(problem, work, seconds, values.progress === true);
    console.log(JSON.stringify(schedule));
    return EXIT[schedule.status];
  },
};

async function searched(
  problem: Problem,
  work: number,
  seconds: number,
  isTold: boolean,
): Promise<Schedule> {
  const startedAt = performance.now();
  const passed = (): number => performance.now() - startedAt;
  let isInterrupted = false;
  process.once('SIGINT', () => (isInterrupted = true));
  const search = createSearch(problem);
  let nextLine = EACH;
  while (!search.isDone && search.work < work && passed() < seconds * 1000 && !isInterrupted) {
    search.advance(Math.min(work, search.work + SLICE));
    if (isTold && passed() >= nextLine) {
      nextLine += EACH;
      console.error(progressLine(search.answer(), passed(), search.work));
    }
    // An interrupt is only seen between two turns.
    await new Promise((resolve) => setImmediate(resolve));
  }
  return { ...finishAnswer(search.answer(), problem), milliseconds: Math.round(passed()) };
}

function progressLine(
  { delay, cost, bound }: Omit<Schedule, 'milliseconds'>,
  ms: number,
  work: number,
): string {
  const head = `${Math.round(ms / 1000)} s, ${(work / 1e6).toFixed(1)} million steps:`;
  if (cost === null || bound === null) return `${head} no plan yet`;
  const gap = cost > 0 ? Math.round((100 * (cost - bound)) / cost) : 0;
  const late = delay ? ` (${delay} min late)` : '';
  return `${head} cost ${cost}${late}, at least ${bound}: gap ${gap} %`;
}

import { parseProblem, solve, type Problem } from '$core/solve';
import { readArguments, readCount, readJson, UsageError, type Command } from './command';

const usage = `usage: npm run -s olive -- solve problem.json [--work N] [--seconds S]

Prints the schedule of a plan problem on standard output.
  --work N      steps of search; the same answer for the same N on every machine
  --seconds S   end by the clock too
Exit 0 optimal or feasible, 3 impossible, 4 unknown, 2 not a problem.`;

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
  run: (args) => {
    const { values, positionals } = readArguments(
      args,
      { work: { type: 'string' }, seconds: { type: 'string' } },
      usage,
    );
    const [path, ...more] = positionals;
    if (path === undefined || more.length > 0)
      throw new UsageError(`one problem file is needed; ${usage.split('\n')[0]}`);
    const problem = readProblem(path);
    const seconds =
      values.seconds === undefined ? Infinity : readCount(values.seconds, '--seconds', 0);
    const end = performance.now() + seconds * 1000;
    const schedule = solve(problem, {
      ...(values.work === undefined ? {} : { work: readCount(values.work, '--work', 1) }),
      clock: () => performance.now(),
      shouldStop: () => performance.now() >= end,
    });
    console.log(JSON.stringify(schedule));
    return EXIT[schedule.status];
  },
};

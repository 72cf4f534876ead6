import { scheduleSchema, simulate } from '$core/solve';
import { readArguments, readCount, readJson, UsageError, type Command } from './command';
import { readProblem } from './solve';

const usage = `usage: npm run -s olive -- simulate problem.json schedule.json [--runs N] [--seed K]

Plays the schedule N times (default 5000) with chance in the steps' lengths.`;

export const simulateCommand: Command = {
  about: 'how often a schedule is on time',
  usage,
  run: (args) => {
    const { values, positionals } = readArguments(
      args,
      { runs: { type: 'string' }, seed: { type: 'string' } },
      usage,
    );
    const [problemPath, schedulePath, ...more] = positionals;
    if (problemPath === undefined || schedulePath === undefined || more.length > 0)
      throw new UsageError(
        `a problem file and a schedule file are needed; ${usage.split('\n')[0]}`,
      );
    const problem = readProblem(problemPath);
    const schedule = scheduleSchema
      .partial({ conflict: true, milliseconds: true })
      .safeParse(readJson(schedulePath));
    if (!schedule.success) {
      const issue = schedule.error.issues[0];
      throw new UsageError(`${schedulePath}: ${issue?.path.join('.')}: ${issue?.message}`);
    }
    if (schedule.data.status === 'impossible' || schedule.data.status === 'unknown')
      throw new UsageError(
        `${schedulePath}: status ${schedule.data.status} has no schedule to play; solve the problem first`,
      );
    const known = new Set(schedule.data.steps.map((s) => s.id));
    const missing = problem.steps.find((s) => !known.has(s.id));
    if (missing)
      throw new UsageError(
        `${schedulePath}: step "${missing.id}" of the problem is not in it; give the schedule of this problem`,
      );
    const runs = values.runs === undefined ? 5000 : readCount(values.runs, '--runs', 1);
    const seed = values.seed === undefined ? 1 : readCount(values.seed, '--seed', 0);
    const whole = { conflict: [], milliseconds: 0, ...schedule.data };
    console.log(JSON.stringify(simulate(problem, whole, runs, seed)));
    return 0;
  },
};

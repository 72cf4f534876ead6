import { ask, QUESTIONS } from '$core/ask';
import { describeProblem } from '$core/reason';
import { oneLine, readArguments, UsageError, type Command } from './command';

const usage = `usage: npm run -s olive -- ask QUESTION '{"json": "input"}'

Questions:
${Object.entries(QUESTIONS)
  .map(([name, q]) => `  ${name.padEnd(12)}${q.about}`)
  .join('\n')}`;

export const askCommand: Command = {
  about: 'one single question of the kitchen',
  usage,
  run: (args) => {
    const { positionals } = readArguments(args, {}, usage);
    const [name, text, ...more] = positionals;
    if (name === undefined || text === undefined || more.length > 0)
      throw new UsageError(`a question and its input are needed; ${usage.split('\n')[0]}`);
    let input: unknown;
    try {
      input = JSON.parse(text);
    } catch (error) {
      throw new UsageError(
        `input: not readable as JSON (${oneLine(error)}); quote it for the shell`,
      );
    }
    const answer = ask(name, input);
    if (!answer.ok) throw new UsageError(answer.problems.map(describeProblem)[0] ?? 'no answer');
    console.log(JSON.stringify(answer.value));
    return 0;
  },
};

/** The subcommands of `olive`, and how one is chosen. Exit codes stand in the contracts. */
import { askCommand } from './ask';
import { demoCommand } from './demo';
import { planCommand } from './plan';
import { recipeCommand } from './recipe';
import { simulateCommand } from './simulate';
import { solveCommand } from './solve';
import { UsageError, type Command } from './command';

const COMMANDS: Readonly<Record<string, Command>> = {
  solve: solveCommand,
  simulate: simulateCommand,
  plan: planCommand,
  ask: askCommand,
  recipe: recipeCommand,
  demo: demoCommand,
};

function help(): string {
  const lines = Object.entries(COMMANDS).map(([name, c]) => `  ${name.padEnd(10)}${c.about}`);
  return `usage: npm run -s olive -- SUBCOMMAND [arguments]\n\n${lines.join('\n')}\n\nSUBCOMMAND --help says more.`;
}

async function choose(args: readonly string[]): Promise<number> {
  const [name, ...rest] = args;
  if (name === undefined || name === '--help' || name === 'help') {
    console.log(help());
    return name === undefined ? 2 : 0;
  }
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command)
    throw new UsageError(
      `“${name}” is not a subcommand; use one of ${Object.keys(COMMANDS).join(', ')}`,
    );
  if (rest.includes('--help')) {
    console.log(command.usage);
    return 0;
  }
  return command.run(rest);
}

/**
 * Runs a subcommand; what it answers goes to the console.
 *
 * @returns the exit code: 2 where the caller got something wrong, said in one line
 */
export async function runCommand(args: readonly string[]): Promise<number> {
  try {
    return await choose(args);
  } catch (error) {
    if (!(error instanceof UsageError)) throw error;
    console.error(error.message);
    return 2;
  }
}

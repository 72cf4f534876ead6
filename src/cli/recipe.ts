import { readFileSync } from 'node:fs';
import { describeProblem } from '$core/reason';
import { importRecipe, summarise } from '$core/recipe';
import { UsageError, type Command } from './command';

export const recipeCommand: Command = {
  about: 'a recipe (text, saved HTML, JSON-LD) as a dish',
  usage: `usage: npm run -s olive -- recipe FILE [--summary]
       npm run -s olive -- recipe --summary --lines FILE…

Prints the dish document; with --summary its short form. Exit 2 where FILE holds no recipe. With --lines one
line of JSON for each file: its summary, or the error that it would have been.`,
  run(args) {
    const files = args.filter((a) => !a.startsWith('--'));
    const unknown = args.find((a) => a.startsWith('--') && !['--summary', '--lines'].includes(a));
    if (unknown)
      throw new UsageError(`“${unknown}” is not an option; there are --summary and --lines`);
    if (args.includes('--lines')) return Promise.resolve(printLines(files));
    const [file, ...more] = files;
    if (file === undefined || more.length > 0)
      throw new UsageError('recipe takes one FILE; give the path of a recipe');
    const imported = importRecipe(readText(file));
    if (!imported.ok)
      throw new UsageError(
        imported.problems[0] ? describeProblem(imported.problems[0]) : 'no recipe',
      );
    const out = args.includes('--summary') ? summarise(imported.value) : imported.value.dish;
    console.log(JSON.stringify(out, null, 1));
    return Promise.resolve(0);
  },
};

function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    throw new UsageError(`“${file}” cannot be read; give the path of a file that is there`);
  }
}

/** One line for each file, in order; a file that holds no recipe is a line like the others. */
function printLines(files: readonly string[]): number {
  if (files.length === 0) throw new UsageError('--lines takes files; give at least one');
  for (const file of files) {
    const imported = importRecipe(readText(file));
    const [problem] = imported.ok ? [] : imported.problems;
    console.log(
      JSON.stringify(
        imported.ok
          ? { file, summary: summarise(imported.value) }
          : { file, error: problem ? describeProblem(problem) : 'no recipe' },
      ),
    );
  }
  return 0;
}

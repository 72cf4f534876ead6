import { readFileSync } from 'node:fs';
import { describeProblem } from '$core/reason';
import { importRecipe, summarise } from '$core/recipe';
import { UsageError, type Command } from './command';

export const recipeCommand: Command = {
  about: 'a recipe (text, saved HTML, JSON-LD) as a dish',
  usage: `usage: npm run -s olive -- recipe FILE [--summary]

Prints the dish document; with --summary its short form. Exit 2 where FILE holds no recipe.`,
  run(args) {
    const files = args.filter((a) => !a.startsWith('--'));
    const unknown = args.find((a) => a.startsWith('--') && a !== '--summary');
    if (unknown) throw new UsageError(`“${unknown}” is not an option; there is --summary`);
    const [file, ...more] = files;
    if (file === undefined || more.length > 0)
      throw new UsageError('recipe takes one FILE; give the path of a recipe');
    let text: string;
    try {
      text = readFileSync(file, 'utf8');
    } catch {
      throw new UsageError(`“${file}” cannot be read; give the path of a file that is there`);
    }
    const imported = importRecipe(text);
    if (!imported.ok)
      throw new UsageError(
        imported.problems[0] ? describeProblem(imported.problems[0]) : 'no recipe',
      );
    const out = args.includes('--summary') ? summarise(imported.value) : imported.value.dish;
    console.log(JSON.stringify(out, null, 1));
    return Promise.resolve(0);
  },
};

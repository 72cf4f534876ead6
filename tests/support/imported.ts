/** Recipes as a cook pastes them, and what was made of them in short. */
import type { Dish } from '$core/dish';
import { importRecipe } from '$core/recipe';
import { readInstructions } from '../../src/core/recipe/method/read';

/** A whole text, imported; throws where it is refused. */
export function importedText(text: string) {
  const read = importRecipe(text);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.value;
}

/** A recipe with headings, imported; throws where it is refused. */
export function imported(list: string, method: string, head = 'Serves 4') {
  return importedText(`A dish\n${head}\n\nIngredients\n${list}\n\nMethod\n${method}`);
}

export const dishOf = (list: string, method: string): Dish => imported(list, method).dish;

/** Each stage but the reckoned knife work, as its kind and minutes. */
export const shape = ({ stages }: Pick<Dish, 'stages'>): (string | number)[][] =>
  stages
    .filter((s) => !s.id.startsWith('prepare'))
    .map((s) => [s.kind, s.kind === 'pressure' ? s.holdMinutes : s.minutes]);

/** Kinds and minutes of what a method alone says. */
export const kinds = (...method: string[]): string =>
  readInstructions(method)
    .stages.map((s) => `${s.kind}${s.minutes === null ? '' : ` ${s.minutes}`}`)
    .join(', ');

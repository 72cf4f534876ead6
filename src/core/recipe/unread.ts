/** A piece that was not read, put where somebody says that it belongs. */
import type { Dish, Stage } from '../dish';
import { freshId, readIngredients } from './ingredients';
import { readInstructions } from './method/read';
import { writeStages } from './write-stages';

export const UNREAD_KINDS = ['ingredient', 'step', 'note'] as const;
export type UnreadKind = (typeof UNREAD_KINDS)[number];

/**
 * The dish with one unread piece in it; taken out of `unread`, and nothing of its words is lost.
 *
 * @param piece as it stands in `dish.unread`
 */
export function takeUnread(dish: Dish, piece: string, as: UnreadKind): Dish {
  const at = dish.unread.indexOf(piece);
  if (at < 0) return dish;
  const left = { ...dish, unread: dish.unread.filter((_, i) => i !== at) };
  if (as === 'note') return { ...left, notes: [dish.notes, piece].filter(Boolean).join('\n') };
  return as === 'ingredient' ? withIngredient(left, piece) : withStep(left, piece);
}

function withIngredient(dish: Dish, line: string): Dish {
  const taken = new Set([...dish.ingredients, ...dish.stages].map((x) => x.id));
  const [read] = readIngredients([line]);
  const plain: Dish['ingredients'][number] = {
    id: freshId(line, taken),
    food: line.slice(0, 120),
    amount: null,
    unit: null,
    preparation: line.slice(120, 320),
    role: 'base',
    scaling: 'proportional',
  };
  const ingredient = read ? { ...read.ingredient, id: freshId(read.ingredient.id, taken) } : plain;
  const into =
    dish.stages.find((s) => s.kind === 'pressure' || s.kind === 'slow') ?? dish.stages[0];
  return {
    ...dish,
    ingredients: [...dish.ingredients, ingredient],
    stages: dish.stages.map((s) => (s === into ? { ...s, uses: [...s.uses, ingredient.id] } : s)),
  };
}

/** As the step that it tells of, or as work at the end where it tells of none. */
function withStep(dish: Dish, sentence: string): Dish {
  const { stages: found } = readInstructions([sentence]);
  const known = readIngredients([]);
  const written = writeStages(found, known, []);
  const taken = new Set([...dish.ingredients, ...dish.stages].map((x) => x.id));
  const stages: Stage[] =
    written.length > 0
      ? written
      : [
          {
            id: 'step',
            kind: 'finish',
            text: sentence.slice(0, 400),
            sentence: sentence.slice(0, 2000),
            uses: [],
            minutes: 2,
            guessed: true,
            inCooker: false,
          },
        ];
  const own = stages.map((s) => {
    const id = freshId(s.id, taken);
    taken.add(id);
    return { ...s, id, after: undefined };
  });
  return { ...dish, stages: [...dish.stages, ...own] };
}

/** What somebody corrects in a recipe that was just read: a line of the list, or the kind and minutes of a step. */
import type { Dish, Stage } from '../dish';
import { readIngredients } from './ingredients';

/** Kinds that a step can be told to be; a cycle needs its level and release, so it is written in the text. */
export const STEP_KINDS = [
  'prep',
  'soak',
  'brown',
  'loosen',
  'simmer',
  'thicken',
  'burner',
  'rest',
  'finish',
] as const satisfies readonly Stage['kind'][];
export type StepKind = (typeof STEP_KINDS)[number];

export type ReadEdit =
  | { of: 'ingredient'; id: string; line: string }
  | { of: 'minutes'; id: string; minutes: number }
  | { of: 'kind'; id: string; kind: StepKind };

/** The dish with one correction; without change where the correction says nothing. */
export function editRead(dish: Dish, edit: ReadEdit): Dish {
  if (edit.of === 'ingredient') {
    const [read] = readIngredients([edit.line]);
    if (!read) return dish;
    return {
      ...dish,
      ingredients: dish.ingredients.map((i) =>
        i.id === edit.id ? { ...read.ingredient, id: i.id } : i,
      ),
    };
  }
  return {
    ...dish,
    stages: dish.stages.map((s) => {
      if (s.id !== edit.id) return s;
      return edit.of === 'minutes' ? withMinutes(s, edit.minutes) : ofKind(s, edit.kind);
    }),
  };
}

function withMinutes(stage: Stage, minutes: number): Stage {
  return stage.kind === 'pressure'
    ? { ...stage, holdMinutes: minutes, minutesPerLb: undefined, guessed: undefined }
    : { ...stage, minutes, guessed: undefined };
}

/** The same words, minutes and food as work of another kind. */
function ofKind(stage: Stage, kind: StepKind): Stage {
  const { id, text, sentence, uses, parts, after } = stage;
  const minutes = stage.kind === 'pressure' ? stage.holdMinutes : stage.minutes;
  const base = { id, text, sentence, uses, parts, after, minutes, guessed: stage.guessed };
  switch (kind) {
    case 'simmer':
    case 'burner':
      return { ...base, kind, attended: true };
    case 'finish':
      return { ...base, kind, inCooker: false };
    default:
      return { ...base, kind };
  }
}

/** Writing an answer from Answers into a dish. */
import { fault } from '../words';
import { findFood } from '../food';
import { failure, success, type Outcome } from '../reason';
import { dishSchema, freeIdIn, type Dish, type PressureStage } from './document';

export type AnswerUse =
  | { kind: 'hold'; minutes: number }
  | { kind: 'level'; level: PressureStage['level'] }
  | { kind: 'vessel'; rackMm?: number; pan?: { diameterMm: number; heightMm: number } }
  | { kind: 'liquid'; ml: number }
  | { kind: 'thickener'; food: string; grams: number }
  | { kind: 'note'; text: string };

/** A place in a dish that an answer can go to. */
export interface UseTarget {
  dishId: string;
  /** Stage or ingredient; '' for the dish as a whole. */
  partId: string;
  text: string;
}

/** Everywhere in `dish` that an answer of this kind can be written. */
export function targetsFor(dish: Dish, kind: AnswerUse['kind']): UseTarget[] {
  const at = (partId: string, text: string): UseTarget => ({ dishId: dish.id, partId, text });
  if (kind === 'note' || kind === 'thickener') return [at('', dish.name)];
  if (kind === 'liquid')
    return dish.ingredients
      .filter((i) => findFood(i.food)?.form === 'thin')
      .map((i) =>
        at(i.id, `${dish.name}: ${i.food}, now ${i.amount ?? 'no amount'} ${i.unit ?? ''}`.trim()),
      );
  return dish.stages.flatMap((s) =>
    s.kind === 'pressure'
      ? [at(s.id, `${dish.name}, ${s.holdMinutes} min ${s.level}: ${s.text}`)]
      : [],
  );
}

/**
 * The dish with the answer in it.
 *
 * @returns the changed dish; fails where the place is gone or the answer breaks a rule of the document
 */
export function useAnswer(dish: Dish, partId: string, use: AnswerUse): Outcome<Dish> {
  const changed = change(dish, partId, use);
  if (!changed) return failure(fault('target', 'stage-gone', {}));
  const checked = dishSchema.safeParse(changed);
  if (checked.success) return success(checked.data);
  return failure({
    field: 'use',
    message: checked.error.issues[0]?.message ?? 'the dish can’t take this',
    remedy: 'change the question and try again',
  });
}

function change(dish: Dish, partId: string, use: AnswerUse): Dish | null {
  switch (use.kind) {
    case 'note':
      return { ...dish, notes: [dish.notes, use.text].filter(Boolean).join('\n') };
    case 'thickener':
      return withThickener(dish, use.food, use.grams);
    case 'liquid': {
      if (!dish.ingredients.some((i) => i.id === partId)) return null;
      return {
        ...dish,
        ingredients: dish.ingredients.map((i) =>
          i.id === partId ? { ...i, amount: Math.round(use.ml), unit: 'ml' } : i,
        ),
      };
    }
    case 'hold':
      return withStage(dish, partId, (s) => ({
        ...s,
        holdMinutes: Math.round(use.minutes),
        minutesPerLb: undefined,
        guessed: undefined,
      }));
    case 'level':
      return withStage(dish, partId, (s) => ({ ...s, level: use.level }));
    case 'vessel':
      return withStage(dish, partId, (s) => ({
        ...s,
        ...(use.rackMm === undefined ? {} : { rackMm: use.rackMm }),
        ...(use.pan === undefined ? {} : { inPan: use.pan }),
      }));
  }
}

function withStage(
  dish: Dish,
  id: string,
  to: (stage: PressureStage) => PressureStage,
): Dish | null {
  if (!dish.stages.some((s) => s.id === id && s.kind === 'pressure')) return null;
  return {
    ...dish,
    stages: dish.stages.map((s) => (s.id === id && s.kind === 'pressure' ? to(s) : s)),
  };
}

/** Starch goes in at the last thickening, or in one made for it after the last cycle. */
function withThickener(dish: Dish, food: string, grams: number): Dish {
  const ingredient = freeIdIn(dish, 'thickener');
  const ingredients: Dish['ingredients'] = [
    ...dish.ingredients,
    {
      id: ingredient,
      food,
      amount: Math.round(grams),
      unit: 'g',
      preparation: 'stirred into cold liquid',
      role: 'finish',
      scaling: 'proportional',
    },
  ];
  const at = dish.stages.findLastIndex((s) => s.kind === 'thicken');
  if (at >= 0)
    return {
      ...dish,
      ingredients,
      stages: dish.stages.map((s, i) => (i === at ? { ...s, uses: [...s.uses, ingredient] } : s)),
    };
  const after = dish.stages.findLastIndex((s) => s.kind === 'pressure') + 1;
  const stage: Dish['stages'][number] = {
    kind: 'thicken',
    id: freeIdIn(dish, 'thicken'),
    text: `Stir in the ${food}, boil until it thickens`,
    minutes: 4,
    uses: [ingredient],
  };
  return {
    ...dish,
    ingredients,
    stages: [...dish.stages.slice(0, after), stage, ...dish.stages.slice(after)],
  };
}

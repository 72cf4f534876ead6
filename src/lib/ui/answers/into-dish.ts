/** What of an answer a dish can take: a number in its place, and the answer as a note always. */
import { targetsFor, type AnswerUse, type Dish } from '$core/dish';
import type { Answer } from '$core/ask';
import { number } from './values';
import type { SaidAnswer, Values } from './types';

export interface UseGroup {
  use: AnswerUse;
  label: string;
  targets: { id: string; dishId: string; partId: string; text: string }[];
}

/** The answer's uses in these dishes, the most direct first. */
export function usesOf(
  question: { id: string; title: string },
  answer: Answer,
  values: Values,
  said: SaidAnswer,
  dishes: readonly Dish[],
): UseGroup[] {
  const note: AnswerUse = { kind: 'note', text: `${question.title} ${said.headline}.` };
  return [...directUses(question.id, answer, values), { use: note, label: 'As a note in' }].map(
    ({ use, label }, i) => ({
      use,
      label,
      targets: dishes
        .flatMap((dish) => targetsFor(dish, use.kind))
        .map((t) => ({ ...t, id: `${i}|${t.dishId}/${t.partId}` })),
    }),
  );
}

function directUses(
  id: string,
  answer: Answer,
  values: Values,
): { use: AnswerUse; label: string }[] {
  const level = values.level as 'low' | 'high' | 'max';
  switch (id) {
    case 'hold': {
      const minutes = (answer.minutes as [number, number] | null)?.[0];
      return minutes === undefined
        ? []
        : [{ use: { kind: 'hold', minutes }, label: `${minutes} min at pressure in` }];
    }
    case 'fit':
      return vesselUse(values);
    case 'come-up':
    case 'release':
    case 'altitude':
      return [{ use: { kind: 'level', level }, label: `Pressure “${level}” in` }];
    case 'water': {
      const ml = Math.round(answer.ml as number);
      return [{ use: { kind: 'liquid', ml }, label: `${ml} ml as the liquid of` }];
    }
    case 'thicken': {
      if (typeof answer.grams !== 'number') return [];
      const grams = Math.round(answer.grams);
      const food = values.with === 'flour' ? 'flour' : 'cornstarch';
      return [{ use: { kind: 'thickener', food, grams }, label: `${grams} g ${food} into` }];
    }
    case 'convert': {
      if (answer.unit !== 'ml' || typeof answer.amount !== 'number') return [];
      const ml = Math.round(answer.amount);
      return [{ use: { kind: 'liquid', ml }, label: `${ml} ml as the liquid of` }];
    }
    default:
      return [];
  }
}

function vesselUse(values: Values): { use: AnswerUse; label: string }[] {
  const rackMm = values.rack ? number(values, 'rack') : undefined;
  const pan =
    values.panD && values.panH
      ? { diameterMm: number(values, 'panD'), heightMm: number(values, 'panH') }
      : undefined;
  if (rackMm === undefined && !pan) return [];
  return [
    {
      use: { kind: 'vessel', ...(rackMm === undefined ? {} : { rackMm }), ...(pan ? { pan } : {}) },
      label: 'This rack and pan in',
    },
  ];
}

/** What of an answer a dish can take: a number in its place, and the answer as a note always. */
import { targetsFor, type AnswerUse, type Dish } from '$core/dish';
import { levelOf, number } from './values';
import type { DirectUse, SaidAnswer, Values } from './types';

export interface UseGroup {
  use: AnswerUse;
  label: string;
  targets: { id: string; dishId: string; partId: string; text: string }[];
}

/** The answer's uses in these dishes, the most direct first. */
export function usesOf(
  title: string,
  direct: readonly DirectUse[],
  said: SaidAnswer,
  dishes: readonly Dish[],
): UseGroup[] {
  const note: AnswerUse = { kind: 'note', text: `${title} ${said.headline}.` };
  return [...direct, { use: note, label: 'As a note in' }].map(({ use, label }, i) => ({
    use,
    label,
    targets: dishes
      .flatMap((dish) => targetsFor(dish, use.kind))
      .map((t) => ({ ...t, id: `${i}|${t.dishId}/${t.partId}` })),
  }));
}

/** The level of a question, for a stage of a dish. */
export function levelUse(values: Values): DirectUse[] {
  return [
    {
      use: { kind: 'level', level: levelOf(values) },
      label: `Pressure “${levelOf(values)}” in`,
    },
  ];
}

/** An amount of thin liquid, ml. */
export function liquidUse(ml: number): DirectUse[] {
  const whole = Math.round(ml);
  return [{ use: { kind: 'liquid', ml: whole }, label: `${whole} ml as the liquid of` }];
}

/** The rack and pan of a question, for a stage of a dish. */
export function vesselUse(values: Values): DirectUse[] {
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

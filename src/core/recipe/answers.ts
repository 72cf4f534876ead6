/** Answers to what an imported text did not say, put into the dish. */
import {
  decidingPiece,
  scaleDish,
  type Dish,
  type PressureStage,
  type ReleaseChoice,
  type Stage,
} from '../dish';
import { failure, success, type Outcome } from '../reason';
import { parseLength } from '../units';
import { withUnitsChosen } from './bare-amounts';
import type { ImportQuestion } from './types';

const RELEASES: Readonly<Record<string, ReleaseChoice>> = {
  natural: { kind: 'natural' },
  quick: { kind: 'quick' },
};

/**
 * The dish with one question answered.
 *
 * @param answer as typed: a number, or `natural`, `quick` or minutes for a release
 * @returns the dish, or what the answer should have been
 */
export function answerQuestion(
  dish: Dish,
  question: ImportQuestion,
  answer: string,
): Outcome<Dish> {
  const { about } = question;
  const text = answer.trim().toLowerCase();
  const value =
    about.kind === 'thickness' || about.kind === 'pan'
      ? parseLength(text)
      : Number(text.replace(',', '.').replace(/\s*[a-z°]+$/i, ''));
  if (about.kind === 'release') {
    const release = RELEASES[text] ?? timed(value);
    if (!release) return wrong(question, 'answer natural, quick, or minutes of natural release');
    return success(withPressure(dish, about.stage, (s) => ({ ...s, release })));
  }
  // Another recipe of the page is read anew by who shows it.
  if (about.kind === 'which') return success(dish);
  if (about.kind === 'empty')
    return text === 'yes' ? success(dish) : wrong(question, 'choose yes, or mark what it is below');
  if (about.kind === 'units') {
    const chosen = withUnitsChosen(dish, about.ingredients, text);
    return chosen ? success(chosen) : wrong(question, 'choose g and ml, or pieces');
  }
  if (about.kind === 'setting') {
    const setting = text === 'low' || text === 'high' ? text : null;
    if (setting === null) return wrong(question, 'choose low or high');
    return success(
      withStage(dish, about.stage, (s) => (s.kind === 'slow' ? { ...s, setting } : s)),
    );
  }
  if (about.kind === 'place') {
    if (!dish.stages.some((s) => s.id === text)) return wrong(question, 'choose a step');
    return success({
      ...dish,
      stages: dish.stages.map((s) => {
        const others = s.uses.filter((id) => id !== about.ingredient);
        return { ...s, uses: s.id === text ? [...others, about.ingredient] : others };
      }),
    });
  }
  if (about.kind === 'level') {
    const level = text === 'low' || text === 'high' ? text : null;
    if (level === null) return wrong(question, 'choose high or low');
    return success(withPressure(dish, about.stage, (s) => ({ ...s, level })));
  }
  const [low, high] = question.range;
  if (text === '') return wrong(question, 'the text does not say: give a number');
  if (!Number.isFinite(value) || value < low || value > high)
    return wrong(
      question,
      about.kind === 'thickness'
        ? 'give it with its unit, from 2 mm to 25 cm: 3 cm, 1¼ in'
        : about.kind === 'pan'
          ? 'give it with its unit, from 8 to 32 cm: 18 cm, 7 in'
          : `give a number from ${low} to ${high}`,
    );
  const minutes = Math.round(value * (question.perUnit ?? 1));
  switch (about.kind) {
    case 'serves':
      return success({ ...dish, servings: value });
    case 'thickness':
      return success({
        ...dish,
        ingredients: dish.ingredients.map((i) =>
          i.id === about.ingredient ? { ...i, pieceMm: Math.round(value) } : i,
        ),
      });
    case 'pan':
      return success(
        withPressure(dish, about.stage, (s) =>
          s.inPan ? { ...s, inPan: { ...s.inPan, diameterMm: Math.round(value) } } : s,
        ),
      );
    case 'minutes':
      return success(
        withStage(dish, about.stage, (s) =>
          s.kind === 'pressure' ? s : { ...s, minutes: Math.round(value), guessed: undefined },
        ),
      );
    case 'heat':
      return success(
        withStage(dish, about.stage, (s) =>
          s.kind === 'oven' || s.kind === 'crisp' ? { ...s, celsius: value } : s,
        ),
      );
    case 'weight':
      return success(weighed(dish, about.stage, value, minutes));
    case 'hold':
      return success(
        withPressure(dish, about.stage, (s) => ({
          ...s,
          holdMinutes: minutes,
          minutesPerLb: undefined,
          guessed: undefined,
        })),
      );
  }
}

/** The piece that decides gets its weight, and the hold goes by it; without one the hold is fixed. */
function weighed(dish: Dish, stageId: string, pounds: number, minutes: number): Dish {
  const stage = dish.stages.find((s) => s.id === stageId);
  const { ingredients } = scaleDish(dish, dish.servings);
  const piece = stage && decidingPiece(stage, ingredients);
  if (!piece)
    return withPressure(dish, stageId, (s) => ({
      ...s,
      holdMinutes: minutes,
      minutesPerLb: undefined,
    }));
  return {
    ...withPressure(dish, stageId, (s) => ({ ...s, holdMinutes: minutes })),
    ingredients: dish.ingredients.map((i) =>
      i.id === piece.id ? { ...i, amount: pounds, unit: 'lb' as const } : i,
    ),
  };
}

function timed(minutes: number): ReleaseChoice | null {
  return minutes >= 1 && minutes <= 120 ? { kind: 'timed', minutes: Math.round(minutes) } : null;
}

function withStage(dish: Dish, id: string, change: (stage: Stage) => Stage): Dish {
  return { ...dish, stages: dish.stages.map((s) => (s.id === id ? change(s) : s)) };
}

function withPressure(
  dish: Dish,
  id: string,
  change: (stage: PressureStage) => PressureStage,
): Dish {
  return withStage(dish, id, (s) => (s.kind === 'pressure' ? change(s) : s));
}

function wrong<T>(question: ImportQuestion, remedy: string): Outcome<T> {
  return failure({
    field: question.id,
    message: `“${question.text}” needs another answer`,
    remedy,
  });
}

/** The short form of an imported recipe, which stays stable while the document grows. */
import type { Imported } from './to-dish';

export interface RecipeSummary {
  name: string;
  serves: number | null;
  ingredients: {
    amount: number | null;
    amountTo: number | null;
    unit: string | null;
    food: string;
    preparation: string | null;
    state: string | null;
    optional: boolean;
  }[];
  cycles: {
    level: string;
    holdMinutes: number;
    holdTo: number | null;
    perPound: number | null;
    release: { kind: string; minutes?: number };
  }[];
  stages: string[];
  oven: { celsius: number | null; minutes: number | null }[];
  questions: string[];
}

export function summarise({
  dish,
  ingredients,
  stages,
  questions,
  serves,
}: Imported): RecipeSummary {
  return {
    name: dish.name,
    serves,
    ingredients: ingredients.map(({ line }) => ({
      amount: line.amount,
      amountTo: line.amountTo,
      unit: line.unit,
      food: line.food,
      preparation: line.preparation,
      state: line.state,
      optional: line.optional,
    })),
    cycles: stages.flatMap(({ cycle }) => (cycle ? [cycle] : [])),
    stages: stages.map((s) => s.kind),
    oven: stages
      .filter((s) => s.kind === 'oven' || s.kind === 'crisp')
      .map(({ celsius, minutes }) => ({ celsius, minutes })),
    questions: questions.map((q) => q.text),
  };
}

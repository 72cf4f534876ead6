/** What of a text ended up in no field: shown in its order, so that nothing given is lost. */
import { mentionedFood } from '../food';
import { findAmounts, UNITS, type Unit } from '../units';
import { toSentences } from './sentences';
import type { ReadIngredient } from './ingredients';
import type { FoundStage, RawRecipe } from './types';

interface Read {
  ingredients: readonly ReadIngredient[];
  stages: readonly FoundStage[];
  slow: readonly string[];
  /** Clauses with a time that nothing was made of. */
  left: readonly string[];
}

/** A heading of a part or of a list: it says where things belong and holds nothing itself. */
const HEADING = /^[^.!?\d]{1,40}:$/;

/** Two figures of minutes are one. */
const isSame = (a: number, b: number | null | undefined): boolean =>
  typeof b === 'number' && Math.abs(a - b) < 0.01;
/** A part of what the list has already: “half a cup of the stock”. */
const OF_THE_LISTED = /\bof (?:the|that|this|it|its)\b/i;

/** “The remaining 30 g sugar”. */
const REST_OF_IT = /\b(?:remaining|other|reserved|rest of the|last)\s+$/i;

const lastWord = (name: string): string => name.toLowerCase().split(/\s+/).at(-1) ?? '';

/** “2 teaspoons” of the tablespoon that is listed are a part of it. */
function isMore(listed: number, as: Unit | null, amount: number, unit: string | null): boolean {
  const other = unit === null ? null : (unit as Unit);
  if (as === null || other === null) return as === other && listed > amount;
  return (
    UNITS[as].kind === UNITS[other].kind && listed * UNITS[as].size > amount * UNITS[other].size
  );
}

/** A size of what food lies in: “a 1-pint basin”. */
const VESSEL = /\b(?:basin|tin|pan|dish|bowl|jar|mou?ld|tray|ramekin|pot)s?\b/i;

/** Amounts of foods told in passing that no ingredient has. */
function withAmountLeft(told: readonly string[], ingredients: readonly ReadIngredient[]): string[] {
  // “1 tbsp oil” of the 3 that the list has is a part of it, and so is any salt where it has no amount.
  const isPart = (amount: number, unit: string | null, food: string): boolean => {
    const id = mentionedFood(food)?.id;
    return ingredients.some(
      ({ line, food: listed }) =>
        (line.amount === null || isMore(line.amount, line.unit, amount, unit)) &&
        ((listed?.id === id && id !== undefined) || lastWord(line.food) === lastWord(food)),
    );
  };
  const has = (amount: number | null, unit: string | null): boolean =>
    ingredients.some(
      ({ line }) =>
        amount !== null &&
        ((isSame(amount, line.amount) && line.unit === unit) ||
          (isSame(amount, line.packSize?.amount) && line.packSize?.unit === unit)),
    );
  return told.flatMap((clause) =>
    findAmounts(clause)
      .filter((a) => a.unit !== null && a.unit !== 'piece' && !has(a.amount, a.unit))
      .filter((a) => !REST_OF_IT.test(clause.slice(0, a.start)))
      .map((a) => ({
        ...a,
        food:
          clause
            .slice(a.end)
            .split(/[,;.]|\band\b/)[0]
            ?.trim() ?? '',
      }))
      .filter(
        ({ amount, unit, food }) =>
          mentionedFood(food) !== null &&
          !OF_THE_LISTED.test(food) &&
          !VESSEL.test(food) &&
          !isPart(amount, unit, food),
      )
      .map(({ start, end, food }) => `${clause.slice(start, end)} ${food}`),
  );
}

/**
 * The pieces that nothing was made of: lines without a food, sentences of no stage, and what else stood on a
 * line of which a part was taken. Of a sentence that was understood but for one of its times, the clause.
 */
export function findUnread(raw: RawRecipe, read: Read): string[] {
  const lines = new Set(read.ingredients.map((i) => i.text));
  const told = new Set([...read.stages.flatMap((s) => s.sentences), ...read.slow]);
  return [
    ...raw.leftOver,
    ...raw.ingredients.filter((line) => !lines.has(line)),
    ...toSentences(raw.instructions).filter((s) => !told.has(s) && !HEADING.test(s)),
    ...new Set(read.left),
    ...withAmountLeft(
      [...told, ...read.ingredients.map((i) => i.line.preparation ?? '')],
      read.ingredients,
    ),
  ].filter((piece) => /[\p{L}\p{N}]/u.test(piece));
}

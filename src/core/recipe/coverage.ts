/** What of a text ended up in no field: shown in its order, so that nothing given is lost. */
import { mentionedFood } from '../food';
import { findAmounts } from '../units';
import { findDurations } from './durations';
import { toClauses, toSentences } from './sentences';
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
/** More times than that in one stage are not added up in all ways. */
const MOST_TIMES = 10;

/** Which of the times add up to the total, the most of them; empty where none do. */
function partsOf(times: readonly number[], total: number): ReadonlySet<number> {
  let best: number[] = [];
  for (let mask = 1; mask < 1 << Math.min(times.length, MOST_TIMES); mask++) {
    const chosen = times.flatMap((_, i) => (mask & (1 << i) ? [i] : []));
    const sum = chosen.reduce((so, i) => so + (times[i] ?? 0), 0);
    if (chosen.length > best.length && isSame(sum, total)) best = chosen;
  }
  return new Set(best);
}

/** A part of what the list has already: “half a cup of the stock”. */
const OF_THE_LISTED = /\bof (?:the|that|this|it|its)\b/i;

/** Amounts of foods told in passing that no ingredient has. */
function withAmountLeft(told: readonly string[], ingredients: readonly ReadIngredient[]): string[] {
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
      .map(
        (a) =>
          `${clause.slice(a.start, a.end)} ${clause.slice(a.end).split(/[,;.]/)[0]?.trim() ?? ''}`,
      )
      .filter((piece) => mentionedFood(piece) !== null && !OF_THE_LISTED.test(piece)),
  );
}

/** The times of a stage's sentences, with the clause that each stands in and whether a figure holds it. */
function timesOf({
  cycle,
  minutes,
  to,
  sentences,
}: FoundStage): { clause: string; held: boolean }[] {
  const release = cycle?.release.kind === 'timed' ? cycle.release.minutes : null;
  const figures = [minutes, to, cycle?.holdMinutes, cycle?.holdTo, cycle?.perPound, release];
  const times = sentences.flatMap(toClauses).flatMap((clause) =>
    findDurations(clause).map(({ from, to: upTo, perPound }) => ({
      clause,
      from: perPound ?? from,
      upTo,
    })),
  );
  const parts = partsOf(
    times.map((t) => t.from),
    minutes ?? NaN,
  );
  const isFigure = (value: number): boolean => figures.some((figure) => isSame(value, figure));
  return times.map(({ clause, from, upTo }, i) => ({
    clause,
    held: parts.has(i) || (isFigure(from) && (upTo === null || isFigure(upTo))),
  }));
}

/** Clauses with a time in them that no figure is made of; a sentence may tell of several stages. */
function withTimeLeft(stages: readonly FoundStage[]): string[] {
  const times = stages.flatMap(timesOf);
  const held = new Set(times.filter((t) => t.held).map((t) => t.clause));
  return [...new Set(times.map((t) => t.clause))].filter((clause) => !held.has(clause));
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

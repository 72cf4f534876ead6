/** What of a text ended up in no field: shown in its order, so that nothing given is lost. */
import { toSentences } from './sentences';
import type { ReadIngredient } from './ingredients';
import type { FoundStage, RawRecipe } from './types';

interface Read {
  ingredients: readonly ReadIngredient[];
  stages: readonly FoundStage[];
  slow: readonly string[];
}

/** A heading of a part or of a list: it says where things belong and holds nothing itself. */
const HEADING = /^[^.!?\d]{1,40}:$/;

/**
 * The pieces that nothing was made of: lines without a food, sentences of no stage, and what else stood on a
 * line of which a part was taken.
 */
export function findUnread(raw: RawRecipe, read: Read): string[] {
  const lines = new Set(read.ingredients.map((i) => i.text));
  const told = new Set([...read.stages.flatMap((s) => s.sentences), ...read.slow]);
  return [
    ...raw.leftOver,
    ...raw.ingredients.filter((line) => !lines.has(line)),
    ...toSentences(raw.instructions).filter((s) => !told.has(s) && !HEADING.test(s)),
  ].filter((piece) => /[\p{L}\p{N}]/u.test(piece));
}

/** Bringing a recipe in: from any text to a dish with its open questions. */
import type { Outcome } from '../reason';
import { readSource } from './source';
import { toDish, type Imported } from './to-dish';
import type { ReadOptions } from './types';

export { answerQuestion } from './answers';
export { editRead, STEP_KINDS } from './edits';
export type { ReadEdit, StepKind } from './edits';
export { toJsonLd, toText } from './export';
export { freshId, readIngredients } from './ingredients';
export { parseLine } from './line';
export { lineOf, rewriteIngredient } from './rewrite';
export { summarise } from './summary';
export type { RecipeSummary } from './summary';
export type { Imported } from './to-dish';
export { retime } from './retime';
export { withToldAmounts } from './told-amounts';
export type { LinkedPiece, PieceKind, ReadOptions } from './types';
export { takeUnread, UNREAD_KINDS } from './unread';
export type { UnreadKind } from './unread';

/**
 * Reads pasted or uploaded text: plain words, a saved page, or JSON-LD.
 *
 * @param options what is known of the household, and what somebody has said of the text
 */
export function importRecipe(text: string, options: ReadOptions = {}): Outcome<Imported> {
  const raw = readSource(text, options);
  return raw.ok ? toDish(raw.value, options.takenIds) : raw;
}

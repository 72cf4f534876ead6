/** Bringing a recipe in: from any text to a dish with its open questions. */
import type { Outcome } from '../reason';
import { readSource } from './source';
import { toDish, type Imported } from './to-dish';

export { answerQuestion } from './answers';
export { toJsonLd, toText } from './export';
export { freshId, readIngredients } from './ingredients';
export { parseLine } from './line';
export { summarise } from './summary';
export type { RecipeSummary } from './summary';
export type { Imported } from './to-dish';
export { retime } from './retime';
export { takeUnread, UNREAD_KINDS } from './unread';
export type { UnreadKind } from './unread';

/**
 * Reads pasted or uploaded text: plain words, a saved page, or JSON-LD.
 *
 * @param takenIds ids of dishes that are there already
 * @param pick which recipe of a page with several: its place in their order
 */
export function importRecipe(
  text: string,
  takenIds?: ReadonlySet<string>,
  pick?: number,
): Outcome<Imported> {
  const raw = readSource(text, pick);
  return raw.ok ? toDish(raw.value, takenIds) : raw;
}

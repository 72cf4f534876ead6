/** From a text of any kind to a raw recipe. */
import { failure, success, type Outcome } from '../reason';
import { readPage } from './html';
import { findRecipe, fromJsonLd } from './json-ld';
import { findYield } from './lines/yields';
import { fromText } from './text';
import type { RawRecipe } from './types';

/** 5 MB, counted in UTF-16 units, which is never more than the bytes. */
const LARGEST = 5_000_000;
const MOST_LINES = 1000;

/**
 * Finds the recipe in pasted or uploaded text: JSON-LD, a saved page, or plain words.
 *
 * @returns its lines as written, or why there is no recipe in it
 */
export function readSource(text: string): Outcome<RawRecipe> {
  if (text.length > LARGEST)
    return refuse('is larger than 5 MB', 'save only the page itself, or paste its text');
  if (text.includes('\u0000') || isBinary(text))
    return refuse('is not a text file', 'use text, a saved page (HTML) or JSON-LD');
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed === '') return refuse('is empty', 'paste the recipe’s text');
  if (/^[[{]/.test(trimmed)) {
    const found = fromJson(trimmed);
    if (found) return check(found);
    if (/"@type"/.test(trimmed))
      return refuse('is JSON without a recipe in it', 'it needs a thing of @type Recipe');
  }
  if (/<[a-z!/][^>]*>/i.test(trimmed)) return check(fromPage(trimmed));
  return check({ ...fromText(trimmed), source: trimmed });
}

function fromJson(text: string): RawRecipe | null {
  const data = parseLoosely(text);
  const node = data === null ? null : findRecipe(data);
  const found = node ? fromJsonLd(node) : null;
  return found && { ...found, source: asText(found) };
}

/** JSON as pages write it: with a comma before a bracket, or a line broken within a text. */
function parseLoosely(text: string): unknown {
  for (const candidate of [text, mendJson(text)]) {
    try {
      return JSON.parse(candidate) as unknown;
    } catch {
      // The next form may be read.
    }
  }
  return null;
}

function mendJson(text: string): string {
  return text.replace(/"(?:[^"\\]|\\.)*"|,(?=\s*[\]}])/gs, (piece) =>
    piece === ',' ? '' : piece.replace(/[\n\r\t]+/g, ' '),
  );
}

function fromPage(html: string): RawRecipe {
  const page = readPage(html);
  for (const block of page.data) {
    const found = fromJson(block.trim());
    if (found && (found.ingredients.length > 0 || found.instructions.length > 0)) {
      found.name ||= page.title;
      found.yieldText ||= findYield(page.text);
      return { ...found, source: asText(found) };
    }
  }
  const found = fromText(page.text);
  found.name ||= page.title;
  return { ...found, source: page.text };
}

/** The recipe of a page as one would have pasted it, without the page’s markup. */
function asText(r: RawRecipe): string {
  const parts = [r.name, r.yieldText, '', ...r.ingredients, '', ...r.instructions, '', ...r.notes];
  return parts
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

function check(recipe: RawRecipe): Outcome<RawRecipe> {
  if (recipe.ingredients.length === 0 && recipe.instructions.length === 0)
    return refuse(
      'holds no recipe: neither ingredients nor instructions were found',
      'put the ingredients one to a line and the steps under them',
    );
  if (recipe.ingredients.length > MOST_LINES || recipe.instructions.length > MOST_LINES)
    return refuse(
      `has ${Math.max(recipe.ingredients.length, recipe.instructions.length)} lines in one part`,
      `a recipe has at most ${MOST_LINES}; cut it to one recipe`,
    );
  return success(recipe);
}

/** More than a few control characters are no text. */
function isBinary(text: string): boolean {
  let odd = 0;
  const length = Math.min(text.length, 4000);
  for (let i = 0; i < length; i++) {
    const code = text.charCodeAt(i);
    if (code === 0xfffd || (code < 32 && code !== 9 && code !== 10 && code !== 13)) odd++;
  }
  return odd > length / 20;
}

function refuse<T>(message: string, remedy: string): Outcome<T> {
  return failure({ field: 'recipe', message: `what was given ${message}`, remedy });
}

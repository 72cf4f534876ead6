/** From a text of any kind to a raw recipe. */
import { failure, success, type Outcome } from '../reason';
import { readPage } from './html';
import { findRecipes, fromJsonLd } from './json-ld';
import { findYield } from './lines/yields';
import { recipesIn } from './several';
import { fromText } from './text';
import type { RawRecipe, ReadOptions } from './types';

/** 5 MB, counted in UTF-16 units, which is never more than the bytes. */
const LARGEST = 5_000_000;
const MOST_LINES = 1000;
const MOST_TEXT_LINES = 5000;

/**
 * Finds the recipe in pasted or uploaded text: JSON-LD, a saved page, or plain words.
 *
 * @returns its lines as written, or why there is no recipe in it
 */
export function readSource(text: string, options: ReadOptions = {}): Outcome<RawRecipe> {
  const { pick = 0, kinds } = options;
  if (text.length > LARGEST)
    return refuse('is larger than 5 MB', 'save only the page itself, or paste its text');
  if (text.includes('\u0000') || isBinary(text))
    return refuse('is not a text file', 'use text, a saved page (HTML) or JSON-LD');
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed === '') return refuse('is empty', 'paste the recipe’s text');
  if (/^[[{]/.test(trimmed)) {
    const found = choose(fromJson(trimmed), pick);
    if (found) return check(found);
    if (/"@type"/.test(trimmed))
      return refuse('is JSON without a recipe in it', 'it needs a thing of @type Recipe');
  }
  if (/<[a-z!/][^>]*>/i.test(trimmed)) return fromPage(trimmed, pick, kinds);
  return readText(trimmed, pick, kinds);
}

/** The recipes of a block of data, in its order. */
function fromJson(text: string): RawRecipe[] {
  const data = parseLoosely(text);
  return data === null ? [] : findRecipes(data).map(fromJsonLd);
}

/** One of several, with the names of all of them. */
function choose(found: readonly RawRecipe[], pick: number): RawRecipe | null {
  const recipe = found[pick] ?? found[0];
  if (!recipe) return null;
  return {
    ...recipe,
    source: asText(recipe),
    ...(found.length > 1 ? { names: found.map((r) => r.name || 'without a name') } : {}),
  };
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

/** More lines or sentences than any recipe has are not looked at one by one. */
function readText(text: string, pick: number, kinds: ReadOptions['kinds']): Outcome<RawRecipe> {
  const lines = text.split('\n').filter((line) => line.trim() !== '').length;
  const sentences = text.match(/[.!]\s/g)?.length ?? 0;
  if (lines + sentences > MOST_TEXT_LINES)
    return refuse(
      `has ${lines + sentences} lines and sentences`,
      `cut it to one recipe: at most ${MOST_TEXT_LINES}`,
    );
  const several = recipesIn(text.replace(/\r\n?/g, '\n'));
  const one = several[pick] ?? several[0];
  if (!one) return refuse('is empty', 'paste the recipe’s text');
  return check({
    ...fromText(one.text, kinds),
    source: one.text,
    ...(several.length > 1 ? { names: several.map((r) => r.name) } : {}),
  });
}

function fromPage(html: string, pick: number, kinds: ReadOptions['kinds']): Outcome<RawRecipe> {
  const page = readPage(html);
  const data = [
    ...page.data.flatMap((block) => fromJson(block.trim())),
    ...page.microdata.map((properties) => fromJsonLd(properties)),
  ].filter((r) => r.ingredients.length > 0 || r.instructions.length > 0);
  // The same recipe is often there twice, as data and as markup.
  const own = data.filter((r, i) => data.findIndex((o) => o.name === r.name) === i);
  const found = choose(own, pick);
  if (found) {
    const name = found.name || page.title;
    return check({ ...found, name, yieldText: found.yieldText || findYield(page.text) });
  }
  const read = readText(page.text, pick, kinds);
  return read.ok ? success({ ...read.value, name: read.value.name || page.title }) : read;
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

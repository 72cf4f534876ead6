/**
 * schema.org/Recipe in the shapes that pages really use: alone, in a list, in `@graph`, or inside
 * another thing; instructions as one text, a list, steps or sections.
 *
 * @source schema.org, Recipe, HowToStep, HowToSection, HowToSupply, PropertyValue
 */
import { ownDish } from './export';
import { plain } from './html';
import type { RawRecipe } from './types';

type Json = Record<string, unknown>;

/** Things looked at while searching for a recipe; more is no page that people read. */
const MOST_NODES = 20_000;
const MOST_ITEMS = 2000;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function hasType(node: Json, type: string): boolean {
  const types = Array.isArray(node['@type']) ? node['@type'] : [node['@type']];
  return types.some((t) => typeof t === 'string' && t.toLowerCase().endsWith(type));
}

/** Every recipe anywhere in the data, however deep it lies, in order. */
export function findRecipes(data: unknown): Json[] {
  const queue: unknown[] = [data];
  const found: Json[] = [];
  for (let i = 0; i < queue.length && i < MOST_NODES; i++) {
    const node = queue[i];
    if (isObject(node) && hasType(node, 'recipe')) {
      found.push(node);
      continue;
    }
    if (Array.isArray(node)) queue.push(...node.slice(0, MOST_ITEMS));
    else if (isObject(node))
      queue.push(...Object.values(node).filter((v) => typeof v === 'object'));
  }
  return found;
}

/** All text in a value, a line each; steps and sections in their order. */
function linesOf(value: unknown, depth = 0): string[] {
  if (typeof value === 'string')
    return plain(value)
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean);
  if (typeof value === 'number') return [String(value)];
  // Deeper than any recipe nests; data made to hang a reader ends here.
  if (depth > 8) return [];
  if (Array.isArray(value)) return value.slice(0, MOST_ITEMS).flatMap((v) => linesOf(v, depth + 1));
  if (!isObject(value)) return [];
  if (value.itemListElement !== undefined) return linesOf(value.itemListElement, depth + 1);
  // “8 puddings” as a quantity with its unit; “1 kg red cabbage” as a named one.
  if (typeof value.value === 'number' || typeof value.value === 'string') {
    const named = typeof value.name === 'string' ? linesOf(value.name)[0] : undefined;
    return [[value.value, value.unitText, named].filter((v) => v !== undefined).join(' ')];
  }
  // A supply: so much of what is named.
  if (value.requiredQuantity !== undefined)
    return [[value.requiredQuantity, value.name].flatMap((v) => linesOf(v, depth + 1)).join(' ')];
  return linesOf(value.text ?? value.description ?? value.name ?? [], depth + 1);
}

/** “1. Mix …” in a list that is one. */
const STEP_NUMBER = /^(?:step\s+)?\d{1,2}\s?[.):]\s+(?=\p{L})/iu;

export function fromJsonLd(node: Json): RawRecipe {
  const [name = ''] = linesOf(node.name ?? node.headline);
  const own = ownDish(node);
  const about = linesOf(node.description ?? []);
  const yields = linesOf(node.recipeYield ?? node.yield ?? []);
  return {
    name,
    // “4” and “4 servings” are often given together; the longer one says what is counted.
    yieldText: yields.sort((a, b) => b.length - a.length)[0] ?? '',
    ingredients: linesOf(node.recipeIngredient ?? node.ingredients ?? []),
    instructions: linesOf(node.recipeInstructions ?? []).map((l) => l.replace(STEP_NUMBER, '')),
    notes: about,
    ...(about[0] === undefined ? {} : { intro: about[0] }),
    leftOver: [],
    aside: [],
    ...(own ? { own } : {}),
  };
}

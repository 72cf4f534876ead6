/** Plain text: headings where there are any, otherwise lines told by what they look like. */
import { mentionedFood } from '../food';
import { parseAmount } from '../units';
import { findDurations } from './durations';
import type { RawRecipe } from './types';

const HEADINGS: readonly (readonly [RegExp, Part])[] = [
  [
    /^(?:the )?ingredients?\b.{0,40}$|^you(?:'|’)?(?:ll)? (?:will )?need\b.{0,20}$|^what (?:goes in|you need).{0,20}$|^shopping\b.{0,20}$/i,
    'ingredients',
  ],
  [
    /^(?:the )?(?:directions?|methods?|instructions?|steps?|preparation|how to (?:make|cook)(?: it)?|what to do|cooking|procedure|to make)\b.{0,24}$/i,
    'instructions',
  ],
  [/^(?:notes?|tips?|cook(?:'|’)s notes?|storage|nutrition|remarks?)\b.{0,24}$/i, 'notes'],
];
type Part = 'ingredients' | 'instructions' | 'notes';

const YIELD =
  /\b(?:serves?|servings?|yields?|makes?|feeds?|portions?|pax|(?<=^|\(|[—–-]\s)for)\b\s*:?\s*(?:about\s+)?(\d+(?:\s*(?:-|–|to)\s*\d+)?|two|three|four|five|six|eight|ten|twelve)\b|(\d+(?:\s*(?:-|–|to)\s*\d+)?)\s*(?:servings?|portions?|people|persons?|pax|eaters|covers|guests)\b/i;
const STEP_MARK = /^\s*(?:step\s*\d+\s*[:.)-]?|\d{1,2}\s*[.)]\s+|[•*▪◦–-]\s+)/i;
/** Bold as marked in plain text: it says nothing. */
const EMPHASIS = /\*\*|__/g;
/** A box to tick in front of a line. */
const TICK_BOX = /^(?:[•*▪◦–-]\s+)?(?:\[[ xX✓]?\]|[☐☑☒])\s*/;
const VERB =
  /\b(add|heat|cook|stir|pour|place|put|set|press|seal|lock|close|brown|sear|mix|combine|serve|let|release|bake|simmer|season|sprinkle|remove|cut|chop|rinse|soak|turn|bring|cover|whisk|drain|top|fold|wait|vent|open|sweat|fry|steam|boil|soften|blend|strain|reduce|saut[eé])\b/i;

/** “Small bunch dill”, “a glug of oil”: a measure without a number. */
const MEASURE =
  /^(?:an?\s+|some\s+|few\s+|good\s+|the\s+)*(?:small|large|big|generous|heaped|heaping|scant|whole|fresh)?\s*(?:bunch|bunches|handfuls?|packets?|sachets?|sprigs?|knobs?|pinch(?:es)?|dash(?:es)?|splash|drizzle|glug|squeeze|sticks?|heads?|cloves?|tins?|cans?|jars?|bags?|box(?:es)?|slices?|stalks?|stems?|cubes?|piece|thumb)\b/i;
/** A time or a temperature is told to the cook, not put into the pot. */
const TIME = /\b\d+\s*(?:-|–|to)?\s*\d*\s*(?:seconds?|minutes?|mins?|hours?|hrs?|days?|°)/i;
const MOST_WORDS = 12;

/** A short line without a full stop that begins with an amount or a measure, or names a food. */
function looksLikeIngredient(line: string): boolean {
  const bare = line.replace(/^[•*▪◦–-]\s*/, '');
  const { amount, unit, rest } = parseAmount(bare);
  // “3 Tbs. oil” is one sentence.
  if (line.length > 120 || /[.!?]\s+\S/.test(rest)) return false;
  if (amount !== null && (unit !== null || mentionedFood(bare) !== null))
    return !/[.!]$/.test(bare) || unit !== null;
  if (/,?\s*(?:to taste|for serving|to serve|as needed)\b/i.test(bare))
    return mentionedFood(bare) !== null;
  const isShort = bare.split(/\s+/).length <= MOST_WORDS && !/[.!?:]$/.test(bare);
  const isStep = /^\d{1,2}\s*[.)]/.test(bare) || TIME.test(bare) || YIELD.test(bare);
  const [first = ''] = rest.split(/\s+/);
  if (amount !== null && isShort && !isStep) return rest !== '' && !VERB.test(first);
  if (MEASURE.test(bare) && isShort && !TIME.test(bare)) return true;
  // “Salt”, “a little dill”: a few words that name a food and tell nobody to do anything.
  const isFew = bare.split(/\s+/).length <= 4 && !/[.!?:]$/.test(bare);
  return isFew && !VERB.test(bare) && mentionedFood(bare) !== null;
}

/** A few words between ingredients are one of them, whether anybody knows it or not. */
function standsAmongIngredients(line: string, recipe: RawRecipe): boolean {
  const isAmong = recipe.ingredients.length > 0 && recipe.instructions.length === 0;
  return (
    isAmong &&
    line.split(/\s+/).length <= 5 &&
    !/[.!?:]$/.test(line) &&
    !VERB.test(line) &&
    !TIME.test(line)
  );
}

/** Talk before the ingredients; with a figure or a food in it, it is work that somebody must read. */
function isTalk(line: string, recipe: RawRecipe): boolean {
  return (
    recipe.ingredients.length === 0 &&
    !VERB.test(line) &&
    !/\d/.test(line) &&
    findDurations(line).length === 0 &&
    mentionedFood(line) === null
  );
}

/** What a line says beside its yield: “Serves 4 · 20 minutes to prepare”. */
function besideYield(line: string, found: string): string[] {
  const rest = line.replace(found, ' ').replace(/^[\s·|,;:()–-]+|[\s·|,;:()–-]+$/g, '');
  return /\d|\p{L}{3,}\s+\p{L}{3,}/u.test(rest) ? [rest] : [];
}

function headingOf(line: string): Part | null {
  const bare = line.replace(/[#*_=:]+/g, ' ').trim();
  if (bare.length > 60) return null;
  return HEADINGS.find(([pattern]) => pattern.test(bare))?.[1] ?? null;
}

/** How many it serves, in the text's own words; '' where it does not say. */
export function findYield(text: string): string {
  return YIELD.exec(text)?.[0] ?? '';
}

/** Takes a text apart. Never fails; what is neither ingredient nor heading is an instruction. */
export function fromText(text: string): RawRecipe {
  const lines = text
    .split(/\r?\n/)
    .map((l) => l.trim().replace(TICK_BOX, '').replace(EMPHASIS, ''))
    .filter(Boolean);
  const recipe: RawRecipe = {
    name: '',
    yieldText: '',
    ingredients: [],
    instructions: [],
    notes: [],
    leftOver: [],
  };
  const hasHeadings = lines.some((l) => headingOf(l) === 'ingredients');
  let part: Part | null = null;
  for (const line of lines) {
    const heading = headingOf(line);
    if (heading) {
      part = heading;
      // “Ingredients (serves 4)” says it in the heading.
      recipe.yieldText ||= findYield(line);
      continue;
    }
    const isShort = line.length < 80;
    // A recipe may begin with its ingredients; a title has no amount in front.
    const isTitle =
      parseAmount(line).amount === null || !looksLikeIngredient(line) || line.search(YIELD) > 0;
    if (recipe.name === '' && part === null && isTitle) {
      recipe.name = line.replace(/^#+\s*/, '').replace(/[:.]$/, '');
      recipe.yieldText ||= findYield(line);
      continue;
    }
    if (
      part !== 'instructions' &&
      isShort &&
      recipe.yieldText === '' &&
      !looksLikeIngredient(line)
    ) {
      recipe.yieldText = findYield(line);
      if (recipe.yieldText) {
        recipe.leftOver.push(...besideYield(line, recipe.yieldText));
        continue;
      }
    }
    if (part === null || !hasHeadings) {
      if (looksLikeIngredient(line) || (part === null && standsAmongIngredients(line, recipe)))
        recipe.ingredients.push(line);
      else if (part === 'notes') recipe.notes.push(line);
      else if (!hasHeadings && isTalk(line, recipe)) recipe.notes.push(line);
      else if (hasHeadings) recipe.notes.push(line);
      else recipe.instructions.push(line.replace(STEP_MARK, ''));
      continue;
    }
    if (part === 'ingredients') addIngredient(recipe, line);
    else recipe[part].push(line.replace(STEP_MARK, ''));
  }
  return recipe;
}

/** “For the sauce:” inside the list is a heading of its own, not food. */
function addIngredient(recipe: RawRecipe, line: string): void {
  if (/:$/.test(line) || /^for (?:the |serving$)[^,\d]{0,40}$/i.test(line)) return;
  recipe.ingredients.push(line);
}

/** What a recipe does not say: how heavy, how thick, how long it may wait; taken as usual, or asked. */
import type { Dish } from '../dish';
import { UNITS } from '../units';
import type { ReadIngredient } from './ingredients';
import { toClauses } from './sentences';
import type { FoundStage, ImportQuestion } from './types';
import { minutesAllowed } from './waits';

/** Weight of the heaviest main ingredient as the text gives it, g; null where it gives none. */
export function heaviestGiven(ingredients: readonly ReadIngredient[]): number | null {
  const weighed = ingredients.flatMap(({ ingredient: { role, unit, amount } }) => {
    const { kind, size } = UNITS[unit ?? 'piece'];
    return kind === 'mass' && amount !== null ? [{ role, grams: amount * size }] : [];
  });
  const mains = weighed.filter(({ role }) => role === 'main');
  const grams = (mains.length > 0 ? mains : weighed).map((w) => w.grams);
  return grams.length > 0 ? Math.max(...grams) : null;
}

/** Weight of the heaviest main ingredient, g; null where none has one. */
export function heaviest(ingredients: readonly ReadIngredient[]): number | null {
  const grams = ingredients
    .filter(({ ingredient }) => ingredient.role === 'main')
    .map(({ ingredient, food }) => {
      const unit = UNITS[ingredient.unit ?? 'piece'];
      const amount = ingredient.amount ?? 0;
      if (unit.kind === 'mass') return amount * unit.size;
      return food?.pieceG == null ? 0 : amount * food.pieceG;
    });
  const most = Math.max(0, ...grams);
  return most > 0 ? most : null;
}

/** Time follows thickness: where the text gives no time at pressure, how thick a piece is is worth a question. */
export function askAboutPieces(
  found: readonly FoundStage[],
  ingredients: readonly ReadIngredient[],
  questions: ImportQuestion[],
): void {
  if (!found.some(({ cycle }) => cycle && Number.isNaN(cycle.holdMinutes))) return;
  for (const { ingredient, food } of ingredients) {
    if (ingredient.role !== 'main' || ingredient.pieceMm !== undefined || !food) continue;
    if (food.keep === 'ground-meat' || ingredient.unit === 'slice') continue;
    questions.push({
      id: `${ingredient.id}.mm`,
      about: { kind: 'thickness', ingredient: ingredient.id },
      text: `How thick are the ${/s$/i.test(ingredient.food) ? ingredient.food : `${ingredient.food} pieces`}?`,
      taken: food.pieceMm < 20 ? `${food.pieceMm} mm` : `${food.pieceMm / 10} cm`,
      range: [2, 250],
      unit: 'cm or in',
    });
  }
}

/**
 * How long it may wait by what the text says, else by the class of dish (common practice).
 *
 * @param kept what the text says of keeping it
 */
export function waitOf(
  found: readonly FoundStage[],
  ingredients: readonly ReadIngredient[],
  kept: readonly string[] = [],
): Dish['wait'] {
  const sentences = [...new Set([...found.flatMap((s) => s.sentences), ...kept])];
  const text = sentences.join(' ');
  const foods = ingredients.flatMap(({ food }) => food ?? []);
  if (KEEPS.test(text)) return { maxMinutes: 240, cost: 0 };
  const isCold = found.every((s) => COLD_WORK.has(s.kind)) || endsCold(found);
  const said = minutesAllowed(sentences.flatMap(toClauses));
  // Days are for the fridge, and no wait of something hot.
  if (said !== null && (isCold ? said <= MOST_WAIT_MIN : said <= MOST_HOT_MIN))
    return { maxMinutes: said, cost: said >= OUT_OF_FRIDGE_MIN ? 0 : 1 };
  if (AT_ONCE.test(text)) return { maxMinutes: 5, cost: 3 };
  const hold = Math.max(0, ...found.map((s) => s.cycle?.holdMinutes ?? 0));
  if (isCold)
    return foods.some((f) => f.keep === 'leafy') &&
      found.some((s) => /\b(?:dress|toss)/i.test(s.sentences.join(' ')))
      ? { maxMinutes: 20, cost: 1 }
      : endsCold(found)
        ? { maxMinutes: null, cost: 0 }
        : { maxMinutes: OUT_OF_FRIDGE_MIN, cost: 0 };
  if (endsCooled(found)) return { maxMinutes: OUT_OF_FRIDGE_MIN, cost: 0 };
  if (foods.some((f) => SOFTENS.has(f.id) || (f.group === 'fish' && f.id !== 'anchovies')))
    return { maxMinutes: 8, cost: 3 };
  if (endsCrisp(found)) return { maxMinutes: 15, cost: 2 };
  // Green and tender after a few minutes, grey after a few more.
  const mains = ingredients.filter(({ ingredient }) => ingredient.role === 'main');
  const isTender =
    hold <= TENDER_HOLD &&
    found.some((s) => s.cycle !== null) &&
    mains.length > 0 &&
    mains.every(({ food }) => food?.finicky);
  if (isTender) return { maxMinutes: 8, cost: 3 };
  return hold >= 15 ? { maxMinutes: 90, cost: 1 } : { maxMinutes: 30, cost: 1 };
}

/** Goes on drinking what it lies in: soft, or stiff, a quarter of an hour later (common practice). */
const SOFTENS = new Set([
  ...['pasta', 'pasta-shells', 'elbow-macaroni', 'wholewheat-pasta', 'fresh-pasta', 'orzo'],
  ...['egg-noodles', 'rice-noodles', 'ramen-noodles', 'udon', 'soba', 'gnocchi', 'ravioli'],
  ...['dumplings', 'risotto-rice'],
]);

/** “Cool on a rack 20 minutes”: it comes to the table as it is. */
function endsCooled(found: readonly FoundStage[]): boolean {
  const end = found.findLast((s) => s.kind !== 'finish');
  return end?.kind === 'rest' && /\bcool(?:s|ed|ing)?\b/i.test(end.sentences.at(-1) ?? '');
}

const TENDER_HOLD = 5;
const MOST_WAIT_MIN = 2880;
const MOST_HOT_MIN = 240;
/** What was crisped last is soft again after a quarter of an hour (common practice). */
const CRISPED = /\bcrisp(?!s\b)|\bcrackl|\bglaz(?:e|ing)\b|\bblister|\bcrunch/i;
function endsCrisp(found: readonly FoundStage[]): boolean {
  const at = found.findLast((s) => s.kind === 'oven' || s.kind === 'crisp');
  return at !== undefined && (at.kind === 'crisp' || CRISPED.test(at.sentences.join(' ')));
}

/** What is cold and not in the fridge is eaten within two hours (USDA FSIS), raw fish as well as salad. */
const OUT_OF_FRIDGE_MIN = 120;
const KEEPS =
  /\bkeeps? (?:well )?for (?:hours|an hour|a few hours|\w+ hours)\b|\b(?:holds|waits|stands) (?:well )?for hours\b|\bcan (?:wait|stand) for hours\b/i;
const AT_ONCE =
  /\b(?:serve|eat|eaten|served|toss[^.]{0,30}) (?:it |them )?(?:at once|immediately|right away|straight away|straightaway)\b|\b(?:won(?:'|’)?t|doesn(?:'|’)?t|don(?:'|’)?t|will not|does not|do not) (?:wait|hold|keep)\b/i;
const COLD_WORK: ReadonlySet<FoundStage['kind']> = new Set(['prep', 'soak', 'rest', 'finish']);

/** The last thing that happens to it is the fridge. */
function endsCold(found: readonly FoundStage[]): boolean {
  const at = found.findLastIndex((s) => !['finish', 'prep'].includes(s.kind));
  const end = found[at];
  return (
    end?.kind === 'rest' &&
    /\b(?:chill|refrigerat|freez|(?:in|into|to) the fridge)/i.test(end.sentences.join(' '))
  );
}

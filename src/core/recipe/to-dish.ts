/** A raw recipe as a dish: ingredients with their roles, stages with what goes in, and what to ask. */
import { askAboutUnits, withLikelyUnits } from './bare-amounts';
import { withBritishPints } from './imperial';
import { findAmounts } from '../units';
import { dishSchema, type Dish } from '../dish';
import { failure, problemsOf, success, type Outcome } from '../reason';
import { findUnread } from './coverage';
import { askAboutPieces, waitOf } from './guesses';
import { jointedAsTold, freshId, readIngredients, type ReadIngredient } from './ingredients';
import { languageOf } from './language';
import { foodsInMethod } from './lines/mentions';
import { servingsIn } from './lines/yields';
import { readInstructions } from './method/read';
import { toSentences } from './sentences';
import { withBatches } from './batches';
import { withPans } from './pan';
import { forAllPortions } from './per-portion';
import { withPreparing } from './preparing';
import { withSoakWater } from './soak-water';
import { withSoaking } from './soaking';
import { writeStages } from './write-stages';
import type { FoundStage, ImportQuestion, LinkedPiece, Piece, RawRecipe } from './types';

export interface Imported {
  dish: Dish;
  /** What the text did not say, with what is taken until somebody answers. */
  questions: ImportQuestion[];
  ingredients: ReadIngredient[];
  stages: FoundStage[];
  serves: number | null;
  /** Its code (ISO 639-1) and English name. Of another language than English only the list is read. */
  language: { code: string; name: string };
  /** How many it serves, in the text’s own words; '' where it does not say. */
  yieldText: string;
  /** What was left out on purpose: another method, storage, talk with figures in it. */
  leftOut: string[];
  /** What each piece of the source was taken for. */
  pieces: readonly LinkedPiece[];
}

const USUAL_SERVINGS = 4;
const MOST_SERVINGS = 200;
const MOST_INGREDIENTS = 300;
const MOST_UNREAD = 200;
const LONGEST_SOURCE = 60_000;
/**
 * @param takenIds ids of dishes that are there already
 * @returns the dish with its open questions; fails only where the document itself would be wrong
 */
export function toDish(
  given: RawRecipe,
  takenIds: ReadonlySet<string> = new Set(),
): Outcome<Imported> {
  if (given.own) return success(fromOwn(given, given.own, takenIds));
  const language = languageOf(
    given.source ?? [...given.ingredients, ...given.instructions].join(' '),
  );
  const raw = language.code === 'en' ? given : asGiven(given);
  const questions: ImportQuestion[] = [];
  const serves = servingsIn(raw.yieldText);
  if (raw.names)
    questions.push({
      id: 'which',
      about: { kind: 'which' },
      text: `There is more than one recipe here: ${raw.names.join(', ')}. Which one is it?`,
      taken: String(raw.names.indexOf(raw.name)),
      range: [0, raw.names.length - 1],
      unit: '',
      choices: raw.names.map((n, i) => [String(i), n] as const),
    });
  // “Celeriac mash (6)”: likely for six, and asked all the same.
  const likely = Number(/\((\d{1,2})\)\s*$/.exec(raw.name)?.[1] ?? 0) || USUAL_SERVINGS;
  if (serves === null)
    questions.push({
      id: 'serves',
      about: { kind: 'serves' },
      text: 'How many does it serve?',
      taken: String(likely),
      range: [1, MOST_SERVINGS],
      unit: 'people',
    });
  const listed = readIngredients(raw.ingredients).map((i) => i.line.food);
  // “What do you do with a 2.5 kg silverside?”: a title may name what the list takes for granted.
  const told = findAmounts(raw.name).some((a) => a.unit !== null)
    ? [raw.name, ...raw.instructions]
    : raw.instructions;
  const read = readIngredients(
    [
      ...raw.ingredients,
      ...foodsInMethod(told, listed, {
        isTold: raw.isTold === true,
        written: raw.ingredients,
      }),
    ],
    raw.parts,
  );
  const ingredients = withBritishPints(
    jointedAsTold(withLikelyUnits(forAllPortions(read, serves)), raw.instructions),
    [raw.name, ...raw.ingredients, ...raw.instructions, ...raw.notes].join('\n'),
  ).slice(0, MOST_INGREDIENTS);
  const listedIds = new Set(readIngredients(raw.ingredients).map((i) => i.ingredient.id));
  const inMethod = new Set(
    ingredients.map((i) => i.ingredient.id).filter((id) => !listedIds.has(id)),
  );
  const name = raw.name.slice(0, 100) || nameOf(ingredients);
  const { stages: found, slow, kept, left, cases } = readInstructions(raw.instructions);
  const unread = findUnread(raw, {
    ingredients,
    stages: found,
    slow: [...slow, ...kept],
    left,
  });
  const placed = withSoakWater(ingredients, found);
  const stages = writeStages(found, placed, questions);
  askAboutUnits(ingredients, questions);
  askAboutPieces(found, ingredients, questions);
  askAboutEmpty(ingredients.length, stages.length, questions);
  const { tools = [] } = raw;
  const notes = [
    ...raw.notes,
    ...slow,
    ...kept,
    ...tools,
    ...raw.ingredients
      .slice(MOST_INGREDIENTS)
      .map(
        (line) => `Not taken over, for a dish has at most ${MOST_INGREDIENTS} ingredients: ${line}`,
      ),
  ].join('\n');
  const dish = dishSchema.safeParse({
    format: 'olive-clock/dish@1',
    id: freshId(name, takenIds),
    name,
    summary: (raw.intro ?? '').slice(0, 300),
    servings: serves ?? likely,
    ingredients: placed.map((i) => i.ingredient),
    stages,
    wait: waitOf(found, ingredients, kept),
    ...slowOf([...slow, ...raw.notes.filter((note) => /\bslow[- ]?cook/i.test(note))]),
    notes: notes.slice(0, 5000),
    unread: unread.slice(0, MOST_UNREAD).map((piece) => piece.slice(0, 2000)),
    ...(raw.source ? { source: raw.source.slice(0, LONGEST_SOURCE) } : {}),
  });
  if (!dish.success)
    return failure(...problemsOf(dish.error.issues, 'recipe', 'correct it in the text'));
  const prepared = withPreparing(
    withSoaking(
      withPans(
        withBatches(dish.data, found, questions),
        found,
        { inMethod, tools, ingredients: placed },
        questions,
      ),
      [raw.source ?? '', ...raw.aside, ...raw.notes],
      questions,
    ),
  );
  return success({
    dish: prepared,
    questions,
    ingredients,
    stages: found,
    serves,
    language,
    yieldText: raw.yieldText,
    leftOut: [
      ...new Set([
        ...slow,
        ...kept,
        ...raw.notes,
        ...tools,
        ...cases,
        ...raw.aside,
        ...found.flatMap(({ checks = [] }) => checks.map((c) => c.text)),
      ]),
    ],
    pieces: (raw.pieces ?? []).map((piece) => linked(piece, prepared, ingredients)),
  });
}

/** A recipe in another language: its list as it is written, and everything else shown as not read. */
function asGiven(raw: RawRecipe): RawRecipe {
  const { notes, aside, instructions, leftOver } = raw;
  return {
    ...raw,
    instructions: [],
    notes: [],
    aside: [],
    leftOver: [...leftOver, ...instructions, ...notes, ...aside].filter(Boolean),
  };
}

/** A text without a title is called by its first foods. */
function nameOf(ingredients: readonly ReadIngredient[]): string {
  // What it is of comes first, wherever it was named.
  const mains = ingredients.filter((i) => i.ingredient.role === 'main');
  const foods = [...new Set([...mains, ...ingredients])].slice(0, 2).map(({ line }) => line.food);
  const name = foods.join(' with ').slice(0, 100);
  return name === '' ? 'A dish without a name' : name.charAt(0).toUpperCase() + name.slice(1);
}

/** A piece of the text with what came of it. */
function linked(piece: Piece, dish: Dish, ingredients: readonly ReadIngredient[]): LinkedPiece {
  const isIngredient = piece.as === 'ingredient';
  const sentences = isIngredient ? [] : toSentences(piece.made);
  return {
    ...piece,
    ingredients: ingredients
      .filter(({ text }) => isIngredient && piece.made.includes(text))
      .map(({ ingredient }) => ingredient.id),
    stages: dish.stages
      .filter((s) => piece.as === 'step' && sentences.some((t) => s.sentence?.includes(t)))
      .map((s) => s.id),
    unread: dish.unread.filter((words) => piece.made.some((t) => t.includes(words))),
  };
}

/** A dish without ingredients or without a method is kept only on purpose. */
function askAboutEmpty(ingredients: number, stages: number, questions: ImportQuestion[]): void {
  const ask = (of: 'ingredients' | 'stages', what: string): void => {
    questions.push({
      id: `empty.${of}`,
      about: { kind: 'empty', of },
      text: `No ${what} was read. Keep it without one?`,
      taken: '',
      range: [0, 0],
      unit: '',
      choices: [['yes', 'yes, keep it so']],
    });
  };
  if (ingredients === 0) ask('ingredients', 'ingredient');
  if (stages === 0) ask('stages', 'method');
}

/** One of our own comes back as it went out; only its id may be taken already. */
function fromOwn(raw: RawRecipe, own: Dish, takenIds: ReadonlySet<string>): Imported {
  return {
    dish: { ...own, id: freshId(own.id, takenIds) },
    questions: [],
    ingredients: readIngredients(raw.ingredients),
    stages: readInstructions(raw.instructions).stages,
    serves: own.servings,
    language: { code: 'en', name: 'English' },
    yieldText: raw.yieldText,
    leftOut: [],
    pieces: [],
  };
}

/** Hours and setting of the slow cooker, where a sentence names both. */
function slowOf(sentences: readonly string[]): Pick<Dish, 'slow'> {
  for (const sentence of sentences) {
    const hours = /(\d+(?:\.\d+)?)(?:\s*(?:-|–|to)\s*\d+)?\s*(?:hours?|h)\b/i.exec(sentence);
    const setting = /\b(low|high)\b/i.exec(sentence)?.[1]?.toLowerCase();
    const count = Number(hours?.[1]);
    if (count >= 1 && count <= 24)
      return { slow: { hours: count, setting: setting === 'high' ? 'high' : 'low' } };
  }
  return {};
}

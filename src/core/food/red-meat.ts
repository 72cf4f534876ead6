/** Red meat by its name: which animal and cut, whole or ground, and when nothing says of what a cut is. */
import type { FoodKind } from './kind';
import {
  ANY_CUT,
  BIRDS_TOO,
  CASSEROLE_WORDS,
  CUT_NAMES,
  CUT_WORDS,
  DESCRIPTION,
  EGG_WORDS,
  FISH_WORDS,
  GAME_WORDS,
  MEATLESS,
  MEAT_SHAPES,
  MEAT_WORDS,
  ORGAN_WORDS,
  PLANT_CUTS,
  PLANT_SHAPES,
  POULTRY_WORDS,
  READY_WORDS,
  SEASONING_HEADS,
  SHELLFISH_WORDS,
  STUFFED,
  WHOLE_WORDS,
} from './name-words';
import { likeOf, make, type Reading } from './reading';
import type { Food } from './types';

/** The kind of a cut, an organ or cured meat. */
export function redMeat(r: Reading, food: Food | null, isOrgan: boolean): FoodKind {
  const { text, doneness } = r;
  if (doneness === 'cooked')
    return make('casserole', 'cooked-meat', 'cooked-ground-meat', doneness);
  if (isOrgan) return make('ground', 'giblets', likeOf(food, 'meat', 'liver'), doneness);
  const isHam =
    /\bhams?\b/.test(text) && !/\bfresh\b|\braw\b|\buncooked\b|\bhock\b|\bgammon\b/.test(text);
  // A ham as it is bought was cooked or cured; it is heated as what was cooked before.
  if (isHam) return make('casserole', 'ham', 'ham', doneness);
  const like = likeOf(food, 'meat', likeAnimal(text));
  if (/\b(?:bacon|pancetta|lardons?|guanciale)\b/.test(text))
    return make('whole-cut', 'bacon', 'bacon', doneness);
  if (/\bstew(?:ing)? (?:meat|beef|lamb|pork|veal|steak)\b/.test(text))
    return make('whole-cut', 'ground-meat', like, doneness);
  // “Lamb parcels”: an animal, but nobody knows in what form; ground meat is the stricter.
  return isWholeCut(r)
    ? make('whole-cut', 'meat', like, doneness)
    : make('ground', 'ground-meat', like, doneness);
}

function likeAnimal(text: string): string {
  if (/\b(?:lamb|mutton|hogget)\b/.test(text))
    return /\bshank/.test(text) ? 'lamb-shank' : 'lamb-shoulder';
  if (/\b(?:pork|pig|hog|gammon)\b/.test(text))
    return /\b(?:chop|loin|tenderloin|cutlet|medallion)/.test(text) ? 'pork-loin' : 'pork-shoulder';
  if (/\b(?:veal|calf)\b/.test(text)) return 'veal';
  if (/\b(?:goat|cabrito|kid)\b/.test(text)) return 'goat';
  if (/\bbrisket\b/.test(text)) return 'brisket';
  if (/\brib/.test(text)) return 'short-ribs';
  if (
    /\b(?:steak|sirloin|rump|flank|skirt|hanger|tri-tip|topside|silverside|round|tenderloin|fillet|bavette|roast)/.test(
      text,
    )
  )
    return 'beef-round';
  return 'beef-chuck';
}

/** A cut, and nothing in its name says of what. */
export function isOfUnknown(r: Reading, food: Food | null): boolean {
  const { text, head, has } = r;
  const isSaid =
    [POULTRY_WORDS, GAME_WORDS, MEAT_WORDS, FISH_WORDS, SHELLFISH_WORDS, ORGAN_WORDS].some(has) ||
    [MEATLESS, PLANT_CUTS, PLANT_SHAPES, CASSEROLE_WORDS, READY_WORDS, MEAT_SHAPES].some(has) ||
    [EGG_WORDS, STUFFED, SEASONING_HEADS].some(has);
  const isOfTable =
    food !== null && (food.group !== 'meat' || food.names.some((n) => n === head || n === text));
  return !isSaid && !isOfTable && !isRedCut(head);
}

const everywhere = (list: RegExp): RegExp => new RegExp(list.source, 'g');
/** Made once: a name is asked about very often. */
const EVERY_CUT = everywhere(CUT_WORDS);
const EVERY_NAME = [MEAT_WORDS, CUT_WORDS, WHOLE_WORDS].map(everywhere);

const tokensOf = (text: string): string[] => text.split(/[^a-z0-9'-]+/).filter(Boolean);

/**
 * Whether a cut of no named animal is one of red meat. “Xorbel chops” may be of anything: every other word has to be
 * one that butchers say of a cut, or it is a cut that no other animal has.
 */
function isRedCut(head: string): boolean {
  const cuts = head.match(EVERY_CUT) ?? [];
  if (cuts.some((cut) => !ANY_CUT.test(cut))) return true;
  const left = tokensOf(head.replace(EVERY_CUT, ' ')).filter((t) => !DESCRIPTION.test(t));
  const isNamed = left.some((t) => CUT_NAMES.test(t) || WHOLE_WORDS.test(t));
  const isPlain = left.every((t) => CUT_NAMES.test(t) || WHOLE_WORDS.test(t));
  return isPlain && (isNamed || cuts.some((cut) => !BIRDS_TOO.test(cut)));
}

/** Nothing after the last word for an animal or a cut but what describes it. */
function isWholeCut({ head }: Reading): boolean {
  const ends = EVERY_NAME.flatMap((list) =>
    [...head.matchAll(list)].map((m) => m.index + m[0].length),
  );
  if (ends.length === 0) return false;
  return tokensOf(head.slice(Math.max(...ends))).every((t) => DESCRIPTION.test(t));
}

/**
 * What a name says a food is. A rule for composite dishes rather than a list of them: the strictest class of
 * what the name says is in it, and nothing where it says too little.
 */
import { groupChoice, type FoodKind } from './kind';
import type { Food, KeepingKind } from './types';
import {
  CASSEROLE_WORDS,
  CUT_UP,
  CUT_WORDS,
  DAIRY_WORDS,
  EGG_WORDS,
  FISH_WORDS,
  GAME_WORDS,
  GRAIN_WORDS,
  GROUND_WORDS,
  MEATLESS,
  MEAT_SHAPES,
  MEAT_WORDS,
  NOT_DAIRY,
  ORGAN_WORDS,
  PLANT_CUTS,
  PLANT_SHAPES,
  PLANT_WORDS,
  POULTRY_WORDS,
  PULSE_WORDS,
  READY_WORDS,
  RICE_SORTS,
  SEASONING_HEADS,
  SHELLFISH_WORDS,
  STUFFED,
  STUFFED_CUT,
  TRAILING,
  UNCOOKED,
} from './name-words';
import { likeOf, make, plainName, readName, type Reading } from './reading';
import { isOfUnknown, redMeat } from './red-meat';
import { cookedRow, isRice, kindOfFood } from './table-kind';

/**
 * The kind of what is called so.
 *
 * @param food the table’s row for the name, where it has one
 * @returns null where neither the table nor a word of the name tells
 * @source classes and their order: USDA FSIS, Safe Minimum Internal Temperature Chart; words: common practice
 */
export function kindOfName(name: string, food: Food | null): FoodKind | null {
  const chosen = groupChoice(name);
  if (chosen) return chosen.kind;
  if (food && !ANIMAL_GROUPS.has(food.group) && food.names.includes(plainName(name)))
    return kindOfFood(food);
  const r = readName(name);
  const isCut = CUT_WORDS.test(r.text.replace(/\broast (?=\w)/g, ''));
  if (isCut && isOfUnknown(r, food)) return null;
  return (
    inOil(r) ?? meatless(r) ?? seasoning(r) ?? composite(r, food) ?? flesh(r, food) ?? rest(r, food)
  );
}

const ANIMAL_GROUPS: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish', 'egg']);

/** Low-acid food under oil grows botulism where no air gets in. */
function inOil({ text, doneness }: Reading): FoodKind | null {
  const fresh =
    /\b(?:garlic|shallots?|onions?|herbs?|basil|rosemary|thyme|oregano|sage|chill?i(?:es|s)?|peppers?|aubergines?|mushrooms?|tomato(?:es)?|vegetables?|olives?|artichokes?)\b/;
  const isInOil =
    /\b(?:in|under) (?:\w+ )?oil\b|\binfused oil\b|\b(?:garlic|herb|chill?i|basil) oil\b/;
  // “Antipasto in oil”: whatever lies under it; fish comes so from the cannery.
  const isUnder = /\b(?:in|under) (?:\w+ )?oil\b/.test(text) && !FISH_WORDS.test(text);
  if (
    isUnder ||
    (fresh.test(text) && isInOil.test(text)) ||
    /\bgarlic confit\b|\bconfit garlic\b|\bpesto\b/.test(text)
  )
    return make('plant', 'in-oil', null, doneness);
  return null;
}

function meatless({ text, has, doneness }: Reading): FoodKind | null {
  const hasAnimal = [POULTRY_WORDS, GAME_WORDS, MEAT_WORDS, FISH_WORDS, SHELLFISH_WORDS].some(has);
  const isShape = MEAT_SHAPES.test(text) || GROUND_WORDS.test(text);
  const isImitation = MEATLESS.test(text) && (hasAnimal || isShape || CUT_WORDS.test(text));
  const isPlants =
    !hasAnimal &&
    ((isShape && PLANT_SHAPES.test(text)) || (CUT_WORDS.test(text) && PLANT_CUTS.test(text)));
  return isImitation || isPlants ? make('plant', 'casserole', null, doneness) : null;
}

/** Broth, fat, sauces and spices called after an animal. */
function seasoning({ head, text, doneness }: Reading): FoodKind | null {
  const end = SEASONING_HEADS.exec(head)?.[0];
  // A broth with something in it is a soup, and what is in it counts.
  if (!end || CASSEROLE_WORDS.test(text)) return null;
  if (/broth|stock|bouillon|consomme|dashi/.test(end))
    return make('ready', 'soup', 'broth', doneness);
  const isMeatSauce =
    /sauce|paste/.test(end) &&
    [POULTRY_WORDS, GAME_WORDS, MEAT_WORDS, FISH_WORDS, SHELLFISH_WORDS].some((w) => w.test(text));
  if (isMeatSauce) return make('casserole', 'casserole', null, doneness);
  return null;
}

/** Dishes of several foods: stuffed, ground, baked, stewed. */
function composite(r: Reading, food: Food | null): FoodKind | null {
  const { text, has, doneness } = r;
  const isBird = has(POULTRY_WORDS);
  const isCooked = doneness === 'cooked';
  if (STUFFED.test(text) && !/\b(?:olives?|dates?|chocolates?|vine leaves)\b/.test(text))
    return make(
      isBird ? 'poultry' : 'casserole',
      isCooked ? 'casserole' : isBird || STUFFED_CUT.test(text) ? 'stuffed' : 'ground-meat',
      isBird ? 'chicken-breast' : 'ground-beef',
      doneness,
    );
  if (/\b(?:frankfurters?|franks?|wieners?|hot ?dogs?|corn ?dogs?)\b/.test(text))
    return make('casserole', 'hot-dogs', 'sausage', doneness);
  if (/\bbaby (?:food|puree)\b/.test(text)) return make('ready', 'baby-food', null, doneness);
  if (READY_WORDS.test(text)) return readyMade(r);
  const hasAnimal = isBird || [GAME_WORDS, MEAT_WORDS, FISH_WORDS, SHELLFISH_WORDS].some(has);
  const isSalad =
    /\bsalads?\b|\b(?:cole)?slaw\b/.test(text) &&
    !/\bsalad (?:leaves|greens|potato|onion)/.test(text);
  if (isSalad) return make(has(EGG_WORDS) ? 'egg' : 'ready', 'salad', null, doneness);
  if (text === 'leftover' || text === 'leftovers')
    return make('casserole', 'cooked-meat', 'cooked-ground-meat', doneness);
  const isSpice = /\b(?:powder|paste|spices?|seasoning|rub|cubes?)$/.test(r.head);
  // “Gravy beef” is a cut that is called after what becomes of it.
  const isOwnRow = food !== null && ANIMAL_GROUPS.has(food.group) && food.names.includes(text);
  if (isDish(text.replace(STEWING, '')) && !isSpice && !(isOwnRow && !food.safety)) {
    const isWet =
      /\b(?:soups?|stews?|chill?i|chowder|bisque|ramen|pho|laksa|borscht|minestrone|curry|curries|goulash|ragout|ragu|tagine|gravy|gumbo|korma|masala)\b/.test(
        text,
      );
    const mayBeRaw =
      /\b(?:dumplings?|ravioli|tortellini|agnolotti|pierogi|pelmeni|gyoza|wontons?|potstickers?|samosas?|empanadas?|pies?|pasty|pasties|tamales?|cannelloni|rolls?|dolmas?|sarma|golabki|wellington|stuffing|hash)\b/.test(
        text,
      );
    // A pie that names no animal is a sweet or a vegetable one.
    const isMeaty = hasAnimal || !/\bpies?\b/.test(text);
    const keep = isWet ? 'soup' : mayBeRaw && isMeaty && !isCooked ? 'ground-meat' : 'casserole';
    // A row for just such a dish says how it heats and softens.
    const like = food?.safety === 'casserole' ? food.id : isWet ? 'broth' : 'cooked-ground-meat';
    return make('casserole', keep, like, doneness);
  }
  // “Ground chuck” names no animal, but a cut of one.
  const isFlesh = hasAnimal || CUT_WORDS.test(text);
  const isGround = MEAT_SHAPES.test(text) || (isFlesh && GROUND_WORDS.test(text));
  if (!isGround) return null;
  if (isCooked) return make('casserole', 'cooked-meat', 'cooked-ground-meat', doneness);
  const keep = /\bsausage|wurst|banger|chipolata|chorizo|merguez|andouille/.test(text)
    ? 'sausage'
    : 'ground-meat';
  return isBird
    ? make('poultry', keep, 'ground-chicken', doneness)
    : make('ground', keep, keep === 'sausage' ? 'sausage' : 'ground-beef', doneness);
}

/** Meat to be stewed is no stew yet. */
const STEWING = /\bstew(?:ing)? (?:meat|beef|lamb|pork|veal|steak|chicken)\b/;

/** Chili is a stew where something else is in it, and a hot pepper otherwise. */
function isDish(text: string): boolean {
  const chili =
    /\b(?:beef|turkey|chicken|pork|lamb|venison|bean|beans|lentil|vegetable|vegetarian|veggie|veg|vegan|pumpkin|squash|potato|quinoa|mushroom|tofu|jackfruit|meat|white|bowl of|pot of|homemade|leftover|cincinnati|texas) chill?i$|\bchill?i (?:stew|with|con)\b/;
  // A roast pie crust, a cake tin and the like were taken out before; a sweet pie is baked with egg.
  return CASSEROLE_WORDS.test(text) || chili.test(text);
}

function readyMade({ text, has, doneness }: Reading): FoodKind {
  // Whether it is bought or made here, nobody said: what is cooked into it has to be hot enough once.
  if (/\bpates?\b|\brillettes\b/.test(text))
    return make(has(POULTRY_WORDS) ? 'poultry' : 'ground', 'giblets', 'liver', doneness);
  if (/\b(?:canned|tinned|jarred|can|cans|tin|jar|condensed)\b/.test(text))
    return make('ready', 'opened', null, 'cooked');
  if (/\b(?:hummus|houmous|guacamole|tzatziki|dips?|mayonnaise|mayo|aioli)\b/.test(text))
    return make('ready', 'opened', null, doneness);
  if (/\bgravlax\b/.test(text)) return make('ready', 'cooked-fish', 'salmon', doneness);
  return make('ready', 'lunch-meat', has(POULTRY_WORDS) ? 'cooked-chicken' : 'ham', 'cooked');
}

/** Meat, poultry, fish and eggs that are nothing but themselves. */
function flesh(r: Reading, food: Food | null): FoodKind | null {
  const { text, has, doneness } = r;
  const isCooked = doneness === 'cooked';
  if (has(POULTRY_WORDS) && !/\beggs?\b/.test(text)) {
    if (isCooked) return make('casserole', 'cooked-meat', 'cooked-chicken', doneness);
    return make('poultry', poultryRow(text), likeOf(food, 'poultry', 'chicken-thigh'), doneness);
  }
  if (has(GAME_WORDS)) {
    if (isCooked) return make('casserole', 'cooked-meat', 'cooked-ground-meat', doneness);
    return make('game', 'meat', likeOf(food, 'meat', 'venison'), doneness);
  }
  const isFish = has(FISH_WORDS);
  if (isFish || has(SHELLFISH_WORDS)) return seafood(r, food, isFish);
  const isOrgan = ORGAN_WORDS.test(text);
  // Before a name “roast” says how it was cooked; at its end it is a cut.
  const cut = text.replace(/\broast (?=\w)/g, '');
  if (has(MEAT_WORDS) || isOrgan) return redMeat(r, food, isOrgan);
  if (CUT_WORDS.test(cut)) return redMeat(r, food, false);
  if (has(EGG_WORDS)) return eggs(r, food);
  return null;
}

function poultryRow(text: string): KeepingKind {
  if (/\b(?:livers?|giblets?|gizzards?|hearts?)\b/.test(text)) return 'giblets';
  if (/\b(?:whole|entire|spatchcock(?:ed)?)\b/.test(text)) return 'whole-poultry';
  return /\b(?:pieces?|parts?|portions?|thighs?|legs?|wings?|drumsticks?|drumettes?|quarters?|breasts?|tenders?)\b/.test(
    text,
  )
    ? 'poultry-pieces'
    : 'poultry';
}

function seafood({ text, doneness }: Reading, food: Food | null, isFish: boolean): FoodKind {
  const fatty =
    /\b(?:salmon|trout|mackerel|sardines?|pilchards?|herrings?|kippers?|eels?|tuna|bluefish|sprats?|whitebait)\b/;
  const isReady =
    /\bsmoked (?:salmon|trout|mackerel|eel|fish|herring)\b|\b(?:lox|kippers?|caviar|surimi|bloaters?)\b/;
  const like = likeOf(
    food,
    'fish',
    isFish ? (fatty.test(text) ? 'salmon' : 'white-fish') : 'prawns',
  );
  if (isReady.test(text)) return make('ready', 'cooked-fish', like, doneness);
  if (doneness === 'cooked') return make('casserole', 'cooked-fish', like, doneness);
  if (!isFish) return make('shellfish', 'shellfish', like, doneness);
  return make('fish', fatty.test(text) ? 'fatty-fish' : 'fish', like, doneness);
}

function eggs({ text, head, doneness }: Reading, food: Food | null): FoodKind | null {
  if (
    /\begg (?:whites?|yolks?|mix(?:ture)?)\b|\b(?:beaten|liquid|cracked|whisked) eggs?\b/.test(text)
  )
    return make('egg', doneness === 'cooked' ? 'casserole' : 'raw-egg', 'egg', doneness);
  // “Moon cake of fleem”: what it is made of is a word that nobody knows.
  if (!food && !/\beggs?\b/.test(text) && madeOfUnknown(head)) return null;
  const isShell = /\beggs?\b/.test(head) && food?.group === 'egg';
  if (/\b(?:hard|soft)[- ]?(?:boiled|cooked)\b|\bboiled eggs?\b/.test(text))
    return make('egg', 'cooked-egg', 'egg', 'cooked');
  if (/\bscotch eggs?\b|\bscrambled\b|\bfried\b|\bpoached\b/.test(text))
    return make('egg', 'casserole', 'egg', doneness);
  return isShell
    ? make('egg', food.keep, food.id, doneness)
    : make('egg', 'casserole', 'egg', doneness);
}

/** Whether a dish with egg is of, or around, something that no list has. */
const madeOfUnknown = (head: string): boolean => {
  const [, around, of] = /^(.+) in (?:a )?(?:\w+ )?(?:batter|dough)\b|\bof (.+)$/.exec(head) ?? [];
  const inside = of ?? around;
  return (
    inside !== undefined &&
    ![PLANT_WORDS, DAIRY_WORDS, GRAIN_WORDS, PULSE_WORDS, EGG_WORDS].some((w) => w.test(inside))
  );
};

/** Whether a word of the list is what the name is of: nothing but a description comes after it. */
function isHead(list: RegExp, head: string): boolean {
  const tokens = head.split(' ');
  while (tokens.length > 0) {
    if (new RegExp(`${list.source}$`).test(tokens.join(' '))) return true;
    if (!TRAILING.test(tokens.pop() ?? '')) return false;
  }
  return false;
}

/** “Jollof rice”: no sort of rice, so it may be a dish of it, and keeps no longer than that. */
function isDishOfRice(head: string): boolean {
  const [, before] = /^(.+) rice$/.exec(head) ?? [];
  return (
    before?.split(/[ -]/).some((word) => !RICE_SORTS.test(word) && !TRAILING.test(word)) ?? false
  );
}

/** “Maple-roasted squash”, “smothered cabbage”: what was done to a vegetable, unless it is only cut or packed, is heat. */
const isTreated = (head: string): boolean =>
  head.split(/[ -]/).some((word) => /[a-z]{3,}ed$/.test(word) && !UNCOOKED.test(word));

/** Milk, plants, and what the table knows. */
function rest(r: Reading, food: Food | null): FoodKind | null {
  const { text, doneness } = r;
  if (
    /^(?:cut|sliced|diced|cubed|peeled) (?:up )?(?:water)?melons?\b|\b(?:cut|sliced|cubed|prepared) (?:fruit|melon|watermelon|cantaloupe|pineapple|papaya|mango|vegetables)\b|\bfruit salad\b/.test(
      text,
    )
  )
    return make('plant', 'cut-produce', null, doneness);
  if (/\bopened\b|\bopen (?:can|tin|jar)\b/.test(text))
    return make('ready', 'opened', food?.id ?? null, doneness);
  // What has lain in water or milk keeps no longer than what was cut.
  if (/\b(?:soaked|sprouted|germinated|overnight oats|bircher)\b/.test(text))
    return make('plant', 'cut-produce', food?.id ?? null, doneness);
  if (/\b(?:garlic|herb|parsley|chive|compound|truffle) butter\b/.test(text))
    return make('ready', 'opened', null, doneness);
  if (/\b(?:oven|potato|thick[- ]cut|crinkle[- ]cut) (?:chips|fries|wedges)\b/.test(text))
    return make('ready', 'cooked-vegetable', food?.id ?? null, doneness);
  if (NOT_DAIRY.test(text)) return make('plant', 'opened', null, doneness);
  if (/\b(?:soft|fresh|cream|cottage) cheeses?\b/.test(text))
    return make('ready', 'dairy', 'ricotta', doneness);
  const isPlant = food !== null && ['vegetable', 'fruit'].includes(food.group);
  if (isPlant && doneness === 'unsaid' && isTreated(r.head))
    return make('ready', cookedRow(food), food.id, 'cooked');
  // Frozen, it was blanched and cut: thawed, it keeps as such.
  const isCut = CUT_UP.test(text) || /\bfrozen\b/.test(text);
  if (isPlant && doneness !== 'cooked' && isCut)
    return make('plant', 'cut-produce', food.id, doneness);
  if (food) {
    const kind = kindOfFood(food);
    if (isRice(food) && isDishOfRice(r.head))
      return make('plant', 'cooked-rice', food.id, doneness);
    if (doneness !== 'cooked' || kind.doneness === 'cooked') return { ...kind, doneness };
    return { ...kind, class: 'ready', keep: cookedRow(food), doneness };
  }
  if (isHead(DAIRY_WORDS, r.head)) return make('ready', 'dairy', 'milk', doneness);
  const swelling = isHead(GRAIN_WORDS, r.head)
    ? 'barley'
    : isHead(PULSE_WORDS, r.head)
      ? 'white-bean'
      : null;
  if (SEASONING_HEADS.test(r.head) || swelling || isHead(PLANT_WORDS, r.head)) {
    if (doneness === 'cooked') return make('ready', 'cooked-vegetable', null, doneness);
    if (/\b(?:sauce|ketchup|paste|vinegar)$/.test(r.head))
      return make('ready', 'opened', null, doneness);
    const isDry = SEASONING_HEADS.test(r.head) || swelling === 'barley';
    // Beans by a name that the table lacks may be dry or cooked: the shorter of the two.
    const row = isDry ? 'dry' : swelling ? 'cooked-pulse' : 'vegetable';
    return make('plant', row, swelling, doneness);
  }
  return null;
}

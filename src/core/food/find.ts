/** The table of foods and how to find one in it. */
import { BAKING, NUTS } from './data/baking';
import { DAIRY, EGGS } from './data/eggs-dairy';
import { FISH } from './data/fish';
import { FRUITS } from './data/fruits';
import { GRAINS } from './data/grains';
import { FATS, LIQUIDS } from './data/liquids';
import { MEATS } from './data/meat';
import { POULTRY } from './data/poultry';
import { PULSES } from './data/pulses';
import { SAUCES } from './data/sauces';
import { SEASONINGS } from './data/seasonings';
import { VEGETABLES } from './data/vegetables';
import type { FoodKind } from './kind';
import { kindOfName } from './name-kind';
import { plainName } from './reading';
import { oneOf } from './singular';
import { keptByText } from '../units';
import type { Food } from './types';

export const FOODS: readonly Food[] = [
  ...LIQUIDS,
  ...SAUCES,
  ...FATS,
  ...GRAINS,
  ...PULSES,
  ...BAKING,
  ...NUTS,
  ...VEGETABLES,
  ...FRUITS,
  ...SEASONINGS,
  ...MEATS,
  ...POULTRY,
  ...FISH,
  ...EGGS,
  ...DAIRY,
];

const byId = new Map(FOODS.map((f) => [f.id, f]));
const byName = new Map(FOODS.flatMap((f) => f.names.map((name) => [plainName(name), f] as const)));
/** By what singular and plural of a name share; the first row of the table where several do. */
const byOne = new Map<string, Food>();
for (const [name, food] of byName) if (!byOne.has(oneOf(name))) byOne.set(oneOf(name), food);

/** A row by a name in either number: “eggplants”, “white radishes”, “short rib”. */
const named = (name: string): Food | undefined =>
  byName.get(name) ?? byOne.get(oneOf(name)) ?? byName.get(name.replace(/s$/, ''));
/** A word of many that stands in the table only so: “green” is no greens, and a jelly bean is no bean. */
const isOneOfMany = (name: string): boolean =>
  !byName.has(name) && !name.includes(' ') && oneOf(name) === name;

/** Words of the longest name. */
const MOST_WORDS = Math.max(...[...byName.keys()].map((name) => name.split(' ').length));

/** Words that say how a food is cut, sold or treated, and leave it what it is. */
const DESCRIBES = new RegExp(
  `^(?:[a-z-]+ed|[a-z]+ly|\\d[\\w./-]*|[½¼¾⅓⅔]|${[
    'pieces? halves? half chunks? florets? fillets? filets? slices? strips? wedges? cubes? rounds? rings? dice batons? sticks?',
    'stalks? sprigs? leaves leaf cloves? heads? bulbs? ears? spears? roots? tips? tops? ends? stems? segments? quarters? sheets?',
    'steaks? joints? cutlets? bits pods? strands? flakes? seeds? berries flesh meat bones? skins? skin-on bone-in boneless skinless',
    'zest peel rind puree mash whites? yolks? large small medium big thick thin whole fresh raw frozen dry ripe lean organic optional',
    'and or the of a an on in very extra all each about more some other good quality unsalted salted low-salt low-sodium',
    'undrained unpeeled uncooked cold warm hot lukewarm boiling sea plain white red green yellow brown black dark light',
    'pearls? needles? quills? fronds? claws rustica tricolou?r mini baby kernels? grains? cut torn lengthwise crosswise long short thawing overnight homemade home-made',
  ]
    .join(' ')
    .split(' ')
    .join('|')})$`,
);
/** Its form said behind it: “apricots fresh”, “peas dried”. */
const TURNED = /^(.+?),? (fresh|dried|dry|canned|tinned|frozen|ground|cooked|smoked)$/;
/** Where the thing itself ends and what is done with it begins. */
const ASIDE = /\s(?:with|for|plus|or|from|into|at|such as|like|to|in|per|if|until)\s.*$/;
/** Called a milk, a cream or a meat without being one. */
const IMITATION =
  /\b(?:vegan|plant[- ]based|veggie|vegetarian|meatless|meat[- ]free|dairy[- ]free|non[- ]dairy|mock)\b/;
const PLANT_MILK =
  /\b(?:oat|almond|soya?|rice|cashew|hemp|hazelnut|nut|coconut|apple|cocoa|shea)s? (?:milk|cream|yogh?urt|butter|cheese)s?\b/;
const FROM_ANIMALS: ReadonlySet<Food['group']> = new Set([
  'meat',
  'poultry',
  'fish',
  'egg',
  'dairy',
  'fat',
]);

/**
 * Finds a food by id, by any of its names, or as what a description is of: the thing that the words before and
 * after only describe. A mushroom soup is no mushroom, and a cheesecake no cheese.
 *
 * @returns null where the table has no row for it; `mentionedFood` looks for a food anywhere in a text
 * @example findFood('large red onion, sliced')?.id // 'onion'
 */
// The names of a household are few, and each is asked for with every plan.
export const findFood = keptByText(lookUp, 80);

function lookUp(text: string): Food | null {
  const wanted = plainName(text);
  const exact = byId.get(wanted) ?? byName.get(wanted);
  if (exact) return exact;
  const turned = TURNED.exec(wanted);
  const fresh = turned && named(`${turned[2]} ${turned[1]}`);
  if (fresh) return fresh;
  for (const clause of wanted.split(/[,;()]/)) {
    const main = ` ${eitherOf(clause.trim())} `.replace(ASIDE, ' ').trim();
    const tokens = main.split(/[^\p{L}\p{N}½¼¾⅓⅔.'-]+/u).filter(Boolean);
    if (tokens.length === 0) continue;
    const found = headOf(tokens);
    if (found) return isImitated(main, found) ? null : found;
    if (!tokens.every((t) => DESCRIBES.test(t))) return null;
  }
  return null;
}

/** “Chicken or vegetable broth” is a broth: the first of the two, with the noun that both share. */
function eitherOf(clause: string): string {
  const either = /^(?:.* )?(\S+) or (?:\S+ )+(\S+)$/.exec(clause);
  const first = either && `${either[1]} ${either[2]}`;
  return first && byName.has(first) ? first : clause;
}

/** The longest name that only descriptions follow. */
function headOf(tokens: readonly string[]): Food | null {
  let end = tokens.length;
  for (;;) {
    // No name has more words; a whole sentence is looked through from its end.
    for (let start = Math.max(0, end - MOST_WORDS); start < end; start++) {
      const name = tokens.slice(start, end).join(' ');
      const food = named(name);
      if (!food) continue;
      const before = tokens.slice(0, start);
      const isIt = !DESCRIBES.test(name) && before.every((t) => DESCRIBES.test(t));
      if (!isOneOfMany(name) || isIt) return food;
    }
    end--;
    if (end === 0 || !DESCRIBES.test(tokens[end] ?? '')) return null;
  }
}

function isImitated(main: string, food: Food): boolean {
  // A cauliflower steak is one cut, a pepper steak is meat: only flesh is sold as steaks of itself.
  if (/\bsteaks?$/.test(main) && !['fish', 'meat', 'poultry'].includes(food.group)) return true;
  if (!FROM_ANIMALS.has(food.group)) return false;
  return (
    IMITATION.test(main) ||
    (PLANT_MILK.test(main) && food.form !== 'solid' && food.allergens.includes('milk'))
  );
}

/** “Soup” and “stew” within a text are mostly the dish that it tells of, and no food in it. */
const isWholeDish = (food: Food): boolean => food.group === 'liquid' && food.safety === 'casserole';

/** Any food of the table that a text names, the name of most words first; null where it names none. */
export const mentionedFood = keptByText((text: string): Food | null => {
  const exact = findFood(text);
  if (exact) return exact;
  const words = plainName(text)
    .replace(/[^\p{L}\p{N}-]+/gu, ' ')
    .trim()
    .split(' ');
  for (let length = Math.min(MOST_WORDS, words.length); length > 0; length--)
    for (let start = 0; start + length <= words.length; start++) {
      const name = words.slice(start, start + length).join(' ');
      const food = named(name);
      if (food && !isWholeDish(food) && !isOneOfMany(name)) return food;
    }
  return null;
}, 1000);

/** The row of an id; a food of the program’s own. */
export function foodById(id: string): Food | null {
  return byId.get(id) ?? null;
}

/**
 * What a food is for safety, keeping and diets, by its name alone.
 *
 * @returns null where neither the table nor a rule for composite dishes can place it: it is asked for then
 */
export function kindOf(name: string): FoodKind | null {
  return kindOfName(name, findFood(name));
}

/**
 * The name of the dried food where one is told to be dry or to have been soaked: “whole peas, soaked” are no fresh
 * ones.
 *
 * @example asDried('broad beans', 'dry') // 'dried broad beans'
 */
export function asDried(name: string, treated: string | undefined): string {
  if (treated !== 'dry' && treated !== 'soaked') return name;
  const swells = (food: Food | null): boolean => food?.group === 'pulse' || food?.group === 'grain';
  const dried = `dried ${plainName(name)}`;
  return !swells(findFood(name)) && swells(findFood(dried)) ? dried : name;
}

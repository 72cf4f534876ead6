/** What one takes from a shelf: the food and its form, told apart by what its name says and not by how it cooks. */
import type { Unit } from '../units';
import { findFood } from './find';
import { plainName } from './reading';
import { singular } from './singular';
import type { Food } from './types';

/** Spellings and names of one and the same thing (common practice). */
const WORDS: Readonly<Record<string, string>> = {
  tinned: 'canned',
  tin: 'canned',
  jarred: 'canned',
  bottled: 'canned',
  stock: 'broth',
  yoghurt: 'yogurt',
  chilli: 'chili',
  chile: 'chili',
  powdered: 'powder',
  prawn: 'shrimp',
  zucchini: 'courgette',
  eggplant: 'aubergine',
  rutabaga: 'swede',
  arugula: 'rocket',
  capsicum: 'bell pepper',
  beet: 'beetroot',
  mangetout: 'snow pea',
  chilly: 'chili',
  chily: 'chili',
  soured: 'sour',
  haldi: 'turmeric',
  jeera: 'cumin seed',
  zeera: 'cumin seed',
  hing: 'asafoetida',
  rajma: 'kidney bean',
  besan: 'gram flour',
  brinjal: 'aubergine',
  bhindi: 'okra',
  silverbeet: 'chard',
  kumara: 'sweet potato',
  canola: 'rapeseed',
  groundnut: 'peanut',
  cornstarch: 'cornflour',
  wholewheat: 'wholemeal',
  romaine: 'cos lettuce',
  sultana: 'raisin',
};
const PHRASES: readonly (readonly [RegExp, string])[] = [
  [/^(?:scallion|green onion|salad onion)$/, 'spring onion'],
  [/^(?:yellow|brown|white) onion$/, 'onion'],
  [/^(?:fresh coriander|coriander leaf|cilantro leaf)$/, 'cilantro'],
  [/\bgarbanzo(?: bean)?$/, 'chickpea'],
  [/^celery root$/, 'celeriac'],
  [/^(?:(?:sea|kosher|table|fine|coarse|flaky|rock) )*salt(?: flake)?$/, 'salt'],
  [/^(?:plain|all-purpose|all purpose) flour$/, 'flour'],
  [/^(?:powder|confectioners'?|confectioner's) sugar$/, 'icing sugar'],
  [/^bicarbonate of soda$/, 'baking soda'],
  [/^(?:extra[- ]virgin|virgin|light) olive oil$|^evoo$/, 'olive oil'],
  [/^(?:unsalted|salted) butter$/, 'butter'],
  [/^((?:red |green |yellow |orange )?)pepper$/, '$1bell pepper'],
  [/^heavy whipping cream$/, 'heavy cream'],
  [
    /^(feta|parmesan|mozzarella|cheddar|halloumi|ricotta|gruyere|pecorino|mascarpone) cheese$/,
    '$1',
  ],
  // Minced meat is ground meat; minced garlic is garlic.
  [/^(?:minced?) (beef|pork|lamb|veal|turkey|chicken|meat)$/, 'ground $1'],
  [/^(.*\b(?:beef|pork|lamb|veal|turkey|chicken)) mince$/, 'ground $1'],
  [/^granulated (garlic|onion)$/, '$1 powder'],
  [/^(garlic|onion) granule$/, '$1 powder'],
  [/^white (rice|sugar)$/, '$1'],
  [/^granulated sugar$/, 'sugar'],
  [/^powder (garlic|onion|ginger|mustard|milk)$/, '$1 powder'],
  [/^dry mustard$/, 'mustard powder'],
  [/^(?:superfine|super-fine|castor) sugar$/, 'caster sugar'],
  [/^(?:whole|full[- ]fat|full[- ]cream) milk$/, 'milk'],
  [/^(?:full[- ]fat|plain|natural) yogurt$/, 'yogurt'],
  [/^(?:full[- ]fat|soft) cream cheese$/, 'cream cheese'],
  [/^(?:swiss|rainbow) chard$/, 'chard'],
  [/^(?:fava|broad) bean$/, 'broad bean'],
  [/^(?:navy|haricot) bean$/, 'haricot bean'],
  [/^(?:bok choy|pak choy|pak choi)$/, 'pak choi'],
  [/^(?:rolled|porridge) oat$/, 'rolled oat'],
  [/^(?:self[- ]rising|self[- ]raising) flour$/, 'self-raising flour'],
  [/^(?:strong|bread|strong white|strong bread) flour$/, 'bread flour'],
  [/^(?:whole[- ]wheat|wholemeal) flour$/, 'wholemeal flour'],
  [/^tomato ketchup$/, 'ketchup'],
  [/^(?:red|light red|dark red) kidney bean$/, 'kidney bean'],
  [/^lady['’]?s? ?finger$/, 'okra'],
  [/^(?:cos lettuce) (?:lettuce|heart)$/, 'cos lettuce'],
  [/^coriander (?:powder|seed powder)$/, 'coriander'],
  [/^cumin powder$/, 'cumin'],
  [/^turmeric powder$/, 'turmeric'],
];

/** They say how it is cut or how good it is, and leave it what stands on the shelf. */
const LOOSE = new Set(
  [
    'small medium large big thick thin fresh freshly ripe raw organic good quality best about heaped packed',
    'chopped diced sliced minced crushed grated shredded peeled trimmed halved quartered cubed torn rinsed drained',
    'soaked washed deseeded seeded cored toasted beaten sifted divided softened melted cut finely roughly coarsely',
    'thinly thickly lightly well very into of the a an and or to taste for optional extra lean firm uncooked',
    'clove stalk sprig leaf leave head bulb bunch stick ear floret handful piece slice rib spear knob thumb',
    'ground whole low-sodium low-salt reduced-salt unsalted hot cold warm boiling lukewarm cheese dried dry',
  ]
    .join(' ')
    .split(' '),
);
/** Named so, they are bought fresh; said to be fresh, they are no other thing. */
const LEAVES_LOOSE = /^(?:basil|parsley|dill|mint|cilantro|chive|chervil)$/;
/** Plainly named, they are sold ground. */
const GROUND_ANYWAY =
  /^(?:(?:ground )?(?:cumin|coriander)|turmeric|cinnamon|(?:black|white) pepper)$/;
/** Measured so, a herb is no powder out of a jar; but bay and curry leaves are leaves in one. */
const GROWN = /\b(?:bunch(?:es)?|sprigs?|handfuls?|leaves|leaf)\b/i;
const DRIED_LEAF = /^(?:bay|curry|kaffir|makrut)/;
/** “Juice of 2 lemons”: what is bought is the fruit. */
const OF_FRUIT =
  /^(?:(?:finely |freshly )?(?:grated |squeezed )?(?:juice|zest|rind|peel)(?:,? (?:and|&) (?:juice|zest|rind|peel))?) (?:of|from) (?:about )?(?:(\d+(?:\.\d+)?|[½¼¾]|half|a|an|one|two|three|four)(?: an?)? )?/;
const COUNTS: Readonly<Record<string, number>> = {
  half: 0.5,
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
};

/**
 * How many fruits stand in a name that is about a part of them.
 *
 * @returns null where the name is no part of a fruit
 * @example fruitsIn('juice of 2 lemons') // { food: 'lemons', amount: 2 }
 */
export function fruitsIn(name: string): { food: string; amount: number } | null {
  const text = plainName(name);
  const found = OF_FRUIT.exec(text);
  const food = found ? text.slice(found[0].length) : '';
  if (!found || food === '') return null;
  const said = found[1] ?? 'a';
  return { food, amount: COUNTS[said] ?? Number(said) };
}

/** In a can or a jar, where the same thing is sold fresh or dried as well. */
const ALSO_FRESH: ReadonlySet<Food['group']> = new Set(['vegetable', 'fruit', 'fish', 'pulse']);

/**
 * One name for all spellings of a thing that is bought, and another for every other form of it: fresh, canned,
 * dried, frozen, paste, powder, cooked. Kinds that only cook alike are no one thing: red wine and white, lemons
 * and limes.
 *
 * @param name as a recipe or the cook calls it
 * @param about how it is measured and prepared, which often says its form
 */
export function productKey(
  name: string,
  about: { unit?: Unit | null; preparation?: string; isFrozen?: boolean } = {},
): string {
  const asked = [name, about.unit ?? '', about.preparation ?? '', about.isFrozen ? 1 : 0].join(
    '\n',
  );
  const before = keys.get(asked);
  if (before !== undefined) return before;
  const key = keyOf(name, about);
  if (keys.size >= MOST_KEYS) keys.clear();
  keys.set(asked, key);
  return key;
}

/** The same lines are asked for with every list. */
const keys = new Map<string, string>();
const MOST_KEYS = 5000;

function keyOf(
  name: string,
  about: { unit?: Unit | null; preparation?: string; isFrozen?: boolean },
): string {
  // “Or 1 tsp dried” would do as well; it is not what is bought.
  const preparation = plainName(about.preparation ?? '').replace(/\bor\b.*$/, '');
  const clauses = firstOf(plainName(fruitsIn(name)?.food ?? name)).split(/[,;()]/);
  const [first = ''] = clauses.filter((c) => c.trim() !== '');
  const words = first.trim().split(/\s+/);
  const rest = `${clauses.slice(1).join(' ')} ${preparation}`;
  for (const form of ['canned', 'frozen', 'smoked', 'pickled', 'dried'])
    if (formIn(rest, form) && !words.map(oneOf).includes(form)) words.unshift(form);
  let key = withPhrases(withoutLoose(words).map(oneOf));
  if (
    GROWN.test(name) &&
    isWoodyHerb(findFood(key)) &&
    !DRIED_LEAF.test(key) &&
    !/fresh|dried/.test(key)
  )
    key = `fresh ${key}`;
  key = withPhrases([key]);
  if (about.isFrozen && !/\bfrozen\b/.test(key)) key = `frozen ${key}`;
  if (isCanned(key, about.unit ?? null, rest) && !/\bcanned\b/.test(key)) key = `canned ${key}`;
  return key;
}

/** “Butter or goose fat” is bought as the first of the two. */
function firstOf(name: string): string {
  const [first = '', second] = name.split(/\s+or\s+/);
  return second !== undefined && findFood(first) !== null && findFood(second) !== null
    ? first
    : name;
}

function formIn(text: string, form: string): boolean {
  if (form === 'canned')
    return /\b(?:canned|tinned|jarred|in brine|from a (?:can|tin|jar))\b/.test(text);
  return new RegExp(`\\b${form}\\b`).test(text);
}

/** Pulses that are drained and were not soaked come out of a can; of what is sold fresh, the can is told by its unit. */
function isCanned(key: string, unit: Unit | null, rest: string): boolean {
  const food = findFood(key) ?? findFood(`${key}s`);
  if (!food || !ALSO_FRESH.has(food.group)) return false;
  if (unit === 'can') return true;
  return isDryPulse(food) && /\bdrained\b/.test(rest) && !/soak/.test(rest);
}

/** Words that only describe are left out as long as the table knows the same food without them. */
function withoutLoose(words: readonly string[]): string[] {
  let left = [...words];
  for (const word of words) {
    const token = singular(word);
    if (!LOOSE.has(token) || left.length < 2) continue;
    const without = left.filter((w) => w !== word);
    const [was, is] = [findFood(left.join(' ')), findFood(without.join(' '))];
    if (was?.id !== is?.id && !LEAVES_LOOSE.test(without.join(' '))) continue;
    if (!staysApart(token, is)) left = without;
  }
  return left;
}

/** What cooks alike and is sold as another thing: dried herbs, ground meat, whole milk. */
function staysApart(token: string, food: Food | null): boolean {
  if (token === 'fresh') return isWoodyHerb(food);
  if (token === 'dried' || token === 'dry')
    return food === null || !(['grain', 'liquid'].includes(food.group) || isDryPulse(food));
  if (token === 'ground') return food === null || !GROUND_ANYWAY.test(food.names[0]);
  if (token === 'whole') return food === null || ['dairy', 'poultry', 'grain'].includes(food.group);
  if (token === 'hot' || token === 'cold' || token === 'warm') return food?.form !== 'thin';
  if (token === 'crushed') return food === null || food.group === 'grain';
  return false;
}

const isDryPulse = (food: Food): boolean => food.group === 'pulse' && food.takes > 0;

/** Its plain name may mean the leaves or the jar; “fresh” says which. */
function isWoodyHerb(food: Food | null): boolean {
  return food !== null && food.group === 'seasoning' && food.keep !== 'herb';
}

function withPhrases(tokens: readonly string[]): string {
  let text = tokens.join(' ').trim();
  for (const [pattern, instead] of PHRASES) text = text.replace(pattern, instead).trim();
  return text;
}

function oneOf(token: string): string {
  const one = singular(token);
  return WORDS[token] ?? WORDS[one] ?? one;
}

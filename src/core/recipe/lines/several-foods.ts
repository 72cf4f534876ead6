/** An ingredient line that tells of several things: a line for each, or the one that it is. */
import { findFood, mentionedFood } from '../../food';
import { parseAmount } from '../../units';
import { foodsIn, FOR_SERVING } from './features';
import { servedFoods } from './served';
import { spellEach, unspoken } from './list';

const SALT_AND_PEPPER =
  /^((?:[^\s,]+ ){0,4}salt(?: flakes)?)\s*(?:\band\b|\bn\b|[&,+])\s*((?:[^\s,]+ ){0,4}pepper)(,?\s+(?:to taste|as needed|to season|for seasoning))?$/i;

const BY_THE_HAND =
  /^(?:an? )?(?:small |large |big )?(?:thumb|finger)(?:-? ?siz(?:e|ed)| tip| length)?\b/i;

/** An amount with a food behind it: “1 onion”, not “8 c”. */
function isCounted(part: string): boolean {
  const { amount, rest } = parseAmount(part);
  // “Thumb-sized piece ginger” is one.
  if (BY_THE_HAND.test(part)) return mentionedFood(part) !== null;
  return amount !== null && /\p{L}{3}/u.test(rest) && !/^(?:half|quarter|third)\b/i.test(rest);
}

/** “Sour cream, coriander” are two; “tomatoes, plum” and “beans, kidney” are one, turned round. */
function arePlainFoods(parts: readonly string[]): boolean {
  const isName = (name: string): boolean =>
    findFood(name)?.names.includes(name.toLowerCase()) === true;
  // “Garlic, ginger, green chilli - usual”.
  const bare = parts.map((part) => part.replace(/\s+[-–—]\s.*$/, ''));
  const isTurned = bare.some((part, i) => {
    const before = bare[i - 1] ?? '';
    return i > 0 && (isName(`${part} ${before}`) || isName(`${before} ${part}`));
  });
  // Of three and more one may be described: “white pepper, spring onion, crispy shallots”.
  const isFood = (name: string): boolean => name.split(' ').length <= 3 && findFood(name) !== null;
  const named = bare.filter(isName).length;
  const areFoods = bare.length >= 3 && named >= bare.length - 1 && bare.every(isFood);
  // “Cucumber slices, coriander”.
  const [first = '', second = '', ...more] = bare;
  const areTwo =
    more.length === 0 &&
    isFood(first) &&
    /^\p{L}+(?<!ed)$/u.test(second) &&
    isFood(second) &&
    findFood(first) !== findFood(second);
  return (named === bare.length || areFoods || areTwo) && !isTurned;
}

const WITH_AND = /,\s+|\s+(?:[+&]|and)\s+/i;
/** Few words, and the table knows them. */
const isPlainFood = (part: string): boolean =>
  /^\p{L}+(?: \p{L}+){0,2}$/u.test(part) && findFood(part) !== null;
/** “3 garlic all chopped”. */
const ALL_DONE = /\s+all ((?:\p{L}+ly )?\p{L}+ed)$/iu;

/** What is taken of another thing, told behind the first. */
const PART_BEHIND =
  /,\s+((?:zest|juice|rind)(?:\s*(?:\+|&|and)\s*(?:zest|juice|rind))?(?:\s+of)?\s+(?:\d|½|an?\b|one\b|half\b)\S*\s+\p{L}.*)$/iu;

/** “2 onions, 1 stuck with 3 cloves”: one of them, and no food of its own. */
const TOLD_OF = /^(?:of (?:them|it|these|which)|stuck|cut|left|kept|for|with|in|[a-z]+ed)\b/i;

/** “2 black cardamoms + 5 green ones”: of the same. */
const OTHER_ONES =
  /(\p{L}{3,})(\s*(?:[+&]|,|\band\b)\s*(?:\d{1,3}|an?|one|two|three|four|some)\s+\p{L}+)\s+ones?(?!\p{L})/iu;

/** “Small bunch dill, small bunch mint” are two: each part begins with a measure or an amount of its own. */
export const splitList = (told: string): { text: string; own: string }[] =>
  splitParts(told.replace(OTHER_ONES, '$1$2 $1')).map(({ own }) => ({ text: told, own }));

function splitParts(text: string): { text: string; own: string }[] {
  const short = /^s\s*(?:&|\+|and|n)\s*p\b/i;
  const [, salt, pepper, measure = ''] =
    SALT_AND_PEPPER.exec(text.replace(short, 'salt and pepper').replace(/\btt$/i, 'to taste')) ??
    [];
  if (salt !== undefined && pepper !== undefined)
    return [salt, pepper].map((own) => ({ text, own: `${own}${measure}` }));
  const forTable = servedFoods(text);
  if (forTable.length > 0) return forTable.map((own) => ({ text, own }));
  // “750 ml stock (hot), zest + juice 1 lemon” are two.
  const zest = PART_BEHIND.exec(text);
  if (zest && isCounted(text.slice(0, zest.index)))
    return [text.slice(0, zest.index), zest[1] ?? ''].map((own) => ({ text, own }));
  // “Port & red wine, half and half”: how they are mixed.
  if (/[&+]|\band\b/.test(text) && /,\s*half (?:and|&) half$/i.test(text))
    return [{ text, own: text }];
  // “S&P, 3 tbsp oil”.
  const seasoned = /^s\s*(?:&|\+|n)\s*p,\s+(?=\d)/i.exec(text);
  if (seasoned)
    return [
      ...['salt', 'pepper'].map((own) => ({ text, own })),
      ...splitList(text.slice(seasoned[0].length)),
    ];
  // “Carrot, onion, celery: 1 each, rough”.
  const alike = /^(\p{L}[^:\d]*[,&+][^:\d]*):\s*(\d{1,2})\s+(?:of )?each\b[,\s]*(.*)$/iu.exec(text);
  const things = alike?.[1]?.split(WITH_AND) ?? [];
  if (things.length > 1 && things.every(isPlainFood))
    return things.map((one) => ({
      text,
      own: [`${alike?.[2] ?? ''} ${one}`, alike?.[3] ?? ''].filter(Boolean).join(', '),
    }));
  // “2 carrots + 1 onion” are two.
  const spelt = spellEach(text);
  if (spelt.length > 1) return spelt.map((own) => ({ text, own }));
  // “Mash to serve (900 g potatoes, 50 g butter)”: what it is made of.
  const beside = /^(\p{L}+(?: \p{L}+)?) to serve \(([^()]*)\)$/iu.exec(text);
  const madeOf = beside?.[2]?.split(WITH_AND) ?? [];
  if (madeOf.length > 1 && madeOf.every((p) => isCounted(p) || mentionedFood(p) !== null))
    return madeOf.map((p) => ({ text, own: `${p}, for the ${beside?.[1]?.toLowerCase() ?? ''}` }));
  // “Sour cream + coriander for the top”, “white pepper, sesame oil, soy to serve”: all of them are.
  // “… and a soft egg each to serve (6 min from boiling)”: how the last of them is made.
  const [made = ''] = /\s*\([^()]*\)$/.exec(text) ?? [];
  const foods = made === '' ? text : text.slice(0, -made.length);
  const [serving = ''] = FOR_SERVING.exec(foods) ?? [];
  const served = serving === '' ? [] : foods.slice(0, -serving.length).split(WITH_AND);
  const plain = served.filter(isPlainFood).length;
  if (served.length > 1 && plain >= served.length - (served.length > 2 ? 1 : 0))
    return served.map((one, i) => ({
      text,
      own: `${one}, ${serving.replace(/^[,\s]+/, '')}${i === served.length - 1 ? made : ''}`,
    }));
  // “2 tsp cumin 1 tsp oregano”: nobody types commas.
  const typed = /[,()+&/]|\b(?:and|or|plus|each)\b/i.test(text) ? [] : unspoken(text);
  if (typed.length > 1) return typed.map((own) => ({ text, own: own.replace(ALL_DONE, ', $1') }));
  // “2 litres water for soaking + 1.6 litres for cooking”: water both times.
  const water = /^(.+?\bwater) (for \p{L}+) \+ ([\d.,½¼¾]+ ?\p{L}+) (for \p{L}+)$/iu.exec(text);
  if (water)
    return [`${water[1]} ${water[2]}`, `${water[3]} water ${water[4]}`].map((own) => ({
      text,
      own,
    }));
  // “1 onion, 1 carrot and 2 sticks celery, all finely diced”: each of them is.
  const [listed = '', how] = text.split(
    /(?:,|\s[–—-])\s+(?=(?:all|both) (?:\p{L}+ly )?\p{L}+(?:ed|t)$)/iu,
  );
  const each = how === undefined ? [] : listed.split(/[,;]\s+|\s+(?:[+&]|and)\s+/);
  if (each.length > 1 && each.every(isCounted))
    return each.map((one) => ({
      text,
      own: `${one}, ${how?.replace(/^(?:all|both) /i, '') ?? ''}`,
    }));
  const added = text.split(/\s+(?:[+&]|(?<!\bhundred\s+)and)\s+/i);
  // “25 g butter + a knob at the end” is butter.
  const isMore = (part: string): boolean =>
    /^(?:for|at|to|on|later)\b/i.test(parseAmount(part).rest) ||
    // “4 garlic cloves, 2 crushed and 2 left whole”: some of the same.
    (/^(?:left |kept )?(?:whole|raw|(?:\p{L}+ly )?\p{L}{2,}ed)$/iu.test(parseAmount(part).rest) &&
      mentionedFood(part) === null) ||
    (/^an?\s+(?:\p{L}+\s+)?\p{L}+\s+(?:at|to|for)\s/iu.test(part) && mentionedFood(part) === null);
  if (added.length > 1 && added.every((part) => isCounted(part) && !isMore(part)))
    return added.map((own) => ({ text, own }));
  // “2 dried guajillo + 2 ancho chiles, stems & seeds out”: how they are prepared is said of both.
  const [counted = '', ...prepared] = text.split(/,\s+/);
  const two = counted.split(/\s+[+&]\s+/);
  const isEachFood = (part: string): boolean =>
    isCounted(part) && !isMore(part) && mentionedFood(part) !== null;
  if (two.length > 1 && prepared.length > 0 && !/\d/.test(prepared.join()) && two.every(isEachFood))
    return two.map((one) => ({ text, own: [one, ...prepared].join(', ') }));
  // “Stock cube + 500 ml water”: only the second is counted.
  const [first = '', ...more] = text.split(/\s+\+\s+/);
  const isAdded = more.length > 0 && more.every((part) => isCounted(part) && !isMore(part));
  if (isAdded && !/\d/.test(first) && findFood(first) !== null)
    return [first, ...more].map((own) => ({ text, own }));
  const parts = text.split(/,\s+/);
  // “Onion 2, carrot 2, celery 2 sticks”: each number stands behind.
  const isBehind = (part: string): boolean => {
    const food = /^(\p{L}+(?: \p{L}+)?) \d+(?: \p{L}+)?(?:\s[-–—]\s.*)?$/u.exec(part)?.[1];
    return food !== undefined && findFood(food) !== null;
  };
  if (parts.length > 1 && parts.every(isBehind)) return parts.map((own) => ({ text, own }));
  // “1 onion, 1 carrot, 1 stick celery” are three.
  const isFoods = parts.length > 1 && !/[()]/.test(text);
  const isOne = (p: string): boolean => {
    const { amount, rest } = parseAmount(p);
    return amount !== null && mentionedFood(p) !== null && !TOLD_OF.test(rest) && !/^or\b/i.test(p);
  };
  // “2 tsp light soy, 1 tsp sesame oil”: the first may be of a name that nobody knows.
  const isMeasured = (p: string): boolean => (parseAmount(p).unit ?? 'piece') !== 'piece';
  if (isFoods && parts.slice(1).every(isOne) && (isOne(parts[0] ?? '') || parts.every(isMeasured)))
    return parts.map((own) => ({ text, own }));
  // “1 cucumber, 400 g yoghurt, mint”: what comes last may be without a number.
  const ones = parts.filter(isOne);
  const isPlain = (p: string): boolean =>
    findFood(p.replace(/[.\s]+$/, ''))?.names.includes(p.replace(/[.\s]+$/, '').toLowerCase()) ===
    true;
  if (isFoods && ones.length >= 2 && parts.every((p) => ones.includes(p) || isPlain(p)))
    return parts.map((own) => ({ text, own }));
  if (isFoods && arePlainFoods(parts)) return parts.map((own) => ({ text, own }));
  const isOwn = (part: string): boolean =>
    /^(?:an?\s+)?(?:small|large|big)?\s*(?:bunch|handful|pinch|sprig|knob|dash|splash|squeeze|drizzle|glug|grind)\w*\s+(?:of\s+)?\p{L}/iu.test(
      part,
    );
  const foodsAlone = foodsIn(text);
  if (foodsAlone.length > 0) return foodsAlone.map((own) => ({ text, own }));
  return parts.length > 1 && parts.every(isOwn)
    ? parts.map((own) => ({ text, own }))
    : [{ text, own: text }];
}

/** Where each ingredient goes in: where it is named, else into the first pot; a main one that is not named is asked for. */
import { shortened } from '../reason';
import type { Stage } from '../dish';
import { findAmounts } from '../units';
import { makesPart, namesPart } from './lines/parts';
import { ofTheListed, type ReadIngredient } from './ingredients';
import type { ImportQuestion } from './types';

/** “Everything but the cream”: what is named there does not go in. */
const LEFT_OUT =
  /(?<=\b(?:everything|all|the rest|the lot|ingredients)\b[^.;]{0,40}?)\b(?:(?:but|bar|save)\s+(?:for )?the|(?:except(?:ing)?(?: for)?|apart from|other than|minus)(?:\s+the)?)\b[^.;,]*/gi;

/** Looking behind each word is dear: only where one of these stands in the text at all. */
const MAY_LEAVE_OUT = /\b(?:everything|all|the rest|the lot|ingredients)\b/i;

/** “Roast 25 minutes”: what is done, and no joint. */
const ROASTS =
  /(?:^|[.,;]\s*|\b(?:and|then|to)\s+)roast(?=\s+(?:for|at|until|till|\d+|it|them|in|on|another)\b)/gi;
/** “Tip out the water”: what goes out does not go in. */
const POURED_OFF =
  /\b(?:(?:tip|pour|throw|ladle|drain)(?:ing)? (?:out|off|away)|discard|get rid of|skim(?:ming)?(?: off| away)?)\b(?: (?:the|any|all|most|of|excess|remaining|cooking))* (?:water|liquid|juices?|fat|oil)\b/gi;

/** “Rinse until the water runs clear”, “under cold water”: water of the tap, and none of the list’s. */
const OF_THE_TAP =
  /\b(?:until|till) (?:the )?(?:rinsing )?water (?:runs|is|comes)\b|\b(?:under|in|with) (?:the )?(?:cold|running|cool|fresh|several changes of)(?: (?:running|tap))? water\b|(?<=\brins(?:e|ing)\b[^.]{0,40})\bwater\b|(?<=\bsoak[^.]{0,40})\b(?:plenty of|lots of|enough|ample|fresh)(?: \w+)? water\b/gi;
/** “Beat the yolks”, “whisk the whites”: eggs. */
const OF_EGGS = /\b(?:egg )?(?:yolks?|whites)\b/gi;

/** “This stops the milk from scorching”: what for, and nothing goes in. */
const REASON =
  /\b(?:this|it|that|which|to) (?:(?:will|helps?(?: to)?|is to) )?(?:stops?|keeps?|prevents?|avoids?|protects?)\b[^.;()]*/gi;

/** “While the beans cook, …”: when, and nothing goes in. */
const MEANWHILE =
  /^(?:while|as)\s[^,.]{3,48}\b(?:cooks?|cooking|is|are|simmers?|bakes?|rests?|steams?|boils?|soaks?|releases?|comes?)\b[^,.]*,\s*/i;

/**
 * Ingredients that a text names, by the words of their food: “butter beans” are no butter. A part of the dish that is
 * made in it takes all that is listed for it.
 *
 * @param used what has gone in before: no part takes it once more
 */
export function mentioned(
  told: string,
  ingredients: readonly ReadIngredient[],
  used: ReadonlySet<string> = new Set(),
): string[] {
  const words = wordsOf(
    (MAY_LEAVE_OUT.test(told) ? told.replace(LEFT_OUT, ' ') : told)
      .replace(MEANWHILE, ' ')
      .replace(POURED_OFF, ' ')
      .replace(REASON, ' ')
      .replace(/\bs ?[+&] ?p\b/gi, 'salt, pepper')
      .replace(OF_THE_TAP, ' ')
      .replace(OF_EGGS, (part) => `${part} of the eggs`)
      .replace(ROASTS, ' '),
  );
  const positions = new Map<string, number[]>();
  for (const [i, word] of words.entries()) {
    const known = positions.get(word);
    if (known) known.push(i);
    else positions.set(word, [i]);
  }
  const taken = new Set<number>();
  const found = new Set<string>();
  // Names of several words first, so that a part of one is not taken for another food.
  for (const { ingredient, food } of ingredients)
    for (const name of [ingredient.food, ...(food?.names ?? [])]) {
      const parts = nameWords(name);
      if (parts.length < 2) continue;
      for (const at of positions.get(parts[0] ?? '') ?? []) {
        if (!parts.every((part, i) => words[at + i] === part)) continue;
        found.add(ingredient.id);
        for (let i = 0; i < parts.length; i++) taken.add(at + i);
      }
    }
  const left = new Set(words.filter((_, i) => !taken.has(i)));
  // “Put in the dried beans”: not the green ones, where the list has some that are dried.
  const isOfOther = (own: ReadIngredient, head: string): boolean => {
    const at = (positions.get(head) ?? []).filter((i) => !taken.has(i));
    return (
      at.length > 0 &&
      at.every((i) => {
        const kind = words[i - 1] ?? '';
        return (
          !describes(own, kind) &&
          ingredients.some((i) => i !== own && headOf(i) === head && describes(i, kind))
        );
      })
    );
  };
  // “120 g of the sugar” is none of the icing sugar that is for dusting.
  const isForLater = (own: ReadIngredient): boolean =>
    isForTheEnd(own) &&
    ingredients.some((i) => !isForTheEnd(i) && headOf(i) === headOf(own)) &&
    !AT_THE_END.test(told);
  const isNamed = (own: ReadIngredient): boolean =>
    (!isOfOther(own, headOf(own)) && isSpokenOf(own) && !isForLater(own)) || isByPart(own);
  // “The zest” is that of the lemons, where nothing else has any.
  const isByPart = (own: ReadIngredient): boolean => {
    const part = partTaken(own);
    return (
      part !== null &&
      left.has(part) &&
      ingredients.filter((i) => partTaken(i) === part || headOf(i) === part).length === 1
    );
  };
  const isSpokenOf = (own: ReadIngredient): boolean =>
    [own.ingredient.food, ...(own.food?.names ?? [])].some((name) => {
      const words = nameWords(name);
      const head = words.at(-1);
      // “Onion and pepper” are the bell pepper of the list, and not its chilli by another name.
      if (
        name !== own.ingredient.food &&
        head !== headOf(own) &&
        ingredients.some((i) => i.food?.id !== own.food?.id && headOf(i) === head)
      )
        return false;
      // “Lime to taste” is the lime juice of the list.
      const before = words.at(-2);
      const isSauce =
        head === 'sauce' && /^(?:soy|soya|oyster|hoisin|chili|chilli)$/.test(before ?? '');
      const whole = PART.test(head ?? '') || isSauce ? before : undefined;
      return [head, whole].some((word) => word !== undefined && word.length > 2 && left.has(word));
    });
  // “Sear the pork” is the pork loin of the list, where that is the only pork.
  const isAnimal = ({ ingredient }: ReadIngredient): boolean => {
    const animal = ANIMAL.exec(ingredient.food)?.[0].toLowerCase();
    return (
      animal !== undefined &&
      ingredient.role === 'main' &&
      left.has(stem(animal)) &&
      !ANIMAL_LIQUID.test(told) &&
      ingredients.filter(
        (i) => i.ingredient.role === 'main' && i.ingredient.food.toLowerCase().includes(animal),
      ).length === 1
    );
  };
  // “Blend the soup” makes no more of what went into it long before.
  const isOfPart = ({ part, ingredient }: ReadIngredient): boolean =>
    part !== undefined && !used.has(ingredient.id) && makesPart(told, part);
  const named = ingredients.filter(
    (i) => found.has(i.ingredient.id) || isNamed(i) || isAnimal(i) || isOfPart(i),
  );
  return withTheirAmounts(named, told).map(({ ingredient }) => ingredient.id);
}

/**
 * Without the butter of the sauce, while the cake’s is spoken of: what is listed for a part that the text speaks of by
 * its name is not taken elsewhere, where the list has more of the same food.
 *
 * @param told the words of one stage
 * @param wholeText of all stages
 */
export const ofThisPart = (
  ingredients: readonly ReadIngredient[],
  told: string,
  wholeText: string,
): readonly ReadIngredient[] =>
  ingredients.filter(
    ({ part, food, ingredient }) =>
      part === undefined ||
      namesPart(told, part) ||
      !makesPart(wholeText, part) ||
      !ingredients.some(
        (i) =>
          i.ingredient !== ingredient &&
          i.part !== part &&
          ((food && i.food?.id === food.id) || headOf(i) === headWord(ingredient.food)),
      ),
  );

const headWord = (name: string): string => nameWords(name).at(-1) ?? '';

const headOf = ({ ingredient }: ReadIngredient): string => nameWords(ingredient.food).at(-1) ?? '';
/** Whether a word tells which kind of a food an ingredient is: “dried” of dried kidney beans. */
const describes = ({ ingredient, line }: ReadIngredient, word: string): boolean =>
  word.length > 2 &&
  (nameWords(ingredient.food).slice(0, -1).includes(word) || stem(line.state ?? '') === word);

/** What is taken of it, where the list says only one thing: “zest of 3 lemons”. */
const partTaken = ({ line }: ReadIngredient): string | null =>
  /^(?:(?:finely |freshly )?grated )?(zest|juice|rind)(?: of)?$/.exec(
    line.preparation ?? '',
  )?.[1] ?? null;
const isForTheEnd = ({ line, ingredient }: ReadIngredient): boolean =>
  ingredient.role === 'finish' ||
  /\b(?:to|for) (?:dust|serv|garnish|sprinkl|decorat|finish)/.test(ofTheListed(line));
const AT_THE_END = /\b(?:dust|serve|garnish|sprinkle|decorate|scatter|finish)/i;

/** A part of a fruit or plant, as `wordsOf` leaves it. */
const PART = /^(?:juice|juic|zest|rind|leav|leaf|seed|wedge)$/;
const ANIMAL =
  /\b(?:pork|lamb|beef|veal|venison|chicken|duck|goose|turkey|rabbit|hare|goat|mutton|pheasant|partridge|salmon|cod|hake|trout)\b/i;
/** “Add the chicken stock” names no chicken. */
const ANIMAL_LIQUID =
  /\b(?:pork|lamb|beef|veal|chicken|duck|goose|turkey)\s+(?:stock|broth|fat|dripping|gravy|bouillon|cubes?)\b/i;

/** Of two lines of one food, that whose amount is named: “the 100 g sugar”. */
function withTheirAmounts(named: readonly ReadIngredient[], told: string): ReadIngredient[] {
  const amounts = findAmounts(told);
  const isTold = ({ line }: ReadIngredient): boolean =>
    amounts.some((a) => a.amount === line.amount && a.unit === line.unit);
  return named.filter((one) => {
    const same = named.filter((i) => i.food !== null && i.food.id === one.food?.id);
    if (same.length < 2 || isTold(one)) return true;
    const isOfPart = ({ part }: ReadIngredient): boolean =>
      part !== undefined && namesPart(told, part);
    if (!same.some(isTold) && same.some(isOfPart) && !same.every(isOfPart)) return isOfPart(one);
    return !same.some(isTold);
  });
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .match(/[\p{L}]+/gu)
    ?.map(stem) ?? [];

/** The words of names that are asked for with every sentence. */
const named = new Map<string, readonly string[]>();
const MOST_NAMES = 4000;

function nameWords(name: string): readonly string[] {
  const known = named.get(name);
  if (known) return known;
  const words = wordsOf(name);
  if (named.size >= MOST_NAMES) named.clear();
  named.set(name, words);
  return words;
}

const stem = (word: string): string => word.replace(/(?:es|s)$/, '');

/** “Fry the vegetables”: foods that are named together. */
const TOGETHER: readonly (readonly [RegExp, readonly string[]])[] = [
  // “Mix the dry things.”
  [/\bdry (?:things|ingredients|stuff|goods|mix)\b/i, ['baking', 'grain', 'seasoning', 'nut']],
  [/\bveg(?:etables|gies|s)?\b(?! (?:oil|stock|broth))/i, ['vegetable']],
  [/\bfruits?\b/i, ['fruit']],
  [/\bgrains\b/i, ['grain']],
  [/\b(?:pulses|legumes)\b/i, ['pulse']],
  [/\bspices\b|\bmasalas\b|\bherbs\b|\bseasonings?\b|\baromatics\b/i, ['seasoning']],
  [/\bnuts\b/i, ['nut']],
  // “Turn up the heat, add the meats.”
  [/\bmeats\b/i, ['meat', 'poultry']],
];

/** “Pull out the whole spices”: they went in long before. */
const TAKEN_OUT =
  /\b(?:remove|discard|(?:pull|fish|pick|take|lift|scoop|hook) out)\b[^.;,]{0,24}\b(?:spices|herbs|seasonings?|aromatics|vegetables)\b|\b(?:pull|fish|pick|take|lift|scoop)\b[^.;,]{0,24}\b(?:spices|herbs|aromatics|vegetables)\b[^.;,]{0,12}\bout\b/gi;

/** The stage that names its kind of food. */
const namedTogether = (stages: readonly Stage[], group: string): Stage | undefined =>
  stages.find((s) =>
    TOGETHER.some(
      ([word, groups]) => groups.includes(group) && word.test(s.text.replace(TAKEN_OUT, ' ')),
    ),
  );

/** “Beat everything else together.” */
const ELSE =
  /\b(?:everything else|all (?:of )?the (?:rest|remaining|other)\b|all other ingredients|(?:the )?(?:rest of the|remaining) ingredients)\b/i;

/** Taken out again, or only added in another case: it was in before. */
const OUT_AGAIN =
  /\b(?:remove|lift|take|fish|pull|shred|discard|return|slice|carve|drain|strain|mash)\b|^if\b/i;

/** “Everything else but the vinegar”: what is told not to go in. */
const isLeftOutOf = (at: Stage, own: ReadIngredient): boolean =>
  mentioned(((at.sentence ?? at.text).match(LEFT_OUT) ?? []).join(' '), [own]).length > 0;

/** “Stir in everything else. … Remove the turkey leg.”: what is only taken out later went in with everything else. */
function takeUpRest(
  stages: readonly Stage[],
  at: Stage,
  ingredients: readonly ReadIngredient[],
): void {
  const from = stages.indexOf(at);
  for (const own of ingredients) {
    const first = stages.findIndex((s) => s.uses.includes(own.ingredient.id));
    if (first <= from || own.ingredient.role === 'finish') continue;
    if (isLeftOutOf(at, own)) continue;
    const naming = (stages[first]?.sentence ?? '')
      .split(/(?<=[.!?])\s+/)
      .filter((s) => mentioned(s, [own]).length > 0);
    if (naming.length > 0 && naming.every((s) => OUT_AGAIN.test(s)))
      at.uses.push(own.ingredient.id);
  }
}

/** What no stage names: what is for the end goes there, the rest where all else is told to go, or into the first pot. */
export function placeTheRest(
  stages: Stage[],
  ingredients: readonly ReadIngredient[],
  used: ReadonlySet<string>,
): void {
  const first = stages.find((s) => s.kind === 'pressure') ?? stages[0];
  const last = stages.at(-1);
  const elseAt = stages.find((s) => ELSE.test(s.sentence ?? s.text)) ?? first;
  const frying = stages.find((s) => s.kind === 'brown');
  const told = stages.find((s) => ELSE.test(s.sentence ?? s.text));
  if (told) takeUpRest(stages, told, ingredients);
  for (const own of ingredients) {
    const { ingredient, food, part } = own;
    if (used.has(ingredient.id)) continue;
    // What is listed for the dressing goes where the dressing is first spoken of.
    const ofPart = part && stages.find((s) => namesPart(s.sentence ?? s.text, part));
    if (ofPart) {
      ofPart.uses.push(ingredient.id);
      continue;
    }
    // Fat that is named nowhere is what the frying is done in.
    const isForFrying = food?.group === 'fat' && frying !== undefined;
    // Herbs for the garnish are none of “all the spices”.
    const isForEnd = ingredient.role === 'finish' || food === null;
    const together = isForEnd ? undefined : namedTogether(stages, food.group);
    const isKept = told !== undefined && isLeftOutOf(told, own);
    const to = isKept
      ? last
      : (together ?? (ingredient.role === 'finish' ? last : isForFrying ? frying : elseAt));
    to?.uses.push(ingredient.id);
  }
}

/** “Sear in two lots”, “salt it overnight”: done to meat, named or not. */
const DONE_TO_MEAT = /\b(?:sear|brown|salt|season|rub|marinate|brine)(?:ed|ing)?\b/i;

/** Meat that no step names is what is seared or salted without another word, where it is the only meat. */
export function placeTheMeat(
  stages: readonly Stage[],
  ingredients: readonly ReadIngredient[],
  used: Set<string>,
): void {
  const isMeat = ({ ingredient, food }: ReadIngredient): boolean =>
    ingredient.role === 'main' && (food?.group === 'meat' || food?.group === 'poultry');
  const [meat, ...others] = ingredients.filter(isMeat);
  if (!meat || others.length > 0 || used.has(meat.ingredient.id)) return;
  const plain = new Set(
    ingredients
      .filter(({ food }) => food?.group === 'fat' || food?.group === 'seasoning')
      .map((i) => i.ingredient.id),
  );
  const at = stages.find(
    (s) =>
      (s.kind === 'brown' || s.kind === 'rest') &&
      DONE_TO_MEAT.test(s.sentence ?? s.text) &&
      s.uses.every((id) => plain.has(id)),
  );
  if (!at) return;
  at.uses.push(meat.ingredient.id);
  used.add(meat.ingredient.id);
}

/** Everything not named goes in with these. */
const ALL =
  /\b(?:everything|all (?:the |of the )?(?:other |remaining )?(?:ingredients|rest)?|the rest|rest of|remaining|the lot)\b/i;
/** What a main ingredient is called in passing. */
export const IN_PASSING =
  /\b(?:meats?|bird|birds|fish|joint|pieces|chops|legs|thighs|fillets|roast|ribs|shanks|cheeks|cubes|beans)\b/i;

/** A main ingredient that no sentence speaks of, not even in passing, has no place: it is asked for. */
export function askWhereMainsGo(
  stages: readonly Stage[],
  ingredients: readonly ReadIngredient[],
  used: ReadonlySet<string>,
  questions: ImportQuestion[],
): void {
  const text = stages.map((s) => s.sentence ?? s.text).join(' ');
  const at = stages.find((s) => s.kind === 'pressure') ?? stages[0];
  if (!at || stages.length < 2 || ALL.test(text) || IN_PASSING.test(text)) return;
  const words = new Set(
    text
      .toLowerCase()
      .match(/\p{L}+/gu)
      ?.map(stem) ?? [],
  );
  for (const { ingredient } of ingredients) {
    const own = ingredient.food.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
    const isNamed = used.has(ingredient.id) || own.some((word) => words.has(stem(word)));
    if (ingredient.role !== 'main' || isNamed) continue;
    questions.push({
      id: `${ingredient.id}.place`,
      about: { kind: 'place', ingredient: ingredient.id },
      text: `In which step does the ${ingredient.food} go in?`,
      taken: at.id,
      range: [0, 0],
      unit: '',
      choices: stages.map((s, i) => [s.id, `${i + 1}: ${shortened(s.text)}`] as const),
    });
  }
}

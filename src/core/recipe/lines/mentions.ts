/** Foods that only the method names: “add half a cup of water”, “slice a fennel bulb”. */
import { findFood, mentionedFood } from '../../food';
import { findAmounts, HUNDREDS, NUMBER, toNumber, type FoundAmount } from '../../units';
import { findDurations } from '../durations';
import { toClauses, toSentences } from '../sentences';

const STOP =
  /\b(?:with|(?<!\bbone[- ])in|into|to|(?<!\b(?:skin|fat|rind|shell|head)[- ])on|onto|over|for|until|then|at|from|under|around|as|plus|or|across|through|which|that|is|are|goes|go|so|if|when|while|by|before|after|each|left|there|here|out|off|up|down|all|back|under|stir|cook|add|simmer|beside|against|per|more|round|around|round about|remain\w*|overnight|last night|yesterday|every|just|like|i|we|you|they|who|one (?:at a time|by one)|till|below|underneath|beneath|above|about|weighing|of the|of it|the (?:night|evening|day|morning|week))\b/i;
/** “To an amber caramel”, “into a paste”: what comes of it. */
const BECOMES = /\b(?:to|into|like|as|to (?:make|give|form)|makes?|making|giving)\s+$/i;
/** Water that stands in the pot under what cooks above it. */
const UNDER_THE_RACK =
  /\b(?:in|into) the (?:bottom of the )?(?:pot|cooker|multi-?cooker|liner|inner pot)\b|\b(?:trivet|rack|steamer)\b/i;
const STACKED =
  /\b(?:trivet|rack|steamer|basin|ramekins?|cake tin|spring-?form|pot[- ]in[- ]pot|PIP)\b/i;
const WATER = /^(?:(?:cold|hot|boiling|warm|just-boiled) )?water$/i;

/** What is left, and what becomes of it another day: “Leftovers make a nice lunch with a boiled egg.” */
const OF_ANOTHER_MEAL =
  /\bleft-?overs?\b(?! (?:roast|cooked|rice|meat|mash))|\b(?:we|i|you can|you could|makes?|use it|great|good)\b[^.]*\b(?:soup|stock|sandwich\w*|lunch\w*|hash|fritters|pie)\b[^.]*\b(?:next day|day after|tomorrow|following day|later in the week)\b/i;

/** A part of what is listed, or of what is in the pot. */
const OF_THE_LISTED =
  /^\s*(?:of\s+)?(?:the|that|this|those|these|it|its|remaining|reserved|rest)\b/i;
/** “A tablespoon of your curry powder”: whose it is says nothing. */
const WHOSE = /^\s*(?:your|my|our)\s+/i;
const RESERVED =
  /\b(?:remaining|but|reserv\w*|keep|kept|save|saving|minutes?|mins?|serves?|feeds?|step|side|batch\w*)\s*(?:about\s*)?$/i;
const NO_FOOD =
  /^(?:fits?|will|should|can|may|fingers?|pieces?|chunks?|cubes?|slices?|rounds?|strips?|minutes?|mins?|batch\w*|goes|portions?|people|of us|times?|sides?|cm|mm|inch\w*|lots?|runs?|cookers?|pots?|pans?|halves|quarters|bit|little|few|while|moment|quick|natural|good|large|small|hot|lid|rack|trivet|juice|zest|bowl|dish|tin|plate|fork|spoon|lot|touch|boil|simmer|liq|liquid|juices?|cooking|time|must|half|third|quarter|sugar lump|ones?)\b/i;
/** “Squash them”, “butter it”: what is done, and no food. */
const DONE_TO = /^\s+(?:it|them|(?:'|’)?em|everything|both)\b/i;
/** “They should squash easily”, “it wobbles like jelly”: what it does. */
const DOES =
  /\b(?:(?:should|will|would|can|could|must|may|might|they|it|don(?:'|’)t|doesn(?:'|’)t|not)|like(?: an?| the)?)\s+$/i;
/** “A Moroccan lamb thing”: what the whole is. */
const A_KIND_OF =
  /\b(?:things?|dish|recipe|number|winner|classic|favou?rite|affair|treat|one-?pot|supper|dinner)$/i;
/** “A purée of potatoes is the right thing with it.” */
const GOES_WITH =
  /\b(?:is|are|makes?) (?:the|a|just|all|perfect|good|lovely|nice|great|delicious|fine)\b[^.]*\b(?:with (?:it|them|this)|alongside|beside it|it needs|you need)\b/i;
/** Said for something that was named before: “the meat”, “the beans”. */
const GENERIC =
  /^(?:meat|stock|broth|sauce|water|vegetables?|herbs?|spices?|cheese|pasta|noodles|beans?|greens|oil|fat|salt|pepper|chicken|beef|pork|lamb|fish|rice|bread|sugar|butter|gravy|soup|stew|curry|eggs?|flour|milk|cream)$/i;
/** “Purée half of the soup”: what is being made. */
const isTheDish = (clause: string, name: string): boolean =>
  /^(?:soup|stew|curry|gravy|syrup|sauce|glaze|marinade|dressing)$/i.test(name) &&
  new RegExp(String.raw`\b(?:the|this|your|that) (?:\p{L}+ )?${name}\b`, 'iu').test(clause);
/** Things that food lies in. */
const VESSEL =
  /\b(?:basins?|tins?|pans?|dish(?:es)?|bowls?|jars?|cans?|mou?lds?|trays?|ramekins?|pots?|(?:custard|pudding|mousse|espresso) cups?|(?:multi-?|rice )?cookers?|full)$/i;
/** “Pour into 6 custard cups”: what is filled. */
const NAMED_CUP = /\b(?:custard|pudding|mousse|espresso|egg) cups?\b/gi;
/** A form that many foods come in: “powder” alone names none. */
const FORM =
  /^(?:powder|paste|sauc|sauce|oil|seed|juic|juice|vinegar|leav|leaf|flak|flake|masala|stock)$/;
/** With fewer foods listed there is no list: each one that is named counts. */
const SHORTEST_LIST = 3;
const MOST_WORDS = 5;
/** “A rabbit of about 1.2 kilos”. */
const WEIGHING =
  /^\s*(?:of|weighing|,?\s*(?:that(?:'|’)?s|which is|which(?:'|’)s|so))?\s*(?:about|around|roughly)?\s*((?:\d[\d.,/]*|an?|one|two|three|four|half an?)\s*(?:kg|kilos?|kilograms?|g|grams?|lbs?|pounds?|oz|ounces?)(?:\s+and\s+a\s+(?:half|quarter))?)\b/i;

/** “65C” is no number of cups. */
const DEGREES = /^\d{2,3} ?(?:°|[CF]\b|deg)|^\d ?(?:°|deg)/;
/** “Chill to 8C”: so cold, where nothing behind it is measured in cups. */
const COLD_DEGREES = /^\d ?C$/;
/** “Porridge setting”: a button, and no food. */
const isProgram = (clause: string, name: string): boolean =>
  new RegExp(
    String.raw`\b${name}\w*\s+(?:setting|mode|program(?:me)?|button|function|preset|key)\b`,
    'i',
  ).test(clause);

/** What is thrown away is no food of the list. */
const THROWN_AWAY =
  /\b(?:discard|ditch|compost|throw(?:ing)? (?:away|out)|get rid of|(?:chuck|bin) (?:out|away|(?:it|them|those|the [a-z]+)(?=\s*(?:[.,;]|$|out\b|away\b))))/i;

/** “Squeeze of lemon”: a measure by eye and what it is of. */
const BY_EYE_OF =
  /(\b(?:(?:a )?few )?(?:squeeze|splash|dash|drizzle|sprinkle|knob|handful|pinch|glug|bit|drop|slug|lump|spoon|sprigs?|handfuls|bunch) of\s+)\p{L}+(?:\s+\p{L}+)?/giu;

const word = (text: string): string => text.toLowerCase().replace(/(?:es|s)$/, '');

const hasAmount = (line: string, { amount, unit }: FoundAmount): boolean =>
  findAmounts(line).some((a) => a.amount === amount && a.unit === unit);

const isSameWater = (line: string, amount: FoundAmount): boolean =>
  /(?<!\b(?:coconut|rose|blossom|soda|sparkling|tonic) )\bwater\b/i.test(line) &&
  findAmounts(line).some((a) => a.amount === amount.amount && a.unit === amount.unit);

/** Words right behind an amount, as far as they can be a food. */
function phraseBehind(text: string, amount: FoundAmount): string {
  const behind = text.slice(amount.end).replace(WHOSE, ' ');
  if (OF_THE_LISTED.test(behind)) return '';
  // “The juice of half a lemon” is a lemon.
  const [clause = ''] = behind.split(/[,.;:()!?&+–—]|\s-\s|\band\b/i);
  const [time] = findDurations(clause);
  const ends = [STOP.exec(clause)?.index, /\d/.exec(clause)?.index, time?.start];
  return clause
    .slice(0, Math.min(...ends.map((end) => end ?? clause.length)))
    .trim()
    .split(/\s+/)
    .slice(0, MOST_WORDS)
    .join(' ');
}

/** “1 tsp each turmeric, cumin and coriander, and cook …”: the foods that are measured alike. */
function eachOf(sentence: string, { end }: FoundAmount): string[] {
  const listed = /^\s*(?:of )?each(?: of)?:?\s+([^.;:()]+)/i.exec(sentence.slice(end))?.[1] ?? '';
  const items = listed.split(/\s*(?:,|&|\+|\band\b)\s*/i).filter((item) => item !== '');
  const others = items.findIndex((item) => findFood(item) === null);
  return others < 0 ? items : items.slice(0, others);
}

const plainWords = (phrase: string): string =>
  phrase.replace(/\bpdr\b/i, 'powder').replace(/\btoms\b/i, 'tomatoes');

/** “A bottle of red”. */
const wineOf = (phrase: string, { unit }: FoundAmount): string =>
  unit === 'package' && /^(?:\p{L}+ )?(?:red|white|ros[eé])$/iu.test(phrase)
    ? `${phrase} wine`
    : phrase;

/** “A mug of water (about 300 ml)”: the measure that counts. */
const IN_BRACKETS = new RegExp(
  String.raw`^(?:\s*\((?:(?:that(?:'|’)?s|about|around|roughly|say|approx\.?|ca\.?|c\.|~)\s*)*(\d[\d.,½¼¾]*\s*(?:ml|l|cl|lit(?:re|er)s?|g|grams?|kg|oz|lbs?|cups?|tbsp|tsp))\)|,? (?:that(?:'|’)?s|which is|which(?:'|’)s|say) (?:about |around |roughly )?((?:${HUNDREDS}|${NUMBER})\s*(?:ml|mils?|cl|lit(?:re|er)s?|g|grams?|kg|kilos?|oz|ounces?|lbs?|pounds?|cups?)\b))`,
  'i',
);

function weightBehind(sentence: string, amount: FoundAmount, phrase: string): string {
  const at = sentence.indexOf(phrase, amount.end) + phrase.length;
  const weight = WEIGHING.exec(sentence.slice(at))?.[1];
  return weight ? ` (${weight})` : '';
}

const TALK =
  /^.*\b(?:then|and|the|in|with|add|plus|some|of|next|now|also|an?|to|for|on|my|your|is|are)\s+/iu;
/** A food with what brackets right behind it say it measures. */
function measured(sentence: string, name: string): string {
  const at = sentence.toLowerCase().indexOf(name.toLowerCase());
  const found = at < 0 ? null : IN_BRACKETS.exec(sentence.slice(at + name.length));
  const amount = found?.[1] ?? found?.[2];
  return amount === undefined ? name : `${amount} ${name}`;
}

/** “Fifty grams of butter and fifty of parmesan”. */
const withUnits = (sentence: string): string =>
  sentence.replace(AND_SO_MANY, (whole, unit: string, between: string, count: string) =>
    toNumber(count) >= 5 ? `${unit}${between}${count} ${unit.trim()} ` : whole,
  );
const AND_SO_MANY = new RegExp(
  String.raw`(\b(?:g|grams?|ml|mils?|oz|ounces?)\b)( (?:of )?\p{L}[\p{L} ]{2,24},? and )(${HUNDREDS}|${NUMBER}) (?=of \p{L})`,
  'giu',
);

/** Measured, and no pack or piece. */
const MEASURED = new Set(['g', 'kg', 'ml', 'l', 'tsp', 'tbsp', 'cup', 'oz', 'lb', 'floz', 'pint']);
/** The food that stands right before an amount: “butter 40g and …”, “parmesan 50 grams grated on top”; '' where none does. */
function foodBefore(sentence: string, { start, end, unit }: FoundAmount): string {
  // “The prunes, about twelve of them”.
  const isOfThem = /^\s*(?:of )?(?:them|those|these)\b/i.test(sentence.slice(end));
  if (!MEASURED.has(unit ?? '') && !isOfThem) return '';
  const words =
    /(?:[\p{L}-]+\s+){0,2}[\p{L}-]+(?=\s*[,:–-]?(?:\s+(?:on top|over it|in(?:to)? the (?:basket|steamer|pot|cooker|bottom)|in))?(?:\s+(?:about|around|maybe|say))?\s*$)/u.exec(
      sentence.slice(0, start),
    );
  // “Goat’s butter” is more than “butter”, and “then butter” no more.
  const said = words?.[0].replace(TALK, '').split(/\s+/) ?? [];
  const names = said.map((_, i) => said.slice(i).join(' '));
  const isExact = (name: string): boolean =>
    findFood(name)?.names.includes(name.toLowerCase()) === true;
  return names.find(isExact) ?? names.find((name) => findFood(name) !== null) ?? '';
}

const POURED = new Set(['ml', 'l', 'cup', 'pint', 'quart']);
/** An amount at the end of a sentence that begins with water and names no other food; where no water is told yet. */
function isAboutWater(
  sentence: string,
  { start, end, unit }: FoundAmount,
  told: readonly string[],
): boolean {
  return (
    POURED.has(unit ?? '') &&
    /^(?:(?:cold|hot|boiling|enough) )?water\b/i.test(sentence) &&
    /^\W*$/.test(sentence.slice(end)) &&
    mentionedFood(sentence.slice(5, start)) === null &&
    !told.some((line) => /\bwater\b/i.test(line))
  );
}

/**
 * Ingredient lines for what the method names and no line of the list has.
 *
 * @param listed foods of the list, in its words
 * @param told.isTold whether the list was told in sentences, as talk goes: it is rarely whole
 * @param told.written the list’s lines, as written
 * @returns lines such as “1/2 cup water”, in their order
 */
export function foodsInMethod(
  instructions: readonly string[],
  listed: readonly string[],
  { isTold = false, written = [] }: { isTold?: boolean; written?: readonly string[] } = {},
): string[] {
  const isStacked = instructions.some((text) => STACKED.test(text));
  const isListless = listed.length < SHORTEST_LIST || isTold;
  const known = new Set(
    listed.flatMap((food) => food.split(/[^\p{L}]+/u).map(word)).filter((w) => w.length > 2),
  );
  const ids = new Set(listed.flatMap((food) => findFood(food)?.id ?? []));
  const lines: { at: number; line: string }[] = [];
  const isKnown = (phrase: string): boolean => {
    const said = phrase.split(/\s+/);
    // “The lemon juice” is of the lemons of the list.
    const [whole = '', part = ''] = said;
    if (said.length === 2 && /^(?:juice|zest|rind|peel)$/i.test(part) && known.has(word(whole)))
      return true;
    const head = word(said.at(-1) ?? '');
    const id = mentionedFood(phrase)?.id;
    if (id !== undefined && ids.has(id)) return true;
    // Of two powders each is its own.
    const isOwn = said.length > 1 && FORM.test(head) && !known.has(word(said.at(-2) ?? ''));
    return known.has(head) && !(isOwn && findFood(phrase) !== null);
  };
  // “2 tbsp flour” is not the self-raising flour that was told of in talk.
  const isOther = (phrase: string, { unit }: FoundAmount): boolean => {
    const id = findFood(phrase)?.id;
    return isListless && MEASURED.has(unit ?? '') && id !== undefined && !ids.has(id);
  };
  // “For the custard, heat the milk …”: what is made is no food of the list.
  const isMadeHere = (name: string): boolean => {
    const part = new RegExp(String.raw`\bfor the ${name}\b|(?:^|[.;]\s*)${name}:`, 'iu');
    return instructions.some((text) => part.test(text));
  };
  let at = 0;
  const keep = (line: string, phrase: string): void => {
    lines.push({ at, line });
    for (const w of phrase.split(/[^\p{L}]+/u)) if (w.length > 2) known.add(word(w));
    const id = mentionedFood(phrase)?.id;
    if (id !== undefined) ids.add(id);
  };
  const sentences = toSentences(instructions).map(withUnits);
  const reserved: FoundAmount[] = [];
  const toldSoFar = (): string[] => [...written, ...lines.map((l) => l.line)];
  for (const sentence of sentences) {
    at++;
    if (OF_ANOTHER_MEAL.test(sentence) || GOES_WITH.test(sentence)) continue;
    const times = findDurations(sentence);
    for (const amount of findAmounts(sentence)) {
      if (times.some((t) => amount.start < t.end && amount.end > t.start)) continue;
      if (DEGREES.test(sentence.slice(amount.start))) continue;
      const isCold = COLD_DEGREES.test(sentence.slice(amount.start, amount.end));
      if (
        isCold &&
        /\b(?:to|at|below|under|above|over|reaches)\s+$/i.test(sentence.slice(0, amount.start))
      )
        continue;
      // “The 700 ml”: what the list has.
      const isDefinite = /\bthe\s+$/i.test(sentence.slice(0, amount.start));
      if (isDefinite && toldSoFar().some((line) => hasAmount(line, amount))) continue;
      if (RESERVED.test(sentence.slice(Math.max(0, amount.start - 14), amount.start))) {
        reserved.push(amount);
        continue;
      }
      // “Keep 750 ml of it … the 750 ml stock”: what came out of the pot.
      if (isDefinite && reserved.some((r) => r.amount === amount.amount && r.unit === amount.unit))
        continue;
      const isArticle = /^an?\b/i.test(sentence.slice(amount.start));
      if (isArticle && BECOMES.test(sentence.slice(0, amount.start))) continue;
      const phrase = wineOf(plainWords(phraseBehind(sentence, amount)), amount);
      const told = sentence.slice(amount.start, amount.end);
      // “Top with puff pastry (320 g sheet)”: what stands before the bracket is measured in it.
      const isInBracket = sentence[amount.start - 1] === '(';
      const own = isInBracket ? { ...amount, start: amount.start - 1 } : amount;
      for (const food of eachOf(sentence, amount))
        if (!isKnown(food)) keep(`${told} ${food}`, food);
      const isBehind = (isListless || isInBracket) && mentionedFood(phrase) === null;
      const before = isBehind ? foodBefore(sentence, own) : '';
      // “Water to the line, I put 1.8 litres”: it is of the one thing that the sentence is about.
      if (phrase === '' && before === '' && isAboutWater(sentence, amount, toldSoFar())) {
        keep(`${told} water`, 'water');
        continue;
      }
      if (isInBracket && isBehind && (before === '' || isKnown(before))) continue;
      if (before !== '' && !isKnown(before)) {
        keep(`${told.replace(/\s+of$/i, '')} ${before}`, before);
        continue;
      }
      // The water of the pot is none of the list’s, unless the list has just as much.
      const isPotWater =
        WATER.test(phrase) && amount.unit !== null && UNDER_THE_RACK.test(sentence) && isStacked;
      // “150 ml water”, and later “300 ml water”: what the list has none of is told twice over.
      const isMoreWater =
        WATER.test(phrase) &&
        MEASURED.has(amount.unit ?? '') &&
        (isTold || !written.some((line) => /\bwater\b/i.test(line))) &&
        toldSoFar().some((line) => /\bwater\b/i.test(line));
      if ((isPotWater || isMoreWater) && !toldSoFar().some((line) => isSameWater(line, amount))) {
        keep(`${told} ${phrase}`, phrase);
        continue;
      }
      if (
        phrase === '' ||
        NO_FOOD.test(phrase) ||
        A_KIND_OF.test(phrase) ||
        VESSEL.test(phrase) ||
        !/\p{L}{3}/u.test(phrase) ||
        (isKnown(phrase) && !isOther(phrase, amount))
      )
        continue;
      const isFood = mentionedFood(phrase) !== null;
      // “A mug of water (about 300 ml)” is told twice; only one of the two can be measured.
      const inVessel = /^\p{L}+ of (.+)$/iu.exec(phrase);
      const at = sentence.indexOf(phrase, amount.end) + phrase.length;
      const sized = isFood && inVessel ? IN_BRACKETS.exec(sentence.slice(at)) : null;
      const size = sized?.[1] ?? sized?.[2];
      if (size !== undefined) {
        keep(`${size} ${inVessel?.[1]}, ${told} ${phrase.split(' ')[0]}`, phrase);
        continue;
      }
      // A can or a slice is something only where its food is named.
      const isPack = ['can', 'package', 'slice', 'piece'].includes(amount.unit ?? 'piece');
      const isMeasured = !isPack || (amount.unit !== null && isFood);
      // Without a list, a thing that is counted is one where it is a food; with one, only what is measured.
      if (isListless ? isMeasured || isFood : isMeasured)
        keep(
          `${sentence.slice(amount.start, amount.end)} ${phrase}${weightBehind(sentence, amount, phrase)}`,
          phrase,
        );
    }
  }
  // What has an amount somewhere is that, wherever it is spoken of before.
  for (const [i, sentence] of (isListless ? sentences : []).entries()) {
    at = i + 1;
    if (OF_ANOTHER_MEAL.test(sentence) || GOES_WITH.test(sentence)) continue;
    for (const told of toClauses(sentence)) {
      const clause = told.replace(NAMED_CUP, ' ');
      if (THROWN_AWAY.test(clause)) continue;
      for (const [whole, measure = ''] of clause.matchAll(BY_EYE_OF)) {
        const said = whole.slice(measure.length).trim().split(/\s+/);
        const named = [said.join(' '), said[0] ?? ''].find((n) =>
          findFood(n)?.names.some((name) => name === n.toLowerCase()),
        );
        const id = findFood(named ?? '')?.id ?? '';
        if (named !== undefined && !ids.has(id) && !isKnown(named))
          keep(`${measure.trim()} ${named}`, named);
      }
      const food = mentionedFood(clause);
      const name =
        food?.names.find((n) => new RegExp(String.raw`\b${n}`, 'i').test(clause)) ??
        (/^\p{L}+$/u.test(clause) ? clause : undefined);
      if (
        food &&
        name &&
        !NO_FOOD.test(name) &&
        !DOES.test(clause.slice(0, clause.toLowerCase().indexOf(name))) &&
        !DONE_TO.test(clause.slice(clause.toLowerCase().indexOf(name) + name.length)) &&
        !(isTold && GENERIC.test(name)) &&
        !isTheDish(clause, name) &&
        !isMadeHere(name) &&
        !isProgram(clause, name) &&
        !ids.has(food.id) &&
        !isKnown(name)
      )
        keep(measured(sentence, name), name);
    }
  }
  return lines.sort((a, b) => a.at - b.at).map((l) => l.line);
}

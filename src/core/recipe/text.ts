/** Plain text: each line is what the whole text makes of it. */
import { findFood, mentionedFood } from '../food';
import { leadIn } from './ahead';
import { isAmongSteps, isNamedBefore, isToldAgain, madeAmongSteps } from './lines/among-steps';
import { featuresOf, WORK_FIRST, type Features } from './lines/features';
import { linesOf } from './lines/split';
import { SOAK_TIME } from './soaking';
import { dayBefore, isDayHeading } from './lines/headings';
import { labelLines, type Label } from './lines/label';
import { capital, namedBelow, spokenName, takeTitle } from './lines/names';
import { listAndWork, splitSpokenList } from './lines/list';
import { restOfYield, isOfEating } from './lines/yields';
import { findDurations } from './durations';
import { saysLevel, saysLidOn, saysPressure } from './phrases';
import { toSentences } from './sentences';
import { findAmounts, parseAmount } from '../units';
import { partNamed, partOfLine } from './lines/parts';
import { servedUnder } from './lines/served';
import { portionOf } from './per-portion';
import type { Piece, PieceKind, RawRecipe } from './types';

/** Words of a note that may be about for how many it is, and nothing else. */
const SHORT_NOTE = 8;
/** Takes a text apart. Never fails; every line of it is in `pieces`, as what it was taken for. */
export function fromText(text: string, kinds?: ReadonlyMap<number, PieceKind>): RawRecipe {
  const source = text.replace(/\r\n?/g, '\n');
  const features = linesOf(source).map(featuresOf);
  const labels = labelLines(
    features,
    features.map((f) => labelSaid(f, kinds?.get(f.line.start))),
  );
  const recipe: RawRecipe = {
    name: '',
    yieldText: '',
    ingredients: [],
    instructions: [],
    notes: [],
    leftOver: [],
    aside: [],
    pieces: [],
    settings: [],
  };
  const hasPressure = features.some((f) => f.pressure);
  let isOtherWay = false;
  let isOtherPart = false;
  let day = '';
  let dayFrom = 0;
  let part = '';
  /** What a heading says of each line under it: “to serve, per bowl”. */
  let over = '';
  const parts: Record<number, string> = {};
  for (const [i, f] of features.entries()) {
    // Without a heading of the next day, that of the day before ends with its paragraph.
    if (day !== '' && i > dayFrom + 1 && f.line.afterGap && !hasDayHeading(features, i)) day = '';
    const read = amongSteps(features, labels, i);
    // “Salt the bird, fridge, no lid.”: what is done on that day, and no food of the list.
    const label = day !== '' && read === 'ingredient' && f.amount === null ? 'step' : read;
    labels[i] = label;
    if (label === 'section' || label === 'heading') {
      part = partNamed(f.line.text);
      over = [servedUnder(f.line.text), portionOf(f.line.text)].filter(Boolean).join(', ');
    }
    const listedBefore = recipe.ingredients.length;
    // “Slow cooker” over some lines: another way to the same dish, where there is one under pressure.
    if (label === 'section' || label === 'heading')
      isOtherWay = hasPressure && OTHER_WAY.test(f.line.text);
    if (isDayHeading(f.line.text)) [day, dayFrom] = [dayBefore(f.line.text), i];
    const told = day !== '' && label === 'step' ? withDay(f, day) : f;
    const isNewLine = source.slice(features[i - 1]?.line.end ?? 0, f.line.start + 1).includes('\n');
    if (isNewLine || !f.line.isSentence) isOtherPart = false;
    isOtherPart ||= hasPressure && ON_THE_STOVE.test(f.line.text);
    const isOther = isOtherWay || isOtherPart;
    take(recipe, told, isOther && label === 'step' ? 'note' : label);
    const own = label === 'list' || label === 'ingredient' ? partOfLine(f.line.text) || part : '';
    for (let at = listedBefore; at < recipe.ingredients.length; at++) {
      if (own !== '') parts[at] = own;
      if (over !== '') recipe.ingredients[at] = `${recipe.ingredients[at]}, ${over}`;
    }
  }
  if (Object.keys(parts).length > 0) recipe.parts = parts;
  placeSettings(recipe);
  recipe.isTold =
    labels.includes('list') &&
    features.every((f, i) => labels[i] !== 'ingredient' || f.line.isSentence) &&
    !features.some((f) => f.heading === 'ingredients');
  recipe.yieldText = yieldOf(features, labels);
  recipe.yieldText ||=
    /\bfor (?:one|two|three|four|five|six|eight|ten|twelve)$/i.exec(recipe.name)?.[0] ?? '';
  // “Per person:” over a list is for one.
  recipe.yieldText ||= features.find((f) => PER_PERSON.test(f.line.text))?.line.text ?? '';
  recipe.name ||= namedBelow(source, features, labels);
  recipe.name ||= spokenName(features.map((f) => f.line));
  return recipe;
}

const PER_PERSON = /^(?:ingredients\s+)?\(?(?:per|for each|for one) (?:person|head|portion)\)?:?$/i;

const hasDayHeading = (features: readonly Features[], from: number): boolean =>
  features.slice(from).some((f) => isDayHeading(f.line.text));

/** “Day before” over some lines: all of them are of that day. */
const withDay = (f: Features, day: string): Features =>
  leadIn(f.line.text) === null
    ? { ...f, line: { ...f.line, text: `${capital(day.toLowerCase())}: ${f.line.text}` } }
    : f;

/** What stands between two steps of a paragraph, and is no talk, is told of the work: “Pack the rolls tight, seam down.” */
function amongSteps(features: readonly Features[], labels: readonly Label[], i: number): Label {
  const label = labels[i] ?? 'step';
  const [f, next] = [features[i], features[i + 1]];
  if (f && isDayHeading(f.line.text)) return 'section';
  // “To finish, per bowl”, over a list.
  if (f && labels[i + 1] === 'ingredient' && portionOf(f.line.text) !== '') return 'section';
  // What is numbered among numbered steps is one, however it looks.
  const isNumbered = f?.line.mark === 'number' && features[i - 1]?.line.mark === 'number';
  if (isNumbered && labels[i - 1] === 'step' && NO_STEP.has(label)) return 'step';
  if (f && label === 'step' && isTalkAhead(features, labels, i)) return 'chatter';
  // “Coriander over. Better tomorrow.”, right under the last step.
  const isUnderStep = labels[i - 1] === 'step' && f?.line.afterGap === false;
  if (
    label === 'chatter' &&
    isUnderStep &&
    mentionedFood(f.line.text) &&
    f.stop &&
    !f.chatty &&
    !f.comment
  )
    return 'step';
  if (label !== 'chatter' || !f?.line.isSentence || f.chatty || f.comment) return label;
  const goesOn = next?.line.isSentence === true && !next.line.afterGap && next.line.mark === 'none';
  if (goesOn && labels[i + 1] === 'step' && !isTalkAhead(features, labels, i)) return 'step';
  return labels[i - 1] === 'step' ? 'note' : label;
}

/** “45 minutes gives you rubber”, over the whole list: talk, and nothing that is done. */
function isTalkAhead(features: readonly Features[], labels: readonly Label[], i: number): boolean {
  const f = features[i];
  const isListBehind =
    labels.slice(i + 1).filter((l) => l === 'ingredient').length >= 3 &&
    !labels.slice(0, i).some((l) => l === 'ingredient' || l === 'list');
  return (
    isListBehind &&
    f !== undefined &&
    !f.verb &&
    !f.food &&
    !f.pressure &&
    !f.heat &&
    (f.amount === null || f.time) &&
    f.line.mark === 'none'
  );
}

const NO_STEP: ReadonlySet<Label> = new Set<Label>(['chatter', 'note', 'ingredient']);

/** The lid goes on, or pressure is named, and nothing says for how long. */
const closes = (sentence: string): boolean =>
  (saysPressure(sentence) || saysLidOn(sentence)) && findDurations(sentence).length === 0;
const tellsHold = (line: string): boolean =>
  toSentences([line]).some(
    (s) => (saysPressure(s) || saysLevel(s) || saysLidOn(s)) && findDurations(s).length > 0,
  );

/**
 * Settings told at the head belong to the sentence that closes the lid; where the method has its own, they only say
 * the same once more.
 */
function placeSettings(recipe: RawRecipe): void {
  const { settings = [], instructions } = recipe;
  delete recipe.settings;
  if (settings.length === 0) return;
  if (instructions.some(tellsHold)) {
    recipe.aside.push(...settings);
    return;
  }
  const told = `${settings.join(', ')}.`;
  const at = instructions.findIndex((line) => toSentences([line]).some(closes));
  const sentences = toSentences([instructions[at] ?? '']);
  const behind = sentences.findIndex(closes) + 1;
  if (at < 0) instructions.push(told);
  else
    instructions.splice(
      at,
      1,
      [...sentences.slice(0, behind), told, ...sentences.slice(behind)].join(' '),
    );
}

/** The label of what somebody says that a piece is; a sentence with several things in it is a list of them. */
function labelSaid(f: Features, kind: PieceKind | undefined): Label | null {
  if (kind === undefined) return null;
  if (kind === 'heading') return f.heading === null ? 'section' : 'heading';
  return kind === 'ingredient' && f.amounts > 1 && f.line.isSentence ? 'list' : kind;
}

const ON_THE_STOVE =
  /^(?:the )?(?:old(?:-fashioned| style)?|traditional|conventional|usual|stove ?top) (?:way|method)\b[^.:]{0,24}(?::|\s[–—-])\s|^(?:gran\w*|nan(?:n?a)?|mum|mom|mama|aunt\w*|original(?:ly)?|the book|traditional(?:ly)?)\s*:\s|^(?:on|in) (?:the |a |an |your )?(?:stove(?: ?top)?|hob|gas|(?:old(?:-style| style)?|regular|normal|ordinary|standard) (?:pressure )?cooker|(?:old(?:-style| style)?|regular|normal|ordinary) pot|stove ?top (?:pressure )?cooker|slow[- ]?cooker|oven)\b[^.:]{0,24}:\s|^slow(?:[- ]?cook(?:er|ing)?)?(?: way| method| version)?\s*(?:\([^()]*\))?\s*:\s/i;
/** “FAST (pressure): …”: which way it is, and then the work. */
const THE_FAST_WAY =
  /^(?:fast|quick|pressure[- ]cooker|multi-?cooker|me|mine|my own|now)(?: way| method| version)?\s*(?:\([^()]*\))?\s*:\s+(?=\p{L}{3})/iu;
/** “FAST high 50 min”, beside “SLOW low 9 hrs”. */
const FAST_ALONE = /^(?:FAST|QUICK)\s+((?:on |at )?(?:high|low|HP|LP|pressure|\d))/;
const OTHER_WAY =
  /^(?:in (?:the|a) )?(?:slow[- ]?cooker|oven|stove ?top|hob|conventional)\b[^.]{0,24}$/i;

/** Where people are told of, the likeliest places first; in talk only where it says “serves” or “feeds”. */
const YIELD_IN: readonly (readonly Label[])[] = [
  ['yield'],
  ['title', 'heading', 'section', 'meta'],
  ['list', 'step'],
  ['chatter', 'note'],
];
const OF_EATERS = /\b(?:servings?|portions?|people|bowls|plates|helpings)$/i;
const SAYS_SERVES =
  /\bof us$|^(?:serv|feed|yield|makes|enough|does|.*\beach (?:for|serv|feed)|supper|dinner|lunch|meal|\w+ for (?:supper|dinner|lunch))/i;

/** “It’s for 4 to 5 people.” */
const IS_FOR =
  /\b(?:(?:it|this|that|recipe)(?:(?:'|’)?s| is)? (?:(?:enough|just|really|usually) )?|works? |does )for (?:about |around )?(?:\d|two|three|four|five|six|eight|ten|twelve)/i;

function yieldOf(features: readonly Features[], labels: readonly Label[]): string {
  for (const places of YIELD_IN)
    for (const [i, f] of features.entries()) {
      const label = labels[i] ?? 'step';
      if (f.yield === '' || !places.includes(label)) continue;
      if (
        label === 'chatter' &&
        !f.yieldOnly &&
        !SAYS_SERVES.test(f.yield) &&
        !IS_FOR.test(f.line.text)
      )
        continue;
      const opens =
        f.line.text.startsWith(f.yield) && (SAYS_SERVES.test(f.yield) || OF_EATERS.test(f.yield));
      if (label !== 'note' || f.words <= SHORT_NOTE || opens) return f.yield;
    }
  return '';
}

const SHOWN_AS: Readonly<Record<Label, Piece['as']>> = {
  title: 'title',
  yield: 'yield',
  meta: 'chatter',
  heading: 'heading',
  section: 'heading',
  ingredient: 'ingredient',
  list: 'ingredient',
  step: 'step',
  note: 'note',
  chatter: 'chatter',
};

function take(recipe: RawRecipe, f: Features, label: Label): void {
  const { line, yield: found, setting: isSetting } = f;
  const { text, start, end } = line;
  // “For 20 people: 2 kg rice, …”: the people are no part of the list.
  const own =
    found !== '' && text.startsWith(`${found}:`) ? text.slice(found.length + 1).trim() : text;
  // “Warm 200 ml cream with a clove of garlic, pour over”: told as work, within work.
  const isWork = line.isSentence && WORK_FIRST.test(own) && !NEEDS.test(own);
  // What the method names is found there.
  const isPartWork = (line.isSentence || f.stop) && WORK_FIRST.test(own.replace(OF_PART, ''));
  if (label === 'list' && isPartWork && !isWork) return take(recipe, f, 'step');
  const [listed, work] = label !== 'list' ? [own, ''] : isWork ? [own, own] : listAndWork(own);
  const list =
    label === 'list'
      ? splitSpokenList(listed).filter(
          (one) =>
            !isNamedBefore(recipe, one) &&
            !isToldAgain(recipe, one) &&
            !OF_THE_POT.test(one) &&
            !isVessel(one),
        )
      : [own];
  recipe.pieces?.push({ start, end, as: SHOWN_AS[label], made: list });
  const made = SHOWN_AS[label] === 'ingredient' ? madeAmongSteps(recipe, f) : null;
  if (made) {
    recipe.ingredients.push(...made);
    recipe.instructions.push(own);
    return;
  }
  const [vessel] =
    ((SHOWN_AS[label] === 'ingredient' || label === 'section') && VESSEL_SIZE.exec(own)) || [];
  if (vessel !== undefined) recipe.tools = [...(recipe.tools ?? []), vessel];
  switch (label) {
    case 'title':
      takeTitle(recipe, text, found);
      break;
    case 'ingredient':
      if (/^(?:while|meanwhile|during)\b[^:]*:/i.test(own)) {
        recipe.ingredients.push(...splitSpokenList(own));
        recipe.instructions.push(own);
      } else {
        recipe.ingredients.push(...eachWithAmount(own));
        if (isAmongSteps(recipe, f)) recipe.instructions.push(own);
      }
      break;
    case 'list':
      recipe.ingredients.push(...list);
      if (isAmongSteps(recipe, f)) recipe.instructions.push(own);
      else if (work !== '') recipe.instructions.push(capital(work));
      break;
    case 'step':
      recipe.instructions.push(
        withoutServes(
          own
            .replace(THE_FAST_WAY, '')
            .replace(FAST_ALONE, (_lead, first: string) => capital(first)),
          found,
        ),
      );
      break;
    case 'note':
      recipe.notes.push(text);
      break;
    case 'yield':
      // “For 4: 1½ cups rice, 1¾ cups water”: the list stands behind it.
      if (f.amounts > 0 && own !== text) recipe.ingredients.push(...splitSpokenList(own));
      else for (const rest of restOfYield(text, found)) besideYield(recipe, rest);
      break;
    case 'chatter':
      if (SIZED_TIN.test(text)) recipe.tools = [...(recipe.tools ?? []), text];
      // One sentence under the title tells of the dish.
      if (isIntro(recipe, text)) {
        recipe.notes.push(text);
        recipe.intro ??= text;
      } else if (saysFigure(text) || isAmongFoods(recipe, f)) recipe.aside.push(text);
      break;
    case 'meta':
      if (f.tools) recipe.tools = [...(recipe.tools ?? []), text];
      else if (isSetting) recipe.settings?.push(text);
      else if (saysFigure(text)) recipe.aside.push(text);
      break;
    case 'section':
      if (saysFigure(text)) recipe.aside.push(text);
      break;
    case 'heading':
      break;
  }
}

/** A figure, or a night. */
const saysFigure = (text: string): boolean =>
  /\d/.test(text) || SOAK_TIME.test(text) || findDurations(text).length > 0;

/** “1 cinnamon stick; 2 strips lemon peel”, “2 carrots, 2 celery stalks, chopped”: two, where each has its amount. */
function eachWithAmount(line: string): string[] {
  const parts = line.split(/;\s+(?![^()]*\))/);
  const isThing = (part: string): boolean =>
    parseAmount(part).amount !== null || (findFood(part) !== null && !PART_OF_FOOD.test(part));
  if (parts.length > 1 && parseAmount(line).amount !== null && parts.every(isThing)) return parts;
  const measured = line.split(/,\s+/);
  const counted = measured.filter((part) => isMeasuredBehind(part) || isCountedBehind(part));
  if (
    counted.length > 1 &&
    measured.every((part) => counted.includes(part) || OWN_THING.test(part))
  )
    return measured;
  const [first = '', second = '', ...rest] = line.split(/,\s+/);
  const [one, two] = [parseAmount(first), parseAmount(second)];
  const foods = [findFood(one.rest), findFood(two.rest)];
  const isTwo =
    one.amount !== null &&
    two.amount !== null &&
    foods.every((food) => food !== null) &&
    foods[0] !== foods[1] &&
    !PART_OF_FOOD.test(two.rest);
  if (isTwo) return [first, ...eachWithAmount([second, ...rest].join(', '))];
  // “2 bay, parsley stalks”, “1 vanilla pod, strip of lemon peel”: a thing of its own, without a number.
  const isMore =
    rest.length === 0 &&
    one.amount !== null &&
    foods[0] !== null &&
    OWN_THING.test(second) &&
    mentionedFood(second) !== null &&
    mentionedFood(second) !== foods[0];
  return isMore ? [first, second] : [line];
}
const OWN_THING =
  /^(?:an? |some )?(?:(?:small |large |good )?(?:strips?|sprigs?|bunch|handful|pinch|piece|splash|squeeze|knob) of \p{L}[\p{L} ]*|(?:parsley|coriander|dill|mint|celery|fennel) (?:stalks|stems|leaves|tops|fronds)|parsley|thyme|rosemary|sage|dill|mint|basil|oregano|marjoram|tarragon|chervil|bay(?: lea(?:f|ves))?)$/iu;
/** “Haldi ¼ tsp, mirchi 1 tsp”: a food, and its measure behind it. */
const isMeasuredBehind = (part: string): boolean => {
  const [amount, ...more] = findAmounts(part);
  return (
    amount !== undefined &&
    more.length === 0 &&
    amount.unit !== null &&
    amount.end === part.trimEnd().length &&
    /^\p{L}[\p{L} ]{2,24}\s$/u.test(part.slice(0, amount.start))
  );
};
/** “Juniper 10, bay 2, thyme.” */
const isCountedBehind = (part: string): boolean => {
  const food = /^(\p{L}[\p{L} ]*) \d{1,2}$/u.exec(part)?.[1];
  return food !== undefined && findFood(food)?.names.includes(food.toLowerCase()) === true;
};
/** “1 lemon, 2 tbsp juice”. */
const PART_OF_FOOD = /^(?:juice|zest|rind|peel|seeds?|leaves|flesh|whites?|yolks?)\b/i;

/** What stands beside a yield: how long the whole takes, how it keeps; anything else is not read. */
const WHOLE_TIME =
  /^(?:(?:about|ca\.?) )?\d[^.]{0,24}\b(?:min|hours?|hrs?)\b|\b(?:active|total|prep|hands[- ]on|cook(?:ing)?|ready|takes)\b/i;
/** “(about 1.5 L)”, beside how many it serves: what comes of it. */
const YIELDS_SO_MUCH =
  /^(?:(?:about|around|ca\.?|makes|±|~) ?)*\d[\d.,½¼¾]* ?(?:l|ml|lit(?:re|er)s?|quarts?|qts?|cups?|pints?|kg|g|lbs?)\.?$/i;
const AHEAD = /\b(?:ahead|in advance|keeps|freezes)\b/i;
function besideYield(recipe: RawRecipe, rest: string): void {
  const words = rest.replace(/^(?:makes|serves)\s*[;,|·]\s*/i, '');
  // “Feeds 8 with 800 g of pappardelle”: that has to be bought, too.
  const with_ = /^(?:with|over|on|plus|and)\s+(?=\d)/i.exec(words)?.[0] ?? '';
  const food = words.slice(with_.length);
  if (with_ !== '' && parseAmount(food).unit !== null && mentionedFood(food) !== null)
    recipe.ingredients.push(food);
  // “Serves: 8   Pan: 7-inch springform”
  else if (
    featuresOf({
      text: words,
      start: 0,
      end: words.length,
      isSentence: false,
      mark: 'none',
      afterGap: false,
    }).tools
  )
    recipe.tools = [...(recipe.tools ?? []), words];
  else if (AHEAD.test(words) || isOfEating(words) || YIELDS_SO_MUCH.test(words))
    recipe.notes.push(words);
  // “Chicken back, lime. Over rice. Serves 4 generously.”: what stands before it is work.
  else if (recipe.instructions.length > 0 && /\p{L}{3}\.(?:\s|$)/u.test(words))
    recipe.instructions.push(words.replace(/\s*\b(?:generously|easily|comfortably|well)\.?$/i, ''));
  else if (WHOLE_TIME.test(words) && findDurations(words).length > 0) recipe.aside.push(words);
  else recipe.leftOver.push(words);
}

/** “Turn it out. Serves 8.”: how many it feeds is no work. */
const withoutServes = (step: string, found: string): string =>
  found !== '' &&
  // “Divide between two bowls” is work, whatever it says of how many eat.
  !/^between\b/i.test(found) &&
  !/\b(?:among|into|in|onto|over|on)\s+$/i.test(step.slice(0, step.lastIndexOf(found))) &&
  // “Fits a 6-inch pan, gives you 6 slices”: in the middle of what is said.
  (/^(?:serv|feed|mak|yield|enough|for)/i.test(found) ||
    !/\p{L}\s+$/u.test(step.slice(0, step.lastIndexOf(found)))) &&
  /^\s*[.!]?\s*$/.test(step.slice(step.lastIndexOf(found) + found.length))
    ? step.slice(0, step.lastIndexOf(found)).trim() || step
    : step;

/** What stands within the list and names a food is shown, whatever it was taken for. */
const isAmongFoods = ({ ingredients, instructions }: RawRecipe, { food }: Features): boolean =>
  food && ingredients.length > 0 && instructions.length === 0;

const LONGEST_INTRO = 300;
const isIntro = (recipe: RawRecipe, text: string): boolean =>
  recipe.name !== '' &&
  recipe.ingredients.length + recipe.instructions.length + recipe.notes.length === 0 &&
  text.length <= LONGEST_INTRO;

/** “500 ml liq.”, kept back: what is in the pot already. */
const OF_THE_POT =
  /^[\d.,½¼¾/ ]+(?:ml|l|cl|cups?|pints?)\.? (?:of )?(?:the )?(?:liq\b|liquid|cooking (?:liquid|liquor|water)|it\b)/i;

/** “Crust: blitz 100 g biscuits with 45 g melted butter”: whose work it is. */
const OF_PART = /^(?:for the )?\p{L}[\p{L} ]{2,24}:\s+/iu;

/** “A buttered 1.2 litre basin”: what it lies in. */
const isVessel = (one: string): boolean =>
  /\b(?:basins?|tins?|pans?|dish(?:es)?|bowls?|jars?|mou?lds?|ramekins?|pots?)$/i.test(
    one.split(/[,(]/)[0]?.trim() ?? '',
  ) && mentionedFood(one) === null;

const NEEDS =
  /^(?:(?:you|we|i) (?:just )?)?(?:take|have|get|gather|use|buy|put together|assemble|measure)\b/i;

/** “You need a 7 inch springform”, told in talk. */
const SIZED_TIN =
  /\b\d+(?:\.\d+)?[ -]?(?:cm|inch(?:es)?|in|["”])[ -](?:\p{L}+ )?(?:spring-?form|push-?pan|(?:cake|loaf|pudding|bundt|baking) (?:tin|pan)|tin|basin|souffl[eé] dish)\b/iu;

/** “Bowl (7", stainless): 1 cup rice”: how large it is. */
const VESSEL_SIZE =
  /^(?:bowl|pan|tin|dish|basin|mou?ld)\s*\([^()]*\d[^()]*\)(?=\s*:)|(?<=^[^()]*\((?:in|for) )[^()]*\d[^()]*\b(?:bowl|pan|tin|dish|basin|mou?ld)(?=\)\s*:?$)/i;

/** What a line or sentence of a pasted text looks like: facts only; the whole text decides what it is. */
import { findFood, mentionedFood } from '../../food';
import { findAmounts } from '../../units';
import { servedFoods } from './served';
import { findDurations, findTemperature } from '../durations';
import { saysLevel, saysLidOn, saysNatural, saysPressure, saysQuick } from '../phrases';
import { parseLine } from '../line';
import { headingOf, type Part } from './headings';
import { ONLY_TIME } from './only-time';
import { findYield, restOfYield } from './yields';

export interface Line {
  /** Without its mark, box or bold. */
  text: string;
  /** Where it stands in the source. */
  start: number;
  end: number;
  /** A sentence of a longer paragraph. */
  isSentence: boolean;
  mark: 'none' | 'bullet' | 'number' | 'title';
  /** An empty line stands before it. */
  afterGap: boolean;
}

export interface Features {
  line: Line;
  words: number;
  heading: Part | null;
  /** Ends as a sentence does. */
  stop: boolean;
  colon: boolean;
  /** Begins with an amount, or has it behind a food. */
  amount: 'unit' | 'count' | 'behind' | null;
  /** Amounts with a unit or a food of its own, anywhere. */
  amounts: number;
  /** At least three foods with an amount each, in one breath. */
  several: boolean;
  measure: boolean;
  time: boolean;
  heat: boolean;
  pressure: boolean;
  food: boolean;
  digits: boolean;
  verbFirst: boolean;
  verb: boolean;
  /** “White pepper, sesame oil, soy to serve”. */
  served: boolean;
  /** “Bean sprouts, Thai basil, lime wedges and hoisin”: foods and nothing else. */
  foodsOnly: boolean;
  /** “1 cup rice – wash & soak 20 mins”: an amount, a food and how it is prepared. */
  listed: boolean;
  yield: string;
  /** The yield is all that it says. */
  yieldOnly: boolean;
  meta: boolean;
  /** Vessels and tools, and no food: “You’ll need an 18 cm springform tin and a trivet.” */
  tools: boolean;
  /** A setting of the cooker told at the head: “Pressure 8 min”, “Release: natural, 10 min”. */
  setting: boolean;
  chatty: boolean;
  keeping: boolean;
  /** Says of itself that it is a tip or a note. */
  aside: boolean;
  /** Words that stand in no brackets, and whether there is a time among them. */
  wordsOutside: number;
  timeOutside: boolean;
  comment: boolean;
  listLead: boolean;
}

const VERBS =
  'add|heat|cook|stir|pour|place|put|set|press|seal|lock|close|brown|sear|mix|combine|serve|let|release|bake|simmer|season|sprinkle|remove|cut|chop|dice|slice|peel|rinse|wash|soak|turn|bring|cover|whisk|drain|top|fold|wait|vent|open|sweat|fry|steam|boil|soften|blend|strain|reduce|saut[eé]|select|secure|transfer|return|tip|toss|rub|melt|scatter|lift|lay|layer|stand|take|make|use|roll|push|pat|scrape|deglaze|grill|broil|roast|finish|garnish|spoon|ladle|crumble|mash|shred|fluff|marinate|leave|rest|cool|chill|beat|spread|line|grease|insert|hit|chuck|throw|dump|warm|preheat|start|wipe|skim|discard|stuff|tie|bash|crush|grate|squeeze|crack|dress|carve|drop|spray|submerge|blitz|pur[eé]e|flip|arrange|nestle|adjust|check|taste|pressure[- ]cook|slow[- ]cook|allow|give|keep|press|swirl|dissolve|sift|knead|shape|form|unmould|trim|clean|pick|allow|repeat|divide|fill|tuck|pile|work|begin|go|reckon|enjoy|store|freeze|reheats|^(?:to )?reheat|to reheat|and reheat(?! gently)|lower|hang|suspend|balance|wrap|prick|skewer|truss|baste|rotate|snip|shell|thread|squash|unwrap|untie|uncover|tent|monter|refrigerate|whip|prove|poach|blanch|slash|butterfly|paint|poke|smear|dunk|plunge|shuck|shave|braise|griddle|infuse|steep|sweeten|sort|scrub|measure|brush|coat';
// An accent is no end of a word: “sauté”.
/** Work that a sentence begins with; elsewhere in a line the same words are things: a joint, a score, “salt it”. */
const FIRST_VERBS =
  /joint|score|thaw|defrost|drizzle|halve|quarter|swirl|pierce|julienne|hull|deseed|debone|grind|slip|pop|slide|tear|reserve|ease|loosen|dust|dot|char|scald|rehydrate|macerate|weigh|cube|devein|spatchcock|flatten|stone(?! (?:fruit|ground))|pull|scoop|retrieve|fish(?= (?:it|them|the|out)\b)|dip(?= (?:it|them|the|each|in)\b)|pack(?! of| size)|stack|prop|perch|sit(?= )|douse|moisten|thicken|(?:bind|thin|pit)(?= (?:it|them|the|with)\b)|rewarm|refresh|bruise|smash|debeard|unroll|invert|tilt|drape|shake|decant|render|blister|bubble(?= (?:it|the|until|till|for|down|away)\b)|(?:butter|oil|flour|salt|pepper|sugar|crumb)(?= (?:an?|the|your|both|each|all|inside) )|(?!(?:when|once|while|until|because|since|that|with|for|and|but|after|before|where|though|about|like)\b)[a-z]{3,}(?= (?:it|them)\b(?!['’]))/
    .source;
const VERB = new RegExp(String.raw`\b(?:${VERBS})(?!\p{L})`, 'iu');
export const VERB_FIRST = new RegExp(
  String.raw`^(?:(?:then|now|next|first|once|when|while|meanwhile|[a-z]{3,}ly|and|also|just|alright|ok|okay|so|step \d+)[,:]?\s+)*(?:(?!(?:tips?|notes?|storage|variations?|optional|serve|serving|prep|cook|total|time)\b)(?:for |in )?(?:the )?[\p{L}-]{3,}(?: (?:one|pot|cooker|pan))?:\s+)?(?:${VERBS}|(?:${FIRST_VERBS})(?! of\b))(?!\p{L})(?!\s*(?:–|-|:|\d))`,
  'iu',
);
/** “Warm 200 ml cream”: work, whatever stands behind it. */
export const WORK_FIRST = new RegExp(
  String.raw`^(?:then |now |next )?(?:(?:you|we|i) (?:just )?)?(?:${VERBS})(?!\p{L})`,
  'iu',
);
/** “Soak 300 g chickpeas the night before.”: an amount behind what is done with it. */
const DONE_WITH =
  /^(?:soak|fry|brown|sear|rinse|boil|simmer|toast|marinate|melt|soften|cook)\s+(?:about\s+)?\d/i;
/** “250 ml water in the pot, swede in the basket”: where it goes is work. */
const IN_VESSEL = /\bin(?:to)? the (?:pot|cooker|inner pot|steamer|basket|pan|bowl)\b/i;
/** What a food of the list is for. */
export const FOR_SERVING =
  /,?\s+(?:to (?:serve|garnish|finish|top|decorate)|for (?:(?:the )?(?:garnish|top|topping|table)|serving|garnishing|topping|decorat(?:ion|ing)))\.?$/i;
/** “Parsley in.” */
const GOES_IN = /^(?:\p{L}+ ){1,3}in\.$/iu;
/** “Small bunch dill”, “a glug of oil”: a measure without a number. */
const MEASURE =
  /^(?:an?\s+|some\s+|few\s+|good\s+|the\s+)*(?:small|large|big|generous|heaped|heaping|scant|whole|fresh|fat|good)?\s*(?:bunch|bunches|handfuls?|fistfuls?|packets?|sachets?|sprigs?|knobs?|nubs?|pinch(?:es)?|dash(?:es)?|splash|drizzle|glug|squeeze|shake|ladles?|sticks?|heads?|cloves?|tins?|cans?|jars?|bags?|box(?:es)?|slices?|stalks?|stems?|cubes?|piece|thumb|(?:zest|juice|rind|leaves) (?:of|from)|\d+(?:\.\d+)? ?(?:cm|mm|in|inch(?:es)?|["”]) (?:(?:piece|knob|stick|length|thumb) (?:of )?)?(?:fresh )?(?:root )?(?:ginger|galangal|turmeric|horseradish|cinnamon))\b/i;
/** “Tamarind – small lemon size”: as large as a thing that everybody knows. */
const SIZE_OF =
  /^\p{L}+(?: \p{L}+)?\s(?:[-–:]\s)?(?:an? )?(?:small |big |large )?(?:lemon|lime|walnut|marble|gooseberry|golf ball|egg|thumb|plum|pea)[- ]?siz(?:e|ed)\b/iu;
const META =
  /^(?:from|to|cc|bcc|date|sent):\s|^adapted (?:for|from|by|with)\b(?![^.]*[.!]\s)|^soak(?:ing)?(?: time)?\s*:\s*(?:overnight|\d[\d.–-]* ?(?:to \d+ ?)?h\w*)[\s.]*$|^(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|rest(?:ing)?|chill(?:ing)?|bake|baking|soak(?:ing)?|ready)(?: time| in)?\s*:?\s*\d+(?:\s*[-–]\s*\d+)?(?: ?(?:m|min|mins|minutes|h|hrs?|hours?))?$|^\d+(?:\s*[-–]\s*\d+)? ?(?:m|min|mins|minutes|h|hrs?|hours?)\.? (?:prep\w*|total|active|hands[- ]on|inactive|passive|cook(?:ing)?)(?: time)?$|^(?:us customary|imperial|metric)\b|^\d+(?:\.\d+)?[- ]?(?:qts?|quarts?|l|lit(?:re|er)s?)\b[^,]{0,16}\b(?:or (?:bigger|larger|more)|cooker|pot)\b|^(?:(?:prep(?:aration)?|cook(?:ing)?|total|ready)\b[:\s]*(?:in |about )?\d+\s*(?:min\w*|m\b|h\w*)\b(?!\s*(?:@|at|on|under|with|until|,))|(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|inactive|ready|start to finish|resting|marinating|additional|perform)[^.]{0,14}\btime\b|(?:prep(?:aration)?|cook(?:ing)?|total|active|inactive|hands[- ]on|ready in|takes|time|difficulty|course|cuisine|category|calories|author|by|source|rating|published|updated|posted|photo(?:graph)?s?|tags?|keywords?|equipment|print|save|share|pin|jump to|skip to|level|recipe by|adapted from)\b\s*[:|]|nutrition\b|calories\b|[^.]*\bper serving\b[^.]*\bkcal|(?:posted by|photo(?:s| by)|recipe by|adapted from|jump to|print(?: recipe)?$|save$|share$|\d+ (?:comments?|reviews?|ratings?)))/i;
/** “Time: 10 minutes prep, 5 at pressure, 15 in the oven”: how long all of it is. */
const TIMES_IN_ALL =
  /^(?:total |cooking |overall )?tim(?:e|es|ings?)\s*:.*\d.*\b(?:prep\w*|hands[- ]on|active)\b/i;
/** “Makes 6 cups”: what comes of it, and not for how many. */
const MAKES_WEIGHT =
  /^(?:makes|yields?)\b[^.]*\b(?:cups?|kg|g|ml|l|lit(?:re|er)s?|lbs?|pounds?|quarts?|pints?|oz)\b/i;
/** “Takes about an hour and a quarter all told”: how long the whole is, and no work. */
const IN_ALL =
  /\b(?:takes?(?! (?:it|them|the|your|out|off)\b)|ready in|done in|on the table in)\b|\b(?:all told|all in|start to finish|altogether|in total|from start to \w+)\b/i;
const SETTING =
  /^(?:(?:high |low )?pressure(?: cook(?:ing)?)?(?: (?:time|level))?|(?:pressure |steam )?release(?: (?:type|method|time))?)\s*(?:[:=–-]|(?=\d))|^cook(?:ing)? time[ .]*[:=](?=.*\bpressure\b)/i;
const SETTING_WORDS = 9;
/** “Lentils ??”, “?? g butter”: nobody knows how many. */
const UNSURE = /\s\?+$|^\?+\s?(?:\p{L}+\s)?/u;
// “Crème” holds no “me”.
const CHATTY =
  /(?<!\p{L})(?:i|i(?:'|’)(?:m|ve|ll|d)|my|mine|me|we(?:'|’)ve|our|you(?:'|’)ll love|hi(?! (?:press|heat))|^dear|hiya|hey|hello|hope|thanks|thank you|lol|(?<![\p{L}\d]\s?)xx?(?!\s?\d)|sorry|friends?|kids?|mum|mom|grandm\w+|husband|wife|yum|enjoyed?|delicious|favou?rite|loved?|amazing|subscribe|blog|video|welcome back|(?:like|subscribe) button|channel|button below|posted|was|were|used to|took|said)(?!\p{L})|!!|\?\?|🙈/iu;
/** “I do them Friday: season, brown well, 4 min a side”: talk that tells what is done, and how long. */
const TELLS_WORK = new RegExp(
  String.raw`(?<!\p{L})(?:i|we)\s+(?:(?:always|usually|normally|then|just|now|like to|tend to)\s+)?(?:do (?:it|them|mine|this|these|ours)|(?:${VERBS}))(?!\p{L})`,
  'iu',
);
const isTellingWork = (text: string): boolean =>
  TELLS_WORK.test(text) &&
  new RegExp(VERB.source, 'giu').test(text.replace(TELLS_WORK, ' ')) &&
  findDurations(text).length > 0;
const KEEPING =
  /\b(?:leftovers?|keeps? (?:for|well|\d)|lasts (?:for )?\d|last for \d|store|freezes?|in(?:to)? the freezer|frozen for|reheat|fridge|make ahead|make it ahead|variation|goes well|serve with|calories|per serving|nutrition)\b|\b(?:tips?|notes?|storage):/i;
/** “Overnight in the fridge.”: a step, and no word on keeping. */
const NIGHT =
  /^(?:then )?(?:leave |put |chill |keep )?(?:it |them )?(?:overnight in|in(?:to)? the fridge (?:overnight|for \d)|in(?:to)? the fridge until set)\b/i;
/** “Freeze in a box for at least 6 hours”, “move to the fridge 20 min before serving”: work of this dish. */
const COLD_STEP =
  /^(?!.*\b(?:leftovers?|can|may|up to|freezes|well)\b)(?:.*\bfreeze\b.*\b(?:for|until)\b.*\b(?:hours?|hrs?|firm|solid|set|overnight)\b|(?:take|move|transfer|bring|remove|lift)\b.*\b(?:fridge|freezer|refrigerator)\b.*\bbefore\b)/i;
/** “TIP Using tinned beans?”, as magazines print it: in capitals it is no verb. */
const SHOUTED =
  /^(?:TIPS?|NOTES?|COOK(?:'|’)?S TIPS?|TOP TIPS?|KNOW-HOW|SWAP|VARIATIONS?)\b(?! [A-Z]{2})/;
const ASIDE =
  /^(?:\w+(?:'|’)s |top |quick |chef(?:'|’)?s? |cook(?:'|’)?s? )?(?:tips?|notes?|storage|to store|to freeze|to reheat|(?:to )?(?:make|do|get|prepare|cook)(?: it| this)?[- ](?:ahead|in advance)|variations?|substitut\w+|serving suggestions?|p\.?s\.?)\s*[:.–—-]|^(?:freez(?:e|er|ing)|stor(?:e|ing)|reheat(?:ing)?|swaps?|vegetarian|vegan|gluten[- ]free|dairy[- ]free)\s*:|^n\.?b\b/i;
const COMMENT =
  /^\S+(?:\s\S+){0,2} says:|^(?:reply|comments?|\d+ (?:comments?|thoughts?|replies|responses))\b|★|☆|\b\d(?:\.\d)? stars?\b(?! anise)/i;
const LIST_LEAD =
  /\b(?:need(?:ed)?|got|get|have|take|using(?! (?:an?|the|your)\b)|ingredients?|goes|goes in|shopping|buy|thing|it(?:'|’)s|it is)\b/i;

/** “The zero minute way”, “30-minute dal”: what kind it is, and not how long. */
const A_MINUTE_DISH = /\b(?:\d+|\p{L}+)[- ](?:minute|hour)\b(?=\s+\p{L})/giu;
const TOOLS =
  /^equipment\b|\b(?:spring-?form|push-?pan|(?:cake|loaf|pie|tart|bundt|flan|souffl[eé]|baking|pudding|oven-?proof|metal|glass|round|\d ?(?:cm|mm|in|inch(?:es)?|["”])(?: \p{L}+)?)[ -](?:tin|pan|dish|basin|bowl|mou?ld|ring|jar)s?|ramekins?|trivet|steamer basket|foil sling|silicone mou?lds?|pudding basins?|cheesecloth|muslin|kitchen (?:string|twine)|stick blender|\d+(?:\.\d+)?[- ]?(?:l|lit(?:re|er)s?|qts?|quarts?)[- ](?:multi-?|pressure )?(?:cooker|pot)s?|meat thermometer)\b/iu;
const NEEDS_TOOLS =
  /^(?:\W|\d|an?\b|one\b|(?:pan|tin|mou?ld|basin|vessel|bowl|dish)(?: size)?\s*:|equipment\b|(?:(?:you|we)(?:(?:'|’)ll)? )?(?:also )?need\b|special equipment\b|tools?\b)/i;
/** “Pudding basin”, “pie dish”: what is made in it is no food of the list. */
const NAMED_VESSEL =
  /\b(?:pudding|cake|loaf|pie|tart|flan|souffl[eé]|custard|fish|gravy|bread)(?=[ -](?:tin|pan|dish|basin|bowl|mou?ld|ring|cup|cloth)s?\b)/giu;
const isOfTools = (text: string): boolean =>
  TOOLS.test(text) &&
  NEEDS_TOOLS.test(text) &&
  mentionedFood(text.replace(NAMED_VESSEL, ' ')) === null;

/** Amounts that count food: with a unit, or with a food known by name right behind. */
function foodAmounts(text: string): number {
  // “Half of the soup (or 3 cups of it)”: a part of what is in the pot.
  const told = text.replace(/\((?:or|that(?:'|’)s)\b[^()]*\)/gi, (inner) =>
    ' '.repeat(inner.length),
  );
  return findAmounts(told).filter((a) => {
    if (/^\s*(?:of )?(?:the|it|them|this|that)\b/i.test(told.slice(a.end))) return false;
    if (a.unit !== null) return true;
    const behind = text.slice(a.end, a.end + 40).split(/[,.;:()]| and /)[0] ?? '';
    return mentionedFood(behind) !== null;
  }).length;
}

/** “Brown sugar  40 g”: a food whose name begins as work does. */
function isNamedLikeWork(text: string): boolean {
  const [first = '', second = ''] = text.toLowerCase().split(/[^\p{L}]+/u);
  const name = `${first} ${second}`;
  return (
    findAmounts(text).length > 0 &&
    findDurations(text).length === 0 &&
    findFood(name)?.names.includes(name) === true
  );
}

/** “Brown ale ......... 330 ml”: a column of foods, dots or a gap, and what is taken of each. */
const COLUMN = /^\p{L}[\p{L} ,’'-]{2,60}?\s*(?:\.{3,}|…+|\s\.\.\.\s)\s*[\d½¼¾⅓⅔]/u;

/** “1 cup brown rice – wash & soak 20 mins”: what is said of the food behind a dash, in brackets or after a comma. */
const TOLD_BEHIND = /\s*(?:\s[–—-]\s|,\s(?=(?:\p{L}+ly )?\p{L}+(?:ed|en)\b)|\(|:\s).*$/su;
const MOST_LISTED_WORDS = 8;
/** An amount and a food, and behind them how it is prepared: the work of that line is its own. */
function isListedFood({ text, isSentence, mark }: Line): boolean {
  if (isSentence || mark === 'number' || /[.!]$/.test(text) || !/^[\d½¼¾⅓⅔]|[–—:-]\s\d/.test(text))
    return false;
  const head = text.replace(TOLD_BEHIND, '');
  const behind = /^\s*(?:\s[–—-]\s|:\s)(\S+)/u.exec(text.slice(head.length))?.[1] ?? '';
  // “Chana dal – 1 cup, soaked 30 min”: the amount stands behind the dash.
  const whole = /^[\d½¼¾⅓⅔]/.test(behind)
    ? text.slice(0, head.length + 3) + text.slice(head.length + 3).replace(TOLD_BEHIND, '')
    : head;
  if (whole === text || whole.split(/\s+/).length > MOST_LISTED_WORDS) return false;
  const { amount, food, preparation } = parseLine(whole);
  return (
    amount !== null &&
    preparation === null &&
    findFood(food) !== null &&
    !/\b(?:in|on|out|back|over|into)$/i.test(food) &&
    !saysPressure(text) &&
    !saysLidOn(text)
  );
}

/** “Mash to serve (900 g potatoes, 50 g butter)”: what is made to go beside it. */
const DISH_TO_SERVE = /^\p{L}+(?: \p{L}+)? to serve \([^()]*\d[^()]*\)$/iu;

const LEAST_FOODS = 3;
const MOST_FOOD_WORDS = 4;
/** Several foods without any amount, each in a few words; one of four may be of a name that nobody knows. */
export function foodsIn(text: string): string[] {
  if (/[\d.:;!?()]|\bor\b/.test(text)) return [];
  const parts = text.split(/,\s*|\s+(?:and|&|\+)\s+/i);
  const known = parts.filter((p) => findFood(p) !== null).length;
  const areFoods =
    parts.length >= LEAST_FOODS &&
    parts.every((p) => p.split(/\s+/).length <= MOST_FOOD_WORDS) &&
    known * 4 >= parts.length * 3;
  return areFoods ? parts : [];
}

/** Foods that go on top or beside, without an amount. */
const isServedWith = (text: string): boolean =>
  servedFoods(text).length > 0 ||
  (FOR_SERVING.test(text.replace(/\s*\([^()]*\)$/, '')) &&
    (!VERB_FIRST.test(text) || DISH_TO_SERVE.test(text)) &&
    mentionedFood(text) !== null);

const SEVERAL = 3;
const isSeveral = (text: string): boolean =>
  !/[()/]|\bor\b/i.test(text) &&
  findAmounts(text).filter((a) => mentionedFood(text.slice(a.end, a.end + 30)) !== null).length >=
    SEVERAL;

function amountOf(text: string): Features['amount'] {
  if (text.length > 200 || ONLY_TIME.test(text)) return null;
  const line = parseLine(text);
  if (line.amount === null || line.food === '') return null;
  // “A bird of 1.6 kg feeds four.”
  if (/\b(?:feeds|serves)\b/i.test(text)) return null;
  // “5 or 6 fit a six quart.” tells of them.
  if (/^(?:fits?|will|should|can|may|are|is|go(?:es)?)\b/i.test(line.food)) return null;
  const [first] = findAmounts(text);
  // “A slow dish made in an afternoon.” counts nothing.
  const isArticle = /^an?\s/i.test(text) && (line.unit === null || line.unit === 'piece');
  if (isArticle && text.split(/\s+/).length > 6 && mentionedFood(line.food.slice(0, 40)) === null)
    return null;
  if (first && first.start > 8) return 'behind';
  return line.unit === null || line.unit === 'piece' ? 'count' : 'unit';
}

const isInAll = (text: string, pressure: boolean): boolean =>
  IN_ALL.test(text) &&
  !pressure &&
  !VERB_FIRST.test(text) &&
  mentionedFood(text) === null &&
  findDurations(text).length > 0;

/** “Parsley in.”, and within a paragraph the food alone: “Lime.” */
const isGoingIn = ({ text, isSentence }: Line): boolean =>
  GOES_IN.test(text) ||
  (isSentence &&
    text
      .replace(/\.$/, '')
      .split(/,\s+|\s+(?:and|&|\+)\s+/)
      .every((part) => /^\p{L}+(?: \p{L}+)?$/u.test(part) && findFood(part) !== null) &&
    text.endsWith('.'));

/** “Lid. High. 5 min.” */
const ONE_SETTING = /^(?:the )?(?:lid(?: on)?|high|low|max|hi|lo|sealed|seal it|natural|quick)\.$/i;

export function featuresOf(line: Line): Features {
  const { text } = line;
  const found = findYield(text);
  const pressure =
    saysPressure(text) ||
    saysNatural(text) ||
    saysQuick(text) ||
    (saysLevel(text) && /\d/.test(text)) ||
    (saysLidOn(text) && /\blid\b/i.test(text)) ||
    (line.isSentence && ONE_SETTING.test(text));
  const outside = text.replace(/\([^()]*\)/g, ' ');
  const isColumn = COLUMN.test(text) && !line.isSentence;
  const listed = isListedFood(line);
  const served = isServedWith(text);
  const isTimed = findDurations(text).length > 0;
  const isTimedOutside = findDurations(outside.replace(A_MINUTE_DISH, ' ')).length > 0;
  const told =
    isNamedLikeWork(text) || isColumn || DISH_TO_SERVE.test(text)
      ? text.replace(/^\S+\s/, '')
      : text;
  return {
    line,
    words: text.split(/\s+/).length,
    heading: headingOf(text),
    stop: /[.!]['"”)]?$/.test(text),
    colon: /:$/.test(text),
    amount: amountOf(text),
    // A size told in brackets is no second thing.
    amounts: foodAmounts(/^[\d½¼¾]/.test(text) ? outside : text),
    several: isSeveral(text),
    measure: MEASURE.test(text) || (SIZE_OF.test(text) && !line.isSentence && !listed),
    // How it is soaked, or an egg for the top boiled: told of that food alone.
    time: isTimed && !listed && !(served && !isTimedOutside),
    heat: findTemperature(text) !== null,
    pressure,
    food: mentionedFood(text) !== null,
    digits: /\d/.test(text),
    verbFirst:
      (VERB_FIRST.test(told) && !listed) ||
      (line.isSentence && DONE_WITH.test(text)) ||
      NIGHT.test(text) ||
      isGoingIn(line),
    verb:
      (VERB.test(told) && !listed) || IN_VESSEL.test(text) || NIGHT.test(text) || isGoingIn(line),
    served,
    foodsOnly: !line.isSentence && foodsIn(text).length > 0,
    listed,
    yield: found,
    yieldOnly: found !== '' && restOfYield(text, found).length === 0,
    setting:
      SETTING.test(text) && text.split(/\s+/).length <= SETTING_WORDS && line.mark !== 'number',
    meta:
      (META.test(text) && !pressure) ||
      TIMES_IN_ALL.test(text) ||
      MAKES_WEIGHT.test(text) ||
      isInAll(text, pressure),
    tools: isOfTools(text) && !VERB_FIRST.test(text) && !pressure,
    chatty: CHATTY.test(
      (isTellingWork(text) ? text.replace(TELLS_WORK, ' ') : text).replace(UNSURE, ''),
    ),
    // “Lemon, salt. Serve with the rest of the mint.” goes on with the work.
    keeping:
      KEEPING.test(line.isSentence ? text.replace(/^serve with\b/i, '') : text) &&
      !NIGHT.test(text) &&
      !COLD_STEP.test(text),
    aside: ASIDE.test(text) || SHOUTED.test(text),
    wordsOutside: outside.trim().split(/\s+/).length,
    timeOutside: isTimedOutside,
    comment: COMMENT.test(text),
    listLead: LIST_LEAD.test(text),
  };
}

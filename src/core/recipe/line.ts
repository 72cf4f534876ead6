/** One ingredient line, as people write them, taken apart. */
import { findFood, mentionedFood } from '../food';
import {
  findAmounts,
  HUNDREDS,
  NUMBER,
  parseAmount,
  parseQuantity,
  type Quantity,
  type Unit,
} from '../units';

export type IngredientState = 'frozen' | 'canned' | 'drained' | 'dried' | 'cooked' | 'fresh';

export interface IngredientLine {
  amount: number | null;
  amountTo: number | null;
  unit: Unit | null;
  packSize: Quantity | null;
  /** The amount in the line’s own words where a pack’s size is in it: “2 (14 oz) cans”. */
  packWords: string | null;
  /** The food in the line's own words, without amount, preparation and state. */
  food: string;
  preparation: string | null;
  state: IngredientState | null;
  optional: boolean;
  because: string[];
}

/** A longer line is a sentence; its amount is not looked for behind a food. */
const LONGEST_TURNED = 160;
/** No food has a longer name of its own. */
const LONGEST_NAME = 80;

const STATES: readonly (readonly [RegExp, IngredientState])[] = [
  [/\bfrozen\b/i, 'frozen'],
  [/\bdrained\b/i, 'drained'],
  [/\b(canned|tinned)\b/i, 'canned'],
  [/\bdried\b/i, 'dried'],
  [/\bcooked\b/i, 'cooked'],
  [/\bfresh\b/i, 'fresh'],
];
/** “Thyme (or 1 tsp dried)”: the other one is dried. */
const OR_ELSE =
  /\(or\b[^()]*\)|\bor (?:\d[\d./]*|½|¼) ?\w* (?:of )?(?:dried|frozen|canned|fresh)\b/gi;
const CUT_WORDS =
  'chopped|diced|sliced|minced|grated|crushed|shredded|peeled|cubed|halved|quartered|rinsed|toasted|ground|crumbled|trimmed|beaten|melted|softened|torn|mashed|zested|juiced|deseeded|cored|drained|scrubbed|slit|washed|soaked|julienned|snipped|pitted|stoned|deveined|shelled';
/** Words about cutting and cleaning that may stand before the food. */
const LEADING_PREPARATION = new RegExp(
  String.raw`^((?:finely|coarsely|roughly|thinly|thickly|freshly)\s+)?(?:${CUT_WORDS})\s+(?=\S)`,
  'i',
);
/** “Onions chopped”, “cornstarch mixed with water”, “okra - straight from the freezer”: what follows is no food. */
const TRAILING_PREPARATION = new RegExp(
  String.raw`\s+(?:(?:finely|coarsely|roughly|thinly|thickly|freshly|well|lightly)\s+(?=\w+(?:ed|t)\b)|(?:${CUT_WORDS})(?=$|\s+(?:and|&|into|in|up|off|well|very|fine|finely|rough|roughly|thin|thinly|small|about|for|to|with|cut|then|${CUT_WORDS})\b)|(?:cut|mixed|dissolved|steeped|stirred|cleaned|bashed|picked|broken|split(?! (?:\p{L}+ )?(?:peas?|lentils?|beans?|chickpeas?|gram|dh?all?|mo?ong|mung|urad|chana)\b))\b|brunoise\b|overnight\b|(?:stuck|studded|spiked) with\b|(?<!\bbone\s)(?:go(?:es)? )?in\.?$|(?:a few|some)(?: \p{L}+)?$|(?:i|we) (?:just |always |only |usually |had |have |got )*(?:\p{L}+ed|use|like|cut|had|got)\b|(?:the |some )?\p{L}+ ones\b|[-–—]\s|\+\s+(?:an?|more|extra|some)\s|at room temperature\b|the (?:night|day|evening) before\b|for (?:serving|the (?:top|dish|tin|basin|mould|pan|tray)|garnish|dusting|greasing|sprinkling|brushing|frying)\b|to (?:dust|finish|garnish|sprinkle|decorate|scatter|drizzle|grease|brush|coat|come (?:up|to|half|two|three|just|nearly|level|about)|reach|cover)\b|(?:with|in) (?:its|their|the) |in (?:\d[\d./]*|[½¼¾]) ?(?:tbsp|tsp|tablespoons?|teaspoons?|cups?|ml) |in (?:half|halves|two|four|quarters)\b|in (?:one|a single|1) (?:piece|slab|chunk|block)\b|about (?:half|an?|\d[\d.]*)[ -](?:an? )?(?:cm|mm|inch|centimet)|in(?:to)? (?:\d+(?:\.\d+)?[- ]?(?:cm|mm|inch(?:es)?|in)\b|(?:large |small |big |thick |thin |bite-?size[d]? |chunky )?(?:florets|chunks|pieces|dice|cubes|slices|wedges|strips|rounds)))`,
  'iu',
);
/** What is said before the food itself: “oh and 2 eggs”, “Optional: nuts”. */
const LEAD =
  /^(?:[+&]\s+|(?:get|buy|grab|take)\s+(?=(?:\d|[½¼¾]|an?\s|one\s|two\s|three\s|some\s))|(?:you|we)(?:(?:'|’)ll)? (?:want|need)\s+|(?:oh|and|also|plus|then|okay|ok|so|right|um|now)\b[,\s]+|(?:optional(?:ly)?|garnish(?:es)?|toppings?|to serve|for serving|(?:for|at) the table)\s*[:,]\s*)+(?=\S)/i;
const IS_WORK = new RegExp(
  String.raw`^(?:\w+ly\s+)?(?:${CUT_WORDS}|cut|to|plus|for|at|in|with|about)\b`,
  'i',
);
/** “A rabbit of about 1.2 kilos”: the weight is no part of its name. */
const WEIGHING = new RegExp(
  String.raw`\s+(?:(?:of|weighing)\s+(?:about\s+|around\s+|roughly\s+)?|(?:about|around|approx\.?|roughly|say|maybe|c\.|ca\.?)\s+|[~≈]\s*)((?:${HUNDREDS}|${NUMBER}|an?)\s*(?:kg|kilos?|g|grams?|lbs?|pounds?|oz|ounces?|ml|mils?|cups?|lit(?:re|er)s?)(?:\s+and\s+a\s+(?:half|quarter))?(?:\s+(?:each|apiece))?)\b`,
  'i',
);
const ABOUT =
  /^(?:(?:mine|ours|it) (?:was|weighed|took|needed)\s+|i (?:used|needed|put in|put|had)\s+)(?:about\s+)?|^(?:about|around|approx\.?|roughly|ca\.?|c\.|~|=)\s*/i;
const TO_TASTE =
  /,?\s*\b((?:or |plus more |and more |more )?to taste|as needed|for serving|to serve|if (?:you )?(?:like|liked|wanted|desired)|optional)\b\.?/i;
const IS_OPTIONAL = /optional|if /i;
const WORKED = /\p{L}{2}ed$/u;
/** What is counted in: “celery 1 head”. */
const MEASURE =
  /^\s*(?:heads?|bunch(?:es)?|sprigs?|stalks?|sticks?|leaf|leaves|bulbs?|fillets?|ears?|handfuls?|pods?|cloves?|slices?|rashers?|cubes?|strips?|big|small|medium|large|med|lge?|sm)\.?\s*(?:$|,|[-–—]\s)/i;
/** “Onion, 1 lg, diced”: how large, and what more is told. */
const SIZED = /^\s*(?:(?:big|small|medium|large|med|lge?|sm)\.?\s*)?,/i;
/** Measures by the hand or the plant, told behind their food. */
const COUNTED_IN = /^(handfuls?|bunch(?:es)?|sprigs?|stalks?|knobs?|stems?)(?:\s*,\s*|\s*$)/i;
/** “Shallots 12”: a few words and a number are a food and how many. */
const COUNTED_FOOD = /^\p{L}{3,}(?: \p{L}+){0,2}\s*$/u;
/** “Step 2”, “Makes: 4”: words that are counted and are no food. */
const NO_LIST =
  /^(?:soak|fry|brown|sear|rinse|boil|simmer|toast|melt|soften|cook|add|drain|cover|step|part|day|week|serves?|servings?|makes|feeds?|yields?|for|page|chapter|recipe|portions?|people|pax|prep|cook|total|time|ready|oven|bake|high|low|gas)\b/i;
/** “Water – 2 ½ cups”, “shallot 300g, brunoise”, “Haldi: ¼ tsp”: the amount stands behind the food. */
const WEIGHTS: ReadonlySet<string> = new Set(['g', 'kg', 'oz', 'lb']);
const SEPARATOR = /\s*(?:[-–—:=]|\.{2,}|,)?\s*$/u;

const AT_THE_END = /\p{L}[^:]*\s[-–—=]\s*$/u;

/** Where an amount with a unit, or after a separator, stands behind the food it counts. */
function amountBehind(text: string): { food: string; amount: string; more: string } | null {
  const times =
    /^(.*[\p{L})])\s*[x×]\s*(\d{1,3})(?:\s*\(([^()]*)\)|\s*(?:@|at|of)\s*(\d[\d.]*\s?(?:kg|g|lbs?|oz))(?: each)?)?$/u.exec(
      text,
    );
  if (times) {
    const [, food = '', amount = '', inner, each] = times;
    return { food, amount, more: inner ?? (each === undefined ? '' : `${each} each`) };
  }
  const outer = text.replace(/\([^()]*\)/g, (inner) => ' '.repeat(inner.length));
  // Dots or a wide gap lead to the amount, whatever sizes stand before them.
  const led = outer.lastIndexOf(' ... ');
  const all = findAmounts(outer).filter((a) => a.start > Math.max(0, led));
  // “Lamb, boneless, 4 cm pieces – 1 kg”: what stands last, behind a dash, is how much.
  const found =
    all.find((a) => a.end === outer.trimEnd().length && AT_THE_END.test(outer.slice(0, a.start))) ??
    all[0];
  if (!found) return null;
  const before = text.slice(0, found.start);
  // “Rice: jasmine, 200 g”: the food is headed, and told more of.
  const isHeaded = found.unit !== null && /^\p{L}[\p{L} ]{1,30}:\s/u.test(before);
  const isSet = isHeaded || /(?:\s[-–—=]|:|\.{2,})\s*$/u.test(before);
  const isWords =
    /^[a-z]/i.test(text.slice(found.start, found.end)) &&
    !/^\s*(?:$|[,;])/.test(text.slice(found.end)) &&
    !/^a\s+pinch/i.test(text.slice(found.start));
  const isMeasure =
    MEASURE.test(text.slice(found.end)) ||
    (/^\s*(?:nos\.?\s*)?(?:$|,)/i.test(text.slice(found.end)) && COUNTED_FOOD.test(before)) ||
    // “Lamb shanks 4 (14 oz each)”
    (/^\s*\([^()]*\)\s*$/.test(text.slice(found.end)) &&
      COUNTED_FOOD.test(before) &&
      findFood(before.trim()) !== null) ||
    // “Pumpkin 1 cut into pieces”
    (/^\s*(?:cut|chopped|sliced|diced|peeled|cubed|halved|quartered|trimmed|broken|slit)\b/i.test(
      text.slice(found.end),
    ) &&
      COUNTED_FOOD.test(before) &&
      findFood(before.trim()) !== null) ||
    // “onion 2 chopd”
    (/^\s*(?:fine(?:ly)? )?(?:ch|sl|d|gr|min|cr|p)\p{L}*d\s*$/iu.test(text.slice(found.end)) &&
      COUNTED_FOOD.test(before) &&
      findFood(before.trim()) !== null);
  const food = before.replace(SEPARATOR, '').trim();
  // “Brown sugar 40 g” is no work.
  const isColumn = led > 0 && found.start > led;
  if (
    !isColumn &&
    NO_LIST.test(before) &&
    findFood(food)?.names.includes(food.toLowerCase()) !== true
  )
    return null;
  if (/\b(?:the|an?|in|of|with|to|into)\s*$/i.test(before)) return null;
  // “Beets, 600 g, scrubbed”
  const isKnown =
    /^\p{L}+(?: \p{L}+){0,3},\s*$/u.test(before) &&
    !IS_WORK.test(before) &&
    (/^\s*$/.test(text.slice(found.end)) || SIZED.test(text.slice(found.end)));
  // “Anchovies, 4”
  const isCount =
    isKnown &&
    found.unit === null &&
    (found.end === text.length || (SIZED.test(text.slice(found.end)) && findFood(food) !== null));
  // “Gammon, 1.8kg unsmoked joint”
  const isWeighed =
    WEIGHTS.has(found.unit ?? '') &&
    /^\p{L}+(?: \p{L}+){0,3},\s*$/u.test(before) &&
    findFood(before.replace(/,\s*$/, '')) !== null;
  const isApart =
    /,\s*$/.test(before) && !isWeighed && !(isKnown && (found.unit !== null || isCount));
  if (!isSet && ((found.unit === null && !isMeasure && !isCount) || isWords || isApart))
    return null;
  // “3 cm pieces”, “for 4 people”: no food of its own in front.
  if (!/\p{L}{2}/u.test(food) || food.split(/\s+/).length > 8) return null;
  return {
    food,
    amount: text.slice(found.start, found.end),
    more: text
      .slice(found.end)
      .replace(/^[\s,;]+/, '')
      .replace(/^\(([^()]*)\)$/, '$1'),
  };
}

const PARTS =
  'juice|zest|rind|peel|leaves|fronds|seeds|whites?|yolks?|flesh|meat|pulp|segments|kernels|cloves|tips';
/** “Juice of 2 limes”, “grated zest and juice of 1 orange”, “leaves from 4 sprigs of thyme”: so many of the whole. */
const PART_OF = new RegExp(
  String.raw`^(?:the\s+)?((?:(?:finely|freshly|coarsely)\s+)?(?:(?:grated|squeezed|pared|picked)\s+)?(?:${PARTS})(?:\s*(?:and|&|,|\+)\s*(?:grated\s+)?(?:${PARTS}))*\s+(?:of|from))\s+(?=\S)`,
  'i',
);

/** “Juice 1 lime” leaves the word out. */
const PART_BARE = new RegExp(
  String.raw`^((?:${PARTS})(?:\s*(?:\+|&|and)\s*(?:${PARTS}))?)\s+(?=(?:\d{1,2}(?:\/\d)?|\d?[½¼¾]|half an?)\s+\p{L}{3})`,
  'iu',
);
const withOf = (line: string): string => {
  const bare = PART_BARE.exec(line);
  const rest = line.slice(bare?.[0].length ?? 0);
  const isOfFood = bare !== null && parseAmount(rest).unit === null && mentionedFood(rest) !== null;
  return isOfFood ? `${bare[1] ?? ''} of ${rest}` : line;
};

/** “1# beans” is a pound, “4 cl. garlic” are cloves, “1 lg. onion” is a large one (common practice). */
const plainMeasures = (text: string): string =>
  text
    // “600g/1lb 5oz pasta”, “2 x 400g/14oz tins tomatoes”: the same once more, told behind the food.
    .replace(
      /^((?:\d+\s*[x×]\s*)?\d[\d.]*\s?(?:g|kg|ml|l))\s?\/\s?(\d[\d½¼¾.]*\s?lb\s?\d[\d½¼¾]*\s?oz|\d[\d½¼¾.]*\s?(?:fl\s)?oz(?=\s+(?:tins?|cans?|jars?|packets?|packs?)\b))\s+([^,(]+)/i,
      '$1 $3 ($2)',
    )
    // “2 × 400 g tinned chickpeas” are two tins.
    .replace(
      /^(\d{1,2})\s*[x×]\s*(\d+)\s?(g|ml|oz)\s+(?:tinned|canned)\s+(?=\p{L})/iu,
      '$1 x $2$3 tins ',
    )
    // “Tinned tomatoes … 4 x 400 g” are four.
    .replace(
      /^((?:tinned|canned)\s+\p{L}[\p{L} ]*?)\s*(?:\.{2,}|[-–—:,])\s*(\d{1,2})\s*[x×]\s*(\d+)\s?(g|ml|oz)$/iu,
      '$2 x $3$4 tins $1',
    )
    .replace(/^some\s+(?=\p{L})/iu, '')
    .replace(/\bpdr\b\.?/i, 'powder')
    .replace(/\bstk\b\.?(?!\p{L})/iu, 'stock')
    .replace(/\b(?:chix|chx|chk|ckn)\b\.?(?!\p{L})/iu, 'chicken')
    .replace(/\bshldr\b\.?/i, 'shoulder')
    .replace(/(?<=\d\s?)hd\b\.?(?=\s|$|,)/i, 'head')
    .replace(/(?<=\p{L} \d[\d./]*)\s?T(?=,)/u, ' tbsp')
    .replace(/\bvin\b\.?(?!\p{L})(?! (?:santo|jaune))/iu, 'vinegar')
    .replace(/\bparm\b\.?(?!\p{L})/iu, 'parmesan')
    .replace(/(?<=^\d[\d./ ]*)btls?\b\.?/i, 'bottles')
    .replace(/\btoms\b/i, 'tomatoes')
    .replace(/(?<=\p{L}) w\/\s*$/iu, '')
    // “Half a bottle of red”
    .replace(/(?<=\bbottles? (?:of )?(?:\p{L}+ )?(?:red|white|ros[eé]))(?=$|,| \()/iu, ' wine')
    .replace(/\btt$/i, 'to taste')
    .replace(/\bo\/n\b/i, 'overnight')
    .replace(/(?<=\d\s+)spr\b\.?/i, 'sprigs')
    .replace(/(?<=\p{L}\s+(?:\.\.\.\s+)?\d+\s+)ea\b\.?\s*/iu, '')
    .replace(/^(\d[\d./ ]*|[½¼¾])\s?#\s+(?=\p{L})/u, '$1 lb ')
    .replace(/^(\d+)\s?cl\.?\s+(?=(?:of )?garlic)/i, '$1 cloves ')
    .replace(/\bbay lvs?\.?$|\bbay lf\.?$/i, (short) =>
      /lf/i.test(short) ? 'bay leaf' : 'bay leaves',
    )
    // “A stick or two of celery”
    .replace(
      /^(?:an?|1)\s+(sticks?|stalks?|sprigs?|cloves?|handfuls?|leaf|slices?|rashers?|tins?|bunch|knob|pinch)\s+or\s+two\s+(?:of\s+)?(?=\p{L})/iu,
      '1-2 $1 ',
    )
    // “4 x hake fillets”
    .replace(/^(\d{1,3})\s?[x×]\s+(?=\p{L})/u, '$1 ')
    // “Peanut butter 3 T”
    .replace(/(?<=(?:\p{L}|\)|\.\.\.) \d[\d./]*)\s?T\.?$/u, ' tbsp')
    .replace(/(?<=(?:\p{L}|\)|\.\.\.) \d[\d./]*)\s?t\.?$/u, ' tsp')
    // “Ginger 1-inch”: so long a piece.
    .replace(
      /^((?:fresh |root )?(?:ginger|galangal|turmeric|horseradish|cinnamon)(?: root)?),?\s+(\d[\d./]*|[½¼¾])[ -]?(inch|in|cm|["”])\.?(?: piece)?$/iu,
      '$2-$3 piece $1',
    )
    // “Small bunch dill” is one.
    .replace(
      /^(?=(?:(?:small|big|large|good|fat|generous) )?(?:bunch|handful|knob|pinch|dash|splash|glug|drizzle|squeeze|sprig|thumb|packet|tin|jar) (?:of )?\p{L})/iu,
      '1 ',
    )
    // “1 small bunch dill”: a bunch, and how large.
    .replace(
      /^((?:an?|one) |[\d½¼¾][\d./ –-]*)(small|large|big|good|generous|fat) (bunch(?:es)?|handfuls?|sprigs?|knobs?|pinch(?:es)?|heads?|sticks?|stalks?) (?:of )?(?=\p{L})([^,(]+)/iu,
      '$1$3 $4, $2',
    )
    // “1.4 kilos, that’s four cheeks”
    .replace(
      /^((?:about |around )?[\d.,]+\s?\p{L}+), that(?:'|’)s (?:about )?(\p{L}+|\d+) (\p{L}+)/iu,
      '$1 $3, $2',
    )
    .replace(/^(\d[\d./ ]*|[½¼¾])\s?ea(?:ch)?\b\.?\s+(?=\p{L})/iu, '$1 ')
    .replace(/(?<=^\s*[\d½¼¾][\d./ –-]*\s)(?:lge?)\.?\s+(?=\p{L})/u, 'large ');

/** A line without what follows its amount. */
const wordsOf = (line: string, rest: string): string =>
  line.slice(0, line.length - rest.length).trim();

/** @returns every part that could be found; the rest stays in `food`, nothing is dropped */
export function parseLine(text: string): IngredientLine {
  const marked = text.replace(/^(?:[\s•*–·]+|-\s+)/u, '');
  const lead = LEAD.exec(marked)?.[0] ?? '';
  const clean = withOf(plainMeasures(marked.slice(lead.length)).replace(/\s+/g, ' ').trim());
  const part = PART_OF.exec(clean);
  if (part && parseAmount(clean.slice(part[0].length)).amount !== null) {
    const whole = parseLine(clean.slice(part[0].length));
    const preparation = [(part[1] ?? '').toLowerCase(), whole.preparation ?? '']
      .filter(Boolean)
      .join(', ');
    return { ...whole, preparation, optional: whole.optional || /^optional/i.test(lead) };
  }
  // “Glaze: 3 tbsp marmalade”: what it is for, and then the food with its amount.
  const forPart = /^(?:for the )?(\p{L}[\p{L} ]{1,30}):\s+(?=\S)/iu.exec(clean);
  const listed = forPart ? clean.slice(forPart[0].length) : '';
  if (forPart && mentionedFood(forPart[1] ?? '') === null) {
    const { amount: own, rest } = parseAmount(listed);
    if (own !== null && mentionedFood(rest) !== null) {
      const line = parseLine(listed);
      const part = `for the ${(forPart[1] ?? '').toLowerCase()}`;
      return { ...line, preparation: [line.preparation, part].filter(Boolean).join(', ') };
    }
  }
  const front = parseAmount(clean);
  const behind =
    front.amount === null && clean.length <= LONGEST_TURNED ? amountBehind(clean) : null;
  const { amountTo, packSize, ...found } = behind ? parseAmount(behind.amount) : front;
  let { amount, unit } = found;
  const behindMore = /^\+\s*(.+)$/.exec(behind?.more ?? '')?.[1];
  const added = behindMore ? parseQuantity(behindMore) : null;
  if (added && added.unit === unit && amount !== null) amount += added.amount;
  const because: string[] = [];
  const notes: string[] = [];
  let food = behind ? behind.food : front.rest;
  let optional = /^optional/i.test(lead);
  const taste = TO_TASTE.exec(food);
  // “Walnuts, toasted if you like”: the toasting may be left out, and not the walnuts.
  const isOfWork =
    taste !== null && /^\s*if/i.test(taste[0]) && WORKED.test(food.slice(0, taste.index));
  if (taste && !isOfWork) {
    optional = IS_OPTIONAL.test(taste[1] ?? '');
    notes.push((taste[1] ?? '').toLowerCase());
    food = food.replace(taste[0], '');
  }
  food = food.replace(WEIGHING, (_whole, weight: string) => {
    // “A good splash of wine, say a hundred ml”: the only number there is.
    const size = amount === null ? parseQuantity(weight) : null;
    if (size) ({ amount, unit } = size);
    notes.push(weight);
    return '';
  });
  food = food.replace(/\s*\(([^()]*)\)/g, (_whole, inner: string) => {
    optional ||= /\boptional\b/i.test(inner);
    // “Pearl barley, a mug (200 g)”: the only number there is.
    const size = amount === null ? parseQuantity(inner.replace(ABOUT, '').trim()) : null;
    if (size) ({ amount, unit } = size);
    notes.push(inner.trim());
    return '';
  });
  // “Zest of 1 lemon + 1 tbsp juice”: what more is wanted of it.
  food = food.replace(
    /(?<=\p{L})\s+(?:\+|plus)\s+((?:about |another )?[\d½¼¾⅓⅔].*)$/iu,
    (_whole, more: string) => {
      // “50 g butter + 30 g for the hazelnuts” is all of it.
      const further = parseAmount(more);
      const isSame = further.amount !== null && further.unit === unit && unit !== null;
      if (isSame && amount !== null && /^(?:for|at|to|on|later)\b/i.test(further.rest))
        amount += further.amount ?? 0;
      notes.push(`plus ${more.trim()}`);
      return '';
    },
  );
  // “/ 250 g”: the same amount once more; “25 g + 25 g”: more of it.
  const again = /^\s*(\/|or\b|\+|plus\b)\s*/i.exec(food);
  const twice = again ? parseAmount(food.slice(again[0].length)) : null;
  if (again && twice?.amount != null && twice.rest !== '') {
    const isMore = /\+|plus/i.test(again[1] ?? '') && twice.unit === unit;
    if (isMore && amount !== null) amount = Math.round((amount + twice.amount) * 1e6) / 1e6;
    notes.push(
      isMore
        ? clean.slice(0, clean.length - twice.rest.length).trim()
        : food
            .slice(0, food.length - twice.rest.length)
            .replace(/^\s*\/\s*/, '')
            .trim(),
    );
    food = twice.rest;
  }
  food = food
    .trim()
    .replace(/^[,;:–—-]+\s*/, '')
    // “4 tbsp of the syrup”
    .replace(/^of (?:the|its|their|that) (?=\p{L})/iu, '');
  // “6 garlic cloves: 2 whole, 4 minced”, “Rice: jasmine”: what is told of the food.
  const headed = /^(\p{L}[\p{L} -]{1,40}):\s+(?=\S)/u.exec(food);
  if (headed && amount !== null) {
    notes.push(food.slice(headed[0].length));
    food = headed[1] ?? food;
  }
  const comma = food.search(/[,;]/);
  if (comma >= 0) {
    const [first = '', second = '', ...further] = food.split(/[,;]/).map((part) => part.trim());
    // “Boneless, skinless chicken thighs”: the food comes after words that only describe it.
    const isDescribed =
      !/\d/.test(second) &&
      mentionedFood(first) === null &&
      mentionedFood(second) !== null &&
      !IS_WORK.test(second);
    food = isDescribed ? `${first} ${second}` : first;
    notes.push((isDescribed ? further : [second, ...further]).filter(Boolean).join(', '));
  }
  // “Curry leaves 1 sprig”, “mint – a handful”: what they are counted in.
  const counted = unit === null || unit === 'piece' ? COUNTED_IN.exec(behind?.more ?? '') : null;
  if (counted) {
    food = `${counted[1] ?? ''} ${food}`;
    notes.push((behind?.more ?? '').slice(counted[0].length));
  } else if (behind?.more) notes.push(behind.more);
  const isName = (name: string): boolean =>
    name.length <= LONGEST_NAME &&
    findFood(name.trim())?.names.includes(name.trim().toLowerCase()) === true;
  const leading = LEADING_PREPARATION.exec(food);
  if (leading && !isName(food)) {
    notes.unshift(leading[0].trim());
    food = food.slice(leading[0].length);
  }
  const trailing = isName(food) ? null : TRAILING_PREPARATION.exec(food);
  if (trailing) {
    notes.unshift(
      food
        .slice(trailing.index)
        .replace(/^[\s–—-]+/, '')
        .trim(),
    );
    food = food.slice(0, trailing.index).replace(/\s+(?:all|both)$/i, '');
    // “Ditalini or broken spaghetti”, “parmesan rind + grated”: the other one is told with it.
    const joint = /\s+(or|\+|&)$/i.exec(food);
    if (joint) {
      food = food.slice(0, joint.index);
      notes[0] = `${joint[1] ?? ''} ${notes[0] ?? ''}`;
    }
  }
  const state =
    STATES.find(([pattern]) => pattern.test(clean.replace(OR_ELSE, ' ')))?.[1] ??
    (unit === 'can' ? 'canned' : null);
  // “dried apricots” is a food of its own; “frozen peas” are peas.
  if (state && !isName(food))
    food = food.replace(/\b(frozen|canned|tinned|drained|fresh|cooked|dried)\b\s*/i, '');
  if (/^[-−]\s*[\d¼-¾⅓-⅞]|^\d+\s*\/\s*0\b/u.test(clean))
    because.push(
      'the amount is not a positive number, so it is left in the text; correct it there',
    );
  else if (amount === null)
    because.push(
      taste ? `no amount: “${(taste[1] ?? '').toLowerCase()}”` : 'no amount in the line',
    );
  else because.push('amount and unit as written');
  if (packSize) because.push(`one pack holds ${packSize.amount} ${packSize.unit}`);
  return {
    amount,
    amountTo,
    unit,
    packSize,
    packWords: packSize ? wordsOf(behind?.amount ?? clean, behind ? '' : front.rest) : null,
    food: food.trim().replace(/(?:[.,;:]+|\s+[-–—])$/, ''),
    preparation: notes.filter(Boolean).join(', ') || null,
    state,
    optional,
    because,
  };
}

/**
 * What each line of a text is, decided over the whole text at once: the cheapest path through its parts, with what each
 * line looks like as the cost of calling it something.
 *
 * @source A. Viterbi, “Error bounds for convolutional codes and an asymptotically optimum decoding algorithm” (1967);
 *   the weights are our own, by what lines of recipes look like
 */
import type { Features } from './features';
import { isDayHeading, type Part } from './headings';
import { namesWhatItMakes } from './yields';

export const LABELS = [
  'title',
  'yield',
  'meta',
  'heading',
  'section',
  'ingredient',
  'list',
  'step',
  'note',
  'chatter',
] as const;
export type Label = (typeof LABELS)[number];

/** Where in the text a line stands: before anything (with or without a title yet), or in a part. */
type Place = 'top' | 'titled' | Part;
const PLACES: readonly Place[] = ['top', 'titled', 'ingredients', 'method', 'notes'];

/** Cost of going from part to part without a heading that says so. */
const CROSSING: Readonly<Record<Place, Readonly<Record<Place, number>>>> = {
  top: { top: 0, titled: 99, ingredients: 0.6, method: 1.4, notes: 3 },
  titled: { top: 99, titled: 0, ingredients: 0.1, method: 0.7, notes: 3 },
  ingredients: { top: 99, titled: 99, ingredients: 0, method: 0.5, notes: 1.5 },
  method: { top: 99, titled: 99, ingredients: 1.8, method: 0, notes: 1 },
  notes: { top: 99, titled: 99, ingredients: 2.5, method: 2.2, notes: 0 },
};
/** A part with a heading is left less easily by one without. */
const AGAINST_HEADINGS = 2;
/** What stands under a heading of notes is one, whatever it looks like. */
const OUT_OF_NOTES = 40;
const NO_TITLE = 1;
/** Against what somebody has said. */
const UNSAID = 1000;

/** Labels that may stand in each place. */
const ALLOWED: Readonly<Record<Place, readonly Label[]>> = {
  top: ['yield', 'meta', 'chatter', 'heading'],
  titled: ['title', 'yield', 'meta', 'chatter', 'section'],
  ingredients: ['ingredient', 'list', 'section', 'yield', 'meta', 'heading', 'chatter'],
  method: ['step', 'section', 'list', 'yield', 'meta', 'heading', 'chatter'],
  notes: ['note', 'heading', 'meta', 'chatter', 'yield'],
};

interface Around {
  /** The list of ingredients has a heading, and it comes later. */
  isIntro: boolean;
  /** Nothing of the list or of the method has been headed yet. */
  isHead: boolean;
  index: number;
  next: Features | undefined;
  previous: Features | undefined;
}

const sum = (...costs: (number | false)[]): number =>
  costs.reduce<number>((all, cost) => all + (cost === false ? 0 : cost), 0);

/** “Squeeze of lemon”: a measure, though it begins as work does. */
const isMeasured = (f: Features): boolean =>
  f.measure && f.words <= 5 && !f.stop && !f.time && !f.line.isSentence;

/** Where a recipe was taken from. */
const FROM = /^(?:adapted |taken |inspired )?(?:from|by|after) (?:the |a |an |my |our |\p{Lu})/iu;

function ingredientCost(f: Features): number {
  const base =
    f.amount === 'unit'
      ? 0
      : f.amount === 'behind'
        ? 0.3
        : f.amount === 'count'
          ? f.words <= 10
            ? 0.3
            : 1.2
          : f.measure || f.served || (f.foodsOnly && !f.verbFirst)
            ? 0.5
            : f.food && !f.verbFirst && f.wordsOutside <= (f.line.mark === 'bullet' ? 10 : 6)
              ? 0.8
              : f.words <= 5 && !f.verb && !f.stop
                ? 1.6
                : 4;
  return sum(
    base,
    f.time && f.amount !== 'unit' && 2,
    f.time && f.amount === 'unit' && 0.8,
    f.pressure && 2.5,
    isDayHeading(f.line.text) && 4,
    isOfVessel(f) && 3,
    f.tools && 5,
    // “From the Sunday supplement”: where it is taken from.
    FROM.test(f.line.text) && f.amount === null && !f.food && 4,
    // “4 people, one large pot”
    f.yield !== '' && f.line.text.startsWith(f.yield) && 3,
    /^(?:makes|yields?|serves|feeds)\b/i.test(f.line.text) && 4,
    f.verbFirst && f.amount === null && !isMeasured(f) && 1.5,
    // “Soak 300 g chickpeas the night before.” in a paragraph
    f.verbFirst && f.line.isSentence && 2.5,
    f.stop && (f.amount === null ? 1.2 : 0.2),
    f.words > 15 && 1,
    f.line.isSentence && 1.4,
    f.line.mark === 'number' && 1.2,
    f.chatty && 1,
    // “Leftovers make a nice lunch with a boiled egg.”
    f.keeping && f.line.isSentence && 1.5,
    f.comment && 2,
    f.colon && 2.5,
    f.several && 1.5,
    f.yield !== '' && f.amount === null && 2,
    f.meta && 1,
  );
}

/** “Pot: 1 c water + rack.”: what goes into a vessel is told as work. */
const isOfVessel = (f: Features): boolean =>
  /^(?:same |small |large )?(?:pot|cooker|pan|oven|hob|stove)\s*[:=]/i.test(f.line.text);

function stepCost(f: Features): number {
  if (isOfVessel(f)) return 0.3;
  const isWork = f.pressure || f.time || f.heat;
  const base =
    isMeasured(f) || (f.served && !f.time && !f.stop)
      ? 2
      : f.verbFirst
        ? 0.1
        : f.verb && isWork
          ? 0.2
          : f.pressure
            ? 0.4
            : f.verb
              ? 0.9
              : isWork
                ? 0.8
                : f.words > 6
                  ? 1.6
                  : 2.4;
  return sum(
    base,
    f.line.mark === 'number' && -0.4,
    f.amount === 'unit' && !f.verb && f.words <= 8 && 2.5,
    f.amount === 'count' && !f.verb && !isWork && 1.5,
    f.chatty && !f.pressure && f.line.mark !== 'number' && 1.2,
    f.keeping && !f.pressure && 1,
    f.aside && 3,
    f.comment && 2,
    f.colon && f.words <= 5 && 1.5,
    !f.food && !isWork && !f.verb && 0.6,
  );
}

function listCost(f: Features): number {
  const base = f.amounts >= 3 ? 0.2 : f.amounts === 2 ? 0.9 : f.amounts === 1 ? 2.6 : 8;
  return sum(
    base,
    !f.line.isSentence && f.words < 12 && 1.5,
    f.keeping && f.amounts < 3 && 2,
    f.aside && 6,
    f.listLead && -0.5,
    f.timeOutside && (f.verb ? 4 : 1.5),
    f.pressure && 2.5,
    f.verbFirst && 1.2,
    // “Dry: 1 cup flour, 1 tsp soda”.
    f.amounts > 1 &&
      !f.verbFirst &&
      !f.meta &&
      f.yield === '' &&
      /^\p{L}[\p{L} ]{0,24}:\s/u.test(f.line.text) &&
      -3,
    // “While it’s in, whisk the tahini with about 5 tbsp water”: work, whatever goes into it.
    /^(?:while|whilst|meanwhile)\b[^:]*$/i.test(f.line.text) && 4,
    // “Serves: 4 as a main with flatbreads”
    f.yield !== '' && f.line.text.startsWith(f.yield) && f.amounts < 3 && 3,
    // “Per serving: 456 kcals, fat 27 g”.
    f.meta && 6,
  );
}

/** “Card #14”, “Recipe no. 3”: where it is kept, and not what it is. */
const CARD = /\b(?:card|recipe|page|no\.?|nr\.?)\s*#?\s*\d+\b|#\d+\b/i;

/** “Hello hello and welcome to my tiny kitchen”. */
const GREETING =
  /^(?:(?:ok(?:ay)?|so|right|well)[\s,]+)*(?:hello|hi|hiya|hey|good (?:morning|evening|afternoon)|welcome)\b.*\b(?:welcome|kitchen|channel|back|everyone|everybody|guys|folks|again|today|tonight)\b/i;

function titleCost(f: Features, { index }: Around): number {
  // “Artichokes with butter — from the back of my notebook”: what stands behind the dash is talk.
  const [name = ''] = f.line.text.split(/\s[—–-]{1,2}\s/);
  const isNamed = name !== f.line.text && name.split(/\s+/).length <= 9;
  const makes = index === 0 && namesWhatItMakes(f.line.text);
  return sum(
    0.2,
    f.line.mark === 'title' && -1.5,
    index === 0 &&
      !f.stop &&
      !/\d/.test(f.line.text.replace(f.yield, '')) &&
      (f.words <= 9 || isNamed) &&
      -1.2,
    index * 0.5,
    f.wordsOutside > 10 && !isNamed && 1.5,
    f.stop && 1,
    // “Sea bass with fennel – two ways” counts no food.
    (f.amount === 'unit' || (f.amount === 'behind' && f.digits)) && !f.yield && !makes && 3,
    makes && -1.2,
    f.amount === 'count' && !f.yield && 1.5,
    f.yieldOnly && 2.5,
    f.meta && 4,
    isDayHeading(f.line.text) && 4,
    f.chatty && !isNamed && (index === 0 && !f.verb && f.food && f.wordsOutside <= 9 ? 0.4 : 1.2),
    f.timeOutside && 2.5,
    CARD.test(f.line.text) && 2,
    GREETING.test(f.line.text) && 3,
    /^\[.*\]$/.test(f.line.text) && 3,
    f.pressure && f.verb && 1.5,
    f.verbFirst && 1,
    f.line.isSentence && 2,
    f.line.mark === 'bullet' && 2,
    f.comment && 3,
    f.colon && 1,
  );
}

const METHOD_NAME =
  /^(?:in (?:the|a) )?(?:electric )?(?:pressure[- ]?cooker|multi-?cooker|slow[- ]?cooker|oven|stove ?top|hob)(?: (?:method|version|way|instructions))?:?$/i;

/** “Rice (in a 6-inch pan)”: where what is listed under it is cooked. */
const IN_VESSEL =
  /^[\p{L} &]{2,30}\((?:cooked |steamed )?(?:in|for) (?:an?|the|your) [^()]*\b(?:pan|tin|bowl|dish|basin|pot|jar|insert|mou?ld|ramekin)s?\)\s*:?$/iu;

function sectionCost(f: Features, { next }: Around): number {
  if (next?.amount != null && IN_VESSEL.test(f.line.text)) return 0.1;
  const isShort = f.words <= 7 && f.amount === null && !f.time;
  // “Lentils ??” asks how many; nothing is headed by a question.
  if (!isShort || f.line.text.includes('?')) return 8;
  if (METHOD_NAME.test(f.line.text)) return 0;
  if (f.line.mark === 'title' && !f.digits) return 0.4;
  const isFor = /^for (?:the |a )?\D{0,40}$/i.test(f.line.text) && !f.stop;
  const opensList = next?.amount != null && f.words <= 4 && !f.stop && !/,/.test(f.line.text);
  return f.colon
    ? 0.2
    : isFor
      ? 0.4
      : opensList && f.line.afterGap
        ? 0.5
        : opensList && !f.food
          ? 1
          : 5;
}

function noteCost(f: Features): number {
  return sum(
    f.aside ? -3 : f.keeping ? 0.4 : 1.6,
    f.pressure && f.verb && 1,
    f.amount === 'unit' && f.words < 9 && 1.5,
  );
}

/** “I do it with a celeriac purée, but mash is lovely.” */
const SERVED_WITH =
  /^(?:i|we) (?:usually |always |often |normally )?(?:do|serve|eat|have|like|love) (?:it|this|them|these|mine|ours)\b/i;

function chatterCost(f: Features, { isIntro }: Around): number {
  // What stands between a title and its list tells of the dish.
  if (isIntro) return f.comment ? 0.2 : f.yield !== '' && f.wordsOutside <= 8 ? 3 : 0.6;
  const base = f.comment ? 0.2 : f.chatty ? 0.7 : 2.2;
  return sum(
    base,
    f.pressure && 2.5,
    f.line.mark === 'number' && f.verb && 1.5,
    SERVED_WITH.test(f.line.text) && !f.time && !f.pressure && -3,
    f.amounts > 0 && f.amounts * 1.2,
    f.food && (f.line.mark === 'bullet' ? 2 : 0.4),
    f.time && (f.verbFirst ? 1.5 : 0.3),
    // “Right, sauté on high, I’m doing this in three batches, five minutes each”
    f.time && /\bsaut[eé]/i.test(f.line.text) && 2.5,
    f.verbFirst && 0.8,
    f.yield !== '' && 0.8,
    f.heat && 1,
    f.words > 5 && !f.food && !f.digits && !f.verb && -0.8,
  );
}

function cost(label: Label, f: Features, around: Around): number {
  if (label === 'heading') return f.heading === null ? 50 : 0;
  // “Notes” alone on its line is never work, however much what follows looks like it.
  if (f.heading === 'notes' && f.words === 1) return OUT_OF_NOTES;
  if (f.heading !== null && !(f.words > 6)) return label === 'step' ? 6 : 8;
  switch (label) {
    case 'title':
      return titleCost(f, around);
    case 'yield':
      return f.yield === ''
        ? 50
        : f.yieldOnly
          ? 0.05
          : sum(
              1,
              f.wordsOutside > 12 && 3,
              f.verbFirst && 2,
              f.line.isSentence && 1.5,
              f.pressure && 3,
            );
    case 'meta':
      // Within the method a setting is a step, terse as it is.
      return f.meta || f.tools ? 0.1 : f.setting && around.isHead ? 0.3 : 50;
    case 'section':
      return sectionCost(f, around);
    case 'ingredient':
      return ingredientCost(f);
    case 'list':
      return listCost(f);
    case 'step':
      return stepCost(f);
    case 'note':
      return noteCost(f);
    case 'chatter':
      return chatterCost(f, around);
  }
}

interface Way {
  cost: number;
  label: Label | null;
  back: Way | null;
}

function labelsOf(way: Way | undefined): Label[] {
  const labels: Label[] = [];
  for (let at = way; at?.label; at = at.back ?? undefined) labels.push(at.label);
  return labels.reverse();
}

function againstHeadings(from: Place, headed: ReadonlySet<Part>): number {
  if (from === 'notes' && headed.has('notes')) return OUT_OF_NOTES;
  return headed.has('ingredients') ? AGAINST_HEADINGS : 0;
}

/** The place that a label leads to; a title is there once. */
function placeAfter(label: Label, place: Place, f: Features): Place {
  if (label === 'heading') return f.heading ?? place;
  return place;
}

/**
 * @param forced what somebody has said that a line is; null where nobody has
 * @returns a label for each line, in order
 */
export function labelLines(
  features: readonly Features[],
  forced: readonly (Label | null)[] = [],
): Label[] {
  const headed = new Set(features.flatMap((f) => (f.heading === null ? [] : [f.heading])));
  const list = features.findIndex((f) => f.heading === 'ingredients');
  const firstPart = features.findIndex((f) => f.heading !== null || f.amount === 'unit');
  const headEnds = firstPart < 0 ? features.length : firstPart;
  let ways = new Map<Place, Way>([['top', { cost: 0, label: null, back: null }]]);
  for (const [index, f] of features.entries()) {
    const around = {
      isIntro: index < list,
      isHead: index < headEnds,
      index,
      previous: features[index - 1],
      next: features[index + 1],
    };
    const next = new Map<Place, Way>();
    const costs = new Map<Label, number>();
    const costOf = (label: Label): number => {
      const known = costs.get(label);
      if (known !== undefined) return known;
      const said = forced[index] ?? null;
      const value = said === null ? cost(label, f, around) : said === label ? 0 : UNSAID;
      costs.set(label, value);
      return value;
    };
    for (const [from, way] of ways)
      for (const to of PLACES)
        for (const label of ALLOWED[to]) {
          const isTitle = label === 'title';
          // The title leads from the top to what is titled, once.
          if (isTitle !== (from === 'top' && to === 'titled')) continue;
          const isHeading = label === 'heading';
          if (isHeading && placeAfter(label, to, f) !== to) continue;
          const against = isHeading || isTitle || from === to ? 0 : againstHeadings(from, headed);
          const crossing = isHeading || isTitle ? 0 : CROSSING[from][to];
          const untitled = from === 'top' && to !== 'top' && !isTitle ? NO_TITLE : 0;
          const total = way.cost + crossing + against + untitled + costOf(label);
          const known = next.get(to);
          if (!known || total < known.cost) next.set(to, { cost: total, label, back: way });
        }
    ways = next;
  }
  const [best] = [...ways.values()].sort((a, b) => a.cost - b.cost);
  return labelsOf(best);
}

/** For how many a text says that it is. */
import { NUMBER, NUMBER_WORDS, toNumber } from '../../units';

const MOST_SERVINGS = 200;
/** “6 to 8”, “five, maybe six”, “four, or six at a push”. */
const RANGE = String.raw`(?![.,]?\d)(?:\s*(?:-|–|—|to|or|,?\s*(?:or\s+)?(?:maybe|perhaps|possibly|even))\s*${NUMBER}|,?\s*(?:or\s+)?${NUMBER}\s+at an?\s+(?:push|pinch|stretch))?`;
const PEOPLE =
  'servings?|srvs?|portions?|people|persons?|pers\\b\\.?|ptns?|pax|ppl|eaters|covers|cvrs?|cov|guests|serves|helpings|plates|bowls|of us|of you|folks|mouths|adults|diners|friends|teenagers|hungry|personen|portionen|personnes|personas|persone|pessoas|porties|personer|porciones|porzioni';
const ABOUT = String.raw`(?:about|around|approx\w*\.?|roughly|like|say|up to|easily|a (?:crowd|family|table|party) of|the|a hungry|some|well over|between)`;
/** Made in one piece: how many eat of it is another number. */
const THINGS = String.raw`(?:(?:\d+(?:\.\d+)?[- ]?(?:inch(?:es)?|in\b\.?|cm|["”])|small|medium|large|big|mini|individual|whole|half[- ]?pint|pint|quart|\d+(?:[.,/]\d+)?[- ]?(?:ml|g|oz|cups?|qts?|quarts?|pints?|l|lit(?:re|er)s?))\s+)*(?:(?:pudding |loaf |cake )?(?:mou?lds?|basins?|pans?|rings?)|x|×|loa(?:f|ves)|cakes?|pies?|tarts?|dish(?:es)?|jars?|bottles?|trays?|tins?|batch(?:es)?|terrines?|puddings?)\b`;
/** Where a line says what it makes and how many it feeds, these say the second. */
const FEEDS = new RegExp(
  String.raw`\b(?:serves|feeds|serving|feeding)\s+(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?:\s+(?:${PEOPLE})\b)?`,
  'i',
);
const YIELD = new RegExp(
  [
    // “Serves 6 to 8”, “feeds about 8 of us”, “makes 12”, “does the 4 of us”.
    String.raw`(?<!\b(?:per|each|a|one)\s)\b(?:serves?|servings?|srvs?\b\.?|yields?|yld|makes|feeds?|portions?|pax|covers|does(?=\s+for\s+(?:about\s+)?(?:${NUMBER}))|does(?=\s+(?:the\s+)?(?:${NUMBER})(?:\s+(?:of us|easily|with|people|hungry|as)|\s*[.,]?$|\s*\+))|enough for|supper for|dinner for|lunch for|brunch for|breakfast for|starter for|main for|side for|snack for|dessert for|pudding for|meal for|dish for|pot for|for a (?:crowd|family|table|party) of)\b\s*(?:[:=]|[-–—](?=\s))?\s*(?:for\s+)?(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?!\s*(?:minutes?|mins?|hours?|cups?|g\b|kg\b|ml\b|l\b|lit|oz|lb|pounds?|kilos?|quarts?|pints?|°|%|${THINGS}))(?:\s+(?:hungry\s+)?(?:${PEOPLE})\b)?`,
    // “8 servings”, “12 covers”, “for 4 people”.
    String.raw`(?:\b(?:for|für|pour|para|per|voor|för|til)\s+)?(?:${ABOUT}\s+)*(?<![\d/.])(${NUMBER})${RANGE}\s*(?:generous |small |little |large |big |hungry |good |(?:main|side|first|light)[- ](?:dish|course|meal)(?:[- ]size[d]?)? |main |side |starter |entr[eé]e |meal[- ]sized )?(?:${PEOPLE})\b(?! (?:plate|spoon))`,
    // “Ingredients (6 as a side)”
    String.raw`(?<![\d/.])(${NUMBER})${RANGE}\s+as\s+(?:a\s+|an\s+)?(?:side|sides|starter|main|mains|main course|snack|meze|mezze|tapa|tapas|nibble|canap[eé]|appeti[sz]er|light (?:lunch|meal|supper))\b`,
    // “Four for supper with a salad, six as a side.”
    String.raw`^(${NUMBER})${RANGE}\s+for\s+(?:supper|dinner|lunch|tea|a main(?: course)?)\b`,
    // “For a crowd (12)”
    String.raw`\bfor a (?:crowd|party|family|table)\s*\((?:${ABOUT}\s+)*(${NUMBER})${RANGE}\)`,
    // “its for 4 ish”
    String.raw`^(?:(?:it|this|that)(?:'|’)?s|this is|that is|it is|recipe is)\s+(?:enough\s+)?for\s+(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?:\s*-?ish\b|\s+or so\b|\s+people\b|\s+of us\b)?(?=\s*(?:[.,;]|$))`,
    // “For: 6-8”
    String.raw`^for\s*:\s*(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?=\s*(?:$|[.,;(]|people\b))`,
    // “4 starters.”
    String.raw`(?:^|(?<=[.!]\s|\())(${NUMBER})\s+(?:starters|mains|main courses|side dishes)(?=\s*(?:[.,;()]|$|or\b))`,
    // “4 small pots”, “makes 6 ramekins”, “for 6 individual moulds”: one for each.
    String.raw`^(?:(?:makes|for)\s+)?(?:${ABOUT}\s+)*(${NUMBER})${RANGE}\s+(?:(?:small|large|little|individual|mini|generous)\s+)*(?:pots|ramekins|glasses|mou?lds|verrines|cups\s*$)(?=\s*(?:\([^()]*\))?[.,]?$)`,
    // “Stew (for 5)”, “BEAN POT — for 8”.
    String.raw`(?:(?<=^|\(|[—–-]\s|[.,]\s)for)\s+(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?=(?:\s+or so|-?ish)?\s*(?:$|\)|[.,;:*★☆•|]))`,
    // “ok so for 8 you want 2.4 kg”
    String.raw`\bfor\s+(?:${ABOUT}\s+)*(${NUMBER})${RANGE}(?=\s+(?:of us\s+)?(?:you|we|i)(?:(?:'|’)(?:ll|d))?\s+(?:want|need|use|take|allow|get|buy)\b)`,
  ].join('|'),
  'i',
);
/** “Makes: 2 racks (4 hungry people)”: what is made is another number. */
const EATERS = new RegExp(
  String.raw`(?<=\(|\bi\.?e\.?,? |\bthat is,? |\bthat(?:'|’)s )(?:for\s+|serves\s+)?(?:about\s+)?(${NUMBER})${RANGE}\s+(?:hungry\s+)?(?:people|persons?|eaters|adults|diners|servings?|portions?)\b`,
  'i',
);
/** “Makes one 7-inch cake (8 slices)”: what it is cut into. */
const CUT_INTO = new RegExp(
  String.raw`(?<=\(|[,;] |\bcuts into |\b(?:gives?|makes|yields?)(?: you)? )(?:${ABOUT}\s+)*(${NUMBER})${RANGE}\s+(?:generous |thick |small |large )?(?:slices|wedges|squares|bars)\b`,
  'i',
);
/** “8 slices.”, “Cuts into 10.” */
const CUT_ALONE = new RegExp(
  String.raw`(?:^|(?<=[.!]\s))(?:(${NUMBER})\s+(?:slices|wedges|squares|bars)|cuts into (?:about )?(${NUMBER}))\.?$`,
  'i',
);
/** A supper for two, said in words at the end of a sentence. */
const SPOKEN = new RegExp(String.raw`\bfor\s+(${NUMBER_WORDS})(?=\s*(?:[.,;)]|$))`, 'i');

/** “My husband had three bowls”: what somebody ate once. */
const EATEN = /\b(?:had|ate|eaten|eats|finished|devoured|wolfed|went back for|polished off)\b/i;

/** “Feeds me & 3 flatmates”: one more. */
const ME_AND = new RegExp(
  String.raw`\b(?:feeds|serves|for) me (?:and|&|\+) (?:my )?(?:${NUMBER})(?: \p{L}+)?`,
  'iu',
);

/** “Enough for two pies, each for 4”. */
const EACH_FOR = new RegExp(
  String.raw`\b(${NUMBER})(?:\s+\p{L}+(?:\s+\p{L}+){0,2})?\W{0,2}\s*each\s+(?:for|serv(?:es|ing)|feed(?:s|ing)|enough for)\s+(${NUMBER})\b`,
  'iu',
);

/** How many it serves, in the text's own words; '' where it does not say. */
export function findYield(text: string): string {
  if (EATEN.test(text) && !FEEDS.test(text)) return '';
  const [each] = EACH_FOR.exec(text) ?? [];
  if (each !== undefined && servingsIn(each) !== null) return each;
  const [withMe] = ME_AND.exec(text) ?? [];
  if (withMe !== undefined) return withMe;
  const found =
    (FEEDS.exec(text) ??
      EATERS.exec(text) ??
      YIELD.exec(text) ??
      (/\b(?:makes|yields?|cuts into|gives?)\b/i.test(text) ? CUT_INTO.exec(text) : null))?.[0] ??
    '';
  const [cut] = CUT_ALONE.exec(text) ?? [];
  if (found === '' && cut !== undefined) return cut.replace(/\.$/, '').trim();
  if (found !== '') return servingsIn(found) === null ? '' : found.trim();
  const spoken = /\b(?:supper|dinner|lunch|meal|recipe|this is|enough)\b/i.test(text)
    ? SPOKEN.exec(text)
    : null;
  return spoken?.[0].trim() ?? '';
}

/** What a line says beside its yield: “Serves 4 · 20 minutes to prepare”. */
export function restOfYield(line: string, found: string): string[] {
  const rest = line.replace(found, ' ').replace(/^[\s·|,;:.()–*-]+|[\s·|,;:()–*.-]+$/g, '');
  return /\d|\p{L}{3,}[^\p{L}].*\p{L}{3,}|^(?!easily|generously|comfortably|people|approx)\p{L}{5,}$/iu.test(
    rest,
  )
    ? [rest]
    : [];
}

/** “Makes about 40” is rolls, and nobody eats one alone. */
const MANY_THINGS = 24;
const OF_PEOPLE = new RegExp(String.raw`\b(?:${PEOPLE})\b`, 'i');

const FIRST = new RegExp(NUMBER, 'iu');

/** How many a yield is for: the lower end of a range; null where there is no number. */
export function servingsIn(text: string): number | null {
  // “4 lbs”, “1.2 kg”: what it weighs, not for how many.
  if (/\d\s*(?:kg|g|ml|l|lit\w+|oz|lbs?|cups?|quarts?|pints?)\b/i.test(text)) return null;
  const [, pieces, people] = EACH_FOR.exec(text) ?? [];
  const all = toNumber(pieces ?? '') * toNumber(people ?? '');
  if (pieces !== undefined) return all >= 1 && all <= MOST_SERVINGS ? all : null;
  if (/^\D*\b(?:per|each) (?:person|head|portion)\b/i.test(text)) return 1;
  const found = toNumber(FIRST.exec(text)?.[0] ?? '') + (ME_AND.test(text) ? 1 : 0);
  if (found >= MANY_THINGS && /\bmakes\b/i.test(text) && !OF_PEOPLE.test(text)) return null;
  return found >= 1 && found <= MOST_SERVINGS && Number.isInteger(found) ? found : null;
}

/** “… as a main with flatbreads”, “… 2 greedy”: how it is eaten, told beside how many eat. */
export const isOfEating = (words: string): boolean =>
  /^(?:as (?:a|an|part of)\b[^\d]*|with [^\d]*|(?:or )?\d{1,2} (?:greedy|hungry|if\b)[^\d]*)$/i.test(
    words,
  );

/** “Lemon curd (2 jars)”, over all the rest: what it makes. */
const MAKES_SO_MANY =
  /^\p{L}[^\d(]{2,40}\((?:makes )?(?:about )?\d+ (?:small |large |half-?pint )?(?:jars?|bottles?|loaves|tubs?|batons|balls|pieces|buns|cakes|puddings)\)$/iu;
export const namesWhatItMakes = (title: string): boolean => MAKES_SO_MANY.test(title);

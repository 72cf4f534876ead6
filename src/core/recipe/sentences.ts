/** Instructions cut into sentences, and sentences into clauses with one thing said in each. */
import { saysNatural, saysPressure, saysQuick } from './phrases';

/** Short forms whose full stop ends no sentence, where small letters or figures go on. */
const SHORT =
  /\b([Mm]ins?|[Hh]rs?|lbs?|oz|[Tt]bsp|[Tt]bs|[Tt]sp|[Aa]pprox|qt|pkg|pkt|deg|ca|temp|med|incl|esp|vs|nat)\.(?=\s+([a-z\d(]\w*)|,|;)/g;
/** Short forms that end no sentence whatever comes: “Nat. release”, “abt. 25 min”, “3 c. of it”. */
const ALWAYS_SHORT = /\b(nat|abt|approx|opt|incl|press|lge?|sm|(?<=\p{Ll}[\s,]+)w)\.(?=\s)/giu;
const SHORT_UNIT = /(?<=\d\s?)(c|qts?|pts?|cl|[tT])\.(?=\s+[\p{Ll}\d(])/gu;
/** “1 tsp. Dijon”: behind a number the stop is the measure’s, whatever letter follows. */
const MEASURE_SHORT =
  /(?<=[\d½¼¾⅓⅔]\s?)(tbsps?|tbs|tsps?|oz|lbs?|qts?|pkg|Tbs?|Tbsps?)\.(?=\s+(\p{L}+))/gu;
/** A small letter may begin a sentence all the same: “for 3 min. deglaze with the stock”. */
const BEGINS_ONE =
  /^(?:add|stir|pour|put|set|lock|seal|deglaze|dump|drain|let|release|vent|open|serve|season|remove|take|throw|chuck|turn|bring|simmer|mix|top|scrape|place|cook|close|brown|fry|manual|npr|qr|quick|natural|rest|feeds|serves|makes|leave|wait|allow|cool|lid|carve|fold|drain|transfer|rinse|sear|saute|whisk|sprinkle|check|lift|flip|baste|cover|uncover|mash|peel)$/;

/** “Stir for a min. 500 ml of ale”: the next sentence begins with what goes in. */
const MEASURE_BEHIND =
  /^\s+(?:(?:(?:an?|one|another) )?(?:tbsp|tsp|cup|splash|glug|handful|pinch|knob|squeeze) (?:of )?\p{Ll}{3}|\d{1,2} (?!more\b|batch|goes\b|lots\b|min|m\b|sec|hours?\b|hrs?\b|h\b|times\b|on\b|at\b|in\b|to\b|or\b|for\b|of\b|and\b|if\b|until\b|natural|quick|high|low|per\b|each\b|a\b|under|with)\p{Ll}{3}|\d[\d.,/½¼¾]*\s?(?:ml|cl|l|g|kg|oz|lbs?|cups?|tbsp|tsp|lit(?:re|er)s?|pints?)\b(?! (?:at|per)\b))/iu;

/** “Fry the onion 5 mins. 25 mins high, quick release”: the second minutes are of a cycle, told by itself. */
const CYCLE_BEHIND =
  /^\s+\d{1,3}(?: ?[-–] ?\d{1,3})? ?(?:m|mins?|minutes?)\b[^.;]{0,16}\b(?:high|low|pressure|HP|LP|PC|hi press|nat|natural|NPR|NR|quick|QR|release)\b/i;

/** A question goes with what is said to it: “Too thin? Simmer for 5 minutes.” */
const SENTENCE_END = /(?<=[.!]['"”)]?)\s+(?=["“(]?[\p{L}\d])|\n+/u;
/** “30 min (or manual high 25)”: the other way to do the same, not one thing more; it stays in the words. */
const OTHER_WAY =
  /\s*\((?:or|alternatively|(?:in |on )?(?:the |a |an )?(?:stove ?top|stove|hob|oven|slow[- ]cooker|microwave|conventional(?:ly)?)(?: method| version)?\s*[:–-])(?![^)]*\breleas)[^)]*(?:\d|\bovernight\b)[^)]*\)/gi;

/** “And” between two things, not within a number or one piece of work: “a pound and a half of cod”, “drain and rinse”. */
export const AND = String.raw`(?!(?<=\b(?:drain|rinse|wash)\s+)and\s+(?:drain|rinse|wash)\b)(?:(?<!\bhalf\s+|\b(?:pounds?|kilos?|pints?|cups?|lit(?:re|er)s?|teaspoons?|tablespoons?|hours?|minutes?|dozen|hundred|one|two|three|four|five|six)\s+)\band\b|(?<!\b(?:half|hundred)\s+)\band\b(?!\s+(?:an?\s+)?(?:half|quarter|three[- ]quarters)\b))`;
const CLAUSE_END = new RegExp(
  String.raw`\s*(?:;|(?<!\d):|:(?!\d)|,(?!\d)|\.(?=\s|$)|\((?=[^)]*\))|\)|–\s|—|(?<!\d)\s-\s(?!\d)|\s\/\s(?!\d+(?: ?(?:m|mins?|minutes?)\b|:\d))|→|➔|➜|[-=]>|\s[+&|]\s|\b(?:and then|then|but|before|after which|until you|while)\b|${AND})\s*`,
  'i',
);

/** “5 min - 8 if you like them soft”: for who likes it so; it stays in the words. */
const AS_LIKED =
  /(?<=\d ?(?:m|mins?|minutes?)\.?),?\s*(?:[-–—]|or|,|\()\s*\d+(?: ?(?:m|mins?|minutes?))?,? (?:if|for) (?:you|we|those|people|anyone)\b[^.;:]*(?=[.;:]|$)/gi;
/** “30 min (pale) to 40 min (deep)”: what each of them is for. */
const FOR_EACH_END = /(\d ?(?:m|mins?|minutes?)\.?) \([\p{L}\s,-]{2,24}\)(?= (?:to|or|-|–) \d)/giu;
/** “200C (180 fan)”, “(gas 6)”: the same heat once more. */
const OTHER_HEAT =
  /\s?\((?:fan |or )?(?:\d{3} ?°?[CF]?(?: ?fan)?|gas(?: mark)? ?\d)(?:\s?[/,;]\s?(?:\d{3} ?°?[CF]?(?: ?fan)?|gas(?: mark)? ?\d))*\)/gi;
/** Where nothing was said before it, what stands in brackets is the heat itself. */
const sameHeat = (whole: string, ...more: unknown[]): string => {
  const [at, text] = more.slice(-2) as [number, string];
  return /\d{3} ?°?[CF]?\W*$/i.test(text.slice(Math.max(0, at - 12), at))
    ? ''
    : ` ${whole.replace(/^\s*\(|\)$/g, '')}`;
};

/** “Whip the cream (5 min), fold it in”: minutes of the words before them. */
const IN_BRACKETS =
  /\s?\(((?:saut[eé](?: on)? (?:high|low|medium|normal|more|less), )?(?:about |around |~ ?)?\d+(?: ?(?:-|–|to) ?\d+)? ?(?:min(?:ute)?s?|hours?|hrs?|h)\.?)\)/gi;
const withBracketed = (sentence: string): string =>
  sentence.replace(IN_BRACKETS, (whole, time: string, at: number) => {
    const before =
      sentence
        .slice(0, at)
        .split(/[.;:,()]/)
        .at(-1) ?? '';
    const isOfCycle = saysNatural(before) || saysQuick(before) || saysPressure(before);
    return before.trim() === '' || isOfCycle ? whole : ` ${time.replace(',', '')}`;
  });

/** A chef’s card: “Deg. pernod”, “Red. liq by half”, “Col. fennel”. */
const SHORT_WORK = /(?<=^|[.!/]\s+|\d\s+)(?:deg|red|col)\.(?=\s+\p{L})/giu;
const SPELT: Readonly<Record<string, string>> = { deg: 'Deglaze', red: 'Reduce', col: 'Brown' };

const NUMBERED = /\b(no|nr|step|vol)\.(?=\s*\d)/gi;

export function toSentences(paragraphs: readonly string[]): string[] {
  return paragraphs
    .flatMap((p) =>
      p
        .replace(NUMBERED, '$1')
        .replace(/\bo\/n\b/gi, 'overnight')
        .replace(SHORT_WORK, (short) => SPELT[short.toLowerCase().replace('.', '')] ?? short)
        .replace(ALWAYS_SHORT, '$1')
        .replace(SHORT_UNIT, '$1')
        .replace(MEASURE_SHORT, (whole, word: string, next: string) =>
          BEGINS_ONE.test(next.toLowerCase()) ? whole : word,
        )
        .replace(SHORT, (whole, word: string, next: string | undefined, at: number, all: string) =>
          (next !== undefined && BEGINS_ONE.test(next)) ||
          MEASURE_BEHIND.test(all.slice(at + whole.length)) ||
          CYCLE_BEHIND.test(all.slice(at + whole.length))
            ? whole
            : word,
        )
        .split(SENTENCE_END),
    )
    .map((s) => s.replace(/\s+/g, ' ').trim())
    .filter((s) => s.length > 1);
}

/** “It won’t wait: 10 minutes at most”: the minutes are of the waiting. */
const WONT_WAIT = /((?:n['’]t|\bnot) (?:wait|hold|keep|sit)\b[^:.]{0,20}):\s*(?=(?:about )?\d)/gi;

/** “Leave it alone 15, vent”: a number without a unit that is waited before the valve is minutes. */
const LEFT_BEFORE_VENT =
  /\b((?:leave|let) (?:it |them )?(?:alone|be|sit|stand|rest)?|wait|stand|rest)\s+(\d{1,2})(?=\s*[,;]?\s*(?:(?:and|then) )*(?:vent|release|quick|open|QR)\b)/gi;

/** “Boil it down while it rests, 10 minutes or so”: when, and the minutes are of the boiling. */
const WHILE_IT_RESTS =
  /(?<=\p{L}) while (?:it|they|the \p{L}+)(?:(?:'|’)s|(?:'|’)re| is| are)? (?:rest|stand|cool|sit)(?:s|ing)?(?=,? (?:for )?(?:about |another )?\d)/giu;

/** “Porridge mode 15 mins or pressure high 10 mins”: what every pot can do is planned; the button stays in the words. */
const BUTTON_OR =
  /\b\p{L}+ (?:mode|setting|button|program(?:me)?|function|preset) (?:for )?\d+ ?(?:m|mins?|minutes?),? or (?=(?:(?:manual|pressure|pressure cook|on) )*(?:high|low|HP|LP)\b)/iu;
/** “Hot oven, 220, for 25 minutes.” */
const OVEN_AT =
  /\b((?:oven|grill|broiler)),? (?:at )?(\d{3})(?! ?(?:g|ml|m|min\w*)\b)( ?(?:°|º|degrees|[CF]\b)[CF]?)?,(?= (?:for )?\d)/gi;
/** “Small 6 / medium 9 / large 13 min”: the middle one is planned; the others stay in the words. */
const BY_SIZE =
  /\bsmall(?: ones)?:? (?:\d+)(?: ?min\w*)?\s*[/,;]\s*medium(?: ones)?:? (\d+)(?: ?min\w*)?\s*[/,;]\s*(?:and )?large(?: ones)?:? \d+( ?m(?:in\w*)?)?\b/i;

export function toClauses(told: string): string[] {
  const sentence = told
    .replace(BY_SIZE, (_all, minutes: string) => `${minutes} min`)
    .replace(BUTTON_OR, '')
    .replace(OVEN_AT, '$1 at $2$3');
  return withBracketed(sentence.replace(OTHER_HEAT, sameHeat).replace(WONT_WAIT, '$1 '))
    .replace(OTHER_WAY, '')
    .replace(WHILE_IT_RESTS, '')
    .replace(AS_LIKED, '')
    .replace(LEFT_BEFORE_VENT, '$1 $2 min')
    .replace(FOR_EACH_END, '$1')
    .replace(
      /\b(hours?)\s+and\s+(?=\d|a half|five\b|ten\b|fifteen\b|twenty\b|twenty-five\b|thirty\b|forty\b|fifty\b)/gi,
      '$1 ',
    )
    .split(CLAUSE_END)
    .map((c) => c.trim())
    .filter(Boolean);
}

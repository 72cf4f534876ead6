/** Times within a clause: how long, for how many batches or sides, and whether it is only a limit or an estimate. */
import { piecesAtATime } from '../../dish';
import { NUMBER, toNumber } from '../../units';
import { findDurations, type Duration } from '../durations';
import { allowsWaiting } from '../waits';

export interface ClauseTime extends Duration {
  /** A number without a unit: “22 on high”. */
  isBare: boolean;
  /** About what is told of a thing that takes its own time. */
  isEstimate: boolean;
  /** No longer than that: “hold at 65 °C, 2 h at most”. */
  isLimit: boolean;
  /** For another size: “85 minutes for a 3 pound brisket or 90 minutes for a 4 pound one”. */
  isCase?: boolean;
  /** The longest of a wait that is told before it: “at least 2 hours and up to 2 days”. */
  isMost?: boolean;
}

export const CONDITION =
  /^(?:if|unless|should (?:it|they|the)|in case|or\b.*\bif\b|otherwise|.*\bor (?:else )?(?:give|cook|put|leave|go)\b[^.]*\b(?:more|longer|extra)\b|(?:for|to make|when making) (?:a )?(?:double|half|larger|smaller|bigger)|for (?:a )?(?:softer|firmer|thicker|thinner)\b)|^\(?(?:straight )?from (?:frozen|thawed|defrosted|fresh|chilled)\b|\bor (?:another )?\d+ more (?:m|mins?|minutes?)\b|^add (?:about |another |an extra )?(?:\d+|an?|one) ?(?:extra )?(?:m|mins?|minutes?) (?:for|per)\b|\bif (?:it|they|not|you|the|still|need|too|very|necessary|required|desired|thawed|frozen|fresh|chilled|using|your|small|large|thick|thin|loose|runny|watery|soupy|dry|tough|hard|firm|raw|pale|under|liked?|halved|whole|soaked|unsoaked)\b|\d ?(?:min(?:ute)?s?|m|hours?|hrs?)\.? if\b/i;
export const BATCHES = new RegExp(
  String.raw`(${NUMBER})\s+(?:batches|goes|lots|loads|rounds|relays|sets)\b`,
  'i',
);
export const EACH =
  /\b(?:each|apiece|ea\b\.?|(?:per|a|every|for each) (?:batch|go|lot|load|round))\b|(?:^|[\s\d])[x×]\s*\d/i;
const A_BATCH = /\b(?:per|a|every|for each) (?:batch|go|lot|load|round)\b/i;
const SIDES =
  /\b(?:per|a|each|on each|on either|every|on the (?:other|second)) side\b|\bboth sides\b|\beach way\b|\bside\b(?=.*\beach\b)|(?:min(?:ute)?s?|m)\s?\/\s?side\b/i;
const IN_ALL = /\d\s?(?:min(?:ute)?s?\.?|m)? (?:in all|in total|total|altogether|all told)\b/i;
/** “4 minutes on each of its four sides.” */
const OF_SO_MANY = new RegExp(
  String.raw`\beach of (?:(?:its|the|their) )?(${NUMBER}) (?:sides|faces|edges)\b`,
  'i',
);
function sidesTold(text: string): number {
  const told = toNumber(OF_SO_MANY.exec(text)?.[1] ?? '');
  if (Number.isInteger(told) && told <= 6) return told;
  return SIDES.test(text) ? 2 : 1;
}
/** “In batches, 8 minutes each”: two at the least. */
export const IN_BATCHES = new RegExp(
  String.raw`\b(?:in|several|a few|small) (?:small |several |a few )?batches\b|\b(?:a few|${NUMBER})(?: \p{L}+)? at a time\b|\b(?:cook|fry|brown|griddle|toast|sear) each\b(?! side)`,
  'iu',
);
/** “Two at a time, and leave for 7 minutes”: what is told then is told of one batch. */
export const isAtATime = (sentence: string): boolean => piecesAtATime(sentence) !== null;
const LIMIT_BEFORE =
  /\b(?:max(?:imum)?|at most|no (?:more|longer) than|not (?:more|longer) than|or up to|(?:hold|keep|can (?:wait|sit|stay|stand))\b.*\bup to)\.?\s*$/i;
/** “It must be below 5 °C within 4 hours.” */
const WITHIN = /\b(?:must|should|has to|have to|needs? to)\b[^.;]*\bwithin(?: the)?\s*$/i;
/** “Do not use fresh milk for more than 2 hours.” */
const NEVER_LONGER =
  /\b(?:do not|don['’]t|never|shouldn['’]t|should not|must not)\b.*\b(?:more|longer) than\s*$/i;
const LIMIT_AFTER =
  /^\s*(?:max\b|maximum\b|at (?:the )?most\b|(?:is|are) (?:fine|ok(?:ay)?|safe|all right) (?:with|if|when|as long)\b)/i;
/** “As long as the packet says, less a minute”, “2 minutes less than it says”: so much off a time that is not told. */
const LESS_BEFORE = /(?<!\bsaut[eé][\s–-]?)(?<!\bset to )\b(?:less|minus)\s+$/i;
const LESS_AFTER =
  /^\s*(?:less|fewer|shorter|short|under|shy)(?: (?:than|of))? (?:the|what|it|its|your|on)\b/i;
/** “About 20 minutes before the lamb is done, …”: when, and not how long. */
const BEFORE_SOMETHING = new RegExp(
  String.raw`^(?:about |around |some |roughly )?(?:(?:${NUMBER})|half an|an|a quarter of an) ?(?:min(?:ute)?s?|hours?|hrs?)\b\.? before\b`,
  'iu',
);
/** “Meanwhile, 15 minutes before the end, heat the oven.” */
const BEFORE_THE_END =
  /^\s*before (?:the end|the time is up|it is (?:done|ready)|it['’]s (?:done|ready)|you (?:get up|wake|eat|serve|want|need|leave|plan)|(?:breakfast|dinner|lunch|supper|bed(?:time)?)\b|(?:the|your) guests)/i;
/** “It goes from firm to mush in a minute”: what would become of it. */
const WOULD_BECOME =
  /^(?:because |or |as |for )?(?:it|they|these|this)(?:(?:'|’)ll| will| can)? (?:goes?|turns?|overcooks?|collapses?|burns?|catch(?:es)?|falls? apart)\b[^.]*\bin (?:an?|one|two|\d)/i;
const behind = (sentence: string, text: string): string =>
  sentence.slice(sentence.indexOf(text) + text.length);
/** “(an hour ahead is fine)” */
const AHEAD = new RegExp(
  String.raw`(?:${NUMBER}|\b(?:half an|an?)) ?(?:min(?:ute)?s?|hours?|hrs?|days?)\b\.? (?:ahead|beforehand|in advance) (?:is|are|will|would|works|does)\b`,
  'iu',
);
const ESTIMATE = /\b(?:about|abt|around|approx\w*|ca|takes?|took|roughly|up to|will take)\b|~/i;

const OR_SO = /(?:\bor so|-odd\b|ish|\bor thereabouts|\bgive or take)\b/i;

/** Numbers that stand where minutes would, and have no unit. */
const BARE = new RegExp(
  String.raw`(?:^|\b(?:for|about|around|another|wait|waiting|leave|leave it|leave it for|(?:the|a) full|rest|rest it|(?:rest|simmer|boil|sweat|toast|reduce|steam) (?:the )?(?!for\b|over\b|on\b|in\b|with\b)[a-z]{3,}|give (?:it|them)|give (?:it|them) another|natural|naturally|natural release|natural release for|nat|NP?R|NPR for|HP|LP|PC|PC for|have|allow|set to|set it to|set for|timer to|timer for|high,?|low,?|max,?|hi|lo|pressure|pressure for|cook|\d{3} ?°?[CF]?|sit|sit for|stand|bubble|simmer|saut[eé]|boil|fry|bake|roast|grill|of)\s+(?:[x×@~]\s*)?)(${NUMBER})(?:\s*(?:to|-|–)\s*(${NUMBER}))?(?=$|\s*\/|\s?-?ish\b|\s*(?:on|at(?! a time)|HP|LP|PC|high|low|more|then|or so|under|of pressure|pressure|natural|NP?R|QR|release|until|till|in all|total|tops|max|to (?:release|come down|drop|depressuri[sz]e))\b|\s*[.;!)](?!\d))`,
  'dgiu',
);
const MOST_BARE = 120;
/** “6 min first side, 4 the second”: the second has minutes of its own. */
const SECOND_SIDE =
  /^(?:then )?(?:about )?(\d{1,3})(?: ?(?:m|mins?|minutes?))? (?:on )?the (?:second|other|next|flip)\b(?: side| one)?\.?$/di;
const isSecondSide = (text: string, sentence: string): boolean =>
  SECOND_SIDE.test(text) &&
  findDurations(sentence.slice(0, sentence.indexOf(text))).length > 0 &&
  /\bsides?\b/i.test(sentence);

/** “If it clings to the bone 6 more”: minutes, in a sentence for that case. */
const BARE_MORE = /\b(\d{1,3})\s+more\b(?!\s+(?!if|then|until|and)\p{L})/diu;

function moreTimes(text: string, sentence: string, taken: readonly ClauseTime[]): ClauseTime[] {
  const isSaid = CONDITION.test(text) || /^(?:for )?\d{1,3} more\.?$/i.test(text);
  const pattern = isSecondSide(text, sentence) ? SECOND_SIDE : isSaid ? BARE_MORE : null;
  const match = taken.length === 0 ? (pattern?.exec(text) ?? null) : null;
  const [start, end] = match?.indices?.[1] ?? [0, 0];
  const from = Number(match?.[1]);
  if (!match || !(from > 0 && from <= MOST_BARE)) return [];
  return [
    { from, to: null, perPound: null, start, end, isBare: true, isEstimate: false, isLimit: false },
  ];
}

function bareTimes(text: string, taken: readonly Duration[]): ClauseTime[] {
  return [...text.matchAll(BARE)].flatMap((match) => {
    const value = toNumber(match[1] ?? '');
    const to = match[2] === undefined ? null : toNumber(match[2]);
    const end = match.index + match[0].length;
    const start = match.indices?.[1]?.[0] ?? match.index;
    const isNone =
      !Number.isInteger(value) ||
      value > MOST_BARE ||
      (to !== null && !(to > value && to <= MOST_BARE));
    if (isNone || taken.some((t) => start < t.end && end > t.start)) return [];
    return [
      {
        from: value,
        to,
        perPound: null,
        start,
        end,
        isBare: true,
        isEstimate: /\b(?:about|around)\s+$/i.test(text.slice(0, start)),
        isLimit: false,
      },
    ];
  });
}

/** “12 min per 500 g = 43 min”: what it comes to for the piece that the text is about. */
const isSumOf = (text: string, rate: Duration | undefined, sum: Duration): boolean =>
  rate?.perPound != null &&
  sum.perPound === null &&
  /^[^.;]{0,24}(?:=|\bso\b|\bi\.?e\.?|\bcomes to\b|\bmakes\b|\bworks out (?:at|to)\b|\bthat(?:'|’)s\b)\s*(?:about |around )?$/i.test(
    text.slice(rate.end, sum.start),
  );

const isOfOtherSize = (text: string, before: Duration | undefined, time: Duration): boolean =>
  before !== undefined &&
  /^\s*(?:for|if)\b[^,;.]*\bor\s+(?:about\s+|for\s+)?$/i.test(text.slice(before.end, time.start)) &&
  /^\s*(?:for|if)\b/i.test(text.slice(time.end));

/** Times of a clause; those of one batch or one side count for all of them. */
export function timesIn(text: string, sentence: string): ClauseTime[] {
  // “Stirring every 5 minutes” tells how often, “for the last 15” when; neither how long.
  const timed = findDurations(text).filter(
    (t) =>
      !allowsWaiting(text) &&
      !(BEFORE_SOMETHING.test(sentence) && sentence.startsWith(text)) &&
      !(t.end === text.length && BEFORE_THE_END.test(behind(sentence, text))) &&
      !AHEAD.test(text) &&
      !WOULD_BECOME.test(text) &&
      !LESS_BEFORE.test(text.slice(0, t.start)) &&
      !LESS_AFTER.test(text.slice(t.end)) &&
      !/\b(?:every|last|final|(?:stirring|turning|basting|shaking)\s+after)\s+$/i.test(
        text.slice(Math.max(0, t.start - 20), t.start),
      ),
  );
  // “3 minutes a side, 12 in all”: the last is the sum.
  if (IN_ALL.test(sentence) && !IN_ALL.test(text) && (SIDES.test(text) || EACH.test(text)))
    return [];
  // “Four minutes a side, eight minutes a batch”: the second is the sum of the first.
  if (SIDES.test(text) && !EACH.test(text) && A_BATCH.test(sentence)) return [];
  const isEach =
    SIDES.test(text) ||
    (EACH.test(text) && !OF_SO_MANY.test(text)) ||
    (isAtATime(sentence) && !IN_ALL.test(sentence)) ||
    (EACH.test(sentence) && findDurations(sentence).length === 1);
  const told = BATCHES.exec(sentence)?.[1] ?? (IN_BATCHES.test(sentence) ? '2' : '1');
  const batches = isEach ? toNumber(told) : 1;
  const sum = timed.findIndex((t, i) => isSumOf(text, timed[i - 1], t));
  if (sum > 0) timed.splice(sum - 1, 1);
  const times =
    (Number.isInteger(batches) && batches <= 12 ? batches : 1) *
    (isSecondSide(text, sentence) ? 1 : sidesTold(text));
  const own = timed.map((t, i): ClauseTime => {
    const of = t.perPound === null ? times : 1;
    const before = text.slice(Math.max(0, t.start - 16), t.start);
    return {
      ...t,
      from: t.from * of,
      to: t.to === null ? null : t.to * of,
      isBare: false,
      isEstimate: ESTIMATE.test(before) || OR_SO.test(text.slice(t.start, t.end + 16)),
      isLimit:
        LIMIT_BEFORE.test(before) ||
        WITHIN.test(text.slice(0, t.start)) ||
        NEVER_LONGER.test(text.slice(0, t.start)) ||
        LIMIT_AFTER.test(text.slice(t.end, t.end + 24)) ||
        isTheMost(text, sentence, t),
      ...(isTheMost(text, sentence, t) ? { isMost: true } : {}),
      ...(isOfOtherSize(text, timed[i - 1], t) ? { isCase: true } : {}),
    };
  });
  const bare = allowsWaiting(text) ? [] : bareTimes(text, timed);
  const each = isAtATime(sentence) ? batches : 1;
  const found = [
    ...own,
    ...bare.map((t) => ({ ...t, from: t.from * each, to: t.to && t.to * each })),
  ];
  return [...found, ...moreTimes(text, sentence, found)].sort((a, b) => a.start - b.start);
}

/** “At least 2 hours and up to 2 days”: the first is waited for, the second is allowed. */
function isTheMost(text: string, sentence: string, time: Duration): boolean {
  if (!/^(?:for )?(?:up to|as long as|no more than)\s*$/i.test(text.slice(0, time.start)))
    return false;
  const [first] = findDurations(sentence);
  return first !== undefined && first.end <= sentence.indexOf(text);
}

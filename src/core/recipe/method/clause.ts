/** One clause of a method, with what it says: facts only, for what they mean depends on what the pot is doing. */
import { mentionedFood } from '../../food';
import { findDurations, findTemperature } from '../durations';
import {
  isFinishing,
  isLoading,
  isPreparing,
  kindOf,
  levelIn,
  saysBurner,
  saysEither,
  saysLevel,
  saysLidOff,
  saysLidOn,
  saysMeanwhile,
  saysNatural,
  saysOtherPot,
  saysPreheat,
  saysPressure,
  saysQuick,
  saysRest,
  saysSaute,
  saysSet,
  saysSlow,
  saysSwitch,
  saysUnsealed,
  saysWait,
  saysWhen,
} from '../phrases';
import { toClauses } from '../sentences';
import { FRYING_PAN, SAME_PAN } from '../vessels';
import type { FoundKind } from '../types';
import { allowsWaiting } from '../waits';
import { COMES_TO } from './rates';
import { BATCHES, CONDITION, EACH, IN_BATCHES, isAtATime, timesIn, type ClauseTime } from './times';
import { potWords, type PotWords } from './pot-words';

export interface Clause extends PotWords {
  text: string;
  sentence: string;
  /** Number of its sentence. */
  at: number;
  times: readonly ClauseTime[];
  level: 'low' | 'high' | 'max' | null;
  celsius: number | null;
  kind: FoundKind | null;
  /** On a stove or in a pan beside the pot. */
  isBurner: boolean;
  pressure: boolean;
  /** A level with nothing of pressure: “4 min at low”. */
  levelAlone: boolean;
  /** Of the way to pressure, and not of the time at it. */
  comingUp: boolean;
  natural: boolean;
  quick: boolean;
  either: boolean;
  rest: boolean;
  wait: boolean;
  set: boolean;
  saute: boolean;
  lidOn: boolean;
  lidOff: boolean;
  switchOff: boolean;
  preheat: boolean;
  when: boolean;
  meanwhile: boolean;
  /** In another pot than what was told before. */
  otherPot: boolean;
  /** Boiled or simmered in a pan on the stove, with no cooker in the sentence. */
  inSaucepan: boolean;
  /** Names a pot or cooker. */
  inCooker: boolean;
  /** Its minutes are for one batch of a number that is not told. */
  eachBatch: boolean;
  /** For another case: “if it is too soupy”, “or 45 minutes if …”. */
  conditional: boolean;
  /** Its sentence tells how the pressure is let out, or the one that follows begins with it. */
  releases: boolean;
  /** Goes on with what was under way: “5 more”, “back under pressure”. */
  again: boolean;
  loading: boolean;
  preparing: boolean;
  finishing: boolean;
}

/** Where a clause about a release begins inside one that is about a hold too. */
const RELEASE_INSIDE =
  /\b(?:with|w\/|using|followed by|plus|,)?\s*(?:a |an )?(?:(?:\d+|\w+)[- ]?min\w*(?: of)? )?(?:natural|quick|NPR\b|QP?R\b)/i;
/** “High 50 min natural release all the way”: the minutes behind a level alone are those at it. */
const LEVEL_BEFORE = /^(?:cook )?(?:on |at )?(?:HP|LP|high|low|max)(?: pressure)?$/i;
const MINUTES_FIRST = /^\s*(?:\d+|\p{L}+)[- ]?min\p{L}*(?! of\b)/iu;
const NEGATED =
  /\b(?:do(?:es)? not|don(?:'|’)?t|never|no need to|without|instead of|rather than|not)\b[^.;]{0,40}$/i;
const COMING_UP =
  /\b(?:to|until (?:it|the \w+)|will|takes?[^.]{0,16}) (?:come|comes|get|gets|reach|reaches|build|builds|rise|rises|heat|warm)(?: (?:up|itself))?(?: to)?(?: (?:full|high|low))?\b[^.]{0,12}\bpressure\b|\bto (?:pressuri[sz]e|preheat)\b|\bcome[- ]up\b/i;
/** The whole sentence is for another case. */
const OTHER_CASE =
  /\blast time\b|\b(?:is|are|works?|will do|does) (?:(?:fine|good|great|ok(?:ay)?|(?:just|equally) as (?:well|good)|perfectly well) (?:too|as well|also|instead)|(?<=works? |do )(?:too|as well|instead))\b|^or (?!so\b)|\b(?:hot|warm) or (?:chilled|cold|at room temperature)\b|\bserve\b[^.]*\b(?:warm|hot)\b[^.]*\bor\b[^.]*\b(?:chill|refrigerat|cold)|^\(?(?:if|unless|(?:for|to make|when making|when) (?:a |you )?(?:double|doubling|half|halving|larger|smaller|bigger|twice))\b/i;
/** “15 minutes for large ones”, behind a time that stands: for other sizes. */
const OF_OTHER_SIZE =
  /^(?:or )?(?:about )?\d+(?: ?[-–] ?\d+)?(?: ?(?:m|mins?|minutes?))?,? (?:for|if) (?:(?:the|very|really|extra|a|they(?:'|’)re|it(?:'|’)s|using|you like (?:it|them|(?:'|’)?em)) )*(?:large|larger|big|bigger|small|smaller|giants?|huge|medium|thick|thicker|thin|thinner|fat|tiny|jumbo|baby|old|older|young|hard|soft|softer|creamy|creamier|firm|firmer|frozen|bone|boneless|whole|halved|soaked|unsoaked|brown|white)\b/i;
/** “Either A) grill it for 10 minutes, or B) bake it for 20”: the first stands, the other is shown. */
const LETTERED = /^(?:or )?\(?[b-d]\)\s/i;
/** “Too soupy? Simmer for 10 minutes.” */
const ASKED_BEFORE = /^[^.!?]{3,60}\?\s/;
const AGAIN =
  /\b(?:more|another|again|further|extra|re-?(?:seal|lock|close)|back|second|once more)\b/i;
const SAUCEPAN =
  /\bon the (?:stove|hob|stovetop|burner|range)\b|\b(?:saucepan|stockpot|casserole|dutch oven|rice[- ]cooker)\b/i;
/** A rice cooker’s keys are no levels of pressure. */
const RICE_COOKER = /\brice[- ]cooker\b/i;
const COOKER =
  /\bsaut[eé]|\b(?:multi-?cooker|pressure[- ]cooker|(?:pressure[- ])?cooking pot|inner pot|liner)\b|(?<!\brice[- ])(?<!slow[- ])\bcooker\b|\bthe pot\b/i;
/** “Throw out any that stay shut”: shells, not lids. */
const SHELLS =
  /\b(?:stay|stays|remain|remains|still|are|is|keep) (?:tightly |firmly )?(?:shut|closed)\b|\b(?:mussels|clams|cockles|shells?)\b(?![^.]*\blid\b)/i;

/** What is told not to be done: “don’t wait for a natural release”. */
function isNegated(text: string, says: (clause: string) => boolean): boolean {
  const [word] = /\b(?:natural|quick|release|stir|vent|open|lid)\w*/i.exec(text) ?? [];
  if (!word || !says(text)) return false;
  return NEGATED.test(text.slice(0, text.indexOf(word)));
}

/** “Don’t let it boil”, “without browning”. */
const LEFT_UNDONE =
  /\b(?:do(?:es)? not|don(?:'|’)?t|never|no need to|without|not|avoid)\s+(?:let(?:ting)? (?:it|them|the [\p{L} ]+?)\s+)?(?:to\s+)?(?:re-?)?(?:boil|brown|colou?r|burn|simmer|bubble|toast|crisp|sear|fry|thicken|chill|soak|bake|roast|overcook)/iu;
const isLeftUndone = (text: string): boolean =>
  LEFT_UNDONE.test(text) && kindOf(text.replace(LEFT_UNDONE, ' ')) === null;

/** “Lid on, no heat, 6 minutes”, “the lid on (no pressure)”: it lies there in what is hot. */
const NO_HEAT =
  /\b(?:no|without|off the|residual|(?:just|only) (?:the|its|in the)(?: own| residual)?) heat\b|\bheat (?:is )?off\b|\(off\)|^(?!.*\b(?:steam|simmer|boil|poach|valve)).*\b(?:no|without|not under) pressure\b/i;
/** “4 min; off the heat add the lemon juice”: what is done then, and not what was done before. */
const OFF_HEAT_WORK =
  /[,;.]?\s*(?:then )?off the heat,?\s+(?:add|stir|whisk|beat|fold|swirl|mix|squeeze|season)\b.*$/i;
/** A lid that holds no pressure. */
const PLAIN_LID =
  /\b(?:glass|ordinary|normal|plain|loose|saucepan|pan|tempered)\)?[- ]lid\b|\blid\b[^.]{0,12}\b(?:unlocked|ajar|half on|loosely)\b|\b(?:without|don['’]t|do not|not) (?:lock|seal)(?:ing|ed)?\b/i;

/** “Lid back on for a minute, it’ll wilt”: what is hot is covered, and no pressure comes of it. */
const COVERED =
  /\blid (?:back )?on\b(?=[^.]{0,80}\b(?:wilt|melt|warm through|heat through))|\b(?:wilt|melt)\w*\b[^.]{0,80}\blid (?:back )?on\b|\blid on\b(?=[^.]{0,80}\b(?:keep[- ]warm|no heat|off the heat|heat off)\b)|\b(?:lid|cover) (?:goes |is )?back on\b|\b(?:put|place|pop) the lid back on\b|\blid (?:back )?on (?:the )?top\b/i;
const isCovered = (sentence: string, next: string): boolean =>
  COVERED.test(sentence) &&
  !saysPressure(sentence) &&
  !saysLevel(sentence) &&
  !saysNatural(sentence) &&
  !saysQuick(sentence) &&
  !beginsWithRelease(next);

/** “For 5 whistles, then 15 minutes on a low flame”: a pot with a weight, on a stove; nobody knows how long that is here. */
export const WHISTLES = /\bwhistles?\b/i;
const FLAME = /\b(?:flame|gas|sim)\b/i;

/** “Listed under pressure cooking”: a heading of the list, and no cooking. */
const IN_LIST =
  /\b(?:listed|given|named|ingredients?)\b[^.]{0,24}\b(?:under|for)\b[^.]{0,12}\bpressure/i;

/** “So that the fennel softens”: what comes of it, and not what is done. */
const OUTCOME = /\s*,?\s*\bso (?:that )?(?:it|they|the|everything|all|you)\b.*$/i;

/** “To crisp the edges”, “no pressure”: what for and how, not what is done. */
const isPurpose = (text: string, times: readonly ClauseTime[]): boolean =>
  times.length === 0 && /^(?:to|until|till|so that)\b|^(?:no|without) pressure$/i.test(text);

/** “Until puffed | and deep golden”: how it looks when it is done. */
const isLook = (text: string, sentence: string, times: readonly ClauseTime[]): boolean =>
  times.length === 0 &&
  // “Season, brown well all over”: nobody waits until it is.
  (!/^brown\b/i.test(text) || /\b(?:un)?til+\b|\bwhen\b/i.test(sentence)) &&
  /^(?:(?:deep(?:ly)?|nicely|lightly|just|well|very) )?(?:golden|brown(?:ed)?|puffed|crisp|tender|soft|fragrant|translucent|bubbling|caramelised|caramelized)\b(?! (?:the|it|them|off|in|lid)\b)/i.test(
    text,
  );

/** “Leave 10 min.”: behind a level and its minutes, the pot is what is left. */
const IS_LEFT = /^(?:then )?leave (?:it |to stand |for |about )*\d+ ?(?:m|mins?|minutes?)?$/i;

/** “4 mins high then leave it the full 10”: what is left under pressure lets it go by itself. */
const LEFT_FOR =
  /\b(?:high|low|max)\b[^.]*\bleave (?:it |them )?(?:for )?(?:the |a )?(?:full |another |further )?\d+(?! ?(?:hours?|hrs?|days?)\b)/i;

/** “Melt the butter in the same pan”: the one on the stove, where there is one. */

/** A sentence that begins by letting the pressure out. */
const beginsWithRelease = (sentence: string): boolean => {
  const [first = ''] = toClauses(sentence);
  return (
    (saysNatural(first) || saysQuick(first) || IS_LEFT.test(first.replace(/\.$/, ''))) &&
    !CONDITION.test(first) &&
    !saysWhen(first) &&
    !saysPressure(first)
  );
};

/** “9 min per lb for bone in, 7 min/lb for boneless”: the first stands, and the other is shown. */
const isLaterRate = (text: string, sentence: string, times: readonly ClauseTime[]): boolean =>
  times.some((t) => t.perPound !== null) &&
  findDurations(sentence.slice(0, sentence.indexOf(text))).some((d) => d.perPound !== null);

const TOASTED_BREAD =
  /^(?:then |meanwhile |lightly )?toast (?:the |your |some )?(?:\p{L}+ )?(?:buns?|bread|rolls?|baps?|baguettes?|muffins?|pitt?as?|bagels?|sourdough|ciabatta|naans?)\b/iu;
const WHIPPED = /^serve\b.*\b(?:whipped|whisked|beaten)\b/i;

/** “Porridge button, or 30 min high if you haven’t got one”: the minutes are what every pot can do. */
const BUTTON_OR_MINUTES =
  /\b(?:button|setting|program(?:me)?|mode|preset|function),? or (?:else )?(?:about )?\d+ ?(?:m|mins?|minutes?)\b[^.]{0,12}\b(?:high|low|pressure|HP|LP)\b/i;

/** “High for 10 minutes if they’re small, 14 if they’re not”: the first stands, and the other is shown. */
const isFirstOfCases = (text: string, sentence: string): boolean =>
  (saysLevel(text) || saysPressure(text)) &&
  sentence.indexOf(text) <= (findDurations(sentence)[0]?.start ?? -1) &&
  (sentence.match(/\d+ ?(?:min\w*|m)?\.? (?:if|for)\b/gi)?.length ?? 0) > 1;

const BOILED_IN_COOKER =
  /^(?:boil|cook)\b.*\bin (?:the |a |your )?(?:pressure[- ]?cooker|multi-?cooker|cooker)\b/i;
const saysHold = (sentence: string): boolean =>
  saysNatural(sentence) ||
  saysQuick(sentence) ||
  saysPressure(sentence.replace(/\bpressure[- ]?cooker\b/gi, ''));

function kindIn(
  text: string,
  sentence: string,
  times: readonly ClauseTime[],
  isStanding: boolean,
): FoundKind | null {
  if (
    isPurpose(text, times) ||
    isLook(text, sentence, times) ||
    isLeftUndone(text) ||
    allowsWaiting(text)
  )
    return null;
  // “Boil the beans in the cooker: 30 min on high”: how long comes behind.
  if (times.length === 0 && BOILED_IN_COOKER.test(text) && saysHold(sentence)) return null;
  if (WHIPPED.test(text)) return 'finish';
  // A toaster is no pot.
  if (times.length === 0 && TOASTED_BREAD.test(text)) return 'finish';
  // “Quick-soak: boil 2 min, let stand 1 hr”: the name of what follows.
  if (times.length === 0 && /^(?:quick|hot|fast)[- ]soak\b/i.test(text)) return null;
  return (
    kindOf(text.replace(OUTCOME, ''), sentence) ?? (times.length > 0 && isStanding ? 'rest' : null)
  );
}

/** “While it’s under pressure boil the pasta”: when, and no cycle. */
const WHILE_UNDER =
  /^(?:(?:meanwhile,? )?(?:while|whilst|as)\s+)?(?:it|that|this|they|everything|the [\p{L} ]{2,20}?)(?:(?:'|’)s|(?:'|’)re| is| are)?\s+(?:(?:still |cooking )?(?:under|at)|coming (?:up )?to|getting (?:up )?to) (?:(?:full|high|low|the) )?pressure,?\s+(?=\p{L})/iu;
const WHILE = /^(?:meanwhile,? )?(?:while|whilst|as)\b/i;

function factsOf(
  told: string,
  sentence: string,
  at: number,
  { next = '', before = '', hasPan = false, isInPan = false }: Around,
): Clause {
  const text = WHILE.test(sentence) ? told.replace(WHILE_UNDER, '') : told;
  const natural = saysNatural(text) && !isNegated(text, saysNatural);
  const quick = saysQuick(text) && !isNegated(text, saysQuick);
  const comingUp = COMING_UP.test(text);
  const times = timesIn(text, sentence);
  const isStanding = NO_HEAT.test(sentence.replace(OFF_HEAT_WORK, '')) || isCovered(sentence, next);
  return {
    ...potWords(text, sentence),
    text,
    sentence,
    at,
    times,
    level: levelIn(text),
    celsius: findTemperature(text),
    kind: kindIn(text, saysPreheat(before) ? `${before} ${sentence}` : sentence, times, isStanding),
    // The pot is shut meanwhile: what is boiled is boiled beside it.
    isBurner:
      text !== told || saysBurner(sentence) || isInPan || (hasPan && SAME_PAN.test(sentence)),
    pressure:
      (saysPressure(text) || WHISTLES.test(text)) &&
      !/\b(?:no|without) pressure\b/i.test(text) &&
      !IN_LIST.test(sentence) &&
      // “Steam setting, valve open, 15 mins”: nothing holds it.
      !(saysUnsealed(sentence) && !/\bpressure\b|\bHP\b|\bLP\b/i.test(text)) &&
      !(RICE_COOKER.test(sentence) && !/\bpressure\b/i.test(sentence)),
    levelAlone: saysLevel(text),
    comingUp,
    natural,
    quick,
    either: saysEither(text),
    rest: saysRest(text),
    wait: saysWait(text),
    set: saysSet(text),
    saute: saysSaute(text) && !isInPan,
    lidOn:
      saysLidOn(text) &&
      !saysLidOff(text) &&
      !isNegated(text, saysLidOn) &&
      !SHELLS.test(text) &&
      !allowsWaiting(text) &&
      !PLAIN_LID.test(sentence) &&
      !isStanding,
    lidOff: saysLidOff(text),
    switchOff: saysSwitch(text),
    preheat: saysPreheat(text),
    when: saysWhen(text),
    // “Meanwhile, heat the oven. Roast the carrots”, but not what comes out of the pot: “lay the pieces on a tray”.
    meanwhile:
      saysMeanwhile(sentence) ||
      (saysMeanwhile(before) && saysPreheat(before) && mentionedFood(sentence) !== null),
    otherPot: saysOtherPot(sentence),
    inSaucepan: SAUCEPAN.test(sentence) && !FRYING_PAN.test(sentence),
    inCooker: COOKER.test(sentence) && !isInPan,
    eachBatch:
      IN_BATCHES.test(sentence) &&
      !BATCHES.test(sentence) &&
      (EACH.test(sentence) || isAtATime(sentence)),
    conditional:
      (CONDITION.test(text) &&
        !(OTHERWISE.test(text) && saysSlow(before) && saysPressure(text)) &&
        !isFirstOfCases(text, sentence) &&
        !BUTTON_OR_MINUTES.test(sentence)) ||
      OTHER_CASE.test(sentence) ||
      (LETTERED.test(sentence) && /\bor$/i.test(before)) ||
      (OF_OTHER_SIZE.test(text) &&
        findDurations(sentence.slice(0, sentence.indexOf(text))).length > 0) ||
      COMES_TO.test(sentence) ||
      EATEN_OR_CHILLED.test(sentence) ||
      isLaterRate(text, sentence, times) ||
      (WHISTLES.test(sentence) && FLAME.test(text)) ||
      ASKED_BEFORE.test(sentence),
    releases:
      (saysLevel(text) && LEFT_FOR.test(sentence)) ||
      saysNatural(sentence) ||
      saysQuick(sentence) ||
      beginsWithRelease(next),
    again: AGAIN.test(text),
    loading: isLoading(text),
    preparing: isPreparing(text),
    finishing: isFinishing(text),
  };
}

/** “Slow cook if you like. Otherwise high pressure 45 minutes”: the way that is planned, and no other case. */
const OTHERWISE = /^otherwise\b/i;

/** “If not, lid back on for 5 minutes”: the case is that of what follows it. */
const CASE =
  /^(?:and |but )?if (?:(?:it|they|that)(?:(?:'|’)(?:s|re)| is| are| looks?| seems?| feels?) )?(?:still |not |too |very |quite |a (?:bit|little|touch) )?(?!(?:using|you|i|we)\b)\p{L}+(?: be| yet| enough)?$|^(?:and |but )?if (?:it|they|that) (?:do|does|is|are|has|have)(?:n(?:'|’)t| not)(?: (?:quite|yet|there|done|ready|cooked|set|tender|soft|through))*$|^(?:and |but )?if (?:the |your |any |some )?(?!(?:it|they|that|this|these|you)\b)\p{L}+(?: \p{L}+)? (?:is|are|has|have|do|does|looks?|seems?|feels?)(?:n(?:'|’)t| not)?\b[^,]{0,40}$/iu;

/** “Eat warm or chill 3 hrs”: nobody has to wait for it. */
const EATEN_OR_CHILLED =
  /\b(?:eat|serve|enjoy|have it)\b[^.;]{0,30}\b(?:warm|hot|now|(?:straight|right) away|at once|immediately)\b[^.;]{0,30}\bor (?:\p{L}+ ){0,2}(?:chill|refrigerate|cool|let it cool)\b|\b(?:chill|refrigerate)\b[^.;]{0,30}\bor (?:serve|eat|enjoy)\b[^.;]{0,12}\b(?:warm|hot|now|(?:straight|right) away|at once|immediately)\b/iu;
/** “Serve with the cream, whipped (3 minutes)”: how it is made ready, and no work of its own. */
const MADE_READY =
  /^(?:\p{L}+ly )?(?:whipped|whisked|beaten|chopped|sliced|diced|grated|covered|uncovered)\b/iu;

/** “(From thawed: 3 minutes.)” */
const FROM_STATE = /^\(?(?:straight )?from (?:frozen|thawed|defrosted|fresh|chilled)$/i;

/** “If it doesn’t, put the lid back on | and wait 5 minutes”. */
const isUntimedCase = (text: string): boolean =>
  CASE.test(text.split(',')[0] ?? '') && findDurations(text).length === 0;

/** “16 minutes, high pressure”: the minutes are those of what is named behind them. */
function withTheirTimes(clauses: readonly string[]): string[] {
  const joined: string[] = [];
  for (const clause of clauses) {
    const before = joined.at(-1) ?? '';
    if (CASE.test(before) || FROM_STATE.test(before) || isUntimedCase(before)) {
      joined[joined.length - 1] = `${before}, ${clause}`;
      continue;
    }
    const isReady = MADE_READY.test(clause) && findDurations(clause).length > 0;
    if (before !== '' && isReady && findDurations(before).length === 0) {
      joined[joined.length - 1] = `${before}, ${clause}`;
      continue;
    }
    const [time] = findDurations(before);
    // “Reduce if it’s thin, 5 mins or so”: the minutes are of that case.
    const isOfCase =
      time === undefined &&
      CONDITION.test(before) &&
      /^(?:for )?(?:about |another )?\d+(?:[-–]\d+)? ?(?:m|mins?|minutes?)\b(?: or so| more)?\.?$/i.test(
        clause,
      );
    if (isOfCase) {
      joined[joined.length - 1] = `${before}, ${clause}`;
      continue;
    }
    const isTimeAlone =
      time && before.slice(0, time.start).trim() === '' && time.end === before.length;
    const isNamed =
      (saysPressure(clause) || /^(?:on |at )?(?:high|low|max)$/i.test(clause)) &&
      findDurations(clause).length === 0 &&
      !saysNatural(clause) &&
      !saysQuick(clause);
    if (isTimeAlone && isNamed) joined[joined.length - 1] = `${before}, ${clause}`;
    else joined.push(clause);
  }
  return joined;
}

/** The sentences beside one. */
export interface Around {
  next?: string | undefined;
  before?: string | undefined;
  /** A pan on the stove was told of before. */
  hasPan?: boolean;
  /** It goes on in the pan of the sentence before. */
  isInPan?: boolean;
}

/** Clauses of a sentence; one that tells of a hold and of a release is two. */
export function readClauses(sentence: string, at: number, around: Around = {}): Clause[] {
  return (
    withTheirTimes(toClauses(sentence))
      // “While it is in the oven” only says when.
      .filter(
        (c, i) =>
          !(
            i === 0 &&
            /^while\b(?! (?:still |it(?:'|’)?s (?:still )?)?(?:hot|warm)\b)/i.test(sentence) &&
            !isPreparing(c) &&
            !findDurations(c).length
          ),
      )
      .flatMap((text) => {
        const cut = saysPressure(text) || saysLevel(text) ? RELEASE_INSIDE.exec(text) : null;
        if (!cut || cut.index <= 3) return [text];
        const hold = LEVEL_BEFORE.test(text.slice(0, cut.index))
          ? (MINUTES_FIRST.exec(cut[0])?.[0].length ?? 0)
          : 0;
        const at = cut.index + hold;
        return [text.slice(0, at).trim(), text.slice(at).trim()];
      })
      .map((text) => factsOf(text, sentence, at, around))
  );
}

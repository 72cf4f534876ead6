/**
 * A method as stages: of all ways to understand its clauses, the one that leaves least to guess and no time unread.
 *
 * @source a beam search over the states of a pot, as in B. Lowerre, “The Harpy Speech Recognition System” (1976),
 *   from memory
 */
import { withLeadTimes } from '../ahead';
import { withLiftingOut } from '../lifted-out';
import { withPastSoaks } from '../past-soaks';
import { withRepeats } from '../repeats';
import { withWorkBefore } from '../work-before';
import { findDurations } from '../durations';
import { isPreparing, saysBurner, saysPressure, saysSlow } from '../phrases';
import { toClauses, toSentences } from '../sentences';
import type { FoundStage } from '../types';
import { staysInPan } from '../vessels';
import { allowsWaiting } from '../waits';
import { readClauses } from './clause';
import { moves } from './moves';
import { withRates } from './rates';
import { best, Path } from './path';

export interface ReadInstructions {
  stages: FoundStage[];
  /** What is said of a slow cooker instead. */
  slow: string[];
  /** What is said of storing, freezing and heating again: no step. */
  kept: string[];
  /** Clauses with a time that nothing was made of. */
  left: string[];
  /** Clauses with a time for another case (“if it is too thin, 5 minutes”), or of a few seconds. */
  cases: string[];
}

/** A hold that never got its minutes; a release that nobody told. */
const NO_HOLD = 2;
const NO_RELEASE = 0.4;

/** What a finished way leaves open. */
function openEnds(p: Path): number {
  return p.stages.reduce(
    (sum, { cycle }) =>
      sum +
      (cycle && Number.isNaN(cycle.holdMinutes) ? NO_HOLD : 0) +
      (cycle?.release.kind === 'unknown' ? NO_RELEASE : 0),
    0,
  );
}

/** Beside a cycle under pressure a slow cooker is the other way to make the dish; alone, it is the work itself. */
const isSlow = (sentence: string): boolean =>
  saysSlow(sentence) && !saysPressure(sentence.replace(/slow[- ]?cook\w*/gi, ''));

/** “Slow cook on low for 2 to 6 hours”, behind a cycle, with the dish still to be finished: the next thing that is done. */
const GOES_ON_SLOWLY = /^(?:then |now )?slow[- ]cook (?:it |this |everything )?(?:on|at|for)\b/i;
const OTHER_WAY =
  /\b(?:instead|alternatively|or|either|option|method|version|if|without|setting)\b/i;
function goesOnSlowly(sentences: readonly string[], at: number): boolean {
  const [sentence = '', before = '', after = ''] = [at, at - 1, at + 1].map((i) => sentences[i]);
  return (
    GOES_ON_SLOWLY.test(sentence) &&
    !OTHER_WAY.test(sentence) &&
    findDurations(sentence).length > 0 &&
    sentences.slice(0, at).some((s) => saysPressure(s) && findDurations(s).length > 0) &&
    !/\b(?:serve|garnish|slow)\b/i.test(before) &&
    after !== '' &&
    !sentences.slice(at + 1).some(saysPressure)
  );
}

const KEEPING =
  /^(?:(?:it|this|they)(?:(?:'|’)s|(?:'|’)re| is| are) )?best (?:if )?(?:rested|left|made|eaten|kept)\b|^to serve:?,? (?:thaw|defrost|reheat)|^(?:and )?(?:(?:it|this|they|that)(?:(?:'|’)s|(?:'|’)re| is| are) )?(?:even |much |far |just |always )?(?:better|best|nicer)\b[^.,;]{0,16}\b(?:(?:the )?next day|the day after|tomorrow|(?:in|after) (?:an?|one|two|three|a few|a couple of) (?:days?|nights?)|a day (?:or two )?(?:later|old)|on the (?:second|third) day)\b|^(?:(?:it|this|they)(?:(?:'|’)s|(?:'|’)re| is| are) )?(?:very |really |also )?(?:nice|good|lovely|great|delicious|excellent|wonderful) (?:served )?(?:with|alongside|next to)\b|\b(?:it|they|this|that|which)(?:(?:'|’)(?:s|re)| is| are| tastes?)? (?:even |just as |also )?(?:better|best|good|great|lovely|nice|delicious)\b[^.]{0,12}\b(?:(?:the )?next day|the day after|tomorrow)\b|^(?:(?:it(?:['’]s| is)|they(?:['’]re| are)) )?(?:just as |also |equally )?(?:good|best|nice|lovely|great|delicious)(?: served| eaten)? (?:hot|warm|cold|chilled|at room temperature)\b|^(?:in (?:the )?)?(?:fridge|freezer)\b[^.]{0,12}\b\d[^.]{0,8}?(?:days?|d\b|weeks?|wks?|months?|mos?\b)|\b(?:leftovers?|keeps? (?:for|well|\d|up to|(?:it |them )?in the (?:fridge|freezer|refrigerator)[^.]{0,12}\b(?:\d+|\p{L}+) (?:days?|weeks?|months?))|lasts (?:for |up to )?\d|last (?:for |up to )\d|(?:will|can|they) last \d|\d \w+ in the (?:fridge|freezer)|\bcan be \p{L}+ed (?:up to )?(?:the |an? |\d+ |\p{L}+ )?(?:days?|night|evening|hours?) (?:before|ahead|in advance)|(?:made|make|prepared?) (?:up to )?(?:\w+ )?(?:\w+ )?(?:days?|hours?)? ?(?:ahead|in advance)|freezes? (?:for|well|up to)|(?:can be|to) (?:frozen|freeze|reheat(?:ed)?)|reheats|\b(?:boiling-)?water[- ](?:bath )?canner\b|\bfor (?:longer |shelf |long )storage\b|(?:^|\.\s)(?:to )?reheat)\b/iu;
/** “(Do this up to a day ahead and keep in the fridge.)”: nothing more is done. */
const MAY_BE_EARLIER =
  /^\(?(?:you can |you may |this can be |can be )?(?:do|done|make|made) (?:this|it|that|all this|this step|this part)? ?(?:up to |as (?:much|long) as )(?:\d+|an?|one|two|three|a few) (?:days?|hours?) (?:ahead|before|in advance|earlier)\b/i;
/** “Serves 5 hungry folk or 6 normal ones.” */
const FOR_HOW_MANY =
  /^(?:it |this |that )?(?:serves|feeds|(?:(?:is|makes|that(?:'|’)s) )?enough for)\b[^.]*(?:\d|\b(?:two|three|four|five|six|eight|ten|twelve)\b)/i;
/** “Pour it over; 3 days in the fridge, turning it each day”: done there, and not only kept. */
const TENDED =
  /\b(?:pour(?:ed)? over|marinad\w*|marinat\w*|brine\w*|turn(?:ing)?(?: (?:it|them|the \w+))? (?:each|every|once|twice|daily))\b/i;
const isKeeping = (sentence: string): boolean =>
  // “Pour off the liquid (save it, it freezes well)”: what stands in brackets is no reason to leave out the work.
  // It all in brackets is a word aside.
  (KEEPING.test(sentence.replace(/^\(([^()]*)\)[.!]?$/, '$1').replace(/\([^()]*\)/g, ' ')) ||
    MAY_BE_EARLIER.test(sentence) ||
    FOR_HOW_MANY.test(sentence) ||
    toClauses(sentence).every(allowsWaiting)) &&
  !saysPressure(sentence) &&
  !TENDED.test(sentence) &&
  // “Cool 1 hour, then at least 6 in the fridge”: done, and not only allowed.
  !/\bat least\b/i.test(sentence) &&
  !/^(?:freeze|chill|lift|unmould)\b/i.test(sentence);

/** “Without a pressure cooker: steam 1¾ hours”: for who has another pot. */
const NO_COOKER =
  /^(?:\(?(?:if you (?:have no|don(?:'|’)t have an?|haven(?:'|’)t (?:got )?an?)|no|without an?|instead of an?)) (?:electric )?(?:pressure[- ]cooker|multi-?cooker)\b/i;

/** “Overnight in the fridge. Reheat on sauté, 15 mins.”: the dish goes on the next day. */
const isNextDay = (sentence: string, before = ''): boolean =>
  /^(?:then )?reheat\b/i.test(sentence) &&
  findDurations(sentence).length > 0 &&
  /\bovernight\b|\bnext day\b/i.test(before);

function readAll(sentences: readonly string[], isSlowOnly: boolean): ReadInstructions {
  const slow: string[] = [];
  const kept: string[] = [];
  let paths = [new Path()];
  let hasPan = false;
  let isInPan = false;
  for (const [at, sentence] of sentences.entries()) {
    hasPan ||= saysBurner(sentence);
    isInPan = staysInPan(sentence, isInPan);
    if (!isSlowOnly && NO_COOKER.test(sentence)) {
      slow.push(sentence);
      continue;
    }
    if (isSlow(sentence) && goesOnSlowly(sentences, at)) {
      for (const p of paths) slowCooked(p, sentence, at);
      continue;
    }
    if (isSlow(sentence)) {
      if (!isSlowOnly) slow.push(sentence);
      else for (const p of paths) slowCooked(p, sentence, at);
      continue;
    }
    if (isKeeping(sentence) && !isNextDay(sentence, sentences[at - 1])) {
      kept.push(sentence);
      continue;
    }
    for (const p of paths) p.loose = null;
    for (const clause of readClauses(sentence, at, {
      next: sentences[at + 1],
      before: sentences[at - 1],
      hasPan,
      isInPan: isInPan && !saysBurner(sentence),
    }))
      paths = best(paths.flatMap((p) => moves(p, clause)));
  }
  for (const p of paths) {
    p.flush(null, null);
    p.closeCycle();
    p.cost += openEnds(p);
  }
  const [first = new Path()] = best(paths);
  first.keepSpare(sentences);
  return { stages: [...first.stages], slow, kept, left: [...first.left], cases: [...first.cases] };
}

function slowCooked(p: Path, sentence: string, at: number): void {
  const [clause] = readClauses(sentence, at);
  const [time] = findDurations(sentence);
  if (!clause) return;
  if (time) p.add(clause, 'slow', { ...time, isBare: false, isEstimate: false, isLimit: false });
  else p.put(clause);
}

const isOpen = (s: FoundStage): boolean => s.cycle !== null && Number.isNaN(s.cycle.holdMinutes);

/**
 * Pressure that is only mentioned beside a cycle of its own is no second one; of several cycles without a time the first
 * is asked for, the others tell of the same. Their words go with what follows, or else with what was before.
 */
function withoutMentions(stages: readonly FoundStage[]): FoundStage[] {
  const isTold = stages.some((s) => s.cycle !== null && !isOpen(s));
  const asked = isTold ? undefined : stages.find(isOpen);
  const kept: FoundStage[] = [];
  let spare: string[] = [];
  for (const stage of stages) {
    if (isOpen(stage) && stage !== asked) {
      spare.push(...stage.sentences);
      continue;
    }
    const before = spare.filter((s) => !stage.sentences.includes(s));
    kept.push({ ...stage, sentences: [...before, ...stage.sentences] });
    spare = [];
  }
  const end = kept.pop();
  if (!end) return kept;
  return [...kept, { ...end, sentences: [...new Set([...end.sentences, ...spare])] }];
}

/** “Slow cook on low for 8 hours, or pressure cook for 35 minutes”: two ways, each told by itself. */
function twoWays(sentence: string): string[] {
  const parts = sentence.split(/,?\s+or\s+(?=(?:in |use |the )?(?:pressure|slow))/i);
  const [first = '', second = ''] = parts;
  return parts.length === 2 && saysSlow(first) !== saysSlow(second) ? [first, second] : [sentence];
}

/** “Lardons 5, out. Venison 4 a batch. Port in, scrape”: what is scraped off was fried. */
const friedBeforeLoosening = (stages: readonly FoundStage[]): FoundStage[] =>
  stages.map((s, i) =>
    s.kind === 'prep' &&
    s.minutes !== null &&
    stages[i + 1]?.kind === 'loosen' &&
    !s.sentences.some((told) => isPreparing(told))
      ? { ...s, kind: 'brown' }
      : s,
  );

/** Reads instructions. Never fails: what names no work is part of the stage beside it. */
export function readInstructions(paragraphs: readonly string[]): ReadInstructions {
  const sentences = withRates(toSentences(paragraphs).flatMap(twoWays));
  let read = readAll(sentences, false);
  if (read.slow.length > 0 && read.stages.every((s) => s.cycle === null))
    read = readAll(sentences, true);
  return {
    ...read,
    stages: withLeadTimes(
      withLiftingOut(
        withWorkBefore(
          withRepeats(friedBeforeLoosening(withPastSoaks(withoutMentions(read.stages)))),
        ),
      ),
    ),
  };
}

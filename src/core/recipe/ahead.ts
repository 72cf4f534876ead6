/**
 * Work that is told to be done some time before: “salt the duck an hour ahead” is a minute of hands and an hour of
 * waiting, and no hour of salting.
 */
import { findDurations } from './durations';
import type { FoundKind, FoundStage } from './types';

const COOKING = String.raw`(?:cooking|eating|serving|you eat|dinner|supper|lunch|the meal|the guests|starting|roasting|browning|frying|searing|braising|grilling|steaming|it goes in|they go in|you (?:start|begin|cook|want|need|plan|are going)|it(?:'|’)?s (?:cooked|needed))`;
/** What stands behind the time. */
const BEHIND = new RegExp(
  String.raw`^\s*(?:or (?:so|more|longer) )?(?:ahead(?: of (?:time|cooking))?\b|beforehand\b|in advance\b|before(?= ${COOKING}\b)|before\s*[,.;]|before$)`,
  'i',
);
/** “Well in advance, ideally 6 hours.” */
const LED =
  /\b(?:ahead|beforehand|in advance)(?: of time)?,?\s*\(?(?:ideally|preferably|at least|about|for)?\s*$/i;
const NIGHT =
  /\b(?:the )?(?:evening|night|day) (?:before|ahead)\b(?! yesterday)|\b(?:a|one) day (?:ahead|before|in advance)\b/i;
/** What may be, and need not. */
const MAY =
  /\b(?:up to|as (?:much|long) as|can be|may be|within|if you (?:like|want|can)|no more than|at most)\b[^.;,]*$/i;
const NIGHT_MIN = 480;
const DAY_MIN = 1440;

interface Lead {
  minutes: number;
  /** Its words in the sentence. */
  words: string;
  /** The time is the longest that it may be done before. */
  isAllowed: boolean;
}

/** How long before the rest of a dish a sentence wants its work done; null where it wants none. */
export function leadIn(sentence: string): Lead | null {
  for (const time of findDurations(sentence)) {
    const before = sentence.slice(0, time.start);
    const behind = BEHIND.exec(sentence.slice(time.end));
    if (!behind && !LED.test(before)) continue;
    const end = time.end + (behind?.[0].length ?? 0);
    const words = sentence.slice(time.start, end).replace(/[\s,.;]+$/, '');
    const isDay = time.from >= DAY_MIN && time.from < 2 * DAY_MIN;
    return { minutes: isDay ? NIGHT_MIN : time.from, words, isAllowed: MAY.test(before) };
  }
  const night = NIGHT.exec(sentence);
  if (!night) return null;
  const isAllowed = MAY.test(sentence.slice(0, night.index));
  return { minutes: NIGHT_MIN, words: night[0], isAllowed };
}

const HEAT: ReadonlySet<FoundKind> = new Set([
  'brown',
  'pressure',
  'slow',
  'simmer',
  'oven',
  'crisp',
  'burner',
]);
/** “Cover the beans with plenty of water the night before.” */
const IN_WATER = /\bsoak|\b(?:cover|submerge|put|leave|stand)\b[^.]*\bwater\b/i;
/** Nobody works with a knife or a bowl for so long, min. */
const LONG_WORK = 60;

/**
 * The stages with a wait where one is told as the time before.
 *
 * @param found in the order of the text; what is on the heat already waits for nothing of this kind
 */
export function withLeadTimes(found: readonly FoundStage[]): FoundStage[] {
  const first = found.findIndex((s) => HEAT.has(s.kind));
  const stages = found.map((s) => ({ ...s }));
  const written: FoundStage[] = [];
  for (const [i, stage] of stages.entries()) {
    const said = stage.sentences.map(leadIn).find((l) => l !== null);
    const isBefore = first < 0 || i < first;
    const told = i === first ? toldBefore(stage) : null;
    if (told) {
      written.push(...told);
      continue;
    }
    // Told under a heading, all of it, or with more under the heading to come.
    const isOfDay =
      stage.sentences.every(isHeaded) ||
      (stage.sentences.some(isHeaded) && isMoreOfDay(stages.slice(i + 1)));
    if (isOfDay && stage.kind !== 'rest' && stage.kind !== 'soak') {
      written.push(stage, ...nightAfter(stage, stages.slice(i + 1)));
      continue;
    }
    const isWork = stage.kind === 'prep' || stage.kind === 'finish';
    if (!said || !(isWork || (isBefore && stage.kind === 'rest'))) {
      written.push(stage);
      continue;
    }
    written.push(
      ...(said.isAllowed
        ? allowed(stage, stages[i + 1], said)
        : waited(stage, stages[i + 1], said)),
    );
  }
  return written;
}

/** Told under a heading: “Day before: boil the beets.” */
const HEADED = /\b(?:(?:the )?(?:day|night|evening) before): /i;
const isHeaded = (sentence: string): boolean => sentence.search(HEADED) === 0;

/** The words of a step with the day told once: every sentence of that day names it. */
export function dayOnce(text: string): string {
  const found = HEADED.exec(text);
  if (!found) return text;
  const from = found.index + found[0].length;
  return text.slice(0, from) + text.slice(from).replaceAll(found[0], '');
}

const isMoreOfDay = (later: readonly FoundStage[]): boolean =>
  later.some((s) => s.sentences.some(isHeaded));

/** The night behind all that is told under “Day before”; none while more of it follows, or nothing does. */
function nightAfter(stage: FoundStage, later: readonly FoundStage[]): FoundStage[] {
  const [next] = later;
  // What lies overnight by itself is told as that.
  const isNight = (s: FoundStage): boolean =>
    (s.kind === 'rest' || s.kind === 'soak') && (s.minutes ?? 0) >= NIGHT_MIN;
  if (!next || isNight(next) || isMoreOfDay(later)) return [];
  const [sentence = ''] = stage.sentences.filter(isHeaded).slice(-1);
  const plain = { to: null, celsius: null, cycle: null, meanwhile: false };
  return [
    { ...plain, kind: 'rest', sentences: [sentence], minutes: NIGHT_MIN, words: 'Overnight' },
  ];
}

/** What is done to meat a night before; where another time will do as well, nobody has to. */
const SALTS =
  /^(?:(?:the )?(?:night|day|evening) before: )?(?:(?:dry[- ])?brine|salt|season|cure)\b/i;
const MAY_BE_ELSE = /\bif\b|\bor\b|[()]/i;
/** “Salt the neck the night before. Water in the pot, …”: told with the first work on the heat, and done a night before it. */
function toldBefore(stage: FoundStage): FoundStage[] | null {
  const [sentence = '', ...others] = stage.sentences;
  const lead = SALTS.test(sentence) && !MAY_BE_ELSE.test(sentence) ? leadIn(sentence) : null;
  if (!lead || lead.isAllowed || others.length === 0) return null;
  const plain = { to: null, celsius: null, cycle: null, meanwhile: false, sentences: [sentence] };
  return [
    { ...plain, kind: 'prep', minutes: null },
    { ...plain, kind: 'rest', minutes: lead.minutes, words: lead.words },
    { ...stage, sentences: others },
  ];
}

/** “Up to a day ahead, toast the seeds”: no work of a day; its words go with what is done. */
function allowed(stage: FoundStage, next: FoundStage | undefined, lead: Lead): FoundStage[] {
  if (!isTimeOf(stage, lead)) return [stage];
  const isOnlyTime =
    next !== undefined && next.sentences[0] === stage.sentences.at(-1) && next.from !== undefined;
  if (!isOnlyTime) return [{ ...stage, minutes: null, to: null }];
  next.sentences = [...stage.sentences.slice(0, -1), ...next.sentences];
  delete next.from;
  return [];
}

function waited(stage: FoundStage, next: FoundStage | undefined, lead: Lead): FoundStage[] {
  if (stage.kind === 'rest')
    return [stage.minutes === null ? { ...stage, minutes: lead.minutes } : stage];
  const told = isTimeOf(stage, lead) ? { ...stage, minutes: null, to: null } : stage;
  const upTo = told.sentences.findIndex((s) => s.includes(lead.words)) + 1;
  // What is told behind it is done when the wait is over.
  const behind = told.sentences.slice(upTo);
  const work = { ...told, sentences: told.sentences.slice(0, upTo) };
  const after = behind.length > 0 ? [{ ...told, sentences: behind, minutes: null, to: null }] : [];
  const isWait = next?.kind === 'rest' || next?.kind === 'soak';
  // “… and leave it in the fridge”: that is the wait; one with minutes of its own in another sentence is not.
  if (isWait && (next.minutes === null || next.sentences[0] === told.sentences.at(-1))) {
    next.minutes ??= lead.minutes;
    return [told];
  }
  const sentence = work.sentences.find((s) => s.includes(lead.words)) ?? '';
  const wait: FoundStage = {
    kind: IN_WATER.test(sentence) ? 'soak' : 'rest',
    sentences: [sentence],
    minutes: lead.minutes,
    to: null,
    celsius: null,
    cycle: null,
    meanwhile: false,
    words: lead.words,
  };
  return [work, wait, ...after];
}

/** Whether the minutes that a stage was given are those of the lead, or more than anybody’s hands work. */
const isTimeOf = ({ minutes }: FoundStage, lead: Lead): boolean =>
  minutes !== null && (Math.abs(minutes - lead.minutes) < 1 || minutes >= LONG_WORK);

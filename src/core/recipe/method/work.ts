/** Which work a time is of, what it costs to think so, and the stage that comes of it. */
import { mentionedFood } from '../../food';
import type { FoundKind } from '../types';
import { isPreparing } from '../phrases';
import { isNextToFry } from './apart';
import type { Clause } from './clause';
import type { ClauseTime } from './times';
import type { Path } from './path';

/** A longer wait before the first cycle is a soak, min. */
const SOAK_FROM = 180;

/** What may as well lie there overnight, or lies in the fridge meanwhile, takes nobody’s hands: a rub, a marinade. */
const COLD_FROM = 30;
const soakFrom = (c: Clause): number =>
  /\bovernight\b|\bfridge\b|\brefrigerat/i.test(c.sentence) ? COLD_FROM : SOAK_FROM;

const isSoak = (p: Path, c: Clause, time: ClauseTime): boolean =>
  !p.hasCycle && c.wait && time.from >= soakFrom(c);

/** A number without a unit is work’s own where its sentence has named some. */
export const bareWork = (p: Path, c: Clause): number =>
  c.kind !== null || c.saute || p.going?.at === c.at || goesOnFrying(p, c) ? 0.3 : 1.2;

/** “Fry the lardons for 5 minutes. Onion in, 3 more.” */
const goesOnFrying = (p: Path, c: Clause): boolean =>
  c.again && p.going?.kind === 'brown' && p.lastKind === 'brown' && c.at - p.going.at <= 1;

export function workOf(p: Path, c: Clause): { kind: FoundKind; cost: number } {
  const strange = (c.pressure ? 4 : 0) + (c.conditional ? 3 : 0) + (c.natural || c.quick ? 2 : 0);
  const { kind, cost } = workNamed(p, c);
  const isShut = p.lidOn && p.open < 0 && kind !== 'rest' ? 1.5 : 0;
  const isUnder = p.open >= 0 ? underCost(p, kind) : 0;
  return { kind, cost: cost + strange + isShut + isUnder };
}

/** What it costs that work begins while the cycle is not over. */
function underCost(p: Path, kind: FoundKind): number {
  const release = p.cycle?.release.kind;
  if (release === 'quick' || release === 'timed') return 0;
  if (kind === 'rest' || kind === 'finish') return release === 'natural' ? 0.9 : 1.5;
  return 0.6;
}

const BY_HAND =
  /\b(?:blend|process|whizz|blitz|pulse|pur[eé]e|liquidi[sz]e|whisk|beat|whip|knead|mash|pound|churn)\b/i;
/** The clause names work of the hands, or goes on listing what the sentence began to work. */
const isByHand = (c: Clause): boolean =>
  BY_HAND.test(c.text) ||
  (!c.wait &&
    !COOKS.test(c.text) &&
    /^(?:and |with )/i.test(c.sentence.slice(c.sentence.indexOf(c.text) - 4)) &&
    new RegExp(`^(?:then )?${BY_HAND.source}`, 'i').test(c.sentence));

const SHAPES = /^(?:then )?(?:roll|shape|form|fill|stuff|wrap|knead|thread|crimp|pleat)\b/i;

/** Nothing stands over a flame for so long and is only left, min. */
const LONG_WAIT = 30;
/** The clause, or the words right before it, leave the food to itself. */
const isLeft = (c: Clause): boolean =>
  c.wait ||
  /\b(?:leave|let|stand|sit)\b[^,;.]*$/i.test(c.sentence.slice(0, c.sentence.indexOf(c.text)));
const LEFT_ALONE =
  /^(?:and |then )*(?:leave|let)(?: (?:it|them|this))?(?: in (?:a|the) (?:\p{L}+ )?\p{L}+)?(?: to (?:stand|sit|rest|soak|steep|infuse|mingle|macerate|settle|cool))?(?: (?:until|till) (?:it(?:'|’)?s |it is )?(?:quite |completely |stone )?(?:cold|cool|set|firm),?)?(?: (?:for|about|at least))* \d/iu;
const HANDS_AFTER =
  /\b(?:skim|strain|separate the fat|pour off|pull (?:apart|it|them|the)|shred|carve|mash)\b/i;
const STIRRED_IN =
  /^(?:then |and |now )?(?:stir|fold|toss|mix)\b[^.]*\b(?:wilt\w*|fragrant|through|translucent)\b/i;
const COOKS = /\b(?:cook|whisk|stir|simmer|until|fry|boil|toast|heat)\w*\b/i;
const FRIES = /\b(?:brown|fry|sear|crisp|soften|sweat|golden|oil|butter)/i;

/** “Same pot, sauté: oil, cumin till it crackles.” */
const FAT_FIRST =
  /\bsaut[eé]\W+(?:heat )?(?:the |more |\d[\d.,/]* ?\p{L}* )?(?:oil|ghee|butter)\b/iu;

/** Sautéing what has been under pressure is simmering it. */
const isSimmeredOn = (p: Path, c: Clause): boolean =>
  c.kind === 'brown' && p.hasCycle && c.saute && !FRIES.test(c.text) && !FAT_FIRST.test(c.sentence);

function workNamed(p: Path, c: Clause): { kind: FoundKind; cost: number } {
  const [time] = c.times;
  if (
    c.kind === 'rest' &&
    !p.hasCycle &&
    time &&
    time.from >= SOAK_FROM &&
    !/chill|refrigerat|freez/i.test(c.text)
  )
    return { kind: 'soak', cost: 0.6 };
  if (isSimmeredOn(p, c)) return { kind: 'simmer', cost: 0.3 };
  // “Stir in the spinach, 2 minutes till wilted”: in what is hot.
  if (c.kind === 'brown' && p.hasCycle && !c.saute && !c.isBurner && STIRRED_IN.test(c.sentence))
    return { kind: 'simmer', cost: 0.3 };
  if (c.kind !== null) return { kind: besidePot(p, c, c.kind), cost: 0.2 };
  const isInOven = p.going?.kind === 'oven' || p.going?.kind === 'crisp';
  if (isInOven && c.again && !c.isBurner && c.at - (p.going?.at ?? 0) <= 1)
    return { kind: 'oven', cost: 0.5 };
  // “Toss it in the dressing; leave for 15 minutes”: no hands.
  if (time && LEFT_ALONE.test(c.text) && !p.isFrying)
    return { kind: isSoak(p, c, time) ? 'soak' : 'rest', cost: 0.3 };
  // “… and leave in the soy for 4 hours”: whatever it was boiled on.
  if (time && time.from >= LONG_WAIT && !COOKS.test(c.text) && isLeft(c))
    return { kind: isSoak(p, c, time) ? 'soak' : 'rest', cost: 0.5 };
  if (c.isBurner || (p.inSaucepan && !c.wait)) return { kind: 'burner', cost: 0.6 };
  // “Peel them when cool, then blitz everything for 2 minutes”: what is worked by hand does not rest.
  const isOwnWork = p.going?.kind === 'rest' && isByHand(c);
  if (p.going?.at === c.at && !isOwnWork) return { kind: p.going.kind, cost: 0.5 };
  // “Blend the tahini with lemon, garlic and salt for a full minute”: hands, and no wait.
  if (time && !p.isFrying && p.going?.kind !== 'burner' && isByHand(c))
    return { kind: p.hasCycle ? 'finish' : 'prep', cost: 0.4 };
  if (time && isSoak(p, c, time)) return { kind: 'soak', cost: 0.6 };
  // “Onions: mix with the vinegar, at least 30 min.”: nobody stirs for the least of a time.
  if (/^(?:for )?at least\b/i.test(c.text) && !p.isFrying && p.open < 0 && !p.going)
    return { kind: 'rest', cost: 0.4 };
  const isOver = p.hasCycle;
  // “Roll a teaspoonful in each leaf”: whatever was fried before.
  if (SHAPES.test(c.sentence)) return { kind: isOver ? 'finish' : 'prep', cost: 0.4 };
  // “Simmer 10 minutes. Cream in; 2 minutes more.”
  const goesOn =
    c.again && p.going !== null && p.going.kind === p.lastKind && c.at - p.going.at <= 1;
  if (goesOn && p.going && p.going.kind !== 'rest') return { kind: p.going.kind, cost: 0.4 };
  if (p.isFrying) return { kind: 'brown', cost: 0.8 };
  // “Cook the bacon, about 7 minutes”: on the heat, and not on the board.
  if (!isOver && /^cook\b/i.test(c.text)) return { kind: 'brown', cost: 1 };
  // Skimming and straining have minutes of their own, whatever went on before.
  if (HANDS_AFTER.test(c.sentence) && p.stages.length > 0) return { kind: 'finish', cost: 0.4 };
  // “In a saucepan, melt the butter. Whisk in the flour and cook for 1 minute.”
  if (p.going?.kind === 'burner' && c.at - p.going.at === 1 && COOKS.test(c.sentence))
    return { kind: 'burner', cost: 0.5 };
  // Chopping that is timed is no part of what simmers beside it.
  if (isPreparing(c.sentence) && (c.meanwhile || !p.isFrying))
    return { kind: c.meanwhile || !isOver ? 'prep' : 'finish', cost: c.meanwhile ? 0.4 : 0.6 };
  if (c.saute) return { kind: isOver ? 'simmer' : 'brown', cost: 0.8 };
  if (c.wait) return { kind: 'rest', cost: isOver ? 0.6 : 1.5 };
  const isCovered = isOver && /\b(?:cover|tent|towel|foil)/i.test(c.text);
  // “Couscous: boiling water over, cover 5 min”: whatever simmered before.
  if (isCovered && p.going?.at !== c.at && !c.saute) return { kind: 'rest', cost: 0.5 };
  if (p.going) return { kind: p.going.kind, cost: 1.2 };
  if (isCovered) return { kind: 'rest', cost: 0.5 };
  return { kind: isOver ? 'finish' : 'prep', cost: isOver ? 0.7 : 2.5 };
}

const THINNED =
  /^(?:then |now )?(?:gradually |slowly )?(?:whisk|pour|stir|beat|add)\b[^.]*\b(?:milk|cream|stock|broth|liquor|liquid|wine|cider|juices)\b/i;

/**
 * Frying or boiling in another pan is work on the stove; so is what goes on frying while the pot is shut, in the pan of
 * the sentence before.
 */
export function besidePot(p: Path, c: Clause, kind: FoundKind): FoundKind {
  const isOnHeat = kind === 'brown' || kind === 'simmer';
  const isNext = p.going?.kind === 'burner' && c.at - p.going.at <= 1;
  const end = p.stages.at(-1);
  // “Put the beans in a large saucepan. Boil hard for 10 minutes, then simmer for 40.”
  const isUntimed =
    end?.kind === 'burner' &&
    (end.minutes === null || end.sentences.at(-1) === c.sentence) &&
    !c.inCooker;
  // “Make the sauce in a small pan, 5 minutes. Bubble for 2 minutes until glossy.”
  const isOfPan =
    end?.kind === 'burner' &&
    /^(?:then )?(?:let it )?(?:bubble|simmer|boil|reduce|whisk|stir|cook)\b/i.test(c.sentence) &&
    mentionedFood(c.sentence) === null &&
    !c.inCooker;
  // “Melt the butter in a saucepan, stir in the flour, 2 minutes. Gradually whisk in the milk and simmer for 5 minutes.”
  const isOfRoux =
    end?.kind === 'burner' &&
    end.sentences.some((s) => /\bflour\b/i.test(s)) &&
    THINNED.test(c.sentence) &&
    !c.inCooker;
  const isInThatPan =
    isNext && (p.cycle?.release.kind === 'unknown' || isUntimed || isOfPan || isOfRoux);
  if (isOnHeat && (isInThatPan || p.inSaucepan) && !c.saute) return 'burner';
  if (isSimmeredOn(p, c)) return 'simmer';
  const isBeside = isOnHeat || (kind === 'crisp' && !ABOVE.test(c.sentence));
  return c.isBurner && isBeside ? 'burner' : kind;
}

const ABOVE = /\b(?:oven|grill|broil\w*|lid|air[- ]?fry\w*|°|\d{3} ?[CF]\b)/i;

export function work(p: Path, c: Clause, kind: FoundKind, time: ClauseTime | null): void {
  // What is done on the stove meanwhile leaves the pot as it is: its release may still be told.
  const isBeside = kind === 'burner' && p.cycle?.release.kind === 'unknown' && p.waited === null;
  if (kind !== 'soak' && kind !== 'rest' && !isBeside) p.closeCycle();
  if (kind === 'rest' && p.isAfterCycle) p.flush('rest', c);
  const last = p.stages.at(-1);
  const isSame =
    !isNextToFry(last, kind, c) &&
    time !== null &&
    last?.kind === kind &&
    last.minutes === null &&
    p.going !== null &&
    p.loading.length === 0 &&
    kind !== 'pressure';
  if (isSame)
    p.replace(p.stages.length - 1, (s) => ({
      ...s,
      minutes: time.from,
      to: time.to,
      ...(c.eachBatch ? { eachBatch: time.from / 2 } : {}),
      sentences: s.sentences.includes(c.sentence) ? s.sentences : [...s.sentences, c.sentence],
    }));
  else p.add(c, kind, time);
  if (kind === 'oven' || kind === 'crisp') heat(p, c);
  p.going = { kind, at: c.at };
}

function heat(p: Path, c: Clause): void {
  p.replace(p.stages.length - 1, (s) => ({ ...s, celsius: c.celsius ?? s.celsius ?? p.preheat }));
  p.preheat = null;
}

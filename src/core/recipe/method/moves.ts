/**
 * What a clause can mean for the pot as it stands. Each time has to be somebody's: of the hold, of the release, of
 * work; or it stays unread, which is dear. Costs are in steps of doubt: 0 says so in words, 1 is a guess that a cook
 * would make, 5 is hardly meant.
 */
import type { ReleaseFound } from '../types';
import { WHISTLES, type Clause } from './clause';
import type { ClauseTime } from './times';
import { best, holdOf, type Path } from './path';
import { note, other } from './open-pot';
import { bareWork, work, workOf } from './work';

const NEVER = 99;
const ON_TOP = /\b(?:plus|over|extra|more|on top|added)\b|\+/i;
const UNREAD = 5;
/** Ways to understand one clause that are kept while it is read. */
const MOST_WAYS = 64;
const UNTOLD_HOLD = 3;
const UNTOLD_CYCLE = 0.2;

const LETS_OUT = /\b(?:pressure|steam|valve|releas\w*|vent|NPR|QR|NR)\b/i;
/** “High for as long as it takes, then let the steam out”: a cycle, and nobody says for how long. */
const isOfUntold = (p: Path, c: Clause): boolean =>
  (c.quick || c.natural || c.either) &&
  p.open < 0 &&
  !p.hasCycle &&
  !c.when &&
  !c.conditional &&
  !c.lidOff &&
  !c.isBurner &&
  !p.inSaucepan &&
  !/\bseal/i.test(c.text) &&
  LETS_OUT.test(c.text);

/** Only what is brought to pressure and let go at once has no minutes. */
const TO_PRESSURE =
  /\b(?:bring|brought|com(?:e|es|ing)|reach\w*|build\w*|gets?|goes|up) (?:[\p{L}]+ ){0,3}?(?:to |at )?(?:full |high |low |the )?pressure\b|\b(?:as soon as|once|when|immediately|at once|straight (?:away|off)|right away|zero|nought|(?:to|for|at) 0|0 ?min\w*|no minutes|the (?:second|moment|minute) (?:it|the))\b/iu;

/** Every way that a path can go on with a clause. */
export function moves(path: Path, c: Clause): Path[] {
  if (c.times.length === 0) return withoutTime(path, c);
  let paths = [opened(path, c)];
  for (const [i, time] of c.times.entries()) {
    const next = paths.flatMap((p) => timed(p, c, time, i));
    // A clause of many times would have as many ways as four to their number.
    paths = next.length > MOST_WAYS ? best(next) : next;
  }
  return paths;
}

/** What the clause does to the lid before anything in it takes time. */
function opened(path: Path, c: Clause): Path {
  const p = path.clone();
  p.loose = path.loose;
  note(p, c);
  if (c.lidOn && !c.lidOff && !c.conditional) shut(p, c);
  return p;
}

/** The lid goes on; where a cycle was let down before, it is over. */
function shut(p: Path, c: Clause): void {
  const { cycle } = p;
  if (
    cycle &&
    cycle.release.kind !== 'unknown' &&
    c.sentence !== p.stages[p.open]?.sentences.at(-1)
  )
    p.closeCycle();
  // Only a cooker’s lid is locked.
  if (/\block/i.test(c.text)) p.inSaucepan = false;
  // The lid of a pan on the stove holds no pressure.
  if (p.inSaucepan && !c.pressure && !c.releases) return;
  p.lidOn = true;
  p.level ??= c.level;
}

function with_(path: Path, cost: number, change: (p: Path) => void): Path[] {
  if (cost >= NEVER) return [];
  const p = path.clone();
  p.cost += cost;
  change(p);
  return [p];
}

function timed(path: Path, c: Clause, time: ClauseTime, i: number): Path[] {
  if (time.isCase)
    return with_(path, 0, (p) => {
      p.cases = [...p.cases, c.text];
    });
  // “8 minutes a pound plus 5”: more of the same hold.
  if (
    i > 0 &&
    c.times[i - 1]?.perPound !== null &&
    path.cycle?.perPound != null &&
    ON_TOP.test(c.text)
  )
    return with_(path, 0, (p) => p.tellCycle(c, { extra: time.from }));
  const bare = time.isBare ? 0.3 : 0;
  const own = workOf(path, c);
  const limit = time.isLimit ? 1 : 0;
  return [
    ...with_(path, holdCost(path, c, time) + bare, (p) => hold(p, c, time)),
    ...with_(path, waitCost(path, c, time) + bare, (p) => wait(p, c, time)),
    ...(time.perPound === null && !(time.isBare && own.kind === 'finish')
      ? with_(
          path,
          own.cost + limit + (time.isBare ? bareWork(path, c) : 0) + (i > 0 ? 0.5 : 0),
          (p) => work(p, c, own.kind, time),
        )
      : []),
    ...with_(path, unreadCost(c, time), (p) => unread(p, c, time)),
  ];
}

function unreadCost(c: Clause, time: ClauseTime): number {
  if (c.conditional || c.comingUp || time.isLimit) return 0.3;
  // Beside a level or a wait a number is hardly anything but minutes.
  if (time.isBare)
    return c.level !== null || c.natural || (c.wait && !c.finishing) || c.saute ? 2.5 : 0.9;
  // Seconds matter to nobody's plan.
  return time.from > 0 && time.from < 1 ? 0.6 : UNREAD;
}

const HOW_MUCH =
  /\b(?:more|less|extra|longer|shorter|add|instead|does it|will do|enough|plenty)\b/i;
/** What is to be done in another case is known: it is told with its step, and nothing has to be asked. */
const isUnderstood = (c: Clause): boolean =>
  c.kind !== null || c.pressure || c.levelAlone || c.wait || c.goesOn || HOW_MUCH.test(c.text);

function unread(p: Path, c: Clause, time: ClauseTime): void {
  const isCheck = c.conditional && c.goesOn;
  if (isCheck && p.isAfterCycle) p.flush(null, c);
  if (isCheck && p.stages.length > 0 && time.from >= 1) p.check(c.sentence, time.from);
  // What is allowed stands in the words of the wait, and nothing has to be made of it.
  else if ((c.conditional && isUnderstood(c)) || (time.from > 0 && time.from < 1 && !time.isBare))
    p.cases = [...p.cases, c.text];
  else if (!time.isMost && !time.isBare) p.left = [...p.left, c.text];
  for (const next of withoutTime(p, {
    ...c,
    times: [],
    pressure: false,
    // “It can wait up to an hour on natural release”: how it is let down is told all the same.
    natural: time.isLimit && c.natural,
    quick: time.isLimit && c.quick,
  }).slice(0, 1))
    Object.assign(p, next);
}

// — the hold —

function holdCost(p: Path, c: Clause, time: ClauseTime): number {
  const { cycle } = p;
  const isUnset = cycle !== null && Number.isNaN(cycle.holdMinutes);
  const isLetting = cycle !== null && !isUnset && cycle.release.kind !== 'unknown';
  let cost = time.isLimit ? NEVER : namedHold(p, c, time, isUnset);
  if (cost >= NEVER) return NEVER;
  if ((c.natural || c.quick) && !c.pressure) cost += 3;
  if (c.comingUp) cost += 3;
  if (c.conditional) cost += 3;
  if (time.from < 1 && time.from > 0) cost += 2;
  if (c.when && cycle && !isUnset && time.from === cycle.holdMinutes) return 0;
  // A second hold before anything was said of the first one's release.
  if (cycle && !isUnset && !isLetting) cost += c.again ? 0.9 : 1.6;
  if (isLetting && cycle.release.kind === 'natural') cost += 0.5;
  return cost;
}

function namedHold(p: Path, c: Clause, time: ClauseTime, isUnset: boolean): number {
  if (c.pressure) return 0;
  if (time.perPound !== null) return 0.5;
  const isOther = c.kind !== null && (c.kind !== 'rest' || c.switchOff);
  if (p.inSaucepan && !c.releases) return NEVER;
  if (isUnset) {
    // How it is let down was told: what follows comes after it.
    const isLetOut = p.cycle?.release.kind !== 'unknown';
    // “Natural release, 10 minutes”: those of the release, whatever nobody said of the hold.
    if (isLetOut && isTold(p, c)) return 5;
    return (isOther ? 3 : c.wait ? 1 : 0.3) + (isLetOut ? 1.7 : 0);
  }
  if (p.lidOn && p.open < 0) {
    if (isOther && !c.levelAlone) return 3.5;
    if (c.level !== null) return 0.2;
    if (c.set) return 0.3;
    // Nobody lets food “stand” at pressure.
    return c.wait ? (p.hasCycle ? 3 : 1.2) : 0.5;
  }
  // A level, and a sentence that goes on to let the pressure out.
  if (c.levelAlone && c.releases && !c.saute && !isOther) return 0.3;
  // “Brown the onions. Add the stock. Cook on high for 12 minutes.”
  if (c.levelAlone && p.isFrying && p.isWet && !c.saute && !isOther) return 0.3;
  if (c.levelAlone && !c.saute && !isOther) return c.again || p.hasCycle ? 0.8 : 1.4;
  // “Sear it. Add the stock. 35 minutes. Quick release.”
  if (p.isFrying && p.isWet && c.releases && !c.saute && c.kind === null) return 0.7;
  if (isOther || c.saute || p.isFrying) return c.level !== null ? 1.4 : NEVER;
  // “2 minutes low, quick release”, “High, 90 minutes”: nothing else has a level or a release.
  if (c.level !== null || p.level !== null) return c.releases ? 0.4 : 0.8;
  const isOver = p.open < 0 || (c.again && p.cycle?.release.kind !== 'unknown');
  return c.releases && !c.wait && !c.natural && !c.quick && isOver ? 1 : NEVER;
}

/** The stage that is under way was told of in this sentence before. */
const isTold = (p: Path, c: Clause): boolean =>
  p.stages[p.open]?.sentences.at(-1) === c.sentence && !c.sentence.startsWith(c.text);

function hold(p: Path, c: Clause, time: ClauseTime): void {
  const { cycle } = p;
  if (cycle && Number.isNaN(cycle.holdMinutes)) {
    p.tellCycle(c, { ...holdOf(time), level: c.level ?? cycle.level });
  } else if (
    cycle &&
    cycle.release.kind === 'unknown' &&
    time.perPound !== null &&
    (cycle.perPound === null || cycle.perPound === Math.round(time.perPound * 10) / 10)
  ) {
    p.tellCycle(c, holdOf(time));
  } else if (cycle && c.when && time.from === cycle.holdMinutes) {
    p.tellCycle(c);
  } else {
    p.startCycle(c, time);
  }
  p.going = null;
}

// — the release —

const BEFORE_SERVING =
  /^(?!.*\b(?:natural|pressure|valve|steam|lid|open)).*\d[^.]*\b(?:turn (?:it |them )?out|unmou?ld|invert|slice|carve)\b|^(?!.*\b(?:natural|pressure|valve|steam|lid|open)).*\bbefore (?:turning (?:it )?out|unmou?lding|serving|slicing|carving|cutting|eating|shredding)\b/i;

/** “Rest the brisket wrapped in foil for 20 minutes”: it is no longer in there. */
const OUT_OF_POT = /\b(?:foil|board|plate|platter|tent(?:ed)?|wrapped|towel)\b/i;

function waitCost(p: Path, c: Clause, time: ClauseTime): number {
  const { cycle } = p;
  if (time.isLimit) return NEVER;
  if (!cycle || c.lidOff) return NEVER;
  if (Number.isNaN(cycle.holdMinutes) && c.natural && UNTOLD_LENGTH.test(c.sentence)) return 0.2;
  if (Number.isNaN(cycle.holdMinutes))
    return cycle.release.kind === 'natural' && isTold(p, c) && c.kind === null ? 0.3 : NEVER;
  const { kind } = cycle.release;
  if (kind === 'quick' || kind === 'either') return NEVER;
  // The minutes are told once; the valve that is opened then takes none.
  if (kind === 'timed') return c.natural && time.from === cycle.release.minutes ? 0 : NEVER;
  if (time.perPound !== null) return NEVER;
  // How long it takes to come down was told already.
  if (kind === 'natural' && cycle.release.about !== undefined && !c.natural && !c.quick)
    return NEVER;
  let cost = c.natural ? 0 : c.wait ? 0.3 : c.quick ? 0.4 : kind === 'natural' ? 0.5 : 1.5;
  if (!c.natural && p.stages[p.open]?.sentences.at(-1) !== c.sentence && !c.wait && !c.quick)
    cost += 0.8;
  if (c.kind !== null && c.kind !== 'rest') cost += 3;
  if (c.pressure && !c.natural) cost += 1.5;
  if (c.isBurner || c.saute) cost += 1.5;
  if (c.conditional) cost += 3;
  // “Leave to stand for 5 minutes before turning out”: it is open by then.
  if (kind === 'natural' && (BEFORE_SERVING.test(c.sentence) || OUT_OF_POT.test(c.text)))
    cost += 2.5;
  // “Let it cool in its liquor for 20 minutes”: the pressure is gone by then.
  if (
    kind === 'natural' &&
    /\bcools?\b|\bin (?:its|their|the) (?:own )?(?:liquor|liquid|juices|broth|cooking)\b/i.test(
      c.text,
    )
  )
    cost += 2;
  return cost;
}

/** “A full natural release (25 min)”: how long it takes, and nothing is vented. */
const ALL_THE_WAY =
  /\b(?:full|complete|entire|whole)(?:ly)? (?:natural|NPR|NR)|\b(?:natural\w*|on its own|by itself|drop|come down)\b[^.]{0,80}\b(?:all the way|fully|completely)\b/i;

function wait(p: Path, c: Clause, time: ClauseTime): void {
  const { cycle } = p;
  if (!cycle) return;
  const minutes = Math.round(time.from);
  // “Natural release, about 20 minutes” tells how long it takes, not when to vent.
  const isTold = time.isEstimate || time.to !== null || ALL_THE_WAY.test(c.sentence);
  if (cycle.release.kind === 'natural' && !c.natural && !c.wait && !c.quick && isTold) {
    p.tellCycle(c, { release: { kind: 'natural', about: minutes } });
    return;
  }
  // The dish has one figure; the far end is shown.
  if (time.to !== null) p.left = [...p.left, c.text];
  if (c.natural || c.quick || cycle.release.kind === 'natural') {
    p.tellCycle(c, { release: { kind: 'timed', minutes } });
    return;
  }
  // “Let it stand for 10 minutes”, lid still on: counts once the rest is vented.
  p.waited = time.from;
  p.tellCycle(c);
}

// — what takes no time —

/** “High”, “cook on high”: the level of what follows. */
const LEVEL_ALONE =
  /^(?:cook )?(?:it )?(?:on |at )?(?:low|lo|high|hi|max(?:imum)?|highest)(?: pressure)?(?: (?:for )?(?:as long|however|a while|ages|long enough|a bit|until|till)\b.*)?\.?$/i;

/** “High for however long your gran says, natural 10”: a hold, and nobody knows how long. */
const UNTOLD_LENGTH = /\b(?:however long|as long as|ages|a while)\b/i;
const isUntoldHold = (p: Path, c: Clause): boolean =>
  LEVEL_ALONE.test(c.text) && UNTOLD_LENGTH.test(c.text) && c.releases && p.open < 0;

function withoutTime(path: Path, c: Clause): Path[] {
  const p = path.clone();
  note(p, c);
  if (isUntoldHold(p, c)) return with_(p, UNTOLD_CYCLE, (q) => q.startCycle(c, null));
  if (c.pressure && !c.natural && !c.quick) return pressureOnly(p, c);
  const untold = isOfUntold(p, c)
    ? with_(p, UNTOLD_CYCLE, (q) => {
        q.startCycle(c, null);
        release(q, c);
      })
    : [];
  if (c.either || c.natural || (c.quick && (p.open >= 0 || p.lidOn))) {
    release(p, c);
    return [p, ...untold];
  }
  // What is let out was under pressure: a hold was missed.
  if (untold.length > 0) {
    p.cost += UNTOLD_HOLD;
    other(p, c);
    return [p, ...untold];
  }
  if (c.lidOn && !c.lidOff && !c.conditional) {
    shut(p, c);
    p.put(c);
    return [p];
  }
  if (LEVEL_ALONE.test(c.text) && (!p.isFrying || p.isWet)) {
    const { cycle } = p;
    if (cycle?.release.kind === 'unknown') p.tellCycle(c, { level: c.level ?? cycle.level });
    else {
      p.level = c.level;
      // Its words go with the cycle that follows.
      if (p.lidOn) p.put(c);
    }
    return [p];
  }
  if (c.lidOff) p.closeCycle();
  other(p, c);
  return [p];
}

/** Pressure is named without a time: a cycle whose time follows, the same one once more, or only talk. */
function pressureOnly(p: Path, c: Clause): Path[] {
  if (c.level) p.level = c.level;
  const { cycle } = p;
  if (c.lidOn) p.lidOn = true;
  if (cycle?.release.kind === 'unknown') {
    p.tellCycle(
      c,
      c.level &&
        (Number.isNaN(cycle.holdMinutes) || c.sentence === p.stages[p.open]?.sentences.at(-1))
        ? { level: c.level }
        : {},
    );
    return [p];
  }
  if (cycle && c.when) {
    p.tellCycle(c);
    return [p];
  }
  const talk = with_(p, p.hasCycle || c.when || c.conditional ? 0.4 : 4, (q) => q.put(c));
  return [...with_(p, 0.2, (q) => q.startCycle(c, q.loose)), ...talk];
}

function release(p: Path, c: Clause): void {
  const { cycle } = p;
  // “Once released, grill it”: when, and nothing of how. “Or natural, if you have time”: for another case.
  if (cycle && (c.when || c.conditional) && cycle.release.kind !== 'unknown') return;
  if (!cycle) {
    // Pressure that is let out was there: a hold was missed.
    if (!p.hasCycle && !c.when && !c.conditional) p.cost += UNTOLD_HOLD;
    other(p, c);
    return;
  }
  // Brought to pressure and let go at once: a hold of nothing is asked about. Whistles are a hold that nobody knows, and
  // so are minutes that nobody tells.
  const told = [...(p.stages[p.open]?.sentences ?? []), c.sentence];
  const isUnset =
    Number.isNaN(cycle.holdMinutes) &&
    told.some((s) => TO_PRESSURE.test(s)) &&
    !told.some((s) => WHISTLES.test(s));
  const next = nextRelease(p, c, cycle.release);
  p.tellCycle(c, { release: next, ...(isUnset ? { holdMinutes: 0 } : {}) });
  if (next.kind !== 'natural') p.lidOn = false;
}

function nextRelease(p: Path, c: Clause, now: ReleaseFound): ReleaseFound {
  if (c.either) return { kind: 'either' };
  if (c.natural)
    return now.kind === 'timed' ? now : now.kind === 'natural' ? now : { kind: 'natural' };
  if (!c.quick || now.kind === 'timed') return now;
  if (now.kind === 'natural')
    return p.waited !== null
      ? { kind: 'timed', minutes: Math.round(p.waited) }
      : now.about !== undefined
        ? { kind: 'timed', minutes: now.about }
        : now;
  return p.waited === null ? { kind: 'quick' } : { kind: 'timed', minutes: Math.round(p.waited) };
}

/** What a clause says of the pot and its food where it tells of no pressure: what stands in it, what is done beside it. */
import type { FoundKind } from '../types';
import type { Clause } from './clause';
import type { Path } from './path';
import { besidePot, work } from './work';

/** Below that a temperature told behind the work is what a probe reads, °C. */
const COOLEST_OVEN_C = 100;
const IN_THE_POT =
  /\b(?:in|into|to) (?:the|your) (?:[\p{L}-]+ )?(?:pot|cooker|multi-?cooker|liner|insert)\b/iu;
/** So long that no evening goes on behind it as if it were nothing. */
/** Words that switch the heat on, and name nothing that is fried. */
const ONLY_ON =
  /^(?:(?:then|and|now|press|select|choose|hit|use|set|switch|turn|back|it|to|on|the)\s+)*saut[eé](?:\s+(?:mode|function|setting|button|on|again|at|to|low|less|medium|med|normal|high|more)\b)*[\s.,]*$/i;
const STIRS_IN = /^(?:then |and |now )?(?:stir|fold|toss|mix)\b/i;
const OVERNIGHT = /\b(?:overnight|(?:until|till|til) (?:the )?(?:next )?morning)\b/i;

/** What stands in the pot and whether it is on; a pan, tin or bowl on a rack. */
export function note(p: Path, c: Clause): void {
  if ((c.saute || c.melts) && p.open < 0) p.isHot = true;
  // “Stir it back in on sauté until it coats a spoon, 3 minutes”.
  if (c.saute && p.hasCycle && c.kind === null) p.going = { kind: 'simmer', at: c.at };
  if (c.isBurner && c.kind === null && c.times.length === 0 && c.heats)
    p.going = { kind: 'burner', at: c.at };
  const isFirstHeat = !p.hasCycle && !p.lidOn && p.stages.every((s) => OFF_POT.has(s.kind));
  if (c.inCooker) p.inSaucepan = false;
  else if (c.inSaucepan && isFirstHeat) p.inSaucepan = true;
  if (c.kind === 'brown' || c.kind === 'simmer') p.isWet = false;
  else if (c.pours) p.isWet = true;
  if (c.potInPot) p.vessel = 'pan';
  if (c.inVessel) p.vesselAt = c.at;
  if (c.fillsVessel) p.filledAt = c.at;
  if (c.aboveWater) p.rackAt = c.at;
  if (Math.abs(p.vesselAt - p.rackAt) <= 1 || isFilledFor(p)) p.vessel = 'pan';
}

/** Sentences between filling a basin and its rack: covering, tying, pouring the water. */
const MOST_BETWEEN = 12;
const isFilledFor = ({ filledAt, rackAt }: Path): boolean =>
  rackAt >= filledAt && rackAt - filledAt <= MOST_BETWEEN;

/** Work that leaves the question open in which pot it will be cooked. */
const OFF_POT: ReadonlySet<FoundKind> = new Set(['prep', 'soak', 'rest', 'oven', 'burner']);

/** Everything that is not under pressure. */
export function other(p: Path, c: Clause): void {
  if (c.preheat) {
    p.preheat = c.celsius ?? p.preheat;
    p.put(c);
    return;
  }
  const isAside =
    /^scraping\b/i.test(c.text) && p.stages.at(-1)?.sentences.includes(c.sentence) === true;
  // “Stir in the spinach until wilted”: in what is hot, and no browning.
  if (c.kind === 'brown' && p.hasCycle && !c.saute && !c.isBurner && STIRS_IN.test(c.text)) {
    p.put(c);
    return;
  }
  // “Loosen with more milk”: what is stirred in once it is cooked, and no deglazing.
  if (c.kind === 'loosen' && p.isAfterCycle && !c.saute) {
    p.put(c);
    return;
  }
  // “… and let it bubble 3 minutes, scraping up the bits”: done while it bubbles.
  if (isAside) return;
  // “Sauté on medium and let the beans bubble”: the heat for what is told next.
  if (p.isAfterCycle && c.kind === 'brown' && ONLY_ON.test(c.text)) {
    p.going = { kind: 'simmer', at: c.at };
    p.put(c);
    return;
  }
  if (c.kind !== null && !c.conditional) {
    // Without a time, resting is named and its minutes may follow.
    if (
      c.kind === 'rest' &&
      !/\b(?:chill|refrigerat|fridge)/i.test(c.text) &&
      !OVERNIGHT.test(c.text)
    ) {
      p.going = { kind: 'rest', at: c.at };
      p.rests = { text: c.text, sentence: c.sentence };
      if (p.isAfterCycle) p.put(c);
      else p.attach(c);
      return;
    }
    // Kept cold until it is wanted: that takes no time.
    if (c.kind === 'rest' && /\bkeep\b/i.test(c.text)) {
      p.attach(c);
      return;
    }
    if (c.kind === 'soak' && p.hasCycle) return;
    work(p, c, besidePot(p, c, c.kind), null);
    return;
  }
  const last = p.stages.at(-1);
  // “Check at 10”: a look while it goes on.
  if (/^check (?:it |them )?(?:at|after|from) \d/i.test(c.text)) {
    p.attach(c);
    return;
  }
  // “… before you cut it”: when, and no work.
  if (/^(?:you|we) (?!(?:can|could|need|want|have|should|will|must|then)\b)/i.test(c.text)) {
    p.attach(c);
    return;
  }
  // “Bake, 10 minutes at 200 °C”: a setting of its own belongs to the oven just named.
  const isSetting = c.celsius !== null && (c.celsius >= COOLEST_OVEN_C || /\boven\b/i.test(c.text));
  if (isSetting && last && (last.kind === 'oven' || last.kind === 'crisp')) {
    p.replace(p.stages.length - 1, (s) => ({ ...s, celsius: s.celsius ?? c.celsius }));
    return;
  }
  const letGo = p.cycle?.release.kind;
  if (letGo === 'natural' ? c.finishing : letGo !== undefined && letGo !== 'unknown')
    p.closeCycle();
  if (p.isAfterCycle && !c.meanwhile) {
    // Whatever is told once the lid is off is finishing, but for switching off.
    if (c.when || c.lidOff || c.switchOff || c.conditional) p.attach(c);
    else p.put(c);
    return;
  }
  if (c.meanwhile && c.preparing) {
    if (last?.sentences.includes(c.sentence)) p.put(c);
    else {
      // “Drain. While they cool, slip off the skins”: the first is of what was in the pot.
      if (p.isAfterCycle) p.flushOthers(c);
      p.add(c, 'prep', null);
    }
    return;
  }
  if (last?.kind === 'soak' && /\b(?:drain|rinse)\b/i.test(c.text)) {
    p.attach(c);
    return;
  }
  const isFirst = p.stages.every((s) => ['prep', 'soak', 'rest'].includes(s.kind));
  const isIntoPot =
    /\b(?:add|pour|put|place|in|into)\b(?=.*\b(?:pot|cooker|liner|inner)\b)|\b(?:add|pour|put|place|tip)\b|\b(?:toss|throw|chuck|dump|pile)\b[^.]*\bin\b(?=\s*(?:$|[,.;]|(?:and|with|except|too|together)\b))/i;
  if (isFirst && c.preparing && !isIntoPot.test(c.text) && !IN_THE_POT.test(c.sentence)) {
    p.add(c, 'prep', null);
    return;
  }
  if (c.when) {
    p.attach(c);
    return;
  }
  // It was left to stand, and now it is opened: what follows is no part of the cycle.
  if (p.waited !== null && !c.wait && !c.quick) p.closeCycle();
  if (c.finishing || c.preparing || c.loading || p.open < 0) p.put(c);
  else p.attach(c);
}

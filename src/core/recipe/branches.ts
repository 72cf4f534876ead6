/**
 * Which stage follows which. A method is told one sentence after another, but cooked by what each step needs: the
 * sauce goes on from the pot’s juices while the meat is under the grill, nuts are toasted beside the pot, and both
 * come together where a step names both.
 */
import { placeOf, type Stage, type StagePlace } from '../dish';
import { liftsOut } from './lifted-out';
import { areTwoPans } from './method/apart';
import { IN_PASSING } from './place';
import { saysByItself, saysElsewhere, saysPart } from './phrases';
import type { FoundStage } from './types';

/** What was cooked before is taken up by what it left. */
const FROM_POT =
  /\b(?:(?:the|its|their|pan|cooking|braising) (?:juices?|liquid|liquor)|cooking water|drippings|gravy|the fat|what(?: is|['’]s) (?:left|in the pot)|from the pot|back (?:in|into|to) the pot|(?:boil|reduce|simmer|thicken|bubble|cook)(?: down)? (?:the|its|their) (?:\p{L}+ )?sauce)\b/iu;
const JUICES = /\b(?:juices?|liquid|liquor|broth|stock|gravy|sauce|drippings)\b/i;
/** What was taken out goes in again: one thing after the other. */
const TAKES_BACK = /\b(?:return|back|everything|all (?:of )?(?:it|them)|again)\b/i;
/** Fried in one pan and boiled in another, side by side. */
const isOtherPan = (before: Stage | undefined, text: string): boolean =>
  before?.kind === 'burner' && areTwoPans(before.text, text);

/** What was in the pot is out of it, and something else goes in. */
const RINSED = /\b(?:rinse|wash|wipe|clean|empty)\b[^.]{0,20}\b(?:pot|liner|cooker|insert)\b/i;
/** Stirred into what is there, or filled with it: no work of its own. */
const FILLS = /^(?:then )?(?:stir|fold|mix) (?:in|through)\b|\b(?:fill|stuff|top)(?:ed|ing)?\b/i;
const JOINS = /\b(?:serve|everything|combine|together|plate up|divide|assemble|layer)\b/i;
/** What was made just before, by a word that names none of its foods. */
const THIS_MADE =
  /\b(?:add|stir|pour|tip|mix|fold|scrape)\b[^.]{0,30}\b(?:this|the|that) (?:hot )?(?:masala|tadka|tarka|temper(?:ing)?|bagh?aar?|mixture|paste|soffritto|sofrito)\b|\b(?:add|stir|pour|tip|mix|fold|scrape) (?:all )?(?:this|that) (?:in)?to\b/i;
const RESTS_SOMETHING =
  /^(?:then |now )?(?:let |leave )?(?:stand|rest|cool) (?:the |your )?(?!(?:it|them|this|these|those|the|your|for|in|on|until|till|to|at|about|covered|uncovered|off|another|a|an|again|there|slightly|completely|under)\b)\p{L}{3}/iu;
const GOES_OVER =
  /\b(?:tip|pour|add|stir|scrape|swirl|fold)\b[^.]{0,24}\b(?:over|into|onto|through)\b[^.]*\.?$/i;
/** What is made of more than one food, by the word for it. */
const MADE =
  /\b(?:sauce|gravy|juices?|glaze|dressing|mash|dumplings?|topping|crust|syrup|salsa|slaw|puree|purée|custard)\b/gi;

/** “Crisp the lamb under the grill while the beans bubble down”: one sentence, and both at once. */
function isToldBeside(before: FoundStage | undefined, stage: FoundStage | undefined): boolean {
  const sentence = before?.sentences.at(-1);
  if (sentence === undefined || stage?.from === undefined || stage.sentences[0] !== sentence)
    return false;
  const [first = ''] = stage.from.split(/\s+(?=\d|\()/);
  return /\bwhile\s+$/i.test(sentence.slice(0, Math.max(0, sentence.indexOf(first))));
}

interface Branch {
  /** The stages that what follows has to wait for. */
  tips: string[];
  foods: Set<string>;
  words: Set<string>;
  /** Where it was heated last. */
  place: StagePlace;
}

/** “Peel off the leaves, roll them up. Empty the pot and fry”: that goes on with what came out of it. */
const firstSentence = (text: string): string => text.split(/(?<=[.!])\s+/)[0] ?? '';

const madeIn = (text: string): string[] =>
  [...text.matchAll(MADE)].map(([word]) => word.toLowerCase().replace(/s$/, ''));

/** A rest says what rests first; what is said after it comes later. “While the ribs cook” only says when. */
const ownWords = (stage: Stage): string => {
  const text = stage.text.replace(/^(?:while|as|during)\b[^,.]*,\s*/i, '');
  return stage.kind === 'rest' ? (text.split(/\bthen\b|;/i)[0] ?? '') : text;
};

/**
 * The stages with what they wait for, where that is not the one above.
 *
 * @param found as told, stage by stage
 * @param usesOf the ingredients that a text names
 * @param isCommon water, spices, fat: taken up twice, they tie nothing together
 * @param isStaple water, salt, fat: what is fried in nothing else of its own is no branch of its own
 */
export function withBranches(
  stages: readonly Stage[],
  found: readonly FoundStage[],
  usesOf: (text: string) => readonly string[],
  isCommon: (ingredient: string) => boolean,
  isStaple: (ingredient: string) => boolean = isCommon,
): Stage[] {
  const main: Branch = { tips: [], foods: new Set(), words: new Set(), place: 'counter' };
  let branches: Branch[] = [main];
  /** What a stage waited for, for what begins beside it. */
  const waited = new Map<string, string[]>();
  const placeAfter = new Map<string, StagePlace>();
  let current = main;

  return stages.map((stage, i): Stage => {
    const text = ownWords(stage);
    const named = usesOf(text);
    const made = madeIn(text);
    const place = placeOf(stage);
    let own = branchFor(stage, text, named, place, i);
    if (own.length === 0) own = [startBranch(stage, text, named)];
    const [first, ...others] = own as [Branch, ...Branch[]];
    // Made in the pot meanwhile: the pot has to be free of what cooked in it.
    const pot =
      found[i]?.meanwhile && place === 'cooker' && first !== branches[0] ? lastInPot(i) : undefined;
    const after = [...new Set([...own.flatMap((b) => b.tips), ...(pot ? [pot] : [])])];
    // Branches that come together are one from here on.
    for (const other of others) {
      for (const food of other.foods) first.foods.add(food);
      for (const word of other.words) first.words.add(word);
    }
    branches = branches.filter((b) => !others.includes(b));
    first.tips = [stage.id];
    for (const food of named) first.foods.add(food);
    for (const word of made) first.words.add(word);
    if (place !== 'counter') first.place = place;
    placeAfter.set(stage.id, first.place);
    waited.set(stage.id, after);
    current = first;
    const above = stages[i - 1]?.id;
    const isAbove =
      above === undefined ? after.length === 0 : after.length === 1 && after[0] === above;
    const { after: _, ...plain } = stage;
    return isAbove ? plain : { ...plain, after };
  });

  /** The branches that a stage goes on with; none where it begins one. */
  function branchFor(
    stage: Stage,
    text: string,
    named: readonly string[],
    place: StagePlace,
    i: number,
  ): Branch[] {
    if (i === 0) return [main];
    if (beginsBranch(stage, text, named, place, i)) return [];
    if (branches.length === 1) return [branches[0] as Branch];
    if (found[i]?.meanwhile && found[i - 1]?.meanwhile && current !== branches[0]) return [current];
    if (found[i - 1]?.meanwhile && current !== branches[0] && isOneSentence(i)) return [current];
    // “Couscous: boiling water over, cover 5 min”: what stands is what was just filled.
    if (stage.kind === 'rest' && isOfSentenceBefore(i) && current !== branches[0]) return [current];
    const isLast = i === stages.length - 1;
    if (isLast || JOINS.test(text)) return ordered(branches);
    // “Stir the meat back into the sauce”: both have to be there.
    if (TAKES_BACK.test(text) && IN_PASSING.test(text))
      return ordered([branches[0] as Branch, current]);
    // “Add this masala to the cooked dal”: what was fried beside the pot is done first.
    if (current !== branches[0] && THIS_MADE.test(text))
      return ordered([branches[0] as Branch, current]);
    // “… and tip it all over the dal. Simmer 3 minutes”: in the pot go on what it was tipped over, and it.
    const above = stages[i - 1];
    if (current !== branches[0] && place === 'cooker' && above && GOES_OVER.test(above.text))
      return ordered([branches[0] as Branch, current]);
    const made = madeIn(text);
    const spoken = branches.filter(
      (b) =>
        named.some((food) => b.foods.has(food) && !isCommon(food)) ||
        made.some((word) => b.words.has(word)),
    );
    if (spoken.length > 0) {
      // What is stirred into the pot waits for the pot as well.
      const isInPot = place === 'cooker' || FROM_POT.test(text);
      const pot =
        isInPot && !spoken.some((b) => b.place === 'cooker')
          ? branches.filter((b) => b.place === 'cooker').slice(0, 1)
          : [];
      return ordered([...spoken, ...pot]);
    }
    if (place !== 'counter') {
      const there = branches.filter((b) => b.place === place);
      if (there.includes(current)) return [current];
      if (there.length > 0) return [there[0] as Branch];
    }
    if (IN_PASSING.test(text)) return [branches[0] as Branch];
    // “Meanwhile make the sauce. Stand the puddings for 5 minutes”: what stands is not the sauce.
    if (stage.kind === 'rest' && RESTS_SOMETHING.test(text)) return [branches[0] as Branch];
    const isSame = stage.kind === 'rest' || /^drain\b|\b(?:it|them|this|these)\b/i.test(text);
    return isSame || current === branches[0]
      ? [current]
      : ordered([branches[0] as Branch, current]);
  }

  /** “Meanwhile boil the potatoes 18 min, drain, mash”: the mashing is of what was boiled. */
  function isOneSentence(i: number): boolean {
    const before = found[i - 1]?.sentences.at(-1)?.toLowerCase() ?? '';
    const own = found[i]?.sentences[0]?.toLowerCase().replace(/[.\s]+$/, '') ?? '';
    return own !== '' && before.includes(own);
  }

  /** “Meanwhile pour the water over the couscous, cover” and “leave for 10 minutes”: told in one breath. */
  function isOfSentenceBefore(i: number): boolean {
    const before = found[i - 1]?.sentences.at(-1) ?? '';
    const own = found[i]?.sentences[0] ?? '';
    return before.length > 10 && own.startsWith(before);
  }

  function ordered(some: readonly Branch[]): Branch[] {
    return branches.filter((b) => some.includes(b));
  }

  /** Told as going on beside, in another vessel, or on other heat with nothing of what is there. */
  function beginsBranch(
    stage: Stage,
    text: string,
    named: readonly string[],
    place: StagePlace,
    i: number,
  ): boolean {
    const told = found[i];
    if (told?.meanwhile) {
      const isBeside = found[i - 1]?.meanwhile === true || isOfSentenceBefore(i);
      return !(isBeside && current !== branches[0]) || isOwn(named);
    }
    if (leavesForPot(text, named, place, i)) return true;
    if (!isOwn(named) || !hasHeatBefore(i)) return false;
    if ((saysElsewhere(text) || saysPart(text)) && !FROM_POT.test(text) && !FILLS.test(text))
      return true;
    if (place === 'cooker' && RINSED.test(firstSentence(text))) return true;
    if (place === 'counter' && saysByItself(text)) return true;
    return place === 'burner' && (current.place !== 'burner' || isOtherPan(stages[i - 1], text));
  }

  /** The meat is in the oven, and its juices in the pot go on by themselves. */
  function leavesForPot(
    text: string,
    named: readonly string[],
    place: StagePlace,
    i: number,
  ): boolean {
    if (place !== 'cooker' || TAKES_BACK.test(text)) return false;
    if (current.place === 'cooker' || current.place === 'counter') return false;
    const isBeside = lastInPot(i) !== undefined && branches.every((b) => b.place !== 'cooker');
    if (isToldBeside(found[i - 1], found[i])) return isBeside;
    if (!FROM_POT.test(text)) return false;
    const isOfBranch = named.some((food) => current.foods.has(food) && !isCommon(food));
    return !isOfBranch && isBeside;
  }

  /** Where the juices were left: strained into a jug after the pot, or in it. */
  function juicesOf(i: number): string | undefined {
    const pot = lastInPot(i);
    const from = stages.findIndex((s) => s.id === pot) + 1;
    const kept = stages.slice(from, i).findLast((s, at) => {
      if (placeOf(s) !== 'counter') return false;
      // Lifted out for the oven: from then on the juices are alone.
      const next = stages[from + at + 1];
      return JUICES.test(s.text) || (next && placeOf(next) === 'oven' && liftsOut(s.text));
    });
    return kept?.id ?? pot;
  }

  function lastInPot(i: number): string | undefined {
    return stages.slice(0, i).findLast((s) => placeOf(s) === 'cooker')?.id;
  }

  /** Only what nothing before has taken up. */
  function isOwn(named: readonly string[], isNothing = isCommon): boolean {
    const foods = named.filter((food) => !isNothing(food));
    return foods.length > 0 && !branches.some((b) => foods.some((food) => b.foods.has(food)));
  }

  function hasHeatBefore(i: number): boolean {
    return stages.slice(0, i).some((s) => placeOf(s) !== 'counter');
  }

  /** It waits for nothing where all of it is its own, else for what the stage beside it waited for. */
  function startBranch(stage: Stage, text: string, named: readonly string[]): Branch {
    const isFree = (isOwn(named) || isOwn(named, isStaple)) && !FROM_POT.test(text);
    const beside = (branches[0] as Branch).tips;
    const pot =
      placeOf(stage) === 'cooker' && FROM_POT.test(text)
        ? juicesOf(stages.indexOf(stage))
        : undefined;
    const tips = isFree
      ? []
      : pot !== undefined
        ? [pot]
        : [...new Set(beside.flatMap((id) => waited.get(id) ?? []))];
    const branch: Branch = {
      tips,
      foods: new Set(),
      words: new Set(),
      place: tips.map((id) => placeAfter.get(id)).find((p) => p !== undefined) ?? 'counter',
    };
    branches = [...branches, branch];
    return branch;
  }
}

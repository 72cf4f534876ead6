/**
 * Work before a later cycle or before the oven that nobody timed: “Cut the tops off the peppers, pack them with the filling. High pressure
 * 5 minutes” is more than putting them into the pot.
 */
import { isPreparing } from './phrases';
import type { FoundStage } from './types';

const SHAPING =
  /\b(?:pack|stuff|fill|roll|shape|form|wrap|layer|spread|spoon|divide|fold|mash|blend|strain|pick)\b/i;
/** What is done to the pot itself, or is only put into it. */
const OF_POT =
  /\b(?:pot|cooker|liner|lid|valve|rack|trivet|pressure|water in|pour|rinse|wipe|wash|drain)\b/i;

const isWork = (sentence: string): boolean =>
  (isPreparing(sentence) || SHAPING.test(sentence)) && !OF_POT.test(sentence);

/** “Put the thighs on a board, pull the meat off the bones”: hands are busy before the sauce goes on. */
const ON_A_BOARD =
  /\b(?:on|onto|to|in|into) (?:a |the )?(?:(?:chopping|cutting|large|big|warm) )?(?:board|plate|platter|tray|bowl)\b/i;
const PULLS = /\b(?:pull|shred|strip|pick|flake|slice|cut|chop|carve|dice|cube|break)\b/i;
const isTakenApart = (sentence: string): boolean =>
  ON_A_BOARD.test(sentence) && PULLS.test(sentence);

/** Dough, batter and the like, made before it goes into the oven. */
const MAKES =
  /\b(?:rub (?:the |in )?[^.]*\bin(?:to)?\b|knead|press (?:it |this |them |the [\p{L} ]+)?(?:in|into|onto|over)|roll(?:ed)? out|cream the|make (?:the|a) (?:dough|batter|pastry|crumble|topping)|(?:beat|whisk|mix|stir)\b[^.]*\b(?:dough|batter|crumbs|smooth|stiff|fluffy|together))\b/iu;
const isMaking = (sentence: string): boolean => MAKES.test(sentence) && !OF_POT.test(sentence);

/** The stages, with a step of its own for hands before a cycle that is not the first, and for a dough before it is baked. */
export function withWorkBefore(found: readonly FoundStage[]): FoundStage[] {
  return found.flatMap((stage, i) => {
    const isLater =
      (stage.kind === 'pressure' || stage.kind === 'brown') &&
      found.slice(0, i).some((s) => s.kind === 'pressure');
    const isSauce = stage.kind === 'simmer' && found.slice(0, i).some((s) => s.kind === 'pressure');
    const isBaked = stage.kind === 'oven' && i > 0;
    const last = isLater
      ? stage.sentences.findLastIndex(isWork)
      : isSauce
        ? stage.sentences.findLastIndex(isTakenApart)
        : isBaked
          ? stage.sentences.findLastIndex(isMaking)
          : -1;
    if (last < 0 || last === stage.sentences.length - 1) return [stage];
    const { from, checks: _, ...plain } = stage;
    const work: FoundStage = {
      ...plain,
      ...(from === undefined ? {} : { from }),
      kind: 'prep',
      sentences: stage.sentences.slice(0, last + 1),
      minutes: null,
      to: null,
      celsius: null,
      cycle: null,
    };
    const { from: __, ...rest } = stage;
    return [work, { ...rest, sentences: stage.sentences.slice(last + 1) }];
  });
}

/**
 * What is taken out of the pot before the pot goes on: “Lift the belly onto a rack. Grill it 10 minutes. While it crisps,
 * boil the juices down.” The juices wait for the lifting, not for the grill, and never boil with the meat in them.
 */
import type { FoundStage } from './types';

const LIFTS =
  /^(?:then |now |carefully |gently )*(?:lift|take|remove|transfer|fish|scoop|spoon)\b(?![^.]*\b(?:lid|foil|trivet|water)\b)[^.]*\b(?:out|onto|on to|to an?|from the (?:pot|cooker))\b/i;
const ABOVE: ReadonlySet<FoundStage['kind']> = new Set(['crisp', 'oven']);
const IN_POT: ReadonlySet<FoundStage['kind']> = new Set(['simmer', 'thicken', 'brown']);
const BESIDE = /^(?:while|meanwhile|in the meantime|as (?:it|they|that|the))\b/i;

/** Whether a sentence takes the food out of the pot: “Lift the belly onto a rack.” */
export const liftsOut = (sentence: string): boolean => LIFTS.test(sentence);

/** The stages, with the lifting as a step of its own where the pot goes on beside what comes after it. */
export function withLiftingOut(found: readonly FoundStage[]): FoundStage[] {
  return found.flatMap((stage, i) => {
    const next = found[i + 1];
    const [first, ...rest] = stage.sentences;
    const goesOnBeside =
      next !== undefined &&
      IN_POT.has(next.kind) &&
      (next.meanwhile || BESIDE.test(next.sentences[0] ?? ''));
    const isAfterPot = found.slice(0, i).some((s) => s.kind === 'pressure');
    const isLifted =
      ABOVE.has(stage.kind) && first !== undefined && rest.length > 0 && liftsOut(first);
    if (!isLifted || !isAfterPot || !goesOnBeside) return [stage];
    const { from: _, ...plain } = stage;
    return [
      {
        kind: 'finish',
        sentences: [first],
        minutes: null,
        to: null,
        celsius: null,
        cycle: null,
        meanwhile: false,
      },
      { ...plain, sentences: rest },
    ];
  });
}

/** “Add the rice which you soaked half an hour”: what was soaked by then is soaked first. */
import type { FoundStage } from './types';

const SOAKED_BEFORE =
  /\b(?:which|that|you)(?:(?:'|’)ve| you(?:(?:'|’)ve| have| had)?| has| have| had| was| were)?(?: been)? soaked\b/i;

/** The stages, with what had to be soaked at their beginning; the words stay with the work that takes it up, too. */
export function withPastSoaks(found: readonly FoundStage[]): FoundStage[] {
  const isPast = (s: FoundStage): boolean =>
    s.kind === 'soak' && s.sentences.length === 1 && SOAKED_BEFORE.test(s.sentences[0] ?? '');
  const soaks = found.filter((s, i) => i > 0 && i < found.length - 1 && isPast(s));
  if (soaks.length === 0) return [...found];
  const rest = found.flatMap((stage, i) => {
    if (soaks.includes(stage)) return [];
    const before = found[i - 1];
    if (!before || !soaks.includes(before)) return [stage];
    const taken = before.sentences.filter((s) => !stage.sentences.includes(s));
    return [{ ...stage, sentences: [...taken, ...stage.sentences] }];
  });
  return [...soaks, ...rest];
}

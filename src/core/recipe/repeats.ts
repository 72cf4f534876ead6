/** “Repeat with the other 4”: what was done before is done once more, and takes as long again. */
import type { FoundKind, FoundStage } from './types';

const REPEAT =
  /^(?:then )?(?:repeat|do the same|same again|and again)\b[^.]*\b(?:rest|remaining|remainder|others?|second|next|last)\b/i;
const TIMED: ReadonlySet<FoundKind> = new Set(['pressure', 'brown', 'burner', 'oven', 'crisp']);

/** The stages with those that a sentence has repeated; its words go with them. */
export function withRepeats(found: readonly FoundStage[]): FoundStage[] {
  const stages: FoundStage[] = [];
  for (const stage of found) {
    const at = stage.sentences.findIndex((s) => REPEAT.test(s));
    const before = at === 0 ? stages.at(-1) : stage;
    const isTimed = before !== undefined && TIMED.has(before.kind);
    if (at < 0 || !isTimed || (before.minutes === null && before.cycle === null)) {
      stages.push(stage);
      continue;
    }
    const [said = '', rest] = [stage.sentences[at], stage.sentences.slice(at + 1)];
    const { checks: _, from: __, ...plain } = before;
    const again: FoundStage = { ...plain, sentences: [said] };
    if (at === 0) stages.push(again, { ...stage, sentences: rest });
    else
      stages.push(
        { ...stage, sentences: stage.sentences.slice(0, at) },
        { ...again, sentences: [said, ...rest] },
      );
  }
  return stages.filter((s) => s.sentences.length > 0);
}

/** What the runway of a meal shows in red, with the words for it. */
import type { ChainPart, CompiledMeal, Contradiction, PlanNote } from '$core/plan';
import type { RunwayMark } from '$lib/ui/runway';

/** Things that contradict each other, by numbers. */
export function contradictionMarks(contradictions: readonly Contradiction[]): RunwayMark[] {
  return contradictions.map((c, i) => ({ label: String(i + 1), ...c }));
}

/** What follows each other without a break in a late meal, by numbers. */
export function lateMarks(chain: readonly ChainPart[]): RunwayMark[] {
  return chain.map((part, i) => ({ label: String(i + 1), ...part }));
}

const IN_THE_POT = new Set(['come-up', 'hold', 'release', 'vent']);

/** Dishes that must not be cooked as they are: over a line, too little liquid. Marked where they are cooked. */
export function stopMarks(notes: readonly PlanNote[], compiled: CompiledMeal): RunwayMark[] {
  return notes.flatMap(({ severity, entryId, text }) => {
    if (severity !== 'stop' || entryId === null) return [];
    const own = compiled.meanings.filter((m) => m.entryId === entryId);
    const inPot = own.filter((m) => IN_THE_POT.has(m.phase));
    const steps = (inPot.length > 0 ? inPot : own).map((m) => m.id);
    return [{ label: '!', text, steps }];
  });
}

/** What the timeline of a meal shows in red, with the words for it. */
import type { ChainPart, Contradiction } from '$core/review';
import type { Plan } from '$core/plan';
import type { Finding } from '$core/reason';
import { sayFinding, type Conventions } from '$core/words';
import type { TimelineMark } from '$lib/ui/timeline';

/** Things that contradict each other, by numbers. */
export function contradictionMarks(contradictions: readonly Contradiction[]): TimelineMark[] {
  return contradictions.map((c, i) => ({ label: String(i + 1), ...c }));
}

/** What follows each other without a break in a late meal, by numbers. */
export function lateMarks(chain: readonly ChainPart[]): TimelineMark[] {
  return chain.map((part, i) => ({ label: String(i + 1), ...part }));
}

const IN_THE_POT = new Set(['come-up', 'hold', 'release', 'vent']);

/** Whether a note is shown on the timeline: what stops a dish, and work that gives the hands no rest. */
export function isMarked({ severity, subject }: Finding): boolean {
  return subject.kind === 'work' || (severity === 'stop' && subject.kind === 'entry');
}

/** Notes on the timeline: dishes over a line where they are cooked, work without a rest at the hands. */
export function noteMarks(notes: readonly Finding[], plan: Plan, by: Conventions): TimelineMark[] {
  return notes.filter(isMarked).map((note) => {
    const { subject } = note;
    const { text } = sayFinding(note, by);
    if (subject.kind === 'work') return { label: '!', text, steps: subject.steps, atHands: true };
    const own = plan.operations.filter((o) => subject.kind === 'entry' && o.entryId === subject.id);
    const inPot = own.filter((o) => IN_THE_POT.has(o.phase));
    return { label: '!', text, steps: (inPot.length > 0 ? inPot : own).map((o) => o.id) };
  });
}

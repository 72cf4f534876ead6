/** How calm an evening was: how often what a cook had been told was moved, and how far. */
import type { LiveState } from '$core/run';
import type { Schedule } from '$core/solve';

export interface Calm {
  /** Work on the page (now, the next three, the next of each pot) that a new plan moved by a minute or more. */
  shown: number;
  /** By so many minutes in all. */
  minutes: number;
  /** The same of all work that had not begun, on the page or not. */
  all: number;
  /** Times that something was said. */
  said: number;
  /** Times that the table was said anew. */
  tables: number;
}

export const noMoves = (): Calm => ({ shown: 0, minutes: 0, all: 0, said: 0, tables: 0 });

/** So many of the work to come are on the page. */
const ON_THE_PAGE = 4;

/** Counts what one new plan moves of the work that had not begun. */
export function countMoves(
  calm: Calm,
  before: LiveState,
  { schedule, text }: { schedule: Schedule; text: string },
): void {
  const told = new Map(before.schedule.steps.map((s) => [s.id, s.start]));
  const open = before.steps
    .filter((s) => s.status === 'due' || s.status === 'ahead')
    .filter((s) => s.operation.isHands && s.operation.phase !== 'rinse');
  const firstOf = new Set(
    open.filter(
      (s, i) =>
        s.operation.unit !== null &&
        open.findIndex((x) => x.operation.unit === s.operation.unit) === i,
    ),
  );
  const shown = new Set(
    open.filter((s, i) => i < ON_THE_PAGE || firstOf.has(s)).map((s) => s.operation.id),
  );
  const work = new Set(open.map((s) => s.operation.id));
  for (const step of schedule.steps) {
    const from = told.get(step.id);
    if (!work.has(step.id) || from === undefined || from === step.start) continue;
    calm.all++;
    if (!shown.has(step.id)) continue;
    calm.shown++;
    calm.minutes += Math.abs(step.start - from);
  }
  if (text) calm.said++;
  if (/table/.test(text)) calm.tables++;
}

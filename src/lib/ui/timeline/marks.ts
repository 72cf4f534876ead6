/** What is drawn in red under the lanes: things that contradict each other, that make a meal late, or that are over a limit. */
import type { Plan } from '$core/plan';
import type { Lane } from './lanes';

/** A sentence and the steps it speaks of; the label ties the two together. */
export interface TimelineMark {
  /** A number, or “!”. */
  label: string;
  text: string;
  steps: readonly string[];
  /** Entries whose waiting it speaks of. */
  waits?: readonly string[];
  /** Marked at the hands also where the work is done at a pot. */
  atHands?: boolean;
}

/** A bar under a lane. Minutes are the plan's. */
export interface MarkBar {
  label: string;
  from: number;
  to: number;
  /** From where on it is over its limit; the same as `from` for work, which has no part that is not. */
  over: number;
  isWait: boolean;
}

/** Room under a lane for its work, and for each wait, px. */
export const WORK_ROOM = 14;
export const WAIT_ROOM = 17;

/** Room that a lane's bars take, px. */
export function markRoom(bars: readonly MarkBar[] = []): number {
  return bars.length === 0 ? 0 : WORK_ROOM + bars.filter((b) => b.isWait).length * WAIT_ROOM;
}

/** Pieces of one mark with less between them are one bar, minutes: as much as is no rest. */
const TOGETHER = 5;

/** A shorter wait is none that one sees, minutes. */
const LEAST_WAIT = 5;

/** Bars by lane id, and the labels of what lies outside the drawing: mostly the days before. */
export interface MarkBars {
  byLane: Map<string, MarkBar[]>;
  unseen: string[];
}

/** @returns the bars under each lane, and the labels of what lies outside the drawing */
export function toMarkBars(
  lanes: readonly Lane[],
  marks: readonly TimelineMark[],
  plan: Plan,
): MarkBars {
  const byLane = new Map<string, MarkBar[]>();
  const unseen: string[] = [];
  const pots = lanes.filter((l) => l.kind !== 'hands');
  // Work in a pot is marked at the pot, what only hands do at the hands.
  const atPots = new Set(pots.flatMap((l) => l.pieces.map((p) => p.stepId)));
  for (const { label, steps, waits = [], atHands = false } of marks) {
    const found = waits.length > 0 ? waitBars(waits, pots, plan) : [];
    if (waits.length === 0)
      for (const lane of lanes)
        for (const [from, to] of runsOf(lane, steps, (step) =>
          lane.kind === 'hands' ? atHands || !atPots.has(step) : !atHands,
        ))
          found.push({ lane, from, to, over: from, isWait: false });
    for (const { lane, ...bar } of found)
      byLane.set(lane.id, [...(byLane.get(lane.id) ?? []), { label, ...bar }]);
    // A dish that is served at once has no wait to show; other things lie on the days before.
    if (found.length === 0 && waits.length === 0) unseen.push(label);
  }
  return { byLane, unseen };
}

type Found = Omit<MarkBar, 'label'> & { lane: Lane };

/** From when each dish is ready until it is served, and from where that is too long. */
function waitBars(entryIds: readonly string[], pots: readonly Lane[], { dishes }: Plan): Found[] {
  return entryIds.flatMap((id): Found[] => {
    const timed = dishes.find((d) => d.entryId === id);
    const lane = potOf(id, pots);
    if (!timed || !lane || timed.waits < LEAST_WAIT) return [];
    const to = timed.ready + timed.waits;
    const over = Math.min(to, timed.ready + (timed.mayWait ?? Infinity));
    return [{ lane, from: timed.ready, to, over, isWait: true }];
  });
}

/** Stretches of a lane that steps take, in order. @param isHere whether a step is marked in this lane */
function runsOf(
  lane: Lane,
  steps: readonly string[],
  isHere: (step: string) => boolean,
): [number, number][] {
  const pieces = lane.pieces
    .filter((p) => steps.includes(p.stepId) && isHere(p.stepId))
    .sort((a, b) => a.start - b.start);
  const runs: [number, number][] = [];
  for (const { start, end } of pieces) {
    const last = runs.at(-1);
    if (last && start - last[1] < TOGETHER) last[1] = Math.max(last[1], end);
    else runs.push([start, end]);
  }
  return runs;
}

/** Where a dish is cooked last: there it waits, or is taken out to wait. */
function potOf(entryId: string, pots: readonly Lane[]): Lane | undefined {
  const lastIn = (lane: Lane): number =>
    Math.max(-Infinity, ...lane.pieces.filter((p) => p.entryId === entryId).map((p) => p.end));
  return pots.filter((l) => lastIn(l) > -Infinity).sort((a, b) => lastIn(b) - lastIn(a))[0];
}

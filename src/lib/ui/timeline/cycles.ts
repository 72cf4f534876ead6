/** The phases of one pressure cycle in a lane, gathered for drawing and naming it as one thing. */
import type { Lane, LanePiece } from './lanes';

export interface LaneCycle {
  key: string;
  dish: string;
  start: number;
  end: number;
  up: LanePiece | null;
  hold: LanePiece | null;
  release: LanePiece | null;
  vent: LanePiece | null;
  /** Minutes by which its end may slip. */
  slack: number;
}

/** @returns the pressure cycles of a cooker’s lane, by their start; none for other lanes */
export function toCycles(lane: Lane): LaneCycle[] {
  if (lane.kind !== 'cooker') return [];
  const groups = new Map<string, LanePiece[]>();
  for (const piece of lane.pieces) {
    if (!['come-up', 'hold', 'release', 'vent'].includes(piece.phase)) continue;
    const key = `${piece.entryId}.${piece.stageId}`;
    groups.set(key, [...(groups.get(key) ?? []), piece]);
  }
  return [...groups]
    .map(([key, pieces]): LaneCycle => {
      const of = (phase: LanePiece['phase']) => pieces.find((p) => p.phase === phase) ?? null;
      return {
        key,
        dish: pieces[0]?.dish ?? '',
        start: Math.min(...pieces.map((p) => p.start)),
        end: Math.max(...pieces.map((p) => p.end)),
        up: of('come-up'),
        hold: of('hold'),
        release: of('release'),
        vent: of('vent'),
        // Independent slips add like the sides of a right angle.
        slack: Math.hypot(...pieces.map((p) => p.slack)),
      };
    })
    .sort((a, b) => a.start - b.start);
}

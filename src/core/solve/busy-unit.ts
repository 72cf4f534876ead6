/** A unit that something else takes now and then: what stays in it, and when there is no slot left. */
import type { Problem } from './problem';

interface Stay {
  block: string;
  from: number;
  to: number;
}

export class BusyUnit {
  private readonly stays: Stay[] = [];

  constructor(
    private readonly capacity: number,
    private readonly busy: readonly { from: number; to: number }[],
  ) {}

  clear(): void {
    this.stays.length = 0;
  }

  /** The first moment from `start` on from which a step of a block meets no span without a slot for it. */
  earliest(start: number, length: number, block: string): number {
    let at = start;
    for (;;) {
      const hit = this.busy.find(
        ({ from, to }) =>
          (length > 0 ? from < at + length && at < to : from <= at && at < to) &&
          this.taken(Math.max(from, at), block) >= this.capacity,
      );
      if (!hit) return at;
      at = hit.to;
    }
  }

  /** Slots taken at a moment by other blocks and by something else. */
  private taken(moment: number, block: string): number {
    const others = this.stays.filter(
      (s) => s.block !== block && s.from <= moment && moment < s.to,
    ).length;
    return others + this.busy.filter(({ from, to }) => from <= moment && moment < to).length;
  }

  hold(block: string, start: number, end: number): void {
    const own = this.stays.find((s) => s.block === block);
    if (!own) this.stays.push({ block, from: start, to: end });
    else {
      own.from = Math.min(own.from, start);
      own.to = Math.max(own.to, end);
    }
  }
}

/** The units of a problem that are taken by something else at times. */
export function busyUnits(problem: Problem): Map<string, BusyUnit> {
  return new Map(
    (problem.units ?? []).flatMap((u) =>
      (u.busy ?? []).length > 0
        ? [[u.id, new BusyUnit(u.capacity ?? 1, u.busy ?? [])] as const]
        : [],
    ),
  );
}

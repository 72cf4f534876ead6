/** Something that runs out, hands or watts: who has how much of it until when, and when there is less of it. */

/** So much less between two moments. */
export interface Absence {
  from: number;
  to: number;
  amount: number;
}

export class Counted {
  private readonly until: number[] = [];
  private readonly amounts: number[] = [];
  /** The latest start so far: claims are met in their order, so no later one starts before it. */
  private last = -Infinity;

  constructor(
    private readonly capacity: number,
    private readonly absences: readonly Absence[] = [],
  ) {}

  clear(): void {
    this.until.length = 0;
    this.amounts.length = 0;
    this.last = -Infinity;
  }

  /**
   * The first moment from `start` on from which `amount` is there for all of `length` minutes: what is taken
   * has come back, and no absence falls into them.
   */
  earliest(start: number, length: number, amount: number): number {
    let at = Math.max(start, this.last);
    for (;;) {
      const next = this.obstacle(at, length, amount);
      if (next === null) return at;
      at = next;
    }
  }

  /** The moment at which the first thing that hinders is over; null where nothing does. */
  private obstacle(at: number, length: number, amount: number): number | null {
    if (this.usedAt(at) + this.missingAt(at) + amount > this.capacity) return this.nextAfter(at);
    for (const { from, to } of this.absences) {
      if (from <= at || from >= at + length) continue;
      // What was taken before may be back by then.
      if (this.usedAt(from) + this.missingAt(from) + amount > this.capacity) return to;
    }
    return null;
  }

  private usedAt(moment: number): number {
    let used = 0;
    for (let i = 0; i < this.until.length; i++)
      if ((this.until[i] as number) > moment) used += this.amounts[i] as number;
    return used;
  }

  private missingAt(moment: number): number {
    let missing = 0;
    for (const { from, to, amount } of this.absences)
      if (from <= moment && moment < to) missing += amount;
    return missing;
  }

  /** The next moment at which something comes back; null where nothing will. */
  private nextAfter(moment: number): number | null {
    let next = Infinity;
    for (const end of this.until) if (end > moment && end < next) next = end;
    for (const { from, to } of this.absences)
      if (from <= moment && moment < to && to < next) next = to;
    return next === Infinity ? null : next;
  }

  take(start: number, end: number, amount: number): void {
    const { until, amounts } = this;
    this.last = start;
    let kept = 0;
    for (let i = 0; i < until.length; i++) {
      // Nothing starts before this claim any more, so what has come back by then is forgotten.
      if ((until[i] as number) <= start) continue;
      until[kept] = until[i] as number;
      amounts[kept++] = amounts[i] as number;
    }
    until[kept] = end;
    amounts[kept++] = amount;
    until.length = kept;
    amounts.length = kept;
  }
}

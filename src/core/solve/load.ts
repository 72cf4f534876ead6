/** What something of limited capacity carries, minute by minute. */
export class Load {
  private readonly carried: Int32Array;
  /** Minutes looked at, for the count of work. */
  looked = 0;

  /**
   * @param from first minute that counts, on the problem’s axis
   * @param to first minute that no longer counts; outside the two there is no room
   */
  constructor(
    private readonly from: number,
    to: number,
    private readonly capacity: number,
  ) {
    this.carried = new Int32Array(Math.max(0, to - from));
  }

  /** Adds `amount` (takes it away where negative) from `start` up to `end`. */
  add(start: number, end: number, amount: number): void {
    const last = Math.min(end - this.from, this.carried.length);
    for (let at = Math.max(0, start - this.from); at < last; at++)
      this.carried[at] = (this.carried[at] as number) + amount;
  }

  /** Adds what is taken from outside: it can take everything, not more. */
  fill(start: number, end: number, amount: number): void {
    const last = Math.min(end - this.from, this.carried.length);
    for (let at = Math.max(0, start - this.from); at < last; at++)
      this.carried[at] = Math.min(this.capacity, (this.carried[at] as number) + amount);
  }

  /** Whether `amount` more fits from `start` up to `end`. */
  fits(start: number, end: number, amount: number): boolean {
    return end <= start || this.firstFull(start, end, amount) === Infinity;
  }

  /** The first minute from `start` up to `end` at which `amount` more is too much; Infinity where it fits. */
  firstFull(start: number, end: number, amount: number): number {
    const { from, carried } = this;
    const room = this.capacity - amount;
    if (start < from) return start;
    const last = Math.min(end - from, carried.length);
    let at = start - from;
    while (at < last && (carried[at] as number) <= room) at++;
    this.looked += at + from - start + 1;
    return at + from < end ? at + from : Infinity;
  }

  /**
   * Where to look next, going back in time, for something that does not fit from `start` up to `end`.
   *
   * @returns by when it has to end to fit after none of what is in its way; `end` where it fits as it is
   */
  endBefore(start: number, end: number, amount: number): number {
    const { from, carried } = this;
    const room = this.capacity - amount;
    let at = end - 1 - from;
    const first = start - from;
    if (at >= carried.length) return carried.length + from;
    while (at >= first && at >= 0 && (carried[at] as number) <= room) at--;
    this.looked += end - from - at;
    if (at < first) return end;
    while (at >= 0 && (carried[at] as number) > room) at--;
    return at < 0 ? -Infinity : at + 1 + from;
  }
}

/** A part of the best plan that is set free while the rest is assumed to stay. */
import type { Engine } from './engine';
import type { Assumption } from './neighbourhood';

export class PartialSchedule {
  private at = 0;
  /** The level at which everything assumed holds; 0 before that. */
  private heldAt = 0;

  /**
   * @param assumed in the order in which it is assumed
   * @param budget conflicts that the part is worth
   * @param isGuided whether choices come first, as they are liked, and not moments
   */
  constructor(
    private readonly assumed: readonly Assumption[],
    readonly budget: number,
    readonly isGuided = false,
  ) {}

  /** A level that learning should not go below. */
  get floor(): number {
    return this.heldAt;
  }

  /** Call after every step back: what was assumed may be open again. */
  afterBacktrack(level: number): void {
    this.at = 0;
    if (level < this.heldAt) this.heldAt = 0;
  }

  /**
   * Decides the next assumption that is still open.
   *
   * @returns `held` where all of them hold; `decided` after a decision; `broken` where one contradicts
   *   what has been learned: nothing better lies in this part
   */
  assume(engine: Engine): 'held' | 'decided' | 'broken' {
    const { ints } = engine;
    for (; this.at < this.assumed.length; this.at++) {
      const { bound, threshold } = this.assumed[this.at] as Assumption;
      if (ints.at(bound) >= threshold) continue;
      if (ints.upper(bound) < threshold) return 'broken';
      engine.decide(bound, threshold);
      return 'decided';
    }
    if (this.heldAt === 0) this.heldAt = ints.level;
    return 'held';
  }
}

/**
 * How a plan is filled where no choice is left to learned activity: from the table backwards, each
 * step as late as it can, and what follows a dish as early as it can.
 */
import type { Engine } from './engine';
import type { Bound } from './integers';
import type { Model } from './model';

export class Filling {
  constructor(
    private readonly engine: Engine,
    private readonly model: Model,
  ) {}

  /** Fixes moments: the latest start first, then what comes after the meal as early as it can. */
  decide(): boolean {
    const { ints } = this.engine;
    const unit = this.decideUnit();
    if (unit) return true;
    let next = -1;
    for (const bound of this.model.late)
      if (!ints.isFixed(bound) && (next < 0 || ints.upper(bound) > ints.upper(next))) next = bound;
    if (next >= 0) {
      this.decideStart(next);
      return true;
    }
    for (const bound of this.model.early)
      if (!ints.isFixed(bound) && (next < 0 || ints.at(bound) < ints.at(next))) next = bound;
    if (next >= 0) {
      this.engine.decide(next ^ 1, 0 - ints.at(next));
      return true;
    }
    for (const bound of this.model.choices.bounds)
      if (!ints.isFixed(bound)) {
        this.engine.choose(bound, 0);
        return true;
      }
    return false;
  }

  /** As late as it can, or as near as it can to what the cook was told. */
  private decideStart(start: Bound): void {
    const { ints } = this.engine;
    const told = this.model.toldStarts.get(start) ?? Infinity;
    if (ints.at(start) >= told) this.engine.decide(start ^ 1, 0 - ints.at(start));
    else this.engine.decide(start, Math.min(told, ints.upper(start)));
  }

  /** A unit for the block that must be done last: the quickest one, ties to the least wanted. */
  private decideUnit(): boolean {
    const { ints } = this.engine;
    let pick: { latest: number; bound: Bound } | null = null;
    for (const block of this.model.blocks) {
      const open = block.choices.filter((c) => !ints.isFixed(c.chosen));
      if (open.length === 0 || block.choices.some((c) => ints.at(c.chosen) >= 1)) continue;
      const latest = ints.upper(block.end.bound) + block.end.offset;
      if (pick && pick.latest >= latest) continue;
      const load = (unit: string): number =>
        this.model.blocks.filter((b) =>
          b.choices.some((c) => c.unit === unit && ints.at(c.chosen) >= 1),
        ).length;
      const best = open.reduce((a, b) =>
        load(b.unit) - load(a.unit) || b.minutes - a.minutes < 0 ? b : a,
      );
      pick = { latest, bound: best.chosen };
    }
    if (!pick) return false;
    this.engine.decide(pick.bound, 1);
    return true;
  }
}

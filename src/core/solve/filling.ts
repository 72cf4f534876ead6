/**
 * How a plan is filled where no choice is left to learned activity: from the table backwards, each step as late as
 * it can, and what follows a dish as early as it can; over all dishes at once, or dish by dish.
 */
import type { Engine } from './engine';
import { groupsOf } from './groups';
import type { Bound } from './integers';
import type { Model } from './model';

/** Blocks and moments of one dish that are decided together. */
interface Part extends Moments {
  blocks: Model['blocks'][number][];
  /** Where its stays begin and end. */
  stays: Moments;
}

interface Moments {
  late: Bound[];
  early: Bound[];
}

/** Times that a dish may fail to fit before those placed already are moved for it. */
const MOST_FAILURES = 30;

export class Filling {
  /** Dish by dish, then what belongs to none. */
  private readonly parts: Part[];
  /** The dish that is being placed, the level at which that began, and how often it did not fit. */
  private current = -1;
  private floor = 0;
  private failures = 0;

  /**
   * Each dish is placed whole before the next: no half of it has to be fitted between others, which is what large days
   * fail by. Without it only their stays are placed in turn, and all other steps by time: cheaper where it succeeds.
   */
  byDish = false;

  constructor(
    private readonly engine: Engine,
    private readonly model: Model,
  ) {
    const groups = groupsOf(model.problem);
    this.parts = Array.from({ length: groups.count + 1 }, () => ({
      ...{ blocks: [], late: [], early: [], stays: { late: [], early: [] } },
    }));
    const owner = new Map<Bound, number>();
    model.steps.forEach((s, i) => owner.set(s.start, groups.steps[i] as number));
    const edges = new Set<Bound>();
    model.blocks.forEach((block, i) => {
      const group = groups.blocks[i] as number;
      this.parts[group]?.blocks.push(block);
      for (const { bound } of [block.start, block.end]) {
        edges.add(bound);
        if (!owner.has(bound)) owner.set(bound, group);
      }
    });
    for (const when of ['late', 'early'] as const)
      for (const bound of model[when]) {
        const part = this.parts[owner.get(bound) ?? groups.count] as Part;
        part[when].push(bound);
        if (edges.has(bound)) part.stays[when].push(bound);
      }
  }

  /**
   * Call at a conflict.
   *
   * @returns a level that learning should not go below: the dishes placed before may stay where they are
   */
  floorAfterFailure(): number {
    this.failures++;
    return !this.byDish || this.failures > MOST_FAILURES ? 0 : this.floor;
  }

  /** Makes the next decision; false where everything is decided. */
  decide(): boolean {
    const { ints } = this.engine;
    if (!this.byDish) {
      for (const { blocks, stays } of this.parts)
        if (this.decideUnit(blocks) || this.decideStep(stays)) return true;
      if (this.decideStep(this.model)) return true;
    } else
      for (const [i, part] of this.parts.entries()) {
        const { level } = ints;
        if (!this.decideUnit(part.blocks) && !this.decideStep(part)) continue;
        if (i !== this.current) this.failures = 0;
        if (i !== this.current || level < this.floor) this.floor = level;
        this.current = i;
        return true;
      }
    for (const bound of this.model.choices.bounds)
      if (!ints.isFixed(bound)) {
        this.engine.choose(bound, 0);
        return true;
      }
    return false;
  }

  /** The latest start first, then what comes after the meal as early as it can. */
  private decideStep({
    late,
    early,
  }: {
    late: readonly Bound[];
    early: readonly Bound[];
  }): boolean {
    const { ints } = this.engine;
    let next = -1;
    for (const bound of late)
      if (!ints.isFixed(bound) && (next < 0 || ints.upper(bound) > ints.upper(next))) next = bound;
    if (next >= 0) {
      this.decideStart(next);
      return true;
    }
    for (const bound of early)
      if (!ints.isFixed(bound) && (next < 0 || ints.at(bound) < ints.at(next))) next = bound;
    if (next < 0) return false;
    this.engine.decide(next ^ 1, 0 - ints.at(next));
    return true;
  }

  /** As late as it can, or as near as it can to what the cook was told. */
  private decideStart(start: Bound): void {
    const { ints } = this.engine;
    const told = this.model.toldStarts.get(start) ?? Infinity;
    if (ints.at(start) >= told) this.engine.decide(start ^ 1, 0 - ints.at(start));
    else this.engine.decide(start, Math.min(told, ints.upper(start)));
  }

  /** A unit for the block that must be done last: the quickest one, ties to the least wanted. */
  private decideUnit(blocks: Part['blocks']): boolean {
    const { ints } = this.engine;
    let pick: { latest: number; bound: Bound } | null = null;
    for (const block of blocks) {
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

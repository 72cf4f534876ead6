/**
 * Plans by lists: dishes are placed one after the other, each where it costs least; then, over and over, some are taken
 * out and placed anew in another order. It knows nothing of bounds or proofs, but one round takes a tenth of a
 * millisecond, so that large days come near in the time in which the search has hardly begun.
 *
 * @source R. Ruiz, T. Stützle, “A simple and effective iterated greedy algorithm for the permutation flowshop scheduling
 *   problem” (2007); from memory
 */
import { horizonOf } from './horizon';
import { toListProblem, type ListGroup, type ListProblem } from './list-problem';
import { Placer, type Placed } from './placing';
import type { Problem } from './problem';
import { mix } from './random';
import type { Timetable } from './schedule';
import type { Told } from './wishes';

/** Longer days than this are not laid out minute by minute. */
const MOST_MINUTES = 60_000;
/** What a dish that found no place counts, so that finding one comes first. */
const UNPLACED = 1e7;
/** Dishes taken out at once. */
const OUT = { least: 1, most: 4 } as const;
/** By how much worse a plan may be that is gone on from, on average, as a share of its cost. */
const WARMTH = 0.004;
/** One dish in so many has a step held back, by up to two to the power of so many minutes. */
const HELD = { oneIn: 2, doublings: 6, mostDishes: 8 } as const;

interface Held {
  step: number;
  latest: number;
}

/** Lots that chance draws from. */
const LOTS = 1_000_000;
/** Minutes looked at that take about as long as one step of the search’s work. */
const MINUTES_PER_WORK = 6;

export class IteratedGreedy {
  private readonly list: ListProblem | null;
  private readonly placer: Placer | null = null;
  private readonly served: number;
  private readonly spanCost: number;
  /** By dish; null where it found no place. */
  private placed: (Placed | null)[] = [];
  private cost = Infinity;
  private best: readonly (Placed | null)[] = [];
  private bestCost = Infinity;
  private round = 0;

  /** @param delay what all due times move by, min */
  constructor(
    private readonly problem: Problem,
    delay: number,
  ) {
    this.list = toListProblem(problem);
    const horizon = horizonOf(problem) + delay;
    this.served = problem.serveAt + delay;
    this.spanCost = problem.spanCost ?? 1;
    if (this.list && horizon - problem.earliest <= MOST_MINUTES)
      this.placer = new Placer(problem, this.list, delay, horizon);
  }

  /** Work done, in steps of the search. */
  get work(): number {
    return Math.ceil((this.placer?.looked ?? 0) / MINUTES_PER_WORK);
  }

  /** Least cost found; Infinity while some dish has no place. */
  get found(): number {
    return this.bestCost < UNPLACED ? this.bestCost : Infinity;
  }

  /** Goes on until `work` more is done. */
  run(work: number): void {
    const { placer } = this;
    if (!placer || this.groups.length === 0) return;
    const until = this.work + work;
    if (this.placed.length === 0) {
      this.placed = this.groups.map(() => null);
      this.groups.forEach((_, i) => this.insert(placer, i));
      this.keep();
    }
    while (this.work < until) this.improve(placer);
  }

  /** Goes on from another plan for the same delay. */
  adopt({ steps, blocks }: Timetable): void {
    const { placer, problem } = this;
    if (!placer) return;
    for (const dish of this.placed) if (dish) placer.remove(dish);
    const units = (problem.units ?? []).map((u) => u.id);
    this.placed = this.groups.map((group) =>
      placer.placeAt(
        group,
        group.blocks.map((b) => units.indexOf(blocks[b]?.unit ?? '')),
        (i) => steps[i]?.start ?? 0,
      ),
    );
    this.keep();
  }

  /** The best plan found; null where there is none. */
  told(): Told | null {
    if (this.found === Infinity) return null;
    const { steps, blocks = [], units = [] } = this.problem;
    const starts = new Map<string, number>();
    const unitOf = new Map<string, string>();
    for (const dish of this.best) {
      dish?.group.steps.forEach((i, n) => starts.set(steps[i]?.id ?? '', dish.starts[n] as number));
      dish?.group.blocks.forEach((i, n) =>
        unitOf.set(blocks[i]?.id ?? '', units[dish.way[n] as number]?.id ?? ''),
      );
    }
    return { starts, units: unitOf };
  }

  private get groups(): readonly ListGroup[] {
    return this.list?.groups ?? [];
  }

  /** Counts what stands now, and remembers it where it is the best so far. */
  private keep(): void {
    this.cost = this.costOf(this.placed);
    if (this.cost >= this.bestCost) return;
    this.bestCost = this.cost;
    this.best = [...this.placed];
  }

  private spanOf(placed: readonly (Placed | null)[]): { first: number; last: number } {
    let [first, last] = [Infinity, this.served];
    for (const dish of placed)
      if (dish) [first, last] = [Math.min(first, dish.first), Math.max(last, dish.last)];
    return { first: first === Infinity ? this.served : first, last };
  }

  private costOf(placed: readonly (Placed | null)[]): number {
    const { first, last } = this.spanOf(placed);
    let cost = this.spanCost * (last - first);
    for (const dish of placed) cost += dish ? dish.cost : UNPLACED;
    return cost;
  }

  /** Places a dish in the way that costs least. */
  private insert(placer: Placer, i: number, held: Held | null = null): void {
    const group = this.groups[i] as ListGroup;
    const { first, last } = this.spanOf(this.placed);
    let [best, least]: [Placed | null, number] = [null, Infinity];
    for (const way of group.ways) {
      const placed = placer.place(group, way, held);
      if (!placed) continue;
      placer.remove(placed);
      const longer = Math.max(0, first - placed.first) + Math.max(0, placed.last - last);
      const cost = placed.cost + this.spanCost * longer;
      if (cost < least) [best, least] = [placed, cost];
    }
    if (best) placer.restore(best);
    this.placed[i] = best;
  }

  /** One round: some out, and in again; what became much dearer is put back as it was. */
  private improve(placer: Placer): void {
    this.round++;
    const before = [...this.placed];
    const out = this.pickOut();
    this.takeOut(placer, out);
    for (const i of out) this.insert(placer, i, this.heldBack(before[i] ?? null, i));
    const luck = (this.chance(0, LOTS) + 1) / LOTS;
    const allowed = this.cost - Math.log(luck) * WARMTH * Math.min(this.cost, this.bestCost);
    if (this.costOf(this.placed) <= allowed) {
      this.keep();
      return;
    }
    this.takeOut(placer, out);
    for (const i of out) {
      const placed = before[i];
      if (placed) placer.restore(placed);
    }
    this.placed = before;
  }

  /**
   * Now and then a step of the dish is held back from where it was: as late as each can is not best for all, and of few
   * dishes there are few orders.
   */
  private heldBack(before: Placed | null, i: number): Held | null {
    if (!before || this.groups.length > HELD.mostDishes) return null;
    if (this.chance(1000 + 4 * i, HELD.oneIn) > 0) return null;
    const { steps } = before.group;
    const n = this.chance(1001 + 4 * i, steps.length);
    const back =
      1 + this.chance(1002 + 4 * i, 2 ** (1 + this.chance(1003 + 4 * i, HELD.doublings)));
    return { step: steps[n] as number, latest: (before.starts[n] as number) - back };
  }

  private takeOut(placer: Placer, out: readonly number[]): void {
    for (const i of out) {
      const placed = this.placed[i];
      if (placed) placer.remove(placed);
      this.placed[i] = null;
    }
  }

  /** Dishes to place anew, in turn: first those that have no place yet. */
  private pickOut(): number[] {
    const all = this.groups.map((_, i) => i);
    const size = OUT.least + this.chance(1, OUT.most - OUT.least + 1);
    const some = this.shuffled(
      all.filter((i) => this.placed[i]),
      2,
    ).slice(0, size);
    return [...all.filter((i) => !this.placed[i]), ...some];
  }

  private shuffled(numbers: readonly number[], key: number): number[] {
    const lots = new Map(numbers.map((i) => [i, this.chance(key + i, LOTS)]));
    return numbers.toSorted((a, b) => (lots.get(a) ?? 0) - (lots.get(b) ?? 0));
  }

  /** A number from 0 up to `below`, the same in the same round for the same key. */
  private chance(key: number, below: number): number {
    return mix(mix(this.round, 0x1f83d9ab), key) % below;
  }
}

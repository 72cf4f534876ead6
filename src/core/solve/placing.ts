/**
 * One dish placed into a plan that stands, from the table backwards: each step as late as it can, given what the others
 * take. Where a longest wait is broken, what waits goes earlier and the dish is begun anew; its bounds only fall, so
 * that comes to an end.
 *
 * @source serial schedule generation with longest lags: B. Franck, K. Neumann, C. Schwindt, “Truncated branch-and-bound,
 *   schedule-construction, and schedule-improvement procedures for resource-constrained project scheduling” (2001); from
 *   memory
 */
import type { ListGroup, ListProblem, ListStep } from './list-problem';
import { Load } from './load';
import type { Problem } from './problem';

/** Something taken for a while. */
interface Taken {
  load: Load;
  start: number;
  end: number;
  amount: number;
}

/** A dish in its place. */
export interface Placed {
  group: ListGroup;
  /** Starts of its steps and units of its blocks, in the group’s order. */
  starts: readonly number[];
  way: readonly number[];
  taken: readonly Taken[];
  /** What its waits and soft limits cost; the span is not in it. */
  cost: number;
  /** First start and last end that the span counts. */
  first: number;
  last: number;
}

/** What a stay takes beside the hands. */
interface Carrier {
  load: Load;
  amount: number;
  turnaround: number;
}

type Outcome = 'placed' | 'again' | 'never';

/** Times that a dish may be begun anew before it is given up. */
const MOST_ATTEMPTS = 150;
/** What beginning anew counts as, in minutes looked at. */
const ATTEMPT_WORK = 40;

export class Placer {
  private attempts = 0;
  private readonly loads: Load[] = [];
  private readonly hands: Load;
  private readonly resources: readonly Load[];
  /** By block and unit. */
  private readonly carriers: readonly (readonly Carrier[])[][];
  private readonly noUnit: number;

  // The dish that is being placed, by number of its steps and blocks; NaN where not yet.
  private readonly starts: Float64Array;
  private readonly minutes: Float64Array;
  private readonly latest: Float64Array;
  private readonly unitOf: Int32Array;
  private readonly stayStart: Float64Array;
  private readonly stayEnd: Float64Array;
  private taken: Taken[] = [];

  /** @param horizon nothing ends later */
  constructor(
    problem: Problem,
    private readonly list: ListProblem,
    private readonly delay: number,
    private readonly horizon: number,
  ) {
    const load = (capacity: number): Load => {
      const made = new Load(problem.earliest, horizon, capacity);
      this.loads.push(made);
      return made;
    };
    this.hands = load(problem.hands ?? 0);
    for (const { from, to, hands } of problem.away ?? []) this.hands.fill(from, to, hands);
    const units = (problem.units ?? []).map((unit) => {
      const made = load(unit.capacity ?? 1);
      for (const { from, to } of unit.busy ?? []) made.fill(from, to, 1);
      return made;
    });
    const tools = (problem.tools ?? []).map(({ count }) => load(count));
    this.resources = (problem.resources ?? []).map(({ capacity }) => load(capacity));
    const pairs = new Map<string, Load>();
    const pairOf = (a: number, b: number): Load => {
      const key = `${Math.min(a, b)} ${Math.max(a, b)}`;
      const known = pairs.get(key) ?? load(1);
      pairs.set(key, known);
      return known;
    };
    this.carriers = list.blocks.map((block, i) =>
      units.map((unit) => [
        { load: unit, amount: 1, turnaround: block.turnaround },
        ...block.tools.map(({ tool, amount }) => ({
          load: tools[tool] as Load,
          amount,
          turnaround: 0,
        })),
        ...block.apart.map((other) => ({ load: pairOf(i, other), amount: 1, turnaround: 0 })),
      ]),
    );
    this.noUnit = units.length;
    this.starts = new Float64Array(list.steps.length);
    this.minutes = new Float64Array(list.steps.length);
    this.latest = new Float64Array(list.steps.length);
    this.unitOf = new Int32Array(list.blocks.length);
    this.stayStart = new Float64Array(list.blocks.length);
    this.stayEnd = new Float64Array(list.blocks.length);
  }

  /** Minutes looked at so far. */
  get looked(): number {
    return this.loads.reduce((sum, load) => sum + load.looked, this.attempts * ATTEMPT_WORK);
  }

  /** Puts a dish back into the place it had. */
  restore({ taken }: Placed): void {
    for (const { load, start, end, amount } of taken) load.add(start, end, amount);
  }

  /** Takes a dish out of the plan. */
  remove({ taken }: Placed): void {
    for (const { load, start, end, amount } of taken) load.add(start, end, -amount);
  }

  /**
   * Places a dish as late as it can.
   *
   * @param way units of its blocks
   * @param held a step that is to start no later than so, by number; null where none is held back
   * @returns null where it does not fit; nothing is taken then
   */
  place(
    group: ListGroup,
    way: readonly number[],
    held: { step: number; latest: number } | null = null,
  ): Placed | null {
    this.begin(group, way);
    if (held) this.latest[held.step] = held.latest;
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      this.attempts++;
      for (const i of group.steps) this.starts[i] = NaN;
      for (const block of group.blocks) this.stayStart[block] = this.stayEnd[block] = NaN;
      const outcome = this.placeAll(group);
      if (outcome === 'placed') return this.written(group, way);
      for (const { load, start, end, amount } of this.taken) load.add(start, end, -amount);
      this.taken = [];
      if (outcome === 'never') return null;
    }
    return null;
  }

  /** Puts a dish where another plan has it, which is a plan. */
  placeAt(group: ListGroup, way: readonly number[], startOf: (step: number) => number): Placed {
    this.begin(group, way);
    for (const i of group.steps) this.take(i, startOf(i));
    return this.written(group, way);
  }

  private begin(group: ListGroup, way: readonly number[]): void {
    group.blocks.forEach((block, i) => (this.unitOf[block] = way[i] as number));
    for (const block of group.blocks) this.stayStart[block] = this.stayEnd[block] = NaN;
    for (const i of group.steps) {
      const { minutes, block } = this.stepAt(i);
      this.minutes[i] = minutes[this.unitAt(block)] as number;
      this.latest[i] = Infinity;
    }
  }

  private stepAt(i: number): ListStep {
    return this.list.steps[i] as ListStep;
  }

  private unitAt(block: number): number {
    return block < 0 ? this.noUnit : (this.unitOf[block] as number);
  }

  private startOf(i: number): number {
    return this.starts[i] as number;
  }

  private minutesOf(i: number): number {
    return this.minutes[i] as number;
  }

  private isOpen(i: number): boolean {
    return Number.isNaN(this.startOf(i));
  }

  private placeAll({ steps }: ListGroup): Outcome {
    for (;;) {
      let [next, latest, isAnyOpen] = [-1, -Infinity, false];
      for (const i of steps) {
        if (!this.isOpen(i) || !this.stepAt(i).leads) continue;
        isAnyOpen = true;
        const own = this.latestOf(i);
        if (own > latest) [next, latest] = [i, own];
      }
      if (!isAnyOpen) break;
      if (next < 0) return 'never';
      const outcome = this.placeLate(next, latest);
      if (outcome !== 'placed') return outcome;
    }
    for (;;) {
      const open = steps.filter((i) => this.isOpen(i));
      if (open.length === 0) return 'placed';
      const next = open.find((i) => this.stepAt(i).before.every((l) => !this.isOpen(l.from)));
      if (next === undefined || !this.placeEarly(next)) return 'never';
    }
  }

  /** Latest start that those after it leave; −Infinity while one of them that leads to a dish is open. */
  private latestOf(i: number): number {
    const { by, after, dishes } = this.stepAt(i);
    const minutes = this.minutesOf(i);
    let latest = Math.min(by - minutes, this.latest[i] as number);
    for (const { to, min } of after) {
      const start = this.startOf(to);
      if (start - min - minutes < latest) latest = start - min - minutes;
      else if (Number.isNaN(start) && this.stepAt(to).leads) return -Infinity;
    }
    for (const { due } of dishes) latest = Math.min(latest, due + this.delay - minutes);
    return latest;
  }

  private placeLate(i: number, latest: number): Outcome {
    const { from, after, dishes, block } = this.stepAt(i);
    const minutes = this.minutesOf(i);
    let floor = from;
    for (const { due, holdMax } of dishes)
      floor = Math.max(floor, due + this.delay - holdMax - minutes);
    // What it may not be further before than its longest lag.
    let [earliest, follower] = [floor, null as { to: number; max: number } | null];
    for (const link of after) {
      const own = this.startOf(link.to) - link.max - minutes;
      if (own > earliest) [earliest, follower] = [own, link];
    }
    const found = this.latestFit(i, latest, earliest);
    if (found.start !== null) {
      this.take(i, found.start);
      return 'placed';
    }
    if (found.stayEnd !== null) return this.moveStay(block, found.stayEnd);
    if (!follower) return 'never';
    // Further back there may be room, for those after it as well.
    const lower = this.latestFit(i, Math.min(latest, earliest - 1), floor);
    if (lower.start === null && lower.stayEnd === null) return 'never';
    const start = lower.start ?? earliest - 1;
    this.latest[follower.to] = Math.min(
      this.latest[follower.to] as number,
      start + minutes + follower.max,
    );
    return 'again';
  }

  /** The gap that a stay lies in is too short for what goes before: all of it goes into an earlier one. */
  private moveStay(block: number, end: number): Outcome {
    let isMoved = false;
    this.list.steps.forEach((step, i) => {
      if (step.block !== block || this.isOpen(i)) return;
      const latest = end - this.minutesOf(i);
      if (latest >= this.startOf(i)) return;
      this.latest[i] = Math.min(this.latest[i] as number, latest);
      isMoved = true;
    });
    return isMoved && Number.isFinite(end) ? 'again' : 'never';
  }

  /** Start and end of a stay so far, turnaround not counted; NaN before its first step, and where there is no block. */
  private stayOf(block: number): [number, number] {
    return block < 0
      ? [NaN, NaN]
      : [this.stayStart[block] as number, this.stayEnd[block] as number];
  }

  private carriersOf(block: number): readonly Carrier[] {
    return block < 0 ? [] : (this.carriers[block]?.[this.unitAt(block)] ?? []);
  }

  /**
   * The latest start from `latest` down to `earliest`.
   *
   * @returns `start` null where there is none; then `stayEnd`, where the gap of its stay is what is too short: by when
   *   all of the stay would have to end
   */
  private latestFit(
    i: number,
    latest: number,
    earliest: number,
  ): { start: number | null; stayEnd: number | null } {
    const { block, hands, uses } = this.stepAt(i);
    const minutes = this.minutesOf(i);
    const carriers = this.carriersOf(block);
    const [stayStart, stayEnd] = this.stayOf(block);
    let start = latest;
    search: while (start >= earliest) {
      if (minutes > 0) {
        const end = start + minutes;
        let before = hands > 0 ? this.hands.endBefore(start, end, hands) : end;
        for (const { resource, amount } of uses) {
          const own = amount[this.unitAt(block)] as number;
          if (own > 0)
            before = Math.min(
              before,
              (this.resources[resource] as Load).endBefore(start, end, own),
            );
        }
        if (before < end) {
          start = before - minutes;
          continue;
        }
      }
      for (const { load, amount, turnaround } of carriers) {
        const end = start + minutes + turnaround;
        if (Number.isNaN(stayStart)) {
          const before = load.endBefore(start, end, amount);
          if (before >= end) continue;
          start = before - minutes - turnaround;
          continue search;
        }
        const before = start < stayStart ? load.endBefore(start, stayStart, amount) : stayStart;
        if (before < stayStart) return { start: null, stayEnd: before - turnaround };
        if (start + minutes > stayEnd && !load.fits(stayEnd + turnaround, end, amount)) {
          start = stayEnd - minutes;
          continue search;
        }
      }
      return { start, stayEnd: null };
    }
    return { start: null, stayEnd: null };
  }

  /** What comes after a dish: as early as it can. */
  private placeEarly(i: number): boolean {
    const { from, by, before, block, hands, uses } = this.stepAt(i);
    const minutes = this.minutesOf(i);
    let [start, latest] = [from, Math.min(by, this.horizon) - minutes];
    for (const link of before) {
      const end = this.startOf(link.from) + this.minutesOf(link.from);
      start = Math.max(start, end + link.min);
      latest = Math.min(latest, end + link.max);
    }
    const [stayStart, stayEnd] = this.stayOf(block);
    while (start <= latest) {
      let full = hands > 0 ? this.hands.firstFull(start, start + minutes, hands) : Infinity;
      for (const { resource, amount } of uses) {
        const own = amount[this.unitAt(block)] as number;
        const load = this.resources[resource] as Load;
        if (own > 0) full = Math.min(full, load.firstFull(start, start + minutes, own));
      }
      for (const { load, amount, turnaround } of this.carriersOf(block)) {
        const end = start + minutes + turnaround;
        if (Number.isNaN(stayEnd)) full = Math.min(full, load.firstFull(start, end, amount));
        else if (!load.fits(stayEnd + turnaround, end, amount)) return false;
        else if (!load.fits(start, stayStart, amount)) full = Math.min(full, start);
      }
      if (full === Infinity) {
        this.take(i, start);
        return true;
      }
      start = full + 1;
    }
    return false;
  }

  private put(load: Load, start: number, end: number, amount: number): void {
    if (end <= start || amount === 0) return;
    load.add(start, end, amount);
    this.taken.push({ load, start, end, amount });
  }

  private take(i: number, start: number): void {
    const { hands, uses, block } = this.stepAt(i);
    const end = start + this.minutesOf(i);
    this.starts[i] = start;
    this.put(this.hands, start, end, hands);
    for (const { resource, amount } of uses)
      this.put(this.resources[resource] as Load, start, end, amount[this.unitAt(block)] as number);
    if (block < 0) return;
    const [stayStart, stayEnd] = this.stayOf(block);
    const isFirst = Number.isNaN(stayStart);
    for (const { load, amount, turnaround } of this.carriersOf(block)) {
      this.put(load, start, isFirst ? end + turnaround : stayStart, amount);
      if (!isFirst) this.put(load, stayEnd + turnaround, end + turnaround, amount);
    }
    this.stayStart[block] = isFirst ? start : Math.min(start, stayStart);
    this.stayEnd[block] = isFirst ? end : Math.max(end, stayEnd);
  }

  private written(group: ListGroup, way: readonly number[]): Placed {
    let [cost, first, last] = [0, Infinity, -Infinity];
    for (const i of group.steps) {
      const start = this.startOf(i);
      const end = start + this.minutesOf(i);
      const { aside, after, dishes } = this.stepAt(i);
      if (!aside) [first, last] = [Math.min(first, start), Math.max(last, end)];
      for (const { to, soft, overCost } of after)
        if (soft < Infinity) cost += Math.max(0, this.startOf(to) - end - soft) * overCost;
      for (const { due, holdCost, holdSoft, overCost } of dishes) {
        const hold = due + this.delay - end;
        cost += hold * holdCost + Math.max(0, hold - holdSoft) * overCost;
      }
    }
    const { taken } = this;
    this.taken = [];
    const starts = group.steps.map((i) => this.startOf(i));
    return { group, starts, way, taken, cost, first, last };
  }
}

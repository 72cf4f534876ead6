/**
 * Time-table reasoning for something of limited capacity: hands, watts, oven shelves. Where the
 * compulsory parts of present tasks fill it, others are pushed out; over the limit is a conflict.
 * Explanations are pointwise: a single minute at which the tasks named are too many.
 *
 * @source A. Schutt, T. Feydy, P. Stuckey, M. Wallace, Explaining the cumulative propagator,
 *   Constraints 16 (2011).
 */
import type { Bound, Integers } from './integers';
import type { Term } from './term';

/** Something that takes `demand` of the capacity over [start, end) if all of `present` are 1. */
export interface Task {
  start: Term;
  end: Term;
  demand: number;
  present: readonly Bound[];
}

interface Segment {
  from: number;
  to: number;
  height: number;
}

export class Cumulative {
  visits = 0;

  constructor(
    private readonly ints: Integers,
    private readonly tasks: readonly Task[],
    private readonly capacity: number,
  ) {}

  /** Bounds whose change can matter here. */
  *watched(): Iterable<Bound> {
    for (const task of this.tasks) {
      yield task.start.bound;
      yield task.start.bound ^ 1;
      yield task.end.bound;
      yield task.end.bound ^ 1;
      for (const condition of task.present) {
        yield condition;
        yield condition ^ 1;
      }
    }
  }

  /** One pass; false on conflict. Runs again as long as it changes something it watches. */
  propagate(): boolean {
    this.visits += this.tasks.length;
    const profile = this.profile();
    for (const segment of profile)
      if (segment.height > this.capacity) return this.overload(segment.from);
    for (const task of this.tasks) if (!this.filter(task, profile)) return false;
    return true;
  }

  private earliestStart(task: Task): number {
    return this.ints.at(task.start.bound) + task.start.offset;
  }
  private latestStart(task: Task): number {
    return this.ints.upper(task.start.bound) + task.start.offset;
  }
  private earliestEnd(task: Task): number {
    return this.ints.at(task.end.bound) + task.end.offset;
  }
  private latestEnd(task: Task): number {
    return this.ints.upper(task.end.bound) + task.end.offset;
  }
  private isPresent(task: Task): boolean {
    return task.present.every((condition) => this.ints.at(condition) >= 1);
  }
  private isAbsent(task: Task): boolean {
    return task.present.some((condition) => this.ints.upper(condition) < 1);
  }

  /** Sum of compulsory parts of the tasks known to be present, as segments in order. */
  private profile(): Segment[] {
    const events: [number, number][] = [];
    for (const task of this.tasks) {
      const from = this.latestStart(task);
      const to = this.earliestEnd(task);
      if (from >= to || !this.isPresent(task)) continue;
      events.push([from, task.demand], [to, -task.demand]);
    }
    events.sort((a, b) => a[0] - b[0]);
    const segments: Segment[] = [];
    let height = 0;
    events.forEach(([at, change], i) => {
      height += change;
      const next = events[i + 1]?.[0];
      if (next !== undefined && next > at && height > 0)
        segments.push({ from: at, to: next, height });
    });
    return segments;
  }

  /** Literals saying that `task` covers minute `at`, should it be present. */
  private covering(task: Task, at: number, out: number[]): void {
    out.push(task.start.bound ^ 1, task.start.offset - at);
    out.push(task.end.bound, at + 1 - task.end.offset);
  }

  /** Enough present tasks covering minute `at`, `except` aside, to go over what `room` leaves. */
  private crowd(at: number, room: number, except: Task | null): number[] {
    const because: number[] = [];
    let sum = 0;
    for (const task of this.tasks) {
      if (sum > room) break;
      if (task === except || this.latestStart(task) > at || this.earliestEnd(task) <= at) continue;
      if (!this.isPresent(task)) continue;
      sum += task.demand;
      this.covering(task, at, because);
      for (const condition of task.present) because.push(condition, 1);
    }
    return because;
  }

  private overload(at: number): false {
    this.ints.conflict = this.crowd(at, this.capacity, null);
    return false;
  }

  private filter(task: Task, profile: readonly Segment[]): boolean {
    if (task.demand === 0 || this.isAbsent(task)) return true;
    const present = this.isPresent(task);
    const ownFrom = this.latestStart(task);
    const ownTo = this.earliestEnd(task);
    for (const segment of profile) {
      if (segment.to <= this.earliestStart(task) || segment.from >= this.latestEnd(task)) continue;
      const own = present && ownFrom <= segment.from && ownTo >= segment.to ? task.demand : 0;
      if (segment.height - own + task.demand <= this.capacity) continue;
      if (own > 0) continue;
      const room = this.capacity - task.demand;
      if (!present) {
        if (!this.exclude(task, segment, room)) return false;
      } else if (!this.pushOut(task, segment, room)) return false;
    }
    return true;
  }

  /** A task that must cover a full segment cannot be present. */
  private exclude(task: Task, segment: Segment, room: number): boolean {
    const at = Math.max(segment.from, this.latestStart(task));
    if (at >= segment.to || this.earliestEnd(task) <= at) return true;
    const open = task.present.filter((condition) => this.ints.at(condition) < 1);
    if (open.length !== 1) return true;
    const because = this.crowd(at, room, task);
    this.covering(task, at, because);
    for (const condition of task.present) if (condition !== open[0]) because.push(condition, 1);
    return this.ints.raiseBecause((open[0] as Bound) ^ 1, 0, because);
  }

  /** A present task that would reach into a full segment starts after it, or ends before it. */
  private pushOut(task: Task, segment: Segment, room: number): boolean {
    const late = Math.min(segment.to, this.earliestEnd(task)) - 1;
    if (late >= segment.from && late >= this.earliestStart(task)) {
      const because = this.crowd(late, room, task);
      because.push(task.end.bound, late + 1 - task.end.offset);
      for (const condition of task.present) because.push(condition, 1);
      if (!this.ints.raiseBecause(task.start.bound, late + 1 - task.start.offset, because))
        return false;
    }
    const early = Math.max(segment.from, this.latestStart(task));
    if (early < segment.to && early < this.latestEnd(task)) {
      const because = this.crowd(early, room, task);
      because.push(task.start.bound ^ 1, task.start.offset - early);
      for (const condition of task.present) because.push(condition, 1);
      if (!this.ints.raiseBecause(task.end.bound ^ 1, task.end.offset - early, because))
        return false;
    }
    return true;
  }
}

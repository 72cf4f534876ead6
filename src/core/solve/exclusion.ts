/**
 * What cannot happen at once: claims on something of limited capacity. Two that are too much together
 * get an order; where more than two may meet, the time-table rule watches the sum.
 */
import type { Choices } from './choices';
import { Cumulative, type Task } from './cumulative';
import type { Engine } from './engine';
import type { Bound } from './integers';
import { Disjunctive, NO_ORDER } from './disjunctive';
import type { Term } from './term';

/** A stay or a step as far as exclusion is concerned. */
export interface Claim {
  /** Names the thing itself, so that one pair has one order however often it collides. */
  key: string;
  /** The steps it is about, by number; none for what is taken from outside. */
  steps: readonly number[];
  task: Task;
}

export class Exclusions {
  /** By pair of names: the literal that says the first comes before the second. */
  private readonly orders = new Map<string, Bound>();

  constructor(
    private readonly engine: Engine,
    private readonly choices: Choices,
    /** A variable that is always 0, for moments that are fixed. */
    private readonly zero: Bound,
  ) {}

  /** A claim from outside: a busy unit, a cook who is away. */
  fixedClaim(key: string, from: number, to: number, demand: number): Claim {
    const at = (offset: number): Term => ({ bound: this.zero, offset });
    return {
      key,
      steps: [],
      task: { start: at(from), end: at(to), demand: to > from ? demand : 0, present: [] },
    };
  }

  /**
   * Keeps the sum of demands at any moment within `capacity`: an order for each pair that alone is
   * too much, the time-table rule for the rest.
   */
  limit(all: readonly Claim[], capacity: number): void {
    const fixedExcess = (c: Claim): boolean => c.task.start.bound === this.zero;
    const claims = all
      .filter((c) => c.task.demand > 0)
      // What is taken from outside can take everything, not more.
      .map((c) =>
        fixedExcess(c)
          ? { ...c, task: { ...c.task, demand: Math.min(c.task.demand, capacity) } }
          : c,
      )
      .filter((c) => c.task.demand > 0);
    for (const claim of claims) if (claim.task.demand > capacity) this.forbid(claim.task);
    const orders = new Int32Array(claims.length * claims.length).fill(NO_ORDER);
    let pairs = 0;
    let pairsSuffice = true;
    claims.forEach((a, i) =>
      claims.forEach((b, j) => {
        if (j <= i || a.key === b.key || (fixedExcess(a) && fixedExcess(b))) return;
        if (a.task.demand + b.task.demand <= capacity) {
          pairsSuffice = false;
          return;
        }
        const order = this.order(a, b);
        orders[i * claims.length + j] = order;
        orders[j * claims.length + i] = order ^ 1;
        pairs++;
      }),
    );
    const tasks = claims.map((c) => c.task);
    if (pairs > 0) this.engine.addReactor(new Disjunctive(this.engine.ints, tasks, orders));
    if (pairsSuffice) return;
    this.engine.addPropagator(new Cumulative(this.engine.ints, tasks, capacity));
  }

  /** A task that is too much on its own can never be present. */
  private forbid(task: Task): void {
    if (task.present.length === 0) this.engine.refuted = true;
    else this.engine.addClause(task.present.flatMap((condition) => [condition ^ 1, 0]));
  }

  /** The literal that says `a` comes before `b`; one yes/no for a pair, however often it collides. */
  private order(a: Claim, b: Claim): Bound {
    let bound = this.orders.get(`${a.key}|${b.key}`);
    if (bound === undefined) {
      bound = this.choices.yesNo({
        steps: [...a.steps, ...b.steps],
        order: { first: a.steps, second: b.steps },
      });
      this.orders.set(`${a.key}|${b.key}`, bound);
      this.orders.set(`${b.key}|${a.key}`, bound ^ 1);
    }
    return bound;
  }
}

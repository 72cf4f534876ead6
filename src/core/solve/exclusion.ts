/**
 * What cannot happen at once: claims on something of limited capacity. Two that are too much together
 * get an order; where more than two may meet, the time-table rule watches the sum.
 */
import type { Choices } from './choices';
import { Cumulative, type Task } from './cumulative';
import type { Engine } from './engine';
import type { Bound } from './integers';
import { addAfter, type Term } from './term';

/** A stay or a step as far as exclusion is concerned. */
export interface Claim {
  /** Names the thing itself, so that one pair has one order however often it collides. */
  key: string;
  /** The steps it is about, by number; none for what is taken from outside. */
  steps: readonly number[];
  task: Task;
}

export class Exclusions {
  /** By pair of names: a yes/no that says `first` comes before the other, and its opposite. */
  private readonly orders = new Map<string, { bound: Bound; reverse: Bound; first: string }>();

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
    let pairsSuffice = true;
    claims.forEach((a, i) =>
      claims.slice(i + 1).forEach((b) => {
        if (a.key === b.key || (fixedExcess(a) && fixedExcess(b))) return;
        if (a.task.demand + b.task.demand > capacity) this.exclude(a, b);
        else pairsSuffice = false;
      }),
    );
    if (pairsSuffice) return;
    this.engine.addPropagator(
      new Cumulative(
        this.engine.ints,
        claims.map((c) => c.task),
        capacity,
      ),
    );
  }

  /** A task that is too much on its own can never be present. */
  private forbid(task: Task): void {
    if (task.present.length === 0) this.engine.refuted = true;
    else this.engine.addClause(task.present.flatMap((condition) => [condition ^ 1, 0]));
  }

  /** Two claims that cannot overlap: one before the other, whichever way the order goes. */
  private exclude(a: Claim, b: Claim): void {
    const name = `${a.key}|${b.key}`;
    let order = this.orders.get(name);
    if (!order) {
      const bound = this.choices.yesNo({
        steps: [...a.steps, ...b.steps],
        order: { first: a.steps, second: b.steps },
      });
      order = { bound, reverse: this.choices.opposite(bound), first: a.key };
      this.orders.set(name, order);
      this.orders.set(`${b.key}|${a.key}`, order);
    }
    const [forward, backward] =
      order.first === a.key ? [order.bound, order.reverse] : [order.reverse, order.bound];
    const both = [...a.task.present, ...b.task.present];
    addAfter(this.engine.differences, a.task.end, b.task.start, 0, [...both, forward]);
    addAfter(this.engine.differences, b.task.end, a.task.start, 0, [...both, backward]);
  }
}

/** The yes/no variables of a problem: which unit, which order; and what each is about. */
import type { Engine } from './engine';
import type { Bound } from './integers';

/** What a main choice decides. */
export interface Decision {
  bound: Bound;
  /** All steps concerned, by number. */
  steps: readonly number[];
  /** Chosen: this block takes this unit. */
  stay?: { block: string; unit: string };
  /** Chosen: the first of these come before the second. */
  order?: { first: readonly number[]; second: readonly number[] };
}

export class Choices {
  /** The search's main choices: units and orders. */
  readonly bounds: Bound[] = [];
  /** For each of them, what it is about. */
  readonly subjects: Decision[] = [];

  constructor(private readonly engine: Engine) {}

  /** Adds a main choice. */
  yesNo(about: Omit<Decision, 'bound'>): Bound {
    const bound = this.engine.ints.add(0, 1);
    this.bounds.push(bound);
    this.subjects.push({ bound, ...about });
    return bound;
  }

  /** A yes/no that is true where `bound` is not. */
  opposite(bound: Bound): Bound {
    const other = this.engine.ints.add(0, 1);
    this.engine.addClause([bound, 1, other, 1]);
    this.engine.addClause([bound ^ 1, 0, other ^ 1, 0]);
    return other;
  }
}

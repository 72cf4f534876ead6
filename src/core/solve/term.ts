import type { Differences } from './differences';
import type { Bound } from './integers';

/** A moment that depends on a variable: its value plus a constant. */
export interface Term {
  bound: Bound;
  offset: number;
}

/** Adds `to ≥ from + lag` between two moments, valid where every bound in `when` is at least 1. */
export function addAfter(
  differences: Differences,
  from: Term,
  to: Term,
  lag: number,
  when: readonly Bound[] = [],
): void {
  differences.add(from.bound, to.bound, from.offset + lag - to.offset, when);
}

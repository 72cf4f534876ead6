/** Links that alone push each other later for ever: no delay can help. */
import type { Differences } from './differences';
import type { Bound } from './integers';

/**
 * Whether the unconditional rules contain a cycle of positive length.
 *
 * @param variables how many bounds there are
 * @source R. Bellman (1958), L. Ford (1956): longest paths settle within as many rounds as there are
 *   nodes unless a positive cycle keeps them growing
 */
export function hasPositiveCycle(differences: Differences, variables: number): boolean {
  const rules = [...differences.unconditional()];
  const reach = new Map<Bound, number>();
  for (let round = 0; round <= variables; round++) {
    let moved = false;
    for (const { from, to, lag } of rules) {
      const value = (reach.get(from) ?? 0) + lag;
      if (value > (reach.get(to) ?? 0)) {
        reach.set(to, value);
        moved = true;
      }
    }
    if (!moved) return false;
  }
  return true;
}

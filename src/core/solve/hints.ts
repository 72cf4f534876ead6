import type { Bound } from './integers';
import type { Model } from './model';
import type { SearchWishes } from './wishes';

/** The values that choices have in the plan the cook was told. */
export function hintsFrom(model: Model, { told }: SearchWishes): Map<Bound, number> {
  const hints = new Map<Bound, number>();
  if (!told) return hints;
  const startOf = (steps: readonly number[]): number =>
    Math.min(...steps.map((i) => told.starts.get(model.problem.steps[i]?.id ?? '') ?? -Infinity));
  for (const { bound, stay, order } of model.choices.subjects) {
    if (stay) hints.set(bound, told.units.get(stay.block) === stay.unit ? 1 : 0);
    if (order) hints.set(bound, startOf(order.first) <= startOf(order.second) ? 1 : 0);
  }
  return hints;
}

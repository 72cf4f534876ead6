import type { Bound } from './integers';
import type { Model } from './model';
import type { Assumption } from './neighbourhood';
import type { SearchWishes, Told } from './wishes';

/** The values that choices have in the plan the cook was told, or in one that is known. */
export function hintsFrom(model: Model, { told, known }: SearchWishes): Map<Bound, number> {
  const hints = new Map<Bound, number>();
  const plan = told ?? known;
  if (!plan) return hints;
  const startOf = (steps: readonly number[]): number =>
    Math.min(...steps.map((i) => plan.starts.get(model.problem.steps[i]?.id ?? '') ?? -Infinity));
  // What was told and is not there any more has begun; what a known plan is without is new.
  const isKnown = (steps: readonly number[]): boolean =>
    told !== undefined || startOf(steps) > -Infinity;
  for (const { bound, stay, order } of model.choices.subjects) {
    if (stay && (told || plan.units.has(stay.block)))
      hints.set(bound, plan.units.get(stay.block) === stay.unit ? 1 : 0);
    if (order && isKnown(order.first) && isKnown(order.second))
      hints.set(bound, startOf(order.first) <= startOf(order.second) ? 1 : 0);
  }
  return hints;
}

/** What to assume so that a plan is followed to the minute: its units, then every start. */
export function assumptionsOf(model: Model, { starts, units }: Told): Assumption[] {
  const stays = model.choices.subjects.flatMap(({ bound, stay }): Assumption[] =>
    stay && units.get(stay.block) === stay.unit ? [{ bound, threshold: 1 }] : [],
  );
  const moments = model.problem.steps.flatMap(({ id }, i): Assumption[] => {
    const bound = model.steps[i]?.start;
    const start = starts.get(id);
    if (bound === undefined || start === undefined) return [];
    return [
      { bound: bound ^ 1, threshold: 0 - start },
      { bound, threshold: start },
    ];
  });
  return [...stays, ...moments];
}

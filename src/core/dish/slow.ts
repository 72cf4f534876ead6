/** The same dish made in a slow cooker. */
import { fault } from '../words';
import { failure, success, type Outcome } from '../reason';
import type { Dish, Stage } from './document';

/**
 * The dish with its cycle replaced by hours on low or high, as it says itself.
 *
 * @returns fails where the dish names no hours, or cooks in more than one cycle
 */
export function slowVersion(dish: Dish): Outcome<Dish> {
  const { slow } = dish;
  if (!slow) return failure(fault('slow', 'no-slow-hours', { dish: dish.name }));
  const cycles = dish.stages.filter((s) => s.kind === 'pressure');
  if (cycles.length !== 1)
    return failure(
      fault('stages', 'too-many-cycles-for-slow', { dish: dish.name, cycles: cycles.length }),
    );
  const stages = dish.stages.map((stage): Stage =>
    stage.kind === 'pressure'
      ? {
          kind: 'slow',
          id: stage.id,
          text: `${stage.text.slice(0, 340)}; slow-cook it`,
          uses: stage.uses,
          ...(stage.parts ? { parts: stage.parts } : {}),
          minutes: Math.round(slow.hours * 60),
          setting: slow.setting,
          ...(stage.after ? { after: stage.after } : {}),
        }
      : stage,
  );
  return success({
    ...dish,
    id: `${dish.id.slice(0, 50)}-slow`,
    name: `${dish.name.slice(0, 85)}, slow-cooked`,
    stages,
    slow: undefined,
  });
}

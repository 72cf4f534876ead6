/** Which stages of a dish happen in one stay in a cooker, on one shelf or burner. */
import type { Dish, Stage } from '../dish';

export type StayPlace = 'counter' | 'cooker' | 'oven' | 'burner';

export interface Stay {
  place: Exclude<StayPlace, 'counter'>;
  stages: Stage[];
}

export function placeOf(stage: Stage): StayPlace {
  switch (stage.kind) {
    case 'brown':
    case 'loosen':
    case 'pressure':
    case 'slow':
    case 'simmer':
    case 'thicken':
      return 'cooker';
    case 'crisp':
    case 'oven':
      return 'oven';
    case 'burner':
      return 'burner';
    case 'finish':
      return stage.inCooker ? 'cooker' : 'counter';
    case 'prep':
    case 'soak':
    case 'rest':
      return 'counter';
  }
}

/**
 * Stages in one place belong to one stay as long as no other heat comes between them; work on the
 * counter does not take the dish out of the pot.
 */
export function findStays(dish: Dish): Stay[] {
  const stays: Stay[] = [];
  for (const stage of dish.stages) {
    const place = placeOf(stage);
    if (place === 'counter') continue;
    const open = stays.at(-1);
    if (open?.place === place) open.stages.push(stage);
    else stays.push({ place, stages: [stage] });
  }
  return stays;
}

/** The stages a stage waits for: those it names, or the one listed above it. */
export function stagesBefore(dish: Dish, stage: Stage): string[] {
  if (stage.after) return stage.after;
  const above = dish.stages[dish.stages.indexOf(stage) - 1];
  return above ? [above.id] : [];
}

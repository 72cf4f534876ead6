/** Where a stage happens, and what it waits for. */
import type { Dish, Stage } from './document';

export type StagePlace = 'counter' | 'cooker' | 'oven' | 'burner';

export function placeOf(stage: Stage): StagePlace {
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
    case 'rest':
      return stage.inCooker ? 'cooker' : 'counter';
    case 'prep':
    case 'soak':
      return 'counter';
  }
}

/** The stages a stage waits for: those it names, or the one listed above it. */
export function stagesBefore(dish: Dish, stage: Stage): string[] {
  if (stage.after) return [...stage.after];
  const above = dish.stages[dish.stages.indexOf(stage) - 1];
  return above ? [above.id] : [];
}

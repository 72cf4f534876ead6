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

const named = (dish: Dish, stage: Stage): readonly string[] => {
  if (stage.after) return stage.after;
  const above = dish.stages[dish.stages.indexOf(stage) - 1];
  return above ? [above.id] : [];
};

/**
 * The stages a stage waits for: those it names, or the one listed above it. One that another of them waits for is left
 * out: what was browned, cooked and is then reduced waits for the cooking alone.
 */
export function stagesBefore(dish: Dish, stage: Stage): string[] {
  const before = named(dish, stage);
  if (before.length < 2) return [...before];
  return before.filter(
    (id) => !before.some((other) => other !== id && comesBefore(dish, id, other)),
  );
}

/** Whether a stage (by its id) has to be over before another may begin, however many stand between. */
export function comesBefore(dish: Dish, id: string, later: string): boolean {
  const seen = new Set<string>([later]);
  for (const at of seen) {
    const stage = dish.stages.find((s) => s.id === at);
    for (const before of stage ? named(dish, stage) : []) {
      if (before === id) return true;
      seen.add(before);
    }
  }
  return false;
}

/** A pan with ridges is no heat from above. */
const GRILL = /\b(?:grill(?:ed|ing)?(?![- ]?pan)|broil(?:er|ed|ing)?|salamander)\b/i;

/** Whether a stage is browned under a grill: on or off, hot in minutes, and no oven meanwhile. */
export const isGrilled = (stage: Stage): boolean =>
  stage.kind === 'crisp' && GRILL.test(stage.text) && !/\boven\b/i.test(stage.text);

/** What heats a stage in the oven: so many °C, or the grill; null for what is in no oven. */
export const heatOf = (stage: Stage): number | 'grill' | null =>
  stage.kind !== 'oven' && stage.kind !== 'crisp'
    ? null
    : isGrilled(stage)
      ? 'grill'
      : stage.celsius;

/** Where each stage stands when a dish is drawn: branches that go on side by side lie in lanes. */
import { stagesBefore, type Dish, type Stage } from '../dish';

export interface PlacedStage {
  stage: Stage;
  /** 0 for the branch that leads to the table first told of. */
  lane: number;
  /** After everything it waits for. */
  column: number;
  /** What it waits for, where that is not just the stage listed above; null where it is. */
  after: Stage[] | null;
}

/** @returns the stages in the dish's order, each with its lane and its column */
export function lanesOf(dish: Dish): PlacedStage[] {
  const placed = new Map<string, PlacedStage>();
  /** The last stage of each lane; null where it has joined another. */
  const tips: (string | null)[] = [];
  return dish.stages.map((stage, i) => {
    const before = stagesBefore(dish, stage);
    const ends = tips.flatMap((tip, lane) => (tip !== null && before.includes(tip) ? [lane] : []));
    const free = tips.indexOf(null);
    const lane = ends[0] ?? (free >= 0 ? free : tips.length);
    for (const other of ends) tips[other] = null;
    tips[lane] = stage.id;
    const columns = before.map((id) => placed.get(id)?.column ?? -1);
    const above = dish.stages[i - 1];
    const isAbove = above ? before.length === 1 && before[0] === above.id : before.length === 0;
    const at: PlacedStage = {
      stage,
      lane,
      column: Math.max(-1, ...columns) + 1,
      after: isAbove ? null : dish.stages.filter((s) => before.includes(s.id)),
    };
    placed.set(stage.id, at);
    return at;
  });
}

/** Where the cards of a dish's stages lie: branches that go on side by side in rows of their own. */
import { lanesOf } from '$core/cycle';
import type { Dish } from '$core/dish';

export interface CardPlace {
  number: number;
  /** Numbers of the stages it waits for, where that is not the one above it. */
  after: readonly number[] | null;
  lane: number;
  column: number;
}

/** @returns by stage id; empty where nothing goes on side by side, for then the cards lie in a row */
export function placesOf(dish: Dish): ReadonlyMap<string, CardPlace> {
  const placed = lanesOf(dish);
  if (placed.every((p) => p.lane === 0)) return new Map();
  const numberOf = (stage: { id: string }): number =>
    dish.stages.findIndex((s) => s.id === stage.id) + 1;
  return new Map(
    placed.map(({ stage, lane, column, after }) => [
      stage.id,
      { number: numberOf(stage), after: after?.map(numberOf) ?? null, lane, column },
    ]),
  );
}

/** What in the house should be used soon, and which dishes take it. */
import type { Dish } from '../dish';
import { foodKey, type LarderItem } from './larder';

export interface UseUp {
  item: LarderItem;
  /** Days from today; negative where the day has passed. */
  days: number;
  dishes: { id: string; name: string }[];
}

const SOON_DAYS = 10;

/** @param today `2026-11-28` in the household's zone */
export function useUp(
  larder: readonly LarderItem[],
  dishes: readonly Dish[],
  today: string,
): UseUp[] {
  return larder
    .flatMap((item) => {
      if (item.useBy === null) return [];
      const days = Math.round((Date.parse(item.useBy) - Date.parse(today)) / 86_400_000);
      if (days > SOON_DAYS) return [];
      const key = foodKey(item.food);
      return [
        {
          item,
          days,
          dishes: dishes
            .filter((d) => d.ingredients.some((i) => foodKey(i.food) === key))
            .map(({ id, name }) => ({ id, name })),
        },
      ];
    })
    .sort((a, b) => a.days - b.days);
}

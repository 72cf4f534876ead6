/** What a check or a plan has found that somebody should look at. */

/** Something the cook should look at, most harmful first. */
export interface Finding {
  entryId: string | null;
  severity: 'stop' | 'look' | 'info';
  text: string;
  remedy: string | null;
  /** Work of the hands that it speaks of, for the runway; missing where it speaks of a dish or the meal. */
  steps?: string[];
  /** The remedy, where it is water that can be added at one tap; ml for the dish’s own servings. */
  addWater?: { dishId: string; stageId: string; ml: number; label: string };
}

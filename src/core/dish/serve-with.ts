/** What stands beside a dish: “serve with rice” is a reminder, no ingredient. */
import type { Dish } from './document';

const BESIDE =
  /\b(?:serve[ds]?|eat|eaten|goes well|good|nice|lovely|great|enjoy)(?:\s+(?:it|them|hot|warm|cold|at once|immediately))*\s+with\s+([^.;:!?\n()]+)/gi;
/** What it is served with is no food. */
const NO_FOOD =
  /\b(?:spoons?|ladle|forks?|knife|friends|love|family|guests|the lid|its own|their own)\b/i;
const LONGEST = 60;

/**
 * Foods that its text names beside it, each once, in its words.
 *
 * @example servedWith(soup) // ['crusty bread', 'a green salad']
 */
export function servedWith(dish: Pick<Dish, 'stages' | 'notes' | 'ingredients'>): string[] {
  const texts = [...dish.stages.map((s) => s.sentence ?? s.text), dish.notes];
  const own = dish.ingredients.map((i) => i.food.toLowerCase());
  const found = texts.flatMap((text) =>
    [...text.matchAll(BESIDE)].flatMap(([, foods = '']) =>
      foods
        .split(/,|\band\b|\bor\b|\bplus\b/)
        .map((food) =>
          food
            .trim()
            .replace(/^(?:some|a little|plenty of|lots of|the)\s+/i, '')
            .replace(/\s+(?:on the side|alongside|if you like)$/i, ''),
        )
        .filter((food) => food !== '' && food.length <= LONGEST && !NO_FOOD.test(food)),
    ),
  );
  // What goes into the dish is on its list already.
  const isOwn = (food: string): boolean => own.some((o) => food.toLowerCase().includes(o));
  return [...new Set(found.filter((food) => !isOwn(food)))];
}

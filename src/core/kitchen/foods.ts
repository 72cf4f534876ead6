/** What the household has said of foods that the program does not know. */
import { groupChoice, kindOf, plainName } from '../food';
import type { Kitchen } from './document';

/** The group that was chosen for a name; null where nobody did, or where it is known anyway. */
export function rememberedGroup(kitchen: Pick<Kitchen, 'foods'>, name: string): string | null {
  if (kindOf(name) !== null) return null;
  return kitchen.foods.find((f) => plainName(f.name) === plainName(name))?.group ?? null;
}

/** The name that questions understand: its own, or the group that was chosen for it. */
export function knownName(kitchen: Pick<Kitchen, 'foods'>, name: string): string {
  return rememberedGroup(kitchen, name) ?? name;
}

/** The kitchen with one food’s group in it; chosen again, the last one counts. */
export function withGroup(kitchen: Kitchen, name: string, group: string): Kitchen {
  if (!groupChoice(group)) return kitchen;
  const others = kitchen.foods.filter((f) => plainName(f.name) !== plainName(name));
  return { ...kitchen, foods: [...others, { name: plainName(name).slice(0, 120), group }] };
}

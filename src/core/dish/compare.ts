/** What changed between two versions of a dish, in words. */
import { formatMinutes, formatQuantity, type System } from '../units';
import { onTop } from './by-weight';
import type { Dish, Ingredient, Stage } from './document';

/** @returns one line for each change a cook would care about; empty where there is none */
export function compareDishes(before: Dish, after: Dish, system: System): string[] {
  return [
    ...named('name', before.name, after.name),
    ...named('servings', String(before.servings), String(after.servings)),
    ...compareLists(before.ingredients, after.ingredients, {
      name: (i) => i.food,
      say: (i) => sayIngredient(i, system),
    }),
    ...compareLists(before.stages, after.stages, { name: (s) => s.text, say: sayStage }),
    ...(isReordered(before, after) ? ['stages in another order'] : []),
    ...(before.notes === after.notes ? [] : ['notes changed']),
    ...named('keeps', sayWait(before), sayWait(after)),
  ];
}

function named(what: string, before: string, after: string): string[] {
  return before === after ? [] : [`${what}: ${before} → ${after}`];
}

function compareLists<T extends { id: string }>(
  before: readonly T[],
  after: readonly T[],
  { name, say }: { name: (item: T) => string; say: (item: T) => string },
): string[] {
  const [old, now] = [before, after].map((list) => new Map(list.map((x) => [x.id, x])));
  if (!old || !now) return [];
  return [
    ...before.filter((x) => !now.has(x.id)).map((x) => `without ${name(x)}`),
    ...after.filter((x) => !old.has(x.id)).map((x) => `new: ${say(x)}`),
    ...after.flatMap((x) => {
      const was = old.get(x.id);
      return was && say(was) !== say(x) ? [`${name(was)}: ${say(was)} → ${say(x)}`] : [];
    }),
  ];
}

function sayIngredient(i: Ingredient, system: System): string {
  const amount =
    i.amount === null
      ? 'to taste'
      : formatQuantity({ amount: i.amount, unit: i.unit ?? 'piece' }, system);
  const size = i.pieceMm === undefined ? '' : `, ${i.pieceMm} mm`;
  return `${amount} ${i.food}${i.preparation ? `, ${i.preparation}` : ''}${size}${i.frozen ? (i.thaw ? ', frozen, to be thawed' : ', frozen') : ''}`.trim();
}

function sayStage(stage: Stage): string {
  switch (stage.kind) {
    case 'pressure': {
      const { release } = stage;
      const letGo =
        release.kind === 'timed'
          ? `${release.minutes} min natural release, then quick`
          : release.kind;
      const hold =
        stage.minutesPerLb === undefined
          ? `${stage.holdMinutes} min`
          : `${stage.minutesPerLb} min for each pound${onTop(stage)}`;
      return `${stage.text} (${hold} ${stage.level}, ${letGo})`;
    }
    case 'oven':
    case 'crisp':
      return `${stage.text} (${formatMinutes(stage.minutes)}, ${stage.celsius} °C)`;
    default:
      return `${stage.text} (${formatMinutes(stage.minutes)})`;
  }
}

function sayWait({ wait }: Dish): string {
  return wait.maxMinutes === null ? 'as long as you like' : formatMinutes(wait.maxMinutes);
}

/** Whether the stages that both have stand in another order. */
function isReordered(before: Dish, after: Dish): boolean {
  const ids = (dish: Dish, other: Dish): string =>
    dish.stages
      .filter((s) => other.stages.some((o) => o.id === s.id))
      .map((s) => s.id)
      .join(' ');
  return ids(before, after) !== ids(after, before);
}

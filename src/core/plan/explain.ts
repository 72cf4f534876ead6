/** An impossible plan in words: which things contradict each other. */
import type { Kitchen } from '../kitchen';
import { formatMinutes } from '../units';
import { BURNER_UNIT, OVEN_UNIT, type CompiledMeal } from './types';

/**
 * Which group a part of a compiled meal belongs to when it is asked what contradicts what: the steps of a
 * dish are one with what links them, for no sentence takes them apart.
 */
export function conflictGroups(compiled: CompiledMeal): (id: string) => string {
  const entryOf = new Map(compiled.meanings.map((m) => [m.id, m.entryId]));
  return (id) => {
    const [from = '', to] = id.split('>');
    const entry = entryOf.get(from);
    const isOwn = entry !== undefined && (to === undefined || entryOf.get(to) === entry);
    return isOwn ? `steps of ${entry}` : id;
  };
}

/**
 * Turns the ids of a conflict into sentences: what may not wait, what needs the same pot, what
 * waits for what, what there is too little of, and whose hands are needed.
 *
 * @param conflict ids as the engine gives them; all of them together contradict each other
 * @param needsHands whether they do so only because hands are few
 */
export function explainConflict(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  conflict: readonly string[],
  needsHands: boolean,
): string[] {
  const taking = new Set(conflict);
  return [
    ...explainWaits(compiled, taking),
    ...explainPots(compiled, kitchen, taking),
    ...explainHandOvers(compiled, taking),
    ...explainTools(compiled, taking),
    ...explainCircuits(kitchen, taking),
    ...(needsHands ? explainHands(compiled, kitchen, taking) : []),
  ];
}

function dishName(compiled: CompiledMeal, entryId: string): string {
  return compiled.meanings.find((m) => m.entryId === entryId)?.dishName ?? entryId;
}

function explainWaits(compiled: CompiledMeal, taking: ReadonlySet<string>): string[] {
  return (compiled.problem.dishes ?? []).flatMap((dish) =>
    taking.has(dish.id) && dish.holdMax != null
      ? [
          `${dishName(compiled, dish.id)} may wait at most ${formatMinutes(dish.holdMax)} once it is ready.`,
        ]
      : [],
  );
}

/** Stays that have one and the same place to go to. */
function explainPots(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  taking: ReadonlySet<string>,
): string[] {
  const byUnit = new Map<string, string[]>();
  for (const block of compiled.problem.blocks ?? []) {
    if (!taking.has(block.id)) continue;
    const names = block.units.map((unit) => unitName(unit, kitchen)).join(' or ');
    const step = compiled.problem.steps.find((s) => s.block === block.id);
    const meaning = compiled.meanings.find((m) => m.id === step?.id);
    byUnit.set(names, [...(byUnit.get(names) ?? []), meaning?.dishName ?? block.id]);
  }
  return [...byUnit].map(([unit, dishes]) => {
    const who = inWords([...new Set(dishes)]);
    return dishes.length > 1
      ? `${who} need ${unit}, one after the other.`
      : `${who} needs ${unit}.`;
  });
}

function unitName(unit: string, kitchen: Kitchen): string {
  if (unit === OVEN_UNIT) return 'the oven';
  if (unit === BURNER_UNIT) return 'a burner';
  return `the ${kitchen.cookers.find((c) => c.id === unit)?.name ?? unit}`;
}

function explainHandOvers(compiled: CompiledMeal, taking: ReadonlySet<string>): string[] {
  return compiled.handOvers.flatMap((hand) => {
    if (!taking.has(`${hand.fromStep}>${hand.toStep}`)) return [];
    const [from, to] = [hand.fromStep, hand.toStep].map(
      (id) => compiled.meanings.find((m) => m.id === id)?.dishName ?? id,
    );
    return [`${to} waits for the ${hand.what} from ${from}.`];
  });
}

function explainTools(compiled: CompiledMeal, taking: ReadonlySet<string>): string[] {
  return (compiled.problem.tools ?? []).flatMap((tool) =>
    taking.has(tool.id)
      ? [`There ${tool.count === 1 ? 'is' : 'are'} only ${tool.count} of “${tool.id}”.`]
      : [],
  );
}

/** Heaters that would trip their breaker together. */
function explainCircuits(kitchen: Kitchen, taking: ReadonlySet<string>): string[] {
  return kitchen.circuits.flatMap(({ id, name, watts }) => {
    if (!taking.has(id)) return [];
    const on = kitchen.cookers.filter((c) => c.circuit === id);
    const together = on.reduce((sum, c) => sum + c.watts, 0);
    return [
      `${inWords(on.map((c) => c.name))} heat up with ${together} W in all, and “${name}” gives ${watts} W.`,
    ];
  });
}

/** Hands matter where steps of several dishes take part that share nothing else. */
function explainHands(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  taking: ReadonlySet<string>,
): string[] {
  const busy = compiled.meanings.filter((m) => m.isHands && taking.has(m.id));
  const dishes = [...new Set(busy.map((m) => m.dishName))];
  if (dishes.length < 2) return [];
  const cooks = kitchen.hands === 1 ? 'one pair of hands' : `${kitchen.hands} pairs of hands`;
  return [`${inWords(dishes)} share ${cooks}.`];
}

/** “a”, “a and b”, “a, b and c”. */
function inWords(names: readonly string[]): string {
  const last = names.at(-1) ?? '';
  return names.length < 2 ? last : `${names.slice(0, -1).join(', ')} and ${last}`;
}

/** An impossible plan in words: which things contradict each other, and where they stand in a plan. */
import type { Kitchen } from '../kitchen';
import { linkId, valueFor, type Overrun } from '../solve';
import { sayContradiction, sayPlace } from '../words';
import { BURNER_UNIT, OVEN_UNIT, type CompiledMeal } from '../plan';

/**
 * Which group a part of a compiled meal belongs to when it is asked what contradicts what: the steps of a
 * dish are one with what links them, for no sentence takes them apart.
 */
export function conflictGroups(compiled: CompiledMeal): (id: string) => string {
  const entryOf = new Map(compiled.meanings.map((m) => [m.id, m.entryId]));
  const links = new Map(compiled.problem.links?.map((link) => [linkId(link), link]));
  return (id) => {
    const link = links.get(id);
    const entry = entryOf.get(link?.from ?? id);
    const isOwn = entry !== undefined && (!link || entryOf.get(link.to) === entry);
    return isOwn ? `steps of ${entry}` : id;
  };
}

/** One of the things that contradict each other. */
export interface Contradiction {
  text: string;
  /** Steps it speaks of. */
  steps: string[];
  /** Entries whose waiting it speaks of. */
  waits: string[];
  /** It speaks of the hands, not of what stands in the pots. */
  atHands?: boolean;
}

/**
 * Turns the ids of a conflict into sentences: what may not wait, what needs the same pot, what
 * waits for what, what there is too little of, what was put at a moment, and whose hands are needed.
 *
 * @param conflict ids as the engine gives them; all of them together contradict each other
 * @param needsHands whether they do so only because hands are few
 * @param overruns what the nearest plan passes, to say by how much
 */
export function explainConflict(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  conflict: readonly string[],
  needsHands: boolean,
  overruns: readonly Overrun[] = [],
): Contradiction[] {
  const taking = new Set(conflict);
  const said = [
    ...explainWaits(compiled, taking, overruns),
    ...explainPots(compiled, kitchen, taking),
    ...explainHandOvers(compiled, taking),
    ...explainMoments(compiled, taking),
    ...explainTools(compiled, taking),
    ...explainCircuits(compiled, kitchen, taking),
    ...(needsHands ? explainHands(compiled, kitchen, taking) : []),
  ];
  return said.length > 0 ? said : explainOwnSteps(compiled, taking);
}

/** Nothing but a dish’s own steps: how they follow one another is what can’t be. */
function explainOwnSteps(compiled: CompiledMeal, taking: ReadonlySet<string>): Contradiction[] {
  const own = compiled.meanings.filter((m) => taking.has(m.id));
  const dishes = [...new Set(own.map((m) => m.dishName))];
  const isLinked = (compiled.problem.links ?? []).some((link) => taking.has(linkId(link)));
  if (dishes.length === 0 || !isLinked) return [];
  return [
    { text: sayContradiction('own-steps', { dishes }), steps: own.map((m) => m.id), waits: [] },
  ];
}

function dishName(compiled: CompiledMeal, entryId: string): string {
  return compiled.meanings.find((m) => m.entryId === entryId)?.dishName ?? entryId;
}

function explainWaits(
  compiled: CompiledMeal,
  taking: ReadonlySet<string>,
  overruns: readonly Overrun[],
): Contradiction[] {
  return (compiled.problem.dishes ?? []).flatMap(({ id, ready, holdMax, holdSoft }) => {
    if (!taking.has(id) || holdMax == null) return [];
    const over = overruns.find((o) => o.kind === 'wait' && o.id === id);
    const text = sayContradiction(holdSoft == null ? 'keeps-at-most' : 'safe-at-most', {
      dish: dishName(compiled, id),
      minutes: holdMax,
      keptMinutes: over?.minutes ?? null,
    });
    return [{ text, steps: [ready], waits: [id] }];
  });
}

/** Stays that have one and the same place to go to. */
function explainPots(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  taking: ReadonlySet<string>,
): Contradiction[] {
  const byUnit = new Map<string, { places: string[]; dishes: string[]; steps: string[] }>();
  for (const block of compiled.problem.blocks ?? []) {
    if (!taking.has(block.id)) continue;
    const places = block.units.map((unit) => placeName(unit, kitchen));
    const names = JSON.stringify(places);
    const own = compiled.problem.steps.filter((s) => s.block === block.id).map((s) => s.id);
    const meaning = compiled.meanings.find((m) => m.id === own[0]);
    const { dishes, steps } = byUnit.get(names) ?? { dishes: [], steps: [] };
    byUnit.set(names, {
      places,
      dishes: [...dishes, meaning?.dishName ?? block.id],
      steps: [...steps, ...own],
    });
  }
  return [...byUnit.values()].map(({ places, dishes, steps }) => ({
    text: sayContradiction('needs-place', { dishes, stays: dishes.length, places }),
    steps,
    waits: [],
  }));
}

/** A unit as it stands in a sentence: “the Large”, “the oven”. */
export function placeName(unit: string, kitchen: Kitchen): string {
  if (unit === OVEN_UNIT) return sayPlace({ kind: 'oven' });
  if (unit === BURNER_UNIT) return sayPlace({ kind: 'burner' });
  const name = [...kitchen.cookers, ...kitchen.appliances].find((c) => c.id === unit)?.name ?? unit;
  return sayPlace({ kind: 'cooker', name });
}

function explainHandOvers(compiled: CompiledMeal, taking: ReadonlySet<string>): Contradiction[] {
  return compiled.handOvers.flatMap((hand) => {
    const steps = [hand.fromStep, hand.toStep];
    if (!taking.has(linkId({ from: hand.fromStep, to: hand.toStep }))) return [];
    const nameOf = (id: string): string =>
      compiled.meanings.find((m) => m.id === id)?.dishName ?? id;
    const text = sayContradiction('needs-product', {
      dish: nameOf(hand.toStep),
      from: nameOf(hand.fromStep),
      what: hand.what,
    });
    return [{ text, steps, waits: [] }];
  });
}

/** Steps that were put at one moment: they end so long after it as they take. */
function explainMoments(compiled: CompiledMeal, taking: ReadonlySet<string>): Contradiction[] {
  const { steps, serveAt } = compiled.problem;
  return steps.flatMap(({ id, from, by, minutes }) => {
    if (!taking.has(id) || from == null || by == null) return [];
    const longest =
      typeof minutes === 'number'
        ? minutes
        : Math.max(0, ...Object.keys(minutes).map((unit) => valueFor(minutes, unit) ?? 0));
    if (by - from > longest) return [];
    const meaning = compiled.meanings.find((m) => m.id === id);
    const text = sayContradiction('put-at-a-moment', {
      dish: meaning?.dishName ?? id,
      step: meaning?.text ?? id,
      minutesBefore: Math.max(0, serveAt - from),
    });
    return [{ text, steps: [id], waits: [] }];
  });
}

function explainTools(compiled: CompiledMeal, taking: ReadonlySet<string>): Contradiction[] {
  const { tools = [], blocks = [], steps } = compiled.problem;
  return tools.flatMap(({ id, count }) => {
    if (!taking.has(id)) return [];
    const using = new Set(blocks.filter((b) => b.tools?.includes(id)).map((b) => b.id));
    return [
      {
        text: sayContradiction('too-few-tools', { tool: id, count }),
        steps: steps.filter((s) => s.block != null && using.has(s.block)).map((s) => s.id),
        waits: [],
      },
    ];
  });
}

/** Heaters that would trip their breaker together. */
function explainCircuits(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  taking: ReadonlySet<string>,
): Contradiction[] {
  return kitchen.circuits.flatMap(({ id, name, watts }) => {
    if (!taking.has(id)) return [];
    const on = kitchen.cookers.filter((c) => c.circuit === id);
    const together = on.reduce((sum, c) => sum + c.watts, 0);
    return [
      {
        text: sayContradiction('breaker-trips', {
          cookers: on.map((c) => c.name),
          watts: together,
          circuit: name,
          gives: watts,
        }),
        steps: compiled.problem.steps.filter((s) => s.uses && id in s.uses).map((s) => s.id),
        waits: [],
      },
    ];
  });
}

/** Hands matter where steps of several dishes take part that share nothing else. */
function explainHands(
  compiled: CompiledMeal,
  kitchen: Kitchen,
  taking: ReadonlySet<string>,
): Contradiction[] {
  const busy = compiled.meanings.filter((m) => m.isHands && taking.has(m.id));
  const dishes = [...new Set(busy.map((m) => m.dishName))];
  if (dishes.length < 2) return [];
  const text = sayContradiction('share-hands', { dishes, hands: kitchen.hands });
  return [{ text, steps: busy.map((m) => m.id), waits: [], atHands: true }];
}

/** A dish that comes into an evening which has begun: what it adds to the meal as it was compiled. */
import type { CompiledMeal } from '../plan';
import type { Problem } from '../solve';
import type { RunEvent } from './events';

/** The meal with every dish that came in since. */
export function withAdded(compiled: CompiledMeal, events: readonly RunEvent[]): CompiledMeal {
  return events.reduce(
    (whole, e) => (e.kind === 'added' ? joinedOnce(whole, e.part) : whole),
    compiled,
  );
}

/** The same two make the same meal, and what is known of that meal is known by it. */
const known = new WeakMap<CompiledMeal, WeakMap<CompiledMeal, CompiledMeal>>();

function joinedOnce(whole: CompiledMeal, part: CompiledMeal): CompiledMeal {
  const byPart = known.get(whole) ?? new WeakMap<CompiledMeal, CompiledMeal>();
  known.set(whole, byPart);
  const meal = byPart.get(part) ?? joined(whole, part);
  byPart.set(part, meal);
  return meal;
}

/** Pairs of stays that ask the oven for different temperatures. */
function ovensApart(before: CompiledMeal, part: CompiledMeal): [string, string][] {
  const baked = ({ meanings, problem }: CompiledMeal): Map<string, number> => {
    const blockOf = new Map(problem.steps.map((s) => [s.id, s.block]));
    return new Map(
      meanings.flatMap((m) => {
        const block = blockOf.get(m.id);
        return m.phase === 'oven' && m.celsius !== undefined && block
          ? [[block, m.celsius] as const]
          : [];
      }),
    );
  };
  const others = [...baked(before)];
  return [...baked(part)].flatMap(([own, celsius]) =>
    others.flatMap(([other, at]): [string, string][] => (at === celsius ? [] : [[other, own]])),
  );
}

function joined(whole: CompiledMeal, part: CompiledMeal): CompiledMeal {
  const [a, b] = [whole.problem, part.problem];
  const problem: Problem = {
    ...a,
    units: allOf(a.units, b.units),
    tools: allOf(a.tools, b.tools),
    resources: allOf(a.resources, b.resources),
    steps: allOf(a.steps, b.steps),
    blocks: allOf(a.blocks, b.blocks),
    dishes: allOf(a.dishes, b.dishes),
    links: [...(a.links ?? []), ...(b.links ?? [])],
    apart: [...(a.apart ?? []), ...(b.apart ?? []), ...ovensApart(whole, part)],
  };
  return {
    ...whole,
    problem,
    meanings: allOf(whole.meanings, part.meanings),
    notes: [...whole.notes, ...part.notes],
    cold: [...(whole.cold ?? []), ...(part.cold ?? [])],
    inPans: [...(whole.inPans ?? []), ...(part.inPans ?? [])],
  };
}

/** Both lists, what has the same id once. */
function allOf<T extends { id: string }>(a: readonly T[] = [], b: readonly T[] = []): T[] {
  const known = new Set(a.map((x) => x.id));
  return [...a, ...b.filter((x) => !known.has(x.id))];
}

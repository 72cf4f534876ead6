/** Two dishes in one cycle: one loose in the liner, the other above it in a pan on a rack. */
import { fillVolume } from '../cooker';
import {
  contentsAt,
  dishSchema,
  scaleDish,
  withoutUse,
  type Dish,
  type Ingredient,
  type PressureStage,
  type ReleaseChoice,
  type ScaledDish,
  type Stage,
} from '../dish';
import type { Kitchen, Tool } from '../kitchen';
import { failure, success, type Outcome, type Refusal } from '../reason';
import { askCooker, isFinicky, PAN_FILL } from './ask-cooker';
import { findStays } from './stays';

export interface StackOffer {
  /** Both as one dish, that can be kept and planned. */
  dish: Dish;
  /** What had to be agreed on: hold, cut, release, pan. */
  because: string[];
  /** Cookers with their refusals; one without any takes the stack. */
  cookers: { id: string; name: string; refusals: Refusal[] }[];
}

/** Holds this near to each other are one, as a share; robust food does not notice (common practice). */
const NEAR = 0.15;
/** Robust food may stay so much longer than it asks for (common practice: stews and pulses). */
const ROBUST_LONGER = 1.6;
/** Pieces are not cut smaller than this, mm. */
const SMALLEST_MM = 12;

interface Half {
  scaled: ScaledDish;
  cycle: PressureStage;
  stay: readonly Stage[];
}

/**
 * Works out a stack for `servings`.
 *
 * @returns the offer, or why there is none and what would make one
 */
export function stackDishes(
  lower: Dish,
  upper: Dish,
  servings: number,
  kitchen: Kitchen,
): Outcome<StackOffer> {
  const [below, above] = [halfOf(lower, servings), halfOf(upper, servings)];
  if (!below.ok) return below;
  if (!above.ok) return above;
  if (above.value.stay.some((s) => s.kind === 'brown'))
    return refuse(
      `${upper.name} is browned in the inner pot first`,
      `let ${upper.name} be the lower one, or brown it in a pan on the stove`,
    );
  const [a, b] = [below.value, above.value];
  if (a.cycle.level !== b.cycle.level)
    return refuse(
      `${lower.name} cooks at ${a.cycle.level}, ${upper.name} at ${b.cycle.level}, and a pot has one pressure`,
      'use Answers to find the pressure time of one of them at the other pressure',
    );
  const hold = commonHold(a, b);
  if (!hold.ok) return hold;
  const release = commonRelease(a, b);
  if (!release.ok) return release;
  const pan = choosePan(b, kitchen);
  if (!pan.ok) return pan;
  const dish = dishSchema.safeParse(
    merge(a, b, { hold: hold.value, release: release.value.release, pan: pan.value }),
  );
  if (!dish.success)
    return refuse(
      dish.error.issues[0]?.message ?? 'these two don’t go together as one dish',
      'shorten one of them',
    );
  const scaled = scaleDish(dish.data, servings);
  const stay = findStays(dish.data).find((s) => s.stages.some((x) => x.kind === 'pressure'));
  return success({
    dish: dish.data,
    because: [
      ...hold.value.because,
      release.value.because,
      `${upper.name} in the ${pan.value.pan.name.toLowerCase()}, covered, on the ${pan.value.rack.name.toLowerCase()}, with its own water; the inner pot keeps the cooker’s least`,
    ],
    cookers: kitchen.cookers.map((cooker) => ({
      id: cooker.id,
      name: cooker.name,
      refusals: askCooker(scaled, stay?.stages ?? [], cooker, kitchen).refusals,
    })),
  });
}

function refuse(message: string, remedy: string): Outcome<never> {
  return failure({ field: 'stack', message, remedy });
}

function halfOf(dish: Dish, servings: number): Outcome<Half> {
  const cycles = dish.stages.filter((s) => s.kind === 'pressure');
  const [cycle] = cycles;
  if (!cycle || cycles.length > 1)
    return refuse(
      `${dish.name} has ${cycles.length === 0 ? 'no cycle' : 'more than one cycle'}`,
      'a stack is made of two dishes with one cycle each',
    );
  const stay = findStays(dish).find((s) => s.stages.includes(cycle));
  return success({ scaled: scaleDish(dish, servings), cycle, stay: stay?.stages ?? [cycle] });
}

interface Hold {
  minutes: number;
  because: string[];
  /** New thickness by dish id, mm, for pieces that had to be cut smaller. */
  cut: { dish: string; ingredient: string; mm: number } | null;
}

function commonHold(a: Half, b: Half): Outcome<Hold> {
  const [long, short] = a.cycle.holdMinutes >= b.cycle.holdMinutes ? [a, b] : [b, a];
  const [most, least] = [long.cycle.holdMinutes, short.cycle.holdMinutes];
  const names = { long: long.scaled.dish.name, short: short.scaled.dish.name };
  const isDelicate = isFinicky(short.scaled, short.cycle);
  if (most - least <= Math.max(1, NEAR * most) && (!isDelicate || most - least <= 1))
    return success({
      minutes: most,
      because: [`${most} min for both: ${least} and ${most} are as good as one (common practice)`],
      cut: null,
    });
  if (!isDelicate && most <= least * ROBUST_LONGER)
    return success({
      minutes: most,
      because: [
        `${most} min for both: ${names.short} is robust and takes the longer pressure time`,
      ],
      cut: null,
    });
  const main = heaviestPiece(long);
  // Conduction: time goes with the square of the thickness.
  const mm = main ? Math.floor((main.ingredient.pieceMm ?? 0) * Math.sqrt(least / most)) : 0;
  if (main && mm >= SMALLEST_MM && least > 0)
    return success({
      minutes: least,
      because: [
        `${least} min for both: ${main.ingredient.food} of ${names.long} in pieces of ${mm} mm instead of ${main.ingredient.pieceMm}, for time goes with the square of the thickness (conduction)`,
      ],
      cut: { dish: long.scaled.dish.id, ingredient: main.ingredient.id, mm },
    });
  return refuse(
    `${names.long} takes ${most} min and ${names.short} ${least}: too far apart for one cycle`,
    isDelicate
      ? `cook ${names.short} in a cycle of its own at the end`
      : `cut ${names.long} smaller, or cover ${names.short} with foil and use Answers to find its pressure time`,
  );
}

function heaviestPiece({ scaled, cycle, stay }: Half): { ingredient: Ingredient } | undefined {
  const used = new Set(stay.slice(0, stay.indexOf(cycle) + 1).flatMap((s) => s.uses));
  return scaled.ingredients
    .filter(
      (i) =>
        used.has(i.ingredient.id) &&
        i.food?.form === 'solid' &&
        i.ingredient.pieceMm !== undefined &&
        i.ingredient.scaling !== 'whole' &&
        !['grain', 'pulse'].includes(i.food.group),
    )
    .sort((x, y) => (y.grams ?? 0) - (x.grams ?? 0))[0];
}

function commonRelease(a: Half, b: Half): Outcome<{ release: ReleaseChoice; because: string }> {
  const choices = (h: Half): ReleaseChoice[] => [
    h.cycle.release,
    ...(h.cycle.orRelease ? [h.cycle.orRelease] : []),
  ];
  for (const one of choices(a))
    for (const other of choices(b))
      if (one.kind === other.kind) {
        const release =
          one.kind === 'timed' && other.kind === 'timed' && other.minutes > one.minutes
            ? other
            : one;
        return success({ release, because: `${release.kind} release, as both allow` });
      }
  const kinds = [a.cycle.release.kind, b.cycle.release.kind];
  const timed = [a.cycle.release, b.cycle.release].find((r) => r.kind === 'timed');
  if (timed && kinds.includes('natural'))
    return success({
      release: timed,
      because: 'timed release: what one asks for, and most of the natural one (common practice)',
    });
  return refuse(
    `${a.scaled.dish.name} asks for ${kinds[0]} release, ${b.scaled.dish.name} for ${kinds[1]}`,
    'if one of them may as well be released the other way, say so in its cycle',
  );
}

function choosePan(above: Half, kitchen: Kitchen): Outcome<{ pan: Tool; rack: Tool }> {
  const rack = kitchen.tools.find((t) => t.kind === 'rack' && t.count > 0 && t.heightMm);
  if (!rack) return refuse('there is no rack with a height in the kitchen', 'add one in Kitchen');
  const own = contentsAt(above.scaled, above.stay, above.cycle);
  const under = new Set(
    above.scaled.ingredients
      .filter((i) => i.ingredient.scaling === 'with-pot' && i.food?.form === 'thin')
      .map((i) => i.food?.id),
  );
  const ml = fillVolume(own.filter((p) => !under.has(p.food)));
  const pans = kitchen.tools
    .filter((t) => t.kind === 'pan' && t.count > 0 && t.diameterMm && t.heightMm)
    .sort((x, y) => roomIn(x) - roomIn(y));
  const pan = pans.find((t) => roomIn(t) >= ml);
  if (!pan)
    return refuse(
      `${above.scaled.dish.name} is ${Math.round(ml)} ml, and ${pans.length === 0 ? 'there is no pan in the kitchen' : `the largest pan takes ${Math.round(roomIn(pans.at(-1)))} ml`}`,
      'take fewer servings, or add a larger pan in Kitchen',
    );
  return success({ pan, rack });
}

function roomIn(pan: Tool | undefined): number {
  const { diameterMm = 0, heightMm = 0 } = pan ?? {};
  return ((Math.PI / 4) * diameterMm ** 2 * heightMm * PAN_FILL) / 1000;
}

/** One dish of both: what comes before, the cycle, what comes after. */
function merge(
  a: Half,
  b: Half,
  { hold, release, pan }: { hold: Hold; release: ReleaseChoice; pan: { pan: Tool; rack: Tool } },
): unknown {
  const [lower, upper] = [rename(a, 'a', hold), rename(b, 'b', hold)];
  const isUnder = (i: Ingredient): boolean => i.scaling === 'with-pot';
  const upperOwn = upper.ingredients.filter((i) => !isUnder(i));
  const wet = upperOwn.map((i) => i.id);
  const usedBy = (stages: readonly Stage[], cycle: string): string[] =>
    stages.slice(0, stages.findIndex((s) => s.id === cycle) + 1).flatMap((s) => s.uses);
  const panUses = usedBy(upper.stages, upper.cycle).filter((id) => wet.includes(id));
  const split = (stages: readonly Stage[], cycle: string): [Stage[], Stage[]] => {
    const at = stages.findIndex((s) => s.id === cycle);
    return [stages.slice(0, at), stages.slice(at + 1)];
  };
  const [beforeA, afterA] = split(lower.stages, lower.cycle);
  const [beforeB, afterB] = split(upper.stages, upper.cycle);
  const one = 'stack';
  const isKept = (u: string): boolean =>
    wet.includes(u) || lower.ingredients.some((i) => i.id === u);
  const relink = (stage: Stage): Stage => ({
    ...stage.uses.filter((u) => !isKept(u)).reduce(withoutUse, stage),
    ...(stage.after
      ? { after: stage.after.map((id) => (id === lower.cycle || id === upper.cycle ? one : id)) }
      : {}),
  });
  const heads = [...beforeA, ...beforeB];
  const chain = (stages: Stage[], first: string[]): Stage[] =>
    stages.map((s, i) => relink(i === 0 && !s.after ? { ...s, after: first } : s));
  const lowerCycle = lower.stages.find((s) => s.id === lower.cycle) as PressureStage;
  const upperCycle = upper.stages.find((s) => s.id === upper.cycle);
  return {
    format: 'olive-clock/dish@1',
    id: `${a.scaled.dish.id.slice(0, 28)}-under-${b.scaled.dish.id.slice(0, 22)}`,
    name: `${b.scaled.dish.name} over ${a.scaled.dish.name}`.slice(0, 100),
    summary: 'One cycle for both, in a stack.',
    servings: a.scaled.servings,
    ingredients: [...lower.ingredients, ...upperOwn],
    stages: [
      ...chain(beforeA, []),
      ...chain(beforeB, []),
      {
        ...lowerCycle,
        id: one,
        text: `${lowerCycle.text.slice(0, 240)}; above it on the rack, covered: ${b.scaled.dish.name}`,
        uses: [...usedBy([lowerCycle], lower.cycle), ...panUses],
        panUses,
        parts: { ...lowerCycle.parts, ...pick(upperCycle?.parts, panUses) },
        holdMinutes: hold.minutes,
        minutesPerLb: undefined,
        release,
        orRelease: undefined,
        inPan: { diameterMm: pan.pan.diameterMm, heightMm: pan.pan.heightMm },
        rackMm: pan.rack.heightMm,
        tools: [...new Set([...lowerCycle.tools, pan.pan.id, pan.rack.id])],
        after: heads.length > 0 ? lastOf(beforeA).concat(lastOf(beforeB)) : [],
      },
      ...chain(afterA, [one]),
      ...chain(afterB, [one]),
    ],
    products: [],
    wait: {
      maxMinutes: least(a.scaled.dish.wait.maxMinutes, b.scaled.dish.wait.maxMinutes),
      cost: Math.max(a.scaled.dish.wait.cost, b.scaled.dish.wait.cost),
    },
    notes: hold.because.join('\n'),
  };
}

const pick = (
  parts: Readonly<Record<string, number>> = {},
  ids: readonly string[],
): Record<string, number> =>
  Object.fromEntries(Object.entries(parts).filter(([id]) => ids.includes(id)));

const lastOf = (stages: readonly Stage[]): string[] => stages.slice(-1).map((s) => s.id);

function least(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null ? a : Math.min(a, b);
}

/** Ids with a letter before them, amounts for the servings, and the cut that was agreed on. */
function rename(
  { scaled, cycle }: Half,
  letter: string,
  { cut }: Hold,
): { ingredients: Ingredient[]; stages: Stage[]; cycle: string } {
  const to = (id: string): string => `${letter}-${id}`.slice(0, 60);
  return {
    cycle: to(cycle.id),
    ingredients: scaled.ingredients.map(({ ingredient, quantity }) => ({
      ...ingredient,
      id: to(ingredient.id),
      amount: quantity?.amount ?? null,
      ...(cut?.dish === scaled.dish.id && cut.ingredient === ingredient.id
        ? { pieceMm: cut.mm, preparation: `in pieces of ${cut.mm} mm` }
        : {}),
    })),
    stages: scaled.dish.stages.map((s) => ({
      ...s,
      id: to(s.id),
      uses: s.uses.map(to),
      ...(s.parts
        ? { parts: Object.fromEntries(Object.entries(s.parts).map(([i, part]) => [to(i), part])) }
        : {}),
      ...(s.after ? { after: s.after.map(to) } : {}),
    })),
  };
}

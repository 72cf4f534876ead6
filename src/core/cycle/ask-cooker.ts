/** One cooker is asked whether it takes a stay: what goes in, what it lacks, how long its cycles are, and why not. */
import { TAP_C } from '../facts';
import {
  fillVolume,
  fit,
  juices,
  leastLiquid,
  SLACK,
  thinVolume,
  type Fit,
  type Portion,
} from '../cooker';
import {
  browningMinutes,
  contentsAt,
  sayByWeight,
  scaleDish,
  type PressureStage,
  type ScaledDish,
  type Stage,
} from '../dish';
import { findFood } from '../food';
import type { Cooker, Kitchen } from '../kitchen';
import type { PotRefusal, Refusal } from '../reason';
import { refusal, sayPotRefusal } from '../words';
import { cycleMinutes, type CycleMinutes } from './cycle-minutes';

/** A cooker that was asked to take a stay, and what it says. */
export interface CookerOffer {
  cooker: Cooker;
  /** By pressure stage id. */
  cycles: Map<string, CycleMinutes>;
  fits: Fit[];
  /** Minutes and rounds by browning stage id, on this cooker's bottom. */
  browning: Map<string, { minutes: number; batches: number }>;
  /** Water it needs beyond the dish’s, by pressure stage id. */
  topUps: Map<string, TopUp>;
  /** Why it cannot; empty where it can. */
  refusals: Refusal[];
}

/** Thin liquid that a liner lacks, ml; 0 where what is there is enough, as far as anybody measures. */
function missingIn(inLiner: readonly Portion[], leastMl: number, kitchen: Kitchen): number {
  const thin = thinVolume(inLiner) + (kitchen.school === 'with-juices' ? juices(inLiner) : 0);
  return thin >= leastMl * (1 - SLACK) ? 0 : leastMl - thin;
}

/** Water that a plan counts on beyond what the dish has, and whether the dish has water for the pot. */
export interface TopUp {
  ml: number;
  isOwn: boolean;
  thinMl: number;
  leastMl: number;
}

/** What goes into the liner for this cooker: thin liquid is topped up to its least, and said so (`topUp`). */
export function contentsFor(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
  cooker: Cooker,
  kitchen: Kitchen,
): Portion[] {
  const contents = contentsAt(scaled, stay, stage);
  const under = waterUnder(scaled);
  const inLiner = looseIn(scaled, stay, stage, contents);
  const least = cooker.leastMl ?? leastLiquid(cooker.litres, kitchen.school);
  const missing = missingIn(inLiner, least, kitchen);
  if (missing === 0) return contents;
  const food = under?.food ?? { id: 'water', density: 1 };
  return [...contents, { food: food.id, grams: missing * food.density, celsius: TAP_C }];
}

const STEP_ML = 10;

/** What `contentsFor` adds; null where the dish has enough. */
export function topUpFor(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
  cooker: Cooker,
  kitchen: Kitchen,
): TopUp | null {
  const contents = contentsAt(scaled, stay, stage);
  const inLiner = looseIn(scaled, stay, stage, contents);
  const leastMl = cooker.leastMl ?? leastLiquid(cooker.litres, kitchen.school);
  if (missingIn(inLiner, leastMl, kitchen) === 0) return null;
  // In steps that a cook can measure, so that what is said adds up: what is there and what is added make the least.
  const least = Math.ceil(leastMl / STEP_ML - 1e-6) * STEP_ML;
  const thinMl =
    Math.floor((leastMl - missingIn(inLiner, leastMl, kitchen)) / STEP_ML + 1e-6) * STEP_ML;
  return {
    ml: least - thinMl,
    isOwn: waterUnder(scaled)?.food != null,
    thinMl,
    leastMl: least,
  };
}

/** The liquid that is there for steam and goes with the pot. */
function waterUnder(scaled: ScaledDish): ScaledDish['ingredients'][number] | undefined {
  return scaled.ingredients.find(
    (i) => i.ingredient.scaling === 'with-pot' && i.food?.form === 'thin',
  );
}

/** What lies in the liner itself: where the dish has a pan of its own, only the water under it. */
function looseIn(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
  contents: readonly Portion[],
): Portion[] {
  if (!stage.inPan) return [...contents];
  if (stage.panUses)
    return contentsAt(without(scaled, stage.panUses), stay, stage).concat(
      contents.slice(contentsAt(scaled, stay, stage).length),
    );
  const under = waterUnder(scaled)?.food?.id ?? 'water';
  return contents.filter((p) => p.food === under);
}

/** The dish as if these ingredients were not in it. */
function without(scaled: ScaledDish, ids: readonly string[]): ScaledDish {
  return {
    ...scaled,
    ingredients: scaled.ingredients.filter((i) => !ids.includes(i.ingredient.id)),
  };
}

/** A pan of its own may be filled to two fingers below the rim, about nine tenths (common practice). */
export const PAN_FILL = 0.9;

/** Whether what cooks in the pan goes into it. */
function panRefusals(
  scaled: ScaledDish,
  stage: PressureStage,
  contents: readonly Portion[],
): PotRefusal[] {
  if (!stage.inPan) return [];
  const { diameterMm, heightMm } = stage.inPan;
  const under = waterUnder(scaled)?.food?.id;
  const { panUses } = stage;
  const inside = panUses
    ? contentsAt(
        {
          ...scaled,
          ingredients: scaled.ingredients.filter((i) => panUses.includes(i.ingredient.id)),
        },
        [stage],
        stage,
      )
    : contents.filter((p) => p.food !== under);
  const ml = fillVolume(inside);
  const room = ((Math.PI / 4) * diameterMm ** 2 * heightMm * PAN_FILL) / 1000;
  if (ml <= room) return [];
  return [{ kind: 'pan-too-full', ml, roomMl: room }];
}

/** A stage of a stay as it would lie in one cooker. */
interface Load {
  stage: PressureStage;
  contents: Portion[];
  fit: ReturnType<typeof fit>;
}

/** What a pot lacks in thin liquid that the dish does not bring itself, in words; null where it lacks nothing. */
export function lacksWater({ topUps }: CookerOffer): string | null {
  const [short] = [...topUps.values()].filter((t) => !t.isOwn);
  return short
    ? `${Math.round(short.thinMl)} ml of thin liquid, ${Math.round(short.leastMl)} ml are needed`
    : null;
}

/** Of cookers that take a stay, those that need no more water than the dish has, where there are any. */
export function bestSupplied(offers: readonly CookerOffer[]): CookerOffer[] {
  const enough = offers.filter((o) => lacksWater(o) === null);
  return enough.length > 0 ? enough : [...offers];
}

/** What each pressure stage of a stay puts into a cooker, and what speaks against it before any cycle is timed. */
function loadsFor(
  scaled: ScaledDish,
  stay: readonly Stage[],
  cooker: Cooker,
  kitchen: Kitchen,
): { loads: Load[]; refusals: Refusal[] } {
  const refusals: Refusal[] = [];
  const opened = stay.find((s) => ['brown', 'loosen', 'simmer', 'thicken'].includes(s.kind));
  if (opened && !cooker.modes.includes('saute'))
    refusals.push(refusal('no-saute', { cooker: cooker.name, step: opened.text }));
  const loads = stay.flatMap((stage): Load[] => {
    if (stage.kind !== 'pressure') return [];
    if (!cooker.levels.includes(stage.level))
      refusals.push(refusal('no-such-level', { cooker: cooker.name, level: stage.level }));
    const contents = contentsFor(scaled, stay, stage, cooker, kitchen);
    const fits = fit({
      cooker,
      contents: looseIn(scaled, stay, stage, contents),
      school: kitchen.school,
      ...(stage.rackMm ? { rack: { heightMm: stage.rackMm } } : {}),
      ...(stage.inPan ? { pan: stage.inPan } : {}),
      ...(stage.panUses ? { isStacked: true } : {}),
    });
    refusals.push(...fits.problems.map((problem) => sayPotRefusal(problem, kitchen)));
    refusals.push(
      ...panRefusals(scaled, stage, contents).map((problem) => sayPotRefusal(problem, kitchen)),
    );
    return [{ stage, contents, fit: fits }];
  });
  return { loads, refusals };
}

/** Whether a cooker takes a stay by its contents alone: quick, for looking many amounts up. */
export function holds(
  scaled: ScaledDish,
  stay: readonly Stage[],
  cooker: Cooker,
  kitchen: Kitchen,
): boolean {
  return loadsFor(scaled, stay, cooker, kitchen).refusals.length === 0;
}

/** Asks a cooker about one stay: does it fit, and how long are its cycles? */
export function askCooker(
  scaled: ScaledDish,
  stay: readonly Stage[],
  cooker: Cooker,
  kitchen: Kitchen,
): CookerOffer {
  const { loads, refusals } = loadsFor(scaled, stay, cooker, kitchen);
  const written = scaleDish(scaled.dish, scaled.dish.servings);
  const offer: CookerOffer = {
    cooker,
    cycles: new Map(),
    fits: loads.map((load) => load.fit),
    browning: new Map(
      stay.flatMap((stage) =>
        stage.kind === 'brown'
          ? [[stage.id, browningMinutes(written, scaled, stage, cooker.diameterMm)]]
          : [],
      ),
    ),
    topUps: new Map(
      loads.flatMap(({ stage }) => {
        const topUp = topUpFor(scaled, stay, stage, cooker, kitchen);
        return topUp ? [[stage.id, topUp] as const] : [];
      }),
    ),
    refusals,
  };
  for (const { stage, contents } of loads) {
    const cycle = cycleMinutes({
      stage,
      contents,
      usual: usualContents(scaled, stay, stage, cooker, kitchen),
      cooker,
      kitchen,
      hotStart: stay[0]?.kind === 'brown',
      byWeight: sayByWeight(stage, scaled.ingredients),
    });
    if (cycle.ok) offer.cycles.set(stage.id, cycle.value);
    else offer.refusals.push(...cycle.problems);
  }
  return offer;
}

/** Finicky food is written for its own amount: in a fuller pot the way up cooks part of the hold. */
function usualContents(
  scaled: ScaledDish,
  stay: readonly Stage[],
  stage: PressureStage,
  cooker: Cooker,
  kitchen: Kitchen,
): Portion[] | null {
  if (scaled.factor <= 1 || !isFinicky(scaled, stage)) return null;
  const written = scaleDish(scaled.dish, scaled.dish.servings);
  return contentsFor(written, stay, stage, cooker, kitchen);
}

/** Holds up to this long are for food that overcooks within minutes. */
const FINICKY_MIN = 8;

/** Whether the food in it spoils by waiting under pressure or in the pot (short holds). */
export function isFinicky(scaled: ScaledDish, stage: PressureStage): boolean {
  if (stage.holdMinutes > FINICKY_MIN) return false;
  return scaled.ingredients.some(({ ingredient, food }) => {
    if (!stage.uses.includes(ingredient.id)) return false;
    const known = food ?? findFood(ingredient.food);
    return known === null || known.finicky || known.group === 'grain';
  });
}

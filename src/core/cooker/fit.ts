/** Will it go in? Volume against the lines, thin liquid against the least, rack and pan by size. */
import { findFood, heapMl } from '../food';
import type { PotRefusal, PotThing } from '../reason';
import {
  fillLimit,
  swells,
  fillVolume,
  juices,
  leastLiquid,
  SLACK,
  thinVolume,
  type LiquidSchool,
} from './limits';
import type { Portion } from './types';

export interface FitInput {
  /** `leastMl`: least thin liquid by the cooker's manual, which wins over both schools. */
  cooker: { litres: number; diameterMm?: number; heightMm?: number; leastMl?: number | null };
  contents: readonly Portion[];
  rack?: { heightMm: number };
  /** `handlesMm`: how far handles stand out beyond the rim, both together. */
  pan?: { diameterMm: number; heightMm: number; handlesMm?: number };
  school?: LiquidSchool;
  /** The contents lie loose under the pan; what is in the pan is not among them. */
  isStacked?: boolean;
}

export interface Fit {
  fits: boolean;
  fillMl: number;
  limitMl: number;
  thinMl: number;
  leastMl: number;
  /** What the food itself gives off, about; counted only by the rule of thumb that says so. */
  juicesMl: number;
  /** What is left of each limit; negative where it is passed. Sizes only where the liner's are known. */
  margins: { fillMl: number; thinMl: number; acrossMm?: number; aboveMm?: number };
  problems: PotRefusal[];
  /** Foods of which nobody knows whether they swell or foam, where over half of the liner is filled. */
  unsure: string[];
  because: string[];
}

/** Room for steam around and above what stands in it, mm (common practice: a finger's width in all). */
const GAP_AROUND_MM = 10;
const GAP_ABOVE_MM = 15;

/** Checks contents, rack and pan against a cooker. Sizes must be positive; see the documents' schemas. */
export function fit(input: FitInput): Fit {
  const { cooker, contents, pan, school } = input;
  // What cooks in a pan of its own stands above the lines; only what is loose in the liner counts.
  const isLoose = !pan || input.isStacked === true;
  const loose = isLoose ? contents : [];
  const juicesMl = juices(contents);
  const thinMl = thinVolume(contents) + (school === 'with-juices' ? juicesMl : 0);
  const piled = isLoose && !pan ? pileOnRack(input) : null;
  const fillMl = piled ?? (isLoose ? fillVolume(loose) : thinMl);
  const limitMl = fillLimit(cooker.litres, loose);
  const leastMl = cooker.leastMl ?? leastLiquid(cooker.litres, school);
  const problems: PotRefusal[] = [];
  const isHalf = limitMl < cooker.litres * 600;
  if (fillMl > limitMl * (1 + SLACK))
    problems.push({
      kind: 'too-full',
      fillMl,
      limitMl,
      line: isHalf ? 'half' : 'two-thirds',
      onRack: piled !== null,
    });
  if (thinMl < leastMl * (1 - SLACK))
    problems.push({
      kind: 'too-little-liquid',
      thinMl,
      leastMl,
      juicesMl: juicesMl >= 20 && school !== 'with-juices' ? juicesMl : null,
    });
  const unsure =
    isHalf || fillMl <= cooker.litres * 500
      ? []
      : loose.filter((p) => p.grams > 0 && swells(p.food) === null).map((p) => p.food);
  const sizes = sizesIn(input);
  problems.push(...checkSizes(cooker, sizes));
  return {
    fits: problems.length === 0,
    fillMl,
    limitMl,
    thinMl,
    leastMl,
    juicesMl,
    margins: {
      fillMl: limitMl - fillMl,
      thinMl: thinMl - leastMl,
      ...(sizes && cooker.diameterMm ? { acrossMm: cooker.diameterMm - sizes.acrossMm } : {}),
      ...(sizes && cooker.heightMm ? { aboveMm: cooker.heightMm - sizes.heightMm } : {}),
    },
    problems,
    unsure,
    because: [
      ...unsure.map(
        (food) =>
          `it is not known whether “${food}” swells or foams; if it does, fill the pot only half: this is ${Math.round(fillMl - cooker.litres * 500)} ml more`,
      ),
      isHalf
        ? 'half of the inner pot for what swells or foams: grain, beans, pasta (common practice)'
        : 'two thirds of the inner pot for ordinary food (common practice)',
      cooker.leastMl != null
        ? 'least thin liquid by the cooker’s manual'
        : school === 'one-cup'
          ? 'least thin liquid: one cup whatever the size (common practice)'
          : school === 'with-juices'
            ? `least thin liquid by size, with about ${Math.round(juicesMl)} ml of juices counted that the food gives off (estimate; the manual wins)`
            : 'least thin liquid by size: 3 qt 1 cup, 6 qt 1½, 8 qt 2 (common practice); the manual wins',
      ...(piled === null
        ? []
        : [
            'pieces on a rack lie loose, so that steam gets round them: 56 % of their room is food',
          ]),
    ],
  };
}

/** What stands in the liner, with the room that steam needs around and above it. */
interface Sizes {
  thing: PotThing;
  kind: 'pan' | 'piece';
  /** Needed across and in height, mm, gaps and rack included. */
  acrossMm: number;
  heightMm: number;
}

/** Pieces from this thickness on are taken as one whole bird or roast. */
const WHOLE_MM = 90;
/** g/ml of a whole piece where the table says less: a bird has a hollow. */
const WHOLE_DENSITY = 0.8;

/**
 * How high pieces on a rack come to stand, ml: the rack with the water under it, and the pieces heaped
 * loosely, for steam must get round them. Null where nothing in pieces lies on a rack.
 */
function pileOnRack({ cooker, contents, rack }: FitInput): number | null {
  if (!rack) return null;
  const pieces = contents.filter((p) => {
    const food = findFood(p.food);
    return food?.form === 'solid' && (p.pieceMm ?? food.pieceMm ?? 0) < WHOLE_MM;
  });
  if (pieces.length === 0) return null;
  const { diameterMm = 0 } = cooker;
  const rackMl = ((Math.PI / 4) * diameterMm ** 2 * rack.heightMm) / 1000;
  const heap = pieces.reduce((sum, p) => sum + heapMl(p.grams, findFood(p.food)), 0);
  const rest = contents.filter((p) => !pieces.includes(p));
  return Math.max(rackMl, fillVolume(rest)) + heap;
}

/** The largest thing in the liner: a pan, or one whole piece as an ellipsoid lying on its flat side. */
function sizesIn({ cooker, contents, rack, pan, isStacked }: FitInput): Sizes | null {
  // In a stack the rack stands on what lies below it, if that is higher than its legs.
  const { diameterMm } = cooker;
  const level =
    isStacked && diameterMm ? (fillVolume(contents) * 1000) / ((Math.PI / 4) * diameterMm ** 2) : 0;
  const under = Math.max(rack?.heightMm ?? 0, level);
  if (pan)
    return {
      thing: { kind: 'pan', diameterMm: pan.diameterMm, heightMm: pan.heightMm },
      kind: 'pan',
      acrossMm: pan.diameterMm + (pan.handlesMm ?? 0) + GAP_AROUND_MM,
      heightMm: under + pan.heightMm + GAP_ABOVE_MM,
    };
  const whole = contents
    .map((p) => ({ ...p, thick: p.pieceMm ?? findFood(p.food)?.pieceMm ?? 0 }))
    .filter((p) => p.thick >= WHOLE_MM)
    .sort((a, b) => b.grams - a.grams)[0];
  if (whole) {
    const density = Math.max(WHOLE_DENSITY, findFood(whole.food)?.density ?? 1);
    const mm3 = (whole.grams / density) * 1000;
    // V = π/6·t·a²: as thick as it is said to be, as broad as it is long.
    const broad = Math.max(whole.thick, Math.sqrt((6 * mm3) / (Math.PI * whole.thick)));
    return {
      thing: {
        kind: 'piece',
        food: findFood(whole.food)?.names[0] ?? whole.food,
        acrossMm: broad,
        heightMm: whole.thick,
      },
      kind: 'piece',
      acrossMm: broad + GAP_AROUND_MM,
      heightMm: under + whole.thick + GAP_ABOVE_MM,
    };
  }
  if (!rack) return null;
  return { thing: { kind: 'rack' }, kind: 'pan', acrossMm: 0, heightMm: under + GAP_ABOVE_MM };
}

function checkSizes(cooker: FitInput['cooker'], sizes: Sizes | null): PotRefusal[] {
  if (!sizes) return [];
  const { thing, kind, acrossMm, heightMm } = sizes;
  const problems: PotRefusal[] = [];
  if (cooker.diameterMm !== undefined && acrossMm > cooker.diameterMm)
    problems.push({
      kind: `${kind}-too-wide`,
      thing,
      potMm: cooker.diameterMm,
      overMm: acrossMm - cooker.diameterMm,
      mostMm: cooker.diameterMm - GAP_AROUND_MM,
    });
  if (cooker.heightMm !== undefined && heightMm > cooker.heightMm)
    problems.push({
      kind: `${kind}-too-high`,
      thing,
      potMm: cooker.heightMm,
      overMm: heightMm - cooker.heightMm,
    });
  return problems;
}

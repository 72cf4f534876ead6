/** Will it go in? Volume against the lines, thin liquid against the least, rack and pan by size. */
import { toFraction } from '../units';
import {
  fillLimit,
  fillVolume,
  leastLiquid,
  thinVolume,
  toCups,
  type LiquidSchool,
} from './limits';
import type { Portion } from './types';

export interface FitInput {
  cooker: { litres: number; diameterMm?: number; heightMm?: number };
  contents: readonly Portion[];
  rack?: { heightMm: number };
  pan?: { diameterMm: number; heightMm: number };
  school?: LiquidSchool;
}

export interface FitProblem {
  kind: 'too-full' | 'too-little-liquid' | 'pan-too-wide' | 'pan-too-high';
  what: string;
  remedy: string;
}

export interface Fit {
  fits: boolean;
  fillMl: number;
  limitMl: number;
  thinMl: number;
  leastMl: number;
  problems: FitProblem[];
  because: string[];
}

/** Room for steam around and above a pan, mm (common practice: a finger's width in all). */
const GAP_AROUND_MM = 10;
const GAP_ABOVE_MM = 15;

/** Checks contents, rack and pan against a cooker. Sizes must be positive; see the documents' schemas. */
export function fit(input: FitInput): Fit {
  const { cooker, contents, rack, pan, school } = input;
  // What cooks in a pan of its own stands above the lines; only what is loose in the liner counts.
  const loose = pan ? [] : contents;
  const thinMl = thinVolume(contents);
  const fillMl = pan ? thinMl : fillVolume(loose);
  const limitMl = fillLimit(cooker.litres, loose);
  const leastMl = leastLiquid(cooker.litres, school);
  const problems: FitProblem[] = [];
  const isHalf = limitMl < cooker.litres * 600;
  if (fillMl > limitMl)
    problems.push({
      kind: 'too-full',
      what: `${Math.round(fillMl)} ml in a liner that may hold ${Math.round(limitMl)} ml: over the ${isHalf ? 'half' : 'two-thirds'} line by ${Math.round(fillMl - limitMl)} ml`,
      remedy: 'use a larger cooker, fewer servings or two runs',
    });
  // Half a millilitre is less than anyone can measure.
  if (thinMl < leastMl - 0.5)
    problems.push({
      kind: 'too-little-liquid',
      what: `${Math.round(thinMl)} ml of thin liquid, ${Math.round(leastMl)} ml are needed`,
      remedy: `add ${toFraction(quarterCups(leastMl - thinMl))} cup of water or broth`,
    });
  problems.push(...checkPan(cooker, rack, pan));
  return {
    fits: problems.length === 0,
    fillMl,
    limitMl,
    thinMl,
    leastMl,
    problems,
    because: [
      isHalf
        ? 'half of the liner for what swells or foams: grain, beans, pasta (common practice)'
        : 'two thirds of the liner for ordinary food (common practice)',
      school === 'one-cup'
        ? 'least thin liquid: one cup whatever the size (common practice)'
        : 'least thin liquid by size: 3 qt 1 cup, 6 qt 1½, 8 qt 2 (common practice); the manual wins',
    ],
  };
}

/** Up to the next quarter of a cup, a spoonful short of it being near enough. */
function quarterCups(ml: number): number {
  return Math.max(1, Math.ceil(4 * toCups(ml) - 0.1)) / 4;
}

function checkPan(
  cooker: FitInput['cooker'],
  rack: FitInput['rack'],
  pan: FitInput['pan'],
): FitProblem[] {
  const problems: FitProblem[] = [];
  const width = pan ? pan.diameterMm + GAP_AROUND_MM : 0;
  if (cooker.diameterMm !== undefined && width > cooker.diameterMm)
    problems.push({
      kind: 'pan-too-wide',
      what: `a pan ${pan?.diameterMm} mm across in a liner of ${cooker.diameterMm} mm leaves no room for steam`,
      remedy: `use a pan of at most ${cooker.diameterMm - GAP_AROUND_MM} mm`,
    });
  const height = (rack?.heightMm ?? 0) + (pan?.heightMm ?? 0) + GAP_ABOVE_MM;
  if (cooker.heightMm !== undefined && (rack || pan) && height > cooker.heightMm)
    problems.push({
      kind: 'pan-too-high',
      what: `rack and pan stand ${height - GAP_ABOVE_MM} mm high in a liner of ${cooker.heightMm} mm`,
      remedy: 'use a lower rack or pan',
    });
  return problems;
}

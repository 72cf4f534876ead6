/** A piece over a whole cycle: how hot its middle is, how soft all of it, how safe. */
import { formOf, Pieces, type Cut, type WholeCycle } from '../cooker';
import { compositionFor, findFood, foodById, kindOf, type Food } from '../food';
import { lethality, softeningRate } from './rates';

const LAYERS = 30;
/** Steps of the conduction; the curve is read in between. */
const STEP_S = 6;
/**
 * Pasteurisation is counted as minutes at 70 °C with z 7.5 K: two of them kill Listeria a
 * millionfold.
 *
 * @source UK FSA and ACMSF, cooking to 70 °C for 2 minutes or its equivalent: 45 min at 60 °C,
 *   10 at 65, 30 s at 75, 6 s at 80 (from memory)
 */
export const SAFE_REFERENCE_C = 70;
export const SAFE_Z = 7.5;
export const SAFE_MINUTES = 2;
/**
 * Done is where three fifths of a piece have turned soft, on the average of all of it: the outside does not get
 * softer than soft, and what it has too much does not make up for the middle.
 *
 * @source first-order conversion of collagen, fitted to ten tough cuts of common practice
 */
const DONE_SHARE = 0.6;
const DONE_EXPONENT = -Math.log(1 - DONE_SHARE);
/** Meat shrinks by 8 % each way from the outside in as it gets hot (common practice: a fifth of its volume). */
const SHRUNK = 0.92;
/**
 * Until it is soft it shrinks on, and hot juice carries heat faster than raw meat: softness is judged in a piece
 * this much thinner (fitted to thick cuts of common practice); the middle's temperature, which is safety, is not.
 */
const SHRUNK_SOFT = { meat: 0.77, poultry: 0.85 } as const;
/** Where a food has no dose of its own, two pieces are compared at that of a stew. */
const USUAL_DOSE = 20;

export interface CentreHistory {
  /** °C in the middle when the lid opens: the lowest in the piece. */
  openC: number;
  /** The same of the piece as it is by then, shrunk: what doneness goes by, never safety. */
  softC: number;
  /**
   * Minutes at the ordinary level that would have made the whole piece as soft, were it as thin as paper; above
   * the dose of its food it is done.
   */
  softMinutes: number;
  /** Minutes at 70 °C that the middle has had, z 7.5 K. */
  safeMinutes: number;
  /** °C by step of `stepS` seconds from lid on. */
  celsius: Float64Array;
  stepS: number;
}

/**
 * Lets one piece lie in a cycle.
 *
 * @param startC when the lid goes on; under −1 °C it is frozen
 * @param dose minutes at the ordinary level that the doneness in question takes; default the food's longest
 */
export function centreThrough(
  cycle: WholeCycle,
  food: string,
  cut: Cut,
  startC: number,
  dose = longestDose(food),
): CentreHistory {
  const { composition } = compositionFor(food);
  const { thicknessMm, power } = formOf(food, cut);
  const pieceOf = (mm: number): Pieces =>
    new Pieces({ composition }, 100, mm, startC, { power, layers: LAYERS });
  const group = rowOf(food)?.group;
  const piece = pieceOf(thicknessMm * (group === 'meat' ? SHRUNK : 1));
  const shrunk =
    dose > 0 && (group === 'meat' || group === 'poultry')
      ? pieceOf(thicknessMm * SHRUNK_SOFT[group])
      : piece;
  const steps = Math.max(1, Math.ceil(cycle.openS / STEP_S));
  const celsius = new Float64Array(steps + 1);
  celsius[0] = piece.centre;
  const had = new Float64Array(LAYERS);
  let at = 0;
  for (let i = 1; i <= steps; i++) {
    const now = i * STEP_S;
    while (at + 1 < cycle.curve.length && (cycle.curve[at + 1]?.seconds ?? 0) <= now) at++;
    const around = cycle.curve[at]?.celsius ?? startC;
    piece.heat(around, STEP_S);
    if (shrunk !== piece) shrunk.heat(around, STEP_S);
    celsius[i] = piece.centre;
    for (let layer = 0; layer < LAYERS; layer++)
      had[layer] = (had[layer] as number) + (softeningRate(shrunk.layer(layer)) * STEP_S) / 60;
  }
  return {
    openC: piece.centre,
    softC: shrunk.centre,
    softMinutes: meanDose(had, piece.shares, dose),
    safeMinutes: lethality(celsius, STEP_S, SAFE_REFERENCE_C, SAFE_Z),
    celsius,
    stepS: STEP_S,
  };
}

/** The dose that, had all of a piece had it, would have converted as much of it. */
function meanDose(had: Float64Array, shares: Float64Array, dose: number): number {
  if (dose <= 0) return had[0] ?? 0;
  let left = 0;
  for (let i = 0; i < had.length; i++)
    left += (shares[i] as number) * Math.exp((-DONE_EXPONENT * (had[i] as number)) / dose);
  return (-Math.log(left) / DONE_EXPONENT) * dose;
}

/** The row of the table that a name goes by. */
function rowOf(name: string): Food | null {
  const like = kindOf(name)?.like;
  return findFood(name) ?? (like ? foodById(like) : null);
}

function longestDose(name: string): number {
  return Math.max(0, ...Object.values(rowOf(name)?.softening.doses ?? {})) || USUAL_DOSE;
}

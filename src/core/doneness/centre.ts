/** The middle of a piece over a whole cycle: how hot, how soft, how safe. */
import { Pieces, type PieceShape, type WholeCycle } from '../cooker';
import { compositionFor } from '../food';
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
/** Softness is judged this far out from the middle: two thirds of a round piece lie further out. */
const MOST_OF_IT = 0.7;

export interface Cut {
  shape: PieceShape;
  /** Whole thickness or diameter, mm. */
  thicknessMm: number;
}

export interface CentreHistory {
  /** °C in the middle when the lid opens: the lowest in the piece. */
  openC: number;
  /** Minutes at the ordinary level that most of the piece has had, for softness. */
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
 */
export function centreThrough(
  cycle: WholeCycle,
  food: string,
  cut: Cut,
  startC: number,
): CentreHistory {
  const { composition } = compositionFor(food);
  const piece = new Pieces({ composition }, 100, cut.thicknessMm, startC, {
    shape: cut.shape,
    layers: LAYERS,
  });
  const steps = Math.max(1, Math.ceil(cycle.openS / STEP_S));
  const celsius = new Float64Array(steps + 1);
  celsius[0] = piece.centre;
  let at = 0;
  let softMinutes = 0;
  for (let i = 1; i <= steps; i++) {
    const now = i * STEP_S;
    while (at + 1 < cycle.curve.length && (cycle.curve[at + 1]?.seconds ?? 0) <= now) at++;
    piece.heat(cycle.curve[at]?.celsius ?? startC, STEP_S);
    celsius[i] = piece.centre;
    softMinutes += (softeningRate(piece.at(MOST_OF_IT)) * STEP_S) / 60;
  }
  return {
    openC: piece.centre,
    softMinutes,
    safeMinutes: lethality(celsius, STEP_S, SAFE_REFERENCE_C, SAFE_Z),
    celsius,
    stepS: STEP_S,
  };
}

/**
 * The pot while it is heated or left alone: liner, liquid and pieces, with heater and losses.
 *
 * @source first law on a well-mixed pot; saturation by IAPWS-IF97 (core/steam)
 */
import { fault } from '../words';
import { ROOM_C } from '../facts';
import { FUSION_HEAT, compositionFor, findFood, specificHeat } from '../food';
import { failure, success, type Outcome } from '../reason';
import { airPressure, boilingPoint, insideTemperature, pressureAt } from '../steam';
import { wallMm } from './form';
import { Pieces } from './piece';
import { LEVEL_KPA, type Heater, type Level, type Portion } from './types';

/** How a cooker differs from its label. Calibrated per cooker; these are the starting values. */
export interface HeatParameters {
  /** Share of the label's power that reaches the pot. */
  efficiency: number;
  /** Heat lost to the room, W/K. */
  lossWPerK: number;
  /** Steam that leaves before the pin rises, g. */
  ventG: number;
  /** Logarithm of how much slower a pot full of something thick comes up than the model has it; learned. */
  thick?: number;
  /** Of logarithms, where evenings have told them: of the way up, and of the release. */
  spread?: number;
  fallSpread?: number;
  /** What is not known of `thick`: its own variance, and its covariance with the power's logarithm. */
  thickVariance?: number;
  thickCovariance?: number;
}

/**
 * Starting values for a cooker: a larger one has more wall and lid to lose heat through. The loss is that of a
 * lid under pressure, 1.15 W/K at 6 qt (common practice: a full pot of soup lets go in about half an hour).
 */
export function defaultParameters(cooker: Heater): HeatParameters {
  return { efficiency: 0.93, lossWPerK: 0.5 + 0.115 * cooker.litres, ventG: 20 };
}

export interface CycleInput {
  cooker: Heater;
  level: Level;
  altitudeM: number;
  contents: readonly Portion[];
  /** Just browned: liner and base are hot. */
  hotStart?: boolean;
  /** °C of liner and base where they are still hot from the run before. */
  linerC?: number;
  /** Keep-warm stays on after the hold: the pot lets go later. */
  keepWarm?: boolean;
}

export interface CurvePoint {
  /** s since lid on. */
  seconds: number;
  celsius: number;
  /** Over the air outside, kPa. */
  gaugeKPa: number;
}

/** Heat held by liner and base: about 250 J/K and 110 J/K for each litre (0.7 kg steel and 0.6 kg aluminium at 6 qt). */
const metalJPerK = (litres: number): number => 250 + 110 * litres;
/** Liner and base after browning. */
const BROWNED_C = 130;
/** The pin rises at about this gauge pressure and drops when it is gone, kPa (common practice). */
export const PIN_KPA = 4;
/** A heater that has not done it by then never will. */
export const LONGEST_S = 4 * 3600;
export const STEP_S = 3;
/** The thermostat under the liner lets the plate be no hotter, °C (estimate: 130 to 140). */
const CUT_OUT_C = 135;
/**
 * What gets from the plate into a 6 qt liner, W/K: thin liquid turns over and carries it off, what is thick lies still
 * and lets through a quarter of it (estimate). It goes with the bottom's area.
 */
const THROUGH_W_PER_K = { thin: 60, thick: 16 } as const;
const SIX_QUARTS_L = 5.7;
/** Smaller pieces follow the liquid at once; a spoonful of anything hardly matters. */
const SMALL_PIECE_MM = 4;
const SPOONFUL_G = 40;

/** Liquid that makes steam, g. */
export function thinGrams(contents: readonly Portion[]): number {
  return contents.reduce((sum, p) => sum + (findFood(p.food)?.form === 'thin' ? p.grams : 0), 0);
}

/** How much of what flows and touches the bottom is thick, 0 to 1: sauces, purées, crushed tomatoes. */
export function thickShare(contents: readonly Portion[]): number {
  const of = (form: string): number =>
    contents.reduce(
      (sum, p) => sum + (!p.frozen && findFood(p.food)?.form === form ? p.grams : 0),
      0,
    );
  const thick = of('thick');
  return thick === 0 ? 0 : thick / (thick + of('thin'));
}

/** The pot while it is heated or left alone. */
export class Pot {
  celsius: number;
  /** From plate to food, W/K. */
  private readonly throughWPerK: number;
  private readonly wellMixedJPerK: number;
  private latentLeftJ: number;
  private readonly pieces: Pieces[] = [];

  constructor(
    input: CycleInput,
    private readonly parameters: HeatParameters,
  ) {
    const metal = metalJPerK(input.cooker.litres);
    let heat = metal * (input.hotStart ? BROWNED_C : (input.linerC ?? ROOM_C));
    let capacity = metal;
    let latent = 0;
    for (const portion of input.contents) {
      const food = findFood(portion.food);
      const { composition } = compositionFor(portion.food);
      const size = portion.pieceMm ?? food?.pieceMm ?? 20;
      const frozen = portion.frozen === true;
      const celsius = frozen ? Math.min(portion.celsius, -1) : portion.celsius;
      const isPiece = frozen || (size > SMALL_PIECE_MM && portion.grams > SPOONFUL_G);
      if (food?.form !== 'thin' && isPiece) {
        // Frozen liquids and thick things are a block: as thick as it is said to be, else 40 mm.
        const thicknessMm = wallMm(portion.food, size || 40);
        this.pieces.push(new Pieces({ composition }, portion.grams, thicknessMm, celsius));
        continue;
      }
      const j = portion.grams * specificHeat(composition, 60);
      capacity += j;
      heat += j * Math.max(celsius, 0);
      if (frozen) latent += portion.grams * (composition.water / 100) * FUSION_HEAT;
    }
    const thick = thickShare(input.contents);
    const area = (input.cooker.litres / SIX_QUARTS_L) ** (2 / 3);
    this.throughWPerK = area / (thick / THROUGH_W_PER_K.thick + (1 - thick) / THROUGH_W_PER_K.thin);
    this.wellMixedJPerK = capacity;
    this.latentLeftJ = latent;
    this.celsius = heat / capacity;
  }

  /** One time step with `watts` from the heater; `vent` J go out as steam. */
  step(watts: number, ventJ = 0): void {
    let joules = (watts - this.parameters.lossWPerK * (this.celsius - ROOM_C)) * STEP_S - ventJ;
    for (const pieces of this.pieces) joules -= pieces.heat(this.celsius, STEP_S);
    if (this.latentLeftJ > 0 && joules > 0) {
      const used = Math.min(joules, this.latentLeftJ);
      this.latentLeftJ -= used;
      joules -= used;
    }
    this.celsius += joules / this.wellMixedJPerK;
  }

  /** The most that gets into the food as it is, W: the thermostat cuts the plate off before it burns. */
  get mostWatts(): number {
    return Math.max(0, CUT_OUT_C - this.celsius) * this.throughWPerK;
  }

  /** Keeps the pot at working temperature for a while: the thermostat does what is needed. */
  hold(celsius: number, seconds: number): void {
    this.celsius = celsius;
    for (let t = 0; t < seconds; t += STEP_S)
      for (const pieces of this.pieces) pieces.heat(celsius, STEP_S);
  }
}

export function checkContents(input: CycleInput): Outcome<null> {
  if (thinGrams(input.contents) > 0) return success(null);
  return failure(fault('contents', 'no-thin-liquid', {}));
}

/**
 * Heats the pot to pressure.
 *
 * @param everyS seconds between two points of the curve
 * @returns seconds to the pin and to the countdown; null where it never gets there
 */
export function heatUp(
  pot: Pot,
  input: CycleInput,
  parameters: HeatParameters,
  everyS = 30,
): { pinS: number; workS: number; curve: CurvePoint[] } | null {
  const boil = boilingPoint(input.altitudeM);
  const pinC = insideTemperature(PIN_KPA, input.altitudeM);
  const workC = insideTemperature(LEVEL_KPA[input.level], input.altitudeM);
  const slowed = Math.exp(-(parameters.thick ?? 0) * thickShare(input.contents));
  const full = input.cooker.watts * parameters.efficiency * slowed;
  /** J that steam still has to carry off before the valve closes. */
  let ventLeft = parameters.ventG * 2257;
  let pinS = -1;
  const curve: CurvePoint[] = [];
  for (let seconds = 0; seconds <= LONGEST_S; seconds += STEP_S) {
    if (seconds % everyS === 0)
      curve.push(point(seconds, Math.min(pot.celsius, workC), input.altitudeM));
    if (pinS < 0 && pot.celsius >= pinC && ventLeft <= 0) pinS = seconds;
    if (pinS >= 0 && pot.celsius >= workC) {
      curve.push(point(seconds, workC, input.altitudeM));
      return { pinS, workS: seconds, curve };
    }
    const watts = Math.min(full, pot.mostWatts * slowed);
    const steaming = pot.celsius >= boil && ventLeft > 0;
    // Until the valve closes, most of the power goes out as steam.
    const vent = steaming ? Math.min(ventLeft, 0.8 * watts * STEP_S) : 0;
    ventLeft -= vent;
    pot.step(watts, vent);
  }
  return null;
}

/** Under boiling there is air in the pot and no pressure to speak of. */
export function point(seconds: number, celsius: number, altitudeM: number): CurvePoint {
  const isSteam = celsius > boilingPoint(altitudeM);
  const gaugeKPa = isSteam ? Math.max(0, pressureAt(celsius) - airPressure(altitudeM)) : 0;
  return { seconds, celsius, gaugeKPa };
}

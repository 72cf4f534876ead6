/**
 * A pressure cycle as an energy balance: heater in; liner, liquid, pieces and steam; losses out.
 *
 * @source first law on a well-mixed pot; saturation by IAPWS-IF97 (core/steam)
 * @accuracy come-up and natural release inside the ranges of common practice for the cases in
 *   tests/reference/come-up.test.ts, with the one set of parameters below
 */
import { FUSION_HEAT, findFood, specificHeat } from '../food';
import { failure, success, type Outcome } from '../reason';
import { airPressure, boilingPoint, insideTemperature, pressureAt } from '../steam';
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
}

/** Starting values for a cooker: a larger one has more wall and lid to lose heat through. */
export function defaultParameters(cooker: Heater): HeatParameters {
  return { efficiency: 0.93, lossWPerK: 0.35 + 0.075 * cooker.litres, ventG: 20 };
}

export interface CycleInput {
  cooker: Heater;
  level: Level;
  altitudeM: number;
  contents: readonly Portion[];
  /** Just browned: liner and base are hot. */
  hotStart?: boolean;
}

export interface CurvePoint {
  /** s since lid on. */
  seconds: number;
  celsius: number;
  /** Over the air outside, kPa. */
  gaugeKPa: number;
}

export interface ComeUp {
  /** Minutes from lid on to the start of the countdown. */
  minutes: number;
  p90: number;
  /** Minutes until the pin rises. */
  pinMinutes: number;
  curve: CurvePoint[];
  because: string[];
}

export interface Release {
  /** Minutes until the pin drops by itself. */
  minutes: number;
  p90: number;
  because: string[];
}

const ROOM_C = 20;
/** Heat held by liner and base: about 250 J/K and 110 J/K for each litre (0.7 kg steel and 0.6 kg aluminium at 6 qt). */
const metalJPerK = (litres: number): number => 250 + 110 * litres;
/** Liner and base after browning. */
const BROWNED_C = 130;
/** The pin rises at about this gauge pressure and drops when it is gone, kPa (common practice). */
const PIN_KPA = 4;
/** A heater that has not done it by then never will. */
const LONGEST_S = 4 * 3600;
const STEP_S = 3;
/** Smaller pieces follow the liquid at once; a spoonful of anything hardly matters. */
const SMALL_PIECE_MM = 4;
const SPOONFUL_G = 40;
/** Spread of the come-up: weaker mains, colder water, a lid that seats late. */
const SLOW: HeatParameters = { efficiency: 0.9, lossWPerK: 1.2, ventG: 1.4 };

const UNKNOWN_COMPOSITION = { water: 85, protein: 2, fat: 1, carbohydrate: 9, fibre: 2, ash: 1 };

/** Liquid that makes steam, g. */
export function thinGrams(contents: readonly Portion[]): number {
  return contents.reduce((sum, p) => sum + (findFood(p.food)?.form === 'thin' ? p.grams : 0), 0);
}

/** The pot while it is heated or left alone. */
class Pot {
  celsius: number;
  private readonly wellMixedJPerK: number;
  private latentLeftJ: number;
  private readonly pieces: Pieces[] = [];

  constructor(
    input: CycleInput,
    private readonly parameters: HeatParameters,
  ) {
    const metal = metalJPerK(input.cooker.litres);
    let heat = metal * (input.hotStart ? BROWNED_C : ROOM_C);
    let capacity = metal;
    let latent = 0;
    for (const portion of input.contents) {
      const food = findFood(portion.food);
      const composition = food?.composition ?? UNKNOWN_COMPOSITION;
      const size = portion.pieceMm ?? food?.pieceMm ?? 20;
      const frozen = portion.frozen === true;
      const celsius = frozen ? Math.min(portion.celsius, -1) : portion.celsius;
      const isPiece = frozen || (size > SMALL_PIECE_MM && portion.grams > SPOONFUL_G);
      if (food?.form !== 'thin' && isPiece) {
        // Frozen liquids and thick things are a block: as thick as it is said to be, else 40 mm.
        this.pieces.push(new Pieces({ composition }, portion.grams, size || 40, celsius));
        continue;
      }
      const j = portion.grams * specificHeat(composition, 60);
      capacity += j;
      heat += j * Math.max(celsius, 0);
      if (frozen) latent += portion.grams * (composition.water / 100) * FUSION_HEAT;
    }
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

  /** Keeps the pot at working temperature for a while: the thermostat does what is needed. */
  hold(celsius: number, seconds: number): void {
    this.celsius = celsius;
    for (let t = 0; t < seconds; t += STEP_S)
      for (const pieces of this.pieces) pieces.heat(celsius, STEP_S);
  }
}

function checkContents(input: CycleInput): Outcome<null> {
  if (thinGrams(input.contents) > 0) return success(null);
  return failure({
    field: 'contents',
    message: 'there is no thin liquid, and only that makes steam',
    remedy: 'add water, broth or wine',
  });
}

/** Heats the pot to pressure. @returns seconds to the pin and to the countdown; null: never */
function heatUp(
  pot: Pot,
  input: CycleInput,
  parameters: HeatParameters,
): { pinS: number; workS: number; curve: CurvePoint[] } | null {
  const air = airPressure(input.altitudeM);
  const boil = boilingPoint(input.altitudeM);
  const pinC = insideTemperature(PIN_KPA, input.altitudeM);
  const workC = insideTemperature(LEVEL_KPA[input.level], input.altitudeM);
  const watts = input.cooker.watts * parameters.efficiency;
  /** J that steam still has to carry off before the valve closes. */
  let ventLeft = parameters.ventG * 2257;
  let pinS = -1;
  const curve: CurvePoint[] = [];
  for (let seconds = 0; seconds <= LONGEST_S; seconds += STEP_S) {
    if (seconds % 30 === 0) curve.push(point(seconds, pot.celsius, boil, air));
    if (pinS < 0 && pot.celsius >= pinC && ventLeft <= 0) pinS = seconds;
    if (pinS >= 0 && pot.celsius >= workC) {
      curve.push(point(seconds, workC, boil, air));
      return { pinS, workS: seconds, curve };
    }
    const steaming = pot.celsius >= boil && ventLeft > 0;
    // Until the valve closes, most of the power goes out as steam.
    const vent = steaming ? Math.min(ventLeft, 0.8 * watts * STEP_S) : 0;
    ventLeft -= vent;
    pot.step(watts, vent);
  }
  return null;
}

function point(seconds: number, celsius: number, boil: number, air: number): CurvePoint {
  // Under boiling there is air in the pot and no pressure to speak of.
  const gaugeKPa = celsius <= boil ? 0 : Math.max(0, pressureAt(celsius) - air);
  return { seconds, celsius, gaugeKPa };
}

/**
 * Minutes from lid on to working pressure.
 *
 * @returns median and 90th percentile in minutes with the curve, or why there is no answer
 */
export function comeUp(
  input: CycleInput,
  parameters: HeatParameters = defaultParameters(input.cooker),
): Outcome<ComeUp> {
  const checked = checkContents(input);
  if (!checked.ok) return checked;
  const usual = heatUp(new Pot(input, parameters), input, parameters);
  if (!usual)
    return failure({
      field: 'cooker.watts',
      message: `${input.cooker.watts} W never bring this to pressure: the room takes as much as the heater gives`,
      remedy: 'use a stronger cooker or less food',
    });
  const slow: HeatParameters = {
    efficiency: parameters.efficiency * SLOW.efficiency,
    lossWPerK: parameters.lossWPerK * SLOW.lossWPerK,
    ventG: parameters.ventG * SLOW.ventG,
  };
  const late = heatUp(new Pot(input, slow), input, slow);
  const minutes = usual.workS / 60;
  const kilograms = input.contents.reduce((sum, p) => sum + p.grams, 0) / 1000;
  const thin = thinGrams(input.contents);
  return success({
    minutes,
    p90: Math.max(late ? late.workS / 60 : minutes * 1.5, minutes * 1.1),
    pinMinutes: usual.pinS / 60,
    curve: usual.curve,
    because: [
      `${kilograms.toFixed(1)} kg in the pot, ${Math.round(thin)} g of it thin liquid, ${input.cooker.watts} W (energy balance)`,
      ...(input.hotStart ? ['liner and base are still hot from browning'] : []),
      ...(input.contents.some((p) => p.frozen)
        ? ['frozen food has to thaw first: 334 J for each gram of its water']
        : []),
    ],
  });
}

/**
 * Minutes of natural release: from the end of the hold until the pin drops.
 *
 * @param afterMinutes of hold, in which the pieces have caught up with the pot
 */
export function naturalRelease(
  input: CycleInput,
  afterMinutes: number,
  parameters: HeatParameters = defaultParameters(input.cooker),
): Outcome<Release> {
  const checked = checkContents(input);
  if (!checked.ok) return checked;
  const pinC = insideTemperature(PIN_KPA, input.altitudeM);
  const run = (p: HeatParameters): number | null => {
    const pot = new Pot(input, p);
    if (!heatUp(pot, input, p)) return null;
    pot.hold(insideTemperature(LEVEL_KPA[input.level], input.altitudeM), afterMinutes * 60);
    for (let seconds = 0; seconds <= LONGEST_S; seconds += STEP_S) {
      if (pot.celsius <= pinC) return seconds / 60;
      pot.step(0);
    }
    return LONGEST_S / 60;
  };
  const minutes = run(parameters);
  if (minutes === null)
    return failure({
      field: 'cooker.watts',
      message: `${input.cooker.watts} W never bring this to pressure, so there is nothing to release`,
      remedy: 'use a stronger cooker or less food',
    });
  const slow = run({ ...parameters, lossWPerK: parameters.lossWPerK * 0.78 }) ?? minutes * 1.3;
  return success({
    minutes,
    p90: Math.max(slow, minutes * 1.1),
    because: [
      `the pot gives off about ${Math.round(parameters.lossWPerK * 95)} W; a fuller pot holds more heat and takes longer (energy balance)`,
    ],
  });
}

/**
 * Minutes to vent by hand: the steam that flashes off, at what a valve lets through.
 *
 * @source flash fraction about 3 % of the liquid from high pressure at sea level (IF97); about
 *   40 g a minute through a valve (common practice: 1–3 min)
 */
export function quickRelease(contents: readonly Portion[]): number {
  const grams = contents.reduce((sum, p) => sum + p.grams, 0);
  return Math.min(4, Math.max(1, (0.03 * grams) / 40));
}

/**
 * Pots as they are, for judging what is learned of them: a plate with a thermostat, liner, food and lid, each with
 * its own temperature. Nothing here is shared with the program's model: other equations, other figures.
 *
 * @source saturation by Antoine's equation, constants for water from 99 to 374 °C (from memory); heat capacities and
 *   conductances are estimates of household cookers, drawn anew for each
 */
import { normal, type Random } from './numbers';

export interface TruePot {
  litres: number;
  /** What the element draws, W: label, element and mains together. */
  watts: number;
  plateJPerK: number;
  linerJPerK: number;
  lidJPerK: number;
  /** From plate to food, W/K: thin liquid carries it off, what is thick does not. */
  thinWPerK: number;
  thickWPerK: number;
  shellWPerK: number;
  lidWPerK: number;
  /** The thermostat under the liner, °C. */
  cutOutC: number;
  /** Steam and air that leave before the pin rises, g. */
  ventG: number;
  workKPa: number;
  /** Keep-warm that nobody switched off, W. */
  keepWarmW: number;
}

export interface TrueFood {
  grams: number;
  jPerGK: number;
  celsius: number;
  /** Half of the way through a piece, mm; 0 for what flows. */
  halfMm: number;
  isThick: boolean;
}

export interface TrueCycle {
  foods: readonly TrueFood[];
  roomC: number;
  isHotStart: boolean;
  holdMinutes: number;
}

const STEP_S = 2;
const LONGEST_S = 3 * 3600;
/** J to make a gram of steam. */
const STEAM_J = 2250;
const AIR_KPA = 101.3;
const PIN_KPA = 3.5;

/** °C at which water boils under so many kPa over the air's. */
function boilsAt(gaugeKPa: number): number {
  const mmHg = (AIR_KPA + gaugeKPa) * 7.50062;
  return 1810.94 / (8.14019 - Math.log10(mmHg)) - 244.485;
}

/** A pot of this size as one household got it. */
export function drawPot(litres: number, labelWatts: number, random: Random): TruePot {
  const near = (middle: number, spread: number): number =>
    middle * Math.exp(spread * normal(random));
  const size = litres / 5.7;
  return {
    litres,
    watts: near(labelWatts * 0.97, 0.11),
    plateJPerK: near(420, 0.15) * size,
    linerJPerK: near(430, 0.12) * size,
    lidJPerK: near(700, 0.15) * size,
    thinWPerK: near(42, 0.2) * size ** 0.67,
    thickWPerK: near(20, 0.25) * size ** 0.67,
    shellWPerK: near(0.75, 0.25) * size ** 0.67,
    lidWPerK: near(0.6, 0.28) * size ** 0.67,
    cutOutC: 139 + 4 * normal(random),
    ventG: near(14, 0.5),
    workKPa: near(74, 0.04),
    keepWarmW: random() < 0.25 ? near(28, 0.3) : 0,
  };
}

/** The food, node by node: all that flows is one, each lot of pieces another that follows it. */
class Contents {
  celsius: number;
  readonly jPerK: number;
  private readonly pieces: { celsius: number; jPerK: number; seconds: number }[];

  constructor({ foods }: TrueCycle, pot: TruePot) {
    const flows = foods.filter((f) => f.halfMm < 3);
    const heat = (list: readonly TrueFood[]): number =>
      list.reduce((sum, f) => sum + f.grams * f.jPerGK, 0);
    this.jPerK = heat(flows) + pot.linerJPerK;
    this.celsius =
      (flows.reduce((sum, f) => sum + f.grams * f.jPerGK * f.celsius, 0) + pot.linerJPerK * 20) /
      this.jPerK;
    this.pieces = foods
      .filter((f) => f.halfMm >= 3)
      .map((f) => ({
        celsius: f.celsius,
        jPerK: f.grams * f.jPerGK,
        // A cube's middle follows in about a sixth of the square over the diffusivity of wet food.
        seconds: (f.halfMm / 1000) ** 2 / (6 * 1.4e-7),
      }));
  }

  take(joules: number): void {
    let left = joules;
    for (const p of this.pieces) {
      const goes =
        p.jPerK *
        (this.celsius - p.celsius) *
        (1 - Math.exp(-STEP_S / Math.max(p.seconds, STEP_S)));
      p.celsius += goes / p.jPerK;
      left -= goes;
    }
    this.celsius += left / this.jPerK;
  }

  /** At pressure for a while: the pieces come after. */
  settle(celsius: number, seconds: number): void {
    this.celsius = celsius;
    for (const p of this.pieces)
      p.celsius += (celsius - p.celsius) * (1 - Math.exp(-seconds / Math.max(p.seconds, 1)));
  }
}

/** Minutes to pressure and to the drop of the pin; null where it never gets there. */
export function cook(pot: TruePot, cycle: TrueCycle): { up: number; release: number } | null {
  const food = new Contents(cycle, pot);
  const flowing = cycle.foods.filter((f) => f.halfMm < 3);
  const all = flowing.reduce((sum, f) => sum + f.grams, 0);
  const thick = flowing.reduce((sum, f) => sum + (f.isThick ? f.grams : 0), 0) / Math.max(all, 1);
  // The layers lie one over the other: their resistances add up.
  const wPerK = 1 / (thick / pot.thickWPerK + (1 - thick) / pot.thinWPerK);
  const workC = boilsAt(pot.workKPa);
  const pinC = boilsAt(PIN_KPA);
  let plate = cycle.isHotStart ? 135 : cycle.roomC;
  let lid = cycle.roomC;
  let ventLeft = pot.ventG * STEAM_J;
  let isOn = true;
  const step = (watts: number): void => {
    const boiling = food.celsius > 98;
    const toFood = wPerK * (plate - food.celsius);
    const toLid = (boiling ? 9 : 0.7) * (pot.litres / 5.7) * (food.celsius - lid);
    const fromShell = pot.shellWPerK * (food.celsius - cycle.roomC);
    plate += ((watts - toFood) * STEP_S) / pot.plateJPerK;
    lid += ((toLid - pot.lidWPerK * (lid - cycle.roomC)) * STEP_S) / pot.lidJPerK;
    const vent =
      food.celsius >= 100 && ventLeft > 0 ? Math.min(ventLeft, 0.7 * toFood * STEP_S) : 0;
    ventLeft -= Math.max(vent, 0);
    food.take((toFood - toLid - fromShell) * STEP_S - Math.max(vent, 0));
  };
  let seconds = 0;
  while (food.celsius < workC || ventLeft > 0) {
    if (seconds > LONGEST_S) return null;
    if (plate > pot.cutOutC) isOn = false;
    if (plate < pot.cutOutC - 5) isOn = true;
    step(isOn ? pot.watts : 0);
    seconds += STEP_S;
  }
  const up = seconds / 60;
  food.settle(workC, cycle.holdMinutes * 60);
  plate = Math.min(plate, workC + 6);
  lid = Math.max(lid, workC - 14);
  seconds = 0;
  while (food.celsius > pinC && seconds <= LONGEST_S) {
    step(pot.keepWarmW);
    seconds += STEP_S;
  }
  return { up, release: seconds / 60 };
}

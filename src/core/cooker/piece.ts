/**
 * Pieces of solid food heating up in the pot: one food as equal spheres cut into shells.
 *
 * Heat moves between shells by conduction and in through the surface; what each shell holds is kept
 * as enthalpy, so that thawing takes its latent heat and nothing is lost or made.
 *
 * @source J. Crank, The Mathematics of Diffusion (1975): radial diffusion in a sphere
 * @accuracy backward Euler, 8 shells; centre within 1 % of the drive of the series solution for
 *   Fourier numbers of 0.1 and more (checked in tests)
 */
import {
  FUSION_HEAT,
  conductivity,
  frozenHeat,
  solidDensity,
  specificHeat,
  type Food,
} from '../food';

const SHELLS = 8;
/** Heat transfer to pieces in simmering liquid or condensing steam, W/(m² K); common engineering value. */
const SURFACE_W_M2K = 400;
/** Freezing is spread over this range below 0 °C, as dissolved matter does. */
const FREEZE_LOW_C = -5;
const FREEZE_HIGH_C = -1;
/** Ice conducts about four times as well as water; frozen food about three times as well as thawed. */
const FROZEN_CONDUCTIVITY_FACTOR = 2.6;

export class Pieces {
  /** °C by shell, centre first. */
  private readonly celsius = new Float64Array(SHELLS);
  private readonly enthalpy = new Float64Array(SHELLS);
  /** kg by shell, over all pieces together. */
  private readonly mass = new Float64Array(SHELLS);
  /** Conductance outward from each shell, thawed and frozen, W/K. */
  private readonly thawedLink = new Float64Array(SHELLS);
  private readonly frozenLink = new Float64Array(SHELLS);
  private readonly heatJ: number;
  private readonly frozenJ: number;
  private readonly latentJ: number;
  /** Work space of the solver, kept between steps. */
  private readonly link = new Float64Array(SHELLS);
  private readonly forward = new Float64Array(SHELLS);
  private readonly next = new Float64Array(SHELLS);

  /**
   * @param food composition is what matters
   * @param grams of all pieces together
   * @param sizeMm diameter of one piece
   */
  constructor(food: Pick<Food, 'composition'>, grams: number, sizeMm: number, celsius: number) {
    const { composition } = food;
    this.heatJ = specificHeat(composition, 60) * 1000;
    this.frozenJ = frozenHeat(composition) * 1000;
    this.latentJ = (composition.water / 100) * FUSION_HEAT * 1000;
    const k = conductivity(composition, 60);
    const radius = sizeMm / 2000;
    const density = solidDensity(composition, 20);
    const pieces = grams / 1000 / (density * (4 / 3) * Math.PI * radius ** 3);
    const shellM = radius / SHELLS;
    for (let i = 0; i < SHELLS; i++) {
      const inner = i * shellM;
      const outer = inner + shellM;
      this.mass[i] = pieces * density * (4 / 3) * Math.PI * (outer ** 3 - inner ** 3);
      const area = pieces * 4 * Math.PI * outer ** 2;
      const outward = (conductance: number): number =>
        i < SHELLS - 1
          ? (conductance * area) / shellM
          : area / (1 / SURFACE_W_M2K + shellM / 2 / conductance);
      this.thawedLink[i] = outward(k);
      this.frozenLink[i] = outward(k * FROZEN_CONDUCTIVITY_FACTOR);
    }
    this.celsius.fill(celsius);
    this.enthalpy.fill(this.toEnthalpy(celsius));
  }

  /**
   * Lets the pieces lie in surroundings of `surround` °C for `seconds`.
   *
   * @returns heat taken up, J (negative where they give heat off)
   */
  heat(surround: number, seconds: number): number {
    this.solve(surround, seconds);
    const { next, link, enthalpy, mass, celsius } = this;
    let inner = 0;
    for (let i = 0; i < SHELLS; i++) {
      const beyond = i < SHELLS - 1 ? (next[i + 1] as number) : surround;
      const flow = (link[i] as number) * (beyond - (next[i] as number));
      enthalpy[i] = (enthalpy[i] as number) + ((flow - inner) * seconds) / (mass[i] as number);
      celsius[i] = this.toCelsius(enthalpy[i] as number);
      inner = flow;
    }
    return inner * seconds;
  }

  /** °C in the middle of a piece. */
  get centre(): number {
    return this.celsius[0] as number;
  }

  /** New shell temperatures by backward Euler: a tridiagonal system (Thomas algorithm). */
  private solve(surround: number, seconds: number): void {
    const { celsius, link, forward, next, mass } = this;
    for (let i = 0; i < SHELLS; i++) {
      const t = celsius[i] as number;
      const outer = (t < FREEZE_HIGH_C ? this.frozenLink[i] : this.thawedLink[i]) as number;
      link[i] = outer;
      const inner = i > 0 ? (link[i - 1] as number) : 0;
      const store = ((mass[i] as number) * this.heatCapacity(t)) / seconds;
      const pivot = store + inner + outer - (i > 0 ? inner * (forward[i - 1] as number) : 0);
      const drive = store * t + (i === SHELLS - 1 ? outer * surround : 0);
      forward[i] = i === SHELLS - 1 ? 0 : outer / pivot;
      next[i] = (drive + (i > 0 ? inner * (next[i - 1] as number) : 0)) / pivot;
    }
    for (let i = SHELLS - 2; i >= 0; i--)
      next[i] = (next[i] as number) + (forward[i] as number) * (next[i + 1] as number);
  }

  /** J/(kg K) with the latent heat spread over the freezing range. */
  private heatCapacity(t: number): number {
    if (t < FREEZE_LOW_C) return this.frozenJ;
    if (t < FREEZE_HIGH_C) return this.heatJ + this.latentJ / (FREEZE_HIGH_C - FREEZE_LOW_C);
    return this.heatJ;
  }

  /** J/kg above the start of thawing. */
  private toEnthalpy(t: number): number {
    const span = FREEZE_HIGH_C - FREEZE_LOW_C;
    if (t <= FREEZE_LOW_C) return (t - FREEZE_LOW_C) * this.frozenJ;
    if (t <= FREEZE_HIGH_C) return (t - FREEZE_LOW_C) * (this.heatJ + this.latentJ / span);
    return span * this.heatJ + this.latentJ + (t - FREEZE_HIGH_C) * this.heatJ;
  }

  private toCelsius(h: number): number {
    const span = FREEZE_HIGH_C - FREEZE_LOW_C;
    const thawed = span * this.heatJ + this.latentJ;
    if (h <= 0) return FREEZE_LOW_C + h / this.frozenJ;
    if (h <= thawed) return FREEZE_LOW_C + (h * span) / thawed;
    return FREEZE_HIGH_C + (h - thawed) / this.heatJ;
  }
}

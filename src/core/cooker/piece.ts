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
  readonly celsius: number[];
  private readonly enthalpy: number[];
  /** kg by shell, over all pieces together. */
  private readonly mass: number[];
  /** m² between shell i and i+1 (the last: the surface), over all pieces. */
  private readonly area: number[];
  private readonly shellM: number;
  private readonly heatJ: number;
  private readonly frozenJ: number;
  private readonly latentJ: number;
  private readonly k: number;

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
    this.k = conductivity(composition, 60);
    const radius = sizeMm / 2000;
    const density = solidDensity(composition, 20);
    const pieces = grams / 1000 / (density * (4 / 3) * Math.PI * radius ** 3);
    this.shellM = radius / SHELLS;
    this.mass = [];
    this.area = [];
    for (let i = 0; i < SHELLS; i++) {
      const inner = i * this.shellM;
      const outer = inner + this.shellM;
      this.mass.push(pieces * density * (4 / 3) * Math.PI * (outer ** 3 - inner ** 3));
      this.area.push(pieces * 4 * Math.PI * outer ** 2);
    }
    this.celsius = Array<number>(SHELLS).fill(celsius);
    this.enthalpy = this.celsius.map((t) => this.toEnthalpy(t));
  }

  /**
   * Lets the pieces lie in surroundings of `surround` °C for `seconds`.
   *
   * @returns heat taken up, J (negative where they give heat off)
   */
  heat(surround: number, seconds: number): number {
    const next = this.solve(surround, seconds);
    const flows = next.map((t, i) => this.link(i) * ((next[i + 1] ?? surround) - t));
    let inflow = 0;
    for (let i = 0; i < SHELLS; i++) {
      const gain = ((flows[i] as number) - (flows[i - 1] ?? 0)) * seconds;
      this.enthalpy[i] = (this.enthalpy[i] as number) + gain / (this.mass[i] as number);
      this.celsius[i] = this.toCelsius(this.enthalpy[i] as number);
      inflow = (flows[i] as number) * seconds;
    }
    return inflow;
  }

  get centre(): number {
    return this.celsius[0] as number;
  }

  /** Conductance outward from shell i, W/K. */
  private link(i: number): number {
    const area = this.area[i] as number;
    const k =
      this.k * ((this.celsius[i] as number) < FREEZE_HIGH_C ? FROZEN_CONDUCTIVITY_FACTOR : 1);
    if (i < SHELLS - 1) return (k * area) / this.shellM;
    return area / (1 / SURFACE_W_M2K + this.shellM / 2 / k);
  }

  /** New shell temperatures by backward Euler: a tridiagonal system (Thomas algorithm). */
  private solve(surround: number, seconds: number): number[] {
    const forward: number[] = [];
    const rhs: number[] = [];
    for (let i = 0; i < SHELLS; i++) {
      const t = this.celsius[i] as number;
      const inner = i > 0 ? this.link(i - 1) : 0;
      const outer = this.link(i);
      const store = ((this.mass[i] as number) * this.heatCapacity(t)) / seconds;
      const pivot = store + inner + outer - inner * (forward[i - 1] ?? 0);
      const drive = store * t + (i === SHELLS - 1 ? outer * surround : 0);
      forward.push(i === SHELLS - 1 ? 0 : outer / pivot);
      rhs.push((drive + inner * (rhs[i - 1] ?? 0)) / pivot);
    }
    for (let i = SHELLS - 2; i >= 0; i--)
      rhs[i] = (rhs[i] as number) + (forward[i] as number) * (rhs[i + 1] as number);
    return rhs;
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

/**
 * Pieces of solid food heating up in the pot: one food as equal spheres, cylinders or slabs in layers.
 *
 * Heat moves between layers by conduction and in through the surface; what each layer holds is kept
 * as enthalpy, so that thawing takes its latent heat and nothing is lost or made.
 *
 * @source J. Crank, The Mathematics of Diffusion (1975): diffusion in a slab, cylinder and sphere
 * @accuracy backward Euler; with the 8 layers of the pot's balance the centre lies within 2 % of the
 *   drive of the series solution, with 40 within 1 % (checked in tests)
 */
import {
  FUSION_HEAT,
  conductivity,
  frozenConductivity,
  frozenHeat,
  solidDensity,
  specificHeat,
  type Food,
} from '../food';

/** Layers for the pot's balance, where the centre of a piece does not matter much. */
const USUAL_LAYERS = 8;

export type PieceShape = 'slab' | 'cylinder' | 'sphere';
/** How area grows with the distance from the middle: r⁰, r¹, r². */
const AREA_POWER: Readonly<Record<PieceShape, number>> = { slab: 0, cylinder: 1, sphere: 2 };

export interface PieceOptions {
  shape: PieceShape;
  /** How area grows with the distance from the middle, where it is between those shapes. */
  power: number;
  layers: number;
  /** Heat transfer at the surface, W/(m² K). */
  surfaceWPerM2K: number;
}
/** Heat transfer to pieces in boiling liquid or condensing steam, W/(m² K); low end of engineering tables, from memory. */
const SURFACE_W_M2K = 700;
/** Freezing is spread over this range below 0 °C, as dissolved matter does. */
const FREEZE_LOW_C = -5;
const FREEZE_HIGH_C = -1;
/** Frozen food is taken with the ice it has at this temperature: the middle of its way to thawing. */
const FROZEN_AT_C = -10;

export class Pieces {
  /** °C by layer, centre first. */
  private readonly celsius: Float64Array;
  private readonly enthalpy: Float64Array;
  /** Share of the whole by layer, centre first. */
  readonly shares: Float64Array;
  /** kg by layer, over all pieces together. */
  private readonly mass: Float64Array;
  /** Conductance outward from each layer, thawed and frozen, W/K. */
  private readonly thawedLink: Float64Array;
  private readonly frozenLink: Float64Array;
  private readonly heatJ: number;
  private readonly frozenJ: number;
  private readonly latentJ: number;
  /** Work space of the solver, kept between steps. */
  private readonly link: Float64Array;
  private readonly forward: Float64Array;
  private readonly next: Float64Array;

  private readonly layers: number;

  /**
   * @param food composition is what matters
   * @param grams of all pieces together
   * @param sizeMm whole thickness or diameter of one piece
   */
  constructor(
    food: Pick<Food, 'composition'>,
    grams: number,
    sizeMm: number,
    celsius: number,
    options: Partial<PieceOptions> = {},
  ) {
    const { shape = 'sphere', layers = USUAL_LAYERS, surfaceWPerM2K = SURFACE_W_M2K } = options;
    this.layers = layers;
    const column = (): Float64Array => new Float64Array(layers);
    [this.celsius, this.enthalpy, this.mass] = [column(), column(), column()];
    [this.thawedLink, this.frozenLink, this.link] = [column(), column(), column()];
    [this.forward, this.next, this.shares] = [column(), column(), column()];
    const { composition } = food;
    this.heatJ = specificHeat(composition, 60) * 1000;
    this.frozenJ = frozenHeat(composition, FROZEN_AT_C) * 1000;
    this.latentJ = (composition.water / 100) * FUSION_HEAT * 1000;
    const k = conductivity(composition, 60);
    const frozen = frozenConductivity(composition, FROZEN_AT_C);
    const half = sizeMm / 2000;
    const volume = grams / 1000 / solidDensity(composition, 20);
    const power = options.power ?? AREA_POWER[shape];
    const layerM = half / layers;
    for (let i = 0; i < layers; i++) {
      const inner = i / layers;
      const outer = (i + 1) / layers;
      this.shares[i] = outer ** (power + 1) - inner ** (power + 1);
      this.mass[i] = (grams / 1000) * (this.shares[i] as number);
      const area = ((power + 1) * volume * outer ** power) / half;
      const outward = (conductance: number): number =>
        i < layers - 1
          ? (conductance * area) / layerM
          : area / (1 / surfaceWPerM2K + layerM / 2 / conductance);
      this.thawedLink[i] = outward(k);
      this.frozenLink[i] = outward(frozen);
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
    for (let i = 0; i < this.layers; i++) {
      const beyond = i < this.layers - 1 ? (next[i + 1] as number) : surround;
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

  /** °C of a layer, 0 the middle. */
  layer(index: number): number {
    return this.celsius[index] as number;
  }

  /** New layer temperatures by backward Euler: a tridiagonal system (Thomas algorithm). */
  private solve(surround: number, seconds: number): void {
    const { celsius, link, forward, next, mass } = this;
    for (let i = 0; i < this.layers; i++) {
      const t = celsius[i] as number;
      const outer = (t < FREEZE_HIGH_C ? this.frozenLink[i] : this.thawedLink[i]) as number;
      link[i] = outer;
      const inner = i > 0 ? (link[i - 1] as number) : 0;
      const store = ((mass[i] as number) * this.heatCapacity(t)) / seconds;
      const pivot = store + inner + outer - (i > 0 ? inner * (forward[i - 1] as number) : 0);
      const drive = store * t + (i === this.layers - 1 ? outer * surround : 0);
      forward[i] = i === this.layers - 1 ? 0 : outer / pivot;
      next[i] = (drive + (i > 0 ? inner * (next[i - 1] as number) : 0)) / pivot;
    }
    for (let i = this.layers - 2; i >= 0; i--)
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

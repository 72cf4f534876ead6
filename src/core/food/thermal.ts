/**
 * Thermal properties of a food from its composition.
 *
 * @source Y. Choi, M. Okos, Effects of temperature and composition on the thermal properties of
 *   foods (1986), coefficients as in ASHRAE Handbook Refrigeration, chapter Thermal Properties of
 *   Foods; water's specific heat with ASHRAE's constant 4.1762, which agrees with IAPWS
 * @accuracy water within 0.4 % of IAPWS for specific heat from 20 to 140 °C
 */
import type { Composition } from './types';

type Component = keyof Composition;
type Quadratic = readonly [number, number, number];

const SPECIFIC_HEAT: Record<Component, Quadratic> = {
  water: [4.1762, -9.0864e-5, 5.4731e-6],
  protein: [2.0082, 1.2089e-3, -1.3129e-6],
  fat: [1.9842, 1.4733e-3, -4.8008e-6],
  carbohydrate: [1.5488, 1.9625e-3, -5.9399e-6],
  fibre: [1.8459, 1.8306e-3, -4.6509e-6],
  ash: [1.0926, 1.8896e-3, -3.6817e-6],
};
const DENSITY: Record<Component, Quadratic> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};
const CONDUCTIVITY: Record<Component, Quadratic> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};
const ICE = {
  heat: [2.0623, 6.0769e-3, 0],
  density: [916.89, -0.13071, 0],
  conductivity: [2.2196, -6.2489e-3, 1.0154e-4],
} as const satisfies Record<string, Quadratic>;
/** Where a food begins to freeze, °C, as most do (ASHRAE, table of food properties: −0.5 to −2.8). */
export const FREEZE_FROM_C = -1.5;
/** Water bound to each gram of protein never freezes (Schwartzberg, in ASHRAE), g. */
const BOUND_PER_PROTEIN = 0.4;
/** Latent heat of fusion of water, J/g. */
export const FUSION_HEAT = 333.6;

const at = ([a, b, c]: Quadratic, t: number): number => a + b * t + c * t * t;
const COMPONENTS = Object.keys(SPECIFIC_HEAT) as Component[];

function shares(composition: Composition): [Component, number][] {
  const total = COMPONENTS.reduce((sum, c) => sum + composition[c], 0);
  return COMPONENTS.map((c) => [c, composition[c] / total]);
}

/** Specific heat, J/(g K), unfrozen. */
export function specificHeat(composition: Composition, celsius: number): number {
  return shares(composition).reduce((sum, [c, x]) => sum + x * at(SPECIFIC_HEAT[c], celsius), 0);
}

/**
 * Share of the food's weight that is ice.
 *
 * @returns 0 where it has not begun to freeze
 * @source ASHRAE Handbook Refrigeration, Thermal Properties of Foods, eq. (4): (x_w − x_b)(1 − t_f/t)
 */
export function iceShare(composition: Composition, celsius: number): number {
  if (celsius >= FREEZE_FROM_C) return 0;
  const total = COMPONENTS.reduce((sum, c) => sum + composition[c], 0);
  const free = composition.water - BOUND_PER_PROTEIN * composition.protein;
  return Math.max(0, free / total) * (1 - FREEZE_FROM_C / celsius);
}

/** Specific heat, J/(g K), with what is ice at `celsius` as ice; latent heat is not in it. */
export function frozenHeat(composition: Composition, celsius: number): number {
  const ice = iceShare(composition, celsius);
  const dry = shares(composition).reduce(
    (sum, [c, x]) => sum + (c === 'water' ? x - ice : x) * at(SPECIFIC_HEAT[c], celsius),
    0,
  );
  return dry + ice * at(ICE.heat, celsius);
}

/** Density without pores, kg/m³, with its ice. */
export function frozenDensity(composition: Composition, celsius: number): number {
  const ice = iceShare(composition, celsius);
  const volume = shares(composition).reduce(
    (sum, [c, x]) => sum + (c === 'water' ? x - ice : x) / at(DENSITY[c], celsius),
    ice / at(ICE.density, celsius),
  );
  return 1 / volume;
}

/** Conductivity, W/(m K), with its ice: components side by side (parallel model). */
export function frozenConductivity(composition: Composition, celsius: number): number {
  const ice = iceShare(composition, celsius);
  const density = frozenDensity(composition, celsius);
  return shares(composition).reduce(
    (sum, [c, x]) =>
      sum +
      (((c === 'water' ? x - ice : x) * density) / at(DENSITY[c], celsius)) *
        at(CONDUCTIVITY[c], celsius),
    ((ice * density) / at(ICE.density, celsius)) * at(ICE.conductivity, celsius),
  );
}

/** Density without pores, kg/m³. */
export function solidDensity(composition: Composition, celsius: number): number {
  return 1 / shares(composition).reduce((sum, [c, x]) => sum + x / at(DENSITY[c], celsius), 0);
}

/** Conductivity, W/(m K), components side by side (parallel model). */
export function conductivity(composition: Composition, celsius: number): number {
  const density = solidDensity(composition, celsius);
  return shares(composition).reduce(
    (sum, [c, x]) => sum + ((x * density) / at(DENSITY[c], celsius)) * at(CONDUCTIVITY[c], celsius),
    0,
  );
}

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
/** Specific heat of ice, J/(g K), near −10 °C (ASHRAE; Choi and Okos). */
const ICE_HEAT = 2.0;
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

/** Specific heat, J/(g K), with its water frozen. */
export function frozenHeat(composition: Composition): number {
  return shares(composition).reduce(
    (sum, [c, x]) => sum + x * (c === 'water' ? ICE_HEAT : at(SPECIFIC_HEAT[c], -10)),
    0,
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

/** Thickening: starch, flour, or simmering it down. */

export type Thickener = 'cornstarch' | 'flour' | 'reduce';
export type Thickness = 'light' | 'medium' | 'thick';

/** g in a litre; medium flour is 2 tbsp in a cup, starch does the same with half (common practice). */
const G_PER_L: Readonly<Record<'cornstarch' | 'flour', Readonly<Record<Thickness, number>>>> = {
  cornstarch: { light: 17, medium: 34, thick: 50 },
  flour: { light: 34, medium: 66, thick: 99 },
};
/** Cold liquid to stir 1 g into: 2 tbsp of starch in a quarter of a cup (common practice). */
const SLURRY_ML_PER_G = 3.7;
/** What is left of a liquid once it is as thick (estimate). */
const LEFT: Readonly<Record<Thickness, number>> = { light: 0.75, medium: 0.6, thick: 0.45 };
/** Share of the heater's power that leaves as steam from an open, boiling liner (estimate). */
const BOIL_OFF = 0.6;
/** Latent heat of water at 100 °C, J/g (IAPWS-IF97). */
const LATENT_J_PER_G = 2256.5;
export const USUAL_WATTS = 1000;

export type Thickening =
  | { grams: number; slurryMl: number; because: string[] }
  | { minutes: number; leftMl: number; because: string[] };

/**
 * What it takes to thicken a liquid.
 *
 * @param ml of thin liquid, > 0, at the boil
 * @param watts of the heater, for reducing
 */
export function thicken(
  ml: number,
  how: Thickener,
  to: Thickness,
  watts: number = USUAL_WATTS,
): Thickening {
  if (how === 'reduce') {
    const leftMl = ml * LEFT[to];
    const perMinute = (watts * BOIL_OFF * 60) / LATENT_J_PER_G;
    return {
      minutes: (ml - leftMl) / perMinute,
      leftMl,
      because: [
        `${watts} W boil off about ${Math.round(perMinute)} ml a minute with the lid off (latent heat, IAPWS-IF97; six tenths of the power, estimate)`,
        `${to}: down to ${Math.round(LEFT[to] * 100)} % of what there was (estimate); stop when it coats a spoon`,
      ],
    };
  }
  const grams = (ml / 1000) * G_PER_L[how][to];
  return {
    grams,
    slurryMl: grams * SLURRY_ML_PER_G,
    because: [
      `${to}: ${G_PER_L[how][to]} g of ${how} in a litre (common practice)`,
      how === 'cornstarch'
        ? 'stirred into cold water or the pot’s own cooled liquid first, then 2–6 min at the boil, stirred, after the cycle'
        : 'stirred smooth in cold liquid, or into as much fat until it no longer glistens; then cooked for 2–6 min, stirred, after the cycle',
    ],
  };
}

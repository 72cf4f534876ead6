/** Physical and kitchen constants that several rooms share: each is written once, with its source. */

/** A fridge set as it should be, °C. @source FDA, Refrigerator Thermometers: at or below 40 °F (4.4 °C) */
export const FRIDGE_C = 4;
/** A freezer, °C. @source FDA, Refrigerator Thermometers: 0 °F (−18 °C) */
export const FREEZER_C = -18;
/** A kitchen and what stands in it, °C (common practice). */
export const ROOM_C = 20;
/** Cold water from the tap, °C (common practice). */
export const TAP_C = 15;
/** No cooker can be set to a longer time at pressure, min (common practice: eight hours at the most). */
export const LONGEST_PRESSURE_MIN = 480;
/** Grams of a pound, exact. @source NIST Special Publication 811 (2008), appendix B */
export const G_PER_LB = 453.59237;

/** An oven that keeps food hot and cooks it no further (common practice), °C; hot is 60 °C and more (USDA FSIS, “Danger Zone”). */
export const LOW_OVEN_C = 80;

/** A cooker and what is put into it, as far as heat and room are concerned. */

export type Level = 'low' | 'high' | 'max';

/** Gauge pressure of each level unless the cooker says otherwise, kPa (common practice). */
export const LEVEL_KPA: Readonly<Record<Level, number>> = { low: 45, high: 75, max: 103 };

export interface Heater {
  /** Nominal size of the liner to the brim, litres. */
  litres: number;
  /** Heater power on the label, W. */
  watts: number;
}

/** One food in the liner. */
export interface Portion {
  /** Food id; one the table does not know is estimated as a watery vegetable. */
  food: string;
  grams: number;
  celsius: number;
  frozen?: boolean;
  /** Smallest way through a piece, mm; default from the table. */
  pieceMm?: number;
}

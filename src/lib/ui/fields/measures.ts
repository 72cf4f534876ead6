/** How a household reads what is kept in mm, litres and metres. */

interface Reading {
  unit: string;
  /** So many of the kept unit are one. */
  size: number;
  /** Decimals that are shown, and that are kept of what is typed. */
  digits: number;
  kept: number;
}

export type Measure = 'length' | 'capacity' | 'altitude';

/** An inch is 25.4 mm and a foot 0.3048 m exactly; a US quart is 0.946353 l (NIST Handbook 44). */
export const MEASURES: Record<Measure, Record<'us' | 'metric', Reading>> = {
  length: {
    metric: { unit: 'mm', size: 1, digits: 0, kept: 0 },
    us: { unit: 'in', size: 25.4, digits: 2, kept: 0 },
  },
  capacity: {
    metric: { unit: 'l', size: 1, digits: 1, kept: 2 },
    us: { unit: 'qt', size: 0.946353, digits: 1, kept: 2 },
  },
  altitude: {
    metric: { unit: 'm', size: 1, digits: 0, kept: 0 },
    us: { unit: 'ft', size: 0.3048, digits: 0, kept: 0 },
  },
};

/** A cooker of which only the size is known yet: what cookers of that size usually are, to be corrected by its label. */
import type { Cooker } from './document';
import { usualPot } from './pot';

/** The sizes that shops have. Watts as their labels usually say (common practice). */
export const USUAL_SIZES = [
  { name: 'Small', quarts: 3, litres: 2.8, watts: 700 },
  { name: 'Middle', quarts: 6, litres: 5.7, watts: 1000 },
  { name: 'Large', quarts: 8, litres: 7.6, watts: 1200 },
  { name: 'Very large', quarts: 10, litres: 9.5, watts: 1400 },
] as const;

/**
 * @param litres nominal
 * @returns with the watts and the inner pot of the usual size that is nearest
 */
export function usualCooker({ id, name, litres }: Pick<Cooker, 'id' | 'name' | 'litres'>): Cooker {
  const nearest = [...USUAL_SIZES].sort(
    (a, b) => Math.abs(a.litres - litres) - Math.abs(b.litres - litres),
  )[0];
  return {
    ...{ id, name, litres, ...usualPot(litres) },
    watts: nearest?.watts ?? 1000,
    levels: ['low', 'high'],
    modes: ['saute'],
    staysWarm: false,
    spareLiners: 0,
    rings: 1,
    circuit: null,
    leastMl: null,
    words: {},
    heat: null,
  };
}

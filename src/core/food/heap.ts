/** Room that pieces take when they are heaped loosely, as on a rack, where steam must get round them. */
import type { Food } from './types';

/** Share of the room that the pieces take themselves; the rest is steam's. */
const LOOSE_PACKING = 0.555;
/** Food without the air between its pieces, g/ml. */
const SOLID_DENSITY = 1.05;

/**
 * @returns ml; what is lighter as it is measured, leaves for one, keeps its own room
 * @source random loose packing of spheres, 0.555 (G. Onoda, E. Liniger, Phys. Rev. Lett. 64, 1990)
 */
export function heapMl(grams: number, food: Food | null): number {
  const asMeasured = grams / (food?.density ?? SOLID_DENSITY);
  return Math.max(asMeasured, grams / SOLID_DENSITY / LOOSE_PACKING);
}

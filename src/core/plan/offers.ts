/** What a dish would take in each cooker, outside any meal. */
import type { ScaledDish } from '../dish';
import type { Kitchen } from '../kitchen';
import { askCooker, type CookerOffer } from './cycle-steps';
import { findStays } from './stays';

/** Asks every cooker about every stay of the dish that happens in one. */
export function offersFor(scaled: ScaledDish, kitchen: Kitchen): CookerOffer[][] {
  return findStays(scaled.dish)
    .filter((stay) => stay.place === 'cooker')
    .map((stay) =>
      kitchen.cookers.map((cooker) => askCooker(scaled, stay.stages, cooker, kitchen)),
    );
}

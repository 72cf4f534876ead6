/** Observations read again for the kitchen as it is now. */
import { figureOf, type Kitchen } from '../kitchen';
import type { Observation } from './types';

/**
 * What was seen of a cooker is watts that reached the pot: where its label was mistaken and has been corrected, the
 * same watts are another share of it. A cooker of another size, or one that was timed with water since, is another
 * cooker: what was seen of it before no longer counts.
 */
export function relabel(observations: readonly Observation[], kitchen: Kitchen): Observation[] {
  const cookers = new Map(kitchen.cookers.map((c) => [c.id, c]));
  return observations.flatMap((o) => {
    const of = figureOf(o.figure);
    if (of?.kind !== 'power' && of?.kind !== 'loss') return [o];
    const cooker = cookers.get(of.cooker);
    if (!cooker) return [o];
    if (o.litres !== undefined && o.litres !== cooker.litres) return [];
    if (cooker.heat && o.at < Date.parse(cooker.heat.on)) return [];
    if (of.kind === 'loss' || o.label === undefined) return [o];
    return [{ ...o, log: o.log + Math.log(o.label / cooker.watts) }];
  });
}

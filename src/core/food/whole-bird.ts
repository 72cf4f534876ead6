/** A bird's name alone: its meat in general, or the whole bird, which is told by its weight. */
import { plainName } from './reading';

/** Heavier pieces than these are no part of the bird, g (common practice). */
const WHOLE_G: Readonly<Record<string, number>> = { chicken: 900, duck: 1000, turkey: 3600 };
const BARE =
  /^(?:(?:an?|one|large|small|medium|big|free[- ]range|organic|corn[- ]fed|oven[- ]ready|fresh|raw|frozen) )*(chicken|duck|turkey)s?$/;

/**
 * The name with “whole” before it where one piece weighs as much as the whole bird.
 *
 * @param pieceG of one, g; null where nobody said
 * @example asWholeBird('duck', 2000) // 'whole duck'; a duck of 250 g is a piece of it
 */
export function asWholeBird(name: string, pieceG: number | null): string {
  const bird = BARE.exec(plainName(name))?.[1];
  const least = bird === undefined ? undefined : WHOLE_G[bird];
  return bird && least !== undefined && pieceG !== null && pieceG >= least ? `whole ${bird}` : name;
}

/** Whether a name is a bird's and nothing more: counted, it is so many whole ones. */
export const isBareBird = (name: string): boolean => BARE.test(plainName(name));

/** Why a pot doesn't take something, and what helps, in the household's units. */
import type { PotRefusal, PotThing, Refusal } from '../reason';
import { toFraction, UNITS } from '../units';
import type { Conventions } from './conventions';
import { exactMl, length } from './amounts';

const LARGER = 'use a larger cooker, fewer servings or two runs';

/** @returns what is wrong and the remedy, each to stand in a sentence */
export function sayPotRefusal(refusal: PotRefusal, by: Conventions): Refusal {
  switch (refusal.kind) {
    case 'too-full': {
      const { line, onRack } = refusal;
      // No cup or line is exact to the millilitre, and what is said adds up.
      const [fillMl, limitMl] = [toTens(refusal.fillMl), toTens(refusal.limitMl)];
      const rack = onRack ? ', with the rack and room for steam around the pieces,' : '';
      return {
        message: `${exactMl(fillMl, by)}${rack} in an inner pot that may hold ${exactMl(limitMl, by)}: over the ${line} line by ${exactMl(fillMl - limitMl, by)}`,
        remedy: LARGER,
      };
    }
    case 'too-little-liquid': {
      const { thinMl, leastMl, juicesMl } = refusal;
      const juices =
        juicesMl === null
          ? ''
          : ` (about ${exactMl(Math.round(juicesMl / 10) * 10, by)} of juices come out of the food as well)`;
      return {
        message: `${exactMl(thinMl, by)} of thin liquid, ${exactMl(leastMl, by)} are needed${juices}`,
        remedy: `add ${toFraction(quarterCups(leastMl - thinMl))} cup of water or broth`,
      };
    }
    case 'pan-too-wide':
    case 'piece-too-wide':
      return {
        message: `${sayThing(refusal.thing, by)}: in an inner pot of ${length(refusal.potMm, by)} it leaves no room for steam, ${length(Math.ceil(refusal.overMm), by)} too much`,
        remedy:
          refusal.kind === 'pan-too-wide'
            ? `use a pan of at most ${length(refusal.mostMm, by)}, handles included`
            : 'cut it in two, or use a wider cooker',
      };
    case 'pan-too-high':
    case 'piece-too-high':
      return {
        message: `${sayThing(refusal.thing, by)} is too tall for an inner pot of ${length(refusal.potMm, by)}: ${length(Math.ceil(refusal.overMm), by)} too much with the rack and room for steam`,
        remedy:
          refusal.kind === 'pan-too-high'
            ? 'use a lower rack or pan'
            : 'cut it in two, or use a deeper cooker or no rack',
      };
    case 'pan-too-full':
      return {
        message: `${exactMl(refusal.ml, by)} in a pan that takes ${exactMl(refusal.roomMl, by)}`,
        remedy: 'use a larger pan, fewer servings or two runs',
      };
  }
}

function sayThing(thing: PotThing, by: Conventions): string {
  switch (thing.kind) {
    case 'pan':
      return `a pan ${length(thing.diameterMm, by)} across and ${length(thing.heightMm, by)} high`;
    case 'piece':
      return `${thing.food}, about ${length(Math.round(thing.acrossMm), by)} across and ${length(Math.round(thing.heightMm), by)} high`;
    case 'rack':
      return 'a rack';
  }
}

const toTens = (ml: number): number => Math.round(ml / 10) * 10;

/** Up to the next quarter of a cup, a spoonful short of it being near enough. */
function quarterCups(amountMl: number): number {
  return Math.max(1, Math.ceil((4 * amountMl) / UNITS.cup.size - 0.1)) / 4;
}

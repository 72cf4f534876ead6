/** The advisor: how long to hold a piece for a doneness, and why. */
import { FREEZER_C, FRIDGE_C, ROOM_C, TAP_C } from '../facts';
import {
  comeUp,
  leastLiquid,
  LEVEL_KPA,
  thinVolume,
  wholeCycle,
  type CurvePoint,
  type Cut,
  type Portion,
} from '../cooker';
import { asDried, asWholeBird, kindOf, type Food } from '../food';
import { success, type Outcome } from '../reason';
import { insideTemperature } from '../steam';
import { centreThrough, type CentreHistory } from './centre';
import { holdCredit } from './credit';
import { demandsOf, rowFor, type Demands } from './demands';
import { altitudeRule } from './rates';
import {
  LONGEST_MIN,
  THICKER,
  type HoldAdvice,
  type HoldQuestion,
  type UnknownFood,
} from './types';
import { nothingAsked, reasons, unknownFood } from './reasons';
import { schoolsFor } from './schools';

/** Chilled food is a degree over its fridge by the time it is cut and in the pot (estimate). */
const START_C = { frozen: FREEZER_C, chilled: FRIDGE_C + 1, room: ROOM_C } as const;
/** Longer holds are for robust food: minutes on the way up do not matter. */
const FINICKY_MIN = 8;
const PRECISION_MIN = 0.25;
const PRECISION_DOSE = 0.05;
/** Above this a cook says five minutes more or less, and so does the figure. */
const TO_THE_MINUTE = 30;
const LONG_STEP_MIN = 5;
/**
 * Times are for a pot with this much in it: robust food takes the same however much there is (one
 * potato and eight, common practice), and finicky food gets a credit of its own for a longer way up.
 */
const USUAL_G = 500;
const SOLID_G_PER_ML = 1.05;

/**
 * Minutes of hold, as a range.
 *
 * @returns the advice; fails where the pot never comes to pressure
 * @accuracy common practice within its own spread, see tests/reference/hold.test.ts and `npm run holds`
 */
export function holdFor(asked: HoldQuestion): Outcome<HoldAdvice | UnknownFood> {
  const { grams, pieces } = asked;
  const pieceG = asked.cut.pieceG ?? (pieces === undefined ? null : grams / pieces);
  const question = {
    ...asked,
    food: asDried(asWholeBird(asked.food, pieceG), asked.treated),
  };
  const kind = kindOf(question.food);
  // A row of the table that the name only stands beside (“ground veal”) gives no more than its make-up.
  const food = rowFor(question.food, kind);
  const wanted = demandsOf(question, food);
  if (!kind || wanted === null) return success(unknownFood(question, kind));
  if (wanted.thermometerC === null && wanted.dose === null)
    return success(nothingAsked(question, kind));
  const first = history(question, 1, 0, wanted);
  if (!first.ok) return first;
  const here = shortestHold(question, 1, wanted);
  const thick = shortestHold(question, THICKER, wanted);
  const atSea =
    question.altitudeM > 0 ? shortestHold({ ...question, altitudeM: 0 }, 1, wanted) : here;
  const rule = atSea === null ? 0 : atSea * altitudeRule(question.altitudeM);
  const least = Math.max(wanted.leastMin, rule);
  const usual = here === null ? null : sayable(Math.max(here, least));
  const credit = usual === null ? 0 : creditFor(question, food, usual);
  const minutes: HoldAdvice['minutes'] =
    usual === null || thick === null
      ? null
      : [usual - credit, sayable(Math.max(thick, least)) - credit];
  const end = history(question, 1, minutes?.[0] ?? LONGEST_MIN, wanted, question.grams);
  return success({
    minutes,
    centreC: end.ok ? end.value.openC : null,
    thermometerC: wanted.thermometerC,
    safeMinutes: end.ok && wanted.thermometerC !== null ? end.value.safeMinutes : null,
    schools: schoolsFor({ ...question, thicknessMm: question.cut.thicknessMm }, atSea),
    because: [
      ...reasons(question, food, wanted, minutes, { usual: here, sea: atSea, rule }),
      ...(credit > 0
        ? [
            `the fuller pot cooks for ${credit} min of that on its longer time to pressure (common practice)`,
          ]
        : []),
    ],
  });
}

/**
 * The dose that a hold gives a piece: what its food would need, were that the right time. The other way round from
 * `holdFor`, for fitting doses to times that cooks use.
 *
 * @param minutes of hold
 * @returns minutes at the ordinary level, see `Softening`; null where the pot never comes to pressure
 */
export function doseGiven(question: HoldQuestion, minutes: number): number | null {
  let [low, high] = [0, LONGEST_MIN];
  const nothing: Demands = { thermometerC: null, reachC: null, dose: null, leastMin: 0 };
  while (high - low > PRECISION_DOSE) {
    const dose = (low + high) / 2;
    const found = history(question, 1, minutes, { ...nothing, dose });
    if (!found.ok) return null;
    if (found.value.softMinutes >= dose) low = dose;
    else high = dose;
  }
  return low;
}

/** Up to half an hour to the minute, above in steps of five; never under what is needed. */
function sayable(minutes: number): number {
  const step = minutes > TO_THE_MINUTE ? LONG_STEP_MIN : 1;
  return Math.ceil(minutes / step) * step;
}

/** Finicky food in a fuller pot: what the longer way up has cooked already, min. */
function creditFor(question: HoldQuestion, food: Food | null, holdMinutes: number): number {
  if (!(food?.finicky ?? true) || question.grams <= USUAL_G || holdMinutes > FINICKY_MIN) return 0;
  const { cooker, level, altitudeM } = question;
  const up = (grams: number): readonly CurvePoint[] => {
    const found = comeUp({ cooker, level, altitudeM, contents: contentsOf(question, grams) });
    return found.ok ? found.value.curve : [];
  };
  const workC = insideTemperature(LEVEL_KPA[level], altitudeM);
  return holdCredit(holdMinutes, up(USUAL_G), up(question.grams), workC);
}

/** The food with the water that the cooker needs under it. */
function contentsOf({ food, state, cooker, cut }: HoldQuestion, grams: number): Portion[] {
  const own: Portion = {
    food,
    grams,
    celsius: START_C[state],
    pieceMm: cut.thicknessMm,
    ...(state === 'frozen' ? { frozen: true } : {}),
  };
  const water = Math.max(0, leastLiquid(cooker.litres) - thinVolume([own]));
  return [{ food: 'water', grams: Math.max(water, 1), celsius: TAP_C }, own];
}

/** The piece as it is said to be, or somewhat thicker and heavier. */
function cutOf({ cut, grams, pieces }: HoldQuestion, thicker: number): Cut {
  const thicknessMm = cut.thicknessMm * thicker;
  const pieceG = cut.pieceG ?? (pieces === undefined ? undefined : grams / pieces);
  return {
    shape: cut.shape,
    thicknessMm,
    ...(pieceG === undefined ? {} : { pieceG: pieceG * thicker }),
  };
}

/** A usual load, but never less than one piece as thick as this one. */
function usualGrams({ grams }: HoldQuestion, { thicknessMm, pieceG }: Cut): number {
  const onePiece = pieceG ?? ((Math.PI / 6) * thicknessMm ** 3 * SOLID_G_PER_ML) / 1000;
  return Math.min(grams, Math.max(USUAL_G, onePiece));
}

function history(
  question: HoldQuestion,
  thicker: number,
  holdMinutes: number,
  wanted: Demands,
  grams?: number,
): Outcome<CentreHistory> {
  const { food, state, cooker, level, altitudeM, release } = question;
  const cut = cutOf(question, thicker);
  const contents = contentsOf({ ...question, cut }, grams ?? usualGrams(question, cut));
  const cycle = wholeCycle({ cooker, level, altitudeM, contents }, holdMinutes, release);
  if (!cycle.ok) return cycle;
  const dose = wanted.dose ?? undefined;
  return success(centreThrough(cycle.value, food, cut, START_C[state], dose));
}

/** The shortest hold that reaches everything, min; null where four hours do not. */
function shortestHold(question: HoldQuestion, thicker: number, wanted: Demands): number | null {
  const isDone = (minutes: number): boolean => {
    const found = history(question, thicker, minutes, wanted);
    if (!found.ok) return false;
    const { openC, softC, softMinutes } = found.value;
    return (
      openC >= (wanted.thermometerC ?? -Infinity) &&
      softC >= (wanted.reachC ?? -Infinity) &&
      softMinutes >= (wanted.dose ?? 0)
    );
  };
  if (isDone(0)) return 0;
  let low = 0;
  let high = 8;
  while (!isDone(high)) {
    if (high >= LONGEST_MIN) return null;
    low = high;
    high = Math.min(LONGEST_MIN, high * 2);
  }
  while (high - low > PRECISION_MIN) {
    const middle = (low + high) / 2;
    if (isDone(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** The advisor: how long to hold a piece for a doneness, and why. */
import { FREEZER_C, FRIDGE_C, ROOM_C, TAP_C } from '../facts';
import {
  comeUp,
  leastLiquid,
  LEVEL_KPA,
  thinVolume,
  wholeCycle,
  type CurvePoint,
  type Heater,
  type Level,
  type Portion,
  type ReleaseKind,
} from '../cooker';
import {
  ASK_GROUPS,
  estimateFood,
  findFood,
  foodById,
  kindOf,
  type DonenessTarget,
  type Food,
  type FoodKind,
} from '../food';
import { success, type Outcome } from '../reason';
import { centreTarget } from '../safety';
import { insideTemperature } from '../steam';
import { centreThrough, type CentreHistory, type Cut } from './centre';
import { holdCredit } from './credit';
import { altitudeRule } from './rates';
import { schoolsFor, type School } from './schools';

export interface HoldQuestion {
  food: string;
  cut: Cut;
  /** Of all pieces together. */
  grams: number;
  state: 'frozen' | 'chilled' | 'room';
  target: 'safe' | DonenessTarget;
  level: Level;
  altitudeM: number;
  cooker: Heater;
  release: ReleaseKind;
}

/** Nobody knows what it is: no minutes, no temperature, but the groups to choose from. */
export interface UnknownFood {
  unknown: true;
  ask: readonly string[];
  because: string[];
}

export interface HoldAdvice {
  /** Whole minutes, from and to; null where no hold gets there. */
  minutes: [number, number] | null;
  /** °C in the middle when the lid opens after the shorter of them; null where nothing was held. */
  centreC: number | null;
  /** What a thermometer in the thickest part must show, °C; null where none is asked for. */
  thermometerC: number | null;
  /** What the middle has had in heat, as minutes at 70 °C; null where the food asks for no safe centre. */
  safeMinutes: number | null;
  schools: School[];
  because: string[];
}

/** Chilled food is a degree over its fridge by the time it is cut and in the pot (estimate). */
const START_C = { frozen: FREEZER_C, chilled: FRIDGE_C + 1, room: ROOM_C } as const;
const LONGEST_MIN = 240;
/** Longer holds are for robust food: minutes on the way up do not matter. */
const FINICKY_MIN = 8;
/** Pieces of one purchase differ by so much; the longer time is for the thicker ones. */
const THICKER = 1.1;
const PRECISION_MIN = 0.25;
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
 * @accuracy common practice within its own spread, see tests/reference/hold.test.ts
 */
export function holdFor(question: HoldQuestion): Outcome<HoldAdvice | UnknownFood> {
  const kind = kindOf(question.food);
  // A row of the table that the name only stands beside (“ground veal”) gives no more than its make-up.
  const food = rowFor(question.food, kind);
  const wanted = demandsOf(question, food, kind);
  if (!kind || wanted === null) return success(unknownFood(question, kind));
  if (wanted.thermometerC === null && wanted.dose === null)
    return success(nothingAsked(question, kind));
  const first = history(question, question.cut.thicknessMm, 0);
  if (!first.ok) return first;
  const usual = shortestHold(question, question.cut.thicknessMm, wanted);
  const thick = shortestHold(question, question.cut.thicknessMm * THICKER, wanted);
  const atSea =
    question.altitudeM > 0
      ? shortestHold({ ...question, altitudeM: 0 }, question.cut.thicknessMm, wanted)
      : usual;
  const rule = atSea === null ? 0 : atSea * altitudeRule(question.altitudeM);
  let minutes: HoldAdvice['minutes'] =
    usual === null || thick === null
      ? null
      : [Math.ceil(Math.max(usual, rule)), Math.ceil(Math.max(thick, rule))];
  const credit = minutes === null ? 0 : creditFor(question, food, minutes[0]);
  if (minutes) minutes = [minutes[0] - credit, minutes[1] - credit];
  const end = history(
    question,
    question.cut.thicknessMm,
    minutes?.[0] ?? LONGEST_MIN,
    question.grams,
  );
  return success({
    minutes,
    centreC: end.ok ? end.value.openC : null,
    thermometerC: wanted.thermometerC,
    safeMinutes: end.ok && wanted.thermometerC !== null ? end.value.safeMinutes : null,
    schools: schoolsFor({ ...question, thicknessMm: question.cut.thicknessMm }, atSea),
    because: [
      ...reasons(question, food, wanted, minutes, { usual, rule }),
      ...(credit > 0
        ? [
            `the fuller pot cooks for ${credit} min of that on its longer time to pressure (common practice)`,
          ]
        : []),
    ],
  });
}

interface Demands {
  /** °C in the middle when the lid opens. */
  thermometerC: number | null;
  /** Minutes at the ordinary level for most of the piece; null where only safety is asked for. */
  dose: number | null;
}

/** The row of the table that a hold goes by: its own, or that of the usual food of its kind. */
function rowFor(name: string, kind: FoodKind | null): Food | null {
  if (kind?.like) return foodById(kind.like);
  return kind?.by === 'table' ? findFood(name) : null;
}

/**
 * What has to be reached: heat for safety, and heat for softness.
 *
 * @returns null where the food’s softness is asked for and not known
 */
function demandsOf(
  { target }: HoldQuestion,
  food: Food | null,
  kind: FoodKind | null,
): Demands | null {
  const thermometerC = centreTarget(kind)?.celsius ?? null;
  if (target === 'safe') return { thermometerC, dose: null };
  if (!food) return null;
  return { thermometerC, dose: food.doses[target] ?? closestDose(food) };
}

/** A target that a food has no number for: the most that it has for any. */
function closestDose(food: Food): number {
  return Math.max(0, ...Object.values(food.doses));
}

function unknownFood({ food, target }: HoldQuestion, kind: FoodKind | null): UnknownFood {
  return {
    unknown: true,
    ask: ASK_GROUPS,
    because: [
      kind
        ? `how soon “${food}” is ${target} is not known: choose the group that it is most like`
        : `what “${food}” is, is not known: choose its group, for without it nothing says when it is safe`,
    ],
  };
}

/** Plants and what is ready to eat have no safe temperature: there is nothing to hold for. */
function nothingAsked({ food }: HoldQuestion, kind: FoodKind): HoldAdvice {
  return {
    minutes: null,
    centreC: null,
    thermometerC: null,
    safeMinutes: null,
    schools: [],
    because: [
      `no thermometer is asked for with “${food}” (${kind.class}): ask for crisp or soft instead`,
      ...(/kidney/i.test(food)
        ? [
            'raw kidney beans must boil for 10 min at least (FDA, Bad Bug Book, phytohaemagglutinin)',
          ]
        : []),
    ],
  };
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

/** A usual load, but never less than one piece as thick as this one. */
function usualGrams({ grams, cut }: HoldQuestion): number {
  const onePiece = ((Math.PI / 6) * cut.thicknessMm ** 3 * SOLID_G_PER_ML) / 1000;
  return Math.min(grams, Math.max(USUAL_G, onePiece));
}

function history(
  question: HoldQuestion,
  thicknessMm: number,
  holdMinutes: number,
  grams = usualGrams(question),
): Outcome<CentreHistory> {
  const { food, state, cooker, level, altitudeM, release } = question;
  const cut = { ...question.cut, thicknessMm };
  const contents = contentsOf({ ...question, cut }, grams);
  const cycle = wholeCycle({ cooker, level, altitudeM, contents }, holdMinutes, release);
  if (!cycle.ok) return cycle;
  return success(centreThrough(cycle.value, food, cut, START_C[state]));
}

/** The shortest hold that reaches everything, min; null where four hours do not. */
function shortestHold(question: HoldQuestion, thicknessMm: number, wanted: Demands): number | null {
  const isDone = (minutes: number): boolean => {
    const { ok, ...rest } = history(question, thicknessMm, minutes);
    if (!ok || !('value' in rest)) return false;
    const isSafe = wanted.thermometerC === null || rest.value.openC >= wanted.thermometerC;
    return isSafe && rest.value.softMinutes >= (wanted.dose ?? 0);
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

function reasons(
  question: HoldQuestion,
  food: Food | null,
  { thermometerC, dose }: Demands,
  minutes: HoldAdvice['minutes'],
  altitude: { usual: number | null; rule: number },
): string[] {
  const { cut, state, target, altitudeM } = question;
  const isOwn = findFood(question.food)?.id === food?.id;
  const name = isOwn ? (food?.names[0] ?? question.food) : question.food;
  return [
    `${name}, ${Math.round(cut.thicknessMm)} mm through, ${state}: time follows thickness, not quantity (conduction, ${cut.shape})`,
    ...(!isOwn || food === null
      ? [
          `“${question.food}” is not in the table: it heats like ${estimateFood(question.food).as} (estimate)`,
        ]
      : []),
    ...(dose !== null && dose > 0
      ? [
          `${target}: most of the piece has had as much as ${dose} min at the ordinary level (common practice; ten times as fast for every 21 K)`,
        ]
      : []),
    ...(thermometerC !== null
      ? [
          `the middle reaches ${thermometerC.toFixed(1)} °C before the lid opens (USDA FSIS); a thermometer in the thickest part decides`,
        ]
      : []),
    ...(state === 'frozen'
      ? ['frozen: it has to thaw first; about half as long again is usual (common practice)']
      : []),
    ...(altitudeM > 0 && altitude.usual !== null
      ? [
          `at ${altitudeM} m: ${altitude.usual.toFixed(0)} min by the lower temperature, ${altitude.rule.toFixed(0)} min by the extension rule; the longer counts`,
        ]
      : []),
    ...(minutes === null
      ? [`no time: not reached within ${LONGEST_MIN / 60} h; cut it thinner or thaw it first`]
      : []),
    `the longer time is for pieces ${Math.round((THICKER - 1) * 100)} % thicker than the rest`,
  ];
}

/** What an answer about a hold says for itself. */
import { formOf } from '../cooker';
import { ASK_GROUPS, estimateFood, findFood, type Food, type FoodKind } from '../food';
import { isSoaked, type Demands } from './demands';
import {
  LONGEST_MIN,
  THICKER,
  type HoldAdvice,
  type HoldQuestion,
  type UnknownFood,
} from './types';

/** The answer for a food whose kind or softness nobody knows. */
export function unknownFood({ food, target }: HoldQuestion, kind: FoodKind | null): UnknownFood {
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
export function nothingAsked({ food }: HoldQuestion, kind: FoodKind): HoldAdvice {
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

/** Less than this is no difference that a cook would set, min. */
const ALTITUDE_MIN = 0.5;

/** Why it takes so long: form, doneness, safety, state and altitude, each with its rule. */
export function reasons(
  question: HoldQuestion,
  food: Food | null,
  { thermometerC, reachC, dose, leastMin }: Demands,
  minutes: HoldAdvice['minutes'],
  altitude: { usual: number | null; sea: number | null; rule: number },
): string[] {
  const { cut, state, target, altitudeM } = question;
  const isOwn = findFood(question.food)?.id === food?.id;
  const name = isOwn ? (food?.names[0] ?? question.food) : question.food;
  return [
    `${name}, ${Math.round(cut.thicknessMm)} mm through, ${state}: time follows thickness, not quantity (conduction)`,
    ...(formOf(question.food, cut).thicknessMm < cut.thicknessMm
      ? [
          `heat goes through ${Math.round(formOf(question.food, cut).thicknessMm)} mm of that: the rest is hollow, or steam gets in between`,
        ]
      : []),
    ...(!isOwn || food === null
      ? [
          `“${question.food}” is not in the table: it heats like ${estimateFood(question.food).as} (estimate)`,
        ]
      : []),
    ...(dose !== null && dose > 0
      ? [
          `${target}: three fifths of the piece have turned soft, which takes ${Number(dose.toFixed(1))} min at the ordinary level (common practice; ten times as fast for every 21 K)`,
        ]
      : []),
    ...(thermometerC !== null
      ? [
          `the middle reaches ${thermometerC.toFixed(1)} °C before the lid opens (USDA FSIS); a thermometer in the thickest part decides`,
        ]
      : []),
    ...(reachC !== null
      ? [`${target}: the middle is at ${reachC} °C by then (common practice)`]
      : []),
    ...(isSoaked(question.food, question.treated)
      ? [
          'soaked: the water is in it already, so it takes about half of the dry time or less (common practice)',
        ]
      : []),
    ...(minutes !== null && leastMin > 0 && minutes[0] <= leastMin
      ? [`not under ${leastMin} min, though the heat alone would need less (common practice)`]
      : []),
    ...(state === 'frozen'
      ? ['frozen: it has to thaw first; about half as long again is usual (common practice)']
      : []),
    ...(altitude.usual !== null &&
    altitude.sea !== null &&
    altitude.usual > altitude.sea + ALTITUDE_MIN
      ? [
          `at ${altitudeM} m: ${altitude.usual.toFixed(0)} min by the lower temperature, ${altitude.rule.toFixed(0)} min by the extension rule; the longer counts`,
        ]
      : []),
    ...(minutes === null
      ? [`no time: not reached within ${LONGEST_MIN / 60} h; cut it thinner or thaw it first`]
      : []),
    ...(minutes && minutes[1] > minutes[0]
      ? [`the longer time is for pieces ${Math.round((THICKER - 1) * 100)} % thicker than the rest`]
      : []),
  ];
}

/** The single questions: input checked, answered by the room that knows, with its reasons. */
import { LONGEST_PRESSURE_MIN } from '../facts';
import { z } from 'zod';
import { comeUp, fit, LIQUID_SCHOOLS, naturalRelease } from '../cooker';
import { softeningRate } from '../doneness';
import { parseLine } from '../recipe';
import { rememberedGroup, type Kitchen } from '../kitchen';
import { failure, says, success, type Outcome } from '../reason';
import {
  airPressure,
  boilingPoint,
  insideTemperature,
  saturationPressure,
  saturationTemperature,
} from '../steam';
import { convertQuestion } from './convert-question';
import { conduct, hold } from './doneness-questions';
import { safe, yieldQuestion } from './food-questions';
import { altitude, contents, estimatedFoods, heater, level, liner } from './inputs';
import { thickenQuestion, water } from './liquid-questions';
import { cool, freeze, keep, thaw } from './store-questions';
import { question, type Question, type Reasoned } from './question';
import { fault, sayPotRefusal } from '../words';

const saturation = question(
  'steam pressure for a temperature, or the other way round',
  z
    .object({ celsius: z.number().optional(), kPa: z.number().optional() })
    .refine(
      (v) => (v.celsius === undefined) !== (v.kPa === undefined),
      says('give either celsius or kPa', 'exactly one of them'),
    ),
  ({ celsius, kPa }) => {
    const because = ['IAPWS R7-97(2012), region 4'];
    if (celsius !== undefined) {
      const pressure = saturationPressure(celsius);
      return pressure.ok ? success({ kPa: pressure.value, because }) : pressure;
    }
    const temperature = saturationTemperature(kPa ?? Number.NaN);
    return temperature.ok ? success({ celsius: temperature.value, because }) : temperature;
  },
);

const boiling = question(
  'where water boils at an altitude',
  z.object({ altitudeM: altitude }),
  ({ altitudeM }) =>
    success({
      celsius: boilingPoint(altitudeM),
      kPa: airPressure(altitudeM),
      because: [
        'air pressure: U.S. Standard Atmosphere 1976',
        'boiling point: IAPWS R7-97(2012), region 4',
      ],
    }),
);

const inside = question(
  'how hot it is inside at a pressure and an altitude',
  z.object({
    gaugeKPa: z
      .number(says('the pressure is a number', 'give kPa over the air outside'))
      .min(0, says('a gauge pressure is at least 0', 'give kPa over the air outside'))
      .max(250, says('household cookers stay under 250 kPa', 'give kPa over the air outside')),
    altitudeM: altitude,
  }),
  ({ gaugeKPa, altitudeM }) => {
    const celsius = insideTemperature(gaugeKPa, altitudeM);
    return success({
      celsius,
      absoluteKPa: airPressure(altitudeM) + gaugeKPa,
      ratio: 1 / softeningRate(celsius),
      because: [
        'gauge pressure on top of the air’s, pure steam: IAPWS R7-97(2012), U.S. Standard Atmosphere 1976',
        'ratio of pressure time: 20 min at the ordinary level ≈ 12 at the highest (common practice), so ten times as fast for every 21 K',
      ],
    });
  },
);

const cycle = z.object({
  cooker: heater,
  level,
  altitudeM: altitude,
  contents,
  hotStart: z.boolean().optional(),
});

const comeUpQuestion = question('how long it takes to come to pressure', cycle, (input) => {
  const up = comeUp({ ...input, hotStart: input.hotStart ?? false });
  if (!up.ok) return up;
  const { minutes, p90, pinMinutes, because } = up.value;
  return success({
    minutes,
    p90,
    pinMinutes,
    because: [...because, ...estimatedFoods(input.contents)],
  });
});

const release = question(
  'how long a natural release takes',
  cycle.extend({
    afterMinutes: z
      .number(says('the pressure time is a number', 'give minutes'))
      .min(0, says('a pressure time is at least 0 min', 'give minutes'))
      .max(LONGEST_PRESSURE_MIN, says('a pressure time is at most 480 min', 'give minutes'))
      .default(0),
  }),
  ({ afterMinutes, ...input }) => {
    const down = naturalRelease({ ...input, hotStart: input.hotStart ?? false }, afterMinutes);
    if (!down.ok) return down;
    return success({
      ...down.value,
      because: [...down.value.because, ...estimatedFoods(input.contents)],
    });
  },
);

const fitQuestion = question(
  'whether it goes in: lines, least liquid, rack and pan',
  z.object({
    cooker: liner,
    contents,
    rack: z
      .object({
        heightMm: z
          .number(says('the rack’s height is a number', 'give mm'))
          .positive(says('a rack is higher than 0', 'give mm'))
          .max(400, says('no rack is over 400 mm', 'give mm')),
      })
      .optional(),
    pan: z
      .object({
        diameterMm: z
          .number(says('the pan’s width is a number', 'give mm across'))
          .positive(says('a pan is wider than 0', 'give mm'))
          .max(500, says('no pan is over 500 mm', 'give mm')),
        heightMm: z
          .number(says('the pan’s height is a number', 'give mm'))
          .positive(says('a pan is higher than 0', 'give mm'))
          .max(500, says('no pan is over 500 mm', 'give mm')),
        handlesMm: z
          .number()
          .min(0, says('handles stand out by 0 mm or more', 'give mm'))
          .max(200, says('no handles stand out by 200 mm', 'give mm'))
          .optional(),
      })
      .optional(),
    school: z
      .enum(
        LIQUID_SCHOOLS,
        says('the rule of thumb is by-size, one-cup or with-juices', 'give one of them'),
      )
      .optional(),
  }),
  (input) => {
    const { because, problems, ...rest } = fit(input);
    return success({
      ...rest,
      // What is wrong as data, and in words of the metric kitchen.
      problems: problems.map((problem) => {
        const { message, remedy } = sayPotRefusal(problem, { system: 'metric' });
        return { ...problem, what: message, remedy };
      }),
      because: [...because, ...estimatedFoods(input.contents)],
    });
  },
);

const line = question(
  'one ingredient line, taken apart',
  z.object({
    text: z
      .string('give the line as text')
      .trim()
      .min(1, says('the line is empty', 'give its text'))
      .max(1000, says('a line has at most 1000 characters', 'give one line only')),
  }),
  ({ text }) => {
    const { amount, amountTo, unit, packSize, because, ...rest } = parseLine(text);
    return success({
      ...(amount === null ? {} : { amount: amountTo === null ? amount : [amount, amountTo] }),
      ...(unit === null ? {} : { unit }),
      ...(packSize ? { packSize } : {}),
      ...rest,
      because,
    });
  },
);

const ALL = {
  saturation,
  boiling,
  inside,
  conduct,
  'come-up': comeUpQuestion,
  release,
  hold,
  safe,
  fit: fitQuestion,
  convert: convertQuestion,
  yield: yieldQuestion,
  line,
  water,
  thicken: thickenQuestion,
  cool,
  freeze,
  thaw,
  keep,
};

type AnswerIn<Q> = Q extends Question<infer A> ? A : never;
/** What each question answers, by its name. */
export type Answers = { [N in keyof typeof ALL]: AnswerIn<(typeof ALL)[N]> };
export type QuestionName = keyof Answers;
/** The same where the food is known. */
export type KnownAnswer<N extends QuestionName> = Exclude<Answers[N], { unknown: true }>;

export const QUESTIONS: { readonly [N in QuestionName]: Question<Answers[N]> } = ALL;

const isQuestion = (name: string): name is QuestionName => Object.hasOwn(QUESTIONS, name);

/** Asks one question by name. */
export function ask(name: string, input: unknown): Outcome<Reasoned & Record<string, unknown>> {
  if (isQuestion(name)) return QUESTIONS[name].answer(input);
  return failure(fault('question', 'question-unknown', { name, known: Object.keys(QUESTIONS) }));
}

/** Whether an answer is one: of an unknown food there is none. */
export function isKnown<A extends Reasoned>(answer: A): answer is Exclude<A, { unknown: true }> {
  return !('unknown' in answer);
}

/**
 * Asks a question for a household that has said what some unknown foods are.
 *
 * @param kitchen whose foods the names are looked up in
 */
export function askKnown<N extends QuestionName>(
  name: N,
  input: Readonly<Record<string, unknown>>,
  kitchen: Pick<Kitchen, 'foods'>,
): Outcome<Answers[N]> {
  const answer = QUESTIONS[name].answer(input);
  if (!answer.ok || isKnown(answer.value)) return answer;
  const { food } = input;
  const group = typeof food === 'string' ? rememberedGroup(kitchen, food) : null;
  if (group === null) return answer;
  const again = QUESTIONS[name].answer({ ...input, food: group });
  if (!again.ok) return again;
  const because = [`“${String(food)}” is ${group}, as this household said`, ...again.value.because];
  return success({ ...again.value, because });
}

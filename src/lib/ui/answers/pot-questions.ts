/** Questions about a pot and what is in it: fit, way up, release. */
import { comeUp, defaultParameters, wholeCycle } from '$core/cooker';
import type { Kitchen } from '$core/kitchen';
import { formatTemperature } from '$core/units';
import type { Curve } from '$lib/ui/chart/types';
import { levelUse, vesselUse } from './into-dish';
import { pageQuestion, type AnswerField, type PageQuestion, type Values } from './types';
import {
  amount,
  cookerField,
  cookerOf,
  heaterOf,
  LEVEL_FIELD,
  number,
  SOLIDS,
  volume,
} from './values';
import { sayPotRefusal } from '$core/words';

const WATER_FIELDS: readonly AnswerField[] = [
  { kind: 'amount', key: 'water', label: 'Thin liquid', base: 'ml' },
  { kind: 'number', key: 'waterC', label: 'Liquid as warm as', unit: '°C' },
];
const FOOD_FIELDS: readonly AnswerField[] = [
  { kind: 'food', key: 'food', label: 'Food', suggestions: SOLIDS },
  { kind: 'amount', key: 'grams', label: 'How much', base: 'g' },
  { kind: 'number', key: 'mm', label: 'Pieces as thick as', unit: 'mm' },
];
const STATE_FIELD: AnswerField = {
  kind: 'choice',
  key: 'state',
  label: 'The food is',
  options: [
    ['room', 'as warm as the room'],
    ['chilled', 'from the fridge'],
    ['frozen', 'frozen'],
  ],
};
const START_C: Readonly<Record<string, number>> = { room: 18, chilled: 6, frozen: -18 };

function contentsOf(values: Values): unknown[] {
  const state = values.state ?? 'room';
  return [
    {
      food: 'water',
      grams: amount(values, 'water', 'ml'),
      celsius: values.waterC === undefined ? 15 : number(values, 'waterC'),
    },
    ...((values.food ?? '').trim() === ''
      ? []
      : [
          {
            food: values.food,
            grams: amount(values, 'grams', 'g'),
            celsius: START_C[state],
            ...(state === 'frozen' ? { frozen: true } : {}),
            ...(values.mm ? { pieceMm: number(values, 'mm') } : {}),
          },
        ]),
  ];
}

function cycleInput(values: Values, kitchen: Kitchen): Record<string, unknown> {
  return {
    cooker: heaterOf(values, kitchen),
    level: values.level,
    altitudeM: kitchen.altitudeM,
    contents: contentsOf(values),
    hotStart: values.hot === 'yes',
  };
}

/** The core's input again, once it has been accepted. */
function acceptedCycle(values: Values, kitchen: Kitchen): Parameters<typeof comeUp> {
  const input = cycleInput(values, kitchen) as unknown as Parameters<typeof comeUp>[0];
  const cooker = cookerOf(values, kitchen);
  return [input, { ...defaultParameters(input.cooker), ...cooker?.heat }];
}

const BASE: Values = {
  water: '700',
  waterC: '15',
  food: 'carrot',
  grams: '600',
  mm: '20',
  state: 'room',
  level: 'high',
  hot: 'no',
};

const HOT_FIELD: AnswerField = {
  kind: 'choice',
  key: 'hot',
  label: 'Inner pot',
  options: [
    ['no', 'cold'],
    ['yes', 'hot from browning'],
  ],
};

/** Whether so much of a food fits a pot. */
export function fitQuestion(kitchen: Kitchen): PageQuestion {
  return pageQuestion({
    id: 'fit',
    title: 'Will it fit?',
    about: 'Volume against the lines, liquid against the least, pans and whole pieces by size.',
    fields: [
      cookerField(kitchen),
      { kind: 'amount', key: 'water', label: 'Thin liquid', base: 'ml' },
      ...FOOD_FIELDS,
      { kind: 'number', key: 'rack', label: 'Rack, high', unit: 'mm', answersTo: 'rack.heightMm' },
      {
        kind: 'number',
        key: 'panD',
        label: 'Pan, across',
        unit: 'mm',
        answersTo: 'pan.diameterMm',
      },
      { kind: 'number', key: 'panH', label: 'Pan, high', unit: 'mm', answersTo: 'pan.heightMm' },
    ],
    start: () => ({ ...BASE, food: 'potato', grams: '1500', mm: '40' }),
    name: 'fit',
    input: (values, k) => ({
      cooker: cookerOf(values, k) ?? { litres: 5.7 },
      contents: contentsOf(values),
      school: k.school,
      ...(values.rack ? { rack: { heightMm: number(values, 'rack') } } : {}),
      ...(values.panD || values.panH
        ? { pan: { diameterMm: number(values, 'panD'), heightMm: number(values, 'panH') } }
        : {}),
    }),
    uses: (_answer, values) => vesselUse(values),
    say: (answer, _values, k) => {
      const { fits, fillMl, limitMl, thinMl, leastMl, margins, problems, unsure } = answer;
      const wrong = problems.map((problem) => sayPotRefusal(problem, k));
      const is = (kind: (typeof problems)[number]['kind']): boolean => problems[0]?.kind === kind;
      return {
        headline: fits
          ? unsure.length > 0
            ? 'It fits if it neither swells nor foams'
            : `It fits, with ${volume(margins.fillMl, k)} to spare`
          : (wrong[0]?.message ?? 'It does not fit'),
        isBad: !fits || unsure.length > 0,
        facts: [
          ...wrong.map((w) => ({ label: 'What to do', value: w.remedy })),
          ...(unsure.length > 0
            ? [{ label: 'Not known', value: `whether ${unsure.join(', ')} swells or foams` }]
            : []),
          // What the headline says already is not said in other digits.
          ...(is('too-full')
            ? []
            : [{ label: 'Fills', value: `${volume(fillMl, k)} of ${volume(limitMl, k)}` }]),
          ...(is('too-little-liquid')
            ? []
            : [
                {
                  label: 'Thin liquid',
                  value: `${volume(thinMl, k)}, least ${volume(leastMl, k)}`,
                },
              ]),
          ...(margins.acrossMm === undefined
            ? []
            : [{ label: 'Room across', value: `${Math.round(margins.acrossMm)} mm` }]),
          ...(margins.aboveMm === undefined
            ? []
            : [{ label: 'Room above', value: `${Math.round(margins.aboveMm)} mm` }]),
        ],
      };
    },
  });
}

/** How long a filled pot takes to come to pressure. */
export function comeUpQuestion(kitchen: Kitchen): PageQuestion {
  return pageQuestion({
    id: 'come-up',
    title: 'How long to pressure?',
    about: 'From lid on until the timer starts; the pin rises a little earlier.',
    fields: [
      cookerField(kitchen),
      LEVEL_FIELD,
      ...WATER_FIELDS,
      ...FOOD_FIELDS,
      STATE_FIELD,
      HOT_FIELD,
    ],
    start: () => BASE,
    name: 'come-up',
    input: (values, k) => cycleInput(values, k),
    say: (answer) => {
      const { minutes, p90, pinMinutes } = answer;
      return {
        headline: `About ${Math.round(minutes)} min`,
        facts: [
          { label: 'The pin rises after', value: `${Math.round(pinMinutes)} min` },
          { label: 'In nine of ten by', value: `${Math.ceil(p90)} min` },
        ],
      };
    },
    uses: (_answer, values) => levelUse(values),
    curve: (values, _answer, k) => {
      const up = comeUp(...acceptedCycle(values, k));
      if (!up.ok) return null;
      return pressureCurve('Coming to pressure', up.value.curve);
    },
  });
}

/** How long a natural release takes. */
export function releaseQuestion(kitchen: Kitchen): PageQuestion {
  return pageQuestion({
    id: 'release',
    title: 'How long does a natural release take?',
    about: 'From the beep until the pin drops by itself.',
    fields: [
      cookerField(kitchen),
      LEVEL_FIELD,
      { kind: 'number', key: 'hold', label: 'Held for', unit: 'min', answersTo: 'afterMinutes' },
      ...WATER_FIELDS,
      ...FOOD_FIELDS,
      STATE_FIELD,
    ],
    start: () => ({ ...BASE, food: 'lamb shoulder', mm: '50', grams: '1000', hold: '30' }),
    name: 'release',
    input: (values, k) => ({ ...cycleInput(values, k), afterMinutes: number(values, 'hold') }),
    say: (answer) => {
      const { minutes, p90 } = answer;
      return {
        headline: `About ${Math.round(minutes)} min`,
        facts: [{ label: 'In nine of ten by', value: `${Math.ceil(p90)} min` }],
      };
    },
    uses: (_answer, values) => levelUse(values),
    curve: (values, _answer, k) => {
      const [input, parameters] = acceptedCycle(values, k);
      const cycle = wholeCycle(input, number(values, 'hold'), 'natural', parameters);
      if (!cycle.ok) return null;
      return pressureCurve('The whole cycle', cycle.value.curve);
    },
  });
}

const MOST_POINTS = 240;

function pressureCurve(
  title: string,
  points: readonly { seconds: number; celsius: number; gaugeKPa: number }[],
): Curve {
  const every = Math.max(1, Math.ceil(points.length / MOST_POINTS));
  const thinned = points.filter((_, i) => i % every === 0 || i === points.length - 1);
  const x = thinned.map((p) => p.seconds / 60);
  return {
    title,
    xTitle: 'minutes since lid on',
    yTitle: 'inside, °C',
    rightTitle: 'over the air outside, kPa',
    series: [
      { name: 'Temperature', x, y: thinned.map((p) => p.celsius) },
      { name: 'Pressure', x, y: thinned.map((p) => p.gaugeKPa), right: true, dash: true },
    ],
  };
}

/** A temperature in the household's scale. */
export function degrees(celsius: number, kitchen: Kitchen): string {
  return formatTemperature(celsius, kitchen.scale);
}

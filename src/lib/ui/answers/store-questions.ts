/** Questions after the meal: cooling, freezing, thawing, keeping. */
import { coolingTime, sayFix, TWO_STAGE, type CoolingMethod } from '$core/thermal';
import { formatMinutes } from '$core/units';
import { degrees } from './pot-questions';
import { pageQuestion, type AnswerField } from './types';
import { amount, FOOD_NAMES, number } from './values';

const FOOD: AnswerField = { kind: 'food', key: 'food', label: 'Food', suggestions: FOOD_NAMES };
const hours = (h: number): string => formatMinutes(h * 60);

export const COOL = pageQuestion({
  id: 'cool',
  title: 'How fast does it cool?',
  about: 'In this box, so deep, lid off: against the published limit of two stages.',
  fields: [
    FOOD,
    { kind: 'amount', key: 'ml', label: 'In one box', base: 'ml' },
    { kind: 'number', key: 'depthMm', label: 'Standing deep', unit: 'mm' },
    {
      kind: 'choice',
      key: 'method',
      label: 'Where',
      options: [
        ['fridge', 'in the fridge'],
        ['ice-bath', 'in ice water, stirred'],
        ['counter', 'on the counter'],
      ],
    },
    { kind: 'number', key: 'hotC', label: 'From', unit: '°C', answersTo: 'fromC' },
    { kind: 'number', key: 'roomC', label: 'Room', unit: '°C' },
  ],
  start: () => ({
    food: 'broth',
    ml: '2000',
    depthMm: '50',
    method: 'fridge',
    hotC: '90',
    roomC: '21',
  }),
  name: 'cool',
  input: (values) => coolInput(values),
  say: (answer, _values, k) => {
    const { minutesTo21, minutesTo5, within, fixes = [] } = answer;
    const limit = (m: number): string => `limit ${formatMinutes(m)}`;
    return {
      headline: within ? 'Cold in time' : 'Too slow: divide it or use ice water',
      isBad: !within,
      facts: [
        {
          label: `To ${degrees(TWO_STAGE.firstC, k)}, from ${degrees(TWO_STAGE.fromC, k)}`,
          value: `${minutesTo21 === undefined ? 'never' : formatMinutes(minutesTo21)}; ${limit(TWO_STAGE.firstMin)}`,
        },
        {
          label: `To ${degrees(TWO_STAGE.lastC, k)} in all`,
          value: `${minutesTo5 === undefined ? 'never' : formatMinutes(minutesTo5)}; ${limit(TWO_STAGE.lastMin)}`,
        },
        ...fixes.map((fix, i) => ({ label: i === 0 ? 'Instead' : 'or', value: sayFix(fix) })),
      ],
    };
  },
  curve: (values) => {
    const methods: readonly (readonly [CoolingMethod, string])[] = [
      ['fridge', 'Fridge'],
      ['ice-bath', 'Ice water'],
      ['counter', 'Counter'],
    ];
    const most = 8 * 60;
    return {
      title: 'The warmest place in the box',
      xTitle: 'minutes',
      yTitle: '°C',
      series: methods.map(([method, name]) => {
        const y = coolingTime({ ...coolInput(values), method }).curve.slice(0, most);
        const every = Math.max(1, Math.ceil(y.length / 200));
        const kept = y.flatMap((c, i) => (i % every === 0 ? [[i, c] as const] : []));
        return {
          name,
          x: kept.map(([i]) => i),
          y: kept.map(([, c]) => c),
          dash: method !== values.method,
        };
      }),
    };
  },
});

function coolInput(values: Readonly<Record<string, string>>) {
  return {
    food: values.food ?? '',
    ml: amount(values, 'ml', 'ml'),
    depthMm: number(values, 'depthMm'),
    fromC: number(values, 'hotC'),
    roomC: number(values, 'roomC'),
    method: values.method as CoolingMethod,
  };
}

const BAG: readonly AnswerField[] = [
  FOOD,
  { kind: 'amount', key: 'grams', label: 'How much', base: 'g' },
  {
    kind: 'choice',
    key: 'shape',
    label: 'Shape',
    options: [
      ['slab', 'flat bag'],
      ['sphere', 'round mound'],
      ['cylinder', 'roll'],
    ],
  },
  { kind: 'number', key: 'mm', label: 'As thick as', unit: 'mm', answersTo: 'thicknessMm' },
];

function bagInput(
  values: Readonly<Record<string, string>>,
  [fromC, airC]: readonly [string, string],
): Record<string, unknown> {
  return {
    food: values.food,
    grams: amount(values, 'grams', 'g'),
    shape: values.shape,
    thicknessMm: number(values, 'mm'),
    fromC: number(values, fromC),
    airC: number(values, airC),
  };
}

export const FREEZE = pageQuestion({
  id: 'freeze',
  title: 'How long to freeze?',
  about: 'Until the middle is hard. Thickness counts, squared; flat bags win.',
  fields: [
    ...BAG,
    { kind: 'number', key: 'coldC', label: 'From', unit: '°C', answersTo: 'fromC' },
    { kind: 'number', key: 'freezerC', label: 'Freezer', unit: '°C', answersTo: 'airC' },
  ],
  start: () => ({
    food: 'broth',
    grams: '1000',
    shape: 'slab',
    mm: '30',
    coldC: '5',
    freezerC: '-18',
  }),
  name: 'freeze',
  input: (values) => bagInput(values, ['coldC', 'freezerC']),
  say: (answer) => {
    const h = answer.hours;
    return {
      headline: h === undefined ? 'It never freezes through' : `About ${hours(h)}`,
      isBad: h === undefined,
      facts: [],
    };
  },
});

export const THAW = pageQuestion({
  id: 'thaw',
  title: 'How long to thaw?',
  about: 'In the fridge, or in cold water that is changed. Never on the counter.',
  fields: [
    ...BAG,
    {
      kind: 'choice',
      key: 'method',
      label: 'In',
      options: [
        ['air', 'the fridge'],
        ['water', 'cold water'],
      ],
    },
    { kind: 'number', key: 'frozenC', label: 'From', unit: '°C', answersTo: 'fromC' },
    { kind: 'number', key: 'aroundC', label: 'Around it', unit: '°C', answersTo: 'airC' },
  ],
  start: () => ({
    food: 'lamb shoulder',
    grams: '1000',
    shape: 'slab',
    mm: '40',
    method: 'air',
    frozenC: '-18',
    aroundC: '4',
  }),
  name: 'thaw',
  input: (values) => ({ ...bagInput(values, ['frozenC', 'aroundC']), method: values.method }),
  say: (answer) => {
    const h = answer.hours;
    return {
      headline: h === undefined ? 'It never thaws' : `About ${hours(h)}`,
      isBad: h === undefined,
      facts: [],
    };
  },
});

export const KEEP = pageQuestion({
  id: 'keep',
  title: 'How long does it keep?',
  about: 'For safety in the fridge, for quality in the freezer.',
  fields: [
    { kind: 'text', key: 'food', label: 'Food or dish' },
    {
      kind: 'choice',
      key: 'place',
      label: 'Where',
      options: [
        ['fridge', 'fridge'],
        ['freezer', 'freezer'],
        ['counter', 'counter'],
      ],
    },
  ],
  start: () => ({ food: 'soup', place: 'fridge' }),
  name: 'keep',
  input: (values) => ({ food: values.food, place: values.place }),
  say: (answer) => {
    const days = answer.days;
    const why =
      answer.why === 'safety' ? 'after that it is not safe' : 'after that it loses quality';
    return {
      headline: days ? span(days) : 'It does not keep there',
      isBad: !days,
      facts: days ? [{ label: 'Why', value: why }] : [],
    };
  },
});

function span([from, to]: readonly [number, number]): string {
  if (to < 1) return `${Math.round(to * 24)} hours at most`;
  if (to >= 60) return `${Math.round(from / 30)} to ${Math.round(to / 30)} months`;
  return `${from} to ${to} days`;
}

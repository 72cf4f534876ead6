/** Questions that need no pot: altitude, steam, water for grain, thickening, units. */
import { LEVEL_KPA } from '$core/cooker';
import { altitudeRule, softeningRate } from '$core/doneness';
import { thicken, waterFor, type Vessel } from '$core/liquid';
import { boilingPoint, insideTemperature, saturationPressure } from '$core/steam';
import { UNIT_NAMES } from '$core/units';
import { degrees } from './pot-questions';
import { pageQuestion } from './types';
import { levelUse, liquidUse } from './into-dish';
import {
  amount,
  FOOD_NAMES,
  LEVEL_FIELD,
  number,
  THIRSTY,
  volume,
  weight,
  levelOf,
} from './values';

const range = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count);

export const ALTITUDE = pageQuestion({
  id: 'altitude',
  title: 'What does altitude change?',
  about: 'Water boils cooler, and so does a pot that holds a pressure over the air outside.',
  fields: [{ kind: 'number', key: 'altitudeM', label: 'Altitude', unit: 'm' }, LEVEL_FIELD],
  start: (k) => ({ altitudeM: String(Math.max(k.altitudeM, 0) || 1500), level: 'high' }),
  name: 'inside',
  input: (values) => ({
    gaugeKPa: LEVEL_KPA[levelOf(values)],
    altitudeM: number(values, 'altitudeM'),
  }),
  say: (answer, values, k) => {
    const metres = number(values, 'altitudeM');
    const level = levelOf(values);
    const atSea = insideTemperature(LEVEL_KPA[level], 0);
    const factor = softeningRate(atSea) / softeningRate(answer.celsius);
    return {
      headline: `${degrees(answer.celsius, k)} inside, instead of ${degrees(atSea, k)}`,
      facts: [
        { label: 'Water boils at', value: degrees(boilingPoint(metres), k) },
        { label: 'Pressure time, by the lower temperature', value: `× ${factor.toFixed(2)}` },
        {
          label: 'Pressure time, by the extension rule',
          value: `× ${altitudeRule(metres).toFixed(2)}`,
        },
      ],
    };
  },
  uses: (_answer, values) => levelUse(values),
  curve: (values) => {
    const x = range(0, 3500, 35);
    const metres = number(values, 'altitudeM');
    const kPa = LEVEL_KPA[levelOf(values)];
    return {
      title: 'Boiling and at pressure',
      xTitle: 'metres above the sea',
      yTitle: '°C',
      series: [
        { name: 'Pressure cook', x, y: x.map((m) => insideTemperature(kPa, m)) },
        { name: 'Open pot', x, y: x.map((m) => boilingPoint(m)), dash: true },
      ],
      marks: [{ x: metres, y: insideTemperature(kPa, metres), text: 'here' }],
    };
  },
});

export const STEAM = pageQuestion({
  id: 'steam',
  title: 'Pressure and temperature',
  about: 'What a pressure over the air outside means in degrees, here.',
  fields: [
    { kind: 'number', key: 'gaugeKPa', label: 'Over the air outside', unit: 'kPa' },
    { kind: 'number', key: 'altitudeM', label: 'Altitude', unit: 'm' },
  ],
  start: (k) => ({ gaugeKPa: '75', altitudeM: String(k.altitudeM) }),
  name: 'inside',
  input: (values) => ({
    gaugeKPa: number(values, 'gaugeKPa'),
    altitudeM: number(values, 'altitudeM'),
  }),
  say: (answer, _values, k) => ({
    headline: degrees(answer.celsius, k),
    facts: [
      { label: 'In all', value: `${answer.absoluteKPa.toFixed(1)} kPa` },
      {
        label: '20 min at pressure at the ordinary level become',
        value: `${Math.round(20 * answer.ratio)} min`,
      },
    ],
  }),
  curve: (values, answer) => {
    const x = range(90, 125, 70);
    const outside = answer.absoluteKPa - number(values, 'gaugeKPa');
    return {
      title: 'Steam',
      xTitle: '°C',
      yTitle: 'over the air outside, kPa',
      series: [
        {
          name: 'Saturated steam',
          x,
          y: x.map((c) => {
            const p = saturationPressure(c);
            return p.ok ? p.value - outside : 0;
          }),
        },
      ],
      marks: [{ x: answer.celsius, y: number(values, 'gaugeKPa'), text: 'here' }],
    };
  },
});

const VESSELS: readonly (readonly [Vessel, string])[] = [
  ['sealed', 'sealed pot'],
  ['stacked', 'a pan inside the pot'],
  ['open', 'open pot'],
  ['slow', 'slow cooker'],
  ['rice-cooker', 'rice cooker'],
];

export const WATER = pageQuestion({
  id: 'water',
  title: 'Water for grain and pulses',
  about: 'What they take up, and what the vessel loses.',
  fields: [
    { kind: 'food', key: 'food', label: 'Grain or pulse', suggestions: THIRSTY },
    { kind: 'amount', key: 'grams', label: 'How much, dry', base: 'g' },
    { kind: 'choice', key: 'vessel', label: 'In a', options: VESSELS },
    {
      kind: 'choice',
      key: 'treated',
      label: 'It is',
      options: [
        ['dry', 'dry'],
        ['rinsed', 'rinsed and drained'],
        ['soaked', 'soaked and drained'],
      ],
    },
  ],
  start: () => ({ food: 'bulgur', grams: '350', vessel: 'sealed', treated: 'rinsed' }),
  name: 'water',
  input: (values) => ({ ...values, grams: amount(values, 'grams', 'g') }),
  say: (answer, values, k) => {
    const ml = answer.ml;
    return {
      headline: volume(ml, k),
      facts: [
        { label: 'For each gram', value: `${(ml / amount(values, 'grams', 'g')).toFixed(2)} ml` },
      ],
    };
  },
  uses: ({ ml }) => liquidUse(ml),
  curve: (values) => {
    const x = range(50, Math.max(600, 1.5 * amount(values, 'grams', 'g')), 20);
    return {
      title: 'A small batch needs relatively more',
      xTitle: 'g, dry',
      yTitle: 'ml of water',
      series: VESSELS.map(([vessel, name]) => ({
        name,
        x,
        y: x.map((g) => {
          const need = waterFor(values.food ?? '', g, vessel, values.treated as 'dry');
          return need.ok ? need.value.ml : 0;
        }),
        dash: vessel !== values.vessel,
      })),
    };
  },
});

export const THICKEN = pageQuestion({
  id: 'thicken',
  title: 'How to thicken it',
  about: 'After the cycle, at the boil, stirred.',
  fields: [
    { kind: 'amount', key: 'ml', label: 'Thin liquid', base: 'ml' },
    {
      kind: 'choice',
      key: 'with',
      label: 'With',
      options: [
        ['cornstarch', 'starch in cold water'],
        ['flour', 'flour'],
        ['reduce', 'time: boil it down'],
      ],
    },
    {
      kind: 'choice',
      key: 'to',
      label: 'Until it is',
      options: [
        ['light', 'light: just coats'],
        ['medium', 'medium: a sauce'],
        ['thick', 'thick: a gravy'],
      ],
    },
    {
      kind: 'number',
      key: 'watts',
      label: 'Heater',
      unit: 'W',
      shown: (values) => values.with === 'reduce',
    },
  ],
  start: (k) => ({
    ml: '600',
    with: 'cornstarch',
    to: 'medium',
    watts: String(k.cookers[0]?.watts ?? 1000),
  }),
  name: 'thicken',
  input: (values) => ({
    ml: amount(values, 'ml', 'ml'),
    with: values.with,
    to: values.to,
    ...(values.with === 'reduce' ? { watts: number(values, 'watts') } : {}),
  }),
  say: (answer, _values, k) => {
    const result = answer;
    if ('minutes' in result)
      return {
        headline: `About ${Math.round(result.minutes)} min with the lid off`,
        facts: [{ label: 'What is left', value: volume(result.leftMl, k) }],
      };
    return {
      headline: weight(result.grams, k),
      facts: [{ label: 'Stirred into, cold', value: volume(result.slurryMl, k) }],
    };
  },
  uses: (answer, values) => {
    if ('minutes' in answer) return [];
    const grams = Math.round(answer.grams);
    const food = values.with === 'flour' ? 'flour' : 'cornstarch';
    return [{ use: { kind: 'thickener', food, grams }, label: `${grams} g ${food} into` }];
  },
  curve: (values) => {
    if (values.with !== 'reduce') return null;
    const ml = amount(values, 'ml', 'ml');
    const thick = thicken(ml, 'reduce', 'thick', number(values, 'watts'));
    if (!('minutes' in thick)) return null;
    const x = range(0, thick.minutes, 20);
    return {
      title: 'Boiling down',
      xTitle: 'minutes, lid off',
      yTitle: 'ml left',
      series: [
        { name: 'Left', x, y: x.map((m) => ml - ((ml - thick.leftMl) * m) / thick.minutes) },
      ],
    };
  },
});

export const CONVERT = pageQuestion({
  id: 'convert',
  title: 'Convert and weigh',
  about: 'Between units, and between cups and grams for foods that are in the table.',
  fields: [
    { kind: 'number', key: 'amount', label: 'Amount', unit: '' },
    {
      kind: 'choice',
      key: 'unit',
      label: 'From',
      options: [...UNIT_NAMES, 'C', 'F'].map((u) => [u, u]),
    },
    {
      kind: 'choice',
      key: 'to',
      label: 'To',
      options: [...UNIT_NAMES, 'C', 'F'].map((u) => [u, u]),
    },
    { kind: 'food', key: 'food', label: 'Of (between weight and volume)', suggestions: FOOD_NAMES },
  ],
  start: () => ({ amount: '1.5', unit: 'cup', to: 'g', food: 'rice' }),
  name: 'convert',
  input: (values) => ({
    amount: number(values, 'amount'),
    unit: values.unit,
    to: values.to,
    ...(values.food ? { food: values.food } : {}),
  }),
  say: (answer) => {
    const amountOf = answer.amount;
    const digits = Math.abs(amountOf) >= 100 ? 0 : Math.abs(amountOf) >= 10 ? 1 : 2;
    return { headline: `${amountOf.toFixed(digits)} ${String(answer.unit)}`, facts: [] };
  },
  uses: ({ amount: ml, unit }) => (unit === 'ml' ? liquidUse(ml) : []),
});

/** How long to hold a piece, with the heat in its middle drawn. */
import { wholeCycle, leastLiquid, type ReleaseKind, type Cut } from '$core/cooker';
import { centreThrough, SAFE_MINUTES, SAFE_REFERENCE_C } from '$core/doneness';
import type { Kitchen } from '$core/kitchen';
import { pageQuestion, type PageQuestion, type Values } from './types';
import { degrees } from './pot-questions';
import {
  amount,
  cookerField,
  heaterOf,
  LEVEL_FIELD,
  number,
  SOLIDS,
  span,
  levelOf,
} from './values';

const START_C: Readonly<Record<string, number>> = { room: 20, chilled: 5, frozen: -18 };

function releaseOf(values: Values): ReleaseKind {
  return values.release === 'timed'
    ? number(values, 'wait')
    : (values.release as 'quick' | 'natural');
}

/** How long a piece needs at pressure, from its size, state and target. */
export function holdQuestion(kitchen: Kitchen): PageQuestion {
  return pageQuestion({
    id: 'hold',
    title: 'How long at pressure?',
    about: 'By thickness, not by quantity. A thermometer in the thickest part decides.',
    fields: [
      { kind: 'food', key: 'food', label: 'Food', suggestions: SOLIDS },
      {
        kind: 'number',
        key: 'mm',
        label: 'As thick as',
        unit: 'mm',
        answersTo: 'cut.thicknessMm',
      },
      {
        kind: 'choice',
        key: 'shape',
        label: 'Shape',
        options: [
          ['slab', 'flat, like a fillet'],
          ['cylinder', 'long, like a carrot'],
          ['sphere', 'as thick as long'],
        ],
      },
      { kind: 'amount', key: 'grams', label: 'How much in all', base: 'g' },
      {
        kind: 'choice',
        key: 'state',
        label: 'It is',
        options: [
          ['chilled', 'from the fridge'],
          ['frozen', 'frozen'],
          ['room', 'as warm as the room'],
        ],
      },
      {
        kind: 'choice',
        key: 'target',
        label: 'Until it is',
        options: [
          ['safe', 'safe'],
          ['crisp', 'tender, with a bite'],
          ['soft', 'soft'],
          ['slice', 'good to slice'],
          ['shred', 'good to shred'],
        ],
      },
      LEVEL_FIELD,
      {
        kind: 'choice',
        key: 'release',
        label: 'Release',
        options: [
          ['quick', 'quick'],
          ['natural', 'natural'],
          ['timed', 'some minutes, then quick'],
        ],
      },
      {
        kind: 'number',
        key: 'wait',
        label: 'Natural for',
        unit: 'min',
        answersTo: 'release',
        shown: (values) => values.release === 'timed',
      },
      cookerField(kitchen),
    ],
    start: () => ({
      food: 'lamb shoulder',
      mm: '60',
      shape: 'sphere',
      grams: '1200',
      state: 'chilled',
      target: 'shred',
      level: 'high',
      release: 'natural',
      wait: '10',
    }),
    name: 'hold',
    input: (values, k) => ({
      food: values.food,
      cut: { shape: values.shape, thicknessMm: number(values, 'mm') },
      grams: amount(values, 'grams', 'g'),
      state: values.state,
      target: values.target,
      level: values.level,
      altitudeM: k.altitudeM,
      cooker: heaterOf(values, k),
      release: releaseOf(values),
    }),
    say: (answer, _values, k) => {
      const { minutes, thermometerC, centreC, safeMinutes, schools } = answer;
      return {
        headline: minutes
          ? span(minutes)
          : centreC == null
            ? 'No thermometer is asked for'
            : 'No pressure time gets there',
        isBad: !minutes && centreC != null,
        facts: [
          ...(thermometerC == null
            ? []
            : [
                {
                  label: 'Thermometer, in the thickest part',
                  value: `at least ${degrees(thermometerC, k)}`,
                },
              ]),
          ...(centreC == null
            ? []
            : [{ label: 'In the middle when the lid opens', value: degrees(centreC, k) }]),
          ...(safeMinutes == null
            ? []
            : [
                {
                  label: `Heat there, counted at ${degrees(SAFE_REFERENCE_C, k)}`,
                  value: `${safeMinutes > 60 ? 'over an hour' : `${safeMinutes.toFixed(1)} min`}; safe from ${SAFE_MINUTES} min on (UK FSA)`,
                },
              ]),
          ...schools.map((s) => ({
            label: `Others say: ${s.name}`,
            value: `${Math.round(s.minutes)} min`,
          })),
        ],
      };
    },
    uses: ({ minutes }) =>
      minutes
        ? [
            {
              use: { kind: 'hold', minutes: minutes[0] },
              label: `${minutes[0]} min at pressure in`,
            },
          ]
        : [],
    curve: (values, answer, k) => {
      const { minutes, centreC } = answer;
      if (centreC == null) return null;
      const celsius = START_C[values.state ?? 'chilled'] ?? 5;
      const cooker = heaterOf(values, k);
      const cut: Cut = { shape: values.shape as Cut['shape'], thicknessMm: number(values, 'mm') };
      const cycle = wholeCycle(
        {
          cooker,
          level: levelOf(values),
          altitudeM: k.altitudeM,
          contents: [
            { food: 'water', grams: leastLiquid(cooker.litres), celsius: 15 },
            {
              food: values.food ?? '',
              grams: amount(values, 'grams', 'g'),
              celsius,
              pieceMm: cut.thicknessMm,
              ...(values.state === 'frozen' ? { frozen: true } : {}),
            },
          ],
        },
        minutes?.[0] ?? 60,
        releaseOf(values),
      );
      if (!cycle.ok) return null;
      const middle = centreThrough(cycle.value, values.food ?? '', cut, celsius);
      const thin = <T>(list: ArrayLike<T>): T[] => {
        const every = Math.max(1, Math.ceil(list.length / 200));
        return Array.from(list).filter((_, i) => i % every === 0);
      };
      const pot = thin(cycle.value.curve);
      return {
        title: 'One cycle: the pot and the middle of a piece',
        xTitle: 'minutes since lid on',
        yTitle: '°C',
        series: [
          { name: 'Pot', x: pot.map((p) => p.seconds / 60), y: pot.map((p) => p.celsius) },
          {
            name: 'Middle',
            x: thin(middle.celsius).map(
              (_, i) =>
                (i * middle.stepS * Math.max(1, Math.ceil(middle.celsius.length / 200))) / 60,
            ),
            y: thin(middle.celsius),
          },
        ],
        marks: [{ x: cycle.value.openS / 60, y: middle.openC, text: 'lid opens' }],
      };
    },
  });
}

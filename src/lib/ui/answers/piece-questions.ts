/** How long to hold a piece, with the heat in its middle drawn. */
import { wholeCycle, leastLiquid, sizeOf, type ReleaseKind, type Cut } from '$core/cooker';
import { centreThrough, SAFE_MINUTES, SAFE_REFERENCE_C } from '$core/doneness';
import type { Kitchen } from '$core/kitchen';
import { findFood, type Food } from '$core/food';
import { pageQuestion, type DrawnPiece, type PageQuestion, type Values } from './types';
import { degrees } from './pot-questions';
import {
  amount,
  cookerField,
  cookerOf,
  heaterOf,
  lengthMm,
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

/** Pulses and grain: their hold depends on whether they lay in water. */
function canSoak(values: Values): boolean {
  const food = findFood(values.food ?? '');
  return food !== null && food.takes > 0 && ['pulse', 'grain'].includes(food.group);
}

/** Buttons of a panel set a time of their own, whatever the piece; by what a food is (common practice). */
const PRESETS: Readonly<Partial<Record<Food['group'], string>>> = {
  meat: 'Meat or Stew',
  poultry: 'Poultry',
  fish: 'Fish or Steam',
  egg: 'Egg',
  grain: 'Rice or Grain',
  pulse: 'Beans',
  vegetable: 'Steam',
};
const presetOf = (values: Values): string =>
  PRESETS[findFood(values.food ?? '')?.group ?? 'liquid'] ?? 'preset';

/** How many pieces it is, where that is said; anything else goes to the core, which names it. */
function piecesOf(values: Values): { pieces?: number } {
  return (values.pieces ?? '').trim() === '' ? {} : { pieces: number(values, 'pieces') };
}

function cutOf(values: Values, kitchen: Kitchen): Cut {
  const { pieces } = piecesOf(values);
  return {
    shape: (values.shape ?? 'sphere') as Cut['shape'],
    thicknessMm: lengthMm(values, 'mm', kitchen),
    ...(pieces === undefined ? {} : { pieceG: amount(values, 'grams', 'g') / pieces }),
  };
}

/** The piece and the inner pot it goes into, where both are known. */
function drawnPiece(values: Values, kitchen: Kitchen): DrawnPiece | null {
  const cut = cutOf(values, kitchen);
  const cooker = cookerOf(values, kitchen);
  const isTold = cut.thicknessMm > 0 && (cut.pieceG === undefined || cut.pieceG > 0);
  if (!cooker || !isTold) return null;
  return {
    ...sizeOf(values.food ?? '', cut),
    count: piecesOf(values).pieces ?? 1,
    pot: { name: cooker.name, diameterMm: cooker.diameterMm, heightMm: cooker.heightMm },
  };
}

/** How long a piece needs at pressure, from its size, state and target. */
export function holdQuestion(kitchen: Kitchen): PageQuestion {
  return pageQuestion({
    id: 'hold',
    title: 'How long at pressure?',
    about: 'By thickness, not by quantity. A thermometer in the thickest part decides.',
    fields: [
      { kind: 'food', key: 'food', label: 'Food', suggestions: SOLIDS },
      { kind: 'amount', key: 'grams', label: 'How much in all', base: 'g' },
      { kind: 'number', key: 'pieces', label: 'In how many pieces', unit: '', step: 1 },
      { kind: 'length', key: 'mm', label: 'Thickest part', answersTo: 'cut.thicknessMm' },
      {
        kind: 'choice',
        key: 'shape',
        label: 'Shape',
        options: [
          ['slab', 'flat: a breast'],
          ['cylinder', 'long: a shank'],
          ['sphere', 'a lump or cubes'],
        ],
      },
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
      {
        kind: 'choice',
        key: 'treated',
        label: 'Before that it lay',
        options: [
          ['dry', 'in the bag: it is dry'],
          ['soaked', 'in water overnight'],
        ],
        shown: canSoak,
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
    start: (k) => ({
      food: 'lamb shoulder',
      mm: k.system === 'us' ? '2½ in' : '6 cm',
      shape: 'sphere',
      grams: '1200',
      pieces: '6',
      state: 'chilled',
      target: 'shred',
      level: 'high',
      release: 'natural',
      wait: '10',
    }),
    name: 'hold',
    input: (values, k) => ({
      food: values.food,
      cut: { shape: values.shape, thicknessMm: lengthMm(values, 'mm', k) },
      grams: amount(values, 'grams', 'g'),
      ...piecesOf(values),
      ...(canSoak(values) && values.treated ? { treated: values.treated } : {}),
      state: values.state,
      target: values.target,
      level: values.level,
      altitudeM: k.altitudeM,
      cooker: heaterOf(values, k),
      release: releaseOf(values),
    }),
    say: (answer, values, k) => {
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
          ...(minutes
            ? [
                {
                  label: `In place of the ${presetOf(values)} button`,
                  value: `pressure cook, ${values.level ?? 'high'}, ${minutes[0]} min`,
                },
              ]
            : []),
          ...schools.map((s) => ({
            label: `Others say: ${s.name}`,
            value: `${Math.round(s.minutes)} min`,
          })),
        ],
      };
    },
    piece: drawnPiece,
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
      const cut = cutOf(values, k);
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

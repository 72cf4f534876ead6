/** Questions about the inside of a piece. */
import { z } from 'zod';
import { centreTheta } from '../thermal';
import { holdFor } from '../doneness';
import { success, says } from '../reason';
import { altitude, heater, level } from './inputs';
import { question, type Reasoned } from './question';

const shape = z.enum(
  ['slab', 'cylinder', 'sphere'],
  says('a shape is slab, cylinder or sphere', 'give the nearest'),
);
const celsius = (what: string) =>
  z
    .number(says(`${what} is a number`, 'give °C'))
    .min(-40, says(`${what} is at least −40 °C`, 'give °C'))
    .max(300, says(`${what} is at most 300 °C`, 'give °C'));

/** What has no answer is left out; the reason is in `because`. */
function withoutNulls<T extends object & Reasoned>(value: T): WithoutNulls<T> {
  const kept = Object.fromEntries(Object.entries(value).filter(([, v]) => v !== null));
  return kept as WithoutNulls<T>;
}
type WithoutNulls<T> = { [K in keyof T as null extends T[K] ? never : K]: T[K] } & {
  [K in keyof T as null extends T[K] ? K : never]?: Exclude<T[K], null>;
};

/** From mm to half the way through, m. */
const toHalfM = (thicknessMm: number): number => thicknessMm / 2000;

export const conduct = question(
  'how hot the middle of a piece gets in surroundings that stay as they are',
  z.object({
    shape,
    thicknessMm: z
      .number(says('the thickness is a number', 'measure it through the thickest part'))
      .positive(says('a piece is thicker than 0', 'measure it through the thickest part'))
      .max(1000, says('no piece is over a metre', 'measure it through the thickest part')),
    startC: celsius('the start'),
    surroundC: celsius('the surroundings'),
    seconds: z
      .number(says('the time is a number', 'give seconds'))
      .min(0, says('a time is at least 0', 'give seconds'))
      .max(1e7, says('a time is at most 10 million seconds', 'give seconds')),
    diffusivity: z
      .number(says('the diffusivity is a number', 'give m²/s'))
      .min(1e-9, says('a food’s diffusivity is about 1.4e-7', 'give m²/s'))
      .max(1e-3, says('a food’s diffusivity is about 1.4e-7', 'give m²/s')),
    biot: z
      .number(says('the Biot number is a number', 'leave it out for a surface at the surroundings'))
      .min(1e-4, says('a Biot number is over 0', 'give h·L/k'))
      .optional(),
  }),
  (input) => {
    const half = toHalfM(input.thicknessMm);
    const fourier = (input.diffusivity * input.seconds) / half ** 2;
    const theta = centreTheta(input.shape, input.biot ?? Infinity, fourier);
    return success({
      centreC: input.surroundC + theta * (input.startC - input.surroundC),
      fourier,
      theta,
      because: [
        `transient conduction in a ${input.shape}, full series (Carslaw and Jaeger; Incropera and DeWitt): Fo ${fourier.toFixed(3)}, Bi ${input.biot ?? '∞'}`,
      ],
    });
  },
);

export const hold = question(
  'how long to hold a piece for a doneness',
  z.object({
    food: z.string('name the food').trim().min(1, 'name the food'),
    cut: z.object({
      shape: shape.default('sphere'),
      thicknessMm: z
        .number(says('the thickness is a number', 'measure it through the thickest part'))
        .min(2, says('a piece is at least 2 mm thick', 'measure it through the thickest part'))
        .max(250, says('no cooker takes a piece over 25 cm', 'cut it smaller')),
    }),
    grams: z
      .number(says('the weight is a number', 'give grams'))
      .positive(says('a weight is over 0', 'give grams'))
      .max(15_000, says('no cooker holds 15 kg', 'give grams')),
    pieces: z
      .number(says('how many pieces is a number', 'count them'))
      .int(says('pieces are counted', 'give a whole number'))
      .positive(says('there is one piece at least', 'count them'))
      .max(10_000, says('over 10,000 pieces are not counted', 'leave it out'))
      .optional(),
    treated: z
      .enum(['dry', 'soaked'], says('it is dry or soaked', 'give one, or leave it out'))
      .optional(),
    vessel: z
      .enum(
        ['sealed', 'stacked'],
        says(
          'a vessel is sealed or stacked',
          'sealed in the inner pot, stacked in a pan on a rack',
        ),
      )
      .optional(),
    state: z
      .enum(['frozen', 'chilled', 'room'], says('a state is frozen, chilled or room', 'give one'))
      .default('chilled'),
    target: z
      .enum(
        ['safe', 'crisp', 'soft', 'slice', 'shred'],
        says('a target is safe, crisp, soft, slice or shred', 'give one'),
      )
      .default('safe'),
    level,
    altitudeM: altitude,
    cooker: heater.default({ litres: 5.7, watts: 1000 }),
    release: z
      .union(
        [z.literal('quick'), z.literal('natural'), z.number().min(0).max(120)],
        says('a release is quick, natural or minutes up to 120', 'give one'),
      )
      .default('natural'),
  }),
  (input) => {
    const advice = holdFor(input);
    if (!advice.ok) return advice;
    if ('unknown' in advice.value) return success({ ...advice.value });
    return success(withoutNulls(advice.value));
  },
);

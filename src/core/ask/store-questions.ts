/** Questions about cooling, freezing, thawing and keeping. */
import { z } from 'zod';
import { success, says } from '../reason';
import { coolingFixes, coolingTime, freezingTime, sayFix, thawingTime } from '../thermal';
import { keeps } from '../storage';
import { question } from './question';

const food = z.string('name the food').trim().min(1, 'name the food').max(120);
const celsius = (what: string, low: number, high: number) =>
  z
    .number(says(`${what} is a number`, 'give °C'))
    .min(low, says(`${what} is at least ${low} °C`, 'give it in °C'))
    .max(high, says(`${what} is at most ${high} °C`, 'give it in °C'));
const mm = z
  .number(says('the thickness is a number', 'give mm'))
  .min(1, says('nothing is thinner than 1 mm', 'give mm'))
  .max(400, says('nothing thicker than 400 mm goes into a home freezer', 'give mm'));

export const cool = question(
  'how long cooked food takes to cool',
  z.object({
    food,
    ml: z
      .number(says('how much is a number', 'give ml'))
      .positive(says('there has to be some food', 'give ml'))
      .max(30_000, says('no household box holds 30 l', 'give ml')),
    depthMm: z
      .number(says('the depth is a number', 'give mm'))
      .min(3, says('food stands at least 3 mm deep', 'give mm'))
      .max(400, says('no household box is deeper than 400 mm', 'give mm')),
    fromC: celsius('the start', 6, 100),
    roomC: celsius('the room', -5, 45).default(20),
    method: z
      .enum(
        ['counter', 'fridge', 'ice-bath'],
        says('a method is counter, fridge or ice-bath', 'give one'),
      )
      .default('counter'),
  }),
  (input) => {
    const { minutesTo21, minutesTo5, within, because } = coolingTime(input);
    const fixes = within ? [] : coolingFixes(input);
    return success({
      ...(minutesTo21 === null ? {} : { minutesTo21 }),
      ...(minutesTo5 === null ? {} : { minutesTo5 }),
      within,
      ...(fixes.length > 0 ? { fixes } : {}),
      because: [...because, ...fixes.map((fix) => `instead: ${sayFix(fix)}`)],
    });
  },
);

const bag = z.object({
  food,
  grams: z
    .number(says('the weight is a number', 'give grams'))
    .positive(says('a weight is over 0', 'give grams'))
    .max(30_000, says('no home freezer takes 30 kg at once', 'give grams')),
  shape: z
    .enum(['slab', 'cylinder', 'sphere'], says('a shape is slab, cylinder or sphere', 'give one'))
    .default('slab'),
  thicknessMm: mm,
});

export const freeze = question(
  'how long a bag takes to freeze',
  bag.extend({
    fromC: celsius('the food', 0, 100).default(5),
    airC: celsius('the air', -60, 10).default(-18),
    method: z.enum(['air', 'water']).optional(),
  }),
  (input) => {
    const { hours, because } = freezingTime(input);
    return success({ ...(hours === null ? {} : { hours }), because });
  },
);

export const thaw = question(
  'how long a frozen bag takes to thaw',
  bag.extend({
    fromC: celsius('the food', -40, -1).default(-18),
    airC: celsius('what is around it', -20, 45).default(4),
    method: z.enum(['air', 'water'], says('a method is air or water', 'give one')).default('air'),
  }),
  (input) => {
    const { hours, because } = thawingTime(input);
    return success({ ...(hours === null ? {} : { hours }), because });
  },
);

export const keep = question(
  'how long food keeps',
  z
    .object({
      food: food.optional(),
      kind: z.string().trim().max(60).optional(),
      place: z.enum(
        ['fridge', 'freezer', 'counter'],
        says('a place is fridge, freezer or counter', 'give one'),
      ),
    })
    .refine((q) => q.food !== undefined || q.kind !== undefined, {
      path: ['food'],
      message: 'name the food or its kind',
    }),
  (input) => {
    const answer = keeps(input.kind ?? input.food ?? '', input.place);
    if ('unknown' in answer) return success({ ...answer });
    const { days, ...rest } = answer;
    return success({ ...(days ? { days } : {}), ...rest });
  },
);

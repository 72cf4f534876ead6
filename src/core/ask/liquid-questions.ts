/** Questions about water and sauce. */
import { z } from 'zod';
import { thicken, waterFor } from '../liquid';
import { success, says } from '../reason';
import { question } from './question';

export const water = question(
  'how much water a grain or a pulse needs',
  z.object({
    food: z.string('name the grain or pulse').trim().min(1, 'name the grain or pulse'),
    grams: z
      .number(says('the weight is a number', 'give grams, dry'))
      .positive(says('a weight is over 0', 'give grams, dry'))
      .max(15_000, says('no cooker holds 15 kg', 'give grams, dry')),
    vessel: z
      .enum(
        ['sealed', 'stacked', 'open', 'slow', 'rice-cooker'],
        says('a vessel is sealed, stacked, open, slow or rice-cooker', 'give one'),
      )
      .default('sealed'),
    treated: z
      .enum(['dry', 'rinsed', 'soaked'], says('treated is dry, rinsed or soaked', 'give one'))
      .default('rinsed'),
  }),
  ({ food, grams, vessel, treated }) => {
    const need = waterFor(food, grams, vessel, treated);
    return need.ok ? success({ ...need.value }) : need;
  },
);

export const thickenQuestion = question(
  'what it takes to thicken a sauce',
  z.object({
    ml: z
      .number(says('the liquid is a number', 'give ml'))
      .positive(says('there has to be some liquid', 'give ml'))
      .max(20_000, says('no cooker holds 20 l', 'give ml')),
    with: z.enum(
      ['cornstarch', 'flour', 'reduce'],
      says('thicken with cornstarch, flour or reduce', 'give one'),
    ),
    to: z
      .enum(['light', 'medium', 'thick'], says('a sauce is light, medium or thick', 'give one'))
      .default('medium'),
    watts: z
      .number(says('the power is a number', 'give watts'))
      .min(100, says('a heater has at least 100 W', 'give watts'))
      .max(3700, says('a household heater has at most 3700 W', 'give watts'))
      .optional(),
  }),
  ({ ml, to, watts, ...input }) => success({ ...thicken(ml, input.with, to, watts) }),
);

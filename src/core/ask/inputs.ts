/** Inputs that several questions share, with messages that name the remedy. */
import { z } from 'zod';
import { says } from '../reason';
import { estimateFood, findFood } from '../food';
import { ALTITUDE_RANGE } from '../steam';

export const altitude = z
  .number(says('the altitude is a number', 'give metres above the sea'))
  .min(
    ALTITUDE_RANGE.lowM,
    says(`kitchens lie above ${ALTITUDE_RANGE.lowM} m`, 'give metres above the sea'),
  )
  .max(
    ALTITUDE_RANGE.highM,
    says(`kitchens lie below ${ALTITUDE_RANGE.highM} m`, 'give metres above the sea'),
  )
  .default(0);

export const level = z
  .enum(['low', 'high', 'max'], says('a level is low, high or max', 'give one of them'))
  .default('high');

const litres = z
  .number(says('the size is a number', 'give litres, 6 qt are 5.7'))
  .min(1, says('a cooker holds at least 1 l', 'give its nominal size in litres'))
  .max(20, says('a cooker holds at most 20 l', 'give its nominal size in litres'));

export const heater = z.object({
  litres,
  watts: z
    .number(says('the power is a number', 'give watts as on the label'))
    .min(100, says('a heater has at least 100 W', 'give watts as on the label'))
    .max(3700, says('a household heater has at most 3700 W', 'give watts as on the label')),
});

export const liner = z.object({
  litres,
  diameterMm: z
    .number()
    .min(80, says('an inner pot is at least 80 mm across', 'give its inner width'))
    .max(500, says('an inner pot is at most 500 mm across', 'give its inner width'))
    .optional(),
  heightMm: z
    .number()
    .min(50, says('an inner pot is at least 50 mm high', 'give its inner height'))
    .max(500, says('an inner pot is at most 500 mm high', 'give its inner height'))
    .optional(),
});

export const portion = z.object({
  food: z.string('name the food').trim().min(1, 'name the food'),
  grams: z
    .number(says('the weight is a number', 'give grams'))
    .positive(says('a weight is over 0', 'give grams'))
    .max(30_000, says('no cooker holds 30 kg', 'give grams')),
  celsius: z
    .number(says('the temperature is a number', 'give °C'))
    .min(-30, says('home freezers end at −30 °C', 'give the food’s temperature'))
    .max(100, says('food goes in at 100 °C at most', 'give the food’s temperature')),
  frozen: z.boolean().optional(),
  pieceMm: z
    .number()
    .positive(says('a piece is thicker than 0', 'measure it through the thickest part'))
    .max(400, says('no piece is thicker than 400 mm', 'measure it through the thickest part'))
    .optional(),
});

export const contents = z
  .array(portion, 'contents is a list of foods with grams and celsius')
  .min(1, says('the pot is empty', 'put at least one food in'));

/** Says which foods the table had to estimate. */
export function estimatedFoods(list: readonly { food: string }[]): string[] {
  return list
    .filter(({ food }) => findFood(food) === null)
    .map(
      ({ food }) =>
        `“${food}” is not in the table: it heats like ${estimateFood(food).as} (estimate)`,
    );
}

/** What is in the house, roughly, and what things cost: as much as a shopping list needs. */
import { z } from 'zod';
import { says } from '../reason';
import { plainName, productKey } from '../food';
import { UNIT_NAMES } from '../units';

export const larderItemSchema = z.object({
  /** As the cook calls it. */
  food: z.string().trim().min(1, 'name the food').max(120),
  /** Null: enough of it. */
  amount: z
    .number(says('how much is a number', 'leave it empty for “enough”'))
    .positive(says('more than nothing', 'take it out of the list if it is used up'))
    .max(100_000)
    .nullable(),
  unit: z.enum(UNIT_NAMES).nullable(),
  /** Day by which it should be used, `2026-11-28`. */
  useBy: z.iso.date('write the day as 2026-11-28').nullable().default(null),
});
export type LarderItem = z.infer<typeof larderItemSchema>;

export const priceSchema = z.object({
  food: z.string().trim().min(1, 'name the food').max(120),
  /** In the household's currency. */
  price: z
    .number('the price is a number')
    .positive('a price is over 0')
    .max(10_000, 'a price is at most 10,000'),
  per: z.enum(['kg', 'l', 'piece', 'package', 'can']),
});
export type Price = z.infer<typeof priceSchema>;

/** What an entry of the larder is bought as. */
export function larderKey({ food, unit }: Pick<LarderItem, 'food' | 'unit'>): string {
  return productKey(food, { unit });
}

/** By what the cook calls it: one entry for each name, however it is spelled large or small. */
export function larderName(food: string): string {
  return plainName(food);
}

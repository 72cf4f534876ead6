import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { kitchenSchema } from '../kitchen';
import { mealSchema } from '../meal';
import { useHouseWords } from './index';

describe('what a schema refuses is said in the house’s words', () => {
  beforeAll(() => useHouseWords());
  afterAll(() => z.config({ customError: undefined }));
  const words = (schema: z.ZodType, value: unknown): string | undefined =>
    schema.safeParse(value).error?.issues[0]?.message;

  it.each([
    [mealSchema.shape.name, 'x'.repeat(101), 'this holds at most 100 characters; shorten it'],
    [mealSchema.shape.name, '  ', 'a name is needed; write what the meal is called'],
    [kitchenSchema.shape.burners, null, 'something is missing; give a number'],
    [kitchenSchema.shape.burners, 'many', 'this is not a number; correct it'],
    [kitchenSchema.shape.system, 'imperial', 'only us, metric can be here; choose one'],
    [z.number().max(5), 9, 'this is at most 5; give less'],
    [z.array(z.string()).min(2), [], 'this holds at least 2 entries; give more'],
  ])('%#', (schema, value, expected) => {
    expect(words(schema, value)).toBe(expected);
  });
});

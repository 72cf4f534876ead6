/** Amounts in other units: weights, volumes, degrees, cans and sticks. */
import { fault } from '../words';
import { z } from 'zod';
import { findFood, type Food } from '../food';
import { failure, success, type Outcome, says } from '../reason';
import {
  UNIT_NAMES,
  convert,
  fromFahrenheit,
  parseQuantity,
  toFahrenheit,
  type Quantity,
  type Unit,
} from '../units';
import { question } from './question';

/** A stick of butter in tablespoons, as its wrapper is marked (common practice). */
const TBSP_A_STICK = 8;
/** What is left of a can when its liquid is poured off: of 15 oz, 9 (common practice; the label decides). */
const DRAINED_SHARE: Readonly<Partial<Record<Food['group'], number>>> = { pulse: 0.6, fish: 0.7 };
const DRAINED_OTHERWISE = 0.65;

export const convertQuestion = question(
  'an amount in another unit; between weight and volume with the food',
  z.object({
    amount: z.number(says('the amount is a number', 'give one')),
    unit: z.string('name the unit'),
    to: z.string('name the unit wanted'),
    food: z.string().optional(),
    labelG: z
      .number(says('the weight on the label is a number', 'give grams'))
      .positive(says('a can weighs more than 0', 'give the grams on its label'))
      .max(10_000, says('no household can weighs over 10 kg', 'give grams'))
      .optional(),
    drained: z.boolean().optional(),
  }),
  ({ amount, unit, to, food, labelG, drained }) => {
    const degrees = convertTemperature(amount, unit, to);
    if (degrees) return degrees;
    const known = food === undefined ? null : findFood(food);
    const because: string[] = ['units: NIST SP 811, exact'];
    const from = quantityOf({ amount, unit, known, labelG, drained }, because);
    if (!from.ok) return from;
    const target = readUnit(to);
    if (!target) return notAUnit('to', to);
    const result = convert(from.value, target, known?.density);
    if (!result.ok) return result;
    if (known) because.push(`${known.names[0]}: ${known.density} g/ml as measured in a cup`);
    return success({ amount: result.value.amount, unit: result.value.unit, because });
  },
);

const notAUnit = (field: string, text: string): Outcome<never> =>
  failure(fault(field, 'unit-unknown', { text, known: [...UNIT_NAMES, 'stick', 'C', 'F'] }));

interface Asked {
  amount: number;
  unit: string;
  known: Food | null;
  labelG: number | undefined;
  drained: boolean | undefined;
}

/** The amount in a unit that has a size: a can by its label, a stick by its marks. */
function quantityOf(
  { amount, unit, known, labelG, drained }: Asked,
  because: string[],
): Outcome<Quantity> {
  if (/^sticks?$/i.test(unit.trim())) {
    if (known && known.id !== 'butter')
      return failure(fault('unit', 'stick-of-butter', { food: known.names[0] }));
    because.push('a stick of butter is half a cup, 8 tbsp (common practice)');
    return success({ amount: amount * TBSP_A_STICK, unit: 'tbsp' });
  }
  const from = readUnit(unit);
  if (!from) return notAUnit('unit', unit);
  if (from !== 'can' || labelG === undefined) return success({ amount, unit: from });
  if (!drained) {
    because.push(`a can weighs what its label says, ${labelG} g`);
    return success({ amount: amount * labelG, unit: 'g' });
  }
  const share = (known && DRAINED_SHARE[known.group]) ?? DRAINED_OTHERWISE;
  because.push(
    `drained, about ${Math.round(share * 100)} % of the ${labelG} g are left (common practice; the label’s drained weight comes first)`,
  );
  return success({ amount: amount * labelG * share, unit: 'g' });
}

function readUnit(text: string): Unit | null {
  const plain = text.trim();
  if ((UNIT_NAMES as readonly string[]).includes(plain)) return plain as Unit;
  return parseQuantity(`1 ${plain}`)?.unit ?? null;
}

function convertTemperature(
  amount: number,
  unit: string,
  to: string,
): Outcome<{ amount: number; unit: 'C' | 'F'; because: string[] }> | null {
  const scale = (text: string): string => text.replace('°', '').trim().toUpperCase();
  const pair = `${scale(unit)}>${scale(to)}`;
  const because = ['°F = 1.8 °C + 32, exact'];
  if (pair === 'C>F') return success({ amount: toFahrenheit(amount), unit: 'F', because });
  if (pair === 'F>C') return success({ amount: fromFahrenheit(amount), unit: 'C', because });
  return null;
}

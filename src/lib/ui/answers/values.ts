/** From what is typed to what the core is asked. */
import type { Level } from '$core/cooker';
import { FOODS, findFood } from '$core/food';
import type { Cooker, Kitchen } from '$core/kitchen';
import { convert, formatQuantity, parseLength, parseQuantity } from '$core/units';
import type { AnswerField, Values } from './types';

const LEVELS: readonly Level[] = ['low', 'high', 'max'];

/** A number as typed; NaN where it is none, which the core then names. */
export function number(values: Values, key: string): number {
  const text = (values[key] ?? '').trim().replace(',', '.');
  return text === '' ? Number.NaN : Number(text);
}

/** An amount in the base unit: plain numbers are in it already. */
export function amount(values: Values, key: string, base: 'g' | 'ml'): number {
  const text = (values[key] ?? '').trim();
  const plain = Number(text.replace(',', '.'));
  if (text !== '' && Number.isFinite(plain)) return plain;
  const parsed = parseQuantity(text);
  if (!parsed || parsed.amount === null) return Number.NaN;
  const food = findFood(values.food ?? '');
  const inBase = convert({ amount: parsed.amount, unit: parsed.unit ?? base }, base, food?.density);
  return inBase.ok ? inBase.value.amount : Number.NaN;
}

/** A length in mm, written as “3 cm”, “1¼ in” or, as links of old have it, “60”; NaN where it is none. */
export function lengthMm(values: Values, key: string, { system }: Pick<Kitchen, 'system'>): number {
  return parseLength(values[key] ?? '', system === 'us' ? 'in' : 'cm');
}

/** @returns the cooker that was chosen, else the first one there is */
export function cookerOf(values: Values, kitchen: Kitchen): Cooker | undefined {
  return kitchen.cookers.find((c) => c.id === values.cooker) ?? kitchen.cookers[0];
}

/** The cooker's size and power as the core takes them; a middle one where the kitchen has none. */
export function heaterOf(
  values: Values,
  kitchen: Kitchen,
): {
  litres: number;
  watts: number;
} {
  const cooker = cookerOf(values, kitchen);
  return cooker ? { litres: cooker.litres, watts: cooker.watts } : { litres: 5.7, watts: 1000 };
}

/** A choice among the household’s cookers. */
export function cookerField(kitchen: Kitchen): AnswerField {
  return {
    kind: 'choice',
    key: 'cooker',
    label: 'Cooker',
    options: kitchen.cookers.map((c) => [c.id, c.name]),
  };
}

export const LEVEL_FIELD: AnswerField = {
  kind: 'choice',
  key: 'level',
  label: 'Pressure',
  options: [
    ['low', 'Low, 45 kPa'],
    ['high', 'High, 75 kPa'],
    ['max', 'Highest, 103 kPa'],
  ],
};

export const FOOD_NAMES: readonly string[] = FOODS.map((f) => f.names[0]);
export const SOLIDS: readonly string[] = FOODS.filter(
  (f) => f.form === 'solid' && f.group !== 'seasoning' && f.group !== 'baking',
).map((f) => f.names[0]);
export const THIRSTY: readonly string[] = FOODS.filter((f) => f.takes > 0).map((f) => f.names[0]);

/** “12 min”, “12–15 min”. */
export function span([from, to]: readonly [number, number]): string {
  return from === to ? `${from} min` : `${from}–${to} min`;
}

/** @param ml as this household measures it */
export function volume(ml: number, kitchen: Kitchen): string {
  return formatQuantity({ amount: ml, unit: 'ml' }, kitchen.system);
}

/** @param grams as this household weighs it */
export function weight(grams: number, kitchen: Kitchen): string {
  return formatQuantity({ amount: grams, unit: 'g' }, kitchen.system);
}

/** The level that was chosen; the ordinary one where the address names none of them. */
export function levelOf(values: Values): Level {
  return LEVELS.find((level) => level === values.level) ?? 'high';
}

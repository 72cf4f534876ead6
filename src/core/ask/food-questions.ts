/** Questions about what a food is: how hot it must be, and what it comes to when it is cooked. */
import { z } from 'zod';
import { ASK_GROUPS, cookingYield, findFood, foodById, kindOf } from '../food';
import { success, says } from '../reason';
import { centreTarget } from '../safety';
import { question } from './question';

const food = z.string('name the food').trim().min(1, 'name the food').max(120);

const unknown = (name: string) =>
  success({
    unknown: true as const,
    ask: ASK_GROUPS,
    because: [
      `what “${name}” is, is not known: choose its group, for without it nothing says when it is safe`,
    ],
  });

export const safe = question(
  'how hot the middle of a food must be to be safe',
  z.object({ food }),
  ({ food: name }) => {
    const kind = kindOf(name);
    if (!kind) return unknown(name);
    const target = centreTarget(kind);
    return success({
      ...(target ? { thermometerC: target.celsius, restMinutes: target.restMinutes } : {}),
      class: kind.class,
      because: target
        ? [
            `${target.what}: at least ${target.celsius} °C in the thickest part${target.restMinutes > 0 ? `, then ${target.restMinutes} min rest` : ''} (USDA FSIS, Safe Minimum Internal Temperature Chart)`,
            ...(kind.by === 'name' ? [`by the strictest of what the name “${name}” says`] : []),
          ]
        : [`no thermometer is asked for with “${name}”`],
    });
  },
);

/** Cooked food as it is measured, g/ml, where its own row says nothing (common practice). */
const COOKED_DENSITY: Readonly<Record<string, string>> = {
  meat: 'cooked-ground-meat',
  poultry: 'cooked-chicken',
};

export const yieldQuestion = question(
  'what a food weighs and measures when it is cooked',
  z.object({
    food,
    grams: z
      .number(says('the weight is a number', 'give grams, raw or dry'))
      .positive(says('a weight is over 0', 'give grams, raw or dry'))
      .max(30_000, says('no cooker holds 30 kg', 'give grams, raw or dry')),
  }),
  ({ food: name, grams }) => {
    const known = findFood(name) ?? foodById(kindOf(name)?.like ?? '');
    if (!known) return unknown(name);
    const { factor, source } = cookingYield(known);
    const cooked = grams * factor;
    const measured = foodById(COOKED_DENSITY[known.group] ?? '');
    const ml =
      known.takes > 0
        ? (grams / known.density) * known.growth
        : cooked / (measured?.density ?? known.density);
    return success({
      grams: cooked,
      ml,
      because: [
        `${grams} g of ${name} come to ${factor.toFixed(2)} times that: ${source}`,
        known.takes > 0
          ? `${known.growth} times its volume when dry (common practice)`
          : 'measured as it lies in a cup, in pieces',
      ],
    });
  },
);

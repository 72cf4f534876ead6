/** Short ways to write a dish down, so that the demo's dishes read like recipes. */
import type { Dish, Ingredient, Stage } from '$core/dish';
import { findFood } from '$core/food';
import { parseAmount } from '$core/units';

type Role = Ingredient['role'];
type Scaling = Ingredient['scaling'];

/** An ingredient from a line such as `950 g lamb shoulder, in 5 cm cubes`. */
export function item(
  id: string,
  line: string,
  role: Role = 'base',
  more: Partial<Ingredient> = {},
): Ingredient {
  const { amount, unit, rest } = parseAmount(line);
  const [food = '', ...preparation] = rest.split(',');
  const scaling: Scaling = role === 'seasoning' ? 'to-taste' : 'proportional';
  if (!findFood(food)) throw new Error(`The demo’s “${line}” names no food of the table`);
  return {
    id,
    food: food.trim(),
    amount,
    unit: amount === null ? null : (unit ?? 'piece'),
    preparation: preparation.join(',').trim(),
    role,
    scaling,
    ...more,
  };
}

type Plain = 'prep' | 'soak' | 'brown' | 'loosen' | 'thicken' | 'rest';

/** A stage that is one piece of work or waiting. */
export function stage(
  id: string,
  kind: Plain,
  minutes: number,
  text: string,
  uses: string[] = [],
  after?: string[],
): Stage {
  return { id, kind, minutes, text, uses, ...(after ? { after } : {}) };
}

/** A last stage by hand, minutes for the dish’s own servings. */
export function finish(
  id: string,
  minutes: number,
  text: string,
  uses: string[] = [],
  more: { inCooker?: boolean; after?: string[] } = {},
): Stage {
  return { id, kind: 'finish', minutes, text, uses, inCooker: false, ...more };
}

type PressureStage = Extract<Stage, { kind: 'pressure' }>;

/** A pressure stage with its level, minutes and release. */
export function pressure(
  id: string,
  text: string,
  level: 'low' | 'high',
  holdMinutes: number,
  release: 'natural' | 'quick' | number,
  uses: string[],
  more: Partial<PressureStage> = {},
): Stage {
  return {
    id,
    kind: 'pressure',
    text,
    level,
    holdMinutes,
    release: typeof release === 'number' ? { kind: 'timed', minutes: release } : { kind: release },
    uses,
    tools: [],
    ...more,
  };
}

type Written = Omit<Dish, 'format' | 'products' | 'notes' | 'unread'> &
  Partial<Pick<Dish, 'products' | 'notes' | 'unread'>>;

/** A whole dish from what is particular to it. */
export function dish(written: Written): Dish {
  return { format: 'olive-clock/dish@1', products: [], notes: '', unread: [], ...written };
}

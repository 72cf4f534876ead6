/** How long cooked food takes to cool, against the published two-stage limit. */
import { compositionFor, conductivity, findFood, solidDensity, specificHeat } from '../food';
import { saturationPressure } from '../steam';

export type CoolingMethod = 'counter' | 'fridge' | 'ice-bath';

export interface Cooling {
  /** From 57 °C, or from where it starts if that is less; null where it is never reached. */
  minutesTo21: number | null;
  minutesTo5: number | null;
  within: boolean;
  /** °C in the warmest place, by minute from the start. */
  curve: number[];
  because: string[];
}

/** @source FDA Food Code 3-501.14: 57 to 21 °C within 2 h, and 57 to 5 °C within 6 h in all */
export const TWO_STAGE = { fromC: 57, firstC: 21, firstMin: 120, lastC: 5, lastMin: 360 } as const;

/** Air on the coldest shelf, where warm food is put to cool, and water with ice in it, °C (common practice). */
const COLDEST_SHELF_C = 3;
const ICE_C = 1;
/** Still air and what radiates, W/(m² K); a metal or glass wall in stirred ice water (estimates). */
const AIR_W = 9;
const ICE_W = 180;
/** Convection in still air that carries vapour off, W/(m² K). */
const VAPOUR_W = 4;
const AIR_J_PER_KG_K = 1006;
const LATENT_J_PER_KG = 2.4e6;
const KPA = 101.3;
/** Thin liquids turn over by themselves; stirred in an ice bath everything does. */
const TURNOVER = 12;
const LAYERS = 16;
const STEP_S = 20;
const LONGEST_MIN = 48 * 60;

/**
 * A box of food with its lid off: conduction from layer to layer, loss through top, bottom and wall,
 * and steam from the surface.
 *
 * @param ml in the box, > 0
 * @param depthMm of the food in it, > 0
 */
export function coolingTime(input: {
  food: string;
  ml: number;
  depthMm: number;
  fromC: number;
  roomC: number;
  method: CoolingMethod;
}): Cooling {
  const { method, fromC, roomC } = input;
  const food = findFood(input.food);
  const { composition } = compositionFor(input.food);
  const around = method === 'fridge' ? COLDEST_SHELF_C : method === 'ice-bath' ? ICE_C : roomC;
  const topC = method === 'ice-bath' ? roomC : around;
  const wallW = method === 'ice-bath' ? ICE_W : AIR_W;
  const depth = input.depthMm / 1000;
  const area = input.ml / 1e6 / depth;
  const isThin = food?.form === 'thin' || food?.keep === 'soup' || /soup|broth/i.test(input.food);
  const turns = isThin || method === 'ice-bath' ? TURNOVER : 1;
  const k = conductivity(composition, 40) * turns;
  const layer = depth / LAYERS;
  const capacity =
    solidDensity(composition, 40) * specificHeat(composition, 40) * 1000 * area * layer;
  const wall = 2 * Math.sqrt(Math.PI * area) * layer;
  // Through the wall, heat has to come out of half the food first.
  const wallLoss = wall / (1 / wallW + Math.sqrt(area / Math.PI) / 3 / k);
  const between = (k * area) / layer;
  const bottom = area / (1 / wallW + layer / 2 / k);
  const t = new Float64Array(LAYERS).fill(fromC);
  const next = new Float64Array(LAYERS);
  const curve = [fromC];
  const steps = Math.ceil(stepsNeeded(between, capacity));
  for (let minute = 1; minute <= LONGEST_MIN; minute++) {
    for (let s = 0; s < (60 / STEP_S) * steps; s++) {
      const dt = STEP_S / steps;
      for (let i = 0; i < LAYERS; i++) {
        const here = t[i] as number;
        let flow = wallLoss * (around - here);
        flow += i > 0 ? between * ((t[i - 1] as number) - here) : bottom * (around - here);
        flow +=
          i < LAYERS - 1
            ? between * ((t[i + 1] as number) - here)
            : area * AIR_W * (topC - here) - area * vapourLoss(here, topC);
        next[i] = here + (flow * dt) / capacity;
      }
      t.set(next);
    }
    const warmest = Math.max(...t);
    curve.push(warmest);
    if (warmest <= TWO_STAGE.lastC) break;
    if (around >= TWO_STAGE.lastC && warmest - around < 0.3) break;
  }
  return report(curve, input, { around, isThin, isKnown: food !== null });
}

/** Steps in one of `STEP_S` so that no layer jumps past its neighbours. */
function stepsNeeded(between: number, capacity: number): number {
  return Math.max(1, (STEP_S * between * 4) / capacity);
}

/** How much of the water that the air could hold is in it: a kitchen, a fridge (from memory). */
const HUMIDITY = 0.6;

/** Heat that steam takes from an open surface, W/m² (Lewis relation). */
export function vapourLoss(surfaceC: number, airC: number): number {
  const at = (c: number): number => {
    const p = saturationPressure(Math.max(1, c));
    return p.ok ? p.value : 0;
  };
  const drive = Math.max(0, at(surfaceC) - HUMIDITY * at(airC));
  return ((VAPOUR_W / AIR_J_PER_KG_K) * 0.622 * drive * LATENT_J_PER_KG) / KPA;
}

function report(
  curve: number[],
  { depthMm, ml, method, fromC }: Parameters<typeof coolingTime>[0],
  { around, isThin, isKnown }: { around: number; isThin: boolean; isKnown: boolean },
): Cooling {
  const reach = (c: number): number | null => {
    const at = curve.findIndex((x) => x <= c);
    return at < 0 ? null : at;
  };
  const start = reach(TWO_STAGE.fromC) ?? 0;
  const since = (c: number): number | null => {
    const at = reach(c);
    return at === null ? null : Math.max(0, at - start);
  };
  const [first, last] = [since(TWO_STAGE.firstC), since(TWO_STAGE.lastC)];
  const within =
    first !== null && first <= TWO_STAGE.firstMin && last !== null && last <= TWO_STAGE.lastMin;
  return {
    minutesTo21: first,
    minutesTo5: last,
    within,
    curve,
    because: [
      `${Math.round(ml)} ml standing ${Math.round(depthMm)} mm deep, lid off, ${method} at ${around} °C: conduction and loss through top, bottom and wall${isThin ? '; thin food turns over by itself' : ''}`,
      ...(isKnown ? [] : ['a food that the table does not know: estimated by its group']),
      ...(fromC < TWO_STAGE.fromC ? [`counted from ${fromC} °C, where it starts`] : []),
      ...(first === null ? [`21 °C are never reached: it stands in ${around} °C`] : []),
      ...(last === null ? [`5 °C are never reached: it stands in ${around} °C`] : []),
      'limit: from 57 to 21 °C within 2 h, and to 5 °C within 6 h in all (FDA Food Code 3-501.14)',
      ...(within
        ? []
        : [
            'too slow: divide it into shallow boxes of at most 5 cm (USDA FSIS), or put it into ice water and stir',
          ]),
    ],
  };
}

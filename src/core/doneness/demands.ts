/** What a piece has to reach for a doneness: heat for safety, heat for softness. */
import { findFood, foodById, kindOf, type DonenessTarget, type Food, type FoodKind } from '../food';
import { centreTarget } from '../safety';

export type HoldTarget = 'safe' | DonenessTarget;
export type HoldTreatment = 'dry' | 'soaked';

export interface Demands {
  /** What a thermometer must show in the middle, °C; null where none is asked for. */
  thermometerC: number | null;
  /** °C in the middle for the doneness itself; null where none is wanted. */
  reachC: number | null;
  /** Minutes at the ordinary level, see `Softening`; null where only safety is asked for. */
  dose: number | null;
  /** Shorter holds are not set, min. */
  leastMin: number;
}

/**
 * Share of its dry dose that food which lay in water overnight still takes: the water is in it already. What cooks
 * soon when it is dry, gains less by it.
 *
 * @source common practice: chickpeas 35–40 min dry and 12–15 soaked, pinto beans 25–30 and 8–10, black-eyed peas
 *   14–18 and 5–6, mung beans 8–12 and 4–5; grain about two thirds
 */
function soakedShare(group: Food['group'], dryMin: number): number {
  if (group === 'grain') return 0.7;
  if (group !== 'pulse') return 1;
  const soon = (SLOW_PULSE_MIN - dryMin) / (SLOW_PULSE_MIN - QUICK_PULSE_MIN);
  return 0.4 + 0.15 * Math.min(1, Math.max(0, soon));
}
const SLOW_PULSE_MIN = 30;
const QUICK_PULSE_MIN = 15;

/** The row of the table that a hold goes by: its own, or that of the usual food of its kind. */
export function rowFor(name: string, kind: FoodKind | null): Food | null {
  if (kind?.like) return foodById(kind.like);
  return kind?.by === 'table' ? findFood(name) : null;
}

/** The word in the name means the same as the treatment. */
export function isSoaked(name: string, treated?: HoldTreatment): boolean {
  return treated === 'soaked' || (treated === undefined && /\b(?:pre-?)?soaked\b/i.test(name));
}

/**
 * What has to be reached.
 *
 * @returns null where the food’s softness is asked for and not known
 */
export function demandsOf(
  question: { food: string; target: HoldTarget; treated?: HoldTreatment },
  food: Food | null,
): Demands | null {
  const { target } = question;
  const thermometerC = centreTarget(kindOf(question.food))?.celsius ?? null;
  if (target === 'safe')
    return {
      thermometerC,
      reachC: null,
      dose: null,
      leastMin: food?.softening.leastMin ?? 0,
    };
  if (!food) return null;
  const { doses, reaches, leastMin } = food.softening;
  const dryMin = doses[target] ?? longest(doses);
  const share = isSoaked(question.food, question.treated) ? soakedShare(food.group, dryMin) : 1;
  return {
    thermometerC,
    reachC: reaches[target] ?? null,
    dose: dryMin * share,
    leastMin,
  };
}

/** A target that a food has no number for: the most that it has for any. */
function longest(doses: Food['softening']['doses']): number {
  return Math.max(0, ...Object.values(doses));
}

/**
 * What the way up to pressure already cooks: a fuller or bigger pot takes longer, and finicky food is
 * cooked meanwhile, so that much is taken off its hold (common practice: 1–2 min when doubled).
 */
import type { CurvePoint } from '../cooker';
import { softeningRate } from './rates';

/** Minutes at the ordinary level that small pieces get on the way up. */
export function comeUpDose(curve: readonly CurvePoint[]): number {
  let sum = 0;
  for (let i = 1; i < curve.length; i++) {
    const [a, b] = [curve[i - 1] as CurvePoint, curve[i] as CurvePoint];
    sum +=
      (((softeningRate(a.celsius) + softeningRate(b.celsius)) / 2) * (b.seconds - a.seconds)) / 60;
  }
  return sum;
}

/**
 * Minutes to take off a hold.
 *
 * @param usual the way up of the dish as it is written
 * @param actual the way up of the pot at hand
 * @param workC °C at the level that is held
 * @returns whole minutes, at least 0 and never more than the hold
 */
export function holdCredit(
  holdMinutes: number,
  usual: readonly CurvePoint[],
  actual: readonly CurvePoint[],
  workC: number,
): number {
  const more = (comeUpDose(actual) - comeUpDose(usual)) / softeningRate(workC);
  return Math.min(holdMinutes, Math.max(0, Math.round(more)));
}

/** What a dish would take in each cooker, outside any meal. */
import { growsWithAmount, type ScaledDish, type Stage } from '../dish';
import type { Kitchen } from '../kitchen';
import { askCooker, type CookerOffer } from './ask-cooker';
import { findStays } from './stays';

/** Asks every cooker about every stay of the dish that happens in one. */
export function offersFor(scaled: ScaledDish, kitchen: Kitchen): CookerOffer[][] {
  return findStays(scaled.dish)
    .filter((stay) => stay.place === 'cooker')
    .map((stay) =>
      kitchen.cookers.map((cooker) => askCooker(scaled, stay.stages, cooker, kitchen)),
    );
}

/** Minutes of a stage as a plan counts them: cutting grows with the amount, browning with its rounds. */
export function stageMinutes(
  stage: Stage,
  factor: number,
  browning: Readonly<Record<string, { minutes: number }>>,
): number {
  if (stage.kind === 'pressure') return stage.holdMinutes;
  if (growsWithAmount(stage)) return Math.max(1, Math.round(stage.minutes * factor));
  return browning[stage.id]?.minutes ?? stage.minutes;
}

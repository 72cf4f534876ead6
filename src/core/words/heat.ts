/** How hot a stage is, as it stands behind its minutes. */
import { isGrilled, type Stage } from '../dish';
import { formatTemperature } from '../units';

/** @example sayHeat(baked, 'C') // ' at 200 °C' */
export function sayHeat(stage: Stage, scale: 'C' | 'F'): string {
  if (stage.kind !== 'oven' && stage.kind !== 'crisp') return '';
  return isGrilled(stage)
    ? ' under the grill'
    : ` at ${formatTemperature(stage.celsius, scale, 5)}`;
}

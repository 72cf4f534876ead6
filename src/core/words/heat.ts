/** How hot something is heated, as it stands behind its minutes. */
import { formatTemperature } from '../units';

/**
 * @param heat °C, or the grill, which has none; null for what is in no oven
 * @example sayHeat(200, 'C') // ' at 200 °C'
 */
export function sayHeat(heat: number | 'grill' | null, scale: 'C' | 'F'): string {
  if (heat === null) return '';
  return heat === 'grill' ? ' under the grill' : ` at ${formatTemperature(heat, scale, 5)}`;
}

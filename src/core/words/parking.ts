/** Where food waits between two steps, and how long a dish keeps. */
import { LOW_OVEN_C } from '../facts';
import { formatMinutes, formatTemperature } from '../units';

/** @source USDA FSIS, “Leftovers and Food Safety”: reheat to 165 °F (74 °C) */
const REHEAT_C = 74;

/**
 * @param until the moment on the household's clock at which it goes on
 * @example sayParked({ minutes: 84, where: 'low-oven' }, '18:06', { scale: 'C' }) // 'then it waits 84 min …'
 */
export function sayParked(
  parked: {
    minutes: number;
    where: 'in-pot' | 'keep-warm' | 'low-oven' | 'burner' | 'covered';
    isToReheat?: boolean;
  },
  until: string,
  { scale }: { scale: 'C' | 'F' },
): string {
  const where = {
    'in-pot': 'in the pot, heat off, lid on',
    'keep-warm': 'in the pot on keep warm',
    'low-oven': `covered in the oven at ${formatTemperature(LOW_OVEN_C, scale, 5)}`,
    burner: 'in a pan over the lowest heat, lid on; stir it now and then',
    covered: parked.minutes > 30 ? 'well covered, two hours at most (USDA FSIS)' : 'covered',
  }[parked.where];
  const again = parked.isToReheat
    ? `; heat it through again before it goes on, to ${formatTemperature(REHEAT_C, scale)}`
    : '';
  return `then it waits ${formatMinutes(parked.minutes)}, until ${until}: ${where}${again}`;
}

/** Less than this, and a dish is eaten at once, min. */
const AT_ONCE_MIN = 10;

/**
 * How long a dish may wait for the table.
 *
 * @param maxMinutes null for as long as one likes
 * @param isHot whether it comes to the table hot: what is cold is not kept warm
 */
export function sayKeeps(maxMinutes: number | null, isHot: boolean): string {
  const keeps = isHot ? 'keeps warm' : 'keeps';
  if (maxMinutes === null)
    return isHot ? `${keeps} as long as you like` : `${keeps} until it is served`;
  return maxMinutes < AT_ONCE_MIN
    ? `eat within ${maxMinutes} min`
    : `${keeps} for up to ${formatMinutes(maxMinutes)}`;
}

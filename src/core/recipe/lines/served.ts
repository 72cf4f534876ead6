/** What a line of the list says is for the table: “To serve: spring onions, white pepper, 2 soft eggs”. */
import { mentionedFood } from '../../food';
import { findDurations } from '../durations';

const LED =
  /^((?:to (?:serve|finish|garnish|top)(?: with)?|for (?:serving|garnish(?:ing)?|topping|the (?:top|topping|garnish|table))|garnish(?:es)?|(?:optional )?toppings?|on top|at the table)(?: \((?:all )?optional\))?)\s*(?::|\s[–—-])\s+(.+)$/i;

/** Of those named, so many have to be known: what nobody knows may be among them. */
const KNOWN_SHARE = 0.6;

/**
 * Foods of a line that begins with what they are for.
 *
 * @returns each as a line of its own, with what it is for behind it; none where the line is no such list
 * @example servedFoods('To serve: lime, 2 soft eggs') // ['lime, to serve', '2 soft eggs, to serve']
 */
export function servedFoods(line: string): string[] {
  const [, use = '', foods = ''] = LED.exec(line.trim()) ?? [];
  const parts = foods
    .replace(/[.\s]+$/, '')
    .split(/\s*[,;]\s+(?:and\s+)?(?![^()]*\))|\s+(?:[+&]|and)\s+(?![^()]*\))/i)
    .filter((part) => part !== '');
  const known = parts.filter((part) => mentionedFood(part) !== null).length;
  if (known === 0 || known < parts.length * KNOWN_SHARE) return [];
  if (findDurations(foods.replace(/\([^()]*\)/g, ' ')).length > 0) return [];
  return parts.map((part) => `${part}, ${use.toLowerCase()}`);
}

const OVER_SERVED =
  /^(?:((?:to|for) (?:serve|finish|garnish|top|decorate|serving|garnishing|topping|decorating|the (?:table|garnish|top)))|garnish(?:es)?)(?:\s+with)?(?=\s*(?:[,(:]|$))/i;

/** @returns what the list under a heading is for, in words that each of its lines can take; '' where it is for the pot */
export function servedUnder(heading: string): string {
  const found = OVER_SERVED.exec(heading.replace(/[*_#]+/g, '').trim());
  return found ? (found[1] ?? 'to garnish').toLowerCase() : '';
}

/** One row of a table as a line of text. */
import { parseAmount } from '../units';

const AMOUNT = /^(?:about |ca\.? |~)?[\d½¼¾⅓⅔]/i;

const isUnit = (word: string): boolean =>
  /^\p{L}{1,12}\.?$/u.test(word) && parseAmount(`1 ${word} oil`).unit !== null;

/**
 * The cells of a row in one line. What stands behind an amount and its food is a note on it, and gets a comma.
 *
 * @example rowLine(['2 cups', 'stock', 'low salt']) // '2 cups stock, low salt'
 */
export function rowLine(cells: readonly string[]): string {
  const told = cells.map((cell) => cell.trim()).filter((cell) => cell !== '');
  const [first = '', second = '', third = '', ...rest] = told;
  // “1 | tbsp | oil”: the unit may have a column of its own.
  const isApart = AMOUNT.test(first) && isUnit(second);
  const notes = isApart ? rest : [third, ...rest];
  const isListed = AMOUNT.test(first) || AMOUNT.test(second);
  if (!isListed || notes.filter(Boolean).length === 0 || notes.some((n) => AMOUNT.test(n)))
    return told.join(' ');
  return [[first, second, ...(isApart ? [third] : [])].join(' '), ...notes].join(', ');
}

/** Lengths as a cook says them: “3 cm”, “1¼ in”, “30 mm”. */
import { toNumber } from './numbers';

const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4 };
/** A bare number up to this is centimetres or inches, above it millimetres: no piece is 60 cm thick. */
const MOST_BARE = 12;

/**
 * @param bare what a small number without a unit is in
 * @returns mm; NaN where it is no length
 * @example parseLength('1¼ in') // 31.75
 */
export function parseLength(text: string, bare: 'cm' | 'in' = 'cm'): number {
  const plain = text.trim().toLowerCase();
  const [, digits = '', unit = ''] = /^(.*?)\s*(mm|cm|in(?:ch(?:es)?)?\.?|"|”)?$/.exec(plain) ?? [];
  const value = toNumber(digits);
  if (unit !== '') return value * (MM[/^(?:in|"|”)/.test(unit) ? 'in' : unit] ?? Number.NaN);
  return value > MOST_BARE ? value : value * (MM[bare] ?? Number.NaN);
}

/** Several things on one line: “Serves 8 | Prep 15 min”, “Ingredients: 2 leeks / 1 l water”, “Method: brown the …”. */
import { mentionedFood } from '../../food';
import { parseAmount } from '../../units';
import { headingOf } from './headings';
import { ONLY_TIME } from './only-time';
import { findYield } from './yields';

export interface PackedPart {
  text: string;
  /** Where it begins on the line. */
  at: number;
}

/** A heading with what it announces behind it; a short one is “Method: see below” and stays whole. */
const HEADED = /^([\p{L}’' ]{3,24}):\s+(?=\S+\s+\S)/u;
const BAR = /\s*[|·•]\s*/;
/** “For the barley: 250 g barley • 600 ml stock”, “Pan (7-inch): 1 cup rice; 1 cup water”: what the list is for. */
const FOR =
  /^(?:for (?:the )?[\p{L} ]{3,24}:\s+(?=\d|\p{L})|[\p{L}’' ]{3,24}(?:\s*\([^()]*\))?:\s+(?=[\d½¼¾⅓⅔]))/iu;
const SEMICOLON = /;\s+(?![^()]*\))/;
const SLASH = /\s+\/\s+/;
/** Facts of the head are short. */
const MOST_WORDS = 8;
const FACT =
  /^(?:prep(?:aration)?|cook(?:ing)?|total|time|ready|rest|pressure|release|serves?|servings?|yields?|makes|feeds|level|setting|mode|difficulty|course|cuisine|natural|quick|high|low)\b/i;

/** “Onions x2, carrots x2 (all in chunks)”. */
const TIMES = /^\p{L}[\p{L} ]{2,24}\s*[x×]\s?\d{1,2}(?:\s*\([^()]*\))?$/iu;

const NAMED = /^(\p{Lu}[^\d—–|:.]{3,60}?)\s+[—–]\s+(?=\S)/u;

/** The parts of a text between separators, with their places; what is empty is none. */
function between(text: string, from: number, separator: RegExp): PackedPart[] {
  const parts: PackedPart[] = [];
  let at = from;
  for (const piece of text.slice(from).split(separator)) {
    const start = text.indexOf(piece, at);
    at = start + piece.length;
    if (/[\p{L}\d]/u.test(piece)) parts.push({ text: piece.trim(), at: start });
  }
  return parts;
}

const isFact = (part: string): boolean =>
  part.split(/\s+/).length <= MOST_WORDS &&
  (FACT.test(part) || ONLY_TIME.test(part) || findYield(part) !== '');
const isFood = (part: string): boolean =>
  part.split(/\s+/).length <= MOST_WORDS * 2 &&
  (parseAmount(part).amount !== null || mentionedFood(part) !== null);

/** Most of at least three. */
const areMost = (parts: readonly PackedPart[], is: (part: string) => boolean): boolean =>
  parts.length >= 3 && parts.filter((p) => is(p.text)).length * 4 >= parts.length * 3;
const isMeasured = ({ text }: PackedPart): boolean =>
  parseAmount(text).unit !== null && mentionedFood(text) !== null;

/**
 * A line as the lines that it packs; one that packs nothing is its only part.
 *
 * @param text the line without its mark
 * @param isFirst the first line of a text is its title, whatever stands beside it
 */
export function unpack(text: string, isFirst: boolean): PackedPart[] {
  const heading = HEADED.exec(text);
  const part = heading && headingOf(heading[1] ?? '');
  // “Tip: soak them” is a note whole.
  const isTime = heading !== null && ONLY_TIME.test(text.slice(heading[0].length));
  const isHeaded = heading && !isTime && (part === 'ingredients' || part === 'method');
  const isFor =
    !isHeaded && (BAR.test(text) || SEMICOLON.test(text)) && !isFact(text.split(BAR)[0] ?? '')
      ? FOR.exec(text)
      : null;
  const from = isHeaded ? heading[0].length : (isFor?.[0].length ?? 0);
  const head = from > 0 ? [{ text: text.slice(0, from).trim(), at: 0 }] : [];
  const bars = between(text, from, BAR);
  // “Green prawn rice — 4 portions, ready in 30 min”: what it is, and facts of it.
  const dash = isFirst || from > 0 ? null : NAMED.exec(text);
  const facts = dash ? between(text, dash[0].length, /\s*(?:[|·•]|,\s)\s*/) : [];
  if (dash && facts.length > 0 && facts.every((p) => isFact(p.text)))
    return [{ text: dash[1] ?? '', at: 0 }, ...facts];
  const commas = between(text, from, /,\s*/);
  if (from === 0 && commas.length > 1 && commas.every((p) => TIMES.test(p.text))) return commas;
  if (isFirst && from === 0)
    return bars.length > 1 && bars.slice(1).every((p) => isFact(p.text)) ? bars : [{ text, at: 0 }];
  if (bars.length > 1 && bars.every((p) => isFact(p.text))) return [...head, ...bars];
  const isSentences = /\.\s+\p{Lu}/u.test(text);
  const listed = isFor && !isSentences ? [between(text, from, SEMICOLON)] : [];
  for (const parts of [bars, ...listed, between(text, from, SLASH)])
    if (areMost(parts, isFood) || (parts.length === 2 && parts.every(isMeasured)))
      return [...head, ...parts];
  return from > 0 && !isFor ? [...head, { text: text.slice(from), at: from }] : [{ text, at: 0 }];
}

/** “2 c. vinegar     2 onions”: things side by side, a wide gap between them, each with its amount; null for others. */
export function columns(text: string): PackedPart[] | null {
  const parts = between(text, 0, /\s{3,}|\t+/);
  const isThing = ({ text: own }: PackedPart): boolean => {
    const { amount, unit, rest } = parseAmount(own);
    // “6 cloves” are a measure and a spice.
    return amount !== null && (/\p{L}{3}/u.test(rest) || unit === 'clove');
  };
  return parts.length > 1 && parts.every(isThing) ? parts : null;
}

/** What a dish is called: its title without what stands beside it, or what the text calls what it makes. */
import { mentionedFood } from '../../food';
import type { RawRecipe } from '../types';
import { VERB_FIRST, type Features, type Line } from './features';
import { headingOf } from './headings';
import type { Label } from './label';
import { restOfYield } from './yields';

/** “ok so heres my venison pot”: what a text without a title calls what it makes. */
const CALLS_IT =
  /\b(?:mak(?:e|ing)|we(?:'|’)?re (?:doing|cooking)|i(?:'|’)?m (?:doing|cooking)(?= (?:an?|my|our|the) )|here(?:'|’)?s (?:my|the|our|that|a)|this is (?:my|a|the|our)|i (?:do|make|cook) (?:the|a|my|our)|it(?:'|’)s (?:my|a|an|the|our)|for (?:my|the(?! (?:group|chat|family|kids|first|people|record|weekend|freezer|week)\b)|our)|today(?:(?:'|’)s)? (?:video|recipe|dish|one) is|today(?: it(?:'|’)s| is|(?:'|’)s(?! (?:video|recipe|dish|one)\b)|,)|called|promised (?:you|u)|^(?:ok(?:ay)?|so|right|well),?(?: so,?)?(?= (?:my|our|the) )|(?:you|u) (?:asked|wanted) for|(?:supper|dinner|dish|plate|pot|bowl) of)\s+(?:an?\s+|the\s+|my\s+|our\s+|some\s+)?(?:(?:really|super|very|quick|simple|easy|lovely|delicious)\s+)*((?:(?:[\p{L}'’-]+|&)\s+){0,4}[\p{L}'’-]+)(?=[,:.!]|\s*\p{Extended_Pictographic}|\s+(?:in (?:the|a|my)|okay|ok|that|for|from|which|and this|been|thing|(?:i|we) (?:made|make|do|did|cooked|served)|(?:you|u) (?:asked|wanted|liked)|(?:everyone|everybody|people) \p{L}+)\b|$)/iu;

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a text without a title calls what it makes; '' where it calls it nothing. */
export function spokenName(lines: readonly Line[]): string {
  const first = lines.slice(0, 6);
  for (const { text } of first) {
    const name = CALLS_IT.exec(text)?.[1]?.trim() ?? '';
    if (name.length >= 4) return capital(name);
  }
  // “Hiya, as promised! Coconut dal w spinach. Enough for 4”: a sentence that only names it.
  const opening = first[0]?.text.split(/[.!?]+\s+/) ?? [];
  const named = opening.find(
    (s) =>
      /^\p{Lu}[^\d,:;]{5,50}$/u.test(s) && s.split(/\s+/).length <= 7 && mentionedFood(s) !== null,
  );
  if (named !== undefined && opening.length > 1 && !VERB_FIRST.test(named)) return named;
  // “lentil thing for the slow day: 200 g lentils, …”: what it is, and then what goes in.
  for (const { text } of first) {
    const last = text.split(/[.!?]+\s+/).at(-1) ?? '';
    const isName = /^[^:.\d]{4,60}:$/u.test(last) && headingOf(last) === null;
    if (isName && mentionedFood(last))
      return capital(last.slice(0, -1).replace(/\s+in the \S+$/i, ''));
  }
  return '';
}

/** A name that stands below the list, with its facts on the same line: “Green prawn rice — 4 portions”. */
export function namedBelow(
  source: string,
  features: readonly Features[],
  labels: readonly Label[],
): string {
  const named = features.find((f, i) => {
    const next = features[i + 1];
    const isOneLine = next && !source.slice(f.line.end, next.line.start + 1).includes('\n');
    return labels[i] === 'section' && isOneLine && (next.yieldOnly || next.meta);
  });
  return named?.line.text ?? '';
}

/** “Hiya! the beetroot thing”. */
const GREETED = /^(?:hey|hiya?|hello)\b[!,. ]+(?:the|our|my|a)\s+(?=\p{L})/iu;
const WRITTEN_DOWN =
  /^(?:transcribed|copied|scanned|typed(?: up| out)?|taken (?:down|from)|written down|clipped)\b[^.]{0,50}$/i;

/** The title without what stands beside it: “Duck (Serves 4; Prep 15 mins)”, “Pilaf | Yields 5 cups”. */
export function takeTitle(recipe: RawRecipe, text: string, found: string): void {
  const beside = /\s*(?:\([^()]*\d[^()]*\)|\s[|·]\s.*)$/.exec(text);
  const isBeside =
    beside !== null &&
    /\b(?:serv|yield|makes|prep|cook|total|feeds|min|hours?|for)\b|serv/i.test(beside[0]);
  const name = isBeside ? text.slice(0, beside.index) : withoutYield(text, found);
  if (isBeside) recipe.aside.push(...restOfYield(beside[0].replace(/[()|·]/g, ' ').trim(), found));
  // “Taken down from the video”: where it comes from, and not what it is.
  if (WRITTEN_DOWN.test(name)) {
    recipe.notes.push(text);
    return;
  }
  const isSpoken =
    /^(?:\p{Ll}|[Hh]ey|[Hh]i|[Oo]k|[Ss]o|[Rr]ight|[Tt]oday|[Hh]ello|[Ww]elcome)/u.test(name) &&
    name.split(/\s+/).length > 7;
  const isGreeting = /^(?:hey|hi|hiya|hello)\b[!,.]/i.test(name);
  const spoken = isSpoken || isGreeting ? CALLS_IT.exec(name)?.[1] : undefined;
  recipe.name = (spoken === undefined ? name : capital(spoken))
    .replace(/^(?:(?:re|fwd?|subject|recipe|title|name|dish):\s*)+/i, '')
    .replace(GREETED, '')
    .replace(/^(?:chef(?:(?:'|’)?s)? |recipe )?card\s*[—–:-]\s*(?=\p{L})/iu, '')
    .replace(/(?<=\p{L}{3}[^–—]*)\s+[–—-]\s+(?:(?:I|we) \p{L}+|this is|it(?:'|’)s)\b.*$/u, '')
    .replace(/^(?:today|tonight|yesterday|sunday)?\s*(?:i|we) (?:made|cooked|had|make)\s*:\s*/i, '')
    .trim()
    .replace(/[:.,!]+$/, '');
  if (GREETED.test(name)) recipe.name = capital(recipe.name);
}

/** “Stew (for 5)”: how many it feeds is no part of its name. */
function withoutYield(title: string, found: string): string {
  if (found === '') return title;
  const name = title
    .replace(/\bfor\b.*/i.exec(found)?.[0] ?? found, '')
    .replace(/(?<=[\s,])-?ish\b/i, '')
    .replace(/\s*[–—-]\s*,\s*/, ', ')
    .replace(/\.\s*[.,;]?\s*$/, '')
    .replace(/(?<=\()\s*,\s*/, '')
    .replace(/\s*,\s*(?=\))/, '')
    .replace(/\s{2,}/g, ' ')
    .replace(/\(\s*(?:\p{Ll}+(?:\s\p{Ll}+)?)?\s*\)|[\s(|·,/–—-]+$/gu, '')
    .trim();
  return /\p{L}{3}/u.test(name) ? name : title;
}

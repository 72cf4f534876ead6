/** The words of a stage, where one sentence tells of two: each stage says its own, and nothing is said twice. */
import type { FoundStage } from './types';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What only joins two parts of a sentence. */
const JOINT = /[\s,;:–—(]+(?:(?:and|then|but|while)\b[\s,;]*)*$|\b(?:and|then|but|while)\s*$/i;
/** “While you boil the sauce down” is told to the cook like any other step. */
const ADDRESSED = /^you (?:can )?(?=[a-z]+ )/i;
const LED = /^[\s,;]*(?:(?:and|then)\b[\s,]*)*/i;

/** Where words stand in a sentence, or as many of the first of them as do: a time in brackets was taken out of those. */
function placeOf(sentence: string, from: string): number {
  const words = from.split(' ');
  for (let count = words.length; count >= Math.min(2, words.length); count--) {
    const at = sentence.indexOf(words.slice(0, count).join(' '));
    if (at >= 0) return at;
  }
  return -1;
}

/** Where a stage begins within a sentence; null where it has the whole of it, or its words are not found there. */
function beginsAt(sentence: string, from: string | undefined): number | null {
  const at = from === undefined ? -1 : placeOf(sentence, from);
  return at > 0 && /\p{L}{2}/u.test(sentence.slice(0, at)) ? at : null;
}

/** Where the words of the stage behind begin in the last sentence of this one. */
function endsAt(sentence: string, next: FoundStage | undefined): number | null {
  const [first = ''] = next?.sentences ?? [];
  if (first === sentence) return beginsAt(sentence, next?.from);
  const at = sentence.toLowerCase().lastIndexOf(first.toLowerCase());
  return first !== '' && at > 0 ? at : null;
}

/**
 * The words of a stage without those that the stage beside it has already: “stir in the spinach and let stand 5
 * minutes” is stirring, then standing.
 *
 * @param at index of the stage among those found
 */
export function ownPart(found: readonly FoundStage[], at: number): string {
  const stage = found[at];
  if (stage?.words !== undefined) return capital(stage.words);
  const sentences = [...(stage?.sentences ?? [])];
  const told = sentences.join(' ');
  const before = found[at - 1];
  const end = sentences.length - 1;
  const until = endsAt(sentences[end] ?? '', found[at + 1]);
  const [first = ''] = sentences;
  const said = before?.sentences.at(-1) ?? '';
  const isShared = said === first || (said !== '' && first.startsWith(said));
  const start = isShared ? beginsAt(first, stage?.from) : null;
  if (until !== null) sentences[end] = (sentences[end] ?? '').slice(0, until).replace(JOINT, '');
  if (start !== null)
    sentences[0] = capital((sentences[0] ?? '').slice(start).replace(ADDRESSED, ''));
  const isLed =
    start === null && before?.kind === 'finish' && told.startsWith(before.sentences.join(' '));
  const own = sentences
    .map((s, i) => (i < end && !/[.!?:;]['”)]?$/.test(s) ? `${s}.` : s))
    .join(' ')
    .trim();
  if (isLed) {
    const rest = told.slice(before.sentences.join(' ').length).replace(LED, '');
    return rest === '' ? told : capital(rest);
  }
  return /\p{L}{2}/u.test(own) ? closed(own) : told;
}

/** “Lift out (foil sling” was cut within its brackets. */
const closed = (text: string): string =>
  text.split('(').length > text.split(')').length ? `${text.replace(/[\s,;]+$/, '')})` : text;

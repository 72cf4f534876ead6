/** Pans that stand on a stove, by all the names that kitchens give them. */

import { saysBurner } from './phrases';

/** What food is fried in, as a part of a pattern. */
export const FRYING = String.raw`skillet|frying[- ]?pan|fry[- ]pan|wok|kadh?ai|karahi|tawa|tava|griddle`;

/** Whether it is fried in a pan of its own. */
export const FRYING_PAN = new RegExp(String.raw`\b(?:${FRYING}|dry pan)\b`, 'i');

/** Whether it goes on in the pan in which something was fried before. */
export const SAME_PAN = new RegExp(
  String.raw`\bin(?:to)? the same (?:frying[- ]?|sauce)?(?:pan|${FRYING})\b`,
  'i',
);

/** “Tip the sprouts into the pan”: what went on meanwhile is over, and both go on together. */
export const INTO_PAN = new RegExp(
  String.raw`\b(?:into|to|in) (?:the|that) (?:same |hot )?(?:frying[- ]?)?(?:pan|${FRYING})\b`,
  'i',
);

/** More goes into the pan, and is fried there: “Add the ginger paste and sauté till the raw smell goes, 1 min.” */
const GOES_ON =
  /^(?:then |now |next,? )?(?:add|put|throw|tip|drop|stir) (?:in )?(?:the )?[^.]*?\b(?:saut[eé]|fry|cook|stir|toast|brown)(?:\b|(?<=é))/;
/** To what was cooked apart from it, or by a key of the cooker. */
const LEAVES =
  /\b(?:to|into|in|over|through|with) (?:the )?(?:[\p{L}-]+ )?(?:dals?|daals?|lentils?|beans?|peas|chickpeas|rajma|chana|pot|cooker|liner|soup|stew|curry|rice|khichdi|sambar|broth|stock|meat|saag|sauce)\b|\b(?:on|to|press|select|set|mode|function|setting)\b[^.]{0,14}\bsaut[eé]|\bsaut[eé][^.]{0,4}\b(?:mode|function|setting|key|button|low|less|normal|high|more|medium)\b|\blid\b|\bpressure\b|\bseal\b/iu;

/**
 * Whether the work stays in a pan on the stove.
 *
 * @param wasInPan whether it was there in the sentence before
 */
export const staysInPan = (sentence: string, wasInPan: boolean): boolean =>
  !LEAVES.test(sentence) &&
  ((saysBurner(sentence) && FRYING_PAN.test(sentence)) ||
    (wasInPan &&
      (GOES_ON.test(sentence.replace(/^\p{Lu}/u, (l) => l.toLowerCase())) || isFrying(sentence))));

const isFrying = (sentence: string): boolean => /^fry\b/i.test(sentence);

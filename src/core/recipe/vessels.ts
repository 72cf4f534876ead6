/** Pans that stand on a stove, by all the names that kitchens give them. */

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

/** Instructions cut into sentences, and sentences into clauses with one thing said in each. */

/** Short forms whose full stop ends no sentence. */
const SHORT =
  /\b(min|mins|hr|hrs|lb|lbs|oz|tbsp|tbs|tsp|approx|qt|pkg|pkt|deg|ca|temp|med|incl|esp|vs|no|nat)\.(?=\s+[a-z\d(]|,|;)/gi;
/** A question goes with what is said to it: “Too thin? Simmer for 5 minutes.” */
const SENTENCE_END = /(?<=[.!]['"”)]?)\s+(?=["“(]?[\p{L}\d])|\n+/u;
const CLAUSE_END =
  /\s*(?:[;:]|,(?!\d)|\.(?=\s|$)|\((?=[^)]*\))|\)|–\s|—|\b(?:and then|then|and(?!\s+(?:an?\s+)?(?:half|quarter|three[- ]quarters)\b)|but|before|after which|until you|while)\b)\s*/i;

export function toSentences(paragraphs: readonly string[]): string[] {
  return paragraphs
    .flatMap((p) => p.replace(SHORT, '$1').split(SENTENCE_END))
    .map((s) => s.replace(/\s+/g, ' ').trim())
    .filter((s) => s.length > 1);
}

export function toClauses(sentence: string): string[] {
  return sentence
    .replace(/\b(hours?)\s+and\s+(?=\d|a half)/gi, '$1 ')
    .split(CLAUSE_END)
    .map((c) => c.trim())
    .filter(Boolean);
}

const LONGEST = 60;

/** Words of a step within another sentence: whole words, and a sign where there are more. */
export function shortened(text: string): string {
  if (text.length <= LONGEST) return text;
  return `${text.slice(0, LONGEST).replace(/[\s,;:.]*\S*$/, '')} …`;
}

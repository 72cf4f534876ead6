/** The last kept answers of one function. */
const MOST_KEPT = 5000;

/**
 * Keeps what a function of a text has answered: a reader asks the same of the same few words again and again. An
 * answer is shared, so it has to be one that nobody changes.
 *
 * @param ask a pure function
 * @param longest texts of more characters are asked anew each time, lest a whole page is kept for each of its lines
 */
export function keptByText<T>(ask: (text: string) => T, longest: number): (text: string) => T {
  const kept = new Map<string, T>();
  return (text) => {
    if (text.length > longest) return ask(text);
    const known = kept.get(text);
    if (known !== undefined || kept.has(text)) return known as T;
    const found = ask(text);
    if (kept.size >= MOST_KEPT) kept.clear();
    kept.set(text, found);
    return found;
  };
}

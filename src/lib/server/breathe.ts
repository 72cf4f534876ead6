/** Lets others be answered in between: the database answers within the call, and nobody else would have a turn. */
export const breathe = (): Promise<void> => new Promise((resolve) => void setImmediate(resolve));

/**
 * Runs work that stops between its parts, and has others answered there.
 *
 * @param onPart what is done between two parts
 * @returns what the work returns
 */
export async function inTurns<Part, Result>(
  working: Generator<Part, Result, undefined>,
  onPart: (part: Part) => Promise<void> = breathe,
): Promise<Result> {
  for (;;) {
    const { value, done } = working.next();
    if (done) return value;
    await onPart(value);
  }
}

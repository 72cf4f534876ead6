/** What a schema says: the rule and the way out, two things in the one text that a schema has room for. */

interface Said {
  message: string;
  remedy: string;
}

const SAID = new Map<string, Said>();

/**
 * A schema's message for what it refuses.
 *
 * @param message the rule
 * @param remedy what to do, as an instruction
 * @returns both as one text, as pages show it under a field; `saidIn` gives them apart again
 */
export function says(message: string, remedy: string): string {
  const whole = `${message}; ${remedy}`;
  SAID.set(whole, { message, remedy });
  return whole;
}

/** @returns the rule and the way out of a schema's message; null of a text that `says` has not made */
export function saidIn(message: string): Said | null {
  return SAID.get(message) ?? null;
}

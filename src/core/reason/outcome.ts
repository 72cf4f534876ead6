/** Outcomes a cook can cause, as values that name field and remedy; exceptions are for our bugs. */
import { saidIn } from './says';

/** Something wrong in what was given: which field, what about it, and what to do. */
export interface Fault {
  /** Path of the field, as the form or the document names it. */
  field: string;
  /** The rule and what was received. */
  message: string;
  /** The way out, as an instruction. */
  remedy: string;
  /** The meal's entry that it is about, where it is about one. */
  entry?: string;
}

/** Why something can't be, and what helps; the field is plain from where it is shown. */
export type Refusal = Omit<Fault, 'field'>;

/** Either a value, or everything that keeps it from being one. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; problems: Fault[] };

export function success<T>(value: T): Outcome<T> {
  return { ok: true, value };
}

export function failure<T>(...problems: Fault[]): Outcome<T> {
  return { ok: false, problems };
}

/** One line for a terminal: field, rule, remedy. */
export function describeProblem(problem: Fault): string {
  return `${problem.field}: ${problem.message}; ${problem.remedy}`;
}

/**
 * What a schema refuses, rule and remedy apart.
 *
 * @param whole the field where the issue names none
 * @param usual the remedy where the message has none
 */
export function problemsOf(
  issues: readonly { path: readonly PropertyKey[]; message: string }[],
  whole = '',
  usual = 'correct it',
): Fault[] {
  return issues.map(({ path, message }): Fault => ({
    field: path.map(String).join('.') || whole,
    ...(saidIn(message) ?? { message, remedy: usual }),
  }));
}

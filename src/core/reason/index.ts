/** Outcomes a cook can cause, as values that name field and remedy; exceptions are for our bugs. */

/** Something wrong in what was given: which field, what about it, and what to do. */
export interface Problem {
  /** Path of the field, as the form or the document names it. */
  field: string;
  /** The rule and what was received. */
  message: string;
  /** The way out, as an instruction. */
  remedy: string;
}

/** Either a value, or everything that keeps it from being one. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; problems: Problem[] };

export function success<T>(value: T): Outcome<T> {
  return { ok: true, value };
}

export function failure<T>(...problems: Problem[]): Outcome<T> {
  return { ok: false, problems };
}

/** One line for a terminal: field, rule, remedy. */
export function describeProblem(problem: Problem): string {
  return `${problem.field}: ${problem.message}; ${problem.remedy}`;
}

/** What a schema refuses, as “what is wrong; what to do”. */
export function problemsOf(
  issues: readonly { path: readonly PropertyKey[]; message: string }[],
): Problem[] {
  return issues.map((issue): Problem => {
    const [message = '', remedy = 'correct it'] = issue.message.split('; ');
    return { field: issue.path.join('.'), message, remedy };
  });
}

export { useHouseWords } from './wording';

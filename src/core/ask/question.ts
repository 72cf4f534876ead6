/** A question: its input checked against a schema, then answered. */
import type { z } from 'zod';
import { failure, problemsOf, type Outcome } from '../reason';

/** What every answer says of itself. */
export interface Reasoned {
  because: string[];
}

export interface Question<A extends Reasoned> {
  /** One line for the help. */
  about: string;
  answer: (input: unknown) => Outcome<A>;
}

type ValueOf<R> = R extends { ok: true; value: infer A extends Reasoned } ? A : never;

/** Puts a schema in front of an answer. */
export function question<S extends z.ZodType, R extends Outcome<Reasoned>>(
  about: string,
  schema: S,
  answer: (input: z.infer<S>) => R,
): Question<ValueOf<R>> {
  return {
    about,
    answer: (input) => {
      const parsed = schema.safeParse(input);
      // Several answers of one question are a union; that it is the outcome's own, the compiler can't see.
      if (parsed.success) return answer(parsed.data) as Outcome<ValueOf<R>>;
      return failure(...problemsOf(parsed.error.issues, 'input', 'correct it and ask again'));
    },
  };
}

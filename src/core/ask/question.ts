/** A question: its input checked against a schema, then answered. */
import type { z } from 'zod';
import { failure, problemsOf, type Outcome } from '../reason';

export type Answer = Record<string, unknown> & { because: string[] };

export interface Question {
  /** One line for the help. */
  about: string;
  answer: (input: unknown) => Outcome<Answer>;
}

/** Puts a schema in front of an answer. */
export function question<S extends z.ZodType>(
  about: string,
  schema: S,
  answer: (input: z.infer<S>) => Outcome<Answer>,
): Question {
  return {
    about,
    answer: (input) => {
      const parsed = schema.safeParse(input);
      if (parsed.success) return answer(parsed.data);
      return failure(...problemsOf(parsed.error.issues, 'input', 'correct it and ask again'));
    },
  };
}

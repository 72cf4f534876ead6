/** Rows as documents: one that can’t be read is left alone and told, and takes nothing else down with it. */
import type { z } from 'zod';
import { log } from './log';

/** What the log has been told of already: once is enough. */
const told = new Set<string>();

/** The document of a row; null where it is none of its kind. */
export function readable<S extends z.ZodType>(
  schema: S,
  document: unknown,
  what: string,
): z.output<S> | null {
  const parsed = schema.safeParse(document);
  if (parsed.success) return parsed.data;
  if (!told.has(what)) {
    told.add(what);
    const [issue] = parsed.error.issues;
    log.warn(
      { what, field: issue?.path.join('.'), problem: issue?.message },
      'can’t be read; left alone',
    );
  }
  return null;
}

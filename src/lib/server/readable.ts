/** Rows as documents: one that can’t be read is left alone and told, and takes nothing else down with it. */
import type { z } from 'zod';
import { frozen } from './interned';
import { log } from './log';

/** What the log has been told of already: once is enough. */
const told = new Set<string>();

/** What documents were read as, for as long as they are kept. */
const read = new WeakMap<object, Map<z.ZodType, unknown>>();

/** The document of a row, which nobody can change; null where it is none of its kind. */
export function readable<S extends z.ZodType>(
  schema: S,
  document: unknown,
  what: string,
): z.output<S> | null {
  const isObject = typeof document === 'object' && document !== null;
  const known = isObject ? read.get(document) : undefined;
  if (known?.has(schema)) return known.get(schema) as z.output<S>;
  const parsed = schema.safeParse(document);
  if (parsed.success) {
    // Only what came out of the database unchangeable is the same the next time.
    if (isObject && Object.isFrozen(document))
      read.set(document, (known ?? new Map<z.ZodType, unknown>()).set(schema, frozen(parsed.data)));
    return parsed.data;
  }
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

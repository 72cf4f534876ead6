/** Rows as documents: one that can’t be read is left alone and told, and takes nothing else down with it. */
import type { z } from 'zod';
import { frozen } from './interned';
import { log } from './log';

/** What the log has been told of already: once is enough. */
const told = new Set<string>();
/** What documents were read as, for as long as they are kept. */
const read = new WeakMap<object, Map<z.ZodType, unknown>>();

/**
 * Reads a document of a row, once for as long as it is the same text.
 *
 * @returns what it is, unchangeable where it is kept for others; or why it is none of its kind
 */
export function reading<S extends z.ZodType>(
  schema: S,
  document: unknown,
): { value: z.output<S> } | { issue: z.core.$ZodIssue | undefined } {
  // Only what came out of the database unchangeable is the same the next time.
  const isKept = typeof document === 'object' && document !== null && Object.isFrozen(document);
  const known = isKept ? read.get(document) : undefined;
  if (known?.has(schema)) return { value: known.get(schema) as z.output<S> };
  const parsed = schema.safeParse(document);
  if (!parsed.success) return { issue: parsed.error.issues[0] };
  if (isKept)
    read.set(document, (known ?? new Map<z.ZodType, unknown>()).set(schema, frozen(parsed.data)));
  return { value: parsed.data };
}

/** The document of a row, which nobody can change; null where it is none of its kind. */
export function readable<S extends z.ZodType>(
  schema: S,
  document: unknown,
  what: string,
): z.output<S> | null {
  const found = reading(schema, document);
  if ('value' in found) return found.value;
  if (!told.has(what)) {
    told.add(what);
    const { issue } = found;
    log.warn(
      { what, field: issue?.path.join('.'), problem: issue?.message },
      'can’t be read; left alone',
    );
  }
  return null;
}

/** This machine’s clock against the server’s, kept with the moment at which it was heard. */
import { z } from 'zod';

const KEY = 'olive-clock server clock';
/** What was heard longer ago says nothing any more, ms. */
const GOOD_FOR_MS = 14 * 86_400_000;

const keptSchema = z.object({ offset: z.number(), heardAt: z.number() });

/**
 * Milliseconds to add to this machine’s clock. A page may come from the keep of an earlier day, and the moment in
 * it is then long past; but none lies ahead of the server’s, so the larger of what is known is right.
 *
 * @param pageNow the server’s moment that the page came with
 * @param now this machine’s
 */
export function offsetAt(pageNow: number, now: number): number {
  const fresh = pageNow - now;
  const kept = readKept();
  if (!kept || kept.heardAt > now || now - kept.heardAt > GOOD_FOR_MS) return fresh;
  return Math.max(fresh, kept.offset);
}

function readKept(): z.infer<typeof keptSchema> | null {
  try {
    const parsed = keptSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

/** What the server said just now. @returns ms to add to this machine’s clock */
export function keepOffset(serverNow: number, now: number): number {
  const offset = serverNow - now;
  try {
    localStorage.setItem(KEY, JSON.stringify({ offset, heardAt: now }));
  } catch {
    // No storage here: the page’s own moment has to do.
  }
  return offset;
}

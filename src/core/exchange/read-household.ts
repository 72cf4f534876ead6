/** A household file's text as a household: checked document by document, so that others have their turn in between. */
import { z } from 'zod';
import { failure, success, type Fault, type Outcome } from '../reason';
import {
  fileSchema,
  HOUSEHOLD_FORMAT,
  MEMBERS,
  sayTwice,
  twiceIn,
  VERSION,
  type Household,
  type ListKey,
} from './household';

/** So many documents are checked at once. */
const AT_ONCE = 20;
/** Who has mended so many looks again. */
const MOST_FAULTS = 100;
const LIST_KEYS = Object.keys(MEMBERS) as ListKey[];

/** From each version to the next, of the document as it was read. */
const MIGRATIONS: Readonly<Record<number, (file: object) => object>> = {
  // Version 1 had no plans, moves, versions, photos and figures set back; all of them may be missing.
  1: (file) => ({ ...file, format: 'olive-clock/household@2' }),
  // Version 2 had meals and items of their first version, which bring themselves to today's shape.
  2: (file) => ({ ...file, format: 'olive-clock/household@3' }),
};

function refused(problem: Omit<Fault, 'remedy'>, remedy: string): Outcome<never> {
  return failure({ ...problem, remedy });
}

const ANOTHER = 'choose a household file that Olive Clock has written';

/** Why a text is no household: it is no JSON. @param error what its parser says */
export function notJson(error: unknown): Outcome<never> {
  const why = (error instanceof Error ? error.message : String(error)).replace(/\s+/g, ' ');
  return refused({ field: 'file', message: `not readable as JSON (${why})` }, ANOTHER);
}

/** The document in today's shape, not checked yet. */
function asOfToday(data: unknown): Outcome<Record<string, unknown>> {
  const format = z.looseObject({ format: z.string() }).safeParse(data);
  const version = Number(
    /^olive-clock\/household@([1-9]\d*)$/.exec(format.success ? format.data.format : '')?.[1],
  );
  if (!format.success || Number.isNaN(version)) {
    const message = `this is not a household file; its format should be ${HOUSEHOLD_FORMAT}`;
    return refused({ field: 'format', message }, ANOTHER);
  }
  if (version > VERSION) {
    const message = `this file is of version ${version}, written by a later Olive Clock; this one reads versions up to ${VERSION}`;
    return refused({ field: 'format', message }, 'update Olive Clock, then open the file again');
  }
  // The object itself, which may be some hundred megabytes, and not the copy that was looked at.
  let file = data as object;
  for (let from = version; from < VERSION; from++) file = MIGRATIONS[from]?.(file) ?? file;
  return success(file as Record<string, unknown>);
}

/**
 * Reads what a household file holds. Older versions are brought to this one; a later one is refused in words.
 *
 * @param data as `JSON.parse` has it
 * @yields the share of its documents that were checked, from 0 to 1
 */
export function* readingHousehold(data: unknown): Generator<number, Outcome<Household>, undefined> {
  const today = asOfToday(data);
  if (!today.ok) return today;
  const file = today.value;
  const listed = LIST_KEYS.flatMap((key) => {
    const members = file[key];
    return Array.isArray(members) ? [{ key, members: members as unknown[] }] : [];
  });
  const all = listed.reduce((sum, { members }) => sum + members.length, 0);
  const issues: { path: PropertyKey[]; message: string }[] = [];
  const read: Record<string, unknown[]> = {};
  let count = 0;
  for (const { key, members } of listed) {
    const own: unknown[] = [];
    read[key] = own;
    for (const [i, member] of members.entries()) {
      const parsed = MEMBERS[key].safeParse(member);
      if (parsed.success) own.push(parsed.data);
      else
        for (const { path, message } of parsed.error.issues)
          issues.push({ path: [key, i, ...path], message });
      if (++count % AT_ONCE === 0) yield count / all;
    }
  }
  // What is left is small; lists that were checked stand there empty.
  const empty = Object.fromEntries(listed.map(({ key }) => [key, []]));
  const rest = fileSchema.safeParse({ ...file, ...empty });
  if (!rest.success) issues.unshift(...rest.error.issues);
  else if (issues.length === 0) {
    const household = { ...rest.data, ...read } as Household;
    const twice = twiceIn(household);
    if (twice.length === 0) return success(household);
    issues.push(...twice.map(({ list, name }) => ({ path: [list], message: sayTwice(name) })));
  }
  return failure(
    ...issues.slice(0, MOST_FAULTS).map(({ path, message }) => ({
      field: path.map(String).join('.') || 'file',
      message,
      remedy: 'correct it in the file, or export the household again',
    })),
  );
}

/** Reads a household file's text in one go. */
export function parseHousehold(text: string): Outcome<Household> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return notJson(error);
  }
  const reading = readingHousehold(data);
  for (;;) {
    const { value, done } = reading.next();
    if (done) return value;
  }
}

/** Puts a household in place of the one that is here, and the other way round: nothing is lost by it. */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Household } from '$core/exchange';
import { failure, success, type Outcome } from '$core/reason';
import { backUp, listBackups } from './backup';
import { breathe } from './breathe';
import { NEWER_DATABASE, openDatabase, type Database } from './database';
import { readHousehold } from './household-read';
import { replaceHousehold } from './household-store';
import { freshFigures } from './learned-store';

/**
 * Replaces everything, after a copy of what is here.
 *
 * @param folder where copies lie; null where they are not made here
 * @param now ms since the epoch
 * @param onPart is told how far it is; where it throws while it is written, nothing is replaced
 * @returns the copy's name, null without one; nothing is replaced where it could not be made
 */
export async function openInstead(
  database: Database,
  folder: string | null,
  household: Household,
  now: number,
  onPart: (stage: 'write' | 'learn', share: number) => Promise<void> = breathe,
): Promise<Outcome<string | null>> {
  const kept = folder === null ? null : await backUp(database, folder, now);
  if (kept && !kept.ok) return kept;
  await replaceHousehold(database, household, now, (share) => onPart('write', share));
  // What its evenings teach counts for the very next plan.
  await freshFigures(database, now, (share) => onPart('learn', share));
  return success(kept ? kept.value.name : null);
}

/** Everything that a copy holds, whatever schema it is of. The copy itself stays as it is. */
export async function readCopy(folder: string, name: string): Promise<Outcome<Household>> {
  if (!listBackups(folder).some((b) => b.name === name))
    return failure({
      field: 'copy',
      message: `there is no copy ${name}`,
      remedy: 'reload the page and choose one that is listed',
    });
  const aside = mkdtempSync(join(tmpdir(), 'olive-copy-'));
  try {
    const path = join(aside, 'olive.db');
    copyFileSync(join(folder, name), path);
    const copy = await openDatabase(`file:${path}`);
    const household = await readHousehold(copy);
    copy.$client.close();
    return success(household);
  } catch (error) {
    if (error instanceof Error && error.message === NEWER_DATABASE)
      return failure({
        field: 'copy',
        message: `the copy ${name} is of a newer version of Olive Clock`,
        remedy: 'install that version again, or choose an older copy',
      });
    return failure({
      field: 'copy',
      message: `the copy ${name} can’t be read (${error instanceof Error ? error.message : String(error)})`,
      remedy: 'choose another one',
    });
  } finally {
    rmSync(aside, { recursive: true, force: true });
  }
}

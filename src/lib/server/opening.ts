/** A household file that is being opened: how far it is, and the way to stop it before anything is replaced. */
import { notJson, readingHousehold, type Household } from '$core/exchange';
import { failure, type Outcome } from '$core/reason';
import { openInstead } from './bring-back';
import { breathe, inTurns } from './breathe';
import type { Database } from './database';
import { log } from './log';
import { parsedInPieces } from './json-pieces';
import { warmUp } from './warm-up';

export type OpeningStage = 'check' | 'write' | 'learn';

export interface Opening {
  stage: OpeningStage;
  /** Of that stage, from 0 to 1. */
  share: number;
}

class Stopped extends Error {}

/** One file at a time; null while none is opened. */
let now: (Opening & { isStopped: boolean }) | null = null;

/** How far the file is that is being opened; null where there is none. */
export const openingNow = (): Opening | null => now && { stage: now.stage, share: now.share };

/** Stops the opening while nothing is replaced yet. @returns whether there was one to stop */
export function stopOpening(): boolean {
  if (!now || now.stage === 'learn') return false;
  now.isStopped = true;
  return true;
}

/** Others have their turn; then it goes on, unless somebody has stopped it. */
async function reached(stage: OpeningStage, share: number): Promise<void> {
  if (now) Object.assign(now, { stage, share });
  await breathe();
  if (now?.isStopped && stage !== 'learn') throw new Stopped();
}

/** Of checking, reading is about so much. */
const READING = 0.4;

async function checked(file: Blob): Promise<Outcome<Household>> {
  let data: unknown;
  try {
    data = await parsedInPieces(file, (share) => reached('check', share * READING));
  } catch (error) {
    if (error instanceof SyntaxError) return notJson(error);
    throw error;
  }
  return inTurns(readingHousehold(data), (share) =>
    reached('check', READING + share * (1 - READING)),
  );
}

/**
 * Opens a household file in place of what is here; all of it, or nothing is changed.
 *
 * @param folder where copies lie; null where they are not made here
 * @param at ms since the epoch
 * @returns the household, and the name of the copy of what was here
 */
export async function openFile(
  database: Database,
  folder: string | null,
  file: Blob,
  at: number,
): Promise<Outcome<{ household: Household; before: string | null }>> {
  if (now)
    return failure({
      field: 'file',
      message: 'another file is being opened',
      remedy: 'wait until it is here, or stop it',
    });
  now = { stage: 'check', share: 0, isStopped: false };
  try {
    const household = await checked(file);
    if (!household.ok) return household;
    const opened = await openInstead(database, folder, household.value, at, reached);
    // Whoever opened it looks at it next. It is there, whatever becomes of this.
    if (opened.ok)
      await warmUp(database).catch((error: unknown) => {
        log.warn({ error }, 'what pages need was not read ahead');
      });
    return opened.ok
      ? { ok: true, value: { household: household.value, before: opened.value } }
      : opened;
  } catch (error) {
    if (!(error instanceof Stopped)) throw error;
    return failure({
      field: 'file',
      message: 'it was stopped, and nothing here has changed',
      remedy: 'open it again whenever you like',
    });
  } finally {
    now = null;
  }
}

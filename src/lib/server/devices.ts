/** The devices that came in with the passcode or the screen's address: what each is called, and when it was seen last. */
import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import type { Database } from './database';
import { endLines } from './event-stream';
import { changeSetting, readSetting, removeSetting } from './settings-store';

const deviceSchema = z.object({
  name: z.string(),
  role: z.enum(['full', 'look']),
  /** ms since the epoch */
  since: z.number(),
  seen: z.number(),
});
const devicesSchema = z.record(z.string(), deviceSchema);

export interface Device extends z.infer<typeof deviceSchema> {
  id: string;
}

const KEY = 'devices';
/** With more of them, those that were not seen for longest are logged out. */
const MOST_DEVICES = 60;
const LONGEST_NAME = 60;
/** Seeing a device is written down at most so often. */
const SEEN_EVERY_MS = 3_600_000;

/** What a browser says it runs on, in a word. @param agent the User-Agent header */
export function deviceKind(agent: string): string {
  if (/\b(?:iPad|Tablet)\b|Android(?!.*\bMobile\b)/i.test(agent)) return 'A tablet';
  return /\bMobi|iPhone|Android\b/i.test(agent) ? 'A phone' : 'A computer';
}

/** @returns the id under which it is known from now on */
export async function addDevice(
  database: Database,
  device: { name: string; role: Device['role'] },
  now: number,
): Promise<string> {
  const id = randomBytes(9).toString('base64url');
  await changeSetting(database, KEY, devicesSchema, (known) => {
    const all = { ...known, [id]: { ...device, since: now, seen: now } };
    const kept = Object.entries(all).toSorted(([, a], [, b]) => b.seen - a.seen);
    return Object.fromEntries(kept.slice(0, MOST_DEVICES));
  });
  return id;
}

/** Whether a device is still one of ours; that it was seen is kept. */
export async function seeDevice(database: Database, id: string, now: number): Promise<boolean> {
  const device = (await readSetting(database, KEY, devicesSchema))?.[id];
  if (!device) return false;
  if (now - device.seen >= SEEN_EVERY_MS)
    await changeSetting(database, KEY, devicesSchema, (known) => {
      const own = known?.[id];
      return own ? { ...known, [id]: { ...own, seen: now } } : (known ?? {});
    });
  return true;
}

/** Those seen last come first. */
export async function listDevices(database: Database): Promise<Device[]> {
  const known = (await readSetting(database, KEY, devicesSchema)) ?? {};
  return Object.entries(known)
    .map(([id, device]) => ({ id, ...device }))
    .toSorted((a, b) => b.seen - a.seen);
}

/** @returns whether there is such a device; an empty name leaves the one it has */
export async function nameDevice(database: Database, id: string, name: string): Promise<boolean> {
  const plain = name.trim().slice(0, LONGEST_NAME);
  const devices = await changeSetting(database, KEY, devicesSchema, (known) => {
    const own = known?.[id];
    return own && plain !== '' ? { ...known, [id]: { ...own, name: plain } } : (known ?? {});
  });
  return id in devices;
}

/** Its lines are ended, and with its next request it has to give the passcode again. */
export async function logOut(database: Database, id: string): Promise<void> {
  await changeSetting(database, KEY, devicesSchema, (known) => {
    const { [id]: _, ...others } = known ?? {};
    return others;
  });
  endLines(id);
}

export async function forgetDevices(database: Database): Promise<void> {
  await removeSetting(database, KEY);
  endLines();
}

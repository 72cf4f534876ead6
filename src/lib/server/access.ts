/**
 * Who may come in. On this machine everybody; over the network only with the passcode, which is kept as a
 * hash by a memory-hard function (scrypt, RFC 7914), and then by a signed cookie.
 */
import crypto, { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import { failure, success, type Outcome } from '$core/reason';
import type { Database } from './database';
import { addDevice, forgetDevices, seeDevice } from './devices';
import { changeSetting, readSetting, removeSetting, writeSetting } from './settings-store';

export type AccessRole = 'full' | 'look';

const MIN_LENGTH = 6;
const MAX_LENGTH = 200;
/** 32 MB for each try (RFC 7914 names N, r, p). */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 } as const;
const KEY_BYTES = 32;
/** Tries before an address has to wait, and how long. Others are not locked out by what one address does. */
const TRIES = 6;
const WAIT_MS = 15 * 60_000;
/** A cookie is good for so long. */
export const COOKIE_DAYS = 180;
export const COOKIE = 'olive-access';

const passcodeSchema = z.object({ salt: z.string(), hash: z.string(), secret: z.string() });
const failuresSchema = z.record(z.string(), z.object({ count: z.number(), since: z.number() }));

let lastDerived: Promise<unknown> = Promise.resolve();

/** One after another: each takes memory and time on purpose, and many at once would take all of it. */
function derive(passcode: string, salt: Buffer): Promise<Buffer> {
  const result = lastDerived.then(() => deriveNow(passcode, salt));
  lastDerived = result.catch(() => undefined);
  return result;
}

function deriveNow(passcode: string, salt: Buffer): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    crypto.scrypt(passcode.normalize('NFKC'), salt, KEY_BYTES, COST, (error, key) => {
      if (error) reject(error);
      else resolve(key);
    });
  });
}

/** Sets the passcode; everybody who came in with the one before has to give the new one. */
export async function setPasscode(database: Database, passcode: string): Promise<Outcome<null>> {
  if (passcode.length < MIN_LENGTH || passcode.length > MAX_LENGTH)
    return failure({
      field: 'passcode',
      message: `a passcode has ${MIN_LENGTH} to ${MAX_LENGTH} characters`,
      remedy: 'three short words are easy to type in a kitchen',
    });
  const salt = randomBytes(16);
  const hash = await derive(passcode, salt);
  await writeSetting(database, 'passcode', {
    salt: salt.toString('base64'),
    hash: hash.toString('base64'),
    secret: randomBytes(32).toString('base64'),
  });
  await forgetDevices(database);
  await unlock(database);
  return success(null);
}

/** Every device and screen has to come in again; the passcode stays. */
export async function logOutAll(database: Database): Promise<void> {
  const stored = await readSetting(database, 'passcode', passcodeSchema);
  if (!stored) return;
  await writeSetting(database, 'passcode', {
    ...stored,
    secret: randomBytes(32).toString('base64'),
  });
  await forgetDevices(database);
}

/** From then on the program answers this machine only. */
export async function removePasscode(database: Database): Promise<void> {
  await removeSetting(database, 'passcode');
}

/** Forgets failed tries: the way back from the console. */
export async function unlock(database: Database): Promise<void> {
  await removeSetting(database, 'failures');
}

/** Whether a passcode is set, and so whether it may listen on the network. */
export async function hasPasscode(database: Database): Promise<boolean> {
  return (await readSetting(database, 'passcode', passcodeSchema)) !== null;
}

/**
 * @param address of who asks
 * @param name what the device is called, until somebody calls it otherwise
 * @returns a cookie's value, or what to do
 */
export async function enter(
  database: Database,
  passcode: string,
  address: string,
  now: number,
  name = 'A device',
): Promise<Outcome<string>> {
  const stored = await readSetting(database, 'passcode', passcodeSchema);
  if (!stored)
    return failure({
      field: 'passcode',
      message: 'no passcode is set, so nobody comes in over the network',
      remedy: 'set one on the machine itself: npm run passcode',
    });
  // Counted before it is looked at, in one turn: many tries at once are many tries.
  const from = whoAsks(address);
  const failures = await changeSetting(database, 'failures', failuresSchema, (known) => {
    const recent = recentOf(known ?? {}, now);
    const own = recent[from] ?? { count: 0, since: now };
    return { ...recent, [from]: { ...own, count: own.count + 1 } };
  });
  if ((failures[from]?.count ?? 0) > TRIES)
    return failure({
      field: 'passcode',
      message: 'too many wrong passcodes',
      remedy:
        'wait a quarter of an hour, or let somebody in on the machine itself: npm run passcode -- --unlock',
    });
  const hash = await derive(passcode.slice(0, MAX_LENGTH), Buffer.from(stored.salt, 'base64'));
  if (!timingSafeEqual(hash, Buffer.from(stored.hash, 'base64')))
    return failure({
      field: 'passcode',
      message: 'this is not the passcode',
      remedy: 'try again; it was set on the machine itself',
    });
  await changeSetting(database, 'failures', failuresSchema, (known) => {
    const { [from]: _, ...others } = known ?? {};
    return others;
  });
  return success(await comeIn(database, stored.secret, { role: 'full', name }, now));
}

/** A cookie for a device that is known from now on. */
async function comeIn(
  database: Database,
  secret: string,
  device: { role: AccessRole; name: string },
  now: number,
): Promise<string> {
  const id = await addDevice(database, device, now);
  const body = `${device.role}.${now + COOKIE_DAYS * 86_400_000}.${id}`;
  return `${body}.${seal(secret, body)}`;
}

/** So many addresses are remembered at once; beyond them the oldest are let go. */
const MOST_ADDRESSES = 5000;

/** Those that still count. */
function recentOf(
  failures: z.infer<typeof failuresSchema>,
  now: number,
): z.infer<typeof failuresSchema> {
  const recent = Object.entries(failures).filter(([, f]) => now - f.since < WAIT_MS);
  return Object.fromEntries(
    recent.toSorted(([, a], [, b]) => b.since - a.since).slice(0, MOST_ADDRESSES),
  );
}

/** One device has as many IPv6 addresses as it likes in its network: the network is counted (RFC 4291, /64). */
function whoAsks(address: string): string {
  const plain = address.replace(/^::ffff:(?=\d+\.)/i, '');
  if (!plain.includes(':')) return plain;
  const [head = '', tail = ''] = plain.toLowerCase().split('%')[0]?.split('::') ?? [];
  const [front, back] = [head.split(':').filter(Boolean), tail.split(':').filter(Boolean)];
  const zeros = Array.from({ length: Math.max(0, 8 - front.length - back.length) }, () => '0');
  return `${[...front, ...zeros, ...back].slice(0, 4).join(':')}::/64`;
}

function seal(secret: string, body: string): string {
  return createHmac('sha256', Buffer.from(secret, 'base64')).update(body).digest('base64url');
}

function isSame(a: string, b: string): boolean {
  const [x, y] = [Buffer.from(a), Buffer.from(b)];
  return x.length === y.length && timingSafeEqual(x, y);
}

/** Who comes with a cookie; null where it is none of ours, too old, or of a device that was logged out. */
export async function visitorOf(
  database: Database,
  cookie: string | undefined,
  now: number,
): Promise<{ role: AccessRole; device: string } | null> {
  const [role, until = '', device = '', seal_ = ''] = (cookie ?? '').split('.');
  if (role !== 'full' && role !== 'look') return null;
  const stored = await readSetting(database, 'passcode', passcodeSchema);
  if (!stored || !isSame(seal(stored.secret, `${role}.${until}.${device}`), seal_)) return null;
  if (Number(until) <= now) return null;
  return (await seeDevice(database, device, now)) ? { role, device } : null;
}

/** The last part of the address that lets a kitchen screen look, and nothing more; null without a passcode. */
export async function screenToken(database: Database): Promise<string | null> {
  const stored = await readSetting(database, 'passcode', passcodeSchema);
  return stored && seal(stored.secret, 'kitchen screen').slice(0, 32);
}

/** A cookie for a kitchen screen; null where the token is not the one that was given out. */
export async function enterAsScreen(
  database: Database,
  token: string,
  now: number,
): Promise<string | null> {
  const right = await screenToken(database);
  const stored = await readSetting(database, 'passcode', passcodeSchema);
  return right && stored && isSame(token, right)
    ? comeIn(database, stored.secret, { role: 'look', name: 'A screen that only shows' }, now)
    : null;
}

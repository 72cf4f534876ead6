import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import crypto, { type BinaryLike, type ScryptOptions } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import {
  enter,
  enterAsScreen,
  hasPasscode,
  removePasscode,
  visitorOf,
  logOutAll,
  screenToken,
  setPasscode,
  unlock,
} from './access';
import { openTestDatabase } from '../../../tests/support/test-database';
import type { Database } from './database';
import { eventStream } from './event-stream';
import { addDevice, deviceKind, listDevices, logOut, nameDevice } from './devices';

/** What each derivation was asked to cost. They are made a thirty-second as dear here, for a test makes a hundred. */
const costs: ScryptOptions[] = [];
const real = crypto.scrypt;
const cheaper = (
  passcode: BinaryLike,
  salt: BinaryLike,
  length: number,
  cost: ScryptOptions,
  done: (error: Error | null, key: Buffer) => void,
): void => {
  costs.push(cost);
  real(passcode, salt, length, { ...cost, N: (cost.N ?? 0) / 32 }, done);
};

const folder = mkdtempSync(join(tmpdir(), 'olive-access-'));
const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const DAY = 86_400_000;
let database: Database;

beforeAll(async () => {
  vi.spyOn(crypto, 'scrypt').mockImplementation(cheaper as typeof crypto.scrypt);
  database = await openTestDatabase(join(folder, 'x.db'));
});
afterAll(() => {
  vi.restoreAllMocks();
  rmSync(folder, { recursive: true, force: true });
});

async function cookieFor(passcode: string, now = NOW): Promise<string> {
  const entered = await enter(database, passcode, '192.0.2.1', now);
  if (!entered.ok) throw new Error(entered.problems[0]?.message);
  return entered.value;
}

describe('the passcode', () => {
  it('without one nobody comes in; too short a one is refused', async () => {
    expect(await hasPasscode(database)).toBe(false);
    expect((await enter(database, 'anything', '192.0.2.1', NOW)).ok).toBe(false);
    expect((await setPasscode(database, 'short')).ok).toBe(false);
    expect(await screenToken(database)).toBeNull();
  });

  // RFC 7914, section 2: the memory is 128 · N · r bytes.
  it('each guess costs 32 MB and the time to fill it', async () => {
    costs.length = 0;
    await setPasscode(database, 'thyme olive clock');
    await enter(database, 'a guess', '192.0.2.200', NOW);
    expect(costs).toHaveLength(2);
    for (const { N, r, p } of costs) {
      expect(128 * (N ?? 0) * (r ?? 0)).toBe(32 * 2 ** 20);
      expect(p).toBe(1);
    }
  });

  it('opens with a cookie that is good for half a year and can’t be made by hand', async () => {
    await setPasscode(database, 'thyme olive clock');
    const cookie = await cookieFor('thyme olive clock');
    expect((await visitorOf(database, cookie, NOW))?.role).toBe('full');
    expect(await visitorOf(database, cookie, NOW + 181 * DAY)).toBeNull();
    expect(await visitorOf(database, cookie.replace('full', 'look'), NOW)).toBeNull();
    expect(await visitorOf(database, `${cookie}x`, NOW)).toBeNull();
    expect(await visitorOf(database, undefined, NOW)).toBeNull();
    const token = (await screenToken(database)) ?? '';
    const screen = await enterAsScreen(database, token, NOW);
    expect((await visitorOf(database, screen ?? '', NOW))?.role).toBe('look');
    expect(await enterAsScreen(database, 'guessed', NOW)).toBeNull();
    // A new passcode shuts out all that came in before.
    await setPasscode(database, 'another one');
    expect(await visitorOf(database, cookie, NOW)).toBeNull();
    expect(await enterAsScreen(database, token, NOW)).toBeNull();
  });

  it('forty tries at once are forty tries; another address still comes in; time and console unlock', async () => {
    await setPasscode(database, 'thyme olive clock');
    const tries = await Promise.all(
      Array.from({ length: 40 }, (_, i) => enter(database, `guess ${i}`, '192.0.2.9', NOW)),
    );
    const messages = tries.flatMap((t) => (t.ok ? [] : [t.problems[0]?.message]));
    expect(messages.filter((m) => m === 'this is not the passcode')).toHaveLength(6);
    expect(messages.filter((m) => m === 'too many wrong passcodes')).toHaveLength(34);
    const right = (at: number) => enter(database, 'thyme olive clock', '192.0.2.9', at);
    expect((await right(NOW + MINUTE)).ok).toBe(false);
    expect((await enter(database, 'thyme olive clock', '192.0.2.1', NOW)).ok).toBe(true);
    expect((await right(NOW + 16 * MINUTE)).ok).toBe(true);
    for (let i = 0; i < 6; i++) await enter(database, 'wrong', '192.0.2.9', NOW + 20 * MINUTE);
    // What many addresses guess locks nobody else out.
    for (let i = 0; i < 70; i++)
      await enter(database, 'wrong', `198.51.100.${i}`, NOW + 20 * MINUTE);
    expect((await enter(database, 'thyme olive clock', '192.0.2.77', NOW + 20 * MINUTE)).ok).toBe(
      true,
    );
    // One network of IPv6 addresses is one device’s.
    for (let i = 0; i < 6; i++)
      await enter(database, 'wrong', `2001:db8:0:7::${i}`, NOW + 20 * MINUTE);
    const sameNet = '2001:db8:0:7:a:b:c:d';
    expect((await enter(database, 'thyme olive clock', sameNet, NOW + 20 * MINUTE)).ok).toBe(false);
    const otherNet = '2001:db8:0:8::1';
    expect((await enter(database, 'thyme olive clock', otherNet, NOW + 20 * MINUTE)).ok).toBe(true);
    await unlock(database);
    expect((await right(NOW + 21 * MINUTE)).ok).toBe(true);
    await removePasscode(database);
    expect(await hasPasscode(database)).toBe(false);
  });
});

describe('devices', () => {
  const deviceOf = async (cookie: string, at = NOW): Promise<string> =>
    (await visitorOf(database, cookie, at))?.device ?? '';

  it('who came in has no wrong tries behind them', async () => {
    await setPasscode(database, 'thyme olive clock');
    const guess = (passcode: string) => enter(database, passcode, '192.0.2.40', NOW);
    for (let i = 0; i < 5; i++) await guess('wrong');
    expect((await guess('thyme olive clock')).ok).toBe(true);
    for (let i = 0; i < 5; i++) await guess('wrong');
    expect((await guess('thyme olive clock')).ok).toBe(true);
  });

  it('what it listens to ends when it is logged out', async () => {
    await setPasscode(database, 'thyme olive clock');
    const device = await deviceOf(await cookieFor('thyme olive clock'));
    let isHeard = true;
    eventStream(new Request('http://here/stream'), () => () => void (isHeard = false), { device });
    await logOut(database, device);
    expect(isHeard).toBe(false);
  });

  it('each is known by a name of its own and logged out alone, or all at once', async () => {
    await setPasscode(database, 'thyme olive clock');
    const [phone, tablet] = [
      await cookieFor('thyme olive clock'),
      await cookieFor('thyme olive clock'),
    ];
    const id = await deviceOf(phone);
    expect(await nameDevice(database, id, '  Phone at the stove ')).toBe(true);
    expect(await nameDevice(database, id, '   ')).toBe(true);
    expect((await listDevices(database)).map((d) => d.name).toSorted()).toEqual([
      'A device',
      'Phone at the stove',
    ]);
    await logOut(database, id);
    expect(await visitorOf(database, phone, NOW)).toBeNull();
    expect(await nameDevice(database, id, 'Back')).toBe(false);
    expect((await visitorOf(database, tablet, NOW))?.role).toBe('full');
    const token = (await screenToken(database)) ?? '';
    await logOutAll(database);
    expect(await visitorOf(database, tablet, NOW)).toBeNull();
    expect(await enterAsScreen(database, token, NOW)).toBeNull();
    // The passcode is still the same.
    expect((await visitorOf(database, await cookieFor('thyme olive clock'), NOW))?.role).toBe(
      'full',
    );
  });

  it('a cookie signed for one device is none for another', async () => {
    const [one, other] = [
      await cookieFor('thyme olive clock'),
      await cookieFor('thyme olive clock'),
    ];
    const swapped = one.replace(await deviceOf(one), await deviceOf(other));
    expect(await visitorOf(database, swapped, NOW)).toBeNull();
    // Nor does one without a device open, as they were before devices were known.
    expect(await visitorOf(database, one.split('.').toSpliced(2, 1).join('.'), NOW)).toBeNull();
  });

  it('is seen once an hour, and the sixty-first lets go the one that was not seen for longest', async () => {
    await setPasscode(database, 'thyme olive clock');
    const first = await cookieFor('thyme olive clock');
    const seen = async (): Promise<number | undefined> =>
      (await listDevices(database)).find((d) => d.name === 'A device')?.seen;
    await visitorOf(database, first, NOW + 59 * MINUTE);
    expect(await seen()).toBe(NOW);
    await visitorOf(database, first, NOW + 60 * MINUTE);
    expect(await seen()).toBe(NOW + 60 * MINUTE);
    for (let i = 0; i < 59; i++)
      await addDevice(database, { name: `screen ${i}`, role: 'look' }, NOW + i);
    expect(await listDevices(database)).toHaveLength(60);
    await addDevice(database, { name: 'one more', role: 'look' }, NOW + 2 * DAY);
    const names = (await listDevices(database)).map((d) => d.name);
    expect(names).toHaveLength(60);
    expect(names).not.toContain('screen 0');
    expect((await visitorOf(database, first, NOW + 2 * DAY))?.role).toBe('full');
    await removePasscode(database);
  });

  it('is called after what its browser says it runs on', () => {
    expect(deviceKind('Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X)')).toBe('A phone');
    expect(deviceKind('Mozilla/5.0 (Linux; Android 15) Mobile Safari')).toBe('A phone');
    expect(deviceKind('Mozilla/5.0 (Linux; Android 15) Safari')).toBe('A tablet');
    expect(deviceKind('Mozilla/5.0 (iPad; CPU OS 18_0)')).toBe('A tablet');
    expect(deviceKind('Mozilla/5.0 (X11; Linux x86_64)')).toBe('A computer');
    expect(deviceKind('')).toBe('A computer');
  });
});

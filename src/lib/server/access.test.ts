import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  enter,
  enterAsScreen,
  hasPasscode,
  removePasscode,
  roleOf,
  screenToken,
  setPasscode,
  unlock,
} from './access';
import { openDatabase, type Database } from './database';

const folder = mkdtempSync(join(tmpdir(), 'olive-access-'));
const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const DAY = 86_400_000;
let database: Database;

beforeAll(async () => {
  database = await openDatabase(`file:${join(folder, 'x.db')}`);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

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

  it('opens with a cookie that is good for half a year and can’t be made by hand', async () => {
    await setPasscode(database, 'thyme olive clock');
    const cookie = await cookieFor('thyme olive clock');
    expect(await roleOf(database, cookie, NOW)).toBe('full');
    expect(await roleOf(database, cookie, NOW + 181 * DAY)).toBeNull();
    expect(await roleOf(database, cookie.replace('full', 'look'), NOW)).toBeNull();
    expect(await roleOf(database, `${cookie}x`, NOW)).toBeNull();
    expect(await roleOf(database, undefined, NOW)).toBeNull();
    const token = (await screenToken(database)) ?? '';
    const screen = await enterAsScreen(database, token, NOW);
    expect(await roleOf(database, screen ?? '', NOW)).toBe('look');
    expect(await enterAsScreen(database, 'guessed', NOW)).toBeNull();
    // A new passcode shuts out all that came in before.
    await setPasscode(database, 'another one');
    expect(await roleOf(database, cookie, NOW)).toBeNull();
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

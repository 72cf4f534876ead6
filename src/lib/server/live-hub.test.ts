import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { RunEvent } from '$core/run';
import { openTestDatabase } from '../../../tests/support/test-database';
import { follow, tell, type Followed } from './live-hub';
import { eveningEvents } from './schema';

const event = (id: string): RunEvent => ({ id, at: 0, by: 'a', kind: 'served' });
const idsOf = (lines: readonly Uint8Array[]): string[] =>
  lines.flatMap((line) => {
    const { events } = JSON.parse(new TextDecoder().decode(line).slice('data: '.length)) as {
      events: RunEvent[];
    };
    return events.map((e) => e.id);
  });

describe('a screen that has just come to an evening', () => {
  let store: Awaited<ReturnType<typeof openTestDatabase>>;
  let heard: Uint8Array[] = [];
  let followed: Followed<string> | null = null;
  const listen = async (during: () => unknown): Promise<void> => {
    followed = await follow(store, 'supper', async () => {
      await during();
      return 'read before';
    });
    followed?.goOn((line) => heard.push(line));
  };
  beforeAll(async () => {
    store = await openTestDatabase(join(mkdtempSync(join(tmpdir(), 'olive-hub-')), 'hub.db'));
  });
  beforeEach(() => {
    heard = [];
  });
  afterEach(() => followed?.stop());

  it('hears what this program stores while the evening is read, and what comes after, in order', async () => {
    await listen(() => tell('supper', [event('meanwhile')]));
    tell('supper', [event('later')]);
    tell('lunch', [event('elsewhere')]);
    expect(idsOf(heard)).toEqual(['meanwhile', 'later']);
  });

  it('hears what another program stores while the evening is read', async () => {
    await listen(() =>
      store
        .insert(eveningEvents)
        .values({ id: 'theirs', eveningId: 'supper', document: event('theirs') }),
    );
    await vi.waitFor(() => expect(idsOf(heard)).toEqual(['theirs']), { timeout: 5000 });
  });

  it('of an evening that is not there nothing is watched', async () => {
    expect(await follow(store, 'none', () => Promise.resolve(null))).toBeNull();
  });
});

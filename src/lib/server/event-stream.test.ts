import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { endLines, eventStream, toLine, type Listener } from './event-stream';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const WORD_MS = 20_000;

/** A line with what was heard on it, and whether it has ended. */
function lineOf(listener: Listener = {}) {
  const line = { heard: '', isOver: false, unlistened: 0 };
  let send = (_: Uint8Array): void => undefined;
  const response = eventStream(
    new Request('http://here/stream'),
    (own) => {
      send = own;
      return () => void line.unlistened++;
    },
    listener,
  );
  const read = async (): Promise<void> => {
    const reader = response.body?.getReader();
    for (let next = await reader?.read(); next && !next.done; next = await reader?.read())
      line.heard += new TextDecoder().decode(next.value as Uint8Array);
    line.isOver = true;
  };
  void read();
  return { line, send: (text: string) => send(toLine(text)) };
}
const settle = (): Promise<unknown> => vi.advanceTimersByTimeAsync(1);

it('a device that is logged out hears nothing more, and the others do', async () => {
  const [phone, tablet] = [lineOf({ device: 'phone' }), lineOf({ device: 'tablet' })];
  phone.send('tap');
  await settle();
  expect(phone.line.heard).toContain('tap');
  endLines('phone');
  await settle();
  expect([phone.line.isOver, tablet.line.isOver]).toEqual([true, false]);
  expect(phone.line.unlistened).toBe(1);
  tablet.send('more');
  endLines('phone');
  endLines();
  await settle();
  expect(tablet.line.heard).toContain('more');
  expect(tablet.line.isOver).toBe(true);
});

it('one that another program logged out hears it with the next word', async () => {
  let isWelcome = true;
  const { line } = lineOf({ device: 'phone', mayStay: () => Promise.resolve(isWelcome) });
  await vi.advanceTimersByTimeAsync(WORD_MS + 1);
  expect(line.heard).toContain(': here');
  isWelcome = false;
  await vi.advanceTimersByTimeAsync(WORD_MS + 1);
  expect(line.isOver).toBe(true);
  expect(line.unlistened).toBe(1);
});

it('the machine’s own line is nobody’s to end', async () => {
  const { line } = lineOf();
  endLines();
  await vi.advanceTimersByTimeAsync(3 * WORD_MS);
  expect(line.isOver).toBe(false);
  expect(line.heard.match(/here/g)).toHaveLength(3);
});

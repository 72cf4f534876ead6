import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepOffset, offsetAt } from './server-clock';

const DAY = 86_400_000;
beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
});

describe('the server’s clock on a page', () => {
  it('a fresh page says it itself', () => {
    expect(offsetAt(1_000_000, 999_000)).toBe(1000);
  });

  it('a page from the keep does not set the clock back by its age', () => {
    const now = 100 * DAY;
    keepOffset(now + 2000, now);
    // Opened again three hours later, with the moment that it was kept with.
    const later = now + 3 * 3_600_000;
    expect(offsetAt(now + 2000, later)).toBe(2000);
  });

  it('what was heard long ago, or by a clock that was set back since, counts no more', () => {
    const now = 100 * DAY;
    keepOffset(now + 2000, now);
    expect(offsetAt(now, now + 20 * DAY)).toBe(-20 * DAY);
    expect(offsetAt(now - DAY, now - DAY)).toBe(0);
  });

  it('without storage the page’s own moment has to do', () => {
    vi.stubGlobal('localStorage', undefined);
    expect(keepOffset(10, 4)).toBe(6);
    expect(offsetAt(10, 4)).toBe(6);
  });
});

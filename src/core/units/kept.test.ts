import { describe, expect, it, vi } from 'vitest';
import { keptByText } from './kept';

describe('answers that are kept by their text', () => {
  it('are asked for once, also where the answer is that there is none', () => {
    const ask = vi.fn((text: string) => (text === 'salt' ? undefined : text.length));
    const kept = keptByText(ask, 10);
    expect([kept('rice'), kept('rice'), kept('salt'), kept('salt')]).toEqual([
      4,
      4,
      undefined,
      undefined,
    ]);
    expect(ask).toHaveBeenCalledTimes(2);
  });
  it('are not kept for longer texts, and forgotten where there are too many', () => {
    const ask = vi.fn((text: string) => text.length);
    const kept = keptByText(ask, 4);
    kept('whole');
    kept('whole');
    expect(ask).toHaveBeenCalledTimes(2);
    for (let i = 0; i <= 5000; i++) kept(String(i));
    ask.mockClear();
    kept('0');
    expect(ask).toHaveBeenCalledTimes(1);
  });
});

import { describe, expect, it } from 'vitest';
import { History } from './history';

describe('undo and redo', () => {
  it('walks back and forth, and forgets what was undone after a new change', () => {
    const history = new History<string>();
    history.remember('a');
    history.remember('b');
    expect(history.undo('c')).toBe('b');
    expect(history.undo('b')).toBe('a');
    expect(history.undo('a')).toBeNull();
    expect(history.redo('a')).toBe('b');
    history.remember('b');
    expect(history.canRedo).toBe(false);
    expect(history.redo('x')).toBeNull();
  });

  it('keeps no more than its limit', () => {
    const history = new History<number>(2);
    [1, 2, 3].forEach((n) => history.remember(n));
    expect([history.undo(4), history.undo(3), history.undo(2)]).toEqual([3, 2, null]);
  });
});

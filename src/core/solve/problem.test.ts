import { describe, expect, it } from 'vitest';
import { parseProblem } from './problem';

const base = {
  format: 'olive-clock/problem@1',
  serveAt: 0,
  earliest: -60,
  hands: 1,
  units: [{ id: 'pot' }],
  blocks: [{ id: 'b', units: ['pot'] }],
  steps: [{ id: 'a', minutes: 5, block: 'b' }],
  links: [] as unknown[],
  dishes: [{ id: 'd', ready: 'a' }],
};

describe('what is not a problem is refused in one line that names it', () => {
  it.each([
    ['an unknown step', { dishes: [{ id: 'd', ready: 'zz' }] }, /dish "d".*"zz"/],
    ['an unknown block', { steps: [{ id: 'a', minutes: 5, block: 'x' }] }, /step "a": block "x"/],
    ['an unknown tool', { blocks: [{ id: 'b', units: ['pot'], tools: ['t'] }] }, /tool "t"/],
    ['an id twice', { steps: [...base.steps, ...base.steps] }, /step "a" appears twice/],
    [
      'a block without steps',
      { blocks: [...base.blocks, { id: 'c', units: ['pot'] }] },
      /block "c" has no steps/,
    ],
    ['min over max', { links: [{ from: 'a', to: 'a', min: 3, max: 1 }] }, /min 3 is over max 1/],
    [
      'minutes by unit without a block',
      { blocks: [], steps: [{ id: 'a', minutes: { pot: 5 } }] },
      /need a block/,
    ],
    [
      'p90 under minutes',
      { steps: [{ id: 'a', minutes: 5, p90: 4, block: 'b' }] },
      /p90 4 is under minutes 5/,
    ],
    [
      'p90 on no minutes',
      { steps: [{ id: 'a', minutes: 0, p90: 4, block: 'b' }] },
      /no length has no spread/,
    ],
    ['a fraction', { steps: [{ id: 'a', minutes: 1.5, block: 'b' }] }, /steps\.0\.minutes/],
    ['a negative length', { steps: [{ id: 'a', minutes: -1, block: 'b' }] }, /steps\.0\.minutes/],
    ['another format', { format: 'olive-clock/problem@9' }, /format/],
  ])('%s', (_name, change, message) => {
    const parsed = parseProblem({ ...base, ...change });
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) {
      expect(parsed.message).toMatch(message);
      expect(parsed.message).not.toContain('\n');
    }
  });

  it('takes the base itself, and names of units that do not exist', () => {
    expect(parseProblem(base).ok).toBe(true);
    expect(parseProblem({ ...base, blocks: [{ id: 'b', units: ['wok', 'pot'] }] }).ok).toBe(true);
  });
});

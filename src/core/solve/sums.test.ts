import { describe, expect, it } from 'vitest';
import { leastSpan } from './least-span';
import { leastWaits } from './least-waits';
import { parseProblem, type Problem } from './problem';
import { solve } from './index';

function problem(more: object): Problem {
  const read = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -600,
    hands: 1,
    spanCost: 1,
    ...more,
  });
  if (!read.ok) throw new Error(read.message);
  return read.problem;
}

const pots = (...ids: string[]) => ids.map((id) => ({ id }));
/** Runs of so many minutes, each in one of the pots, and packed for 5 min by hand. */
const runs = (minutes: readonly number[], units: readonly string[], turnaround = 0) => ({
  units: pots(...units),
  blocks: minutes.map((_, i) => ({ id: `b${i}`, units: [...units], turnaround })),
  steps: minutes.flatMap((m, i) => [
    { id: `cut${i}`, minutes: 3, hands: 1 },
    { id: `run${i}`, minutes: m, block: `b${i}` },
    { id: `pack${i}`, minutes: 5, hands: 1 },
  ]),
  links: minutes.flatMap((_, i) => [
    { from: `cut${i}`, to: `run${i}` },
    { from: `run${i}`, to: `pack${i}`, min: 0, max: 60 },
  ]),
});

describe('the least span, by sums', () => {
  it('is what the pots take together, with the cutting before and the packing after', () => {
    // 4 × 30 min in one pot, 10 min between: 120 + 30, and 3 before and 5 after.
    expect(leastSpan(problem(runs([30, 30, 30, 30], ['a'], 10)))).toBe(158);
    // Two pots share them: 60 + 10, and the edges.
    expect(leastSpan(problem(runs([30, 30, 30, 30], ['a', 'b'], 10)))).toBe(78);
  });

  it('is what the hands take together, where that is more', () => {
    expect(leastSpan(problem(runs([1, 1, 1, 1], ['a', 'b', 'c', 'd'])))).toBe(32);
    expect(leastSpan(problem({ ...runs([1, 1, 1, 1], ['a', 'b', 'c', 'd']), hands: 2 }))).toBe(16);
  });

  it('is the longest chain, where that is more', () => {
    expect(leastSpan(problem(runs([90, 1], ['a', 'b'])))).toBe(98);
  });

  it('prices a slow pot against a quick one', () => {
    const day = runs([0, 0, 0, 0], ['slow', 'quick']);
    const steps = day.steps.map((s) =>
      s.id.startsWith('run') ? { ...s, minutes: { slow: 60, quick: 20 } } : s,
    );
    // One in the slow pot, three in the quick one: 60 min, and the edges; at the cheapest all would take 40.
    const least = leastSpan(problem({ ...day, steps }));
    expect(least).toBeGreaterThan(8 + 55);
    expect(least).toBeLessThanOrEqual(8 + 60);
  });

  it('leaves out what is not counted, and what a tool holds apart', () => {
    const day = runs([30, 30], ['a', 'b']);
    const aside = day.steps.map((s) => (s.id === 'pack1' ? { ...s, aside: true } : s));
    expect(leastSpan(problem({ ...day, steps: aside }))).toBe(38);
    const tools = [{ id: 'rack', count: 1 }];
    const blocks = day.blocks.map((b) => ({ ...b, tools: ['rack'] }));
    expect(leastSpan(problem({ ...day, tools, blocks }))).toBe(68);
  });

  it('counts nothing after a stay that holds nothing', () => {
    expect(leastSpan(problem(runs([0, 0, 0], ['a'], 10)))).toBe(24);
  });
});

describe('what waiting costs at least, by sums', () => {
  const finished = (minutes: readonly number[], hands: number, costs: readonly number[] = []) =>
    problem({
      hands,
      steps: minutes.map((m, i) => ({ id: `s${i}`, minutes: m, hands: 1 })),
      dishes: minutes.map((_, i) => ({ id: `d${i}`, ready: `s${i}`, holdCost: costs[i] ?? 1 })),
    });

  it('is that of one pair of hands, by Smith’s rule', () => {
    // From the table backwards 2, 4, 6: waits of 0, 2 and 6.
    expect(leastWaits(finished([6, 4, 2], 1))).toBe(8);
    expect(solve(finished([6, 4, 2], 1)).cost).toBe(8 + 12);
    // What is dear to wait is finished last.
    expect(leastWaits(finished([6, 4], 1, [10, 1]))).toBe(6);
  });

  it('is never more than two pairs of hands can do', () => {
    const least = leastWaits(finished([6, 4, 2, 2], 2));
    const { cost } = solve(finished([6, 4, 2, 2], 2));
    expect(least).toBeGreaterThan(0);
    expect(least).toBeLessThanOrEqual((cost ?? 0) - 8);
  });

  it('is that of one pot that has to be free again, but for the last', () => {
    const day = runs([30, 30], ['a'], 10);
    const steps = day.steps.filter((s) => s.id.startsWith('run'));
    const dishes = [0, 1].map((i) => ({ id: `d${i}`, ready: `run${i}` }));
    expect(leastWaits(problem({ ...day, steps, links: [], dishes }))).toBe(40);
    // Due at different hours, they need not wait for each other.
    const apart = dishes.map((d, i) => ({ ...d, dueAt: i * -100 }));
    expect(leastWaits(problem({ ...day, steps, links: [], dishes: apart }))).toBe(0);
  });

  it('knows nothing of what may stand for ever before it is ready', () => {
    const day = runs([30, 30], ['a'], 10);
    const links = day.links.map(({ from, to }) => ({ from, to }));
    const dishes = [0, 1].map((i) => ({ id: `d${i}`, ready: `pack${i}` }));
    expect(leastWaits(problem({ ...day, links, dishes }))).toBe(5);
  });
});

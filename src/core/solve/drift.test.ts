/** When a plan that slips is kept, and what moving costs in one that is not. */
import { describe, expect, it } from 'vitest';
import { driftOf } from './drift';
import { replan, solve, stillHolds, type Problem } from './index';
import { movingCost } from './wishes';

/** One pair of hands: first cut, then a pot that needs to be opened within ten minutes, then the table. */
const problem = {
  format: 'olive-clock/problem@1',
  serveAt: 0,
  earliest: -200,
  hands: 1,
  spanCost: 1,
  units: [{ id: 'pot' }],
  blocks: [{ id: 'stay', units: ['pot'] }],
  steps: [
    { id: 'cut', minutes: 10, hands: 1 },
    { id: 'cook', minutes: 30, block: 'stay' },
    { id: 'open', minutes: 1, hands: 1, block: 'stay' },
    { id: 'garnish', minutes: 2, hands: 1 },
  ],
  links: [
    { from: 'cut', to: 'cook' },
    { from: 'cook', to: 'open', max: 0 },
    { from: 'open', to: 'garnish' },
  ],
  dishes: [{ id: 'stew', ready: 'garnish' }],
} as unknown as Problem;
const told = solve(problem);
const startOf = (id: string): number => told.steps.find((s) => s.id === id)?.start ?? Number.NaN;
/** Cut so many minutes longer than planned. */
const cut = (late: number) => ({
  step: 'cut',
  start: startOf('cut'),
  end: startOf('cut') + 10 + late,
});

describe('a plan that slips', () => {
  it('is kept while the table is less than four minutes late, and no longer', () => {
    const holds = (late: number): boolean =>
      stillHolds(problem, told, [cut(late)], startOf('cut') + 10 + late);
    expect(holds(0)).toBe(true);
    expect(holds(3)).toBe(true);
    expect(holds(4)).toBe(false);
  });

  it('with slack before the table is kept up to seven minutes of a step, and no longer', () => {
    const later = { ...told, delay: 20 };
    const holds = (late: number): boolean =>
      stillHolds(
        { ...problem, dishes: [{ id: 'stew', ready: 'garnish', dueAt: 60 }] },
        { ...later, delay: 0 },
        [cut(late)],
        startOf('cut') + 10 + late,
      );
    expect(holds(7)).toBe(true);
    expect(holds(8)).toBe(false);
  });

  it('is not kept in a pot that is not there any more', () => {
    const gone = { ...problem, blocks: [{ id: 'stay', units: ['other'] }] };
    expect(stillHolds(gone, told, [], startOf('cut') - 5)).toBe(false);
  });

  it('drifts by what came late, past what was planned as slack', () => {
    const facts = {
      ...problem,
      steps: problem.steps.map((s) =>
        s.id === 'cut' ? { ...s, minutes: 15, from: startOf('cut'), by: startOf('cut') + 15 } : s,
      ),
    };
    const { later, late } = driftOf(facts, told, new Set(['cut']));
    expect(later.get('cook')).toBe(5);
    expect(later.get('garnish')).toBe(5);
    expect(late).toBe(5);
  });
});

describe('moving what the cook was told', () => {
  const costs = { minute: 2, once: 10, soon: { before: 0, times: 10 } };
  const hands = new Map([['open', 1]]);
  const from = new Map([
    ['open', -20],
    ['cook', 40],
  ]);

  it('costs once, by the minute, and more for what is due soon', () => {
    const price = (id: string, start: number): number =>
      movingCost(
        { told: { starts: from, units: new Map() }, moveCosts: costs },
        [{ id, start }],
        hands,
      );
    expect(price('open', -20)).toBe(0);
    expect(price('open', -17)).toBe(100 + 3 * 20);
    // Nobody’s hands, and not soon: by the minute alone.
    expect(price('cook', 45)).toBe(10);
  });

  it('a new plan stays where it was told as far as it can', () => {
    const { schedule, moves } = replan(problem, told, [], startOf('cut') - 30);
    expect(moves).toEqual([]);
    expect(schedule.steps).toEqual(told.steps);
  });
});

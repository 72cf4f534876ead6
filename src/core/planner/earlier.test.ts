/** What an earlier start buys. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Meal } from '../meal';
import {
  answerPlan,
  earlierInTurns,
  PlanMemory,
  type EarlierStart,
  type PlanAnswer,
} from './index';

const NOW = Date.UTC(2026, 11, 1, 9);
const { kitchen, dishes, meals } = householdSchema.parse(demoHousehold(NOW));
const weekday = meals.find((m) => m.entries.length === 3) as Meal;

async function startsOf(meal: Meal): Promise<{ shown: PlanAnswer; starts: EarlierStart[] }> {
  const memory = new PlanMemory();
  let shown: PlanAnswer = { kind: 'unknown' };
  const question = { meal, dishes, kitchen, now: NOW };
  const hooks = {
    onAnswer: (answer: PlanAnswer) => {
      shown = answer;
    },
    breathe: () => Promise.resolve(true),
  };
  await answerPlan(question, hooks, memory);
  const last = shown as PlanAnswer;
  const now =
    last.kind === 'plan'
      ? { start: last.totals.firstStart, chance: last.chance.onTime }
      : { start: 0, chance: 0 };
  const turns = earlierInTurns(question, now, memory);
  for (;;) {
    const { done, value } = turns.next();
    if (done) return { shown, starts: value };
  }
}

describe('what an earlier start buys', () => {
  it('each row begins earlier and is on time more often; the plan that is shown is one of them', async () => {
    const { shown, starts } = await startsOf(weekday);
    expect(starts.length).toBeGreaterThanOrEqual(3);
    for (const [i, row] of starts.entries()) {
      const before = starts[i - 1];
      if (!before) continue;
      expect(row.start).toBeLessThan(before.start);
      expect(row.chance).toBeGreaterThan(before.chance);
    }
    const own = starts.find((s) => s.sure === weekday.sure);
    if (shown.kind !== 'plan') throw new Error('there is no plan');
    expect(own).toEqual({
      start: shown.totals.firstStart,
      chance: shown.chance.onTime,
      sure: weekday.sure,
    });
    // What can be asked for is as sure as it says.
    expect(starts.find((s) => s.sure === 'sure')?.chance).toBeGreaterThanOrEqual(0.93);
  });

  it('is nothing for a meal that is late in any case', async () => {
    const soon = { ...weekday, serveAt: new Date(NOW + 10 * 60_000).toISOString() };
    expect((await startsOf(soon)).starts).toEqual([]);
  });
});

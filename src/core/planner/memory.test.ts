/** What is remembered between two questions about a meal. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Meal } from '../meal';
import type { ChancePlan, Problem } from '../solve';
import type { SearchAnswer } from './surest';
import { answerPlan, PlanMemory, type PlanAnswer } from './index';

const NOW = Date.UTC(2026, 11, 1, 9);
const { kitchen, dishes, meals } = householdSchema.parse(demoHousehold(NOW));
const weekday = meals.find((m) => m.entries.length === 3) as Meal;

interface Heard {
  answers: PlanAnswer[];
  /** Turns that others had before the first answer. */
  turns: number;
}

async function ask(meal: Meal, memory?: PlanMemory): Promise<Heard> {
  const answers: PlanAnswer[] = [];
  let [turns, breaths] = [-1, 0];
  const hooks = {
    onAnswer: (answer: PlanAnswer) => {
      if (turns < 0) turns = breaths;
      answers.push(answer);
    },
    breathe: () => {
      breaths++;
      return Promise.resolve(true);
    },
  };
  await answerPlan({ meal, dishes, kitchen, now: NOW }, hooks, memory);
  return { answers, turns };
}

const startOf = (answer: PlanAnswer | undefined): number =>
  answer?.kind === 'plan' ? answer.totals.firstStart : NaN;
const later = (meal: Meal, minutes: number): Meal => ({
  ...meal,
  serveAt: new Date(Date.parse(meal.serveAt) + minutes * 60_000).toISOString(),
});

describe('a question much like the one before', () => {
  it('is answered at once with the plan of before: the table half an hour later moves it whole', async () => {
    const memory = new PlanMemory();
    const before = await ask(weekday, memory);
    const after = await ask(later(weekday, 30), memory);
    expect(after.turns).toBe(0);
    expect(after.answers[0]).toMatchObject({ kind: 'plan', final: false, isSureEnough: true });
    expect(startOf(after.answers[0])).toBe(startOf(before.answers.at(-1)));
    expect(startOf(after.answers.at(-1))).toBe(startOf(before.answers.at(-1)));
  });

  it('for more people is as sure and as good in the end as one that nothing is known of', async () => {
    const memory = new PlanMemory();
    await ask(weekday, memory);
    const more = { ...weekday, servings: weekday.servings + 2 };
    const known = await ask(more, memory);
    const fresh = await ask(more);
    expect(known.turns).toBe(0);
    for (const answer of known.answers)
      expect(answer).toMatchObject({ kind: 'plan', isSureEnough: true });
    expect(startOf(known.answers.at(-1))).toBeCloseTo(startOf(fresh.answers.at(-1)), -1);
  });

  it('keeps what was chosen for dishes that stay, and why; a dish that changed is chosen for anew', async () => {
    const memory = new PlanMemory();
    const [supper] = meals;
    const open = { ...(supper as Meal), servings: 8 };
    const { answers } = await ask(open, memory);
    const last = answers.at(-1);
    const chosen = last?.kind === 'plan' ? last.compiled.settled : undefined;
    const again = memory.withLastChoices({ ...open, servings: 7 });
    expect(again.meal.entries).toEqual(chosen ?? open.entries);
    expect(again.meal.servings).toBe(7);
    const [first, ...rest] = open.entries;
    const changed = first && { ...first, forWhom: { ...first.forWhom, servings: 3 } };
    const own = memory.withLastChoices({ ...open, entries: changed ? [changed, ...rest] : rest });
    expect(own.meal.entries[0]).toEqual(changed);
  });

  it('stacks nothing above a dish that has gone', () => {
    const [one, two] = weekday.entries;
    if (!one || !two) throw new Error('two entries are needed');
    const memory = new PlanMemory();
    const stacked = { ...one, where: { ...one.where, over: two.id } };
    const settled = { ...weekday, entries: [stacked, ...weekday.entries.slice(1)] };
    const plan = { schedule: { steps: [] }, share: null } as unknown as ChancePlan;
    const answer = { steps: [], blocks: [], delay: 0, cost: 10 } as unknown as SearchAnswer;
    const problem = { format: 'olive-clock/problem@1', steps: [] } as unknown as Problem;
    memory.keep({ asked: weekday, settled, reasons: [], shown: plan }, problem, answer);
    expect(memory.withLastChoices(weekday).meal.entries[0]).toEqual(stacked);
    const without = { ...weekday, entries: weekday.entries.filter((e) => e !== two) };
    expect(memory.withLastChoices(without).meal.entries[0]).toEqual(one);
  });

  it('says nothing of another meal', async () => {
    const memory = new PlanMemory();
    await ask(weekday, memory);
    const other = { ...weekday, id: 'another' };
    expect(memory.knownFor(other)).toBeUndefined();
    expect(memory.costFor(other)).toBe(Infinity);
    expect(memory.withLastChoices(other)).toEqual({ meal: other, reasons: [] });
  });
});

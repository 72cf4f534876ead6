/** A meal that leaves something open is shown as it is written first; what is settled comes after. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { mealSchema, type Meal } from '../meal';
import { entryOf, type WrittenEntry } from '../../../tests/support/entries';
import { answerPlan, type PlanAnswer } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);
const { kitchen, dishes } = householdSchema.parse(demoHousehold(NOW));

function meal(entries: WrittenEntry[], minutesAhead: number): Meal {
  return mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(NOW + minutesAhead * 60_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: entries.map(entryOf),
  });
}

async function ask(asked: Meal): Promise<PlanAnswer[]> {
  const answers: PlanAnswer[] = [];
  await answerPlan(
    { meal: asked, dishes, kitchen, now: NOW },
    { onAnswer: (a) => answers.push(a), breathe: () => Promise.resolve(true) },
  );
  return answers;
}

describe('the first look', () => {
  it('is of the meal as written, and not the last word', async () => {
    const answers = await ask(meal([{ dishId: 'beef-cheek-stout' }], 300));
    const [first, last] = [answers[0], answers.at(-1)];
    expect(first).toMatchObject({ kind: 'plan', final: false, isWritten: true });
    expect(last).toMatchObject({ kind: 'plan', final: true });
    expect(last).not.toHaveProperty('isWritten');
    const choices = [first, last].map((a) =>
      a?.kind === 'plan' ? a.compiled.notes.filter((n) => n.code === 'plan-chose').length : -1,
    );
    expect(choices[0]).toBe(0);
    expect(choices[1]).toBeGreaterThan(0);
  });

  it('of a meal that would be late as written is left out: what is settled may be what makes it punctual', async () => {
    const answers = await ask(meal([{ dishId: 'beef-cheek-stout' }], 60));
    for (const answer of answers)
      expect(
        answer.kind === 'plan' && answer.compiled.notes.some((n) => n.code === 'plan-chose'),
      ).toBe(true);
  });
});

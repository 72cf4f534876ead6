import { describe, expect, it } from 'vitest';
import { mealSchema, newEntry, type Meal } from '../meal';
import { editMeal } from './index';

const meal: Meal = mealSchema.parse({
  format: 'olive-clock/meal@2',
  id: 'm',
  name: 'Supper',
  serveAt: '2026-12-01T18:00:00Z',
  zone: 'UTC',
  servings: 4,
  entries: [
    newEntry('a', 'beans'),
    newEntry('b', 'fish', {
      what: { bags: { copies: 2, state: 'browned', shape: 'flat', inFridge: 0 } },
      where: { over: 'a' },
    }),
  ],
});

describe('a remedy taken', () => {
  it('changes the entry it speaks of and nothing else', () => {
    const fewer = editMeal(meal, { kind: 'servings', entry: 'a', servings: 2 });
    expect(fewer?.entries.map((e) => e.forWhom.servings)).toEqual([2, null]);
    const own = editMeal(meal, { kind: 'own-cycle', entry: 'b', dish: 'Fish' });
    expect(own?.entries[1]).toMatchObject({ where: { over: null, alone: true } });
    const raw = editMeal(meal, { kind: 'pack-as', entry: 'b', state: 'raw' });
    expect(raw?.entries[1]?.what.bags).toMatchObject({ copies: 2, state: 'raw' });
  });

  it('what is left out leaves nothing standing above it', () => {
    const left = editMeal(meal, { kind: 'leave-out', entry: 'a', dish: 'Beans' });
    expect(left?.entries.map((e) => [e.id, e.where.over])).toEqual([['b', null]]);
  });

  it('is not the meal’s where it is the dish’s, or where the entry is gone', () => {
    expect(editMeal(meal, { kind: 'open-dish', dish: 'beans' })).toBeNull();
    expect(editMeal(meal, { kind: 'servings', entry: 'x', servings: 2 })).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { solve } from '../solve';
import { compileMeal } from './index';
import { sketchOf } from './sketch';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));

describe('a plan as small as a card', () => {
  const meal = household.meals.find((m) => m.id === 'wednesday-for-three');
  if (!meal) throw new Error('no meal');
  const compiled = compileMeal(meal, dishes, household.kitchen, NOW);
  if (!compiled.ok) throw new Error('no plan');
  const schedule = solve(compiled.value.problem, { work: 500_000 });
  const saved = {
    format: 'olive-clock/saved-plan@2' as const,
    compiled: compiled.value,
    schedule,
  };
  const pots = household.kitchen.cookers.map((c) => c.id);
  const sketch = sketchOf(saved, pots);

  it('has the pots in the kitchen’s order, then the hands', () => {
    const lanes = sketch.lanes.map((l) => l.id);
    expect(lanes.at(-1)).toBe('hands');
    const cookers = lanes.filter((l) => pots.includes(l));
    expect(cookers).toEqual(pots.filter((p) => cookers.includes(p)));
  });

  it('shows every cycle rising, held and falling, within its span, one after the other', () => {
    for (const lane of sketch.lanes) {
      for (const bit of lane.bits) {
        expect(bit.start).toBeGreaterThanOrEqual(sketch.from);
        expect(bit.end).toBeLessThanOrEqual(sketch.to);
        expect(bit.end).toBeGreaterThan(bit.start);
      }
      if (!pots.includes(lane.id)) continue;
      const kinds = new Set(lane.bits.map((b) => b.kind));
      expect(kinds).toContain('up');
      expect(kinds).toContain('release');
    }
  });

  it('is on the table at the moment of serving, late or not', () => {
    expect(sketch.table).toBe(compiled.value.problem.serveAt + (schedule.delay ?? 0));
    const late = sketchOf({ ...saved, schedule: { ...schedule, delay: 25 } }, pots);
    expect(late.table).toBe(sketch.table + 25);
  });
});

import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { targetsFor, useAnswer, type AnswerUse } from './use-answer';

const { dishes } = demoHousehold(Date.parse('2026-10-01T12:00:00Z'));

describe('an answer from Answers in a dish', () => {
  const uses: AnswerUse[] = [
    { kind: 'hold', minutes: 17 },
    { kind: 'level', level: 'low' },
    { kind: 'vessel', rackMm: 30, pan: { diameterMm: 170, heightMm: 70 } },
    { kind: 'liquid', ml: 415 },
    { kind: 'thickener', food: 'cornstarch', grams: 18 },
    { kind: 'note', text: 'At 1500 m it boils at 95 °C.' },
  ];

  it.each(uses)('$kind: every place that is offered takes it, and only it changes', (use) => {
    let places = 0;
    for (const dish of dishes)
      for (const target of targetsFor(dish, use.kind)) {
        places++;
        const changed = useAnswer(dish, target.partId, use);
        expect(changed.ok).toBe(true);
        if (!changed.ok) continue;
        expect(JSON.stringify(changed.value)).not.toBe(JSON.stringify(dish));
        expect(changed.value.name).toBe(dish.name);
        // Nothing that was there is lost.
        for (const before of dish.stages)
          expect(changed.value.stages.map((s) => s.id)).toContain(before.id);
        for (const before of dish.ingredients)
          expect(changed.value.ingredients.map((i) => i.id)).toContain(before.id);
      }
    expect(places).toBeGreaterThan(3);
  });

  it('a stage that is gone, or a hold no document takes, is named', () => {
    const [dish] = dishes;
    if (!dish) throw new Error('no dish');
    const gone = useAnswer(dish, 'not-there', { kind: 'hold', minutes: 5 });
    expect(gone.ok || gone.problems[0]?.message).toContain('no longer there');
    const cycle = targetsFor(dish, 'hold')[0];
    const long = useAnswer(dish, cycle?.partId ?? '', { kind: 'hold', minutes: 9999 });
    expect(long.ok || long.problems[0]?.message).toContain('8 h');
  });
});

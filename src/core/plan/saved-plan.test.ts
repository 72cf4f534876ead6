import { describe, expect, it } from 'vitest';
import { planOf } from './plan';
import { compiledSchema, savedPlanSchema } from './saved-plan';

const step = { id: 'a.cut', minutes: 10, hands: 1, uses: { 'cook:mira': 1 } };
const meaning = {
  id: 'a.cut',
  entryId: 'a',
  dishId: 'beans',
  dishName: 'Beans',
  stageId: 'cut',
  phase: 'prep',
  text: 'Cut it',
  amounts: [],
  because: {},
  caution: null,
  isHands: true,
};
/** The dish as plans of today say it. */
const ref = { kind: 'dish', id: 'beans' } as const;
/** As the first version kept a plan: findings in words, cooks by the resource that a step uses. */
const FIRST = {
  format: 'olive-clock/saved-plan@1',
  compiled: {
    problem: {
      format: 'olive-clock/problem@1',
      serveAt: 0,
      earliest: -60,
      hands: 1,
      resources: [{ id: 'cook:mira', capacity: 1 }],
      steps: [step],
      dishes: [{ id: 'a', ready: 'a.cut', holdCost: 1 }],
    },
    meanings: [meaning],
    notes: [{ entryId: 'a', severity: 'look', text: 'Mind the beans.', remedy: 'Look.' }],
    handOvers: [],
  },
  schedule: {
    format: 'olive-clock/schedule@1' as const,
    status: 'optimal' as const,
    cost: 10,
    bound: 10,
    delay: 0,
    delayBound: 0,
    milliseconds: 1,
    blocks: [],
    steps: [{ id: 'a.cut', start: -10, end: 0 }],
    dishes: [{ id: 'a', ready: 0, hold: 0 }],
    conflict: [],
  },
};

describe('plans that were kept', () => {
  it('one of the first version opens with its findings as they were said, and with its cooks', () => {
    const kept = savedPlanSchema.parse(FIRST);
    expect(kept.format).toBe('olive-clock/saved-plan@2');
    const plan = planOf(kept.compiled, kept.schedule);
    expect(plan.findings).toEqual([
      {
        code: 'said-before',
        severity: 'look',
        subject: { kind: 'entry', id: 'a' },
        values: { text: 'Mind the beans.', remedy: 'Look.' },
        edits: [],
      },
    ]);
    expect(plan.byId.get('a.cut')).toMatchObject({ cook: 'mira', start: -10, end: 0, minutes: 10 });
    expect(plan.dishes).toMatchObject([{ name: 'Beans', ready: 0, due: 0, waits: 0 }]);
  });

  it('read again it stays as it is', () => {
    const once = savedPlanSchema.parse(FIRST);
    expect(savedPlanSchema.parse(once)).toEqual(once);
  });

  it('from elsewhere, steps that break the engine’s rules are refused with the way out', () => {
    const broken = { ...FIRST.compiled, problem: { ...FIRST.compiled.problem, steps: 'none' } };
    const refused = compiledSchema.safeParse(broken);
    expect(refused.error?.issues[0]?.message).toBe('the plan can’t be read; plan it again');
    expect(compiledSchema.safeParse(FIRST.compiled).success).toBe(true);
  });
});

describe('the plan', () => {
  const compiled = compiledSchema.parse(FIRST.compiled);

  it('an operation reads as its appliance has it, and as the counter where it has none', () => {
    const inPots = {
      ...compiled,
      problem: {
        ...compiled.problem,
        units: [{ id: 'large' }],
        blocks: [{ id: 'stay', units: ['large'] }],
        steps: [{ ...step, block: 'stay', minutes: { large: 12 }, p90: { large: 15 } }],
      },
      meanings: [
        {
          ...meaning,
          ref,
          wholeName: 'Beans',
          phase: 'seal' as const,
          texts: { large: 'Seal the large one' },
          because: { large: ['heavy'], '': ['always'] },
          settings: { large: 'Pressure, High, 12 min' },
        },
      ],
    };
    const at = FIRST.schedule;
    const [counter] = planOf(inPots, at).operations;
    expect(counter).toMatchObject({
      text: 'Cut it',
      because: ['always'],
      unit: null,
      setting: null,
    });
    const [pot] = planOf(inPots, {
      ...at,
      blocks: [{ id: 'stay', unit: 'large', start: -12, end: 0 }],
      steps: [{ id: 'a.cut', start: -12, end: 0 }],
    }).operations;
    expect(pot).toMatchObject({
      text: 'Seal the large one',
      because: ['heavy'],
      unit: 'large',
      setting: 'Pressure, High, 12 min',
      minutes: 12,
      slack: 3,
    });
  });

  it('a rinse is needed only where another stay follows in the same pot', () => {
    const rinse = {
      ...compiled,
      meanings: [{ ...meaning, ref, wholeName: 'Beans', phase: 'rinse' as const }],
    };
    const problem = { ...compiled.problem, steps: [{ ...step, block: 'one' }] };
    const needed = (unit: string, start: number): boolean | undefined =>
      planOf(
        { ...rinse, problem },
        {
          ...FIRST.schedule,
          blocks: [
            { id: 'one', unit: 'large', start: -30, end: -20 },
            { id: 'two', unit, start, end: 0 },
          ],
        },
      ).operations[0]?.isNeeded;
    expect(needed('large', -20)).toBe(true);
    expect(needed('large', -31)).toBe(false);
    expect(needed('small', -20)).toBe(false);
  });

  it('a step without a time is not in it', () => {
    const empty = planOf(compiled, { ...FIRST.schedule, steps: [] });
    expect(empty.operations).toEqual([]);
  });
});

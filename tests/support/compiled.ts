/** Compiled meals and schedules by hand: small enough to say what must come of them. */
import type { CompiledMeal } from '../../src/core/plan';
import type { Problem, Schedule } from '../../src/core/solve';

const NAMES: Readonly<Record<string, string>> = { a: 'Stew', b: 'Rice', c: 'Soup' };

/** A problem by hand: what a step of `a.cut` means follows from its id. */
export function compiledBy(
  problem: Partial<Problem> & Pick<Problem, 'steps'>,
  more: Partial<CompiledMeal> = {},
): CompiledMeal {
  return {
    problem: {
      format: 'olive-clock/problem@1',
      serveAt: 0,
      earliest: -100,
      hands: 1,
      ...problem,
    },
    meanings: problem.steps.map(({ id, hands = 0 }) => {
      const entryId = id.slice(0, 1);
      return {
        id,
        entryId,
        dishId: entryId,
        ref: { kind: 'dish', id: entryId },
        dishName: NAMES[entryId] ?? entryId,
        wholeName: NAMES[entryId] ?? entryId,
        stageId: id.slice(2),
        phase: 'prep',
        text: `Do ${id}`,
        amounts: [],
        because: {},
        caution: null,
        isHands: hands > 0,
      };
    }),
    notes: [],
    handOvers: [],
    ...more,
  };
}

type Placed = readonly [id: string, start: number, end: number];

/** A schedule that says when each step is, late by so many minutes. */
export function scheduleBy(
  steps: readonly Placed[],
  delay: number,
  more: Partial<Schedule> = {},
): Schedule {
  return {
    format: 'olive-clock/schedule@1',
    status: 'feasible',
    delay,
    delayBound: 0,
    cost: 0,
    bound: 0,
    steps: steps.map(([id, start, end]) => ({ id, start, end })),
    blocks: [],
    dishes: [],
    milliseconds: 0,
    conflict: [],
    ...more,
  };
}

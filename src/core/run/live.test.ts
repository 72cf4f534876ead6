import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Stage } from '../dish';
import { newEntry } from '../meal';
import { compileMeal } from '../plan';
import { solve } from '../solve';
import { dishBy } from '../../../tests/support/dishes';
import { replanEvening } from '../replan';
import { AGAIN_MIN, effective, foldEvening, type Evening, type RunEvent } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);
const household = householdSchema.parse(demoHousehold(NOW));
const meal = household.meals.find((m) => m.id === 'wednesday-for-three');
if (!meal) throw new Error('no meal');
const compiled = compileMeal(
  meal,
  new Map(household.dishes.map((d) => [d.id, d])),
  household.kitchen,
  NOW,
);
if (!compiled.ok) throw new Error('not compiled');
const serveAt = Date.parse(meal.serveAt);
const evening: Evening = {
  id: 'e',
  mealId: meal.id,
  name: meal.name,
  serveAt,
  compiled: compiled.value,
  schedule: solve(compiled.value.problem, { work: 3_000_000 }),
};
const MINUTE = 60_000;
const at = (minute: number): number => serveAt + minute * MINUTE;
let n = 0;
const event = (kind: RunEvent['kind'], minute: number, more: object = {}): RunEvent =>
  ({ id: `x${n++}`, at: at(minute), by: '', kind, ...more }) as RunEvent;
const planned = (step: string): { start: number; end: number } => {
  const found = evening.schedule.steps.find((s) => s.id === step);
  if (!found) throw new Error(step);
  return found;
};
const cycle = evening.compiled.meanings.find((m) => m.phase === 'seal');
if (!cycle) throw new Error('no cycle');
const part = (phase: string): string => `${cycle.entryId}.${cycle.stageId}.${phase}`;
const stepIn = (events: readonly RunEvent[], step: string, minute: number) => {
  const found = foldEvening(evening, events, at(minute)).steps.find((s) => s.operation.id === step);
  if (!found) throw new Error(step);
  return found;
};

describe('a cycle, tapped or not', () => {
  const seal = planned(part('seal'));

  it('after the lid it comes up by itself; the countdown and the beep follow from taps', () => {
    const lid = event('done', seal.end, { step: part('seal') });
    const up = stepIn([lid], part('up'), seal.end + 1);
    expect(up).toMatchObject({
      status: 'running',
      tap: 'Timer started',
      start: at(seal.end),
    });
    const late = seal.end + 20;
    const counting = event('done', late, { step: part('up') });
    const hold = stepIn([lid, counting], part('hold'), late);
    expect(hold.start).toBe(at(late));
    // Counted from the tap: nothing is counted down that could drift.
    const minutes = planned(part('hold')).end - planned(part('hold')).start;
    expect(hold.end).toBe(at(late + minutes));
    // It has beeped, as far as anybody knows: nobody has said that it is done.
    expect(stepIn([lid, counting], part('hold'), late + minutes)).toMatchObject({
      status: 'over',
      isAssumed: true,
    });
  });

  it('corrected afterwards, the clocks follow; undone, it has not happened', () => {
    const lid = event('done', seal.end, { step: part('seal') });
    const counting = event('done', seal.end + 20, { step: part('up') });
    const fixed = event('corrected', seal.end + 25, { of: counting.id, to: at(seal.end + 16) });
    expect(stepIn([lid, counting, fixed], part('hold'), seal.end + 16).start).toBe(
      at(seal.end + 16),
    );
    const back = event('undone', seal.end + 26, { of: counting.id });
    expect(stepIn([lid, counting, back], part('hold'), seal.end + 5).status).toBe('ahead');
  });

  it('not done after all: it goes on for so long', () => {
    const lid = event('done', seal.end, { step: part('seal') });
    const beep = event('done', seal.end + 30, { step: part('hold') });
    const more = event('more', seal.end + 31, { step: part('hold'), minutes: 5 });
    expect(stepIn([lid, beep, more], part('hold'), seal.end + 31).status).not.toBe('done');
  });

  it('what must have come before a tap is taken as done', () => {
    const open = event('done', seal.end + 40, { step: part('open') });
    for (const phase of ['seal', 'up', 'hold'])
      expect(stepIn([open], part(phase), seal.end + 40).status).toBe('done');
  });
});

describe('folding', () => {
  const taps = fc.array(
    fc.record({
      kind: fc.constantFrom('started', 'done', 'undone', 'corrected'),
      step: fc.constantFrom(...evening.schedule.steps.map((s) => s.id)),
      minute: fc.integer({ min: -90, max: 20 }),
      of: fc.integer({ min: 0, max: 20 }),
    }),
    { maxLength: 20 },
  );
  const toEvents = (
    raw: { kind: string; step: string; minute: number; of: number }[],
  ): RunEvent[] =>
    raw.map((r, i) => ({
      id: `t${i}`,
      by: '',
      at: at(r.minute),
      ...(r.kind === 'undone'
        ? { kind: 'undone' as const, of: `t${r.of}` }
        : r.kind === 'corrected'
          ? { kind: 'corrected' as const, of: `t${r.of}`, to: at(r.minute - 3) }
          : { kind: r.kind as 'done', step: r.step }),
    }));

  it('law: twice, or in another order of arrival, is the same; every clock runs forward', () => {
    fc.assert(
      fc.property(taps, fc.integer({ min: -80, max: 30 }), fc.integer(), (raw, minute, seed) => {
        const events = toEvents(raw);
        const shuffled = [...events].sort(
          (a, b) => ((a.id.length * seed) % 7) - ((b.id.length * 31) % 5),
        );
        const once = foldEvening(evening, events, at(minute));
        expect(foldEvening(evening, [...shuffled, ...events], at(minute))).toEqual(once);
        for (const s of once.steps) expect(s.end).toBeGreaterThanOrEqual(s.start);
        expect(effective(events).every((e) => e.kind !== 'undone')).toBe(true);
      }),
      { numRuns: 200, seed: 5 },
    );
  });
});

describe('planned again', () => {
  it('a pot that comes up late moves the table, and says so in one line', () => {
    const seal = planned(part('seal'));
    const events = [event('done', seal.end, { step: part('seal') })];
    const now = planned(part('up')).end + 15;
    const state = foldEvening(
      evening,
      [...events, event('more', now - 1, { step: part('up'), minutes: 25 })],
      at(now),
    );
    const again = replanEvening(evening, state, at(now), household.kitchen);
    expect(again?.schedule.delay).toBeGreaterThan(0);
    expect(again?.text).toMatch(/table at \d\d:\d\d instead of 19:00/);
    const up = again?.schedule.steps.find((s) => s.id === part('up'));
    expect(up?.start).toBe(seal.end);
  });

  it('nothing has happened: nothing changes, and nothing is said', () => {
    const first = Math.min(...evening.schedule.steps.map((s) => s.start));
    const state = foldEvening(evening, [], at(first - 5));
    const again = replanEvening(evening, state, at(first - 5), household.kitchen);
    expect(again?.text).toBe('');
  });

  it('a dish left out is gone, guests who come later move the table', () => {
    const first = Math.min(...evening.schedule.steps.map((s) => s.start));
    const drop = event('dropped', first - 5, { entry: 'hake-fennel' });
    const later = event('guests', first - 5, { minutes: 20 });
    const state = foldEvening(evening, [drop, later], at(first - 5));
    expect(state.steps.some((s) => s.operation.entryId === 'hake-fennel')).toBe(false);
    const again = replanEvening(evening, state, at(first - 5), household.kitchen);
    expect(again?.schedule.steps.some((s) => s.id.startsWith('hake-fennel'))).toBe(false);
    expect(again?.text).toMatch(/table at 19:20 instead of 19:00/);
  });
});

describe('guests later', () => {
  const replanned = event('replanned', -200, { schedule: evening.schedule, text: '' });

  it.each([
    ['at the very moment of a new plan', -200, 20],
    ['a minute after it', -199, 0],
  ])('told %s', (_when, minute, isIn) => {
    const state = foldEvening(
      evening,
      [replanned, event('guests', minute, { minutes: 20 })],
      at(-190),
    );
    expect(state.guestsTold).toBe(isIn);
    expect(state.guestsLater).toBe(20);
  });
});

describe('opened, and not done', () => {
  const open = planned(part('open'));
  const back = (minutes: number): RunEvent[] => [
    event('done', open.end, { step: part('open') }),
    event('again', open.end, { step: part('open'), minutes }),
  ];

  it('goes back under pressure, takes nobody’s hands until then, and is asked again after it', () => {
    const during = stepIn(back(5), part('open'), open.end + 4);
    expect(during).toMatchObject({ status: 'running', isAgain: true, tap: 'Open' });
    expect(during.end).toBe(at(open.end + 5 + AGAIN_MIN));
    const after = stepIn(back(5), part('open'), open.end + 5 + AGAIN_MIN + 1);
    expect(after).toMatchObject({ status: 'running', isAgain: false });
  });

  it('what comes after it is planned again, later', () => {
    const now = at(open.end + 1);
    const state = foldEvening(evening, back(20), now);
    const again = replanEvening(evening, state, now, household.kitchen);
    const end = again?.schedule.steps.find((s) => s.id === part('open'))?.end ?? 0;
    expect(end).toBeGreaterThanOrEqual(open.end + 20 + AGAIN_MIN);
    expect(again?.text).toMatch(/table at 19:\d\d instead of 19:00/);
  });
});

describe('something that is turned halfway', () => {
  const roast = dishBy('roast', [{ food: 'leg of lamb', amount: 2000, unit: 'g', role: 'main' }], {
    stages: [
      {
        ...{ id: 'oven', kind: 'oven', text: 'Roast', uses: ['i0'], minutes: 60, celsius: 180 },
        turns: [{ text: 'Baste it', at: 0.5 }],
      } as Stage,
    ],
  });
  const oneDish = {
    ...meal,
    entries: [newEntry('roast', 'roast')],
    busy: [],
    away: [],
    eaters: [],
  };
  const one = compileMeal(oneDish, new Map([['roast', roast]]), household.kitchen, NOW);
  if (!one.ok) throw new Error(one.problems[0]?.message);
  const basted: Evening = {
    ...evening,
    compiled: one.value,
    schedule: solve(one.value.problem, { work: 1_000_000 }),
  };
  const startOf = (id: string): number =>
    basted.schedule.steps.find((s) => s.id === `roast.oven.${id}`)?.start ?? NaN;
  const statusAt = (events: readonly RunEvent[], minute: number) =>
    Object.fromEntries(
      foldEvening(basted, events, at(minute)).steps.map((s) => [
        s.operation.id.replace('roast.oven.', ''),
        `${s.status}: ${s.tap}`,
      ]),
    );

  it('is not out of the oven before it was turned, and goes on by itself after that', () => {
    const put = event('done', startOf('in') + 1, { step: 'roast.oven.in' });
    const half = statusAt([put], startOf('bake') + 10);
    expect(half.bake).toBe('running: Time to turn');
    expect(half['bake-2']).toBe('ahead: Out of the oven');
    const turn = startOf('bake-turn-1');
    const taps = [
      put,
      event('done', turn, { step: 'roast.oven.bake' }),
      event('done', turn + 1, { step: 'roast.oven.bake-turn-1' }),
    ];
    expect(statusAt(taps, turn + 5)['bake-2']).toBe('running: Out of the oven');
  });
});

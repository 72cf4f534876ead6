/** What nobody said is no evidence, more is more than what was shown, and the table takes along what has not begun. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { observe } from '../learn';
import { compileMeal } from '../plan';
import { solve, valueFor } from '../solve';
import { replanEvening } from '../replan';
import { accountOf, foldEvening, type Evening, type RunEvent } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const household = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
const meal = household.meals.find((m) => m.id === 'harvest-supper') ?? household.meals[0];
if (!meal) throw new Error('no meal');
const compiled = compileMeal(meal, dishes, household.kitchen, NOW);
if (!compiled.ok) throw new Error('not compiled');
const serveAt = Date.parse(meal.serveAt);
const evening: Evening = {
  id: 'e',
  mealId: meal.id,
  name: meal.name,
  serveAt,
  compiled: compiled.value,
  schedule: solve(compiled.value.problem, { work: 2_000_000 }),
};
const at = (minute: number): number => serveAt + minute * MINUTE;
let n = 0;
const event = (kind: RunEvent['kind'], minute: number, more: object = {}): RunEvent =>
  ({ id: `u${n++}`, at: at(minute), by: '', kind, ...more }) as RunEvent;
const planned = new Map(evening.schedule.steps.map((s) => [s.id, s]));
const end = (step: string): number => planned.get(step)?.end ?? Number.NaN;
const seal = evening.compiled.meanings.find((m) => m.phase === 'seal');
if (!seal) throw new Error('no cycle');
const part = (phase: string): string => `${seal.entryId}.${seal.stageId}.${phase}`;
const over = at(300);

function evidence(events: readonly RunEvent[]): string[] {
  const account = accountOf(evening, events, dishes, over);
  return observe(evening, account, household.kitchen, new Map()).map((o) => `${o.kind} ${o.real}`);
}

describe('evidence', () => {
  it('of an evening with one tap there is none: the rest is only taken as planned', () => {
    expect(evidence([event('served', 0)])).toEqual([]);
    expect(evidence([event('done', end(part('seal')), { step: part('seal') })])).toEqual([]);
    const last = evening.schedule.steps.filter((s) => s.id.endsWith('.open')).at(-1)?.id ?? '';
    // Opening says that the dish was not put back; how long the rest took it does not say.
    expect(
      evidence([event('done', end(last), { step: last })]).filter((o) => !o.startsWith('hold')),
    ).toEqual([]);
  });

  it('a way up counts once the lid and the countdown were both tapped, for as long as it took', () => {
    const lid = event('done', end(part('seal')), { step: part('seal') });
    const counting = event('done', end(part('seal')) + 21, { step: part('up') });
    expect(evidence([lid, counting])).toEqual(['power 21']);
    expect(evidence([counting])).toEqual([]);
  });

  it('a release counts from the beep, which comes so long after the pressure was seen; never from a guess', () => {
    const natural = evening.compiled.meanings.find(
      (m) =>
        m.phase === 'release' &&
        !evening.compiled.meanings.some(
          (v) => v.phase === 'vent' && v.stageId === m.stageId && v.entryId === m.entryId,
        ),
    );
    if (!natural) throw new Error('no natural release');
    const own = (phase: string): string => `${natural.entryId}.${natural.stageId}.${phase}`;
    const held = end(own('hold')) - end(own('up'));
    const counting = event('done', end(own('up')) + 4, { step: own('up') });
    const dropped = event('done', end(own('up')) + 4 + held + 33, { step: own('release') });
    expect(evidence([counting, dropped])).toEqual(['loss 33']);
    expect(evidence([dropped])).toEqual([]);
  });

  it('is held against the minutes planned for the pot that was used', () => {
    const step = evening.compiled.problem.steps.find((s) => s.id === part('up'));
    const block = evening.schedule.blocks.find((b) => b.id === step?.block);
    const other = Object.keys(step?.minutes ?? {}).find((u) => u !== block?.unit);
    if (!step || !block || !other) throw new Error('only one pot takes it');
    const moved: Evening = {
      ...evening,
      schedule: {
        ...evening.schedule,
        blocks: evening.schedule.blocks.map((b) => (b === block ? { ...b, unit: other } : b)),
      },
    };
    const account = accountOf(
      moved,
      [
        event('done', end(part('seal')), { step: part('seal') }),
        event('done', end(part('seal')) + 21, { step: part('up') }),
      ],
      dishes,
      over,
    );
    const phase = account.phases.find((p) => p.operation.id === part('up'));
    expect(phase).toMatchObject({
      operation: { unit: other },
      real: 21,
      planned: valueFor(step.minutes, other),
    });
  });
});

describe('minutes more', () => {
  const lid = event('done', end(part('seal')), { step: part('seal') });
  const counting = event('done', end(part('up')), { step: part('up') });
  const endOf = (events: readonly RunEvent[], minute: number): number => {
    const state = foldEvening(evening, [lid, counting, ...events], at(minute));
    const found = state.steps.find((s) => s.operation.id === part('hold'));
    return ((found?.end ?? 0) - serveAt) / MINUTE;
  };
  const shown = end(part('hold'));

  it('are counted from the end that was shown, however early they are tapped', () => {
    const more = event('more', shown - 3, { step: part('hold'), minutes: 10 });
    expect(endOf([more], shown - 2)).toBe(shown + 10);
    const again = event('more', shown - 2, { step: part('hold'), minutes: 5 });
    expect(endOf([more, again], shown - 1)).toBe(shown + 15);
  });

  it('and from now where that has passed', () => {
    const late = event('more', shown + 4, { step: part('hold'), minutes: 10 });
    expect(endOf([late], shown + 5)).toBe(shown + 14);
  });
});

describe('guests later', () => {
  it('what has not begun moves with the table: no pot is started early for it', () => {
    const first = Math.min(...evening.schedule.steps.map((s) => s.start));
    const now = first - 1;
    const later = event('guests', now, { minutes: 30 });
    const state = foldEvening(evening, [later], at(now));
    const again = replanEvening(evening, state, at(now), household.kitchen);
    if (!again) throw new Error('no plan');
    const asides = new Set(evening.compiled.problem.steps.filter((s) => s.aside).map((s) => s.id));
    const moves = again.schedule.steps
      .filter((s) => !asides.has(s.id))
      .map((s) => s.start - (planned.get(s.id)?.start ?? 0));
    expect(new Set(moves)).toEqual(new Set([30]));
    expect(again.text).toMatch(/table at 19:00 instead of 18:30/);
  });

  it('once told, it is not moved a second time', () => {
    const first = Math.min(...evening.schedule.steps.map((s) => s.start));
    const later = event('guests', first - 2, { minutes: 30 });
    const state = foldEvening(evening, [later], at(first - 2));
    const again = replanEvening(evening, state, at(first - 2), household.kitchen);
    if (!again) throw new Error('no plan');
    const told = event('replanned', first - 1, { schedule: again.schedule, text: again.text });
    const after = foldEvening(evening, [later, told], at(first));
    expect(replanEvening(evening, after, at(first), household.kitchen)?.text).toBe('');
  });
});

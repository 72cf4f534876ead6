/** What goes wrong on an evening, and what the plan makes of it. */
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Meal } from '../meal';
import { compileMeal } from '../plan';
import {
  addDish,
  accountOf,
  foldEvening,
  isPast,
  strandedIn,
  type Evening,
  type LiveState,
  type RunEvent,
} from '../run';
import { solve } from '../solve';
import { planAgain, replanEvening, tooLateFor } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const household = householdSchema.parse(demoHousehold(NOW));
const { kitchen } = household;
const dishes = new Map(household.dishes.map((d) => [d.id, d]));

function mealOf(id: string): Meal {
  const meal = household.meals.find((m) => m.id === id);
  if (!meal) throw new Error('no meal');
  return meal;
}

function eveningOf(id: string, meal = mealOf(id)): Evening {
  const compiled = compileMeal(meal, dishes, kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  return {
    id,
    mealId: id,
    name: meal.name,
    serveAt: Date.parse(meal.serveAt),
    compiled: compiled.value,
    schedule: solve(compiled.value.problem, { work: 2_000_000 }),
  };
}
const evening = eveningOf('wednesday-for-three');
const at = (minute: number): number => evening.serveAt + minute * MINUTE;
const planned = new Map(evening.schedule.steps.map((s) => [s.id, s]));
const unitOf = (schedule: Evening['schedule'], block: string): string =>
  schedule.blocks.find((b) => b.id === block)?.unit ?? '';
const seals = evening.compiled.meanings.filter((m) => m.phase === 'seal');
const first = seals.toSorted(
  (a, b) => (planned.get(a.id)?.end ?? 0) - (planned.get(b.id)?.end ?? 0),
)[0];
if (!first) throw new Error('no cycle');
const part = (name: string): string => `${first.entryId}.${first.stageId}.${name}`;
const block = evening.compiled.problem.steps.find((s) => s.id === part('hold'))?.block ?? '';
const end = (step: string): number => planned.get(step)?.end ?? Number.NaN;

let n = 0;
type Told = Partial<RunEvent> & { kind: RunEvent['kind'] };
const event = (minute: number, what: Told): RunEvent =>
  ({ id: `m${n++}`, at: at(minute), by: 'test', ...what }) as RunEvent;
/** Everything of one pot tapped as planned, up to a step. */
const upTo = (...steps: string[]): RunEvent[] =>
  steps.map((step) => event(end(part(step)), { kind: 'done', step: part(step) }));
const fold = (events: RunEvent[], minute: number): LiveState =>
  foldEvening(evening, events, at(minute));
const stepIn = (state: LiveState, id: string) => state.steps.find((s) => s.operation.id === id);

function again(events: RunEvent[], minute: number) {
  const found = replanEvening(evening, fold(events, minute), at(minute), kitchen);
  if (!found) throw new Error('no plan');
  return found;
}

describe('a pot that fails on a day too large to be searched', () => {
  const day = eveningOf('freezer-day');
  const minuteOf = (share: number): number => {
    const first = Math.min(...day.schedule.steps.map((s) => s.start));
    return Math.round(first + share * (day.compiled.problem.serveAt - first));
  };

  it.each([0.02, 0.6])('is left by all that has not begun, at %f of the day', (share) => {
    const minute = minuteOf(share);
    const now = day.serveAt + minute * MINUTE;
    const unit = 'middle';
    const stay = day.schedule.blocks.find(
      (b) => b.unit === unit && b.start <= minute && b.end > minute,
    );
    const done = day.schedule.steps
      .filter((s) => s.end <= minute)
      .map((s) => ({
        ...{ id: `d-${s.id}`, at: day.serveAt + s.end * MINUTE, by: 'test' },
        ...{ kind: 'done' as const, step: s.id },
      }));
    const lost = {
      id: 'lost',
      at: now,
      by: 'test',
      kind: 'lost' as const,
      unit,
      stays: stay ? [stay.id] : [],
    };
    const state = foldEvening(day, [...done, lost], now);
    const found = replanEvening(day, state, now, kitchen, { work: 1 });
    const ahead = (found?.schedule.blocks ?? []).filter((b) => b.start > minute);
    expect(ahead.length).toBeGreaterThan(0);
    expect(ahead.filter((b) => b.unit === unit)).toEqual([]);
    for (const a of ahead)
      for (const b of ahead)
        if (a.id < b.id && a.unit === b.unit)
          expect(a.start < b.end && b.start < a.end).toBe(false);
  });
});

describe('a pot that is taken for the next dish before the last step of the one in it was tapped', () => {
  const supper = eveningOf('harvest-supper');
  const { blocks, steps } = supper.schedule;
  const ends = new Map(steps.map((s) => [s.id, s.end]));
  const inTurn = (id: string) =>
    supper.compiled.problem.steps
      .filter((s) => s.block === id)
      .toSorted((a, b) => (ends.get(a.id) ?? 0) - (ends.get(b.id) ?? 0));
  const pairs = blocks.flatMap((a) => {
    const next = blocks.find((b) => b.unit === a.unit && b.start >= a.end && b.id !== a.id);
    const [last, first] = [inTurn(a.id).at(-1), next && inTurn(next.id)[0]];
    return last?.hands && first ? [{ last, first }] : [];
  });

  it.each(pairs)('has a plan still: $last.id beside $first.id', ({ last, first }) => {
    const minute = (ends.get(first.id) ?? NaN) - 1;
    const now = supper.serveAt + minute * MINUTE;
    const folded = foldEvening(supper, [], now);
    const state: LiveState = {
      ...folded,
      guestsLater: 25,
      steps: folded.steps.map((s) => {
        if (s.operation.id === last.id) return { ...s, status: 'due' };
        if (s.operation.id === first.id) return { ...s, status: 'running' };
        return s.start < now ? { ...s, status: 'done' } : { ...s, status: 'ahead' };
      }),
    };
    const found = replanEvening(supper, state, now, kitchen);
    const at = found?.schedule.steps.find((s) => s.id === last.id)?.start;
    expect(at).toBeGreaterThanOrEqual(minute);
  });
});

describe('a pot that fails', () => {
  const lidOn = upTo('seal', 'up');
  const inTheMiddle = end(part('up')) + 8;
  const unit = unitOf(evening.schedule, block);
  const lost = event(inTheMiddle, { kind: 'lost', unit, stays: [block] });
  const events = [...lidOn, lost];

  it('goes on in another: lid on and time to pressure anew, of the hold what is left', () => {
    const { schedule, text } = again(events, inTheMiddle);
    expect(unitOf(schedule, block)).not.toBe(unit);
    const hold = schedule.steps.find((s) => s.id === part('hold'));
    const whole = end(part('hold')) - end(part('up'));
    expect((hold?.end ?? 0) - (hold?.start ?? 0)).toBe(whole - 8);
    const up = schedule.steps.find((s) => s.id === part('up'));
    expect(up?.start).toBeGreaterThanOrEqual(inTheMiddle);
    expect(text).toMatch(/goes into the (?:Large|Middle|Small)/);
  });

  it('counts nothing of a hold that nobody saw begin: it may never have come to pressure', () => {
    const { schedule } = again([...upTo('seal'), lost], inTheMiddle);
    const hold = schedule.steps.find((s) => s.id === part('hold'));
    expect((hold?.end ?? 0) - (hold?.start ?? 0)).toBe(end(part('hold')) - end(part('up')));
  });

  it('nothing that is still to come is planned in it', () => {
    const { schedule } = again(events, inTheMiddle);
    for (const b of schedule.blocks) if (b.start > inTheMiddle) expect(b.unit, b.id).not.toBe(unit);
  });

  it('taken back, it has not failed', () => {
    const back = [...events, event(inTheMiddle + 1, { kind: 'undone', of: lost.id })];
    const state = fold(back, inTheMiddle + 1);
    expect(state.lost.size).toBe(0);
    expect(stepIn(state, part('hold'))?.status).toBe('running');
  });

  it('where no pot is left, says so and plans the rest; it is never planned in a pot that failed', () => {
    const all = kitchen.cookers.map((c) =>
      event(inTheMiddle, { kind: 'lost', unit: c.id, stays: c.id === unit ? [block] : [] }),
    );
    const state = fold([...lidOn, ...all], inTheMiddle);
    expect(strandedIn(state).dishes.get(first.entryId)?.name).toBe(first.wholeName);
    const { schedule, text } = again([...lidOn, ...all], inTheMiddle);
    expect(schedule.steps.some((s) => s.id === part('hold'))).toBe(false);
    expect(text).toContain('nothing that is left takes');
  });
});

describe('an oven that fails while what is to be crisped in it is still in its pot', () => {
  const meal = mealOf('wednesday-for-three');
  const [entry] = meal.entries;
  if (!entry) throw new Error('no entry');
  const duck = eveningOf('wednesday-for-three', {
    ...meal,
    entries: [{ ...entry, what: { ...entry.what, dish: { kind: 'dish', id: 'duck-prunes' } } }],
  });
  const { schedule } = duck;
  const idOf = (phase: string): string =>
    duck.compiled.meanings.find((m) => m.phase === phase)?.id ?? '';
  const stepOf = (phase: string) => schedule.steps.find((s) => s.id === idOf(phase));
  const minute = (stepOf('hold')?.start ?? 0) + 5;
  const now = duck.serveAt + minute * MINUTE;
  const tap = (id: string, at: number, what: Told): RunEvent =>
    ({ id, at, by: 'test', ...what }) as RunEvent;
  const taps = ['seal', 'come-up'].map((phase) =>
    tap(phase, duck.serveAt + (stepOf(phase)?.end ?? 0) * MINUTE, {
      kind: 'done',
      step: idOf(phase),
    }),
  );
  const lost = tap('lost', now, { kind: 'lost', unit: 'oven', stays: [] });
  const found = (events: RunEvent[]) =>
    replanEvening(duck, foldEvening(duck, events, now), now, kitchen);

  it('leaves it in its pot until that is opened, and takes only the crisping out of the plan', () => {
    const again = found([...taps, lost]);
    const known = new Set(again?.schedule.steps.map((s) => s.id));
    expect([idOf('hold'), idOf('open')].map((id) => known.has(id))).toEqual([true, true]);
    expect([idOf('preheat'), idOf('crisp')].map((id) => known.has(id))).toEqual([false, false]);
    expect(again?.text).toMatch(/nothing that is left takes “.+” of Duck legs/);
  });

  it('is said once', () => {
    const again = found([...taps, lost]);
    if (!again) throw new Error('no plan');
    const replanned = tap('again', now, {
      ...{ kind: 'replanned', schedule: again.schedule, text: again.text, because: ['lost'] },
    });
    expect(found([...taps, lost, replanned])?.text).not.toContain('nothing that is left');
    expect(strandedIn(foldEvening(duck, [...taps, lost, replanned], now)).dishes.size).toBe(1);
  });
});

describe('food that is moved to another pot by hand', () => {
  it('is planned in that one, whatever the plan had', () => {
    const units = evening.compiled.problem.blocks?.find((b) => b.id === block)?.units ?? [];
    const other = units.find((u) => u !== unitOf(evening.schedule, block));
    if (!other) throw new Error('only one pot takes it');
    const start = Math.min(...evening.schedule.steps.map((s) => s.start));
    const moved = event(start - 1, { kind: 'moved', stay: block, unit: other });
    expect(unitOf(again([moved], start - 1).schedule, block)).toBe(other);
  });
});

describe('time that is up', () => {
  it('of a countdown nobody tapped is over, not done; opening it says that it was done', () => {
    const minute = end(part('hold')) + 1;
    const hold = stepIn(fold(upTo('seal', 'up'), minute), part('hold'));
    expect(hold).toMatchObject({ status: 'over', isAssumed: true });
    expect(hold && isPast(hold)).toBe(true);
    const opened = [...upTo('seal', 'up'), event(minute, { kind: 'done', step: part('open') })];
    expect(stepIn(fold(opened, minute), part('hold'))?.status).toBe('done');
  });

  it('in the oven stays there until somebody takes it out, and what comes after waits for that', () => {
    const supper = eveningOf('harvest-supper');
    const bake = supper.compiled.meanings.find((m) => m.phase === 'oven');
    if (!bake) throw new Error('nothing is baked');
    const time = supper.schedule.steps.find((s) => s.id === bake.id);
    const late = supper.serveAt + ((time?.end ?? 0) + 10) * MINUTE;
    const begun: RunEvent = {
      ...{ id: 'in', by: '', at: supper.serveAt + (time?.start ?? 0) * MINUTE },
      ...{ kind: 'started', step: bake.id },
    };
    const step = foldEvening(supper, [begun], late).steps.find((s) => s.operation.id === bake.id);
    expect(step?.status).toBe('over');
    expect(step && isPast(step)).toBe(false);
  });
});

describe('calm', () => {
  const lid = upTo('seal');
  const late = (minutes: number): RunEvent[] => [
    ...lid,
    event(end(part('up')) + minutes, { kind: 'done', step: part('up') }),
  ];

  it('two minutes late change nothing that was said', () => {
    const found = again(late(2), end(part('up')) + 2);
    expect(found).toMatchObject({ isKept: true, text: '' });
    expect(found.schedule).toBe(evening.schedule);
  });

  it('a quarter of an hour late moves what has to move, with before and after', () => {
    const { isKept, text } = again(late(25), end(part('up')) + 25);
    expect(isKept).toBe(false);
    expect(text).toMatch(/ instead of /);
  });

  it('what takes a plan back takes back what it was made for, and only that', () => {
    const start = Math.min(...evening.schedule.steps.map((s) => s.start)) - 5;
    const guests = event(start, { kind: 'guests', minutes: 25 });
    const plan = planAgain(evening, fold([guests], start), {
      ...{ id: 'plan', events: [guests], causes: [guests], now: at(start), kitchen },
    });
    if (!plan) throw new Error('no plan');
    expect(fold([guests, plan], start).readyAt).toBe(at(25));
    const undone = event(start + 1, { kind: 'undone', of: guests.id });
    const state = fold([guests, plan, undone], start + 1);
    expect(state.schedule).toBe(evening.schedule);
    expect(state.readyAt).toBe(at(0));
  });
});

describe('a dish more', () => {
  const start = Math.min(...evening.schedule.steps.map((s) => s.start)) - 30;
  const named = new Set(
    household.meals.find((m) => m.id === evening.mealId)?.entries.map((e) => e.id),
  );
  const quick = household.dishes.find(
    (d) => !named.has(d.id) && d.stages.every((s) => s.kind === 'prep'),
  );
  const any = quick ?? household.dishes.find((d) => !named.has(d.id));

  it('comes in with all its steps, and nothing of the others is lost', () => {
    if (!any) throw new Error('no dish');
    const added = addDish(evening, any, { entry: 'more-1', servings: 3 }, kitchen, at(start));
    if (!added.ok) throw new Error(added.problems[0]?.message);
    const come = event(start, { kind: 'added', ...added.value });
    const state = fold([come], start);
    expect(state.compiled.problem.steps).toHaveLength(
      evening.compiled.problem.steps.length + added.value.part.problem.steps.length,
    );
    const { schedule } = again([come], start);
    const there = new Set(schedule.steps.map((s) => s.id));
    for (const step of state.compiled.problem.steps) expect(there.has(step.id), step.id).toBe(true);
  });

  it('that would keep the table waiting for hours is refused with the hour', () => {
    const slow = household.dishes.find((d) => d.stages.some((s) => s.kind === 'soak'));
    if (!slow) throw new Error('nothing soaks');
    const added = addDish(evening, slow, { entry: 'more-2', servings: 3 }, kitchen, at(start));
    if (!added.ok) throw new Error(added.problems[0]?.message);
    const come = event(start, { kind: 'added', ...added.value });
    const hour = tooLateFor(evening, fold([come], start), at(start), kitchen);
    expect(hour).toBeGreaterThan(at(60));
  });
});

describe('the account', () => {
  it('of an evening that was tapped through in three minutes is no evidence, and says so', () => {
    const start = -60;
    const events = evening.compiled.meanings.flatMap((m, i) => [
      event(start + i * 0.05, { kind: 'started', step: m.id }),
      event(start + i * 0.05 + 0.03, { kind: 'done', step: m.id }),
    ]);
    const account = accountOf(evening, events, dishes, at(30));
    expect(account.isTappedThrough).toBe(true);
    expect(account.phases.every((p) => p.real === null)).toBe(true);
  });

  it('tells each decision once, with what was planned again for it', () => {
    const start = Math.min(...evening.schedule.steps.map((s) => s.start)) - 5;
    const guests = event(start, { kind: 'guests', minutes: 25 });
    const plan = planAgain(evening, fold([guests], start), {
      ...{ id: 'told', events: [guests], causes: [guests], now: at(start), kitchen },
    });
    if (!plan) throw new Error('no plan');
    const { changes } = accountOf(evening, [guests, plan], dishes, at(start));
    expect(changes).toHaveLength(1);
    expect(changes[0]?.text).toMatch(/^the guests 25 min later: table at .* instead of /);
  });
});

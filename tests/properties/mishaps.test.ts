/**
 * Evenings with everything that goes wrong: guests, pots and ovens that fail, food moved, things missing, a dish
 * more or less, a cook away, pauses, taps forgotten or taken back. Each is checked for its clocks, for food that
 * waits, for pots with two things in them, and for a table that every screen agrees on.
 */
import { describe, expect, it } from 'vitest';
import { planAgain, tooLateFor } from '$core/replan';
import {
  addDish,
  foldEvening,
  isPast,
  needsSomebody,
  seeded,
  type Evening,
  type RunEvent,
} from '$core/run';
import { demoStarts, household } from '../support/demo-evenings';
import { countMoves, noMoves } from '../support/calm';
import { clashesIn } from '../support/evening-checks';

/** A few in CI; a thousand with `npm run soak`. */
const EVENINGS = process.env.SOAK ? 1000 : 2;
const MINUTE = 60_000;
const LONGEST_MIN = 40 * 60;
const { kitchen } = household;

const starts = demoStarts();

type Told = Partial<RunEvent> & { kind: RunEvent['kind'] };

function play(evening: Evening, next: () => number) {
  const events: RunEvent[] = [];
  const calm = noMoves();
  const clashes: string[] = [];
  const first = Math.min(...evening.schedule.steps.map((s) => s.start));
  let now = evening.serveAt + (first - 5) * MINUTE;
  const end = now + LONGEST_MIN * MINUTE;
  const kinds = new Set<string>();
  const say = (what: Told): void => {
    const event = { id: `e${events.length}`, at: now, by: 'cook', ...what } as RunEvent;
    events.push(event);
    kinds.add(event.kind);
    const state = foldEvening(evening, events, now);
    const plan = planAgain(evening, state, {
      ...{ id: `r${events.length}`, events, causes: [event], now, kitchen },
    });
    if (plan) {
      countMoves(calm, state, plan);
      events.push(plan);
    }
    clashes.push(...clashesIn(evening, foldEvening(evening, events, now), now));
  };
  const rare = (often: number): boolean => next() < often;
  const pick = <T>(from: readonly T[]): T | undefined => from[Math.floor(next() * from.length)];
  const once = new Set<string>();
  const mayOnce = (what: string, often: number): boolean => {
    if (once.has(what) || !rare(often)) return false;
    once.add(what);
    return true;
  };
  for (; now < end; now += MINUTE) {
    const state = foldEvening(evening, events, now);
    const open = state.steps.filter((s) => !isPast(s) && s.operation.phase !== 'rinse');
    if (open.length === 0) return { events, state, calm, clashes, kinds, isOver: true };
    if (state.isPaused) {
      if (rare(0.3)) say({ kind: 'resumed' });
      continue;
    }
    const running = open.find((s) => s.operation.isHands && s.status === 'running');
    const byId = new Map(state.steps.map((s) => [s.operation.id, s]));
    const due = open.find((s) => s.status === 'due' && needsSomebody(s, byId));
    const hot = open.find((s) => s.status === 'over');
    if (hot && rare(0.6)) say({ kind: 'done', step: hot.operation.id });
    else if (running && now >= running.end - MINUTE && rare(0.7))
      say({ kind: 'done', step: running.operation.id });
    else if (!running && due && rare(0.75)) say({ kind: 'started', step: due.operation.id });
    const pot = open.find((s) => s.operation.phase === 'come-up' && s.status === 'running');
    if (pot && rare(0.06)) say({ kind: 'done', step: pot.operation.id });
    if (pot && rare(0.01)) say({ kind: 'trouble', step: pot.operation.id, what: 'overheating' });
    const busy = open.find((s) => s.status === 'running' && s.operation.stay !== null);
    if (busy && rare(0.006))
      say({ kind: 'more', step: busy.operation.id, minutes: 1 + Math.floor(next() * 25) });
    if (mayOnce('guests', 0.006))
      say({ kind: 'guests', minutes: Math.round(next() * 60 - 20) || 7 });
    if (mayOnce('away', 0.006)) say({ kind: 'away', minutes: 1 + Math.floor(next() * 20) });
    if (mayOnce('paused', 0.004)) say({ kind: 'paused' });
    if (mayOnce('dropped', 0.002) && open.length > 15)
      say({ kind: 'dropped', entry: open[0]?.operation.entryId });
    if (busy?.operation.unit && mayOnce('lost', 0.008))
      say({
        kind: 'lost',
        unit: busy.operation.unit,
        stays: busy.operation.stay === null ? [] : [busy.operation.stay],
      });
    const block = state.compiled.problem.blocks?.find((b) => b.id === busy?.operation.stay);
    const other = pick((block?.units ?? []).filter((u) => !state.lost.has(u)));
    if (block && other && mayOnce('moved', 0.01))
      say({ kind: 'moved', stay: block.id, unit: other });
    const amount = pick(open.flatMap((s) => s.operation.amounts.map((what) => ({ s, what }))));
    if (amount && mayOnce('without', 0.01))
      say({ kind: 'without', entry: amount.s.operation.entryId, what: amount.what, instead: '' });
    const dish = pick(household.dishes);
    if (dish && mayOnce('added', 0.003)) {
      const added = addDish(evening, dish, { entry: 'more-x', servings: 3 }, kitchen, now);
      if (!added.ok) continue;
      const event = { id: 'x', at: now, by: '', kind: 'added' as const, ...added.value };
      const trial = foldEvening(evening, [...events, event], now);
      if (tooLateFor(evening, trial, now, kitchen) === null) say(event);
    }
    const last = events.findLast((e) => e.kind === 'done');
    if (last && rare(0.004)) say({ kind: 'undone', of: last.id });
  }
  return { events, state: foldEvening(evening, events, now), calm, clashes, kinds, isOver: false };
}

describe('evenings with mishaps', () => {
  it('each ends, nothing is in two pots or in one that failed, clocks and table agree', () => {
    const kinds = new Set<string>();
    const calm = noMoves();
    for (let i = 0; i < EVENINGS; i++) {
      const evening = starts[i % starts.length];
      if (!evening) throw new Error('no evening');
      const played = play(evening, seeded(4000 + i));
      expect(played.isOver, `evening ${i} ends`).toBe(true);
      expect([...new Set(played.clashes)], `evening ${i}`).toEqual([]);
      for (const step of played.state.steps)
        expect(step.end, step.operation.id).toBeGreaterThanOrEqual(step.start);
      // Another screen that has the same events, in another order, says the same.
      const at = played.events.at(-1)?.at ?? evening.serveAt;
      expect(foldEvening(evening, played.events.toReversed(), at)).toEqual(
        foldEvening(evening, played.events, at),
      );
      for (const kind of played.kinds) kinds.add(kind);
      for (const key of Object.keys(calm) as (keyof typeof calm)[]) calm[key] += played.calm[key];
    }
    console.info(
      `${EVENINGS} evenings with mishaps (${[...kinds].sort().join(', ')}); moved: ${JSON.stringify(calm)}`,
    );
  }, 3_600_000);
});

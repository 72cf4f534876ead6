import { describe, expect, it } from 'vitest';
import { replanEvening } from '$core/replan';
import { foldEvening, needsSomebody, seeded, type Evening, type RunEvent } from '$core/run';
import { demoStarts, household } from '../support/demo-evenings';

/** A few in CI; a thousand with `npm run soak`. */
const EVENINGS = process.env.SOAK ? 1000 : 2;
const MINUTE = 60_000;
const LONGEST_MIN = 40 * 60;

const starts = demoStarts();

/** A cook who is quicker or slower than planned, forgets a tap now and then, and has bad luck. */
function play(evening: Evening, next: () => number) {
  const events: RunEvent[] = [];
  let replans = 0;
  let refused = 0;
  const first = Math.min(...evening.schedule.steps.map((s) => s.start));
  let now = evening.serveAt + (first - 5) * MINUTE;
  const end = now + LONGEST_MIN * MINUTE;
  const add = (event: object): void => {
    events.push({ id: `e${events.length}`, at: now, by: 'cook', ...event } as RunEvent);
    const state = foldEvening(evening, events, now);
    const again = replanEvening(evening, state, now, household.kitchen);
    if (!again) {
      refused++;
      return;
    }
    replans++;
    const { schedule, text } = again;
    events.push({
      id: `r${events.length}`,
      at: now,
      by: 'plan',
      kind: 'replanned',
      schedule,
      text,
    });
  };
  let isDropped = false;
  for (; now < end; now += MINUTE) {
    const state = foldEvening(evening, events, now);
    const open = state.steps.filter((s) => s.status !== 'done' && s.operation.phase !== 'rinse');
    if (open.length === 0) return { events, replans, refused, state, isOver: true };
    const running = open.find((s) => s.operation.isHands && s.status === 'running');
    const byId = new Map(state.steps.map((s) => [s.operation.id, s]));
    const due = open.find((s) => s.status === 'due' && needsSomebody(s, byId));
    const luck = next();
    if (running && now >= running.end - MINUTE && luck < 0.7)
      add({ kind: 'done', step: running.operation.id });
    else if (running && luck < 0.02) add({ kind: 'more', step: running.operation.id, minutes: 3 });
    else if (!running && due && luck < 0.75) add({ kind: 'started', step: due.operation.id });
    const pot = open.find((s) => s.operation.phase === 'come-up' && s.status === 'running');
    if (pot && next() < 0.02) add({ kind: 'trouble', step: pot.operation.id, what: 'overheating' });
    if (pot && next() < 0.08) add({ kind: 'done', step: pot.operation.id });
    if (next() < 0.001) add({ kind: 'guests', minutes: 10 });
    if (!isDropped && open.length > 20 && next() < 0.0005) {
      isDropped = true;
      add({ kind: 'dropped', entry: open[0]?.operation.entryId });
    }
  }
  return { events, replans, refused, state: foldEvening(evening, events, now), isOver: false };
}

describe('evenings played', () => {
  it('every one ends, nothing is lost, every clock is consistent, re-planning always answers', () => {
    let replans = 0;
    for (let i = 0; i < EVENINGS; i++) {
      const evening = starts[i % starts.length];
      if (!evening) throw new Error('no evening');
      const played = play(evening, seeded(1000 + i));
      replans += played.replans;
      expect(played.isOver, `evening ${i}`).toBe(true);
      expect(played.refused, `evening ${i}: re-planning gave no answer`).toBe(0);
      for (const step of played.state.steps)
        expect(step.end, step.operation.id).toBeGreaterThanOrEqual(step.start);
      // Stopped and started again at every tenth event: the same evening.
      for (let cut = 0; cut < played.events.length; cut += 10) {
        const kept = JSON.parse(JSON.stringify(played.events.slice(0, cut))) as RunEvent[];
        const at = kept.at(-1)?.at ?? evening.serveAt;
        expect(foldEvening(evening, kept, at)).toEqual(
          foldEvening(evening, played.events.slice(0, cut), at),
        );
      }
    }
    console.info(`${EVENINGS} evenings, ${replans} re-plannings, all answered`);
  }, 3_600_000);
});

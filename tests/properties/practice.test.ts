import { describe, expect, it } from 'vitest';
import { compileMeal, totalsOf } from '$core/plan';
import { replanEvening } from '$core/replan';
import {
  accountOf,
  eventsFrom,
  foldEvening,
  handTaps,
  hiddenKitchen,
  MISHAPS,
  readPot,
  seeded,
  truthOf,
  type Evening,
  type RunEvent,
} from '$core/run';
import { solve } from '$core/solve';
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../../src/demo/household';

/** A few in CI; a thousand with `npm run soak`. */
const EVENINGS = process.env.SOAK ? 1000 : 2;
const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const STEP_MS = 30_000;
const household = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));

const plans = household.meals.map((meal) => {
  const compiled = compileMeal(meal, dishes, household.kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const schedule = solve(compiled.value.problem, { work: 3_000_000 });
  return { meal, compiled: compiled.value, schedule };
});

/** An evening with pots that are not quite as planned, a cook with a pace, and some bad luck. */
function practice(i: number): Evening {
  const plan = plans[i % plans.length];
  if (!plan) throw new Error('no plan');
  const random = seeded(7000 + i);
  const mishap = i % 3 === 0 ? null : (MISHAPS[i % MISHAPS.length] ?? null);
  const hidden = hiddenKitchen(household.kitchen, random, mishap);
  const compiled = compileMeal(plan.meal, dishes, hidden, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const truth = truthOf(compiled.value);
  const [first] = Object.keys(truth);
  const own = first === undefined ? undefined : truth[first];
  if (own) own.mishap = mishap;
  return {
    id: `p${i}`,
    mealId: plan.meal.id,
    name: plan.meal.name,
    serveAt: Date.parse(plan.meal.serveAt),
    compiled: plan.compiled,
    schedule: plan.schedule,
    practice: { truth, isByItself: true, pace: 0.8 + 0.5 * random(), seed: i },
  };
}

function play(evening: Evening): { events: RunEvent[]; replans: number; unanswered: number } {
  const { practice: own } = evening;
  if (!own) throw new Error('no practice');
  const events: RunEvent[] = [];
  const ids = new Set<string>();
  let replans = 0;
  let unanswered = 0;
  const { firstStart } = totalsOf(evening.compiled.problem, evening.schedule);
  let now = evening.serveAt + (firstStart - 2) * MINUTE;
  const end = now + 20 * 60 * MINUTE;
  for (; now < end; now += STEP_MS) {
    const state = foldEvening(evening, events, now);
    if (state.isServed) break;
    const units = new Set(state.steps.flatMap(({ operation: { unit } }) => unit ?? []));
    const said = [...units].flatMap((unit) => {
      const reading = readPot(own, state, events, unit, now);
      return reading ? eventsFrom(reading, state) : [];
    });
    const fresh = [...said, ...handTaps(own, state, now)].filter((e) => !ids.has(e.id));
    if (fresh.length === 0) continue;
    for (const event of fresh) ids.add(event.id);
    events.push(...fresh);
    const again = replanEvening(evening, foldEvening(evening, events, now), now, household.kitchen);
    if (!again) unanswered++;
    else {
      replans++;
      const { schedule, text } = again;
      events.push({ id: `r${replans}`, at: now, by: 'plan', kind: 'replanned', schedule, text });
    }
  }
  return { events, replans, unanswered };
}

describe('practice evenings with virtual cookers', () => {
  it('each ends on the table, the clocks agree, re-planning answers, and the account is honest', () => {
    let replans = 0;
    const delays: number[] = [];
    for (let i = 0; i < EVENINGS; i++) {
      const evening = practice(i);
      const played = play(evening);
      replans += played.replans;
      const last = played.events.at(-1)?.at ?? 0;
      const state = foldEvening(evening, played.events, last);
      expect(state.isServed, `evening ${i} ends`).toBe(true);
      expect(played.unanswered, `evening ${i}: re-planning gave no answer`).toBe(0);
      for (const step of state.steps)
        expect(step.end, step.operation.id).toBeGreaterThanOrEqual(step.start);

      const account = accountOf(evening, played.events, dishes, last);
      expect(account.late).not.toBeNull();
      delays.push(account.late ?? 0);
      // What the pots really took is what the account says, to the minute and a step of the play.
      for (const phase of account.phases.filter(
        (p) => p.operation.phase === 'come-up' && p.real !== null,
      )) {
        const { entryId, stageId, unit } = phase.operation;
        const truth = evening.practice?.truth[`${entryId}.${stageId}`];
        const real = truth?.comeUp[unit ?? ''] ?? 0;
        if (truth?.mishap === 'overheating' || truth?.mishap === 'valve')
          expect(phase.real).toBeGreaterThan(real);
        else expect(Math.abs((phase.real ?? 0) - real)).toBeLessThanOrEqual(1);
      }
      const mishap = Object.values(evening.practice?.truth ?? {}).find((t) => t.mishap)?.mishap;
      if (mishap === 'valve' || mishap === 'overheating') {
        expect(account.troubles).toHaveLength(1);
        expect(account.advice.length).toBeGreaterThan(0);
      }
    }
    delays.sort((a, b) => a - b);
    const median = delays[Math.floor(delays.length / 2)];
    console.info(
      `${EVENINGS} practice evenings, ${replans} re-plannings, all answered; the last dish ${median} min after its time (median)`,
    );
  }, 3_600_000);

  it('taken up at any event it is the same evening', () => {
    const evening = practice(1);
    const { events } = play(evening);
    for (let cut = 0; cut < events.length; cut++) {
      const kept = JSON.parse(JSON.stringify(events.slice(0, cut))) as RunEvent[];
      const at = kept.at(-1)?.at ?? evening.serveAt;
      expect(foldEvening(evening, kept, at)).toEqual(
        foldEvening(evening, events.slice(0, cut), at),
      );
    }
  });
});

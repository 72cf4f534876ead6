/** The chance of a plan, against closed forms and against an evening played forward by other code. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseProblem, planFor, simulate, solve, type Problem, type Schedule } from '$core/solve';
import { castPlayers } from '$core/solve/evening';
import { Playback } from '$core/solve/playback';
import { playForward } from '../support/play-evening';
import { smallProblem } from '../support/random-problem';

const RUNS = Number(process.env.SOAK) ? 2000 : 250;

describe('an evening', () => {
  it('is the same played step by step and played forward in time', () => {
    let compared = 0;
    fc.assert(
      fc.property(
        smallProblem(5),
        fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { minLength: 5, maxLength: 5 }),
        (small, factors) => {
          // A lag that reaches back into what is still to come binds nobody who does not know it yet.
          const problem: Problem = {
            ...small,
            links: (small.links ?? []).map((l) => ({
              ...l,
              min: Math.max(0, l.min ?? 0),
              max: null,
            })),
          };
          const schedule = solve(problem, { work: 20_000 });
          if (schedule.status !== 'optimal' && schedule.status !== 'feasible') return;
          const stage = new Playback(castPlayers(problem, schedule), problem);
          stage.players.forEach((p, i) => {
            stage.lengths[i] = p.median * (factors[i] ?? 1);
          });
          const lengths = new Map(stage.players.map((p, i) => [p.step.id, stage.lengths[i] ?? 0]));
          stage.play();
          const forward = playForward(problem, schedule, lengths);
          // Steps of no length in a circle of links start at once or never, as one reads it.
          if (forward.size < stage.players.length) return;
          compared++;
          stage.players.forEach((p, i) => {
            expect(
              forward.get(p.step.id),
              `${p.step.id} in ${JSON.stringify({ problem, schedule })}`,
            ).toBeCloseTo(stage.starts[i] ?? Number.NaN, 6);
          });
        },
      ),
      { numRuns: RUNS, seed: 18 },
    );
    expect(compared).toBeGreaterThan(RUNS / 3);
  });
});

function parsed(more: Partial<Problem>): Problem {
  const answer = parseProblem({
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -120,
    hands: 1,
    steps: [],
    ...more,
  });
  if (!answer.ok) throw new Error(answer.message);
  return answer.problem;
}
const scheduleOf = (steps: Schedule['steps'], blocks: Schedule['blocks'] = []): Schedule => ({
  ...solve(parsed({ steps: [{ id: 'x', minutes: 1 }] })),
  delay: 0,
  steps,
  blocks,
});

describe('chance by hand', () => {
  /** The heat is over its median half the time; the work after it then meets the absence and is late. */
  const away = parsed({
    away: [{ from: -20, to: 5, hands: 1 }],
    steps: [
      { id: 'heat', minutes: 30, p90: 40 },
      { id: 'stir', minutes: 10, hands: 1 },
    ],
    links: [{ from: 'heat', to: 'stir' }],
    dishes: [{ id: 'd', ready: 'stir' }],
  });
  const plan = scheduleOf([
    { id: 'heat', start: -60, end: -30 },
    { id: 'stir', start: -30, end: -20 },
  ]);

  it('work that chance pushes into an absence waits until it is over: one half, by the definition of a median', () => {
    const { onTime, dishes } = simulate(away, plan, 4000);
    // Three standard errors of 4000 runs are 0.024.
    expect(Math.abs(onTime - 0.5)).toBeLessThan(0.024);
    expect(dishes[0]?.p90).toBeCloseTo(15, 6);
  });

  it('a plan that is to be surer starts early enough for the absence', () => {
    const { simulation, reached } = planFor(away, plan, 0.8);
    expect(reached).toBe(true);
    expect(simulation.onTime).toBeGreaterThanOrEqual(0.8);
  });

  it('a unit that is taken by something else makes wait, too', () => {
    const busy = parsed({
      units: [{ id: 'oven', busy: [{ from: -20, to: 10 }] }],
      blocks: [{ id: 'b', units: ['oven'] }],
      steps: [
        { id: 'heat', minutes: 30, p90: 40 },
        { id: 'bake', minutes: 10, block: 'b' },
      ],
      links: [{ from: 'heat', to: 'bake' }],
      dishes: [{ id: 'd', ready: 'bake' }],
    });
    const baked = scheduleOf(
      [
        { id: 'heat', start: -60, end: -30 },
        { id: 'bake', start: -30, end: -20 },
      ],
      [{ id: 'b', unit: 'oven', start: -30, end: -20 }],
    );
    expect(Math.abs(simulate(busy, baked, 4000).onTime - 0.5)).toBeLessThan(0.024);
  });

  /**
   * Three pieces of work of one length and two cooks: the third starts when the first of the others ends. With
   * lengths of one log-normal, P(min(A, B) + 0 ≤ its planned start) = 1 − 1/4.
   */
  it('with two cooks a third piece of work waits for whoever is free first: three quarters', () => {
    const three = parsed({
      hands: 2,
      steps: [
        { id: 'a', minutes: 20, p90: 30, hands: 1 },
        { id: 'b', minutes: 20, p90: 30, hands: 1 },
        { id: 'c', minutes: 10, hands: 1 },
      ],
      dishes: [{ id: 'd', ready: 'c' }],
    });
    const two = scheduleOf([
      { id: 'a', start: -30, end: -10 },
      { id: 'b', start: -30, end: -10 },
      { id: 'c', start: -10, end: 0 },
    ]);
    expect(Math.abs(simulate(three, two, 6000).onTime - 0.75)).toBeLessThan(0.02);
  });

  /**
   * The same pair of hands is never used twice: `late` is delayed by its wait, and what is planned after it starts
   * no sooner than it, so that `sure` is on time only where `wait` took no longer than planned.
   */
  it('steps start in the planned order, so a delayed one holds back those after it', () => {
    const order = parsed({
      hands: 2,
      steps: [
        { id: 'wait', minutes: 30, p90: 45 },
        { id: 'late', minutes: 5, hands: 1 },
        { id: 'sure', minutes: 5, hands: 1 },
      ],
      links: [{ from: 'wait', to: 'late' }],
      dishes: [{ id: 'd', ready: 'sure' }],
    });
    const kept = scheduleOf([
      { id: 'wait', start: -40, end: -10 },
      { id: 'late', start: -10, end: -5 },
      { id: 'sure', start: -5, end: 0 },
    ]);
    // Late where the wait takes over 35: σ = ln(1.5)/1.2816 = 0.3164, Φ(ln(35/30)/σ) = Φ(0.487) = 0.687.
    expect(Math.abs(simulate(order, kept, 6000).onTime - 0.687)).toBeLessThan(0.02);
  });
});

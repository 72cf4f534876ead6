import { describe, expect, it } from 'vitest';
import type { PlanAnswer } from '$core/planner';
import { LATE_ANSWER_MS, refreshed, takeAnswer, type OnPage } from './incoming';

type Planned = Extract<PlanAnswer, { kind: 'plan' }>;

/** As much of an answer as is looked at here: its problem, its findings and its steps. */
const plan = (problem: object, more: Partial<Planned> = {}): Planned =>
  ({
    kind: 'plan',
    final: true,
    compiled: { problem, notes: [] },
    schedule: { steps: [], blocks: [] },
    ...more,
  }) as unknown as Planned;

const kept = (answer: PlanAnswer): OnPage => ({
  answer,
  isOfThisMeal: true,
  shownFor: Infinity,
});
const oven = { tasks: ['roast'], earliest: 5 };
const pot = { tasks: ['braise'], earliest: 5 };

describe('an answer that comes in', () => {
  it('is shown where nothing is, where no plan is, and where the plan is of the meal before its change', () => {
    expect(takeAnswer({ ...kept(plan(oven)), answer: null }, plan(oven))).toBe('shown');
    expect(takeAnswer(kept({ kind: 'unknown' }), plan(oven))).toBe('shown');
    expect(takeAnswer({ ...kept(plan(oven)), isOfThisMeal: false }, plan(oven))).toBe('shown');
    expect(takeAnswer(kept(plan(oven)), { kind: 'unknown' })).toBe('shown');
  });

  it('as a first look takes no plan’s place', () => {
    const written = plan(pot, { final: false, isWritten: true });
    expect(takeAnswer(kept(plan(oven)), written)).toBe('ignored');
    expect(takeAnswer({ ...kept(plan(oven)), answer: null }, written)).toBe('shown');
    expect(takeAnswer({ ...kept(written), shownFor: 60_000 }, plan(oven))).toBe('shown');
  });

  it('early, leaves a kept plan of the same problem, whenever that was asked', () => {
    const early = plan({ ...oven, earliest: 9 }, { final: false });
    expect(takeAnswer(kept(plan(oven)), early)).toBe('refreshes');
    expect(takeAnswer(kept(plan(pot)), early)).toBe('shown');
  });

  it('is offered, not swapped in, once the plan has been read', () => {
    const shown = { ...kept(plan(pot)), shownFor: LATE_ANSWER_MS };
    expect(takeAnswer(shown, plan(oven))).toBe('shown');
    expect(takeAnswer({ ...shown, shownFor: LATE_ANSWER_MS + 1 }, plan(oven))).toBe('offered');
  });

  it('replaces a kept plan whose dishes or cookers have changed since', () => {
    expect(takeAnswer(kept(plan(oven)), plan(oven))).toBe('offered');
    expect(takeAnswer(kept(plan(oven)), plan(pot))).toBe('shown');
  });

  it('brings its findings to the plan it leaves, if both are of one problem', () => {
    const notes = [{ code: 'cooker-gone' }];
    const answer = plan(oven, { compiled: { problem: oven, notes } } as unknown as Planned);
    const before = plan(oven);
    expect(refreshed(before, answer)).toMatchObject({ compiled: { notes } });
    expect(refreshed(plan(pot), answer)).toMatchObject({ compiled: { notes: [] } });
    expect(refreshed(null, answer)).toBeNull();
  });
});

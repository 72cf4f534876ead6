import { describe, expect, it } from 'vitest';
import type { Problem } from '../solve';
import { parkedIn } from './parking';
import type { Phase } from './types';

/** Out of a pot at 0, into `to` after so many minutes; another stay in the oven or the pot, where said. */
function parked(
  minutes: number,
  {
    inSame = false,
    oven = true,
    taken = '',
    next = 'simmer',
    isHot = true,
    burners = 0,
    from = 'open',
    isBusy = false,
    inPan = false,
  }: {
    inSame?: boolean;
    oven?: boolean;
    taken?: string;
    next?: Phase;
    isHot?: boolean;
    burners?: number;
    from?: Phase;
    isBusy?: boolean;
    inPan?: boolean;
  } = {},
) {
  const problem = {
    units: [
      { id: 'pot' },
      ...(oven ? [{ id: 'oven', ...(isBusy ? { busy: [{ from: 5, to: 9 }] } : {}) }] : []),
      ...(burners > 0 ? [{ id: 'burner', capacity: burners }] : []),
    ],
    steps: [
      { id: 'a', minutes: 10, block: 'A' },
      { id: 'b', minutes: 10, block: inSame ? 'A' : 'B' },
    ],
    links: [{ from: 'a', to: 'b', soft: 10 }],
  } as unknown as Problem;
  const schedule = {
    steps: [
      { id: 'a', start: -10, end: 0 },
      { id: 'b', start: minutes, end: minutes + 10 },
    ],
    blocks: [
      { id: 'A', unit: 'pot', start: -10, end: inSame ? minutes + 10 : 0 },
      ...(inSame
        ? []
        : [{ id: 'B', unit: oven ? 'oven' : 'pot', start: minutes, end: minutes + 10 }]),
      ...taken
        .split('+')
        .filter(Boolean)
        .map((unit) => ({ id: `x${unit}`, unit, start: 5, end: 15 })),
    ],
  };
  const phaseOf = (id: string) => (id === 'b' ? next : from);
  return (
    parkedIn(
      problem,
      schedule,
      new Set(['pot']),
      phaseOf,
      () => isHot,
      () => inPan,
    ).get('a') ?? null
  );
}

/** Common practice: covered, food stays hot for half an hour. */
describe('where food waits between two steps', () => {
  it('ten minutes are no wait, eleven are', () => {
    expect(parked(10)).toBeNull();
    expect(parked(11)).toEqual({ minutes: 11, where: 'covered' });
  });

  it('for half an hour it stays hot under a cover', () => {
    expect(parked(30)?.where).toBe('covered');
  });

  it('longer: on keep warm where the pot is free, in the low oven where that is, else covered', () => {
    expect(parked(31)?.where).toBe('keep-warm');
    expect(parked(31, { taken: 'pot' })?.where).toBe('low-oven');
    expect(parked(31, { taken: 'pot+oven' })?.where).toBe('covered');
    expect(parked(31, { taken: 'pot', isBusy: true })?.where).toBe('covered');
    expect(parked(31, { taken: 'pot', oven: false })?.where).toBe('covered');
  });

  it('over the lowest heat where a burner is free, and it is wet and eaten hot', () => {
    const full = { taken: 'pot', oven: false, next: 'finish' as const };
    expect(parked(31, { ...full, burners: 1 })).toEqual({ minutes: 31, where: 'burner' });
    expect(parked(31, { ...full, taken: 'pot+burner', burners: 2 })?.where).toBe('burner');
    expect(parked(31, { ...full, taken: 'pot+burner', burners: 1 })).toEqual({
      minutes: 31,
      where: 'covered',
      isToReheat: true,
    });
    expect(parked(31, { ...full, burners: 1, from: 'crisp' })?.where).toBe('covered');
    expect(parked(31, { ...full, burners: 1, isHot: false })?.where).toBe('covered');
    // Puddings in their moulds stand on no burner.
    expect(parked(31, { ...full, burners: 1, inPan: true })?.where).toBe('covered');
    expect(parked(31, { taken: 'pot', burners: 1 })?.where).toBe('low-oven');
  });

  it('is heated again where it has cooled, is eaten hot, and nothing that follows heats it', () => {
    const full = { taken: 'pot', oven: false };
    expect(parked(31, { ...full, next: 'finish' })?.isToReheat).toBe(true);
    expect(parked(30, { ...full, next: 'finish' })?.isToReheat).toBeUndefined();
    expect(parked(31, { ...full, next: 'simmer' })?.isToReheat).toBeUndefined();
    expect(parked(31, { ...full, next: 'finish', isHot: false })?.isToReheat).toBeUndefined();
    expect(parked(31, { taken: 'pot', next: 'finish' })?.isToReheat).toBeUndefined();
  });

  it('what goes on at once in its pot does not wait for what else it is needed for; rinsing is no going on', () => {
    const besides = (phase: Phase) => {
      const problem = {
        units: [{ id: 'pot' }],
        steps: [
          { id: 'a', minutes: 10, block: 'A' },
          { id: 'next', minutes: 20, block: 'A' },
          { id: 'late', minutes: 5 },
        ],
        links: [
          { from: 'a', to: 'next' },
          { from: 'a', to: 'late', soft: 10 },
        ],
      } as unknown as Problem;
      const steps = [
        { id: 'a', start: -10, end: 0 },
        { id: 'next', start: 0, end: 20 },
        { id: 'late', start: 50, end: 55 },
      ];
      const blocks = [{ id: 'A', unit: 'pot', start: -10, end: 20 }];
      return parkedIn(problem, { steps, blocks }, new Set(['pot']), () => phase).get('a');
    };
    expect(besides('simmer')).toBeUndefined();
    expect(besides('rinse')?.minutes).toBe(50);
  });

  it('what goes on in the same pot stays in it', () => {
    expect(parked(30, { inSame: true })?.where).toBe('in-pot');
    expect(parked(31, { inSame: true })?.where).toBe('keep-warm');
  });
});

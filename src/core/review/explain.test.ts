import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import type { CompiledMeal } from '../plan';
import type { Schedule } from '../solve';
import { compiledBy as compiled, scheduleBy } from '../../../tests/support/compiled';
import { conflictGroups, explainConflict } from './explain';
import { whyLate } from './why-late';

const { kitchen: demo } = householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9)));
const [one, two] = demo.cookers as [Kitchen['cookers'][number], Kitchen['cookers'][number]];
const kitchen: Kitchen = {
  ...demo,
  hands: 1,
  cookers: [
    { ...one, id: 'large', name: 'Large', watts: 1200, circuit: 'left' },
    { ...two, id: 'small', name: 'Small', watts: 900, circuit: 'left' },
  ],
  circuits: [{ id: 'left', name: 'Left wall', watts: 2000 }],
};

const step = (id: string, minutes = 10, more: object = {}) => ({ id, minutes, ...more });

describe('what contradicts what, in words', () => {
  const said = (
    c: CompiledMeal,
    conflict: string[],
    needsHands = false,
    ...overruns: Parameters<typeof explainConflict>[4] & object
  ): string[] => explainConflict(c, kitchen, conflict, needsHands, overruns).map((x) => x.text);

  const waits = compiled({
    steps: [step('a.rest'), step('b.rest')],
    dishes: [
      { id: 'a', ready: 'a.rest', holdCost: 1, holdMax: 20 },
      { id: 'b', ready: 'b.rest', holdCost: 1 },
    ],
  });

  it('a dish that keeps only so long, and how long it would have to; not one that keeps for ever', () => {
    expect(said(waits, ['a', 'b'])).toEqual(['Stew keeps at most 20 min once it is ready.']);
    expect(said(waits, ['a'], false, { kind: 'wait', id: 'a', minutes: 35, most: 20 })).toEqual([
      'Stew keeps at most 20 min once it is ready; here it is kept for 35 min.',
    ]);
    expect(said(waits, ['a'], false, { kind: 'gap', id: 'a', minutes: 35, most: 20 })).toEqual([
      'Stew keeps at most 20 min once it is ready.',
    ]);
    expect(said(waits, [])).toEqual([]);
    expect(explainConflict(waits, kitchen, ['a'], false)[0]).toMatchObject({
      steps: ['a.rest'],
      waits: ['a'],
    });
  });

  it('stays with one place to go to are told together, with all their steps', () => {
    const pots = compiled({
      steps: [
        step('a.cook', 10, { block: 'one' }),
        step('b.cook', 10, { block: 'two' }),
        step('b.open', 1, { block: 'two' }),
        step('c.bake', 10, { block: 'three' }),
      ],
      blocks: [
        { id: 'one', units: ['large', 'small'] },
        { id: 'two', units: ['large', 'small'] },
        { id: 'three', units: ['oven'] },
      ],
    });
    expect(said(pots, ['one', 'two', 'three'])).toEqual([
      'Stew and Rice need the Large or the Small, one after the other.',
      'Soup needs the oven.',
    ]);
    expect(explainConflict(pots, kitchen, ['two'], false)).toMatchObject([
      { text: 'Rice needs the Large or the Small.', steps: ['b.cook', 'b.open'] },
    ]);
  });

  it('a pot that was removed is told by its id, a burner as a burner', () => {
    const odd = compiled({
      steps: [step('a.cook', 10, { block: 'one' }), step('b.fry', 10, { block: 'two' })],
      blocks: [
        { id: 'one', units: ['sold'] },
        { id: 'two', units: ['burner'] },
      ],
    });
    expect(said(odd, ['one', 'two'])).toEqual(['Stew needs the sold.', 'Rice needs a burner.']);
  });

  it('what one dish needs from another', () => {
    const broth = compiled(
      { steps: [step('a.cook'), step('b.cook')], links: [{ from: 'a.cook', to: 'b.cook' }] },
      { handOvers: [{ fromStep: 'a.cook', toStep: 'b.cook', what: 'broth' }] },
    );
    expect(said(broth, ['a.cook>b.cook'])).toEqual(['Rice needs the broth from Stew first.']);
    expect(said(broth, ['a.cook'])).toEqual([]);
  });

  it('a step that was put at a moment; one with room to move was not', () => {
    const put = compiled({
      steps: [
        step('a.cut', 10, { from: -60, by: -50 }),
        step('b.cut', 10, { from: -60, by: -49 }),
        step('c.cook', 0, { minutes: { large: 12, small: 20 }, from: -30, by: -10, block: 'x' }),
        step('c.open', 5, { from: -8 }),
      ],
      blocks: [{ id: 'x', units: ['large', 'small'] }],
    });
    const all = ['a.cut', 'b.cut', 'c.cook', 'c.open'];
    expect(said(put, all)).toEqual([
      'Stew: “Do a.cut” was put 1 h before serving.',
      'Soup: “Do c.cook” was put 30 min before serving.',
    ]);
    expect(said(put, ['b.cut'])).toEqual([]);
  });

  it('tools by their number, with the steps that use them', () => {
    const racks = (count: number) =>
      compiled({
        steps: [step('a.cook', 10, { block: 'one' }), step('b.cook', 10, { block: 'two' })],
        blocks: [
          { id: 'one', units: ['large'], tools: ['rack'] },
          { id: 'two', units: ['small'] },
        ],
        tools: [{ id: 'rack', count }],
      });
    expect(explainConflict(racks(1), kitchen, ['rack'], false)).toMatchObject([
      { text: 'There is only 1 of “rack”.', steps: ['a.cook'] },
    ]);
    expect(said(racks(2), ['rack'])).toEqual(['There are only 2 of “rack”.']);
    expect(said(racks(2), [])).toEqual([]);
  });

  it('heaters on one breaker, with what they take and what it gives', () => {
    const on = compiled({
      steps: [step('a.heat', 10, { uses: { left: 1200 } }), step('b.cut')],
      resources: [{ id: 'left', capacity: 2000 }],
    });
    expect(explainConflict(on, kitchen, ['left'], false)).toMatchObject([
      {
        text: 'Large and Small heat up with 2100 W in all, and “Left wall” gives 2000 W.',
        steps: ['a.heat'],
      },
    ]);
    expect(said(on, ['a.heat'])).toEqual([]);
  });

  it('hands where they are what is few, and two dishes want them', () => {
    const busy = compiled({
      steps: [
        step('a.cut', 10, { hands: 1 }),
        step('b.cut', 10, { hands: 1 }),
        step('c.boil'),
        step('c.cut', 10, { hands: 1 }),
      ],
    });
    const all = ['a.cut', 'b.cut', 'c.boil', 'c.cut'];
    expect(said(busy, all, true)).toEqual(['Stew, Rice and Soup share one pair of hands.']);
    expect(said(busy, all)).toEqual([]);
    expect(said(busy, ['a.cut', 'c.boil'], true)).toEqual([]);
    const [hands] = explainConflict(busy, { ...kitchen, hands: 2 }, ['a.cut', 'b.cut'], true);
    expect(hands).toMatchObject({
      text: 'Stew and Rice share 2 pairs of hands.',
      steps: ['a.cut', 'b.cut'],
      atHands: true,
    });
  });

  it('steps of one dish and what links them are one group; a link between two dishes is its own', () => {
    const group = conflictGroups(
      compiled({
        steps: [step('a.cut'), step('a.cook'), step('b.cook')],
        links: [
          { from: 'a.cut', to: 'a.cook' },
          { from: 'a.cook', to: 'b.cook' },
        ],
      }),
    );
    expect(group('a.cut')).toBe(group('a.cook'));
    expect(group('a.cut>a.cook')).toBe(group('a.cut'));
    expect(group('a.cook>b.cook')).toBe('a.cook>b.cook');
    expect(group('b.cook')).not.toBe(group('a.cook'));
    expect(group('rack')).toBe('rack');
  });
});

describe('why it is late', () => {
  const schedule = scheduleBy;
  const ready = (...ids: string[]) => ids.map((id) => ({ id, ready: `${id}.cook`, holdCost: 1 }));
  const chain = (c: CompiledMeal, s: Schedule): string[] =>
    whyLate(c, s, kitchen).flatMap((part) => part.steps);

  it('a plan on time has no chain', () => {
    const c = compiled({ steps: [step('a.cook')], dishes: ready('a') });
    const dishes = [{ id: 'a', ready: 0, hold: 0 }];
    expect(chain(c, schedule([['a.cook', -10, 0]], 0, { dishes }))).toEqual([]);
  });

  it('goes back from the latest dish, link by link, to what could not begin earlier', () => {
    const c = compiled({
      steps: [step('a.cut'), step('a.cook', 30), step('b.cook', 5)],
      links: [{ from: 'a.cut', to: 'a.cook' }],
      dishes: ready('a', 'b'),
      earliest: -30,
    });
    const s = schedule(
      [
        ['a.cut', -30, -20],
        ['a.cook', -20, 10],
        ['b.cook', -5, 0],
      ],
      10,
      {
        dishes: [
          { id: 'a', ready: 10, hold: 0 },
          { id: 'b', ready: 0, hold: 10 },
        ],
      },
    );
    expect(chain(c, s)).toEqual(['a.cut', 'a.cook']);
    expect(whyLate(c, s, kitchen)).toEqual([
      { text: 'Stew: Do a.cut, 40 min', steps: ['a.cut', 'a.cook'] },
    ]);
  });

  it('lateness counts from when a dish is wanted, not from the table', () => {
    const c = compiled({
      steps: [step('a.cook', 30), step('b.cook', 20)],
      dishes: [
        { id: 'a', ready: 'a.cook', holdCost: 1, dueAt: 30 },
        { id: 'b', ready: 'b.cook', holdCost: 1 },
      ],
    });
    const s = schedule(
      [
        ['a.cook', 5, 35],
        ['b.cook', -10, 10],
      ],
      10,
      {
        dishes: [
          { id: 'a', ready: 35, hold: 0 },
          { id: 'b', ready: 10, hold: 0 },
        ],
      },
    );
    expect(chain(c, s)).toEqual(['b.cook']);
  });

  const inOnePot = (turnaround: number, capacity = 1) =>
    compiled({
      steps: [step('a.cook', 30, { block: 'one' }), step('b.cook', 20, { block: 'two' })],
      units: [{ id: 'large', ...(capacity === 1 ? {} : { capacity }) }],
      blocks: [
        { id: 'one', units: ['large'], ...(turnaround ? { turnaround } : {}) },
        { id: 'two', units: ['large'] },
      ],
      dishes: ready('a', 'b'),
      earliest: -30,
    });
  const potSchedule = (gap: number): Schedule =>
    schedule(
      [
        ['a.cook', -30, 0],
        ['b.cook', gap, 20 + gap],
      ],
      20,
      {
        blocks: [
          { id: 'one', unit: 'large', start: -30, end: 0 },
          { id: 'two', unit: 'large', start: gap, end: 20 + gap },
        ],
        dishes: [
          { id: 'a', ready: 0, hold: 0 },
          { id: 'b', ready: 20 + gap, hold: 0 },
        ],
      },
    );

  it('a pot that was taken until then is in it, with its rinse', () => {
    expect(whyLate(inOnePot(0), potSchedule(0), kitchen)).toEqual([
      { text: 'Stew: in the Large, 30 min', steps: ['a.cook'] },
      { text: 'Rice: in the Large, 20 min', steps: ['b.cook'] },
    ]);
    expect(chain(inOnePot(3), potSchedule(3))).toEqual(['a.cook', 'b.cook']);
  });

  it('of several burners none is sure to be the one', () => {
    expect(chain(inOnePot(0, 2), potSchedule(0))).toEqual(['b.cook']);
  });

  it('the only hands that were busy until then are in it; free ones are not', () => {
    const cooked = (hands: number) =>
      compiled({
        hands,
        steps: [step('a.cut', 20, { hands: 1 }), step('b.cook', 20, { hands: 1 })],
        dishes: ready('b'),
        earliest: -20,
      });
    const s = schedule(
      [
        ['a.cut', -20, 0],
        ['b.cook', 0, 20],
      ],
      20,
      { dishes: [{ id: 'b', ready: 20, hold: 0 }] },
    );
    expect(chain(cooked(1), s)).toEqual(['a.cut', 'b.cook']);
    expect(chain(cooked(2), s)).toEqual(['b.cook']);
  });

  it('what could have begun at the earliest moment is the head of the chain', () => {
    const c = compiled({
      steps: [step('a.cut'), step('a.cook', 30)],
      links: [{ from: 'a.cut', to: 'a.cook' }],
      dishes: ready('a'),
      earliest: -22,
    });
    // It came ten minutes after the cutting, and two after the earliest moment: the cutting is not why.
    const s = schedule(
      [
        ['a.cut', -40, -30],
        ['a.cook', -20, 10],
      ],
      10,
      { dishes: [{ id: 'a', ready: 10, hold: 0 }] },
    );
    expect(chain(c, s)).toEqual(['a.cook']);
  });
});

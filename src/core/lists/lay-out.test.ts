import { describe, expect, it } from 'vitest';
import { type Dish, type Ingredient, type Stage } from '../dish';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import type { Kitchen } from '../kitchen';
import type { Operation, Plan } from '../plan';
import { VALVE, type Caution } from '../safety';
import { layOut, mergedCuts, toolsFor } from './index';
import { dishBy } from '../../../tests/support/dishes';

const kitchen: Kitchen = {
  ...householdSchema.parse(demoHousehold(Date.UTC(2026, 10, 25, 9))).kitchen,
  tools: [{ id: 'low', name: 'Low rack', kind: 'rack', count: 1 }],
};

const dish = (name: string, ingredients: Partial<Ingredient>[], stages: Stage[] = []): Dish =>
  dishBy(name, ingredients, { stages });

function planWith(
  operations: Partial<Operation>[],
  stays: Partial<Plan['stays'][number]>[] = [],
): Plan {
  return {
    operations: operations.map((o) => ({
      entryId: 'a',
      dishName: 'A',
      phase: 'prep',
      text: '',
      start: 0,
      isHands: true,
      caution: null,
      stay: null,
      ...o,
    })) as Operation[],
    stays: stays.map((s) => ({ tools: [], start: 0, ...s })) as Plan['stays'],
    dishes: [],
    findings: [],
    handOvers: [],
    hands: 1,
    serveAt: 0,
    delay: 0,
    byId: new Map(),
  };
}
const MEASURED: Caution = { ...VALVE, code: 'centre-temperature' };
const prep = (id: string, uses: string[]): Stage => ({
  id,
  kind: 'prep',
  minutes: 5,
  text: 'Cut',
  uses,
});

describe('what is laid out', () => {
  const stew = dish(
    'Stew',
    [
      { food: 'salt', amount: null, unit: null },
      { food: 'stock', unit: 'l', takes: { dish: 'soup', product: 'stock' } },
      { food: 'carrot', amount: 2, preparation: 'diced' },
      { food: 'beans', amount: null, unit: null, fromStore: true },
      { food: 'hake', amount: 400, unit: 'g', fromStore: true },
      { food: 'leek', amount: 1 },
    ],
    [prep('one', ['i5']), prep('two', ['i2', 'i4', 'i1', 'i3'])],
  );
  const [group] = layOut([{ entryId: 'a', dish: stew, servings: 4 }], planWith([]), kitchen);

  it('in the order of use, what no stage names last; not what another dish gives or a bag holds anyway', () => {
    expect(group?.items.map((i) => i.food)).toEqual(['leek', 'carrot', 'hake', 'salt']);
  });

  it('with amount and cut where there are any, and no more than the name where not', () => {
    expect(group?.items.map((i) => i.text)).toEqual([
      expect.stringMatching(/^1 leek$/),
      expect.stringMatching(/^2 carrot.*, diced$/),
      expect.stringMatching(/^400 g hake$/),
      'salt',
    ]);
  });

  it('the dish begun first comes first; a soak the night before is not its beginning', () => {
    const other = { entryId: 'b', dish: dish('Rice', [{}]), servings: 4 };
    const plan = planWith([
      { entryId: 'a', start: -700, phase: 'soak' },
      { entryId: 'a', start: -60 },
      { entryId: 'a', start: -40 },
      { entryId: 'b', start: -90 },
    ]);
    const groups = layOut([{ entryId: 'a', dish: stew, servings: 4 }, other], plan, kitchen);
    expect(groups.map((g) => [g.dish, g.start])).toEqual([
      ['Rice', -90],
      ['Stew', -60],
    ]);
  });
});

describe('what is cut once', () => {
  const cuts = (...ingredients: Partial<Ingredient>[]): string[] =>
    mergedCuts(
      ingredients.map((i, n) => ({
        dish: dish(`d${n}`, [{ preparation: 'diced', ...i }]),
        servings: 4,
      })),
      kitchen,
    ).map((m) => m.text);

  it('what two dishes cut of one food in one unit', () => {
    expect(cuts({ amount: 2 }, { amount: 1, preparation: 'sliced' })).toEqual([
      '3 onion: 2 diced (d0), 1 sliced (d1)',
    ]);
  });

  it('not what one dish alone cuts, nor what is in two units, in none, uncut, from another dish or from a bag', () => {
    expect(cuts({ amount: 2 })).toEqual([]);
    expect(cuts({ amount: 2 }, { amount: 100, unit: 'g' })).toEqual([]);
    expect(cuts({ amount: null, unit: null }, { amount: null, unit: null })).toEqual([]);
    expect(cuts({}, { preparation: '' })).toEqual([]);
    expect(cuts({}, { takes: { dish: 'x', product: 'y' } })).toEqual([]);
    expect(cuts({}, { fromStore: true })).toEqual([]);
    expect(cuts({}, { food: 'leek' })).toEqual([]);
  });
});

describe('which tools', () => {
  it('a rack by its name and one that was removed by its id, each with the dish whose stay takes it', () => {
    const plan = planWith(
      [
        { stay: 'two', dishName: 'B' },
        { stay: 'one', dishName: 'A' },
      ],
      [
        { id: 'one', tools: ['low'], start: -30 },
        { id: 'two', tools: ['gone'], start: -50 },
        { id: 'three', tools: ['low'], start: -20 },
      ],
    );
    expect(toolsFor(plan, kitchen)).toEqual([
      { tool: 'gone', at: -50, dishes: ['B'] },
      { tool: 'Low rack', at: -30, dishes: ['A', ''] },
    ]);
  });

  it('what words ask of hands, at the earliest and each dish once; what happens by itself asks for none', () => {
    const plan = planWith([
      { text: 'Drain the beans', start: -10 },
      { text: 'Strain the stock', start: -40 },
      { text: 'Drain first', start: -50 },
      { text: 'Drain again', start: -5, dishName: 'B' },
      { text: 'Whisk', start: -8, isHands: false },
      { text: 'It simmers', start: -9 },
    ]);
    expect(toolsFor(plan, kitchen)).toEqual([
      { tool: 'colander', at: -50, dishes: ['A', 'B'] },
      { tool: 'strainer', at: -40, dishes: ['A'] },
    ]);
  });

  it('tongs twice: what turned raw meat touches nothing cooked; vegetables need one pair', () => {
    const tongs = (amount: string): string[] =>
      toolsFor(
        planWith([
          { text: 'Brown all over', phase: 'brown', amounts: [amount], start: -60 },
          { text: 'Lift it out and let it rest', start: -5 },
        ]),
        kitchen,
      )
        .map((t) => t.tool)
        .filter((t) => t.startsWith('tongs'));
    expect(tongs('1 kg lamb shoulder')).toEqual(['tongs for raw', 'tongs for cooked']);
    expect(tongs('3 aubergines')).toEqual(['tongs']);
  });

  it('what is packed asks for bags and a marker, what is roasted for a tray', () => {
    const plan = planWith([
      { text: 'Labels on first; 3 bags', stageId: 'pack-bags', start: -10 },
      { text: 'Into the oven', phase: 'oven', isHands: false, start: -30 },
    ]);
    expect(toolsFor(plan, kitchen).map((t) => t.tool)).toEqual([
      'oven tray',
      'bags, labels and a marker',
    ]);
  });

  it('a thermometer where the middle has to be measured, and for no other caution', () => {
    const measured = { caution: MEASURED, start: -3 };
    const sealed = { caution: VALVE, start: -30 };
    expect(toolsFor(planWith([measured, sealed]), kitchen)).toEqual([
      { tool: 'thermometer', at: -3, dishes: ['A'] },
    ]);
  });
});

import { describe, expect, it } from 'vitest';
import { Disjunctive, NO_ORDER } from './disjunctive';
import { Engine } from './engine';
import type { Bound } from './integers';

/** Tasks of fixed lengths in a common window, with an order for each pair. */
function machine(lengths: readonly number[], horizon: number, conditions = 0) {
  const engine = new Engine(() => undefined);
  const starts = lengths.map((length) => engine.ints.add(0, horizon - length));
  const present: Bound[] = Array.from({ length: conditions }, () => engine.ints.add(0, 1));
  const orders = new Int32Array(lengths.length ** 2).fill(NO_ORDER);
  const order = new Map<string, Bound>();
  lengths.forEach((_, i) =>
    lengths.forEach((_, j) => {
      if (j <= i) return;
      const yes = engine.ints.add(0, 1);
      order.set(`${i}<${j}`, yes);
      orders[i * lengths.length + j] = yes;
      orders[j * lengths.length + i] = yes ^ 1;
    }),
  );
  const tasks = lengths.map((length, i) => ({
    start: { bound: starts[i] as Bound, offset: 0 },
    end: { bound: starts[i] as Bound, offset: length },
    demand: 1,
    present: i === 0 ? present : [],
  }));
  engine.addReactor(new Disjunctive(engine.ints, tasks, orders));
  const { ints } = engine;
  return {
    engine,
    present,
    start: (i: number) => starts[i] as Bound,
    window: (i: number) => [ints.at(starts[i] as Bound), ints.upper(starts[i] as Bound)],
    before: (i: number, j: number) => order.get(`${i}<${j}`) as Bound,
  };
}

describe('what excludes each other', () => {
  it('an order pushes the second later and the first earlier', () => {
    const { engine, window, before } = machine([4, 3], 10);
    engine.addFact(before(0, 1), 1);
    expect(engine.propagateAll()).toBe(true);
    expect(window(0)).toEqual([0, 3]);
    expect(window(1)).toEqual([4, 7]);
  });

  it('what ends too late to come first comes second', () => {
    const { engine, start, window, before } = machine([4, 3], 10);
    engine.addFact(start(0), 4);
    expect(engine.propagateAll()).toBe(true);
    // It could end at 8 at the earliest, and the other must start by 7.
    expect(engine.ints.upper(before(0, 1))).toBe(0);
    expect(window(1)).toEqual([0, 3]);
  });

  it('two that fit in neither order contradict each other', () => {
    const { engine } = machine([6, 5], 10);
    expect(engine.propagateAll()).toBe(false);
  });

  it('unless one of them need not be there', () => {
    const { engine, present } = machine([6, 5], 10, 1);
    expect(engine.propagateAll()).toBe(true);
    expect(engine.ints.upper(present[0] as Bound)).toBe(0);
  });

  it('learns from three that do not fit: the contradiction needs no decision', () => {
    const { engine, before } = machine([4, 4, 4], 11);
    expect(engine.propagateAll()).toBe(true);
    for (const [i, j] of [
      [0, 1],
      [1, 2],
      [0, 2],
    ] as const) {
      if (engine.ints.isFixed(before(i, j))) continue;
      engine.decide(before(i, j), 1);
      if (!engine.propagate()) break;
    }
    let isOpen = true;
    for (let round = 0; round < 20 && isOpen; round++) {
      isOpen = engine.learn();
      if (!isOpen) break;
      while (engine.propagate()) {
        const open = [before(0, 1), before(1, 2), before(0, 2)].find(
          (b) => !engine.ints.isFixed(b),
        );
        if (open === undefined) throw new Error('a schedule that cannot be');
        engine.decide(open, 1);
      }
    }
    expect(engine.refuted).toBe(true);
  });
});

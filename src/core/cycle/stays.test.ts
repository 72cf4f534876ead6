import { describe, expect, it } from 'vitest';
import type { Dish, Stage } from '../dish';
import { lanesOf } from './lanes';
import { findStays } from './stays';

const stage = (id: string, kind: Stage['kind'], after?: string[], more: object = {}): Stage =>
  ({
    id,
    text: id,
    uses: [],
    kind,
    ...(after ? { after } : {}),
    ...(kind === 'pressure'
      ? { level: 'high', holdMinutes: 10, release: { kind: 'natural' }, tools: [] }
      : { minutes: 5 }),
    ...more,
  }) as Stage;
const dishOf = (...stages: Stage[]): Dish =>
  ({ stages, wait: { maxMinutes: 60, cost: 1 } }) as unknown as Dish;
const staysIn = (dish: Dish): string[] =>
  findStays(dish).map((s) => `${s.place}: ${s.stages.map((x) => x.id).join(' ')}`);

/** Braised, crisped in the oven while its juices reduce in the pot it was braised in. */
const belly = dishOf(
  stage('rub', 'prep'),
  stage('braise', 'pressure'),
  stage('crisp', 'crisp', undefined, { celsius: 230 }),
  stage('strain', 'finish', ['braise'], { inCooker: false }),
  stage('reduce', 'simmer'),
  stage('rest', 'rest', ['crisp']),
  stage('carve', 'finish', ['rest', 'reduce'], { inCooker: false }),
);

describe('stays of a dish that branches', () => {
  it('juices are reduced in the pot they are in, whatever goes on in the oven', () => {
    expect(staysIn(belly)).toEqual(['cooker: braise reduce', 'oven: crisp']);
  });

  it('told in a row, the pot is another one after the oven', () => {
    const row = dishOf(
      stage('braise', 'pressure'),
      stage('crisp', 'crisp', undefined, { celsius: 230 }),
      stage('reduce', 'simmer'),
    );
    expect(staysIn(row)).toEqual(['cooker: braise', 'oven: crisp', 'cooker: reduce']);
  });

  it('told in a row, what is made of the juices goes on in their pot while the rest is crisped', () => {
    const row = (minutes: number, last: Stage) =>
      staysIn(
        dishOf(
          stage('braise', 'pressure'),
          stage('crisp', 'crisp', undefined, { celsius: 230, minutes }),
          last,
        ),
      );
    const apart = ['cooker: braise', 'oven: crisp', 'cooker: end'];
    const juices = stage('end', 'simmer', undefined, { text: 'Boil the juices down' });
    expect(row(5, stage('end', 'thicken'))).toEqual(['cooker: braise end', 'oven: crisp']);
    expect(row(30, juices)).toEqual(['cooker: braise end', 'oven: crisp']);
    // A pot that others may want is not kept for longer.
    expect(row(31, juices)).toEqual(apart);
    expect(row(5, stage('end', 'simmer', undefined, { text: 'Boil the peas' }))).toEqual(apart);
  });

  it('what waits for nothing that was in a pot has a pot of its own', () => {
    const two = dishOf(
      stage('stew', 'pressure'),
      stage('rice', 'pressure', []),
      stage('serve', 'finish', ['stew', 'rice'], { inCooker: true }),
    );
    // Stirred in the pot told of last.
    expect(staysIn(two)).toEqual(['cooker: stew', 'cooker: rice serve']);
  });

  it('resting in the pot is part of its stay, on the board not', () => {
    const covered = (inCooker: boolean): Dish =>
      dishOf(stage('cook', 'pressure'), stage('rest', 'rest', undefined, { inCooker }));
    expect(staysIn(covered(true))).toEqual(['cooker: cook rest']);
    expect(staysIn(covered(false))).toEqual(['cooker: cook']);
  });
});

describe('stages drawn side by side', () => {
  it('each branch in its lane, each stage after all it waits for', () => {
    expect(lanesOf(belly).map((p) => [p.stage.id, p.lane, p.column])).toEqual([
      ['rub', 0, 0],
      ['braise', 0, 1],
      ['crisp', 0, 2],
      ['strain', 1, 2],
      ['reduce', 1, 3],
      ['rest', 0, 3],
      ['carve', 0, 4],
    ]);
  });

  it('says what a stage waits for only where that is not the one above', () => {
    const after = lanesOf(belly).map((p) => p.after?.map((s) => s.id) ?? null);
    expect(after).toEqual([null, null, null, ['braise'], null, ['crisp'], ['reduce', 'rest']]);
  });

  it('a lane that has joined another is used again', () => {
    const dish = dishOf(
      stage('a', 'prep'),
      stage('b', 'prep', []),
      stage('c', 'prep', ['a', 'b']),
      stage('d', 'prep', []),
    );
    expect(lanesOf(dish).map((p) => p.lane)).toEqual([0, 1, 0, 1]);
  });
});

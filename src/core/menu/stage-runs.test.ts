import { describe, expect, it } from 'vitest';
import { findStays } from '../cycle';
import { partAt, type Stage } from '../dish';
import { dishBy } from '../../../tests/support/dishes';
import { inStageRuns } from './stage-runs';

const at = (id: string, kind: string, more: object): Stage =>
  ({ id, kind, text: `Do ${id}`, uses: [], ...more }) as unknown as Stage;
const cycle = { level: 'high', holdMinutes: 50, release: { kind: 'natural' }, tools: [] };

const belly = dishBy('belly', [{ id: 'pork', food: 'pork belly', amount: 1600, unit: 'g' }, {}], {
  stages: [
    at('rub', 'prep', { minutes: 8, uses: ['pork'] }),
    at('brown', 'brown', { minutes: 12, uses: ['pork'] }),
    at('braise', 'pressure', { ...cycle, uses: ['pork', 'i1'] }),
    at('crisp', 'crisp', { minutes: 20, celsius: 230, uses: ['pork'] }),
    at('reduce', 'simmer', { minutes: 10, attended: false, after: ['braise'] }),
    at('carve', 'finish', { minutes: 5, inCooker: false, after: ['crisp', 'reduce'] }),
  ],
});

describe('runs belong to stages', () => {
  const two = inStageRuns(belly, 2);
  const stage = (id: string): Stage => two.stages.find((s) => s.id === id) as Stage;

  it('what is too big is done twice, everything else once', () => {
    expect(two.stages.map((s) => s.id)).toEqual([
      'rub',
      'brown',
      'braise',
      'brown-run-2',
      'braise-run-2',
      'crisp',
      'reduce',
      'carve',
    ]);
  });

  it('each run has its half, waits for its own browning, and what follows waits for both', () => {
    expect(partAt(two, stage('braise'), 'pork')).toBe(0.5);
    expect(partAt(two, stage('braise-run-2'), 'pork')).toBe(0.5);
    expect(stage('braise-run-2').after).toEqual(['brown-run-2']);
    expect(stage('brown-run-2').after).toEqual(['rub']);
    expect(stage('crisp').after).toEqual(['braise', 'braise-run-2']);
    expect(stage('reduce').after).toEqual(['braise', 'braise-run-2']);
  });

  it('hands are shared out, the pressure time is not: it follows thickness (common practice)', () => {
    expect(stage('brown')).toMatchObject({ minutes: 6, runOf: 'brown' });
    expect(stage('braise')).toMatchObject({ holdMinutes: 50, text: 'Run 1 of 2: Do braise' });
    expect(stage('crisp')).toMatchObject({ minutes: 20 });
  });

  it('each run is a stay of its own, and the last one’s pot goes on with the sauce', () => {
    expect(
      findStays(two)
        .filter((s) => s.place === 'cooker')
        .map((s) => s.stages.map((x) => x.id)),
    ).toEqual([
      ['brown', 'braise'],
      ['brown-run-2', 'braise-run-2', 'reduce'],
    ]);
  });

  it('a part of an ingredient is divided as a part', () => {
    const half = inStageRuns(
      {
        ...belly,
        stages: belly.stages.map((s) => (s.id === 'braise' ? { ...s, parts: { i1: 0.5 } } : s)),
      },
      3,
    );
    const runs = half.stages.filter((s) => s.runOf === 'braise');
    expect(runs.map((s) => partAt(half, s, 'i1'))).toEqual([1 / 6, 1 / 6, 1 / 6]);
  });

  it('one run, or no cycle at all, leaves the dish as it is', () => {
    expect(inStageRuns(belly, 1)).toBe(belly);
    const salad = dishBy('salad', [{}], { stages: [at('cut', 'prep', { minutes: 5 })] });
    expect(inStageRuns(salad, 3)).toBe(salad);
  });
});

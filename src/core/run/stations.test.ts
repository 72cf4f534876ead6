import { describe, expect, it } from 'vitest';
import { emptyKitchen, kitchenSchema } from '../kitchen';
import type { LiveStep } from './live';
import { stationsOf } from './stations';

const kitchen = kitchenSchema.parse({
  ...emptyKitchen('Europe/Athens'),
  cookers: [
    {
      ...{ id: 'large', name: 'Large', litres: 5.7, watts: 1000 },
      ...{ diameterMm: 220, heightMm: 155, levels: ['high'] },
    },
  ],
  appliances: [{ id: 'rice', name: 'Rice cooker', kind: 'rice-cooker', litres: 1.8 }],
});
const step = (
  id: string,
  unit: string | null,
  status: LiveStep['status'],
  more: object = {},
): LiveStep =>
  ({
    status,
    operation: { id, unit, stay: unit === null ? null : id, phase: 'oven', ...more },
  }) as LiveStep;
const said = (...steps: LiveStep[]): string[] =>
  stationsOf({ steps }, kitchen).map((s) => `${s.name}: ${s.step?.operation.id ?? 'free'}`);

describe('every station has a card', () => {
  it('a cooker always, other stations as long as the plan uses them', () => {
    expect(said()).toEqual(['Large: free']);
    expect(said(step('roast', 'oven', 'done'), step('rice', 'rice', 'running'))).toEqual([
      'Large: free',
      'Rice cooker: rice',
    ]);
  });

  it('none is at work where only the rinsing of a pot is left', () => {
    const rinse = step('rinse', 'large', 'running', { phase: 'rinse' });
    expect(said(rinse)).toEqual(['Large: free']);
    expect(said(rinse, step('roast', 'oven', 'ahead'))).toEqual(['Large: rinse', 'Oven: roast']);
  });

  it('what goes on comes before what is due, and that before what is next', () => {
    const [a, b, c] = [
      step('a', 'large', 'ahead'),
      step('b', 'large', 'due'),
      step('c', 'large', 'running'),
    ] as const;
    expect(said(a, b, c)).toEqual(['Large: c']);
    expect(said(a, b)).toEqual(['Large: b']);
    expect(said(a)).toEqual(['Large: a']);
  });

  it('two pans on the stove are two cards; of what is to come there only the first', () => {
    expect(said(step('nuts', 'burner', 'running'), step('rice', 'burner', 'due'))).toEqual([
      'Large: free',
      'Burner: nuts',
      'Burner: rice',
    ]);
    expect(said(step('nuts', 'burner', 'ahead'), step('rice', 'burner', 'ahead'))).toEqual([
      'Large: free',
      'Burner: nuts',
    ]);
  });

  it('what rests has a card while it does, not before', () => {
    const rest = (status: LiveStep['status']): LiveStep =>
      step('roast', null, status, { phase: 'rest' });
    expect(said(rest('running'))).toEqual(['Large: free', 'Counter: roast']);
    expect(said(rest('ahead'))).toEqual(['Large: free']);
  });
});

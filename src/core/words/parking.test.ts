import { describe, expect, it } from 'vitest';
import { sayKeeps, sayParked } from './parking';

describe('how long a dish keeps', () => {
  it('what is cold is not kept warm', () => {
    expect(sayKeeps(null, true)).toBe('keeps warm as long as you like');
    expect(sayKeeps(null, false)).toBe('keeps until it is served');
    expect(sayKeeps(30, false)).toBe('keeps for up to 30 min');
  });

  it('under ten minutes it is eaten at once', () => {
    expect(sayKeeps(9, true)).toBe('eat within 9 min');
    expect(sayKeeps(10, true)).toBe('keeps warm for up to 10 min');
  });
});

describe('where food waits', () => {
  const said = (minutes: number, where: Parameters<typeof sayParked>[0]['where']): string =>
    sayParked({ minutes, where }, '18:06', { scale: 'C' });

  it('says for how long, until when, and where', () => {
    expect(said(40, 'burner')).toMatch(/over the lowest heat, lid on; stir/);
    expect(said(84, 'low-oven')).toBe(
      'then it waits 1 h 24 min, until 18:06: covered in the oven at 80 °C',
    );
    expect(said(20, 'in-pot')).toContain('in the pot, heat off, lid on');
  });

  it('what has cooled and is eaten hot is heated again (USDA FSIS: 165 °F, 74 °C)', () => {
    const parked = { minutes: 50, where: 'covered', isToReheat: true } as const;
    expect(sayParked(parked, '18:06', { scale: 'C' })).toMatch(/heat it through again .* 74 °C$/);
    expect(sayParked(parked, '18:06', { scale: 'F' })).toMatch(/165 °F$/);
  });

  it('over half an hour on the counter the two hours that are safe are said (USDA FSIS)', () => {
    expect(said(30, 'covered')).toMatch(/: covered$/);
    expect(said(31, 'covered')).toMatch(/two hours at most \(USDA FSIS\)$/);
  });
});

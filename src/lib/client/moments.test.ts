import { describe, expect, it } from 'vitest';
import { dayKey } from '$core/units';
import { addDays, daysBetween } from '$core/storage';
import { addLocalDays, addWeeks, dayAfter, fromFields, servingIn, toFields } from './moments';

/**
 * Clocks go on by an hour on 29 March and back on 25 October 2026 in Europe, on 8 March and 1 November in North
 * America, and the other way round in the south; Lord Howe moves by half an hour.
 *
 * @source IANA time zone database
 */
const ATHENS = 'Europe/Athens';
const at = (text: string): number => Date.parse(text);

describe('fields and moments', () => {
  it.each([
    ['2026-03-28', '18:30', ATHENS, '2026-03-28T16:30:00.000Z'],
    ['2026-03-29', '18:30', ATHENS, '2026-03-29T15:30:00.000Z'],
    ['2026-10-25', '18:30', ATHENS, '2026-10-25T16:30:00.000Z'],
    ['2026-03-08', '18:30', 'America/New_York', '2026-03-08T22:30:00.000Z'],
    ['2026-10-04', '18:30', 'Australia/Lord_Howe', '2026-10-04T07:30:00.000Z'],
    ['2028-02-29', '00:00', 'Asia/Kolkata', '2028-02-28T18:30:00.000Z'],
  ])('%s %s in %s is %s, and back', (day, time, zone, instant) => {
    expect(fromFields(day, time, zone)).toBe(instant);
    expect(toFields(instant, zone)).toEqual({ day, time });
  });

  it('an hour that is left out in spring is the one after it; one that comes twice is the first', () => {
    const left = fromFields('2026-03-29', '03:30', ATHENS) ?? '';
    expect(toFields(left, ATHENS)).toEqual({ day: '2026-03-29', time: '04:30' });
    expect(fromFields('2026-10-25', '03:30', ATHENS)).toBe('2026-10-25T00:30:00.000Z');
  });

  it('what is no day has no moment', () => {
    expect(fromFields('2026-02-29', '18:30', ATHENS)).toBeNull();
    expect(fromFields('', '18:30', ATHENS)).toBeNull();
  });
});

describe('days later', () => {
  it('keep their time of day over both changes of the clocks', () => {
    for (const day of ['2026-03-26', '2026-10-22']) {
      const supper = fromFields(day, '18:30', ATHENS) ?? '';
      expect(toFields(addWeeks(supper, 1, ATHENS), ATHENS)).toEqual({
        day: addDays(day, 7),
        time: '18:30',
      });
    }
    const eve = fromFields('2026-03-28', '18:30', ATHENS) ?? '';
    // Twenty-three hours lie between them.
    expect(at(addLocalDays(eve, 1, ATHENS)) - at(eve)).toBe(23 * 3_600_000);
  });

  it('tomorrow is the next day, also in a night that is short or long', () => {
    // Half past eleven at night before the clocks go on: 24 hours later it is the day after tomorrow.
    const short = at('2026-03-28T21:30:00Z');
    expect(dayKey(short, ATHENS)).toBe('2026-03-28');
    expect(dayAfter(short, ATHENS)).toBe('2026-03-29');
    // Just past midnight on the long day: 24 hours later it is still that day.
    const long = at('2026-10-24T21:15:00Z');
    expect(dayKey(long, ATHENS)).toBe('2026-10-25');
    expect(dayAfter(long, ATHENS)).toBe('2026-10-26');
    expect(servingIn(long, ATHENS)).toBe('2026-10-26T16:30:00.000Z');
  });

  it('of the calendar are counted without clocks, through leap days and years', () => {
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDays('2027-02-28', 1)).toBe('2027-03-01');
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(addDays('2026-03-28', 2)).toBe('2026-03-30');
    expect(daysBetween('2026-03-01', '2026-04-01')).toBe(31);
    expect(daysBetween('2028-03-01', '2028-02-01')).toBe(-29);
  });
});

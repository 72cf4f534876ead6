import { describe, expect, it } from 'vitest';
import { vapourLoss } from './cool';

describe('steam from an open surface', () => {
  /** Psychrometric tables (ASHRAE Handbook, Fundamentals): air of 20 °C and 60 % has its dew point at 12.0 °C. */
  it('takes nothing at the dew point of the air, and something just above it', () => {
    expect(vapourLoss(11.9, 20)).toBe(0);
    expect(vapourLoss(12.2, 20)).toBeGreaterThan(0);
  });
});

import { describe, expect, it } from 'vitest';
import { solve } from '$core/solve';
import { FT10, TEN_BY_FIVE, toProblem } from '../support/job-shops';

describe('published job shops', () => {
  // Two of the five here; all of them in `npm run soak`.
  it.each(process.env.SOAK ? TEN_BY_FIVE : TEN_BY_FIVE.slice(0, 2))(
    '$name, 10×5: the known optimum $optimum, proved',
    (shop) => {
      expect(solve(toProblem(shop))).toMatchObject({ status: 'optimal', cost: shop.optimum });
    },
  );

  it('ft10, 10×10: within 3 % of 930, with a true bound', () => {
    const answer = solve(toProblem(FT10), { work: process.env.SOAK ? 25_000_000 : 3_000_000 });
    expect(answer.cost).toBeGreaterThanOrEqual(FT10.optimum);
    expect(answer.cost).toBeLessThanOrEqual(FT10.optimum * 1.03);
    expect(answer.bound).toBeLessThanOrEqual(FT10.optimum);
  });
});

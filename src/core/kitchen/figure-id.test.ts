import fc from 'fast-check';
import { expect, it } from 'vitest';
import { WORK_KINDS } from './basis';
import { figureId, figureOf, type FigureRef } from './figure-id';

const name = fc
  .string({ minLength: 1, maxLength: 20 })
  .filter((s) => !/[\n\r\u2028\u2029]/.test(s));
const ref: fc.Arbitrary<FigureRef> = fc.oneof(
  fc.record({ kind: fc.constantFrom('power' as const, 'loss' as const), cooker: name }),
  fc.record({
    kind: fc.constant('pace' as const),
    cook: name,
    work: fc.constantFrom(...WORK_KINDS),
  }),
  fc.record({ kind: fc.constantFrom('stage' as const, 'hold' as const), key: name }),
  fc.record({ kind: fc.constant('wait' as const), dish: name }),
);

it('an id says what the figure is of, whatever dots a name has', () => {
  fc.assert(
    fc.property(ref, (of) => {
      expect(figureOf(figureId(of))).toEqual(of);
    }),
  );
});

it('what this version does not know is of nothing', () => {
  for (const id of ['', 'power', 'power.', 'taste.soup', 'pace.ada.singing'])
    expect(figureOf(id), id).toBeNull();
});

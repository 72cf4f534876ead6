import fc from 'fast-check';
import { expect, it } from 'vitest';
import { dishSchema } from '../../src/core/dish';
import { importRecipe, summarise } from '../../src/core/recipe';
import { FOUR } from './four';
import { ONE } from './one';
import { THREE } from './three';
import { TWO } from './two';

const TEXTS = [...ONE, ...TWO, ...THREE, ...FOUR].map((r) => r.text);

/** A text with a piece cut out, doubled, or put in from another one; lines run together; figures gone wild. */
const mutated = fc
  .record({
    text: fc.constantFrom(...TEXTS),
    other: fc.constantFrom(...TEXTS),
    cuts: fc.array(
      fc.record({
        at: fc.double({ min: 0, max: 1, noNaN: true }),
        length: fc.nat(40),
        how: fc.constantFrom('out', 'twice', 'other', 'odd', 'lines', 'figure'),
      }),
      { minLength: 1, maxLength: 6 },
    ),
  })
  .map(({ text, other, cuts }) =>
    cuts.reduce((t, { at, length, how }) => {
      const [from, to] = [Math.floor(at * t.length), Math.floor(at * t.length) + length];
      const [before, piece, after] = [t.slice(0, from), t.slice(from, to), t.slice(to)];
      const put: Record<typeof how, string> = {
        out: '',
        twice: piece + piece,
        other: other.slice(from % other.length).slice(0, length),
        odd: `${piece}½0/0-−(((1/2 `,
        lines: piece.replaceAll('\n', ' '),
        figure: piece.replace(/\d+/g, '987654'),
      };
      return before + put[how] + after;
    }, text),
  );

it('a spoilt text gives a dish that stands, or says why not', () => {
  fc.assert(
    fc.property(mutated, (text) => {
      const imported = importRecipe(text);
      if (!imported.ok) {
        expect(imported.problems[0]?.remedy).toBeTruthy();
        return;
      }
      expect(dishSchema.safeParse(imported.value.dish).success).toBe(true);
      const { steps, cycles } = summarise(imported.value);
      for (const figure of [...steps.map((s) => s.minutes), ...cycles.map((c) => c.holdMinutes)])
        expect(figure === null || (Number.isFinite(figure) && figure >= 0)).toBe(true);
    }),
    { seed: 20, numRuns: process.env.SOAK ? 20_000 : 120 },
  );
});

import { transformSync } from 'esbuild';
import { describe, expect, it } from 'vitest';
import { instrument, SWITCH } from '../scripts/mutation/mutants';

/** Runs `f` of an instrumented source with one fault on, or none. */
function run(source: string, fault: number | null, ...values: unknown[]): unknown {
  const { code } = instrument('f.ts', source, 0);
  const { code: plain } = transformSync(code, { loader: 'ts', format: 'cjs' });
  const module = { exports: {} as { f?: (...v: unknown[]) => unknown } };
  new Function('module', 'exports', SWITCH, plain)(
    module,
    module.exports,
    (id: number) => id === fault,
  );
  return module.exports.f?.(...values);
}
const faultsIn = (source: string): string[] =>
  instrument('f.ts', source, 0).mutants.map((m) => `${m.kind}: ${m.becomes}`);

describe('faults for a source file', () => {
  const EDGE = 'export const f = (a: number, b: number) => a < b;';

  it('none is on by itself: the text does what it did', () => {
    expect(run(EDGE, null, 1, 2)).toBe(true);
    expect(run(EDGE, null, 2, 2)).toBe(false);
  });

  it('each is one change, at the edge of a comparison as well', () => {
    expect(faultsIn(EDGE)).toEqual(['operator: (a) <= (b)', 'operator: (a) >= (b)']);
    expect(run(EDGE, 0, 2, 2)).toBe(true);
    expect(run(EDGE, 1, 1, 2)).toBe(false);
  });

  it('a condition is tried as always and as never, a call is left out', () => {
    const source = `export function f(a: number[]) { if (a.length > 1) a.push(9); return a.slice(1); }`;
    const of = (fault: number | null): unknown => run(source, fault, [1, 2]);
    const kinds = instrument('f.ts', source, 0).mutants.map((m) => m.kind);
    expect(kinds).toEqual(['condition', 'condition', 'operator', 'operator', 'statement', 'call']);
    expect(of(null)).toEqual([2, 9]);
    expect(of(1)).toEqual([2]);
    expect(of(4)).toEqual([2]);
    expect(of(5)).toEqual([1, 2, 9]);
    expect(run(source, 0, [1])).toEqual([9]);
  });

  it('types, imports and the words of sentences are left alone', () => {
    expect(
      faultsIn(
        `import type { A } from './a';
         type B = true | false;
         export const f = (a: string): string => 'so many: ' + a + \`, \${a}\`;`,
      ),
    ).toEqual([]);
  });

  it('what is written into by its place stays a place', () => {
    const swap = 'export function f(a: number, b: number) { [a, b] = [b, a]; return [a, b]; }';
    expect(run(swap, null, 1, 2)).toEqual([2, 1]);
  });
});

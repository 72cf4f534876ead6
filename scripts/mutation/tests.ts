/** Stands in for the test runner while faults are tried: tests are collected, and run one by one on demand. */
import {
  ASYMMETRIC_MATCHERS_OBJECT,
  chai,
  customMatchers,
  GLOBAL_EXPECT,
  JestAsymmetricMatchers,
  JestChaiExpect,
  JestExtend,
  setState,
  type ExpectStatic,
} from '@vitest/expect';

export interface CollectedTest {
  name: string;
  run: () => unknown;
}

export const collected: CollectedTest[] = [];
const path: string[] = [];

type Body = (...values: never[]) => unknown;

function register(name: string, run: () => unknown): void {
  collected.push({ name: [...path, name].join(' > '), run });
}

function group(name: string, body: () => unknown): void {
  path.push(name);
  body();
  path.pop();
}

/** Rows are lists of arguments, or one argument each. */
function each(of: (name: string, run: () => unknown) => void) {
  return (rows: readonly unknown[]) =>
    (name: string, body: Body): void =>
      rows.forEach((row, i) => {
        const values = (Array.isArray(row) ? row : [row]) as never[];
        of(`${name} [${i}]`, () => body(...values));
      });
}

export const describe = Object.assign(group, { each: each(group) });
export const it = Object.assign(register, { each: each(register) });

chai.use(JestExtend);
chai.use(JestChaiExpect);
chai.use(JestAsymmetricMatchers);

export const expect = ((value: unknown, message?: string) =>
  chai.expect(value, message)) as unknown as ExpectStatic;
Object.assign(expect, chai.expect);
const known = globalThis as unknown as Record<symbol, unknown>;
Object.assign(expect, known[ASYMMETRIC_MATCHERS_OBJECT as symbol]);
known[GLOBAL_EXPECT as symbol] = expect;
setState({ assertionCalls: 0, isExpectingAssertions: false }, expect);
// The plugin’s own takes the function that it extends as well.
(chai.expect as unknown as { extend: (of: ExpectStatic, matchers: object) => void }).extend(
  expect,
  customMatchers,
);

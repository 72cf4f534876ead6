import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parsedInPieces } from './json-pieces';

const inPieces = (text: string, bytesAtOnce: number): Promise<unknown> =>
  parsedInPieces(new Blob([text]), () => Promise.resolve(), bytesAtOnce);

/** What it is, or that it is none. */
const outcome = async (read: () => unknown): Promise<unknown> => {
  try {
    return { value: await read() };
  } catch (error) {
    if (error instanceof SyntaxError) return 'no JSON';
    throw error;
  }
};

const document = fc.dictionary(
  fc.string({ unit: 'binary' }),
  fc.jsonValue({ stringUnit: 'binary' }),
);
/** A cut through the middle of a letter is none of these parsers’ business. */
const ascii = fc.dictionary(fc.string(), fc.jsonValue());
const bytes = fc.integer({ min: 1, max: 40 });

describe('a JSON object, piece by piece', () => {
  it('is what JSON.parse makes of it, wherever it is cut', () =>
    fc.assert(
      fc.asyncProperty(document, bytes, fc.constantFrom(0, 2), async (value, size, indent) => {
        const text = JSON.stringify(value, null, indent);
        expect(await inPieces(text, size)).toEqual(JSON.parse(text));
      }),
    ));

  it('is refused exactly where JSON.parse refuses it', () =>
    fc.assert(
      fc.asyncProperty(
        ascii,
        bytes,
        fc.nat(),
        fc.constantFrom('', ',', ':', '"', '\\', '{', '}', '[', ']', ' ', '1', '"a"', '[1]', '{}'),
        fc.integer({ min: 0, max: 2 }),
        async (value, size, where, added, removed) => {
          const text = JSON.stringify(value);
          const at = where % (text.length + 1);
          const broken = text.slice(0, at) + added + text.slice(at + removed);
          expect(await outcome(() => inPieces(broken, size))).toEqual(
            await outcome(() => JSON.parse(broken)),
          );
        },
      ),
      { numRuns: 1000 },
    ));

  it.each([
    '{}',
    ' {\n} ',
    '{"a":[]}',
    '{"a":[ ]}',
    '{"a":[[1],{"b":[2]}],"a":3}',
    '\uFEFF{"a":1}',
  ])('%j', async (text) =>
    expect(await inPieces(text, 3)).toEqual(JSON.parse(text.replace('\uFEFF', ''))),
  );

  it('a name that an object inherits is a member like any other', async () => {
    const read = (await inPieces('{"__proto__":{"dishes":[1]}}', 5)) as object;
    expect(Object.getPrototypeOf(read)).toBe(Object.prototype);
    expect(Object.keys(read)).toEqual(['__proto__']);
  });

  it.each(['{1:true}', '{"a":[1,]}', '{"a":[1]2}', '{"a":1]', '{"a":1}}', '{"a":1'])(
    '%s is no JSON',
    (text) => expect(inPieces(text, 3)).rejects.toThrow(SyntaxError),
  );

  it('names the list and the element where it is broken', () =>
    expect(inPieces('{"dishes":[{"a":1},{"a":}]}', 4)).rejects.toThrow(/^dishes, number 2: /));

  it('has others answered after each part', async () => {
    const shares: number[] = [];
    await parsedInPieces(
      new Blob(['{"a":[1,2,3]}']),
      (share) => {
        shares.push(share);
        return Promise.resolve();
      },
      5,
    );
    expect(shares).toEqual([5 / 13, 10 / 13, 1]);
  });
});

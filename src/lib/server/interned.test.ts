import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { frozen, Interned } from './interned';
import { reading } from './readable';

describe('documents of the database', () => {
  it('of the same text are the same, and nobody can change them', () => {
    const kept = new Interned();
    const one = kept.parse('{"a":{"b":[1]}}') as { a: { b: number[] } };
    expect(kept.parse('{"a":{"b":[1]}}')).toBe(one);
    expect(kept.parse('{"a":{"b":[2]}}')).not.toBe(one);
    expect(() => one.a.b.push(2)).toThrow(TypeError);
    expect(kept.parse('null')).toBeNull();
  });

  it('are let go when they grow too many, the one not asked for longest first', () => {
    const kept = new Interned(20);
    const [a, b] = ['{"a":1111}', '{"b":2222}'].map((text) => kept.parse(text));
    expect(kept.parse('{"a":1111}')).toBe(a);
    kept.parse('{"c":3333}');
    expect(kept.parse('{"a":1111}')).toBe(a);
    expect(kept.parse('{"b":2222}')).not.toBe(b);
  });

  it('are read once as what they are, and what anybody may still change is read anew', () => {
    const schema = z.object({ a: z.number().default(7) });
    const row = frozen({});
    const [first, second] = [reading(schema, row), reading(schema, row)];
    expect(first).toEqual({ value: { a: 7 } });
    expect('value' in first && 'value' in second && first.value === second.value).toBe(true);
    const open: { a?: number } = {};
    reading(schema, open);
    open.a = 8;
    expect(reading(schema, open)).toEqual({ value: { a: 8 } });
    expect(reading(schema, frozen({ a: 'x' }))).toHaveProperty('issue');
  });
});

import { expect, it } from 'vitest';
import { codeIn } from './read-label';

it.each([
  ['http://192.0.2.7:4700/s/MARU', 'MARU'],
  ['https://old-name.example/s/kurt/', 'KURT'],
  ['vela', 'VELA'],
  ['https://example.org/s/MARUX', null],
  ['https://example.org/menu', null],
  ['MOOR', null],
  ['', null],
])('%j: %j', (text, code) => {
  expect(codeIn(text)).toBe(code);
});

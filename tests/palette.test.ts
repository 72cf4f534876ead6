/**
 * Colours against their grounds, read from the one sheet that they are in.
 *
 * @source WCAG 2.2: 1.4.3 (text, 4.5 : 1), 1.4.11 (borders of controls and focus, 3 : 1), relative luminance as defined
 *   there
 */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const css = readFileSync('src/app.css', 'utf8');

/** The colours of a set, by name; a set says only what differs from the one before it. */
function colours(...selectors: readonly string[]): Map<string, string> {
  const found = new Map<string, string>();
  for (const selector of selectors) {
    const from = css.indexOf(`\n${selector} {`);
    const block = css.slice(from, css.indexOf('}', from));
    for (const [, name = '', value = ''] of block.matchAll(/--([\w-]+): (#[0-9a-f]{3,6});/g))
      found.set(name, value);
  }
  return found;
}

function luminance(hex: string): number {
  const full = hex.length === 4 ? [...hex.slice(1)].map((c) => c + c).join('') : hex.slice(1);
  const [r = 0, g = 0, b = 0] = [0, 2, 4]
    .map((i) => parseInt(full.slice(i, i + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a: string, b: string): number {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
}

const SETS = {
  light: colours(':root'),
  dark: colours(':root', '.dark'),
  'more contrast': colours(':root', '.more-contrast'),
  'dark, more contrast': colours(':root', '.dark', '.more-contrast', '.dark.more-contrast'),
};
const GROUNDS = ['paper', 'salt'];
const TEXT: readonly [string, readonly string[]][] = [
  ['ink', [...GROUNDS, 'leaf-soft', 'ember-soft', 'brine-soft', 'pimento-soft']],
  ['muted', GROUNDS],
  ['leaf-ink', [...GROUNDS, 'leaf-soft']],
  ['ember-ink', [...GROUNDS, 'ember-soft']],
  ['pimento', GROUNDS],
  ['on-night', ['night']],
  ['on-olive', ['olive']],
  ['on-strong', ['strong']],
];
/** Borders of controls, buttons on their card, the ring of what has the keyboard. */
const SHAPES: readonly [string, readonly string[]][] = [
  ['line-strong', GROUNDS],
  ['strong', GROUNDS],
  ['brine', GROUNDS],
  ['on-night', ['night']],
];

describe.each(Object.entries(SETS))('%s', (_, set) => {
  const ratio = (a: string, b: string): number => contrast(set.get(a) ?? '', set.get(b) ?? '');
  it.each(TEXT)('%s can be read on its grounds', (text, grounds) => {
    for (const ground of grounds) expect(ratio(text, ground), ground).toBeGreaterThanOrEqual(4.5);
  });
  it.each(SHAPES)('%s can be told from its grounds', (shape, grounds) => {
    for (const ground of grounds) expect(ratio(shape, ground), ground).toBeGreaterThanOrEqual(3);
  });
});

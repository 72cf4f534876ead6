import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

/**
 * One thing has one name on every page: what the trade calls it (common practice), and never a word of our own
 * beside it. Left of each pair what is written, right what is not.
 */
const NOT_WRITTEN: readonly (readonly [string, RegExp])[] = [
  ['natural release', /\blets? (?:it )?(?:fall|go)\b|\bletting go\b|\blet go\b/i],
  ['quick release, release the rest', /\bvent (?:at once|what is left)\b|\bthen vent\b/i],
  [
    'coming to pressure, time to pressure',
    /\bcomes? up to pressure\b|\b(?:the|longer) way up\b|\bcoming up to\b/i,
  ],
  ['the pin has dropped', /\bpin (?:is )?down\b/i],
  ['inner pot', /\bliners?\b/i],
  ['deglaze', /\bloosen\b/i],
  ['Add a recipe', /\bbring (?:one|a dish|it) in\b/i],
  ['What goes where in the pot', /\bwhat lies where\b/i],
  ['People, Serve at', /\bat the table\b|\bready by\b/i],
  ['hands-on', /\bof your hands\b|(?<!pairs? )\bof hands\b/i],
  ['timeline', /\brunway\b/i],
  ['schedule', /\brun sheet\b/i],
  ['fixes, ways to fix it', /\bways? out\b/i],
  ['timer started', /\bcountdown\b/i],
  ['check halfway through', /\blook at half\b/i],
  ['practice with simulated cookers', /\bonly pretend\b|\bvirtual cookers?\b/i],
  ['how well it keeps', /\bwaiting costs\b|\bwaits at most\b|\bwaits up to\b/i],
  ['Freezer', /\bStores\b/],
  ['Answers', /\bBench\b/],
  [
    'pressure time, at pressure',
    /\b(?:the|a|its|no|of) hold\b(?! of)|\bminutes? of hold\b|\bhold (?:for|is|of stage|… min)\b/i,
  ],
  ['rule of thumb', /\b(?:a|both|the) schools?\b/i],
];
/** The reader of recipes knows the words of everybody. */
const READS_ANY_WORDS = /core\/recipe\/(?:phrases|release-words|read|text|line|sentences)\.ts$/;

const files = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((name) => join(folder, name))
    .filter((name) => /\.(?:ts|svelte)$/.test(name) && !name.endsWith('.test.ts'));

const withoutComments = (text: string): string =>
  text
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/<!--[\s\S]*?-->/g, '')
    .replace(/(^|\s)\/\/[^\n]*/g, '$1');

/** Sentences in quotes, and text between tags: what somebody may read. */
function wordsIn(file: string): string[] {
  const text = withoutComments(readFileSync(file, 'utf8'));
  const script = /<script[\s\S]*?<\/script>/g;
  const code = file.endsWith('.svelte') ? (text.match(script) ?? []).join('\n') : text;
  const markup = file.endsWith('.svelte') ? text.replace(script, '') : '';
  const quoted = [...code.matchAll(/'((?:[^'\\\n]|\\.)*)'|`((?:[^`\\]|\\.)*)`/g)].flatMap(
    ([, single, template = '']) => [
      (single ?? template).replace(/\$\{[^}]*\}/g, ' … '),
      // A choice between two wordings within a sentence.
      ...[...template.matchAll(/'((?:[^'\\\n]|\\.)*)'/g)].map(([, inner]) => inner ?? ''),
    ],
  );
  const shown = [
    ...markup
      .replace(/\{[^{}]*\}/g, ' … ')
      .matchAll(/>([^<>]+)<|(?:label|title|aria-label|placeholder)="([^"]+)"/g),
  ]
    .map(([, between, attribute]) => between ?? attribute ?? '')
    .filter((words) => !words.trim().startsWith('{#'));
  const inBraces = [...markup.matchAll(/'((?:[^'\\\n]|\\.)*)'/g)].map(([, one]) => one ?? '');
  return [
    ...quoted.filter((q) => q.includes(' ')),
    ...shown,
    ...inBraces.filter((q) => q.includes(' ')),
  ];
}

describe('words', () => {
  const all = files('src')
    .filter((file) => !READS_ANY_WORDS.test(file))
    .flatMap((file) => wordsIn(file).map((words) => [file, words] as const));

  it('there are some to look at', () => expect(all.length).toBeGreaterThan(3000));

  it.each(NOT_WRITTEN)('it is “%s”', (_name, left) => {
    expect(
      all.filter(([, words]) => left.test(words)).map(([f, w]) => `${f}: ${w.trim()}`),
    ).toEqual([]);
  });
});

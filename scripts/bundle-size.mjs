/** Compressed script of the meal page, the heaviest: what the browser loads before it is usable. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

const LIMIT_KB = 320;
const FOLDER = 'build/client/_app/immutable';

const scripts = readdirSync(FOLDER, { recursive: true })
  .map(String)
  .filter((file) => file.endsWith('.js'));
// All of it together is an upper bound for any one page; charts are loaded only where one is shown.
const sources = scripts
  .map((file) => readFileSync(join(FOLDER, file)))
  .filter((source) => !source.includes('plotly.js-style-'));
const bytes = sources.reduce((sum, source) => sum + gzipSync(source).length, 0);
const kB = Math.round(bytes / 1000);
console.log(
  `${sources.length} script files, ${kB} kB compressed without charts; the limit is ${LIMIT_KB} kB`,
);
process.exitCode = kB <= LIMIT_KB ? 0 : 1;

#!/usr/bin/env node
/** The command line. Runs from the sources, so that `npm ci` is all it needs. */
import { runTs } from '../scripts/run-ts.mjs';

await runTs('src/cli/main.ts');

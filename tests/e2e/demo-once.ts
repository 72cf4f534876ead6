import { dirname } from 'node:path';
import { rmSync } from 'node:fs';
import { demoFile } from '../../scripts/demo-file.mjs';

/** Before all browser tests: the demo is made once, and each server gets a copy. */
export default function makeDemo(): () => void {
  const isGiven = process.env.OLIVE_DEMO_FILE !== undefined;
  const file = demoFile();
  return () => {
    if (!isGiven) rmSync(dirname(file), { recursive: true, force: true });
  };
}

/** Holds that cooks use, by food, cut and target: tests/reference/hold-anchors.csv (common practice). */
import { readFileSync } from 'node:fs';
import type { HoldQuestion } from '$core/doneness';

export interface HoldAnchor {
  question: HoldQuestion;
  /** Minutes that cooks set, from and to. */
  range: [number, number];
}

/** From the project’s root, where tests and scripts are started. */
const FILE = 'tests/reference/hold-anchors.csv';

/** All anchors, for a 6 qt cooker of 1000 W at the sea. */
export function holdAnchors(): HoldAnchor[] {
  const [, ...lines] = readFileSync(FILE, 'utf8').trim().split('\n');
  return lines.map((line) => {
    const [food, shape, mm, grams, pieces, state, treated, target, level, release, from, to] =
      line.split(',');
    const question = {
      food,
      cut: { shape, thicknessMm: Number(mm) },
      grams: Number(grams),
      pieces: Number(pieces),
      state,
      ...(treated ? { treated } : {}),
      target,
      level,
      altitudeM: 0,
      cooker: { litres: 5.7, watts: 1000 },
      release: Number(release) || release,
    } as HoldQuestion;
    return { question, range: [Number(from), Number(to)] };
  });
}

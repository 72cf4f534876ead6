/** How foods soften: classes that take about the same heat for a doneness. */
import type { Softening } from './types';

const by = (
  doses: Softening['doses'],
  reaches: Softening['reaches'] = {},
  leastMin = 0,
): Softening => ({ doses, reaches, leastMin });

/** Doses: common practice, fitted; temperatures: common practice (breast to shred about 82 °C, legs 85). */
export const SOFTENING = {
  none: by({}),
  'tough-meat': by({ slice: 15, soft: 21, shred: 21 }, {}, 2),
  'young-meat': by({ slice: 8, soft: 13, shred: 14 }, {}, 2),
  'tender-meat': by({ slice: 0, soft: 7, shred: 12 }, {}, 2),
  'tough-offal': by({ slice: 24, soft: 26, shred: 28 }, {}, 2),
  'cooked-meat': by({ slice: 0, soft: 0, shred: 0 }),
  ground: by({ slice: 0, soft: 0, shred: 0 }, {}, 5),
  white: by({ slice: 0, soft: 0, shred: 0 }, { soft: 78, shred: 82 }, 4),
  dark: by({ slice: 0, soft: 1.5, shred: 3 }, { soft: 80, shred: 85 }, 5),
  'tough-bird': by({ slice: 4, soft: 12, shred: 14 }, { soft: 85, shred: 85 }, 2),
  fish: by({ soft: 0 }, {}, 1),
  shellfish: by({ soft: 0 }, {}, 1),
  egg: by({ soft: 0 }, {}, 4),
  cephalopod: by({ soft: 12 }, {}, 2),
  leaf: by({ crisp: 0.05, soft: 0.2 }),
  greens: by({ crisp: 0.5, soft: 2 }),
  tender: by({ crisp: 0.3, soft: 1 }),
  cob: by({ crisp: 0.3, soft: 1 }, {}, 2),
  firm: by({ crisp: 0.5, soft: 2 }),
  root: by({ crisp: 0.6, soft: 1.8 }),
  starchy: by({ crisp: 0.5, soft: 1.2 }),
  beet: by({ crisp: 2, soft: 4 }),
  fruit: by({ crisp: 0.2, soft: 0.8 }),
  'firm-fruit': by({ crisp: 1, soft: 3 }),
  'dried-fruit': by({ soft: 6 }),
  nut: by({ soft: 10 }),
  grain: by({ soft: 5 }, {}, 1),
  pulse: by({ soft: 30 }, {}, 1),
} as const satisfies Record<string, Softening>;

export type SofteningClass = keyof typeof SOFTENING;

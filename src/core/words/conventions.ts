/** How this household reads amounts, lengths and days. */
import type { System } from '../units';

export interface Conventions {
  system: System;
  /** 24 where it is not said. */
  hours?: 12 | 24;
}

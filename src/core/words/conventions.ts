/** How this household reads amounts, lengths and days. */
import type { System } from '../units';

export interface Conventions {
  system: System;
}

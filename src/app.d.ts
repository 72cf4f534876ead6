import type { Role } from '$lib/server/access';
import type { Conventions } from '$lib/ui/controls';

declare global {
  namespace App {
    interface Locals {
      /** What this screen may do; missing while the pages are built. */
      role?: Role;
    }
    interface PageData {
      /** How the household reads days and times. */
      conventions?: Conventions;
    }
    interface Error {
      message: string;
      /** What the reader can do about it. */
      remedy?: string;
    }
  }
}

export {};

import type { Role } from '$lib/server/access';

declare global {
  namespace App {
    interface Locals {
      /** What this screen may do; missing while the pages are built. */
      role?: Role;
    }
    interface Error {
      message: string;
      /** What the reader can do about it. */
      remedy?: string;
    }
  }
}

export {};

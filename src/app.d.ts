import type { AccessRole } from '$lib/server/access';
import type { FieldConventions } from '$lib/ui/controls';

declare global {
  namespace App {
    interface Locals {
      /** What this screen may do; missing while the pages are built. */
      role?: AccessRole;
      /** Which of the devices that came in it is; missing on the machine itself. */
      device?: string;
      /** Whether it would still be let in; missing on the machine itself. */
      mayStay?: () => Promise<boolean>;
    }
    interface PageData {
      /** How the household reads days and times. */
      conventions?: FieldConventions;
    }
    interface Error {
      message: string;
      /** What the reader can do about it. */
      remedy?: string;
      /** Under which the server's log has it. */
      number?: string;
    }
  }
}

export {};

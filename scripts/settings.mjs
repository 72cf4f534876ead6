/** What the environment may set, looked at once before the server starts; docs/network.md lists it. */
import { z } from 'zod';

/** An empty value is none: that is how a shell leaves one out. */
const optional = (schema) => z.preprocess((value) => (value === '' ? undefined : value), schema);

const settingsSchema = z.object({
  PORT: optional(
    z.coerce
      .number({ error: 'is no number; give one from 1 to 65535, such as 4747' })
      .int('is no whole number; give one from 1 to 65535')
      .min(1, 'has to be at least 1')
      .max(65535, 'has to be at most 65535')
      .default(4747),
  ),
  HOST: optional(
    z
      .string()
      .regex(
        /^[\w.:-]+$/,
        'is no address; 127.0.0.1 is this machine only, 0.0.0.0 the whole network',
      )
      .default('127.0.0.1'),
  ),
  HTTPS: optional(z.enum(['0', '1'], { error: 'is either 1 or 0' }).default('0')),
  DATABASE_URL: optional(
    z
      .string()
      .regex(
        /^(?:file:.+|(?:libsql|https?|wss?):\/\/.+)$/,
        'is neither a file (file:data/olive.db) nor a libSQL server (libsql://name)',
      )
      .default('file:data/olive.db'),
  ),
  HOSTS: optional(
    z
      .string()
      .regex(
        /^[\w.:[\]-]+(?:\s*,\s*[\w.:[\]-]+)*$/,
        'is no list of names; write them with commas between: pantry.lan, 10.0.0.5',
      )
      .optional(),
  ),
  LOG_LEVEL: optional(
    z
      .enum(['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'], {
        error: 'is none of trace, debug, info, warn, error, fatal, silent',
      })
      .optional(),
  ),
});

/**
 * @param environment as in process.env
 * @returns the settings with what is usual, or what is wrong with each in words
 */
export function readSettings(environment) {
  const read = settingsSchema.safeParse(environment);
  if (read.success) return { settings: read.data, problems: [] };
  return {
    settings: null,
    problems: read.error.issues.map((issue) => {
      const name = String(issue.path[0]);
      return `${name}=${environment[name]} ${issue.message}.`;
    }),
  };
}

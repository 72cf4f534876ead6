import pino from 'pino';

/** Errors are written with their name, message and stack: by itself pino writes one as `{}`. */
export const log = pino({
  level: process.env.LOG_LEVEL || 'warn',
  serializers: { error: pino.stdSerializers.err },
});

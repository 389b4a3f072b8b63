import pino, { type Logger } from 'pino';

/** What of an error may be written down. Its statement and parameters may not: they hold the names of people. */
export const errorToLog = (error: unknown): object =>
  error instanceof Error
    ? {
        type: error.name,
        message: error.message,
        code: (error as { code?: unknown }).code ?? (error as { original?: { code?: unknown } }).original?.code,
        stack: error.stack,
      }
    : { message: String(error) };

/** The process's log: a line of JSON each, without anything that somebody typed. */
export const createLog = (level: string): Logger => pino({ level, serializers: { err: errorToLog } });

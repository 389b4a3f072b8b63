import { BaseError, ConnectionError, DatabaseError } from 'sequelize';

/** Sessions that were ended, and a database that is starting or stopping: classes 08 and 57 of PostgreSQL's error codes. */
const AWAY_CODES = /^(08...|57P0[1-3])$/;
const CUT_OFF = new Set(['ECONNRESET', 'ECONNREFUSED', 'EPIPE', 'ETIMEDOUT']);

/** What the driver says of a connection that ended under a query: it has no code of its own. */
const ENDED = /^(Connection terminated|Client has encountered a connection error|terminating connection)/;

/** Whether an error says that the database does not answer, rather than that it answered no. */
export function isAway(error: unknown): boolean {
  if (error instanceof ConnectionError) return true;
  const cause = error instanceof DatabaseError ? error.original : error;
  if (!(cause instanceof Error)) return false;
  const { code } = cause as { code?: string };
  if (code !== undefined && (AWAY_CODES.test(code) || CUT_OFF.has(code))) return true;
  return (
    ENDED.test(cause.message) || (error instanceof BaseError && error.name === 'SequelizeConnectionAcquireTimeoutError')
  );
}

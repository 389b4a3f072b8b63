import type { Context as KoaContext, Next } from 'koa';
import type { Logger } from 'pino';
import { BaseError, ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize';
import { isAway } from '../store/isAway.ts';
import { Refusal } from '../usecases/Refusal.ts';

const RETRY_AFTER_S = 2;
/** Whether it was recorded before it broke is not known here. */
const BROKE = 'It is logged. Send the same again: what was recorded already is not recorded twice.';

/** Whether what was sent had been recorded when the database went is not known: the same id records it once. */
const away = (method: string): Refusal =>
  new Refusal(
    503,
    'away',
    'The database is away',
    method === 'GET' || method === 'HEAD'
      ? 'The database does not answer just now. Try again in a moment.'
      : 'The database does not answer just now, and whether this was recorded is not known. Send the same again: it is recorded once.',
  );

/** The one place that turns errors into replies. Only Refusal may be shown; everything else is a bare 500 and a log line. */
export function problems(logger: Logger) {
  return async (ctx: KoaContext, next: Next): Promise<void> => {
    try {
      await next();
      if (ctx.path.startsWith('/api/') && ctx.body === undefined) {
        if (ctx.status === 404) throw new Refusal(404, 'not-found', 'Not found', 'There is nothing at this address.');
        // The router has named those that it takes.
        if (ctx.status === 405 || ctx.status === 501)
          throw new Refusal(405, 'method', 'Not this way', 'This address takes another method.');
      }
    } catch (error) {
      const shown = isAway(error) ? away(ctx.method) : toProblem(error);
      if (!shown) logger.error({ err: error, id: ctx.state.requestId as string, path: ctx.path }, 'request failed');
      else if (shown.problem.status === 503) logger.warn({ err: error, path: ctx.path }, 'database away');
      const problem = (shown ?? new Refusal(500, 'internal', 'Something broke here', BROKE)).problem;
      if (problem.status === 503) ctx.set('Retry-After', String(RETRY_AFTER_S));
      ctx.status = problem.status;
      ctx.body = JSON.stringify(problem);
      ctx.type = 'application/problem+json';
    }
  };
}

function toProblem(error: unknown): Refusal | null {
  if (error instanceof Refusal) return error;
  if (error instanceof UniqueConstraintError) {
    return new Refusal(409, 'taken', 'Already there', 'This id or name is in use already.');
  }
  if (error instanceof ForeignKeyConstraintError) {
    return new Refusal(422, 'refused', 'Not possible as asked', 'It refers to something that does not exist.');
  }
  if (error instanceof BaseError) return null;
  // Koa and its body parser mark their own refusals: malformed JSON, too large, unknown charset.
  const { status, expose, code } = error as { status?: number; expose?: boolean; code?: string };
  // A compressed body that is none: the decompressor gives no status, and each kind a code of its own.
  if (/^(Z_|ERR_BROTLI|ERR__ERROR|ERR_ZSTD|ZSTD_)/.test(code ?? ''))
    return new Refusal(400, 'unreadable', 'Not readable', 'The request could not be read.');
  if (status !== undefined && status >= 400 && status < 500 && expose !== false) {
    const detail = status === 413 ? 'The request is too large.' : 'The request could not be read.';
    return new Refusal(status, 'unreadable', 'Not readable', detail);
  }
  return null;
}

import type { Context as KoaContext, Next } from 'koa';
import type { Logger } from 'pino';
import { BaseError, ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize';
import { Refusal } from '../usecases/Refusal.ts';

/** The one place that turns errors into replies. Only Refusal may be shown; everything else is a bare 500 and a log line. */
export function problems(logger: Logger) {
  return async (ctx: KoaContext, next: Next): Promise<void> => {
    try {
      await next();
      if (ctx.status === 404 && ctx.body === undefined && ctx.path.startsWith('/api/')) {
        throw new Refusal(404, 'not-found', 'Not found', 'There is nothing at this address.');
      }
    } catch (error) {
      const shown = toProblem(error);
      if (!shown) logger.error({ err: error, path: ctx.path }, 'request failed');
      const problem = (
        shown ?? new Refusal(500, 'internal', 'Something broke here', 'Nothing was recorded. Try again; it is logged.')
      ).problem;
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
  const { status, expose } = error as { status?: number; expose?: boolean };
  if (status !== undefined && status >= 400 && status < 500 && expose !== false) {
    const detail = status === 413 ? 'The request is too large.' : 'The request could not be read.';
    return new Refusal(status, 'unreadable', 'Not readable', detail);
  }
  return null;
}

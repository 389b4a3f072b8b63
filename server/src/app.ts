import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import serve from 'koa-static';
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { apiRouter, type ApiOptions } from './http/api.ts';
import { ownSite } from './http/ownSite.ts';
import { Refusal } from './usecases/Refusal.ts';
import { problems } from './http/problems.ts';

export interface AppOptions extends ApiOptions {
  webFolder: string | null;
  logger: Logger;
  /** See {@link ownSite}. */
  hosts?: readonly string[];
  /** Counts requests, where somebody asks for figures. */
  count?: Koa.Middleware;
}

/** Whoever asks whether it is ready waits no longer than this. */
const READY_MS = 2_000;

/** What comes in time, or an error that says it did not. */
async function within<T>(ms: number, work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error(`no answer in ${ms} ms`)), ms);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

const REQUEST_ID = /^[\w.-]{8,80}$/;

/** Makes the application without listening. */
export function createApp(options: AppOptions): Koa {
  const app = new Koa();
  const { logger, webFolder } = options;
  // Clients that cut a stream, or send what is no HTTP, are no fault of ours; they must not crash the process.
  app.on('error', (error: NodeJS.ErrnoException) => {
    if (!/^(ECONNRESET|ERR_STREAM_PREMATURE_CLOSE|HPE_.*)$/.test(error.code ?? ''))
      logger.error({ err: error }, 'stream failed');
  });
  app.use(async (ctx, next) => {
    const start = performance.now();
    // A proxy's own id goes on; whoever asks about a failure names it.
    const given = ctx.get('X-Request-Id');
    const id = REQUEST_ID.test(given) ? given : randomUUID();
    ctx.state.requestId = id;
    ctx.set('X-Request-Id', id);
    await next();
    logger.info(
      { id, method: ctx.method, path: ctx.path, status: ctx.status, ms: Math.round(performance.now() - start) },
      'request',
    );
  });
  if (options.count) app.use(options.count);
  app.use(problems(logger));
  app.use(ownSite(options.hosts ?? []));
  app.use(
    helmet({
      hsts: false,
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // The interface's style library writes style elements; scripts are never inline.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
    }),
  );
  app.use(compress());
  app.use((ctx, next) => {
    // Whoever takes no coding at all, not even none, is answered in plain: the library asks for the one there is not.
    if (!ctx.acceptsEncodings('br', 'gzip', 'deflate')) ctx.compress = false;
    return next();
  });
  app.use(async (ctx, next) => {
    if (ctx.path === '/healthz') {
      ctx.body = { ok: true };
      return;
    }
    if (ctx.path === '/readyz') {
      try {
        await within(READY_MS, options.sequelize.query('SELECT 1'));
        ctx.body = { ok: true };
      } catch (error) {
        logger.warn({ err: error }, 'not ready');
        throw new Refusal(503, 'not-ready', 'Not ready', 'The database does not answer.');
      }
      return;
    }
    await next();
  });
  app.use(async (ctx, next) => {
    const writes = ctx.method === 'POST' || ctx.method === 'PUT';
    // A form on another site can not send JSON, so demanding it also keeps foreign pages from writing.
    if (ctx.path.startsWith('/api/') && writes && !ctx.is('application/json')) {
      throw new Refusal(415, 'media-type', 'Not JSON', 'Send application/json.');
    }
    await next();
  });
  app.use(bodyParser({ enableTypes: ['json'], jsonLimit: '256kb' }));
  const router = apiRouter(options);
  app.use(router.routes());
  app.use(router.allowedMethods());
  if (webFolder) app.use(singlePage(webFolder));
  return app;
}

/** Serves the built files; any other address that is not the API gets the page, which routes it itself. */
function singlePage(folder: string): Koa.Middleware {
  const files = serve(folder, {
    index: false,
    maxage: 0,
    setHeaders: (res, path) => {
      if (path.includes('/assets/')) res.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
    },
  });
  return async (ctx, next) => {
    if (ctx.path.startsWith('/api/')) return next();
    await files(ctx, async () => {
      if (ctx.method !== 'GET' || /\.\w+$/.test(ctx.path)) return;
      ctx.type = 'html';
      ctx.set('Cache-Control', 'no-cache');
      ctx.body = await readFile(join(folder, 'index.html'));
    });
  };
}

import Router from '@koa/router';
import {
  API_PREFIX,
  ENDPOINTS,
  Id,
  type Endpoint,
  type EndpointAnswer,
  type EndpointBody,
  type EndpointName,
  type EndpointQuery,
} from '@deep-mend/contract';
import { openApiDocument } from '@deep-mend/contract/openapi';
import { InputError, ENGINE_VERSION } from '@deep-mend/core';
import type { Context as KoaContext } from 'koa';
import { Readable } from 'node:stream';
import type { Sequelize } from 'sequelize';
import type { z } from 'zod';
import type { Context } from '../usecases/Context.ts';
import { HANDLERS, type Call, type Reply } from './handlers.ts';
import { Refusal } from '../usecases/Refusal.ts';

export interface ApiOptions {
  sequelize: Sequelize;
  /** See {@link Context}. */
  searching: Sequelize;
  shopId: string;
  /** Who records when the client names nobody. */
  defaultActorId: string;
  now: () => Date;
  /** See {@link Context}; default null. */
  publicUrl?: string | null;
  /** See {@link Context}; default null. */
  instruments?: Context['instruments'];
  /** Aborted when the server stops: whatever goes on answering ends. */
  stopping?: AbortSignal;
}

function parse<T>(schema: z.ZodType<T>, value: unknown, where: 'body' | 'query'): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const fields = result.error.issues.map((issue) => ({ path: issue.path.join('.') || where, message: issue.message }));
  throw new Refusal(
    400,
    'shape',
    'Not as expected',
    fields
      .map((f) => `${f.path}: ${f.message}`)
      .join('; ')
      .slice(0, 1000),
    { fields },
  );
}

const bodyOf = (ctx: KoaContext): unknown => (ctx.request as { body?: unknown }).body;

/** The body of an older client brought up to this build; one of a newer build is named, so that the page is loaded again. */
function lifted({ lift }: Endpoint, body: unknown): unknown {
  if (!lift) return body;
  try {
    return lift(body);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw new Refusal(
      409,
      'other-build',
      'Another build',
      `This was written by a newer build than the one that answers (${String(error.given)}). Load the page again.`,
    );
  }
}

function ifMatchOf(ctx: KoaContext, rule: Endpoint['ifMatch']): number | null {
  const header = ctx.get('If-Match');
  if (!rule) return null;
  if (header === '') {
    if (rule === 'always') throw new Refusal(428, 'if-match', 'If-Match is missing', 'Say which revision you saw.');
    return null;
  }
  const revision = Number(/^"?(\d{1,9})"?$/.exec(header)?.[1] ?? NaN);
  if (!Number.isInteger(revision))
    throw new Refusal(400, 'if-match', 'If-Match not readable', 'Give the revision as in the ETag.');
  return revision;
}

function idempotencyKeyOf(ctx: KoaContext, needed: boolean | undefined): string {
  const key = ctx.get('Idempotency-Key');
  if (!needed) return '';
  if (!/^[\w-]{8,80}$/.test(key)) {
    throw new Refusal(
      400,
      'idempotency-key',
      'Idempotency-Key is missing',
      'Send a key of 8 to 80 letters, digits or dashes.',
    );
  }
  return key;
}

/** Query and body of one endpoint. The one cast of its types: the parser that ran is the one that the type is read from. */
const parsed = <N extends EndpointName>(_name: N, endpoint: Endpoint, ctx: KoaContext) =>
  ({
    query: endpoint.query ? parse(endpoint.query, { ...ctx.query }, 'query') : undefined,
    body: endpoint.body ? parse(endpoint.body, lifted(endpoint, bodyOf(ctx)), 'body') : undefined,
  }) as { query: EndpointQuery<N>; body: EndpointBody<N> };

const answer = <N extends EndpointName>(name: N, call: Call<N>): Promise<Reply<EndpointAnswer<N>>> =>
  HANDLERS[name](call);

/** Aborted when the client has gone or the server stops. */
function untilGone(ctx: KoaContext, stopping: AbortSignal | undefined): AbortSignal {
  const gone = new AbortController();
  ctx.res.once('close', () => gone.abort());
  return stopping ? AbortSignal.any([gone.signal, stopping]) : gone.signal;
}

async function* serverSent(replies: AsyncIterable<unknown>): AsyncGenerator<string> {
  for await (const reply of replies) yield `data: ${JSON.stringify(reply)}\n\n`;
}

/** What was answered, as its endpoint says: once in JSON, as a file, or again and again. */
function send(ctx: KoaContext, { file, stream }: Endpoint, body: unknown): void {
  if (stream) {
    // Each must go at once: a compressor waits until it has more.
    ctx.compress = false;
    ctx.set('Cache-Control', 'no-cache, no-transform');
    ctx.type = 'text/event-stream';
    ctx.body = Readable.from(serverSent(body as AsyncIterable<unknown>));
    return;
  }
  // Nothing is an answer too: in JSON, not an empty reply that no reader of JSON takes.
  ctx.body = file ? Buffer.from(body as Uint8Array) : (body ?? 'null');
  ctx.type = file ?? 'json';
}

/** Routes by the contract's table of endpoints: parse, one use case, reply. */
export function apiRouter(options: ApiOptions): Router {
  const router = new Router({ prefix: API_PREFIX });
  const document = openApiDocument(ENGINE_VERSION);
  router.get('/openapi.json', (ctx) => {
    ctx.body = document;
  });
  for (const [name, endpoint] of Object.entries(ENDPOINTS) as [EndpointName, Endpoint][]) {
    router[endpoint.method](endpoint.path, async (ctx: KoaContext & { params: Record<string, string> }) => {
      const actor = ctx.get('X-Actor');
      const context: Context = {
        sequelize: options.sequelize,
        searching: options.searching,
        shopId: options.shopId,
        actorId: actor === '' ? options.defaultActorId : parse(Id, actor, 'query'),
        now: options.now,
        publicUrl: options.publicUrl ?? null,
        instruments: options.instruments ?? null,
        origin: 'entered',
      };
      const id = (ctx.params.id ?? '').toLowerCase();
      // An address that was cut off when it was copied, not a form that someone filled in wrongly.
      if (endpoint.path.includes(':id') && !Id.safeParse(id).success)
        throw new Refusal(404, 'not-found', 'Not found', 'Nothing is kept under this address. Look for it by name.');
      const reply = await answer(name, {
        context,
        id,
        ...parsed(name, endpoint, ctx),
        ifMatch: ifMatchOf(ctx, endpoint.ifMatch),
        idempotencyKey: idempotencyKeyOf(ctx, endpoint.once),
        until: untilGone(ctx, options.stopping),
      });
      send(ctx, endpoint, reply.body);
      if (reply.revision !== undefined) ctx.set('ETag', `"${reply.revision}"`);
    });
  }
  return router;
}

import type { Context as KoaContext, Next } from 'koa';
import { createServer, type Server } from 'node:http';
import { collectDefaultMetrics, Histogram, Registry } from 'prom-client';

/** Seconds; a page that took longer than the last is counted beyond it. */
const BUCKETS_S = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5];

export interface Metrics {
  /** Counts and times every request, by the pattern of its address: ids would make a row each. */
  count: (ctx: KoaContext, next: Next) => Promise<void>;
  /** Answers `/metrics` on a port of its own. */
  server: Server;
}

export function createMetrics(): Metrics {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry });
  const seconds = new Histogram({
    name: 'deep_mend_request_seconds',
    help: 'Time of a request by method, pattern of the address and status',
    labelNames: ['method', 'route', 'status'],
    buckets: BUCKETS_S,
    registers: [registry],
  });
  return {
    count: async (ctx, next) => {
      const end = seconds.startTimer();
      await next();
      const matched = (ctx as { _matchedRoute?: unknown })._matchedRoute;
      end({ method: ctx.method, route: typeof matched === 'string' ? matched : 'other', status: String(ctx.status) });
    },
    server: createServer((request, reply) => {
      if (request.url !== '/metrics') {
        reply.writeHead(404).end();
        return;
      }
      registry.metrics().then(
        (text) => reply.writeHead(200, { 'Content-Type': registry.contentType }).end(text),
        () => reply.writeHead(500).end(),
      );
    }),
  };
}

// npm run fuzz [-- COUNT SEED]: requests made up from the OpenAPI document, most of them wrong in one place or in many.
// Whatever comes is answered by a status that says whose fault it is: never 500, and the server stands to the end.
import fc from 'fast-check';
import http from 'node:http';
import { v7 } from 'uuid';
import { checkNode, ensurePostgres, installDependencies } from './lib/bootstrap.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { build } from './build.mjs';

const [COUNT = 20_000, SEED = Date.now() % 2 ** 31] = process.argv.slice(2).map(Number);
const AT_ONCE = 8;
for (const ready of [checkNode, installDependencies, ensurePostgres, build]) await ready();
const cluster = await startPostgres();
const [databaseUrl, writerUrl] = [`${cluster.url}/postgres`, `${cluster.writerUrl}/postgres`];
const server = await startServer({ databaseUrl, writerUrl, logLevel: 'error' });
const agent = new http.Agent({ keepAlive: true, maxSockets: AT_ONCE });

/** One request as it is, without a client that would mend it first. 0: the connection was cut. */
const ask = ({ method, path, headers, body }) =>
  new Promise((resolve) => {
    const request = http.request({ port: server.port, method, path, headers, agent }, (reply) => {
      reply.resume();
      reply.once('end', () => resolve(reply.statusCode));
    });
    request.once('error', () => resolve(0));
    request.setHeader('Content-Length', Buffer.byteLength(body)).end(body);
  });

const document = await (await fetch(`${server.url}/api/v1/openapi.json`)).json();
// Ids that stand, so that requests come further than to "not found".
const known = fc.constantFrom(...Array.from({ length: 6 }, () => v7()));
const sometimes = (often, usual, seldom) =>
  fc.oneof({ weight: often, arbitrary: usual }, { weight: 1, arbitrary: seldom });
const TEXTS = ['\ud800', 'a\u0000b', '0000-01-01', '9'.repeat(400), "'; DROP TABLE event;--", '{}', '\r\n', '%', '*'];
const oddText = fc.oneof(fc.string({ unit: 'binary' }), fc.constantFrom(...TEXTS));
const NUMBERS = [1e308, 2 ** 53, -1, 0, 0.5];
const odd = fc.oneof(
  oddText,
  fc.double(),
  fc.constantFrom(...NUMBERS, null, true, [], {}),
  fc.jsonValue({ maxDepth: 3 }),
);

/** What a schema asks for; here and there something else instead. */
const valueOf = (schema, depth = 0) => sometimes(30, wellMade(schema, depth + 1), odd);
function wellMade(schema, depth) {
  if (depth > 9 || schema === true) return odd;
  if (schema.$ref) return valueOf(document.components.schemas[schema.$ref.split('/').at(-1)], depth);
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const ways = schema.anyOf ?? schema.oneOf ?? schema.allOf;
  if (ways) return fc.oneof(...ways.map((way) => valueOf(way, depth)));
  if (schema.type === 'null') return fc.constant(null);
  if (schema.type === 'boolean') return fc.boolean();
  if (schema.type === 'array') return fc.array(valueOf(schema.items ?? true, depth), { maxLength: 4 });
  if (schema.type === 'number' || schema.type === 'integer')
    return fc.oneof(fc.double({ min: schema.minimum ?? -9, max: schema.maximum ?? 1e4, noNaN: true }), fc.nat(99));
  if (schema.properties) {
    const rows = Object.entries(schema.properties).map(([key, row]) => [key, valueOf(row, depth)]);
    return fc.record(Object.fromEntries(rows), { requiredKeys: schema.required ?? [] });
  }
  if (schema.format === 'uuid') return fc.oneof(known, fc.uuid());
  if (schema.format === 'date-time') return fc.nat(2 ** 31).map((s) => new Date(1000 * s).toISOString());
  return fc.oneof(fc.string({ unit: 'grapheme', maxLength: 40 }), oddText, fc.constantFrom('30', '8.4 mm', 'M8x1.25'));
}

const TYPES = ['text/plain', '', 'application/json;x'];
const HEADERS = {
  'Content-Type': sometimes(20, fc.constant('application/json'), fc.constantFrom(...TYPES)),
  'Idempotency-Key': sometimes(9, fc.uuid(), fc.constantFrom('', '-', 'x'.repeat(200))),
  'If-Match': sometimes(2, fc.nat(12).map(String), fc.constantFrom('*', 'W/"1"', '"-1"', '')),
  'X-Actor': sometimes(9, fc.constant(''), fc.oneof(fc.uuid(), fc.constant('nobody'))),
};
const CODINGS = fc.constantFrom('gzip', 'br', 'zstd', 'identity;q=0', '*;q=0');
const SELDOM = { 'Accept-Encoding': CODINGS, 'Content-Encoding': CODINGS };
const headers = sometimes(9, fc.record(HEADERS), fc.record({ ...HEADERS, ...SELDOM }, { requiredKeys: [] }));
const escaped = (text) => encodeURIComponent(text.replace(/[\ud800-\udfff]/g, '?'));
const requests = Object.entries(document.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, { parameters = [], requestBody }]) => {
    const schema = requestBody?.content['application/json'].schema;
    const asked = parameters.filter((row) => row.in === 'query');
    const query = asked.map((row) => [row.name, fc.oneof(valueOf(row.schema), oddText)]);
    const body = schema ? valueOf(schema).map((value) => JSON.stringify(value) ?? '') : fc.constant('');
    return fc
      .record({
        method: sometimes(20, fc.constant(method.toUpperCase()), fc.constantFrom('PATCH', 'HEAD', 'OPTIONS')),
        id: sometimes(5, known, oddText),
        query: fc.record(Object.fromEntries(query), { requiredKeys: [] }),
        body: sometimes(20, body, oddText),
        headers,
      })
      .map(({ id, query: parts, ...rest }) => {
        const search = Object.entries(parts).map(([key, value]) => `${key}=${escaped(String(value))}`);
        return {
          ...rest,
          path: [path.replace('{id}', escaped(id)), ...(search.length > 0 ? [search.join('&')] : [])].join('?'),
        };
      });
  }),
);

const statuses = {};
const left = fc.sample(fc.oneof(...requests), { numRuns: COUNT, seed: SEED });
const failed = [];
async function work() {
  for (let request = left.pop(); request; request = left.pop()) {
    const status = await ask(request);
    statuses[status] = (statuses[status] ?? 0) + 1;
    if (status >= 500 || status === 0) failed.push({ status, ...request });
  }
}
await Promise.all(Array.from({ length: AT_ONCE }, work));
const alive = await ask({ method: 'GET', path: '/readyz', headers: {}, body: '' });
for (const request of failed.slice(0, 5)) console.error(JSON.stringify(request));
console.log(`${COUNT} requests, seed ${SEED}: ${JSON.stringify(statuses)}; ${failed.length} failed; ready: ${alive}`);
agent.destroy();
await server.stop();
await cluster.stop();
process.exitCode = failed.length > 0 || alive !== 200 ? 1 : 0;

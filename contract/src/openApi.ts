import { z } from 'zod';
import { API_PREFIX, ENDPOINTS, type Endpoint } from './endpoints.ts';
import { Problem } from './nouns/problem.ts';

// Registered schemas are referenced, so that a shape stands once in the document.
const ref = (id: string) => `#/components/schemas/${id}`;

function withoutId(schema: object): object {
  const { $id: _id, $schema: _schema, id: _plain, ...rest } = schema as Record<string, unknown>;
  return rest;
}

function jsonSchema(schema: z.ZodType, io: 'input' | 'output'): object {
  const id = z.globalRegistry.get(schema)?.id;
  if (id) return { $ref: ref(id) };
  const { $defs: _defs, ...rest } = withoutId(z.toJSONSchema(schema, { target: 'openapi-3.0', io })) as Record<
    string,
    unknown
  >;
  // A lone schema refers to registered ones under $defs; the document holds them as components.
  return JSON.parse(
    JSON.stringify(rest).replaceAll('#/components/schemas/__shared#/', '#/').replaceAll('#/$defs/', ref('')),
  ) as object;
}

/** The OpenAPI 3.0 document, made from the same schemas that the server parses with. */
export function openApiDocument(version: string): object {
  const { schemas } = z.toJSONSchema(z.globalRegistry, { target: 'openapi-3.0', uri: ref, io: 'input' }) as {
    schemas: Record<string, object>;
  };
  const paths: Record<string, Record<string, object>> = {};
  for (const [name, endpoint] of Object.entries(ENDPOINTS) as [string, Endpoint][]) {
    const path = API_PREFIX + endpoint.path.replace(/:(\w+)/g, '{$1}');
    const query = endpoint.query instanceof z.ZodObject ? endpoint.query.shape : {};
    const header = (header: string, required: boolean) => ({
      name: header,
      in: 'header',
      required,
      schema: { type: 'string' },
    });
    paths[path] ??= {};
    paths[path][endpoint.method] = {
      operationId: name,
      summary: endpoint.summary,
      parameters: [
        ...[...endpoint.path.matchAll(/:(\w+)/g)].map((match) => ({
          name: match[1],
          in: 'path',
          required: true,
          schema: { type: 'string', format: 'uuid' },
        })),
        ...Object.entries(query).map(([key, schema]) => ({
          name: key,
          in: 'query',
          schema: jsonSchema(schema as z.ZodType, 'input'),
        })),
        ...(endpoint.once ? [header('Idempotency-Key', true)] : []),
        ...(endpoint.ifMatch ? [header('If-Match', endpoint.ifMatch === 'always')] : []),
      ],
      ...(endpoint.body
        ? {
            requestBody: {
              required: true,
              content: { 'application/json': { schema: jsonSchema(endpoint.body, 'input') } },
            },
          }
        : {}),
      responses: {
        200: {
          description: 'Done',
          content: endpoint.file
            ? { [endpoint.file]: { schema: { type: 'string', format: 'binary' } } }
            : {
                [endpoint.stream ? 'text/event-stream' : 'application/json']: {
                  schema: jsonSchema(endpoint.reply, 'output'),
                },
              },
        },
        default: {
          description: 'A problem',
          content: { 'application/problem+json': { schema: jsonSchema(Problem, 'output') } },
        },
      },
    };
  }
  return {
    openapi: '3.0.3',
    info: { title: 'Deep Mend', version },
    paths,
    components: { schemas: Object.fromEntries(Object.entries(schemas).map(([id, schema]) => [id, withoutId(schema)])) },
  };
}

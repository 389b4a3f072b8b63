import { API_PREFIX } from '@deep-mend/contract/prefix';

/** One call that the page made: its address without the API's own part, and what it sent. */
export interface Call {
  method: string;
  address: string;
  body: unknown;
  headers: Record<string, string>;
}

type Answer = object | ((call: Call) => object);

/** What a refusal looks like: a problem document with its status. */
export const problem = (status: number, detail: string, more: object = {}) => ({
  type: 'urn:deep-mend:refused',
  title: 'Refused',
  status,
  detail,
  ...more,
});

/**
 * A server for one test: answers by method and the beginning of the address; null: it does not answer at all.
 * @returns the writes that were made, in their order
 */
export function serve(answers: Record<string, Answer | null>): Call[] {
  const writes: Call[] = [];
  globalThis.fetch = (async (input: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    const address = String(input).replace(API_PREFIX, '');
    const call: Call = {
      method,
      address,
      body: init.body === undefined ? null : JSON.parse(init.body as string),
      headers: (init.headers ?? {}) as Record<string, string>,
    };
    if (method !== 'GET') writes.push(call);
    const key = Object.keys(answers).find((row) => `${method} ${address}`.startsWith(row));
    if (key === undefined) throw new Error(`nothing answers ${method} ${address}`);
    const answer = answers[key]!;
    if (answer === null) throw new TypeError('no connection');
    const body = typeof answer === 'function' ? (answer as (call: Call) => object)(call) : answer;
    const status = 'status' in body && typeof body.status === 'number' ? body.status : 200;
    return new Response(JSON.stringify(body), {
      status,
      headers: { 'content-type': status < 400 ? 'application/json' : 'application/problem+json', etag: '"3"' },
    });
  }) as typeof fetch;
  return writes;
}

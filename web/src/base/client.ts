import type { Problem } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import { v7 } from 'uuid';

/** A refusal of the server, with its problem document. */
export class ApiProblem extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

const UNREACHABLE: Problem = {
  type: 'urn:deep-mend:offline',
  title: 'No connection',
  status: 0,
  detail: 'The server does not answer. What you typed is kept here; try again when it is back.',
};

async function call<T>(
  method: string,
  path: string,
  init: RequestInit = {},
): Promise<{ body: T; revision: number | null }> {
  let reply: Response;
  try {
    reply = await fetch(API_PREFIX + path, { ...init, method });
  } catch {
    // fetch rejects only when nothing answered at all.
    throw new ApiProblem(UNREACHABLE);
  }
  const isJson = reply.headers.get('content-type')?.includes('json') ?? false;
  if (!isJson) throw new ApiProblem({ ...UNREACHABLE, status: reply.status });
  const body = (await reply.json()) as T;
  if (!reply.ok) throw new ApiProblem(body as Problem);
  const tag = /^(?:W\/)?"(\d+)/.exec(reply.headers.get('etag') ?? '');
  return { body, revision: tag ? Number(tag[1]) : null };
}

/** Reads for SWR: the key is the path. */
export const read = async <T>(path: string): Promise<T> => (await call<T>('GET', path)).body;
export const readWithRevision = <T>(path: string) => call<T>('GET', path);

export interface WriteOptions {
  actorId: string;
  /** The revision that the person saw, where the change could conflict. */
  ifMatch?: number;
  /** The same key makes a repeated call record once. Default: the body's own id. */
  key?: string;
}

/** Writes once: the body's id is the idempotency key, so that a retry after a lost reply records nothing twice. */
export async function write<T>(method: 'POST' | 'PUT', path: string, body: object, options: WriteOptions): Promise<T> {
  const headers: Record<string, string> = {
    'Content-Type': 'application/json',
    'Idempotency-Key': options.key ?? (body as { id?: string }).id ?? v7(),
  };
  if (options.actorId !== '') headers['X-Actor'] = options.actorId;
  if (options.ifMatch !== undefined) headers['If-Match'] = `"${options.ifMatch}"`;
  // A page that is left in the middle of a write must not take the write with it.
  return (await call<T>(method, path, { headers, body: JSON.stringify(body), keepalive: true })).body;
}

export const newId = (): string => v7();

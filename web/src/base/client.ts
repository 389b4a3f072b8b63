import type { Address, EndpointAt, EndpointReply, EndpointSent, Problem } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import useSWR, { type SWRConfiguration } from 'swr';
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

type Read<A extends Address<'get'>> = EndpointReply<EndpointAt<'get', A>>;

/** Reads an address of the contract's table; what comes back follows from it. */
export const read = async <A extends Address<'get'>>(address: A): Promise<Read<A>> =>
  (await call<Read<A>>('GET', address)).body;

/** The same, kept by SWR under its address; null: not yet. */
export const useRead = <A extends Address<'get'>>(address: A | null, options?: SWRConfiguration<Read<A>, Error>) =>
  useSWR<Read<A>, Error>(address, (at: A) => read(at), options);

type Revised<A extends Address<'get'>> = { body: Read<A>; revision: number | null };
/** The same with the revision of what was read. */
export const useReadWithRevision = <A extends Address<'get'>>(
  address: A,
  options?: SWRConfiguration<Revised<A>, Error>,
) => useSWR<Revised<A>, Error>(address, (at: A) => call<Read<A>>('GET', at), options);

export interface WriteOptions {
  actorId: string;
  /** The revision that the person saw, where the change could conflict. */
  ifMatch?: number;
  /** The same key makes a repeated call record once. Default: the body's own id. */
  key?: string;
}

/** Writes once: the body's id is the idempotency key, so that a retry after a lost reply records nothing twice. */
export async function write<M extends 'post' | 'put', A extends Address<M>>(
  method: M,
  address: A,
  body: EndpointSent<EndpointAt<M, A>>,
  options: WriteOptions,
): Promise<EndpointReply<EndpointAt<M, A>>> {
  const headers: Record<string, string> = {
    'Content-Type': 'application/json',
    'Idempotency-Key': options.key ?? (body as { id?: string }).id ?? v7(),
  };
  if (options.actorId !== '') headers['X-Actor'] = options.actorId;
  if (options.ifMatch !== undefined) headers['If-Match'] = `"${options.ifMatch}"`;
  // A page that is left in the middle of a write must not take the write with it.
  return (
    await call<EndpointReply<EndpointAt<M, A>>>(method.toUpperCase(), address, {
      headers,
      body: JSON.stringify(body),
      keepalive: true,
    })
  ).body;
}

export const newId = (): string => v7();

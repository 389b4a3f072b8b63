import type { Address, EndpointAt, EndpointReply, Problem } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import useSWR, { type SWRConfiguration } from 'swr';
import { v7 } from 'uuid';
import { isAnswer, noteAnswer } from './connection.ts';
import { isKeptAddress, KEPT_DAYS, keptReplies } from './replies/keptReplies.ts';
import { noteFresh, noteKept } from './replies/shownKept.ts';

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
  detail: 'The server does not answer. Try again when it is back.',
};

const NOT_KEPT = `The server does not answer, and this was not opened on this device in the last ${KEPT_DAYS} days.`;

interface Called<T> {
  body: T;
  revision: number | null;
}

/** @throws ApiProblem - what the server refused; status 0: it did not answer */
export async function call<T>(method: string, path: string, init: RequestInit = {}): Promise<Called<T>> {
  let reply: Response;
  let body: T | Problem | null;
  try {
    reply = await fetch(API_PREFIX + path, { ...init, method });
    body = isAnswer(reply) ? ((await reply.json()) as T | Problem) : null;
  } catch (error) {
    if (error instanceof SyntaxError) throw error;
    // Else fetch rejects only when nothing answered at all, or not to its end.
    noteAnswer(false);
    throw new ApiProblem(UNREACHABLE);
  }
  noteAnswer(isAnswer(reply));
  if (!isAnswer(reply)) throw new ApiProblem(UNREACHABLE);
  if (!reply.ok) throw new ApiProblem(body as Problem);
  const tag = /^(?:W\/)?"(\d+)/.exec(reply.headers.get('etag') ?? '');
  return { body: body as T, revision: tag ? Number(tag[1]) : null };
}

/** A server that takes longer to be read from has most likely gone: what is kept here is shown meanwhile. */
const READ_PATIENCE_MS = 8_000;

/**
 * What the server has at an address; while it does not answer, what it said here last.
 *
 * @throws ApiProblem - what the server refused; status 0: it did not answer, and nothing is kept
 */
async function readCalled<T>(address: string): Promise<Called<T>> {
  const isKept = isKeptAddress(address);
  try {
    const called = await call<T>('GET', address, { signal: AbortSignal.timeout(READ_PATIENCE_MS) });
    if (isKept) {
      noteFresh(address);
      void keptReplies.keep({ address, ...called, readAt: Date.now() });
    }
    return called;
  } catch (error) {
    if (!(isKept && error instanceof ApiProblem && error.problem.status === 0)) throw error;
    const kept = await keptReplies.take(address);
    if (!kept) throw new ApiProblem({ ...UNREACHABLE, detail: NOT_KEPT });
    noteKept(address, kept.readAt);
    return { body: kept.body as T, revision: kept.revision };
  }
}

type Read<A extends Address<'get'>> = EndpointReply<EndpointAt<'get', A>>;

/** Reads an address of the contract's table; what comes back follows from it. */
export const read = async <A extends Address<'get'>>(address: A): Promise<Read<A>> =>
  (await readCalled<Read<A>>(address)).body;

/** The same, kept by SWR under its address; null: not yet. */
export const useRead = <A extends Address<'get'>>(address: A | null, options?: SWRConfiguration<Read<A>, Error>) =>
  useSWR<Read<A>, Error>(address, (at: A) => read(at), options);

type Revised<A extends Address<'get'>> = { body: Read<A>; revision: number | null };
/** The same with the revision of what was read. */
export const useReadWithRevision = <A extends Address<'get'>>(
  address: A,
  options?: SWRConfiguration<Revised<A>, Error>,
) => useSWR<Revised<A>, Error>(address, (at: A) => readCalled<Read<A>>(at), options);

export const newId = (): string => v7();

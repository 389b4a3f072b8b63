import type { Address, EndpointAt, EndpointReply, Problem } from '@deep-mend/contract';
import { API_PREFIX } from '@deep-mend/contract/prefix';
import useSWR, { type SWRConfiguration } from 'swr';
import { v7 } from 'uuid';
import { isAnswer, noteAnswer } from './connection.ts';

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

interface Called<T> {
  body: T;
  revision: number | null;
}

/** @throws ApiProblem - what the server refused; status 0: it did not answer */
export async function call<T>(method: string, path: string, init: RequestInit = {}): Promise<Called<T>> {
  let reply: Response;
  try {
    reply = await fetch(API_PREFIX + path, { ...init, method });
  } catch {
    // fetch rejects only when nothing answered at all.
    noteAnswer(false);
    throw new ApiProblem(UNREACHABLE);
  }
  noteAnswer(isAnswer(reply));
  if (!isAnswer(reply)) throw new ApiProblem(UNREACHABLE);
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

export const newId = (): string => v7();

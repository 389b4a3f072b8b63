import type { Problem } from '@deep-mend/contract';

/** A refusal that may be shown: everything else that is thrown becomes a bare 500. */
export class Refusal extends Error {
  readonly problem: Problem;

  constructor(status: number, type: string, title: string, detail: string, more: Partial<Problem> = {}) {
    super(detail);
    this.problem = { type: `urn:deep-mend:${type}`, title, status, detail, ...more };
  }
}

export const notFound = (what: string) => new Refusal(404, 'not-found', 'Not found', `There is no such ${what}.`);

/** Someone else was faster: both sides are shown, the person chooses. */
export const conflict = (detail: string, yours: unknown, theirs: unknown) =>
  new Refusal(409, 'conflict', 'Changed meanwhile', detail, { yours, theirs });

export const refused = (field: string, message: string) =>
  new Refusal(422, 'refused', 'Not possible as asked', message, { fields: [{ path: field, message }] });

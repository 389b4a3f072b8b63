import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Thread, ThreadFamily } from '../../../facts/threads/index.ts';

const SYSTEM_WORDS: Readonly<Record<ThreadFamily, string>> = {
  metric: 'metric',
  unified: 'inch',
  whitworth: 'Whitworth',
  ba: 'BA',
  'pipe-parallel': 'pipe',
  'pipe-taper': 'taper pipe',
  cycle: 'British cycle',
  conduit: 'conduit',
  acme: 'Acme',
  trapezoidal: 'trapezoidal',
  custom: 'custom',
};

export type SystemFacts = { before: ThreadFamily; after: ThreadFamily; designation: string };

/** A thread of the other system holds as well, but the next hand will take it for what it is not: it must be marked. */
export const judgeSystem = (before: Thread, after: Thread): CheckOf<'system', SystemFacts>[] =>
  before.family === after.family
    ? []
    : [
        {
          ...STATEMENT,
          kind: 'system',
          id: 'system',
          verdict: 'with-care',
          facts: { before: before.family, after: after.family, designation: after.designation },
          remedy: 'mark-system',
        },
      ];

export const system: CheckKind<SystemFacts> = {
  title: () => 'Same thread system',
  words: ({ before, after }) =>
    `${after === 'unified' ? 'an' : 'a'} ${SYSTEM_WORDS[after]} thread among ${SYSTEM_WORDS[before]} ones: the next hand will misread it unless it is marked`,
  working: null,
  step: ({ designation }) => `Mark the hole and the screw: ${designation}.`,
};

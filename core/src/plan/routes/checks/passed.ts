import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type PassedFacts = { title: string };

/** Something that passes or fails, such as a gauge. */
export const judgePassed = (id: string, title: string, ok: boolean): CheckOf<'passed', PassedFacts> => ({
  ...STATEMENT,
  kind: 'passed',
  id,
  verdict: ok ? 'holds' : 'does-not-hold',
  facts: { title },
});

export const passed: CheckKind<PassedFacts> = {
  title: ({ title }) => title,
  words: (_facts, verdict) => (verdict === 'holds' ? 'passed' : 'failed'),
  working: null,
};

import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type StuckFacts = { what: string };

/** Nothing is mended while something sticks in the hole. */
export const judgeStuck = ({ stuck: what }: HoleCase): CheckOf<'stuck', StuckFacts>[] =>
  what === 'none' ? [] : [{ ...STATEMENT, kind: 'stuck', id: 'stuck', verdict: 'does-not-hold', facts: { what } }];

export const stuck: CheckKind<StuckFacts> = {
  title: () => 'The hole is free',
  words: ({ what }) => `${what === 'extractor' ? 'an extractor' : `a ${what}`} is stuck in it: free it first`,
  working: null,
};

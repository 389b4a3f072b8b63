import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

export type SkillFacts = { retention: string };

/** A plug is two jobs on one axis, in metal of two kinds. */
export const judgeSkill = (facts: SkillFacts): CheckOf<'skill', SkillFacts> => ({
  ...STATEMENT,
  kind: 'skill',
  id: 'skill',
  verdict: 'with-care',
  facts,
});

export const skill: CheckKind<SkillFacts> = {
  title: () => 'Skill and set-up',
  words: ({ retention }) =>
    `two set-ups: the plug, ${retention}, then the thread again on the true axis; the drill meets metal of two kinds`,
  working: null,
};

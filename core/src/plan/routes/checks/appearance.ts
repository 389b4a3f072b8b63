import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';
import type { Way } from '../../../facts/ways/index.ts';
import type { HoleCase } from '../../../judge/hole/index.ts';

export type AppearanceFacts = Record<string, never>;

export const judgeAppearance = ({ joint }: HoleCase, way: Way): CheckOf<'appearance', AppearanceFacts>[] =>
  joint.appearance && way.seen
    ? [{ ...STATEMENT, kind: 'appearance', id: 'appearance', verdict: 'with-care', facts: {} }]
    : [];

export const appearance: CheckKind<AppearanceFacts> = {
  title: () => 'Looks as before',
  words: () => 'it will be seen that it was mended',
  working: null,
};

import { STATEMENT, type CheckKind, type CheckOf } from '../../../basis/checks/index.ts';

/** How the clock of what cures stood when somebody answered for it; none: nobody started one. */
export const CURE_WAITS = ['over', 'broken-off', 'running', 'none'] as const;
export type CureWait = (typeof CURE_WAITS)[number];

export type CuredFacts = { title: string; wait: CureWait };

const VERDICTS = {
  over: 'holds',
  'broken-off': 'with-care',
  running: 'does-not-hold',
  none: 'with-care',
} as const;

/** That something cured, as somebody said it, held against its clock. */
export const judgeCured = (id: string, title: string, wait: CureWait): CheckOf<'cured', CuredFacts> => ({
  ...STATEMENT,
  kind: 'cured',
  id,
  verdict: VERDICTS[wait],
  facts: { title, wait },
});

const WORDS: Readonly<Record<CureWait, string>> = {
  over: 'its clock was over',
  'broken-off': 'its clock was ended before it was due: by its own sheet only',
  running: 'its clock still ran when this was said',
  none: 'no clock ran: by hand only',
};

export const cured: CheckKind<CuredFacts> = {
  title: ({ title }) => title,
  words: ({ wait }) => WORDS[wait],
  working: null,
};

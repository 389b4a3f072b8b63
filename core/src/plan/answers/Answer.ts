import type { LengthProblem } from '../../basis/units/index.ts';
import type { ThreadProblem } from '../../facts/threads/index.ts';
import type { DrillComparison, ThreadComparison } from './cards/compare.ts';
import type { DrillCard } from './cards/drillCard.ts';
import type { ThreadCard } from './cards/threadCard.ts';
import type { FiguresCard } from './FiguresCard.ts';

/** What a question comes to. */
export type QuickAnswer =
  | ThreadCard
  | DrillCard
  | FiguresCard
  | ThreadComparison
  | DrillComparison
  | { kind: 'nothing' }
  | { kind: 'incomplete'; because: string }
  | { kind: 'not-understood'; threadProblem: ThreadProblem; lengthProblem: LengthProblem };

/** An answer with the words that mean nothing here, and those that were read and made no difference to it. */
export type HeardAnswer = QuickAnswer & { unread: string[]; unused: string[] };

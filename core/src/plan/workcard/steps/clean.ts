import type { HoleCase } from '../../../judge/hole/index.ts';
import { curesIn, type Route } from '../../routes/index.ts';
import { handTools, sayTools, type HandTool } from '../handTools.ts';
import type { CutJob } from '../jobs.ts';
import { sayPractice, settledOr, tookPractice, type TakenPractice } from '../practice.ts';
import { noNumber, type StepKind, type StepOf } from '../WorkStep.ts';

export type CleanFacts = {
  blind: boolean;
  by: 'vacuum' | 'solvent' | 'oil' | 'air';
  /** A locker or a compound comes next: the thread is dry and free of oil. */
  bonds: boolean;
  closed: boolean;
  magnetic: boolean;
  near: HoleCase['work']['near'];
  tools: HandTool[];
  practice: TakenPractice[];
};

export function cleanSteps(hole: HoleCase, route: Route, job: CutJob): StepOf<'clean', CleanFacts>[] {
  if (job.tap === null) return [];
  const { rules, behind, kind, parent, work } = hole;
  const blind = kind === 'blind';
  const closed = !blind && behind !== 'nothing';
  // What is bonded in lets go of an oily thread.
  const bonds = curesIn(route) && job.prefix === '';
  const byCase = bonds || work.near === 'brakes' ? 'solvent' : 'vacuum';
  const wanted = settledOr(rules, 'cleaning', byCase);
  // Air drives chips into what is behind, and out of a blind hole into eyes.
  const by = byCase === 'solvent' || (wanted === 'air' && (blind || closed)) ? byCase : wanted;
  return [
    {
      kind: 'clean',
      id: `${job.prefix}clean`,
      minutes: 4,
      facts: {
        blind,
        by,
        bonds,
        closed,
        magnetic: parent.group === 'iron' || parent.group === 'steel',
        near: work.near,
        tools: handTools(rules, 'vacuum', ...(closed ? (['borescope'] as const) : [])),
        practice: [
          tookPractice(rules, 'cleaning', { taken: by, byCase, other: byCase === 'vacuum' ? 'air' : 'vacuum' }),
        ],
      },
    },
  ];
}

const BY: Readonly<Record<CleanFacts['by'], string>> = {
  vacuum: 'Brush and vacuum, turn by turn; wipe with a rag on a rod.',
  solvent: 'Vacuum, then solvent on a brush, twice, and dry it.',
  oil: 'Vacuum, then a rag with light oil.',
  air: 'Air from the clean side, a rag over the other, everybody’s eyes guarded.',
};

export const clean: StepKind<CleanFacts> = {
  title: () => 'Clean the thread',
  what: ({ by, bonds, closed, magnetic, near, blind }) =>
    [
      BY[by],
      bonds ? 'Free of oil: what is bonded next lets go of an oily thread.' : '',
      blind ? 'Look at the bottom with a lamp: a chip there holds the tap and the screw.' : '',
      closed ? 'Look behind with a borescope, and flush what it opens into.' : '',
      magnetic ? '' : 'A magnet does not lift these chips.',
      near === 'brakes' ? 'Brake cleaner last; nothing oily may stay.' : '',
      near === 'food' ? 'Then washed as the food rules there say.' : '',
    ]
      .filter(Boolean)
      .join(' '),
  number: noNumber,
  caution: ({ by, blind }) =>
    [
      blind ? 'No air gun at a blind hole without a shield.' : '',
      by === 'solvent'
        ? 'Solvent: air, gloves, no flame and nothing hot near it; no chlorinated cleaner before heat.'
        : '',
    ]
      .filter(Boolean)
      .join(' ') || null,
  more: ({ tools, practice }) => ({ tools: sayTools(tools), practice: sayPractice(practice) }),
};

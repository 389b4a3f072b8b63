import { plain, type DemoAsset } from './DemoAsset.ts';

export const slipwayWinch: DemoAsset = {
  name: 'Slipway winch',
  note: 'grey iron gearbox',
  faces: [
    {
      name: 'Gearbox cover',
      threadId: '5/16-18',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'stripped, found at the yearly check',
              daysAgo: 6,
              by: 'Mechanic A',
              choices: {
                threadId: '5/16-18',
                parentId: 'grey-iron',
                kind: 'blind',
                fastenerClassId: 'grade-5',
                strippedThroughout: true,
                access: 'bench',
                workShape: 'odd',
                workMassKg: 18,
              },
              readings: {
                depth: '22 mm',
                edge: '.75 in',
                'mate-hole': '11/32',
                'work-height': '260 mm',
                floor: '38 mm',
              },
              ending: 'prepare',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
    {
      name: 'Drum bearing',
      threadId: '1/2-13',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'crack runs into the hole',
              daysAgo: 500,
              by: 'Mechanic B',
              choices: { threadId: '1/2-13', parentId: 'grey-iron', kind: 'through', duty: 'can-hurt' },
              readings: { depth: '40 mm' },
              ending: 'sent-out',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
  ],
};

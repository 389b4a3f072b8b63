import { plain, type DemoAsset } from './DemoAsset.ts';

export const standbyGenerator: DemoAsset = {
  name: 'Standby generator',
  note: 'grey iron head, alternator on a mild steel bed',
  faces: [
    {
      name: 'Head',
      threadId: 'M10x1.5',
      holes: [
        ...plain(1, 3),
        {
          name: 'Hole 4',
          mends: [
            {
              what: 'stud pulled at half torque',
              daysAgo: 4,
              by: 'Mechanic A',
              choices: {
                threadId: 'M10x1.5',
                parentId: 'grey-iron',
                kind: 'blind',
                fastenerClassId: '8.8',
                edgeName: 'water side',
                strippedThroughout: true,
              },
              readings: { depth: '36 mm', edge: '18 mm' },
              ending: 'prove',
            },
          ],
        },
      ],
    },
    { name: 'Alternator mount', threadId: 'M12x1.75', holes: plain(1, 4) },
    {
      name: 'Rocker cover',
      threadId: 'M6x1',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'ear broken off with the thread',
              daysAgo: 700,
              by: 'Mechanic B',
              choices: { threadId: 'M6x1', parentId: 'magnesium-cast', kind: 'through' },
              readings: { depth: '8 mm', edge: '5.2 mm' },
              ending: 'given-up',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
  ],
};

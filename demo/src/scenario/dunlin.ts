import { plain, type DemoAsset } from './DemoAsset.ts';

export const dunlin: DemoAsset = {
  name: 'Dunlin, raw-water pump',
  note: 'bronze body and cover',
  faces: [
    {
      name: 'Cover',
      threadId: '1/4-20',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'loose, worn oval',
              daysAgo: 3,
              by: 'Mechanic B',
              choices: { threadId: '1/4-20', parentId: 'bronze', kind: 'blind' },
              readings: { 'bore-a': '.262 in', 'bore-b': '.248 in' },
              ending: 'measure',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
    {
      name: 'Mounting foot',
      threadId: '3/8-16',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'cross-threaded',
              daysAgo: 220,
              by: 'Mechanic A',
              choices: { threadId: '3/8-16', parentId: 'bronze', kind: 'through', fastenerClassId: 'grade-5' },
              readings: { depth: '1.25 in', 'damage-to': '.2 in', edge: '.9 in' },
              ending: 'mended',
              note: 'cleaned up by hand, old helix found',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
  ],
};

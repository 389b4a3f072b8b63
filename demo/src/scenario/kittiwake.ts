import { plain, type DemoAsset } from './DemoAsset.ts';

export const kittiwake: DemoAsset = {
  name: 'Kittiwake, main engine',
  note: 'six cylinders, grey iron head, cast aluminium sump',
  faces: [
    {
      name: 'Sump face',
      threadId: 'M14x1.5',
      holes: [
        {
          name: 'Drain plug',
          mends: [
            {
              what: 'drain plug turns without end, oil drips',
              daysAgo: 1,
              by: 'Mechanic A',
              choices: {
                threadId: 'M14x1.5',
                parentId: 'aluminium-sand-cast',
                kind: 'through',
                edgeName: 'oil side',
                strippedThroughout: true,
                screwedIn: 'plug',
                behind: 'liquid',
                floorName: 'oil',
                sealing: 'oil',
                duty: 'leak-or-damage',
              },
              readings: { depth: '14 mm', edge: '13 mm' },
              ending: 'decide',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
    {
      name: 'Head, exhaust side',
      threadId: 'M10x1.5',
      holes: [
        ...plain(1, 1),
        {
          name: 'Hole 2',
          mends: [
            {
              what: 'stud snapped taking the manifold off',
              daysAgo: 1,
              by: 'Mechanic A',
              choices: {
                threadId: 'M10x1.5',
                parentId: 'grey-iron',
                kind: 'blind',
                fastenerClassId: '10.9',
                edgeName: 'water',
                stuck: 'stud',
                stuckWhy: 'rust',
                access: 'in-place',
                coreStart: 'bush',
                coreHold: 'guide',
              },
              readings: { sunk: '6 mm', 'stuck-length': '20 mm', depth: '30 mm', edge: '13 mm' },
              ending: 'measure',
            },
          ],
        },
        ...plain(3, 4),
      ],
    },
    {
      name: 'Timing cover',
      threadId: 'M6x1',
      holes: [
        ...plain(1, 3),
        {
          name: 'Hole 4',
          mends: [
            {
              what: 'stripped when the cover went back on',
              daysAgo: 410,
              by: 'Mechanic B',
              choices: {
                threadId: 'M6x1',
                parentId: 'aluminium-die-cast',
                kind: 'blind',
                strippedThroughout: true,
                fastenerClassId: '8.8',
              },
              readings: { depth: '22 mm', edge: '14 mm' },
              ending: 'mended',
              note: 'sharp tap, cut clean',
            },
          ],
        },
      ],
    },
  ],
};

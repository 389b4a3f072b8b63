import { plain, type DemoAsset } from './DemoAsset.ts';

export const yardTruck: DemoAsset = {
  name: 'Yard truck',
  note: 'small lorry for the slipway, petrol engine, lifting eyes on its bed',
  faces: [
    {
      name: 'Front brake bracket',
      threadId: 'M12x1.25',
      holes: [
        {
          name: 'Upper bolt',
          mends: [
            {
              what: 'pulled its thread when the caliper went back on',
              daysAgo: 2,
              by: 'Mechanic B',
              choices: {
                threadId: 'M12x1.25',
                parentId: 'ductile-iron',
                kind: 'through',
                fastenerClassId: '10.9',
                duty: 'can-hurt',
                hurtKind: 'steers',
                strippedThroughout: true,
              },
              readings: { depth: '22 mm', edge: '17 mm' },
              ending: 'prepare',
            },
          ],
        },
        ...plain(2, 2),
      ],
    },
    {
      name: 'Cylinder head',
      threadId: 'M14x1.25',
      holes: [
        {
          name: 'Plug 2',
          mends: [
            {
              what: 'spark plug came out with the thread on it',
              daysAgo: 3,
              by: 'Mechanic A',
              choices: {
                threadId: 'M14x1.25',
                parentId: 'aluminium-cast-heat-treated',
                kind: 'through',
                screwedIn: 'spark-plug',
                behind: 'closed',
                crack: 'none',
                earlierRepair: 'none',
                strippedThroughout: true,
              },
              readings: { depth: '19 mm', edge: '16 mm', seat: '21 mm' },
              ending: 'decide',
            },
          ],
        },
      ],
    },
    {
      name: 'Left rear hub',
      threadId: 'M16x2 LH',
      holes: [
        {
          name: 'Cap screw',
          mends: [
            {
              what: 'left-hand thread stripped, a coil was tried and spun',
              daysAgo: 6,
              by: 'Mechanic B',
              choices: {
                threadId: 'M16x2 LH',
                parentId: 'cast-steel',
                kind: 'through',
                failedMethod: 'wire-coil',
                strippedThroughout: true,
                behind: 'nothing',
                crack: 'none',
                earlierRepair: 'none',
              },
              readings: { depth: '30 mm', edge: '30 mm' },
              ending: 'decide',
            },
          ],
        },
      ],
    },
    {
      name: 'Seat rail',
      threadId: 'M8x1.25',
      holes: [
        {
          name: 'Front screw',
          mends: [
            {
              what: 'the coil came out with the screw, the insert tap runs through by hand',
              daysAgo: 4,
              by: 'Mechanic A',
              choices: {
                threadId: 'M8x1.25',
                parentId: 'aluminium-6xxx',
                kind: 'through',
                earlierRepair: 'wire-coil',
                coilState: 'out-sound',
                strippedThroughout: true,
                behind: 'nothing',
                crack: 'none',
                metalBeside: 'one-d',
              },
              readings: { depth: '18 mm' },
              ending: 'decide',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
    {
      name: 'Truck bed',
      threadId: 'M16x2',
      holes: [
        {
          name: 'Lifting eye, front left',
          mends: [
            {
              what: 'eye turns in its thread',
              daysAgo: 9,
              by: 'Mechanic B',
              choices: {
                threadId: 'M16x2',
                parentId: 'mild-steel',
                kind: 'blind',
                duty: 'can-hurt',
                hurtKind: 'lifts',
                doNotUse: true,
              },
              readings: { depth: '35 mm', 'damage-to': '12 mm' },
              ending: 'decide',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
  ],
};

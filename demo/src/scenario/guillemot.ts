import { plain, type DemoAsset } from './DemoAsset.ts';

export const guillemot: DemoAsset = {
  name: 'Guillemot, reduction gear',
  note: 'heat-treated aluminium case',
  faces: [
    {
      name: 'Sump face',
      threadId: 'M8x1.25',
      holes: [
        ...plain(1, 3),
        {
          name: 'Hole 4',
          mends: [
            {
              what: 'pulled out when tightened',
              daysAgo: 2,
              by: 'Mechanic A',
              choices: {
                threadId: 'M8x1.25',
                parentId: 'aluminium-cast-heat-treated',
                kind: 'through',
                fastenerClassId: '8.8',
                edgeName: 'oil side',
              },
              readings: {
                depth: '20 mm',
                'damage-to': '9 mm',
                'bore-a': '7.62',
                'bore-b': '7.48',
                edge: '13.5 mm',
                'mate-hole': '9 mm',
              },
              ending: 'decide',
            },
          ],
        },
      ],
    },
    {
      name: 'Oil cooler flange',
      threadId: 'M8x1.25',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'stud came out with the thread on it',
              daysAgo: 900,
              by: 'Mechanic A',
              choices: {
                threadId: 'M8x1.25',
                parentId: 'aluminium-cast-heat-treated',
                kind: 'blind',
                fastenerClassId: '8.8',
                strippedThroughout: true,
              },
              readings: { depth: '26 mm', edge: '22 mm' },
              ending: 'mended',
            },
            {
              what: 'coil spun and came out',
              daysAgo: 60,
              by: 'Mechanic B',
              choices: { strippedThroughout: true },
              readings: { 'bore-a': '9.7 mm' },
              ending: 'mended',
              note: 'bush turned here, set in retaining compound and staked',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
    { name: 'Bearing cap', threadId: 'M12x1.75', holes: plain(1, 4) },
  ],
};

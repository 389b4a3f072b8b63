import { plain, type DemoAsset } from './DemoAsset.ts';

export const linkspan: DemoAsset = {
  name: 'Linkspan',
  note: 'hydraulic ramp, people and vehicles',
  faces: [
    { name: 'Hydraulic manifold', threadId: 'M12x1.75', holes: plain(1, 4) },
    {
      name: 'Hinge bracket',
      threadId: 'M16x2',
      holes: [
        {
          name: 'Hole 1',
          mends: [
            {
              what: 'worn under a loose screw',
              daysAgo: 130,
              by: 'Mechanic A',
              choices: {
                threadId: 'M16x2',
                parentId: 'cast-steel',
                kind: 'through',
                fastenerClassId: '8.8',
                duty: 'can-hurt',
                hurtKind: 'structure',
              },
              readings: { depth: '45 mm', 'damage-to': '11 mm', edge: '40 mm', 'screw-reach': '40 mm' },
              ending: 'mended',
              release: {
                role: 'engineer',
                by: 'Structures desk',
                reference: 'LS 14',
                date: '2026-07-01',
                allows: 'a wire coil of 2 D in this bracket, proof loaded',
              },
              note: 'signed with the lead hand',
            },
          ],
        },
        ...plain(2, 4),
      ],
    },
  ],
};

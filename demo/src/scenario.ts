import type { EventPayloads, HoleChoices, QuantityId } from '@deep-mend/core';

/** Tern Sound Ferries: a made-up island ferry operator with one shed. Every name and number here is invented. */

export type DemoReadings = Partial<Record<QuantityId, string>>;
export type DemoEnding = 'measure' | 'decide' | 'prepare' | 'prove' | 'mended' | 'sent-out' | 'given-up';

export interface DemoMend {
  what: string;
  daysAgo: number;
  by: 'Mechanic A' | 'Mechanic B';
  choices: Partial<HoleChoices>;
  readings: DemoReadings;
  /** How far it came. Planned mends take the best route. */
  ending: DemoEnding;
  /** Where someone can be hurt: who released it, as named. */
  release?: EventPayloads['released'] extends infer Released ? Omit<Released, 'mendId'> : never;
  note?: string;
}

export interface DemoFace {
  name: string;
  threadId: string;
  /** Holes by name; those with mends list them oldest first. */
  holes: { name: string; mends?: DemoMend[] }[];
}

export interface DemoAsset {
  name: string;
  note: string;
  faces: DemoFace[];
}

const plain = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ name: `Hole ${from + i}` }));

export const SHOP_NAME = 'Tern Sound Ferries';

export const ASSETS: readonly DemoAsset[] = [
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
                },
                readings: { depth: '22 mm', edge: '.75 in', 'mate-hole': '11/32' },
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
];

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parentById } from '../../facts/materials/index.ts';
import type { HoleCase } from '../../judge/hole/index.ts';
import { holeCase } from '../../test-support/holeCase.ts';
import { weighCase } from '../../pipeline.ts';
import type { Route } from './index.ts';

// The table of docs/methods.md, What is not known, row by row: what the unknown caps, and what it must let through.

const at = (mm: number) => ({ mm, halfWidthMm: 0 });
const asMade = { mode: 'as-made' } as const;
const stripped = { damageTo: at(20), strippedThroughout: true };
const blind = { kind: 'blind' as const, depth: at(24), damageTo: at(24), strippedThroughout: true };
const route = (hole: HoleCase, id: string): Route => weighCase(hole).routes.find((entry) => entry.id === id)!;
const waitsFor = (entry: Route) => entry.checks.filter((check) => check.shut).map(({ settledBy }) => settledBy);
const ticks = (entry: Route) => entry.ticks.map(({ id }) => id);

type Case = { hole: HoleCase; way: string };
interface RowTest {
  /** Reached by the unknown: it waits for the reading, or has the tick. */
  caps: Case[];
  /** The same unknown does not stop these. */
  letsThrough: Case[];
}
const COIL = 'wire-coil:M8x1.25:2D';
const RETAP = 'oversize:M10x1.5';
const CLEAN = 'clean-up:M8x1.25';
const torque = (torqueNm: number) => ({ mode: 'preload', torqueNm, friction: 'oiled', load: 'static' }) as const;
const plug = { screwedIn: 'plug' as const, demand: asMade, fastenerClassId: null, mateHole: null };

const fitting = { ...plug, screwedIn: 'fitting' as const, seat: at(11.5) };

const ROWS: Record<string, RowTest> = {
  edge: {
    caps: [
      { hole: holeCase({ ...stripped, edge: null, joint: { demand: asMade } }), way: 'solid-bush:M12x1.5' },
      {
        hole: holeCase({ ...blind, edge: null, behind: null, duty: 'leak-or-damage', joint: { demand: asMade } }),
        way: COIL,
      },
    ],
    letsThrough: [{ hole: holeCase({ ...stripped, edge: null, joint: { demand: asMade } }), way: COIL }],
  },
  behind: {
    caps: [
      { hole: holeCase({ ...stripped, behind: null }), way: COIL },
      { hole: holeCase({ ...blind, behind: null }), way: RETAP },
    ],
    letsThrough: [
      { hole: holeCase({ behind: null, joint: { screwReach: at(22) } }), way: CLEAN },
      { hole: holeCase({ ...blind, behind: null, joint: { demand: asMade } }), way: COIL },
    ],
  },
  floor: {
    caps: [{ hole: holeCase({ ...blind, behind: 'liquid', floorName: 'water' }), way: RETAP }],
    letsThrough: [
      { hole: holeCase({ ...blind, behind: 'liquid', floorName: 'water', joint: { demand: asMade } }), way: COIL },
      { hole: holeCase({ ...blind, behind: 'nothing' }), way: RETAP },
    ],
  },
  'screw-reach': {
    caps: [{ hole: holeCase({ parentId: 'ductile-iron', damageTo: at(9) }), way: CLEAN }],
    letsThrough: [
      { hole: holeCase({ parentId: 'ductile-iron', damageTo: at(9) }), way: COIL },
      { hole: holeCase({ parentId: 'ductile-iron', damageTo: at(9), joint: { screwReach: at(22) } }), way: CLEAN },
    ],
  },
  fastenerClassId: {
    caps: [{ hole: holeCase({ ...stripped, joint: { fastenerClassId: null, demand: torque(20) } }), way: COIL }],
    letsThrough: [
      { hole: holeCase({ ...stripped, joint: { fastenerClassId: null, demand: torque(5) } }), way: COIL },
      { hole: holeCase({ ...stripped, joint: { fastenerClassId: null, demand: asMade } }), way: COIL },
    ],
  },
  seat: {
    caps: [{ hole: holeCase({ ...stripped, joint: plug }), way: 'solid-bush:M12x1.5' }],
    letsThrough: [
      { hole: holeCase({ ...stripped, joint: { ...plug, seat: at(18) } }), way: 'solid-bush:M12x1.5' },
      { hole: holeCase({ ...stripped, joint: plug }), way: RETAP },
    ],
  },
  'mate-hole': { caps: [], letsThrough: [{ hole: holeCase({ ...stripped, joint: { mateHole: null } }), way: RETAP }] },
  crack: { caps: [], letsThrough: [{ hole: holeCase({ ...stripped, crack: null }), way: COIL }] },
  earlierRepair: { caps: [], letsThrough: [{ hole: holeCase({ ...stripped, earlierSeen: false }), way: COIL }] },
  serviceC: {
    caps: [{ hole: holeCase({ ...stripped, joint: { serviceC: null, nearHeat: 'near' } }), way: COIL }],
    letsThrough: [{ hole: holeCase({ ...stripped, joint: { serviceC: null } }), way: COIL }],
  },
  pressureBar: {
    caps: [{ hole: holeCase({ ...stripped, joint: fitting }), way: 'wire-coil:M8x1.25:1.5D' }],
    letsThrough: [
      { hole: holeCase({ ...stripped, joint: { ...fitting, pressureBar: 1 } }), way: 'wire-coil:M8x1.25:1.5D' },
      { hole: holeCase({ ...stripped, joint: fitting }), way: RETAP },
      { hole: holeCase({ ...stripped, joint: { ...plug, seat: at(18) } }), way: COIL },
      { hole: holeCase({ ...blind, behind: 'pressure' }), way: COIL },
    ],
  },
  duty: {
    caps: [{ hole: holeCase({ ...stripped, joint: { pressureBar: 60 } }), way: RETAP }],
    letsThrough: [
      { hole: holeCase({ ...stripped, joint: { pressureBar: 1.5 } }), way: RETAP },
      { hole: holeCase({ ...stripped, duty: 'can-hurt', joint: { pressureBar: 60 } }), way: 'oversize:M10x1.25' },
    ],
  },
  screwedIn: { caps: [], letsThrough: [{ hole: holeCase(stripped), way: COIL }] },
  cause: { caps: [], letsThrough: [{ hole: holeCase({ ...stripped, joint: { cause: 'unknown' } }), way: COIL }] },
};

const table = readFileSync(join(__dirname, '..', '..', '..', '..', 'docs', 'methods.md'), 'utf8')
  .split('## What is not known')[1]!
  .split('## Doubt')[0]!
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| id') && !line.startsWith('| --'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, id, kind, taken, caps, asked]) => ({ id: id!, kind: kind!, taken: taken!, caps: caps!, asked: asked! }));

test('every row of the table is tested, and no other', () => {
  expect(table.map(({ id }) => id).sort()).toEqual(Object.keys(ROWS).sort());
});

test.each(table)('$id, $kind: taken as $taken', ({ id, caps, asked }) => {
  const { caps: capped, letsThrough } = ROWS[id]!;
  for (const { hole, way } of capped) {
    const found = route(hole, way);
    expect([way, found.verdict]).toEqual([way, 'with-care']);
    expect(waitsFor(found)).toContain(id);
    const by = found.checks.filter((check) => check.shut).map((check) => check.id);
    expect(by.every((check) => caps.includes(check))).toBe(true);
  }
  for (const { hole, way } of letsThrough) {
    const found = route(hole, way);
    expect([way, waitsFor(found).includes(id)]).toEqual([way, false]);
    if (asked.includes('a tick') && (id === 'crack' || id === 'earlierRepair' || id === 'edge'))
      expect(ticks(found)).toContain(id === 'earlierRepair' ? 'earlier' : id);
    if (id !== 'mate-hole') expect([way, found.verdict]).not.toEqual([way, 'does-not-hold']);
  }
});

test('presumed temperatures are the ones of the table', () => {
  const hot = (parentId: string) => {
    const hole = holeCase({ parentId, ...stripped, joint: { serviceC: null } });
    return route({ ...hole, parent: parentById(parentId) }, COIL).verdict;
  };
  expect([hot('aluminium-sand-cast'), hot('zinc-die-cast'), hot('engineering-plastic')]).toEqual([
    'holds',
    'holds',
    'with-care',
  ]);
});

import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';

const ROOT = join(__dirname, '..');

/** Floors of the web and of the server, the lowest first; what stands beside another may not import it. Files of the root lie on top. */
const FLOORS: Record<string, string[][]> = {
  web: [['base', 'workers'], ['parts'], ['paint'], ['answers'], ['features'], ['shell']],
  server: [['platform', 'files'], ['store'], ['usecases'], ['http']],
};

/** Which workspaces each may import. Arrows point down only. */
const WORKSPACES: Record<string, string[]> = {
  core: [],
  contract: ['core'],
  drawing: ['core'],
  server: ['core', 'contract', 'drawing'],
  web: ['core', 'contract', 'drawing'],
  demo: ['core', 'contract', 'server'],
  cli: ['core', 'contract'],
};

/** Shelves of the core in their order; a shelf imports only itself and those above it. */
const SHELVES = [
  'basis/numeric',
  'basis/keep',
  'basis/units',
  'basis/checks',
  'facts/threads',
  'facts/drills',
  'facts/materials',
  'facts/inserts',
  'facts/drives',
  'facts/machines',
  'facts/fluids',
  'facts/tools',
  'facts/practice',
  'facts/owned',
  'facts/ways',
  'facts/means',
  'judge/hole',
  'judge/identify',
  'judge/damage',
  'judge/strength',
  'plan/cutting',
  'plan/freeing',
  'plan/routes',
  'plan/workcard',
  'plan/proof',
  'plan/profile',
  'plan/layout',
  'plan/answers',
  'plan/freeze',
  'plan/bench',
  'record/results',
  'record/events',
  'record/history',
  'record/passport',
  'record/figures',
];

interface Arrow {
  from: string;
  to: string;
  /** Only its types: it goes when the code runs. */
  typesOnly: boolean;
}

/** Every import, export-from and dynamic import of a text. */
function arrowsOf(from: string, text: string): Arrow[] {
  const clause = /^(?:import|export)\s+(type\s+)?((?:[^'"]*?\s)?from\s+)?'([^']+)';?|import\('([^']+)'\)/gm;
  return [...text.matchAll(clause)].map((match) => {
    const names = /\{([^}]*)\}/.exec(match[2] ?? '');
    const typed =
      names !== null && names[1]!.split(',').every((name) => name.trim() === '' || name.trim().startsWith('type '));
    return {
      from,
      to: (match[3] ?? match[4])!,
      typesOnly: match[1] !== undefined || (typed && !/\w\s*,\s*\{/.test(match[2]!)),
    };
  });
}

function arrowsIn(folder: string): Arrow[] {
  return (readdirSync(join(ROOT, folder), { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.') && !file.includes('test-support'))
    .flatMap((file) => arrowsOf(join(folder, file), readFileSync(join(ROOT, folder, file), 'utf8')));
}

/** Where an arrow inside a workspace ends, from the root; null for a package. */
const targetOf = ({ from, to }: Arrow): string | null =>
  to.startsWith('.') ? normalize(join(dirname(from), to)) : null;

// Each rule gives what breaks it; each is broken once on purpose below, so that none passes because it sees nothing.
const leavesWorkspace = (workspace: string, arrows: readonly Arrow[]): Arrow[] =>
  arrows.filter((arrow) => {
    if (arrow.to.startsWith('@deep-mend/')) return !WORKSPACES[workspace]!.includes(arrow.to.split('/')[1]!);
    const target = targetOf(arrow);
    return target !== null && !target.startsWith(`${workspace}/`);
  });

const goesUpAFloor = (workspace: string, arrows: readonly Arrow[]): Arrow[] => {
  const floors = FLOORS[workspace]!;
  const roomOf = (path: string) => relative(`${workspace}/src`, path).split('/')[0]!;
  const floorOf = (room: string) => {
    const floor = floors.findIndex((rooms) => rooms.includes(room));
    return floor >= 0 ? floor : room.includes('.') ? floors.length : -1;
  };
  return arrows.filter((arrow) => {
    const target = targetOf(arrow);
    if (target === null) return false;
    const [here, there] = [roomOf(arrow.from), roomOf(target)];
    // Files of the root are the top floor: rings among them are found by the other rule.
    if (here === there || (here.includes('.') && there.includes('.'))) return false;
    return floorOf(here) < 0 || floorOf(there) < 0 || floorOf(there) >= floorOf(here);
  });
};

const goesDownTheShelves = (arrows: readonly Arrow[]): Arrow[] => {
  const shelfOf = (path: string) => SHELVES.findIndex((shelf) => path.startsWith(`core/src/${shelf}/`));
  return arrows.filter((arrow) => {
    const target = targetOf(arrow);
    if (target === null || !relative('core/src', arrow.from).includes('/')) return false;
    return shelfOf(arrow.from) < 0 || shelfOf(target) < 0 || shelfOf(target) > shelfOf(arrow.from);
  });
};

const knowsTheWorld = (arrows: readonly Arrow[]): Arrow[] =>
  arrows.filter(({ to }) => !to.startsWith('.') && !to.startsWith('@noble/'));

const crossesFeatures = (arrows: readonly Arrow[]): Arrow[] =>
  arrows.filter((arrow) => {
    const target = targetOf(arrow);
    if (target === null || !arrow.from.startsWith('web/src/features/')) return false;
    const own = arrow.from.split('/').slice(0, 4).join('/');
    return target.startsWith('web/src/features/') && !target.startsWith(`${own}/`);
  });

/** A ring of imports that stay when the code runs: whoever comes first sees the others half made. */
function cycleIn(arrows: readonly Arrow[]): string[] | null {
  const next = new Map<string, string[]>();
  for (const arrow of arrows) {
    const target = targetOf(arrow);
    if (target !== null && !arrow.typesOnly) next.set(arrow.from, [...(next.get(arrow.from) ?? []), target]);
  }
  const done = new Set<string>();
  const walk = (file: string, path: string[]): string[] | null => {
    if (path.includes(file)) return [...path.slice(path.indexOf(file)), file];
    if (done.has(file)) return null;
    for (const target of next.get(file) ?? []) {
      const ring = walk(target, [...path, file]);
      if (ring) return ring;
    }
    done.add(file);
    return null;
  };
  for (const file of next.keys()) {
    const ring = walk(file, []);
    if (ring) return ring;
  }
  return null;
}

test.each(Object.keys(WORKSPACES))('%s imports only what lies below it, and in no ring', (workspace) => {
  const arrows = arrowsIn(`${workspace}/src`);
  expect(arrows.length).toBeGreaterThan(3);
  expect(leavesWorkspace(workspace, arrows)).toEqual([]);
  expect(cycleIn(arrows)).toBeNull();
});

test.each(Object.keys(FLOORS))('the floors of the %s: arrows point down', (workspace) => {
  expect(goesUpAFloor(workspace, arrowsIn(`${workspace}/src`))).toEqual([]);
});

test('the core’s shelves import only themselves and the shelves above', () => {
  expect(goesDownTheShelves(arrowsIn('core/src'))).toEqual([]);
});

test('the core knows no clock, chance, network or framework', () => {
  expect(knowsTheWorld(arrowsIn('core/src'))).toEqual([]);
});

test('a feature of the web never imports another feature', () => {
  expect(crossesFeatures(arrowsIn('web/src/features'))).toEqual([]);
});

describe('each rule, broken on purpose', () => {
  const arrow = (from: string, to: string, line = `import { x } from '${to}';`) => arrowsOf(from, line);
  test.each<[string, unknown[]]>([
    ['a workspace above', leavesWorkspace('core', arrow('core/src/a.ts', '@deep-mend/web'))],
    ['a file of another workspace', leavesWorkspace('web', arrow('web/src/base/a.ts', '../../../server/src/b.ts'))],
    ['a floor above', goesUpAFloor('web', arrow('web/src/parts/a.ts', '../features/mend/b.ts'))],
    ['the next floor', goesUpAFloor('web', arrow('web/src/paint/a.ts', '../answers/b.ts'))],
    ['a folder that stands on no floor', goesUpAFloor('web', arrow('web/src/odd/a.ts', '../base/b.ts'))],
    [
      'the server’s use cases from its store',
      goesUpAFloor('server', arrow('server/src/store/a.ts', '../usecases/b.ts')),
    ],
    ['a shelf below', goesDownTheShelves(arrow('core/src/facts/drills/a.ts', '../../plan/routes/index.ts'))],
    ['a shelf that is not listed', goesDownTheShelves(arrow('core/src/odd/a.ts', '../facts/ways/index.ts'))],
    ['the network from the core', knowsTheWorld(arrow('core/src/facts/drills/a.ts', 'node:http'))],
    ['another feature', crossesFeatures(arrow('web/src/features/mend/a.ts', '../crib/b.ts'))],
    [
      'one that is only loaded when it is wanted',
      crossesFeatures(arrow('web/src/features/mend/a.ts', '../crib/b.ts', "const b = import('../crib/b.ts');")),
    ],
  ])('%s', (_, broken) => {
    expect(broken).toHaveLength(1);
  });

  test('a ring, but not one of types alone', () => {
    const there = (line: string) => [...arrow('a/src/x.ts', './y.ts'), ...arrow('a/src/y.ts', './x.ts', line)];
    expect(cycleIn(there("import { x } from './x.ts';"))).toEqual(['a/src/x.ts', 'a/src/y.ts', 'a/src/x.ts']);
    expect(cycleIn(there("import { type Y, x } from './x.ts';"))).not.toBeNull();
    expect(cycleIn(there("import type { X } from './x.ts';"))).toBeNull();
    expect(cycleIn(there("import { type X, type Y } from './x.ts';"))).toBeNull();
    expect(cycleIn(there("export { x } from './x.ts';"))).not.toBeNull();
    expect(cycleIn(there("import './x.ts';"))).not.toBeNull();
  });
});

import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';

const ROOT = join(__dirname, '..');

/** Which workspaces each may import. Arrows point down only. */
const WORKSPACES: Record<string, string[]> = {
  core: [],
  contract: ['core'],
  drawing: ['core'],
  server: ['core', 'contract'],
  web: ['core', 'contract', 'drawing'],
  demo: ['core', 'contract'],
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
  'plan/profile',
  'plan/layout',
  'plan/answers',
  'plan/freeze',
  'record/results',
  'record/events',
  'record/history',
];

interface Arrow {
  from: string;
  to: string;
}

function arrowsIn(folder: string): Arrow[] {
  return (readdirSync(join(ROOT, folder), { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.') && !file.includes('test-support'))
    .flatMap((file) => {
      const from = join(folder, file);
      const text = readFileSync(join(ROOT, from), 'utf8');
      return [...text.matchAll(/(?:^|[\s}])(?:from|import) '([^']+)'|import\('([^']+)'\)/gm)].map((match) => ({
        from,
        to: (match[1] ?? match[2])!,
      }));
    });
}

test.each(Object.entries(WORKSPACES))('%s imports only what lies below it', (workspace, allowed) => {
  const arrows = arrowsIn(`${workspace}/src`);
  expect(arrows.length).toBeGreaterThan(3);
  const wrong = arrows.filter(({ from, to }) => {
    if (to.startsWith('@deep-mend/')) return !allowed.includes(to.split('/')[1]!);
    return to.startsWith('.') && relative(join(ROOT, workspace), join(ROOT, dirname(from), to)).startsWith('..');
  });
  expect(wrong).toEqual([]);
});

test('the core’s shelves import only themselves and the shelves above', () => {
  const shelfOf = (path: string) => SHELVES.findIndex((shelf) => path.startsWith(`${shelf}/`));
  const inside = arrowsIn('core/src')
    .map(({ from, to }) => ({ from: relative('core/src', from), to }))
    .filter(({ from, to }) => to.startsWith('.') && from.includes('/'))
    .map(({ from, to }) => ({ from, to: normalize(join(dirname(from), to)) }));
  expect(inside.filter(({ from, to }) => shelfOf(from) < 0 || shelfOf(to) < 0)).toEqual([]);
  expect(inside.filter(({ from, to }) => shelfOf(to) > shelfOf(from))).toEqual([]);
});

test('the core knows no clock, chance, network or framework', () => {
  const outside = arrowsIn('core/src').filter(({ to }) => !to.startsWith('.') && !to.startsWith('@noble/'));
  expect(outside).toEqual([]);
});

test('a feature of the web never imports another feature', () => {
  const wrong = arrowsIn('web/src/features').filter(({ from, to }) => {
    if (!to.startsWith('.')) return false;
    const own = from.split('/').slice(0, 4).join('/');
    const target = join(dirname(from), to);
    return target.startsWith('web/src/features/') && !target.startsWith(`${own}/`);
  });
  expect(wrong).toEqual([]);
});

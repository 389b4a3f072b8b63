import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';

// A front door shows what others use, and nothing else: what only its own area uses is imported from its own file.
const ROOT = join(__dirname, '..');
const CORE = join(ROOT, 'core', 'src');
const OUTSIDE = [
  'contract/src',
  'drawing/src',
  'server/src',
  'server/test',
  'web/src',
  'cli/src',
  'demo/src',
  'bench',
  'e2e',
  'tools',
];

const filesIn = (folder: string): string[] =>
  (readdirSync(folder, { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file) && !file.includes('node_modules'))
    .map((file) => join(folder, file));
const namesOf = (list: string): string[] =>
  list
    .split(',')
    .map((name) =>
      name
        .trim()
        .replace(/^type /, '')
        .replace(/ as .*$/, ''),
    )
    .filter((name) => name !== '');
const clauses = (file: string, verb: 'import' | 'export') =>
  [...readFileSync(file, 'utf8').matchAll(/^(import|export) (?:type )?\{([^}]*)\} from '([^']+)';/gm)]
    .filter((match) => match[1] === verb)
    .map((match) => ({ names: namesOf(match[2]!), from: match[3]! }));

const core = filesIn(CORE);
const outside = OUTSIDE.flatMap((folder) => filesIn(join(ROOT, folder)));
const door = join(CORE, 'index.ts');
const areas = core.filter((file) => file.endsWith('/index.ts') && file !== door);

test('the core’s front door exports what another workspace uses', () => {
  const used = new Set(
    outside.flatMap((file) =>
      clauses(file, 'import').flatMap(({ names, from }) => (from === '@deep-mend/core' ? names : [])),
    ),
  );
  const shown = clauses(door, 'export').flatMap(({ names }) => names);
  expect(shown.length).toBeGreaterThan(50);
  expect(shown.filter((name) => !used.has(name))).toEqual([]);
});

test('the front door of an area exports what another area or workspace uses', () => {
  const used = new Set<string>();
  for (const file of core.filter((each) => !each.includes('.test.'))) {
    const isDoor = file.endsWith('/index.ts');
    const arrows = [...clauses(file, 'import'), ...(isDoor ? clauses(file, 'export') : [])];
    for (const { names, from } of arrows) {
      const target = normalize(join(dirname(file), from));
      if (file.startsWith(`${dirname(target)}/`) && file !== door) continue;
      for (const name of names) used.add(`${relative(CORE, target)} ${name}`);
    }
  }
  const shown = areas.flatMap((file) =>
    clauses(file, 'export').flatMap(({ names }) => names.map((name) => `${relative(CORE, file)} ${name}`)),
  );
  expect(shown.length).toBeGreaterThan(100);
  expect(shown.filter((name) => !used.has(name))).toEqual([]);
});

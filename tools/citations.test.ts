import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
const SOURCES = join(ROOT, 'core', 'src');

test('what the core cites of docs/methods.md stands there', () => {
  const methods = readFileSync(join(ROOT, 'docs', 'methods.md'), 'utf8');
  const headings = [...methods.matchAll(/^## ([^(`\n]+)/gm)].map((match) => match[1]!.trim());
  const cited = (readdirSync(SOURCES, { recursive: true }) as string[])
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .flatMap((file) => [...readFileSync(join(SOURCES, file), 'utf8').matchAll(/methods\.md[^).;:]*/g)])
    .map((match) => match[0]);
  expect(cited.length).toBeGreaterThan(5);
  expect(cited.filter((words) => !headings.some((heading) => words.includes(`methods.md, ${heading}`)))).toEqual([]);
});

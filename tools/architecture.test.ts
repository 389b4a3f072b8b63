import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');

test('every path on docs/architecture.md is there', () => {
  const page = readFileSync(join(ROOT, 'docs', 'architecture.md'), 'utf8');
  const paths = [...page.matchAll(/`([\w./-]+\/[\w./-]*)`/g)].map((match) => match[1]!);
  expect(paths.length).toBeGreaterThan(50);
  expect(paths.filter((path) => !existsSync(join(ROOT, path)))).toEqual([]);
});
